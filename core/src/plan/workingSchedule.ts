/*
 * A problem with a plan in it: what the explanations, the windows and the last touch on a plan ask and move. Who and what
 * is taken when is the fitter's business; this puts the problem's own words beside it.
 */
import type { Assignment, Schedule } from '@loyal-mane/engine';
import { Occupancy, Tables, chainCost } from '@loyal-mane/engine';
import type { Task, Problem } from './problem.js';

const tables = new WeakMap<Problem, Tables>();

/** The engine's tables of a problem, made once: explanations ask for the same ones again and again. */
export function tablesOf(problem: Problem): Tables {
  let made = tables.get(problem);
  if (made === undefined) tables.set(problem, (made = new Tables(problem)));
  return made;
}

/** A plan that can be looked at and changed. */
export class WorkingSchedule {
  readonly problem: Problem;
  readonly taken: Occupancy;
  private readonly tables: Tables;

  /** `without`: index of a chain to leave out, fixed work excepted. */
  constructor(problem: Problem, schedule: Schedule = [], without = -1) {
    this.problem = problem;
    this.tables = tablesOf(problem);
    this.taken = new Occupancy(this.tables);
    for (const a of problem.activities) {
      const place = schedule[a.index] ?? null;
      if (place !== null && a.fixed === null && a.chain !== without) this.taken.put(a.index, place);
    }
  }

  /** The activity of an index; throws on an index that is none. */
  activity(index: number): Task {
    const a = this.problem.activities[index];
    if (a === undefined) throw new Error(`WorkingSchedule: no activity ${String(index)}`);
    return a;
  }

  /** Activities of a chain, in its order. */
  activitiesOf(chain: number): Task[] {
    return (this.problem.chains[chain]?.acts ?? []).map((i) => this.activity(i));
  }

  /** Where an activity is; null when it has no place. */
  placeOf(index: number): Assignment | null {
    return this.taken.placeOf(index);
  }

  /** Places of a chain's activities, in its order. */
  placesOf(chain: number): (Assignment | null)[] {
    return (this.problem.chains[chain]?.acts ?? []).map((i) => this.placeOf(i));
  }

  schedule(): Schedule {
    return this.problem.activities.map((a) => this.placeOf(a.index));
  }

  isPlaced(chain: number): boolean {
    return this.placesOf(chain).every((place) => place !== null);
  }

  /** Cost of a chain at these places, in its order. */
  costOf(chain: number, places: readonly (Assignment | null)[]): number {
    return chainCost(this.tables, chain, places);
  }

  put(index: number, place: Assignment): void {
    this.taken.put(index, place);
  }

  take(index: number): void {
    this.taken.take(index);
  }

  /** Looks at something while a chain is out of the schedule, fixed work excepted. */
  without<T>(chain: number, look: () => T): T {
    const list = this.activitiesOf(chain);
    const places = this.placesOf(chain);
    this.taken.takeChain(chain);
    const seen = look();
    list.forEach((a, k) => {
      const place = places[k] ?? null;
      if (a.fixed === null && place !== null) this.put(a.index, place);
    });
    return seen;
  }
}
