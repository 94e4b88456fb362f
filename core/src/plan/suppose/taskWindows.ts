/*
 * Where the tasks of a plan could start instead, while one is dragged. Made once for a plan and asked many times: in the
 * browser's worker, within a frame.
 */
import { DragWindows } from '@loyal-mane/engine';
import type { KennelFile } from '../../kennel/kennelFile.js';
import type { CareLibrary } from '../../programs/careLibrary.js';
import { msToInstant } from '../../time/zone.js';
import type { Instant } from '../../time/localDay.js';
import type { TaskKey } from '../../units/ids.js';
import type { Assembled } from '../assemble/assemble.js';
import type { Plan } from '../plan.js';
import { makePlanInput } from '../assemble/planInput.js';
import { assembledFor, scheduleOf } from '../placedPlan.js';

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
    if (a.pinned !== null) return this.unpinned(key);
    const { open, alone } = this.windows.of(index);
    return { open: this.stretches(open), alone: this.stretches(alone) };
  }

  /** Where a task that is set could go, if it were let go. */
  private unpinned(key: TaskKey): TaskStarts | null {
    const pins = (this.kennel.pins ?? []).filter((p) => p.taskKey !== key);
    return new TaskWindows({ ...this.kennel, pins }, this.library, this.plan, this.nowMs).of(key);
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
