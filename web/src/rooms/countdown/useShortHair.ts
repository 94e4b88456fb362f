/*
 * Words of hair that will be too short, by dog. Outlines take some hundredths of a second each: they are solved one after the
 * other when the room stands, and again only for a dog that has changed.
 */
import { useEffect, useState } from 'react';
import type { LocalDay } from '@loyal-mane/core';
import type { Dog } from '../../parts/dogRecord';
import { useRooms } from '../../parts/useRooms';

/** Words by dog id; a dog whose hair is long enough has none. */
export type ShortHair = ReadonlyMap<string, string>;

/** Words of a dog with what they were reckoned from. */
interface Known {
  readonly from: readonly unknown[];
  readonly words: string;
}

const known = new WeakMap<Dog, Known>();
const NONE: ShortHair = new Map();
/** The room stands, and has answered the first touch, before outlines are fetched and solved, ms. */
const STANDS_MS = 1500;

/** Fills in as outlines are solved. */
export function useShortHair(today: LocalDay): ShortHair {
  const { kennel, plan, names } = useRooms();
  const [short, setShort] = useState<ShortHair>(NONE);
  useEffect(() => {
    const gone = new AbortController();
    const { zone } = names;
    const look = async (): Promise<void> => {
      const { shortWords, shortZones } = await import('../outline/shortZones');
      const found = new Map<string, string>();
      for (const dog of kennel.dogs) {
        const from = [kennel.entries, kennel.breeds, plan, today];
        const last = known.get(dog);
        const isSame = last?.from.every((x, i) => x === from[i]) === true;
        if (!isSame) await new Promise((next) => setTimeout(next, 0));
        if (gone.signal.aborted) return;
        const words = isSame ? last.words : shortWords(shortZones(dog, { kennel, plan, zone, today }));
        known.set(dog, { from, words });
        if (words !== '') found.set(dog.id, words);
      }
      setShort((last) => (last.size === 0 && found.size === 0 ? last : found));
    };
    // Without a network the module may be missing: the countdown then says as much as it did before.
    const later = setTimeout(() => void look().catch(() => undefined), STANDS_MS);
    return () => {
      clearTimeout(later);
      gone.abort();
    };
  }, [kennel, plan, names, today]);
  return short;
}
