/*
 * The page's end of the planning worker. The thread is started with the first question and kept; a plan is sent to it
 * once, when it is first asked about.
 */
import type { KennelFile, Plan, TaskKey, WhatIfChange } from '@loyal-mane/core';
import type { DeskAnswer, DeskQuestion, DeskReply, TimedStarts, WhatIfAnswer } from './protocol';

/** A plan to ask about. `id` tells plans apart. */
export interface DeskPlan {
  readonly id: string;
  readonly kennel: KennelFile;
  readonly plan: Plan;
  readonly nowMs: number;
}

interface Waiting {
  readonly resolve: (answer: DeskAnswer) => void;
  readonly reject: (error: Error) => void;
}

export class DeskClient {
  private worker: Worker | null = null;
  private opened = '';
  private number = 0;
  private readonly waiting = new Map<number, Waiting>();
  private readonly start: () => Worker;

  constructor(start: () => Worker) {
    this.start = start;
  }

  /** Starts that a task of a plan could have instead. */
  async windows(plan: DeskPlan, key: TaskKey): Promise<TimedStarts> {
    this.open(plan);
    return (await this.ask({ kind: 'windows', key })) as TimedStarts;
  }

  /** The effect of changes to the kennel on a plan. */
  async whatIf(plan: DeskPlan, changes: readonly WhatIfChange[]): Promise<WhatIfAnswer> {
    this.open(plan);
    return (await this.ask({ kind: 'whatIf', changes })) as WhatIfAnswer;
  }

  /** Ends the thread: whatever it was computing is given up. */
  stop(): void {
    this.worker?.terminate();
    this.worker = null;
    this.opened = '';
    for (const { reject } of this.waiting.values()) reject(new Error('given up'));
    this.waiting.clear();
  }

  private open({ id, kennel, plan, nowMs }: DeskPlan): void {
    if (this.opened === id && this.worker !== null) return;
    this.opened = id;
    // Trouble with the plan is told by the question that follows.
    this.ask({ kind: 'open', kennel, plan, nowMs }).catch(() => undefined);
  }

  private ask(body: DeskQuestion): Promise<DeskAnswer> {
    const worker = (this.worker ??= this.begin());
    const number = ++this.number;
    return new Promise((resolve, reject) => {
      this.waiting.set(number, { resolve, reject });
      worker.postMessage({ number, body });
    });
  }

  private begin(): Worker {
    const worker = this.start();
    worker.addEventListener('message', (event: MessageEvent<DeskReply>) => {
      const reply = event.data;
      const waiting = this.waiting.get(reply.number);
      this.waiting.delete(reply.number);
      if ('trouble' in reply) waiting?.reject(new Error(reply.trouble));
      else waiting?.resolve(reply.body);
    });
    worker.addEventListener('error', () => this.stop());
    return worker;
  }
}

export const desk = new DeskClient(() => new Worker(new URL('./planWorker.ts', import.meta.url), { type: 'module' }));
