/*
 * Answers questions about the published plan: where a task could start instead, and what a change would do. The worker
 * holds one of these; nothing in it knows that it is in a worker.
 */
import { TaskWindows, whatIf } from '@loyal-mane/core';
import { CARE_LIBRARY } from '@loyal-mane/library';
import type { DeskAnswer, DeskQuestion, OpenPlan } from './protocol';

export class PlanDesk {
  private opened: OpenPlan | null = null;
  private windows: TaskWindows | null = null;

  answer(question: DeskQuestion): DeskAnswer {
    if (question.kind === 'open') {
      this.opened = question;
      this.windows = null;
      return null;
    }
    if (this.opened === null) throw new Error('PlanDesk: no plan is open');
    const { kennel, plan, nowMs } = this.opened;
    if (question.kind === 'whatIf') {
      const { before, after, effect, odds } = whatIf(kennel, CARE_LIBRARY, question.changes, {
        nowMs,
        published: plan,
      });
      return { before, after, effect, odds };
    }
    if (this.windows === null) {
      this.windows = new TaskWindows(kennel, CARE_LIBRARY, plan, nowMs);
      this.windows.warmUp();
    }
    const began = performance.now();
    const starts = this.windows.of(question.key);
    return { starts, tookMs: performance.now() - began };
  }
}
