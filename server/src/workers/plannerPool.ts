/*
 * The pool of planner threads: cores minus one, at least one. Threads are warmed up on a small kennel when the server
 * starts, since the first half second of cold code is many times slower.
 */
import { availableParallelism } from 'node:os';
import { MessageChannel } from 'node:worker_threads';
import { Injectable } from '@nestjs/common';
import type { OnModuleDestroy } from '@nestjs/common';
import { Piscina } from 'piscina';
import type { KennelFile, SearchProgress, TaskKey, TaskRoom } from '@loyal-mane/core';
import type { PlanAnswer, PlanRequest, PreviewAnswer, PreviewRequest, RoomRequest } from './protocol.js';

export type PlanWanted = Pick<PlanRequest, 'kennel' | 'nowMs' | 'seed' | 'previous' | 'published'>;

/** Worker threads load JavaScript only: under the tests, which read the sources, the built file is used. */
const workerUrl = new URL(
  import.meta.url.endsWith('.ts') ? '../../dist/workers/plannerWorker.js' : './plannerWorker.js',
  import.meta.url,
);

@Injectable()
export class PlannerPool implements OnModuleDestroy {
  private pool: Piscina | null = null;

  private open(): Piscina {
    const threads = Math.max(1, availableParallelism() - 1);
    this.pool ??= new Piscina({ filename: workerUrl.href, minThreads: threads, maxThreads: threads });
    return this.pool;
  }

  /** Makes a plan; `stop` set to 1 ends the search with what it has. */
  async plan(
    wanted: PlanWanted,
    stop: SharedArrayBuffer,
    onProgress: (p: SearchProgress) => void,
  ): Promise<PlanAnswer> {
    const channel = new MessageChannel();
    channel.port1.on('message', onProgress);
    const request: PlanRequest = { kind: 'plan', ...wanted, stop, progress: channel.port2 };
    try {
      return (await this.open().run(request, { transferList: [channel.port2] })) as PlanAnswer;
    } finally {
      channel.port1.close();
    }
  }

  /** Earliest and latest of one task with everything else as it is. */
  async room(kennel: KennelFile, nowMs: number, plan: string, key: TaskKey): Promise<TaskRoom | null> {
    const request: RoomRequest = { kind: 'room', kennel, nowMs, plan, key };
    return (await this.open().run(request)) as TaskRoom | null;
  }

  /** What a change to the kennel would do to its plan. */
  async preview(wanted: Omit<PreviewRequest, 'kind'>): Promise<PreviewAnswer> {
    const request: PreviewRequest = { kind: 'preview', ...wanted };
    return (await this.open().run(request)) as PreviewAnswer;
  }

  /** Plans a few dogs of a kennel and throws the result away: what follows is fast. */
  async warmUp(kennel: KennelFile, nowMs: number): Promise<void> {
    await this.plan(
      { kennel: aFewDogsOf(kennel), nowMs, seed: 1, previous: null, published: null },
      new SharedArrayBuffer(4),
      () => undefined,
    );
  }

  async onModuleDestroy(): Promise<void> {
    await this.pool?.destroy();
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
