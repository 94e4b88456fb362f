/*
 * Where the tasks of a plan could start instead, while one is dragged. Made once for a plan and asked many times: in the
 * browser's worker, within a frame.
 */
import { DragWindows, openStarts, startersAt } from '@loyal-mane/engine';
import type { KennelFile } from '../../kennel/kennelFile.js';
import type { CareLibrary } from '../../programs/careLibrary.js';
import { msToInstant } from '../../time/zone.js';
import type { Instant } from '../../time/localDay.js';
import type { TaskKey } from '../../units/ids.js';
import type { Assembled } from '../assemble/assemble.js';
import type { Plan } from '../plan.js';
import type { Task } from '../problem.js';
import { SLOT_MIN } from '../../time/slotGrid.js';
import type { PersonId } from '../../units/ids.js';
import { instantToMs } from '../../time/zone.js';
import { WorkingSchedule } from '../workingSchedule.js';
import { makePlanInput } from '../assemble/planInput.js';
import { assembledFor, personId, scheduleOf } from '../placedPlan.js';

const WARM_TASKS = 200;

/** A stretch of starts, first and last, both allowed. */
export interface StartStretch {
  readonly from: Instant;
  readonly to: Instant;
}

/** Starts that a task could have: with everything else as it is, and alone; instants in UTC. */
export interface TaskStarts {
  /** Starts with which the dog can still be ready, the rest of its own work following; other dogs stay. */
  readonly open: readonly StartStretch[];
  /** Those for which nothing else needs to move. */
  readonly alone: readonly StartStretch[];
}

/** Somebody who could do a task at a start. */
export interface Doer {
  readonly personId: PersonId;
  /** Attended minutes of it after the end of their shift. */
  readonly overtimeMin: number;
}

/** Starts of the tasks of one plan. */
export class TaskWindows {
  private readonly kennel: KennelFile;
  private readonly library: CareLibrary;
  private readonly plan: Plan;
  private readonly nowMs: number;
  private readonly assembled: Assembled;
  private readonly windows: DragWindows;
  private readonly indexOf: ReadonlyMap<string, number>;

  constructor(kennel: KennelFile, library: CareLibrary, plan: Plan, nowMs: number) {
    this.kennel = kennel;
    this.library = library;
    this.plan = plan;
    this.nowMs = nowMs;
    this.assembled = assembledFor(makePlanInput(kennel, library, nowMs), plan);
    const { problem } = this.assembled;
    this.windows = new DragWindows(problem, scheduleOf(this.assembled, plan));
    this.indexOf = new Map(problem.activities.map((a) => [a.key as string, a.index]));
  }

  /** Starts of a task; null where it is done, running or not in the plan. */
  of(key: TaskKey): TaskStarts | null {
    const index = this.indexOf.get(key) ?? -1;
    const a = this.assembled.problem.activities[index];
    if (a === undefined || a.fixed !== null) return null;
    if (a.pinned !== null) return this.letGo(key).of(key);
    const { open, alone } = this.windows.of(index);
    return { open: this.stretches(open), alone: this.stretches(alone) };
  }

  /**
   * People who could do a task from a start on, those without overtime first; whoever has it now is among them where they can.
   * Other dogs stay where they are, the dog's own work moves along. Empty for a task that the plan does not have.
   */
  whoAt(key: TaskKey, start: Instant): readonly Doer[] {
    const { problem, input } = this.assembled;
    const index = this.indexOf.get(key) ?? -1;
    const asked = problem.activities[index];
    if (asked === undefined || asked.fixed !== null) return [];
    if (asked.pinned !== null) return this.letGo(key).whoAt(key, start);
    const slot = input.grid.slotOf(instantToMs(start), 'floor');
    const working = new WorkingSchedule(problem, scheduleOf(this.assembled, this.plan));
    const people = working.without(asked.chain, () => {
      const open = openStarts(working.taken, index, slot, slot);
      return open.slots.includes(slot) ? startersAt(open, open.workers, slot) : [];
    });
    const doers = people.map((p) => ({
      personId: personId(this.assembled, p),
      overtimeMin: this.overtimeAt(p, slot, asked),
    }));
    return doers.sort((x, y) => x.overtimeMin - y.overtimeMin);
  }

  private overtimeAt(p: number, slot: number, a: Task): number {
    const over = this.assembled.problem.workers[p]?.over.subarray(slot, slot + a.attended) ?? new Uint8Array();
    return over.reduce((sum, isOver) => sum + isOver, 0) * SLOT_MIN;
  }

  /** The plan with a task let go that is set. */
  private letGo(key: TaskKey): TaskWindows {
    const pins = (this.kennel.pins ?? []).filter((p) => p.taskKey !== key);
    return new TaskWindows({ ...this.kennel, pins }, this.library, this.plan, this.nowMs);
  }

  /** Asks about some tasks and throws the answers away: cold code is about ten times slower than what follows. */
  warmUp(tasks = WARM_TASKS): void {
    for (const a of this.assembled.problem.activities.slice(0, tasks)) this.of(a.key);
  }

  private stretches(slots: readonly number[]): StartStretch[] {
    const { grid } = this.assembled.input;
    const at = (slot: number): Instant => msToInstant(grid.msOf(slot));
    const found: StartStretch[] = [];
    let from = -1;
    slots.forEach((t, k) => {
      if (from < 0) from = t;
      if (slots[k + 1] === t + 1) return;
      found.push({ from: at(from), to: at(t) });
      from = -1;
    });
    return found;
  }
}
