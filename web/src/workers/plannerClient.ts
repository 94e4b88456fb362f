/*
 * The page's end of the planning worker. The thread is started with the first question and kept; a plan is sent to it
 * once, when it is first asked about.
 */
import type { Endpoint, Remote } from 'comlink';
import { wrap } from 'comlink';
import type { DogShaped, Doer, Instant, TaskKey, WhatIfChange } from '@loyal-mane/core';
import type { OpenPlan, PlanAnswers, TimedStarts, WhatIfAnswer } from './planAnswers';

/** A plan to ask about. `id` tells plans apart. */
export interface AskedPlan extends OpenPlan {
  readonly id: string;
}

/** A thread that can be ended: a `Worker`, or what a test puts in its place. */
export type PlannerThread = Endpoint & { readonly terminate: () => void };

interface Running {
  readonly thread: PlannerThread;
  readonly planner: Remote<PlanAnswers>;
  /** Rejected when the thread is ended: a question that it was asked would wait forever. */
  readonly ended: Promise<never>;
  readonly end: (reason: Error) => void;
}

/** Asks a planning thread; questions are answered in their order. */
export class PlannerClient {
  private running: Running | null = null;
  private opened = '';
  private readonly start: () => PlannerThread;

  constructor(start: () => PlannerThread) {
    this.start = start;
  }

  /** Starts that a task of a plan could have instead; rejected where the thread is ended before it answers. */
  windows(plan: AskedPlan, key: TaskKey): Promise<TimedStarts> {
    return this.ask(plan, (planner) => planner.windows(key));
  }

  /** People who could do a task from a start on; rejected where the thread is ended before it answers. */
  whoAt(plan: AskedPlan, key: TaskKey, start: Instant): Promise<readonly Doer[]> {
    return this.ask(plan, (planner) => planner.whoAt(key, start));
  }

  /** The effect of changes to the kennel on a plan; rejected where the thread is ended before it answers. */
  whatIf(plan: AskedPlan, changes: readonly (WhatIfChange | DogShaped)[]): Promise<WhatIfAnswer> {
    return this.ask(plan, (planner) => planner.whatIf(changes));
  }

  /** Ends the thread: whatever it was computing is given up. */
  stop(): void {
    this.running?.thread.terminate();
    this.running?.end(new Error('given up'));
    this.running = null;
    this.opened = '';
  }

  private ask<T>(
    { id, kennel, plan, nowMs }: AskedPlan,
    question: (planner: Remote<PlanAnswers>) => Promise<T>,
  ): Promise<T> {
    const { planner, ended } = (this.running ??= this.begin());
    if (this.opened !== id) {
      this.opened = id;
      // Trouble with the plan is told by the question that follows.
      planner.open({ kennel, plan, nowMs }).catch(() => undefined);
    }
    return Promise.race([question(planner), ended]);
  }

  private begin(): Running {
    const thread = this.start();
    let end: (reason: Error) => void = () => undefined;
    const ended = new Promise<never>((_resolve, reject) => (end = reject));
    // Nobody may be waiting for an answer when it ends.
    ended.catch(() => undefined);
    thread.addEventListener('error', () => this.stop());
    return { thread, planner: wrap<PlanAnswers>(thread), ended, end };
  }
}

/** The page's own planning thread. */
export const planner = new PlannerClient(
  () => new Worker(new URL('./planWorker.ts', import.meta.url), { type: 'module' }),
);
