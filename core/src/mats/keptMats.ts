/*
 * Light webs that are kept for the ring: soft tangles hold volume in some coats, where the school allows it (common practice). Only
 * loose ones, only with a show ahead, and with the day by which they are out again.
 */
import type { KennelDog } from '../kennel/dogRecord.js';
import type { CareLibrary } from '../programs/careLibrary.js';
import { coatClassOf, isMet, noEntry } from '../programs/dogFacts.js';
import type { KnownMat } from '../programs/matMinutes.js';
import { chooseSides } from '../programs/schools.js';
import type { SchoolContext } from '../programs/schools.js';
import { addDays } from '../time/localDay.js';
import type { LocalDay } from '../time/localDay.js';

/** Days after the last ring day by which kept webs are out (common practice: the same or the next days). */
export const DEFAULT_KEPT_DAYS = 2;

/** Whether a mat is kept on a day: nobody works it out before its day is over. */
export function isKept({ tightness, keptUntil }: KnownMat, day: LocalDay): boolean {
  return tightness === 'loose' && keptUntil !== undefined && keptUntil >= day;
}

/** A dog with the mats that are to be worked out from a day on. */
export function withoutKept<D extends Pick<KennelDog, 'mats'>>(dog: D, day: LocalDay): D {
  const { mats = [] } = dog;
  return mats.some((m) => isKept(m, day)) ? { ...dog, mats: mats.filter((m) => !isKept(m, day)) } : dog;
}

/** The part of a kennel that decides about light webs. */
interface KeepingKennel extends Pick<SchoolContext['kennel'], 'people' | 'methods'> {
  readonly entries: readonly { readonly dogId: string; readonly showId: string; readonly day: string }[];
}

/**
 * The day by which light webs of a dog would be out, where they may be kept: the school for its coat allows it and a show is
 * ahead. Null where they come out now.
 */
export function keptUntil(
  dog: KennelDog,
  kennel: KeepingKennel,
  library: CareLibrary,
  today: LocalDay,
): LocalDay | null {
  const ahead = kennel.entries
    .filter((e) => e.dogId === dog.id && e.day >= today)
    .sort((x, y) => x.day.localeCompare(y.day));
  const show = ahead[0]?.showId;
  const last = ahead.filter((e) => e.showId === show).at(-1)?.day;
  if (last === undefined) return null;
  const coat = coatClassOf(dog, library);
  const facts = { ...noEntry(today, undefined), nextShow: true };
  const chosen = chooseSides(library.schools, { coat, dog, kennel, isMet: (c) => isMet(c, dog, facts) });
  const side = chosen.find((c) => c.school.id === 'tanglesAtShow')?.side;
  return side === 'b' ? addDays(last as LocalDay, DEFAULT_KEPT_DAYS) : null;
}
