/*
 * A finished plan as the planner's own problem again: the same tasks, each where the plan has it.
 */
import { instantToMs } from '../time/zone.js';
import type { PersonId, StationId } from '../units/ids.js';
import type { Assembled } from './assemble.js';
import { assembleProblem } from './assemble.js';
import { handsKept, handsOfPlan } from './hands.js';
import type { Plan } from './plan.js';
import type { PlanInput } from './planInput.js';
import type { Activity, Place, Placement } from './problem.js';

/** The problem of a kennel whose tasks have the hands, and the minutes, of a plan; null = of no plan yet. */
export function assembledFor(input: PlanInput, plan: Plan | null): Assembled {
  if (plan === null) return assembleProblem(input);
  const hands = handsOfPlan(input, plan);
  const assembled = assembleProblem({ ...input, hands });
  const kept = handsKept(assembled, plan);
  return kept.size === hands.size ? assembled : assembleProblem({ ...input, hands: kept });
}

/** Places of a plan in terms of a problem, by activity index; null for what the plan does not hold. */
export function placementOf(assembled: Assembled, plan: Plan): Placement {
  const { problem, input } = assembled;
  const byKey = new Map(plan.activities.map((a) => [a.key as string, a]));
  const unit = (id: StationId | null, a: Activity): number =>
    id === null
      ? -1
      : (input.units.find((u) => u.id === id && problem.stations[u.index]?.kind === a.station)?.index ?? -1);
  return problem.activities.map((a): Place | null => {
    if (a.fixed !== null) return a.fixed;
    const old = byKey.get(a.key);
    if (old === undefined || old.state !== 'planned') return null;
    const who = old.people.map((id) => input.personIndex.get(id) ?? -1);
    return {
      start: input.grid.slotOf(instantToMs(old.start), 'floor'),
      person: who[0] ?? -1,
      second: who[1] ?? -1,
      station: unit(old.stationId, a),
    };
  });
}

/** Id of the person with an index. @throws where there is none: an index of another problem */
export function personId(assembled: Assembled, p: number): PersonId {
  const person = assembled.input.kennel.people[p];
  if (person === undefined) throw new Error(`personId: no person ${String(p)}`);
  return person.id;
}
