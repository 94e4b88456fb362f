/*
 * Minutes of the one who does it. Who does a task is known only once a plan is made, so the first search takes the middle
 * pace of those who may; then each task is given to people of the pace it went to, with their minutes, and what no longer
 * fits is placed again. A chain that has no place so goes back to the middle pace and to everybody.
 */
import type { Schedule } from '@loyal-mane/engine';
import { SLOT_MIN } from '../../time/slotGrid.js';
import { instantToMs } from '../../time/zone.js';
import type { Assembled } from '../assemble/assemble.js';
import type { Assignees, PlanInput } from '../assemble/planInput.js';
import type { Plan } from '../plan.js';
import type { Task } from '../problem.js';

/** Assignees of a published plan's tasks. */
export function assigneesOfPlan(input: PlanInput, plan: Plan): Assignees {
  return new Map(
    plan.activities.flatMap((a) => {
      const person = a.state === 'planned' ? input.personIndex.get(a.people[0] ?? ('' as never)) : undefined;
      return person === undefined ? [] : [[a.key, person] as const];
    }),
  );
}

/** Those assignees of a problem with whose minutes a plan was made; what it has at the middle pace stays at that. */
export function assigneesKept(assembled: Assembled, plan: Plan): Assignees {
  const { problem, input } = assembled;
  const minutes = new Map(plan.activities.map((a) => [a.key as string, minutesAttended(a)]));
  const kept = new Map(input.assignees);
  for (const a of problem.activities)
    if (attendedOf(assembled, a).size > 0 && minutes.get(a.key) !== a.attended * SLOT_MIN) kept.delete(a.key);
  return kept;
}

function minutesAttended(a: Plan['activities'][number]): number {
  return (instantToMs(a.attendedUntil) - instantToMs(a.start)) / 60_000;
}

/**
 * Assignees after a search: those whom tasks went to. Null when every task already has the minutes of whoever does it, or when
 * what has no place is at the middle pace already.
 */
export function assigneesAfter(assembled: Assembled, schedule: Schedule): Assignees | null {
  const { problem, input } = assembled;
  const assignees = new Map<string, number>();
  let changed = false;
  for (const chain of problem.chains) {
    const open = chain.acts.map((i) => problem.activities[i] as Task).filter((a) => a.fixed === null);
    const isIn = open.every((a) => (schedule[a.index] ?? null) !== null);
    for (const a of open) {
      const known = input.assignees.has(a.key);
      if (!isIn) changed ||= known && attendedOf(assembled, a).size > 0;
      else if (setAssignee(assembled, a, schedule[a.index]?.worker ?? -1, assignees)) changed = true;
    }
  }
  return changed ? assignees : null;
}

/** Notes who does a task where that matters; true when it has other minutes than theirs. */
function setAssignee(assembled: Assembled, a: Task, person: number, assignees: Map<string, number>): boolean {
  const slots = attendedOf(assembled, a).get(person);
  if (slots === undefined || a.only >= 0) return false;
  if (slots !== a.attended || assembled.input.assignees.has(a.key)) assignees.set(a.key, person);
  return slots !== a.attended;
}

function attendedOf(assembled: Assembled, a: Task): ReadonlyMap<number, number> {
  return assembled.attended[a.index] ?? new Map<number, number>();
}
