/*
 * Changes that help only together: two causes at once are said as two. All that could be changed is changed, and whatever
 * turns out not to be needed is left out again, halves first (delta debugging, 2002, from memory).
 */
import type { Schedule } from '@loyal-mane/engine';
import type { Problem, Task } from '../problem.js';
import { fitAgain } from './fitAgain.js';
import { refine } from './refineRemedy.js';
import { EARLIER_SLOTS, STAY_SLOTS } from './remedyTrials.js';
import type { SlotRemedy } from './slotRemedy.js';
import {
  beginEarlier,
  closedDays,
  letGo,
  moreAmps,
  noStandingLimit,
  openDay,
  otherHandlers,
  present,
  shownBy,
  stayLonger,
  withoutBreaks,
} from './supposedProblems.js';

/** More changes at once than this are nobody's advice. */
const MOST_TOGETHER = 3;

/** One change as a remedy and as what it does to the problem. */
interface Change {
  readonly remedy: SlotRemedy;
  readonly apply: (problem: Problem) => Problem;
}

/** The fewest changes found that give a chain its place only together; empty where more than three would be needed. */
export function helpTogether(problem: Problem, schedule: Schedule, chain: number, list: readonly Task[]): SlotRemedy[] {
  const helps = (some: readonly Change[]): boolean => fitAgain(applied(problem, some), schedule, chain).places !== null;
  const all = changesOf(problem, list);
  if (!helps(all)) return [];
  const needed = fewest(all, helps);
  if (needed.length > MOST_TOGETHER) return [];
  const changed = applied(problem, needed);
  const { places } = fitAgain(changed, schedule, chain);
  if (places === null) return [];
  return needed.flatMap(({ remedy }) => refine({ remedy, problem: changed, schedule }, problem, list, places) ?? []);
}

function applied(problem: Problem, changes: readonly Change[]): Problem {
  return changes.reduce((p, c) => c.apply(p), problem);
}

/** A subset that still helps and from which nothing can be left out. */
function fewest(all: readonly Change[], helps: (some: readonly Change[]) => boolean): readonly Change[] {
  let kept = all;
  for (let size = Math.ceil(all.length / 2); size >= 1; size = size === 1 ? 0 : Math.ceil(size / 2)) {
    for (let from = 0; from < kept.length;) {
      const without = [...kept.slice(0, from), ...kept.slice(from + size)];
      if (helps(without)) kept = without;
      else from += size;
    }
  }
  return kept;
}

/** Everything that could be changed; what is hardest to ask for comes first, and is left out first. */
function changesOf(problem: Problem, list: readonly Task[]): Change[] {
  const longest = STAY_SLOTS[STAY_SLOTS.length - 1] ?? 0;
  const people = problem.workers.map((_, person) => person);
  const closed = closedDays(problem, list).map((day): Change => ({
    remedy: { code: 'openStation', ...day },
    apply: (p) => openDay(p, day),
  }));
  return [
    ...(list.some((a) => a.strains) ? [{ remedy: { code: 'moreStanding' }, apply: noStandingLimit } as const] : []),
    ...problem.supplies.map((_, supply): Change => ({
      remedy: { code: 'moreAmps', supply, demand: -1 },
      apply: (p) => moreAmps(p, supply),
    })),
    ...people.map((person): Change => ({
      remedy: { code: 'beginEarlier', person, from: -1, slots: EARLIER_SLOTS },
      apply: (p) => beginEarlier(p, person, EARLIER_SLOTS),
    })),
    ...people.map((person): Change => ({
      remedy: { code: 'moveBreak', person, from: -1, to: -1 },
      apply: (p) => withoutBreaks(p, person),
    })),
    ...people.map((person): Change => ({
      remedy: { code: 'stay', person, until: -1, slots: longest },
      apply: (p) => stayLonger(p, person, longest),
    })),
    ...closed,
    ...people
      .filter((person) => problem.workers[person]?.absent !== undefined)
      .map((person): Change => ({ remedy: { code: 'present', person, at: -1 }, apply: (p) => present(p, person) })),
    ...handlers(problem, list),
    ...list
      .filter((a) => a.pinned !== null)
      .map((a): Change => ({ remedy: { code: 'unpin', activity: a.index }, apply: (p) => letGo(p, a.index) })),
  ];
}

/** Each other person who shows dogs, instead of the named handler. */
function handlers(problem: Problem, list: readonly Task[]): Change[] {
  const shown = list.find((a) => a.step === 'ring' && a.only >= 0);
  if (shown === undefined) return [];
  return otherHandlers(problem, shown).map((other) => ({
    remedy: { code: 'otherHandler', handler: shown.only, other, rival: -1 },
    apply: (p) => shownBy(p, shown, { only: other }),
  }));
}
