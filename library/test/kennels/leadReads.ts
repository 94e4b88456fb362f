/*
 * A plan read as a lead handler reads it: figures that show at a glance whether something in it is silly.
 */
import { addDays, instantToMs, localDayOf, overtimeMinutes, wallTimeOf } from '@loyal-mane/core';
import type { KennelFile, Plan, PlannedActivity } from '@loyal-mane/core';

export interface LeadReads {
  readonly ready: number;
  readonly of: number;
  readonly keepUpOut: number;
  readonly overtimeMin: number;
  /** Earliest start of a bath at home, latest end of one. */
  readonly baths: readonly [string, string];
  /** Longest from the end of a bath or its conditioner to the start of the drying, minutes. */
  readonly longestWetMin: number;
  /** Distinct people on one dog on one day of preparation, on average. */
  readonly handsADogDay: number;
  /** Share of the preparation's attended minutes on the last day before leaving. */
  readonly lastDayShare: number;
  /** Changes of station kind an hour of work, on average over people and days. */
  readonly movesAnHour: number;
  /** Longest a dog stands by between two steps of one visit to the table, minutes. */
  readonly longestTableGapMin: number;
  /** Minutes of preparation of the least busy over those of the busiest, among those with more than two skills. */
  readonly evenness: number;
  readonly leastOdds: number;
}

const MIN_MS = 60_000;
const WASHED: readonly string[] = ['bath', 'bathWhites', 'condition', 'towel'];
const DRYING: readonly string[] = ['forceDry', 'heatDry'];

const startMs = (a: PlannedActivity): number => instantToMs(a.start);
const endMs = (a: PlannedActivity): number => instantToMs(a.end);
const minutesOf = (a: PlannedActivity): number => (instantToMs(a.attendedUntil) - startMs(a)) / MIN_MS;
const most = (list: readonly number[]): number => list.reduce((x, y) => Math.max(x, y), 0);
const mean = (list: readonly number[]): number => list.reduce((x, y) => x + y, 0) / Math.max(1, list.length);

function grouped<T>(list: readonly T[], key: (x: T) => string): T[][] {
  const groups = new Map<string, T[]>();
  for (const x of list) groups.set(key(x), [...(groups.get(key(x)) ?? []), x]);
  return [...groups.values()];
}

/** Figures of a plan. */
export function leadReads(kennel: KennelFile, plan: Plan): LeadReads {
  const zone = kennel.settings.timeZone;
  const home = new Set(kennel.sites.filter((s) => s.home).map((s) => s.id));
  const atHome = new Set(kennel.stations.filter((s) => home.has(s.siteId)).map((s) => s.id));
  const kindOf = new Map(kennel.stations.map((s) => [s.id, s.kind]));
  const day = (a: PlannedActivity): string => localDayOf(startMs(a), zone);
  const tasks = [...plan.activities].sort((x, y) => x.start.localeCompare(y.start));
  const baths = tasks.filter(
    (a) => WASHED.slice(0, 2).includes(a.step) && a.stationId !== null && atHome.has(a.stationId),
  );
  const show = [...kennel.shows].sort((x, y) => x.firstDay.localeCompare(y.firstDay))[0];
  const firstDay = show?.firstDay ?? kennel.startDay;
  const prep = tasks.filter((a) => a.kind === 'show' && day(a) < firstDay);
  const lastDay = prep.filter((a) => day(a) === addDays(firstDay, -1));
  const dogDays = grouped(prep, (a) => `${a.dogId} ${day(a)}`);
  const wet = grouped(tasks, (a) => `${a.dogId} ${day(a)}`).flatMap((list) =>
    list.slice(1).flatMap((b, k) => {
      const a = list[k] as PlannedActivity;
      return WASHED.includes(a.step) && DRYING.includes(b.step) ? [(startMs(b) - endMs(a)) / MIN_MS] : [];
    }),
  );
  const tableGaps = dogDays.flatMap((list) => {
    const atTable = list.filter((a) => a.stationId !== null && kindOf.get(a.stationId) === 'table');
    return atTable.slice(1).flatMap((b, k) => {
      const a = atTable[k] as PlannedActivity;
      // The coat is dry and open from line brushing to the last check: it should not lie about in between.
      return a.step === 'lineBrush' && b.step === 'combThrough' ? [(startMs(b) - endMs(a)) / MIN_MS] : [];
    });
  });
  const byPerson = grouped(
    tasks.filter((a) => a.state === 'planned').flatMap((a) => a.people.map((p) => ({ a, p }))),
    ({ a, p }) => `${p} ${day(a)}`,
  );
  const moves = byPerson
    .filter((list) => list.reduce((s, { a }) => s + minutesOf(a), 0) >= 120)
    .map((list) => {
      const at = list
        .map(({ a }) => (a.stationId === null ? '' : (kindOf.get(a.stationId) ?? '')))
        .filter((x) => x !== '');
      const hours = list.reduce((s, { a }) => s + minutesOf(a), 0) / 60;
      return at.filter((x, k) => k > 0 && x !== at[k - 1]).length / hours;
    });
  // Who only brushes and holds has less to do than who also washes, dries or trims.
  const skilled = kennel.people.filter((p) => p.skills.length > 2);
  const busy = skilled.map((p) => prep.filter((a) => a.people.includes(p.id)).reduce((s, a) => s + minutesOf(a), 0));
  const out = plan.unplaced.filter((u) => u.kind === 'show').length;
  const shown = new Set(plan.activities.flatMap((a) => (a.entryId === null ? [] : [a.entryId])));
  return {
    ready: shown.size,
    of: shown.size + out,
    keepUpOut: plan.unplaced.length - out,
    overtimeMin: overtimeMinutes(kennel, plan),
    baths: [
      baths.map((a) => wallTimeOf(startMs(a), zone) as string).sort()[0] ?? '',
      baths
        .map((a) => wallTimeOf(endMs(a), zone) as string)
        .sort()
        .at(-1) ?? '',
    ],
    longestWetMin: most(wet),
    handsADogDay: mean(dogDays.map((list) => new Set(list.flatMap((a) => a.people)).size)),
    lastDayShare:
      lastDay.reduce((s, a) => s + minutesOf(a), 0) /
      Math.max(
        1,
        prep.reduce((s, a) => s + minutesOf(a), 0),
      ),
    movesAnHour: mean(moves),
    longestTableGapMin: most(tableGaps),
    evenness: Math.min(...busy.filter((m) => m > 0)) / Math.max(1, most(busy)),
    leastOdds: (plan.odds ?? []).reduce((x, o) => Math.min(x, o.ready), 1),
  };
}
