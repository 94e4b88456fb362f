/*
 * The planner's threads: cores minus one for plans, at least one, threads of their own for small questions, so that nobody who
 * opens a task waits for a plan to be made, and one that looks into dogs without a place when nothing else wants the cores.
 * Threads are warmed up on a small kennel when the server starts, since the first half second of cold code is many times slower.
 */
import { availableParallelism } from 'node:os';
import { MessageChannel } from 'node:worker_threads';
import { Injectable } from '@nestjs/common';
import type { OnModuleDestroy } from '@nestjs/common';
import { Piscina } from 'piscina';
import type { ChainCheck, ChainWhy, KennelFile, PlanBreak, TaskKey, TaskSlack } from '@loyal-mane/core';
import type { EnoughFlag } from './enoughFlag.js';
import type {
  BreaksRequest,
  CheckRequest,
  PlanAnswer,
  PlanProgress,
  PlanRequest,
  PreviewAnswer,
  PreviewRequest,
  SlackRequest,
  WhyRequest,
} from './protocol.js';

/** A plan that is wanted of the pool. */
export type PlanWanted = Pick<PlanRequest, 'kennel' | 'nowMs' | 'seed' | 'previous' | 'published'>;

/** Worker threads load JavaScript only: under the tests, which read the sources, the built file is used. */
const workerUrl = new URL(
  import.meta.url.endsWith('.ts') ? '../../dist/workers/plannerWorker.js' : './plannerWorker.js',
  import.meta.url,
);

/**
 * Questions at once: one thread answers, a second helps while the first is at a long one. Both stay: a thread that is begun for a
 * question answers it a second later.
 */
const QUESTION_THREADS = 2;

/** So much the looking into dogs without a place gives way to all that somebody waits for (nice, 0 to 19). */
const CHECKS_GIVE_WAY = 10;

/** Planner threads, one fewer than cores; each computes one thing at a time. */
@Injectable()
export class PlannerPool implements OnModuleDestroy {
  private plans: Piscina | null = null;
  private questions: Piscina | null = null;
  private checks: Piscina | null = null;
  private isOver = false;

  private planThreads(): Piscina {
    const threads = Math.max(1, availableParallelism() - 1);
    this.plans ??= new Piscina({ filename: workerUrl.href, minThreads: threads, maxThreads: threads });
    return this.plans;
  }

  private questionThreads(): Piscina {
    const threads = QUESTION_THREADS;
    this.questions ??= new Piscina({ filename: workerUrl.href, minThreads: threads, maxThreads: threads });
    return this.questions;
  }

  private checkThread(): Piscina {
    const one = { minThreads: 1, maxThreads: 1, niceIncrement: CHECKS_GIVE_WAY };
    this.checks ??= new Piscina({ filename: workerUrl.href, ...one });
    return this.checks;
  }

  /**
   * Makes a plan; when `signal` aborts, the thread is ended at once, and the promise is rejected; when `enough` is raised, the plan is
   * the one that the search has then.
   */
  async plan(
    wanted: PlanWanted,
    signal: AbortSignal,
    onProgress: (p: PlanProgress) => void,
    enough: EnoughFlag | null = null,
  ): Promise<PlanAnswer> {
    const channel = new MessageChannel();
    channel.port1.on('message', onProgress);
    const request: PlanRequest = {
      ...{ kind: 'plan', ...wanted },
      progress: channel.port2,
      enough: enough?.memory ?? null,
    };
    try {
      return (await this.planThreads().run(request, { transferList: [channel.port2], signal })) as PlanAnswer;
    } finally {
      channel.port1.close();
    }
  }

  /** Earliest and latest of one task with everything else as it is. */
  async slack(kennel: KennelFile, nowMs: number, plan: string, key: TaskKey): Promise<TaskSlack | null> {
    const request: SlackRequest = { kind: 'slack', kennel, nowMs, plan, key };
    return (await this.questionThreads().run(request)) as TaskSlack | null;
  }

  /** Why a chain of a plan has no place. */
  async why(kennel: KennelFile, nowMs: number, plan: string, key: string): Promise<ChainWhy | null> {
    const request: WhyRequest = { kind: 'why', kennel, nowMs, plan, key };
    return (await this.questionThreads().run(request)) as ChainWhy | null;
  }

  /** Looks into a chain that has no place; when `signal` aborts, the thread is ended, and the promise is rejected. */
  async check(wanted: Omit<CheckRequest, 'kind'>, signal: AbortSignal): Promise<ChainCheck> {
    const request: CheckRequest = { kind: 'check', ...wanted };
    return (await this.checkThread().run(request, { signal })) as ChainCheck;
  }

  /** Breaks of a plan. */
  async breaks(kennel: KennelFile, nowMs: number, plan: string): Promise<readonly PlanBreak[]> {
    const request: BreaksRequest = { kind: 'breaks', kennel, nowMs, plan };
    return (await this.questionThreads().run(request)) as readonly PlanBreak[];
  }

  /** The effect of a change to the kennel on its plan. */
  async preview(wanted: Omit<PreviewRequest, 'kind'>): Promise<PreviewAnswer> {
    const request: PreviewRequest = { kind: 'preview', ...wanted };
    return (await this.planThreads().run(request)) as PreviewAnswer;
  }

  /**
   * Plans a few dogs of a kennel, asks whether the plan holds, and throws both away: what follows is fast. A server that stops cuts
   * it short.
   */
  async warmUp(kennel: KennelFile, nowMs: number): Promise<void> {
    const few = aFewDogsOf(kennel);
    const wanted: PlanWanted = { kennel: few, nowMs, seed: 1, previous: null, published: null };
    await this.plan(wanted, new AbortController().signal, () => undefined)
      .then(({ body }) => Promise.all(Array.from({ length: QUESTION_THREADS }, () => this.breaks(few, nowMs, body))))
      .catch((error: unknown) => {
        if (!this.isOver) throw error;
      });
  }

  async onModuleDestroy(): Promise<void> {
    this.isOver = true;
    await Promise.all([this.plans?.destroy(), this.questions?.destroy(), this.checks?.destroy()]);
  }
}

/** Enough to run all of the planner's code; a whole kennel would keep a core busy for as long as its plan takes. */
const FEW_DOGS = 4;

function aFewDogsOf(kennel: KennelFile): KennelFile {
  const dogs = kennel.dogs.slice(0, FEW_DOGS);
  const isTheirs = (x: { readonly dogId: string }): boolean => dogs.some((d) => d.id === x.dogId);
  return {
    ...kennel,
    dogs,
    entries: kennel.entries.filter(isTheirs),
    work: kennel.work.filter(isTheirs),
    transports: kennel.transports.map((t) => ({ ...t, dogs: t.dogs.filter((id) => dogs.some((d) => d.id === id)) })),
    pins: [],
  };
}
