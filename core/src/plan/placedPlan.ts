/*
 * A finished plan as the planner's own problem again: the same tasks, each where the plan has it.
 */
import type { Assignment, Schedule } from '@loyal-mane/engine';
import { SLOT_MS } from '../time/slotGrid.js';
import { instantToMs } from '../time/zone.js';
import type { PersonId, StationId } from '../units/ids.js';
import type { Assembled } from './assemble/assemble.js';
import { assembleProblem } from './assemble/assemble.js';
import { assigneesKept, assigneesOfPlan } from './search/assignees.js';
import type { Plan } from './plan.js';
import type { PlanInput } from './assemble/planInput.js';
import type { Way } from './assemble/ways.js';
import type { Task } from './problem.js';

/** The problem of a kennel whose tasks have the assignees, and the minutes, of a plan; null = of no plan yet. */
export function assembledFor(before: PlanInput, plan: Plan | null): Assembled {
  if (plan === null) return assembleProblem(before);
  const upToRing = readiedEntries(plan);
  const withoutPlace = new Set([...entriesOut(plan)].filter((id) => !upToRing.has(id)));
  return keptAssignees(
    { ...before, withoutPlace, upToRing, ways: waysOf(plan), plannedSlots: slotsOfPlan(plan) },
    plan,
  );
}

/** Entries that a plan readies without a ring: they have no place, and work all the same. */
export function readiedEntries(plan: Pick<Plan, 'activities' | 'unplaced'>): ReadonlySet<string> {
  const out = entriesOut(plan);
  const ahead = plan.activities.filter((a) => a.state === 'planned' && a.entryId !== null && out.has(a.entryId));
  return new Set(ahead.map((a) => a.entryId as string));
}

/**
 * The problem that a plan is made again in: who does what is known, and minutes are new where they differ by more than rounding.
 * Work that had no place may have one; dogs that were only readied are readied again.
 */
export function assembledAgain(input: PlanInput, plan: Plan | null): Assembled {
  return plan === null
    ? assembleProblem(input)
    : keptAssignees(
        {
          ...{ ...input, ways: waysOf(plan), upToRing: stillEntered(input, plan) },
          plannedSlots: slotsOfPlan(plan),
          plannedMinutes: new Map(plan.activities.map((a) => [a.key as string, a.minutes.middle])),
        },
        plan,
      );
}

function keptAssignees(input: PlanInput, plan: Plan): Assembled {
  const assignees = assigneesOfPlan(input, plan);
  const assembled = assembleProblem({ ...input, assignees });
  const kept = assigneesKept(assembled, plan);
  return kept.size === assignees.size ? assembled : assembleProblem({ ...input, assignees: kept });
}

/** Entries that a plan only readies, and that are still entered. */
function stillEntered({ kennel }: PlanInput, plan: Plan): ReadonlySet<string> {
  const readied = readiedEntries(plan);
  return new Set(kennel.entries.flatMap((e) => (readied.has(e.id) ? [e.id as string] : [])));
}

/** The ways that a plan was made with, by chain key. */
function waysOf(plan: Pick<Plan, 'ways'>): ReadonlyMap<string, Way> {
  return new Map(
    (plan.ways ?? []).map(({ key, bath, twoLift, isWide, heatLater }) => [
      key,
      { bath, twoLift, isWide, ...(heatLater === true ? { heatLater } : {}) },
    ]),
  );
}

/** Entries that a plan has no place for. */
export function entriesOut(plan: Pick<Plan, 'unplaced'>): ReadonlySet<string> {
  return new Set(plan.unplaced.flatMap((u) => (u.kind === 'show' && u.entryId !== null ? [u.entryId] : [])));
}

function slotsOfPlan(plan: Plan): ReadonlyMap<string, number> {
  const planned = plan.activities.filter((a) => a.state === 'planned');
  return new Map(
    planned.map((a) => [a.key as string, Math.round((instantToMs(a.attendedUntil) - instantToMs(a.start)) / SLOT_MS)]),
  );
}

/** Places of a plan in terms of a problem, by activity index; null for what the plan does not hold. */
export function scheduleOf(assembled: Assembled, plan: Plan): Schedule {
  const { problem, input } = assembled;
  const byKey = new Map(plan.activities.map((a) => [a.key as string, a]));
  const unit = (id: StationId | null, a: Task): number =>
    id === null
      ? -1
      : (input.units.find((u) => u.id === id && problem.machines[u.index]?.kind === a.station)?.index ?? -1);
  return problem.activities.map((a): Assignment | null => {
    if (a.fixed !== null) return a.fixed;
    const old = byKey.get(a.key);
    if (old === undefined || old.state !== 'planned') return null;
    const who = old.people.map((id) => input.personIndex.get(id) ?? -1);
    return {
      start: input.grid.slotOf(instantToMs(old.start), 'floor'),
      worker: who[0] ?? -1,
      second: who[1] ?? -1,
      machine: unit(old.stationId, a),
    };
  });
}

/** Id of the person with an index. @throws where there is none: an index of another problem */
export function personId(assembled: Assembled, p: number): PersonId {
  const person = assembled.input.kennel.people[p];
  if (person === undefined) throw new Error(`personId: no person ${String(p)}`);
  return person.id;
}
