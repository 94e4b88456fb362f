/*
 * A dog's mat budget from what the rooms know: its mats, what it bears, the days until its bath, who is free on them.
 */
import {
  BATHS,
  DEFAULT_PUPPY_DAYS,
  addDays,
  daysBetween,
  instantToMs,
  isKept,
  loadsOf,
  localDayOf,
  matBudget,
  matSkill,
} from '@loyal-mane/core';
import type { KnownMat, LocalDay, MatBudget, MatDay, Plan } from '@loyal-mane/core';
import type { Kennel } from '../api/queries';
import { kennelDogOf } from './dogRecord';
import type { Dog } from './dogRecord';

/** Minutes of one loose knot (common practice). */
const DEFAULT_KNOT_MIN = 5;
/** Days that are looked at where no bath is planned. */
const DEFAULT_DAYS_AHEAD = 7;
/** Minutes of mat work a day that a dog bears where nothing is known of it; puppies bear little. */
const DEFAULT_BEARS_MIN = 20;
const DEFAULT_PUPPY_BEARS_MIN = 10;

/** The mats of a dog as the core knows them. */
export const matsOf = (dog: Dog): readonly KnownMat[] => kennelDogOf(dog).mats ?? [];

/** The budget; null where no mat is known. */
export function matBudgetOf(
  dog: Dog,
  kennel: Kennel,
  plan: Plan | null,
  zone: string,
  nowMs: number,
): MatBudget | null {
  const today = localDayOf(nowMs, zone);
  const mats = matsOf(dog).filter((m) => !isKept(m, today));
  if (mats.length === 0) return null;
  const record = kennelDogOf(dog);
  const last = lastDayFor(dog, kennel, plan, zone, nowMs);
  const isPuppy = daysBetween(record.born, today) < DEFAULT_PUPPY_DAYS;
  return matBudget({
    mats,
    knotMin: DEFAULT_KNOT_MIN,
    cooperation: record.cooperation,
    bearsMin: Math.min(
      record.standMinPerDay ?? DEFAULT_BEARS_MIN,
      isPuppy ? DEFAULT_PUPPY_BEARS_MIN : DEFAULT_BEARS_MIN,
    ),
    days: freeDays(mats, kennel, plan, today, last),
    isEntered: kennel.entries.some(
      (e) => e.dogId === dog.id && e.day >= last && e.day <= addDays(last, DEFAULT_DAYS_AHEAD),
    ),
  });
}

/** Last day for a dog's mats: that of its next bath, or the eve of its next ring where that is earlier; water and judge find none. */
function lastDayFor(dog: Dog, kennel: Kennel, plan: Plan | null, zone: string, nowMs: number): LocalDay {
  const today = localDayOf(nowMs, zone);
  const eves = kennel.entries
    .filter((e) => e.dogId === dog.id && e.day >= today)
    .map((e) => addDays(e.day as LocalDay, -1));
  const last = [nextBath(dog.id, plan, zone, nowMs) ?? addDays(today, DEFAULT_DAYS_AHEAD - 1), ...eves].sort()[0];
  return last === undefined || last < today ? today : last;
}

/** The day of the dog's next planned bath. */
function nextBath(dogId: string, plan: Plan | null, zone: string, nowMs: number): LocalDay | null {
  const baths = (plan?.activities ?? [])
    .filter((a) => (a.dogId as string) === dogId && a.state === 'planned' && BATHS.has(a.step))
    .map((a) => instantToMs(a.start))
    .filter((ms) => ms >= nowMs);
  return baths.length === 0 ? null : localDayOf(Math.min(...baths), zone);
}

/** Days from today to a last one, with the most minutes that any one person who may is free. */
function freeDays(
  mats: readonly KnownMat[],
  kennel: Kennel,
  plan: Plan | null,
  today: LocalDay,
  last: LocalDay,
): MatDay[] {
  const count = Math.max(1, daysBetween(today, last) + 1);
  const skill = matSkill(mats) ?? 'brush';
  const may = new Set(kennel.people.filter((p) => p.skills.includes(skill)).map((p) => p.id));
  const loads = loadsOf(kennel, plan, today, count);
  return loads.days.map((day, k) => ({
    day,
    handsMin: Math.max(
      0,
      ...loads.people.filter((p) => may.has(p.id)).map((p) => (p.shift[k] ?? 0) - (p.minutes[k] ?? 0)),
    ),
  }));
}
