/*
 * Asks for the page of a dog of the kennel, or of a usual dog of a breed, by the sides of schools as they are being edited.
 */
import { chooseSides, isMet, noEntry } from '@loyal-mane/core';
import type { KennelDog, LocalDay, SchoolChoices, StepId } from '@loyal-mane/core';
import type { stepPage } from '@loyal-mane/library/pages';
import { usualDog } from '@loyal-mane/library/pages';
import type { Kennel } from '../../api/queries';
import { kennelDogOf, libraryOf } from '../../parts/dogRecord';
import { purposeOf } from '../../parts/pageOf';

/** Facts a page is composed from. */
export type PageAsk = Parameters<typeof stepPage>[0];

/** The page of a dog (by its id) or a breed (by its name); null where there is neither. */
export function askFor(
  whose: string,
  step: StepId,
  kennel: Kennel,
  schools: SchoolChoices,
  day: LocalDay,
): PageAsk | null {
  const library = libraryOf(kennel);
  const known = kennel.dogs.find((d) => d.id === whose);
  const breed = library.breeds.get(whose);
  const dog: KennelDog | null =
    known !== undefined ? kennelDogOf(known) : breed === undefined ? null : usualDog(breed, day);
  const facts = dog === null ? undefined : library.breeds.get(dog.breed);
  if (dog === null || facts === undefined) return null;
  const chosen = chooseSides(library.schools, {
    coat: facts.coat,
    dog,
    kennel: { people: kennel.people, methods: { number: 1, schools } },
    isMet: (condition) => isMet(condition, dog, { ...noEntry(day, undefined), nextShow: true }),
  });
  return {
    step,
    dog,
    library,
    chosen,
    at: { day, purpose: purposeOf('show', step), isShowDay: false, hasSiteDryer: true },
  };
}
