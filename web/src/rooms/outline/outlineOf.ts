/*
 * A dog's way to its next show, zone by zone: what was measured, how it grows, what is wanted, and the session at which it is cut.
 */
import { cutList, grownMm, instantToMs, learnGrowth, localDayOf, daysBetween } from '@loyal-mane/core';
import type { CutAsk, CutRow, LocalDay, Plan, PlannedActivity, StepId } from '@loyal-mane/core';
import { ZONES, growthPrior } from '@loyal-mane/library';
import type { Kennel } from '../../api/queries';
import { coatOf, recordOf } from '../../parts/dogRecord';
import type { Dog } from '../../parts/dogRecord';
import { answerOf } from '../dogs/coatTints';

/** Trims that shape the outline. */
const TRIMS: ReadonlySet<StepId> = new Set<StepId>([
  ...(['roughTrim', 'naturalTrim', 'fineTrim', 'shapeTrim', 'strip', 'throat', 'ears'] as const),
]);

/** The next show of a dog, and the trim before it. */
export interface WayToShow {
  readonly showDay: LocalDay;
  readonly session: PlannedActivity | null;
  readonly sessionDay: LocalDay;
}

/** The way to a dog's next show; null where it is not entered. */
export function wayToShow(
  dog: Dog,
  kennel: Kennel,
  plan: Plan | null,
  zone: string,
  today: LocalDay,
): WayToShow | null {
  const days = kennel.entries.filter((e) => e.dogId === dog.id && e.day >= today).map((e) => e.day as LocalDay);
  const showDay = days.sort()[0];
  if (showDay === undefined) return null;
  const dayOf = (a: PlannedActivity): LocalDay => localDayOf(instantToMs(a.start), zone);
  const session =
    (plan?.activities ?? [])
      .filter((a) => a.dogId === dog.id && TRIMS.has(a.step) && a.state === 'planned' && dayOf(a) <= showDay)
      .sort((x, y) => x.start.localeCompare(y.start))[0] ?? null;
  const sessionDay = session === null || dayOf(session) < today ? today : dayOf(session);
  return { showDay, session, sessionDay };
}

/** Hair of every zone of a dog with its growth; `wanted` takes the place of what is on record where it is given. */
export function cutAsks(dog: Dog, kennel: Kennel, today: LocalDay, wanted = recordOf(dog).wanted ?? []): CutAsk[] {
  const { lengths = [] } = recordOf(dog);
  return ZONES.flatMap(({ id: zone }): CutAsk[] => {
    const answer = answerOf(dog, zone, today, kennel);
    if (answer === null) return [];
    const mine = lengths.filter((l) => l.zone === zone);
    const measured = [...mine].sort((x, y) => x.day.localeCompare(y.day)).at(-1) ?? null;
    const growth = learnGrowth(mine, growthPrior(coatOf(dog), zone));
    return [{ zone, measured, growth, wantedMm: wanted.find((x) => x.zone === zone)?.mm ?? null, answer }];
  });
}

/** The cut list for the way to a show. */
export function cutRows(asks: readonly CutAsk[], { sessionDay, showDay }: WayToShow): CutRow[] {
  return cutList(asks, sessionDay, showDay);
}

/** Length of a zone on a day if it is left alone, mm; null where nobody has measured. */
export function lengthOn({ measured, growth }: CutAsk, day: LocalDay): number | null {
  return measured === null ? null : grownMm(measured.mm, daysBetween(measured.day, day), growth);
}

const BY_STATE: readonly CutRow['state'][] = ['takeOff', 'missing', 'right', 'locked', 'unknown'];

/** Rows that say something (cut on this trim, measured, or wanted), what is to be done first. */
export function shownRows(rows: readonly CutRow[]): CutRow[] {
  return rows
    .filter((r) => r.atSessionMm !== null || r.wantedMm !== null || r.why === null)
    .sort((x, y) => BY_STATE.indexOf(x.state) - BY_STATE.indexOf(y.state));
}
