/*
 * Facts of an entry for tests of programs: the only day of the dog's next show, reached by a journey, with a tub there.
 */
import type { EntryFacts, LocalDay } from '@loyal-mane/core';

export function entryFacts(day: LocalDay, more: Partial<EntryFacts> = {}): EntryFacts {
  return {
    day,
    siteTub: true,
    siteDryer: true,
    nextShow: true,
    trimmedOn: null,
    travels: true,
    firstShowDay: true,
    lastShowDay: true,
    laterRound: false,
    cleanFaced: false,
    upperEarsClipped: false,
    earsTrimmed: true,
    outlineShaped: true,
    ...more,
  };
}
