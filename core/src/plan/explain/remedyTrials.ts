/*
 * Changes that might give a chain its place, one at a time: each as the problem with that one thing different.
 */
import type { Schedule } from '@loyal-mane/engine';
import type { Problem, Task } from '../problem.js';
import { fitAgain } from './fitAgain.js';
import type { SlotRemedy } from './slotRemedy.js';
import {
  beginEarlier,
  closedDays,
  extraPerson,
  extraStations,
  letGo,
  moreAmps,
  noStandingLimit,
  openDay,
  otherHandlers,
  present,
  shownBy,
  stayLonger,
  without,
  withoutBreaks,
} from './supposedProblems.js';

/** How much longer somebody is asked to stay, in slots. */
export const STAY_SLOTS = [2, 6, 12] as const;
/** How much sooner somebody is asked to begin, in slots (2 h). */
export const EARLIER_SLOTS = 24;

/** A problem with one thing different, and the change that it stands for. */
export interface Trial {
  readonly remedy: SlotRemedy;
  readonly problem: Problem;
  readonly schedule: Schedule;
}

/** Whether the chain has a place under a change, or under several at once. */
export type Helps = (problem: Problem, schedule: Schedule) => boolean;

/**
 * Those of a list that may help alone: what does not help all together does not help alone, so halves are asked before
 * their parts, and where nobody helps one question is enough.
 */
function* mayHelp(list: readonly number[], together: (some: readonly number[]) => boolean): Generator<number> {
  const [first] = list;
  if (first === undefined || !together(list)) return;
  if (list.length === 1) {
    yield first;
    return;
  }
  const half = list.length >> 1;
  yield* mayHelp(list.slice(0, half), together);
  yield* mayHelp(list.slice(half), together);
}

function* peopleTrials(
  { problem, schedule, remedy }: { problem: Problem; schedule: Schedule; remedy: (p: number) => SlotRemedy },
  change: (problem: Problem, p: number) => Problem,
  helps: Helps,
): Generator<Trial> {
  const everybody = problem.workers.map((_, p) => p);
  for (const p of mayHelp(everybody, (some) => helps(some.reduce(change, problem), schedule)))
    yield { remedy: remedy(p), problem: change(problem, p), schedule };
}

/** Every change that might help, the smallest first; lists of people and stations are halved where none of them helps. */
export function* remedyTrials(problem: Problem, schedule: Schedule, list: readonly Task[]): Generator<Trial> {
  const chain = list[0]?.chain ?? -1;
  const helps: Helps = (changed, where) => fitAgain(changed, where, chain).places !== null;
  const of = (remedy: (p: number) => SlotRemedy) => ({ problem, schedule, remedy });
  yield* pinTrials(problem, schedule, list);
  yield* handlerTrials(problem, schedule, list, helps);
  yield* peopleTrials(
    of((person) => ({ code: 'present', person, at: -1 })),
    present,
    helps,
  );
  for (const slots of STAY_SLOTS) {
    const stay = (changed: Problem, p: number): Problem => stayLonger(changed, p, slots);
    yield* peopleTrials(
      of((person) => ({ code: 'stay', person, until: 0, slots })),
      stay,
      helps,
    );
  }
  yield* earlierTrials(of, helps);
  yield* stationTrials(problem, schedule, list);
  yield* circuitTrials(problem, schedule, list, helps);
  yield* peopleTrials(
    of((person) => ({ code: 'moveBreak', person, from: -1, to: -1 })),
    withoutBreaks,
    helps,
  );
  const kinds = [...new Set(list.flatMap((a) => (a.station === null ? [] : [a.station])))];
  for (const kind of helps(kinds.reduce(extraStations, problem), schedule) ? kinds : []) {
    yield { remedy: { code: 'extraStation', kind }, problem: extraStations(problem, kind), schedule };
  }
  yield* peopleTrials(
    of((person) => ({ code: 'freePerson', person, at: -1 })),
    extraPerson,
    helps,
  );
  if (list.some((a) => a.strains))
    yield { remedy: { code: 'moreStanding' }, problem: noStandingLimit(problem), schedule };
  yield* withoutTrials(problem, schedule, chain, helps);
}

/** The questions of `peopleTrials`: the problem, the schedule, and the remedy of a person. */
type OfPerson = (remedy: (p: number) => SlotRemedy) => Parameters<typeof peopleTrials>[0];

/** People who begin before their shifts, for those who leave early. */
function* earlierTrials(of: OfPerson, helps: Helps): Generator<Trial> {
  const earlier = (changed: Problem, p: number): Problem => beginEarlier(changed, p, EARLIER_SLOTS);
  yield* peopleTrials(
    of((person) => ({ code: 'beginEarlier', person, from: -1, slots: EARLIER_SLOTS })),
    earlier,
    helps,
  );
}

