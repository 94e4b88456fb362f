/*
 * Planning as a job: queue it, run it in a thread, keep its draft; publish or discard. Whoever asks last wins.
 */
import { Inject, Injectable } from '@nestjs/common';
import type { OnApplicationBootstrap, OnModuleDestroy } from '@nestjs/common';
import type { Logger } from 'pino';
import type { SearchProgress, TaskKey, TaskRoom } from '@loyal-mane/core';
import { DEFAULT_SEED } from '@loyal-mane/core';
import { Clock } from '../clock.js';
import { databaseErrorKind } from '../db/databaseError.js';
import { EventStore } from '../events/eventStore.js';
import { KennelRepository } from '../kennel/kennelRepository.js';
import { Problem } from '../problem/problem.js';
import { LOGGER } from '../tokens.js';
import { PlannerPool } from '../workers/plannerPool.js';
import type { PlanAnswer } from '../workers/protocol.js';
import type { ProgressDto } from './dto.js';
import type { JobRow } from './planRepository.js';
import { PlanRepository } from './planRepository.js';

const LOOK_EVERY_MS = 2000;
const RENEW_EVERY_MS = 300;

@Injectable()
export class PlanService implements OnApplicationBootstrap, OnModuleDestroy {
  private timer: NodeJS.Timeout | null = null;
  private working: Promise<void> | null = null;
  private stop: Int32Array | null = null;

  constructor(
    private readonly plans: PlanRepository,
    private readonly kennels: KennelRepository,
    private readonly events: EventStore,
    private readonly pool: PlannerPool,
    private readonly clock: Clock,
    @Inject(LOGGER) private readonly logger: Logger,
  ) {}

  onApplicationBootstrap(): void {
    // Jobs of a server that died are picked up when their lease has run out.
    this.timer = setInterval(() => void this.work(), LOOK_EVERY_MS);
    this.timer.unref();
  }

  async onModuleDestroy(): Promise<void> {
    if (this.timer !== null) clearInterval(this.timer);
    // Hand the running job back: its lease runs out and another server, or this one later, takes it.
    if (this.stop !== null) Atomics.store(this.stop, 0, 1);
    await this.working;
  }

  async request(commandId: string, actorId: string, mode: JobRow['mode']): Promise<string> {
    const at = new Date(this.clock.nowMs());
    const id = await this.events.run(commandId, actorId, async (trx) => {
      const jobId = await this.plans.addJob(trx, mode, actorId, at);
      return { kind: 'plan.asked', subject: jobId, change: { before: null, after: { mode } }, result: jobId };
    });
    void this.work();
    return id;
  }

  async cancel(commandId: string, actorId: string, id: string): Promise<void> {
    await this.events.run(commandId, actorId, async (trx) => {
      if (!(await this.plans.cancelJob(trx, id))) throw new Problem('notNow', 'This planning is over already.');
      return { kind: 'plan.cancelAsked', subject: id, change: { before: null, after: null }, result: null };
    });
  }

  async settle(
    commandId: string,
    actorId: string,
    id: string,
    state: 'published' | 'discarded',
  ): Promise<{ planId: string }> {
    const at = new Date(this.clock.nowMs());
    return this.events.run(commandId, actorId, async (trx) => {
      const before = await this.plans.published();
      if (!(await this.plans.settleDraft(trx, id, state, at))) {
        throw new Problem('stale', 'This draft was published, discarded or replaced meanwhile.', {
          current: { publishedId: before?.id ?? null },
        });
      }
      const change = { before: before?.id ?? null, after: state === 'published' ? id : (before?.id ?? null) };
      return { kind: `plan.${state}`, subject: id, change, result: { planId: id } };
    });
  }

  /** Earliest and latest of a task of the published plan. */
  async room(key: TaskKey): Promise<TaskRoom | null> {
    const [kennel, published] = await Promise.all([this.kennels.read(), this.plans.published()]);
    if (published === null) return null;
    return this.pool.room(kennel, this.clock.nowMs(), published.body, key);
  }

  /** Runs jobs until none is left; one at a time on this server. */
  private async work(): Promise<void> {
    if (this.working !== null) return;
    this.working = this.workOff().finally(() => {
      this.working = null;
    });
    await this.working;
  }

  private async workOff(): Promise<void> {
    try {
      for (let job = await this.take(); job !== null; job = await this.take()) await this.runJob(job);
    } catch (error) {
      if (databaseErrorKind(error) === null) this.logger.error({ err: error }, 'planning failed');
    }
  }

  private take(): Promise<JobRow | null> {
    return this.plans.takeJob(new Date(this.clock.nowMs()));
  }

  private async runJob(job: JobRow): Promise<void> {
    const shared = new SharedArrayBuffer(4);
    const stop = new Int32Array(shared);
    this.stop = stop;
    let latest: ProgressDto | null = null;
    const renew = setInterval(() => {
      this.plans.renew(job.id, latest, new Date(this.clock.nowMs())).then(
        (cancel) => {
          if (cancel) Atomics.store(stop, 0, 1);
        },
        () => undefined,
      );
    }, RENEW_EVERY_MS);
    try {
      const answer = await this.makePlan(job, shared, (p) => {
        latest = { round: p.round, rounds: p.rounds, placed: p.placed, of: p.of };
      });
      await this.finishJob(job, answer);
    } catch (error) {
      if (databaseErrorKind(error) === 'away') throw error;
      this.logger.error({ err: error }, 'planning failed');
      await this.end(job, { state: 'failed', trouble: 'The planner met an error; the published plan is unchanged.' });
    } finally {
      clearInterval(renew);
      this.stop = null;
    }
  }

  private async makePlan(
    job: JobRow,
    stop: SharedArrayBuffer,
    onProgress: (p: SearchProgress) => void,
  ): Promise<PlanAnswer> {
    const [kennel, published] = await Promise.all([this.kennels.read(), this.plans.published()]);
    const body = published?.body ?? null;
    const wanted = {
      kennel,
      nowMs: this.clock.nowMs(),
      seed: DEFAULT_SEED,
      previous: job.mode === 'keep' ? body : null,
      published: body,
    };
    return this.pool.plan(wanted, stop, onProgress);
  }

  private async finishJob(job: JobRow, answer: PlanAnswer): Promise<void> {
    if ((await this.plans.job(job.id))?.cancel === 1) {
      await this.end(job, { state: 'cancelled' });
      return;
    }
    const at = new Date(this.clock.nowMs());
    await this.events.run(null, job.asked_by, async (trx) => {
      const planId = await this.plans.store(trx, answer, 'draft', job.asked_by, at);
      await this.plans.endJob(trx, job.id, { state: 'done', plan_id: planId });
      return { kind: 'plan.drafted', subject: planId, change: { before: null, after: planId }, result: null };
    });
  }

  private async end(job: JobRow, end: { state: 'cancelled' | 'failed'; trouble?: string }): Promise<void> {
    await this.events.run(null, job.asked_by, async (trx) => {
      await this.plans.endJob(trx, job.id, end);
      return { kind: `plan.${end.state}`, subject: job.id, change: { before: null, after: null }, result: null };
    });
  }
}
