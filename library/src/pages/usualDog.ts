/*
 * A usual dog of a breed, for pages that are not of one dog: grown, clean, its record as most are.
 */
import type { BreedFacts, KennelDog, LocalDay } from '@loyal-mane/core';
import { addDays } from '@loyal-mane/core';
import { PLAIN_DOG } from '../plainDog.js';

const GROWN_DAYS = 3 * 365;

/** A grown male of the breed on a day. */
export function usualDog(breed: BreedFacts, day: LocalDay): KennelDog {
  return {
    ...PLAIN_DOG,
    id: '00000000-0000-7000-8000-000000000000' as KennelDog['id'],
    name: breed.name,
    breed: breed.name,
    sex: 'dog',
    born: addDays(day, -GROWN_DAYS),
    weightKg: 20,
    lastTrim: addDays(day, -28),
    fringed: breed.styles.ears === 'fringe' && breed.coat !== 'drop',
    wrapped: breed.styles.head === 'topknot' || breed.styles.head === 'tied',
  };
}
