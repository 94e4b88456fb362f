/*
 * Why work that one person should keep goes to somebody else: the keeper cannot do it, is not there, has another dog, or has had
 * the day's noise or scissor work; or it was tried, and something else would have given way. Where none of these is so, nothing is
 * said: such a change of hands is the plan's to answer for.
 */
import type { Assignment } from '@loyal-mane/engine';
import { exposureOver, keeperOf, precisionOver } from '@loyal-mane/engine';
import type { Task } from '../problem.js';
import { dayOfSlot } from '../problem.js';
import type { WorkingSchedule } from '../workingSchedule.js';

/** Causes that keep a keeper from a task. Closed set; words are made at the edge. */
export const HAND_OVER_CAUSES = [
  'skill',
  'notThere',
  'busy',
  'noise',
  'scissorMinutes',
  'elseOut',
  'elseWorse',
] as const;
/** One of `HAND_OVER_CAUSES`. */
export type HandOverCause = (typeof HAND_OVER_CAUSES)[number];
/** Outcome where one pair of hands was tried in vain: other work lost its place, or something else gave way. */
export type TriedInVain = Extract<HandOverCause, 'elseOut' | 'elseWorse'>;

/** Who should have kept a task, by index, why they do not, and the activity that they have instead (-1 = none). */
export interface SlotHandOver {
  readonly keeper: number;
  readonly cause: HandOverCause;
  readonly heldBy: number;
}

/** By activity index: hand-overs of a placed chain that have a cause, or for which one pair of hands was tried in vain. */
export function handOversOf(
  working: WorkingSchedule,
  chain: number,
  inVain: ReadonlyMap<number, TriedInVain> = new Map(),
): ReadonlyMap<number, SlotHandOver> {
  const { continuities = [], acts = [] } = working.problem.chains[chain] ?? {};
  const places = working.placesOf(chain);
  const found = new Map<number, SlotHandOver>();
  for (const c of continuities) {
    if (c.of !== 'worker') continue;
    const keeper = keeperOf(c, places);
    const begun = c.members.flatMap((k) => {
      const a = working.activity(acts[k] as number);
      return a.fixed === null ? [] : [a.fixed.worker];
    });
    for (const k of c.members) {
      const a = working.activity(acts[k] as number);
      const place = places[k] ?? null;
      if (place === null || place.worker < 0 || a.fixed !== null || begun.includes(place.worker)) continue;
      // Whoever keeps the rest has taken it over from whoever began.
      const from = place.worker === keeper ? begun.at(-1) : keeper;
      if (from === undefined || from < 0) continue;
      const tried = inVain.get(a.index);
      const why = causeOf(working, a, place, from) ?? (tried === undefined ? null : { cause: tried, heldBy: -1 });
      if (why !== null) found.set(a.index, { keeper: from, ...why });
    }
  }
  return found;
}

function causeOf(
  working: WorkingSchedule,
  a: Task,
  place: Assignment,
  keeper: number,
): Omit<SlotHandOver, 'keeper'> | null {
  const person = working.problem.workers[keeper];
  const job = working.problem.jobs[working.problem.chains[a.chain]?.job ?? -1];
  if (person === undefined || job === undefined) return null;
  if (a.skill !== null && !person.skills.has(a.skill)) return { cause: 'skill', heldBy: -1 };
  const slots = Array.from({ length: a.attended }, (_, n) => place.start + n);
  if (slots.some((t) => person.site[t] !== job.site[t])) return { cause: 'notThere', heldBy: -1 };
  const busy = working.problem.activities.find((b) => b.index !== a.index && holds(working, b, keeper, slots));
  if (busy !== undefined) return { cause: 'busy', heldBy: busy.index };
  const day = dayOfSlot(working.problem, place.start);
  if (a.exposure > 0 && exposureOver(working.taken, keeper, day, a.exposure * a.attended, 'all') > 0)
    return { cause: 'noise', heldBy: -1 };
  if (a.precision > 0 && precisionOver(working.taken, keeper, day, a.precision * a.attended, 'all') > 0)
    return { cause: 'scissorMinutes', heldBy: -1 };
  return null;
}

function holds(working: WorkingSchedule, b: Task, person: number, slots: readonly number[]): boolean {
  const at = working.placeOf(b.index);
  if (at === null || (at.worker !== person && at.second !== person)) return false;
  return slots.some((t) => t >= at.start && t < at.start + b.attended);
}