/** Circuits that carry more, where the chain's machines take power. */
function* circuitTrials(problem: Problem, schedule: Schedule, list: readonly Task[], helps: Helps): Generator<Trial> {
  if (!list.some((a) => a.demand > 0)) return;
  const all = problem.supplies.map((_, k) => k);
  for (const supply of mayHelp(all, (some) => helps(some.reduce(moreAmps, problem), schedule)))
    yield { remedy: { code: 'moreAmps', supply, demand: -1 }, problem: moreAmps(problem, supply), schedule };
}

/** The other shows' chains, each gone. */
function* withoutTrials(problem: Problem, schedule: Schedule, chain: number, helps: Helps): Generator<Trial> {
  const isPlaced = (i: number): boolean => (schedule[i] ?? null) !== null && problem.activities[i]?.fixed === null;
  const others = problem.chains.filter((c) => c.kind === 'show' && c.index !== chain && c.acts.some(isPlaced));
  const gone = (some: readonly number[]): Schedule => some.reduce((left, c) => without(problem, left, c), schedule);
  const alone = mayHelp(
    others.map((c) => c.index),
    (some) => helps(problem, gone(some)),
  );
  for (const other of alone) yield { remedy: { code: 'without', chain: other }, problem, schedule: gone([other]) };
}

/** The changes that people can make most easily, each with the rest as it is. */
export function* singleChanges(
  problem: Problem,
  schedule: Schedule,
  list: readonly Task[],
  helps: Helps,
): Generator<Trial> {
  const of = (remedy: (p: number) => SlotRemedy) => ({ problem, schedule, remedy });
  yield* pinTrials(problem, schedule, list);
  // Whoever shows the dog may only be resting then.
  const handler = list.find((x) => x.step === 'ring')?.only ?? -1;
  const moveBreak = (person: number): SlotRemedy => ({ code: 'moveBreak', person, from: -1, to: -1 });
  if (handler >= 0) yield { remedy: moveBreak(handler), problem: withoutBreaks(problem, handler), schedule };
  yield* handlerTrials(problem, schedule, list, helps);
  yield* peopleTrials(
    of((person) => ({ code: 'present', person, at: -1 })),
    present,
    helps,
  );
  yield* stationTrials(problem, schedule, list);
  yield* circuitTrials(problem, schedule, list, helps);
  yield* peopleTrials(of(moveBreak), withoutBreaks, helps);
  const slots = STAY_SLOTS[STAY_SLOTS.length - 1] ?? 12;
  const stay = (changed: Problem, p: number): Problem => stayLonger(changed, p, slots);
  yield* peopleTrials(
    of((person) => ({ code: 'stay', person, until: -1, slots })),
    stay,
    helps,
  );
  yield* earlierTrials(of, helps);
  if (list.some((a) => a.strains)) {
    yield { remedy: { code: 'moreStanding' }, problem: noStandingLimit(problem), schedule };
  }
}

/** The chain's own tasks that a lead has set, let go one at a time. */
function* pinTrials(problem: Problem, schedule: Schedule, list: readonly Task[]): Generator<Trial> {
  for (const { index } of list.filter((a) => a.pinned !== null)) {
    yield { remedy: { code: 'unpin', activity: index }, problem: letGo(problem, index), schedule };
  }
}

/** Each closed day of a station, opened. */
function* stationTrials(problem: Problem, schedule: Schedule, list: readonly Task[]): Generator<Trial> {
  for (const day of closedDays(problem, list))
    yield { remedy: { code: 'openStation', ...day }, problem: openDay(problem, day), schedule };
}

function* handlerTrials(problem: Problem, schedule: Schedule, list: readonly Task[], helps: Helps): Generator<Trial> {
  const shown = list.find((a) => a.step === 'ring' && a.only >= 0);
  if (shown === undefined) return;
  const rival = rivalAtRing(problem, schedule, shown);
  const everybody = otherHandlers(problem, shown);
  const anyOf = (some: readonly number[]): Problem => shownBy(problem, shown, { only: -1, allowed: some });
  for (const other of mayHelp(everybody, (some) => helps(anyOf(some), schedule))) {
    const remedy = { code: 'otherHandler', handler: shown.only, other, rival } as const;
    yield { remedy, problem: shownBy(problem, shown, { only: other }), schedule };
  }
}

/** Chain whose gate or ring keeps the handler of this one, or -1. */
function rivalAtRing(problem: Problem, schedule: Schedule, shown: Task): number {
  const found = problem.activities.find((b) => {
    const at = schedule[b.index] ?? null;
    if (at === null || b.chain === shown.chain || at.worker !== shown.only) return false;
    return at.start < shown.latestEnd && at.start + b.duration > shown.earliestStart - 3;
  });
  return found?.chain ?? -1;
}
