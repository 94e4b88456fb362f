/*
 * Answers questions about a plan: where a task could start instead, and what a change would do. The worker holds one of
 * these; nothing in it knows that it is in a worker.
 */
import { TaskWindows, whatIf } from '@loyal-mane/core';
import type {
  DogShaped,
  Doer,
  Instant,
  KennelFile,
  Plan,
  TaskKey,
  TaskStarts,
  WhatIf,
  WhatIfChange,
} from '@loyal-mane/core';
import { CARE_LIBRARY } from '@loyal-mane/library';

/** A plan and the kennel that it was made for; `nowMs` is the moment that is asked about. */
export interface OpenPlan {
  readonly kennel: KennelFile;
  readonly plan: Plan;
  readonly nowMs: number;
}

/** Starts of a task, with the milliseconds they took, measured in the worker. */
export interface TimedStarts {
  readonly starts: TaskStarts | null;
  readonly tookMs: number;
}

/** A comparison without the plan itself, which stays in the worker. */
export type WhatIfAnswer = Omit<WhatIf, 'plan'>;

/** Answers about the plan that was opened last; throws where none is open. */
export class PlanAnswers {
  private opened: OpenPlan | null = null;
  private made: TaskWindows | null = null;

  /** From now on questions are about this plan. */
  open(plan: OpenPlan): void {
    this.opened = plan;
    this.made = null;
  }

  /** Starts that a task could have instead; null for a task that the plan does not have. */
  windows(key: TaskKey): TimedStarts {
    const made = this.windowsMade();
    const began = performance.now();
    const starts = made.of(key);
    return { starts, tookMs: performance.now() - began };
  }

  /** People who could do a task from a start on. */
  whoAt(key: TaskKey, start: Instant): readonly Doer[] {
    return this.windowsMade().whoAt(key, start);
  }

  /** The effect of changes to the kennel. */
  whatIf(changes: readonly (WhatIfChange | DogShaped)[]): WhatIfAnswer {
    const { kennel, plan, nowMs } = this.asked();
    const { before, after, effect, odds } = whatIf(kennel, CARE_LIBRARY, changes, { nowMs, published: plan });
    return { before, after, effect, odds };
  }

  private windowsMade(): TaskWindows {
    const { kennel, plan, nowMs } = this.asked();
    if (this.made === null) {
      this.made = new TaskWindows(kennel, CARE_LIBRARY, plan, nowMs);
      this.made.warmUp();
    }
    return this.made;
  }

  private asked(): OpenPlan {
    if (this.opened === null) throw new Error('PlanAnswers: no plan is open');
    return this.opened;
  }
}
