/*
 * Minutes of the one who does it. Who does a task is known only once a plan is made, so the first search takes the middle
 * pace of those who may; then each task is given to people of the pace it went to, with their minutes, and what no longer
 * fits is placed again. A chain that has no place so goes back to the middle pace and to everybody.
 */
import { SLOT_MIN, slotsOf } from '../time/slotGrid.js';
import { instantToMs } from '../time/zone.js';
import { atPace } from '../programs/estimate.js';
import type { Estimate } from '../programs/estimate.js';
import type { StepId } from '../kennel/vocabulary.js';
import type { Assembled } from './assemble.js';
import type { WhoMay } from './caughtUp.js';
import type { Plan } from './plan.js';
import type { PlanInput } from './planInput.js';
import type { Activity, Placement } from './problem.js';

/** Person index by task key, for tasks whose minutes are those of one person. */
export type Hands = ReadonlyMap<string, number>;

export const NO_HANDS: Hands = new Map();

/** Factors on the minutes of a step, by person index, against the middle of those who may do it; empty = all alike. */
export function pacesOf(input: PlanInput, step: StepId, who: WhoMay): ReadonlyMap<number, number> {
  const own = factorsOf(input, step, who);
  if (own.every((factor) => factor === own[0])) return new Map();
  const middle = middlePace(input, step, who);
  return new Map(who.may.map((p, k) => [p, (own[k] as number) / middle]));
}

/** Middle factor of those who may do a step, on the log scale; 1 where nobody may. */
export function middlePace(input: PlanInput, step: StepId, who: WhoMay): number {
  const own = factorsOf(input, step, who);
  return own.length === 0 ? 1 : Math.exp(own.reduce((sum, factor) => sum + Math.log(factor), 0) / own.length);
}

function factorsOf(input: PlanInput, step: StepId, who: WhoMay): number[] {
  return who.may.map((p) => input.pace.person(input.kennel.people[p]?.id ?? '', step).factor);
}

/** A session as one of those who may does it: minutes, and who else has the same. */
export interface HandSession {
  readonly minutes: Estimate;
  readonly who: WhoMay;
  /** Attended slots by person index; empty where all are alike. */
  readonly attended: ReadonlyMap<number, number>;
}

/** What one session asks for, at the pace of whom it went to before, or else at the middle one. */
export function handSession(
  session: { readonly minutes: Estimate; readonly sessions: number; readonly careful: boolean; readonly most: number },
  who: WhoMay,
  paces: ReadonlyMap<number, number>,
  hand: number | undefined,
): HandSession {
  const { minutes, sessions, careful, most } = session;
  const planned = (careful ? minutes.p80Min : minutes.middleMin) / sessions;
  // A slower hand stops where the dog has stood its minutes.
  const attended = new Map([...paces].map(([p, ratio]) => [p, Math.max(1, slotsOf(Math.min(planned * ratio, most)))]));
  const ratio = hand === undefined ? undefined : paces.get(hand);
  if (hand === undefined || ratio === undefined) return { minutes, who, attended };
  const factor = Math.min(ratio, most / planned);
  return {
    minutes: atPace(minutes, { factor, logs: minutes.logs }),
    who: { ...who, allowed: who.may.filter((p) => attended.get(p) === attended.get(hand)) },
    attended,
  };
}

/** Hands of a published plan's tasks. */
export function handsOfPlan(input: PlanInput, plan: Plan): Hands {
  return new Map(
    plan.activities.flatMap((a) => {
      const person = a.state === 'planned' ? input.personIndex.get(a.people[0] ?? ('' as never)) : undefined;
      return person === undefined ? [] : [[a.key, person] as const];
    }),
  );
}

/** Those hands of a problem with whose minutes a plan was made; what it has at the middle pace stays at that. */
export function handsKept(assembled: Assembled, plan: Plan): Hands {
  const { problem, input } = assembled;
  const minutes = new Map(plan.activities.map((a) => [a.key as string, minutesAttended(a)]));
  const kept = new Map(input.hands);
  for (const a of problem.activities)
    if (attendedOf(assembled, a).size > 0 && minutes.get(a.key) !== a.att * SLOT_MIN) kept.delete(a.key);
  return kept;
}

function minutesAttended(a: Plan['activities'][number]): number {
  return (instantToMs(a.attendedUntil) - instantToMs(a.start)) / 60_000;
}

/**
 * Hands after a search: those whom tasks went to. Null when every task already has the minutes of whoever does it, or when
 * what has no place is at the middle pace already.
 */
export function handsAfter(assembled: Assembled, placement: Placement): Hands | null {
  const { problem, input } = assembled;
  const hands = new Map<string, number>();
  let changed = false;
  for (const chain of problem.chains) {
    const open = chain.activities.map((i) => problem.activities[i] as Activity).filter((a) => a.fixed === null);
    const isIn = open.every((a) => (placement[a.index] ?? null) !== null);
    for (const a of open) {
      const known = input.hands.has(a.key);
      if (!isIn) changed ||= known && attendedOf(assembled, a).size > 0;
      else if (setHand(assembled, a, placement[a.index]?.person ?? -1, hands)) changed = true;
    }
  }
  return changed ? hands : null;
}

/** Notes who does a task where that matters; true when it has other minutes than theirs. */
function setHand(assembled: Assembled, a: Activity, person: number, hands: Map<string, number>): boolean {
  const slots = attendedOf(assembled, a).get(person);
  if (slots === undefined || a.only >= 0) return false;
  if (slots !== a.att || assembled.input.hands.has(a.key)) hands.set(a.key, person);
  return slots !== a.att;
}

function attendedOf(assembled: Assembled, a: Activity): ReadonlyMap<number, number> {
  return assembled.attended[a.index] ?? new Map<number, number>();
}
