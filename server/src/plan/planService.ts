/*
 * Planning as a job: queue it, run it in a thread, keep its draft; publish or discard. Whoever asks last wins. A job that is
 * cancelled, lost or handed back leaves nothing behind; its thread is ended at once.
 */
import { Inject, Injectable } from '@nestjs/common';
import type { OnApplicationBootstrap, OnModuleDestroy } from '@nestjs/common';
import type { Logger } from 'pino';
import { DEFAULT_SEED } from '@loyal-mane/core';
import type { Command } from '../auth/session.js';
import { Clock } from '../clock.js';
import { databaseErrorKind } from '../db/databaseError.js';
import { EventStore, ownWrite } from '../events/eventStore.js';
import { KennelRepository } from '../kennel/kennelRepository.js';
import { Problem } from '../problem/problem.js';
import { LOGGER } from '../tokens.js';
import { EnoughFlag } from '../workers/enoughFlag.js';
import { PlannerPool } from '../workers/plannerPool.js';
import type { PlanAnswer } from '../workers/protocol.js';
import { CheckService } from './checkService.js';
import type { ProgressDto } from './dto.js';
import { PlanInForce } from './planInForce.js';
import type { LeaseState, TakenJob } from './planRepository.js';
import { PlanRepository } from './planRepository.js';

const LOOK_EVERY_MS = 2000;
const RENEW_EVERY_MS = 300;

/** Why a run of a job was ended before it was done. */
type Ended = 'cancelled' | 'lost' | 'stopping';

/** Asks for plans, keeps drafts, publishes and discards them. */
@Injectable()
export class PlanService implements OnApplicationBootstrap, OnModuleDestroy {
  private timer: NodeJS.Timeout | null = null;
  private working: Promise<void> | null = null;
  private isStopping = false;
  /** Ends the run that is under way. */
  private endRun: ((why: Ended) => void) | null = null;
  /** The run that is under way, and the flag that has its plan taken as it is. */
  private running: { readonly jobId: string; readonly enough: EnoughFlag } | null = null;

  constructor(
    private readonly plans: PlanRepository,
    private readonly inForce: PlanInForce,
    private readonly kennels: KennelRepository,
    private readonly events: EventStore,
    private readonly pool: PlannerPool,
    private readonly checks: CheckService,
    private readonly clock: Clock,
    @Inject(LOGGER) private readonly logger: Logger,
  ) {}

  onApplicationBootstrap(): void {
    // Jobs of a server that died are picked up when their lease has run out.
    this.timer = setInterval(() => void this.work(), LOOK_EVERY_MS);
    this.timer.unref();
  }

  async onModuleDestroy(): Promise<void> {
    this.isStopping = true;
    if (this.timer !== null) clearInterval(this.timer);
    this.endRun?.('stopping');
    await this.working;
  }

  async request(given: Command, mode: TakenJob['mode']): Promise<string> {
    const at = new Date(this.clock.nowMs());
    const id = await this.events.run(given, async (trx) => {
      const jobId = await this.plans.addJob(trx, mode, given.actorId, at);
      return { kind: 'plan.asked', subject: jobId, change: { before: null, after: { mode } }, result: jobId };
    });
    void this.work();
    return id;
  }

  async cancel(given: Command, id: string): Promise<void> {
    await this.events.run(given, async (trx) => {
      if (!(await this.plans.cancelJob(trx, id))) throw new Problem('notNow', 'This planning is over already.');
      return { kind: 'plan.cancelAsked', subject: id, change: { before: null, after: null }, result: null };
    });
  }

  /** Ends the search of a job: its draft is the plan that it has. */
  async enough(given: Command, id: string): Promise<void> {
    await this.events.run(given, async (trx) => {
      if (!(await this.plans.enoughOfJob(trx, id))) throw new Problem('notNow', 'This planning is over already.');
      return { kind: 'plan.enoughAsked', subject: id, change: { before: null, after: null }, result: null };
    });
    // Another server that runs it hears of it when it renews its lease.
    if (this.running?.jobId === id) this.running.enough.raise();
  }

  /** Publishes or discards a draft. */
  async endDraft(given: Command, id: string, state: 'published' | 'discarded'): Promise<{ planId: string }> {
    const at = new Date(this.clock.nowMs());
    const ended = await this.events.run(given, async (trx) => {
      const before = await this.plans.publishedId(trx);
      if (!(await this.plans.endDraft(trx, id, state, at))) {
        throw new Problem('stale', 'Somebody has published, discarded or replaced this draft. Nothing was changed.', {
          current: { publishedId: before },
        });
      }
      const change = { before, after: state === 'published' ? id : before };
      return { kind: `plan.${state}`, subject: id, change, result: { planId: id } };
    });
    // Looking into the plan that stays in force ended when the draft was planned; it goes on.
    const inForce = state === 'discarded' ? await this.plans.publishedId() : null;
    if (inForce !== null) await this.checks.want(inForce);
    return ended;
  }

  /** Goes back to the plan that the published one took the place of. */
  async takeBack(given: Command, id: string): Promise<{ planId: string }> {
    const at = new Date(this.clock.nowMs());
    return this.events.run(given, async (trx) => {
      const before = await this.plans.publishedId(trx);
      if (!(await this.plans.publishAgain(trx, id, at))) {
        throw new Problem('stale', 'Another plan was published meanwhile. Nothing was changed.', {
          current: { publishedId: before },
        });
      }
      return { kind: 'plan.takenBack', subject: id, change: { before, after: id }, result: { planId: id } };
    });
  }

  /** Runs jobs until none is left; one at a time on this server, and none while it is stopping. */
  private async work(): Promise<void> {
    if (this.working !== null || this.isStopping) return;
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

  private async take(): Promise<TakenJob | null> {
    if (this.isStopping) return null;
    const job = await this.plans.takeJob();
    // The stop may have come while the database was asked.
    if (job === null || !this.isNowStopping()) return job;
    await this.plans.handBack(job);
    return null;
  }

  private isNowStopping(): boolean {
    return this.isStopping;
  }

  private async runJob(job: TakenJob): Promise<void> {
    const log = this.logger.child({ jobId: job.id });
    log.info({ mode: job.mode }, 'planning started');
    const abort = new AbortController();
    let ended: Ended | null = null;
    this.endRun = (why) => {
      ended ??= why;
      abort.abort();
    };
    const endRun = this.endRun;
    let latest: ProgressDto | null = null;
    const enough = new EnoughFlag();
    this.running = { jobId: job.id, enough };
    const follow = (lease: LeaseState): void => {
      if (lease === 'enough') enough.raise();
      else if (lease !== 'held') endRun(lease);
    };
    const renew = setInterval(() => {
      this.plans
        .renew(job, latest)
        .then(follow, (error: unknown) => log.warn({ err: error }, 'the lease of a planning could not be renewed'));
    }, RENEW_EVERY_MS);
    try {
      follow(await this.plans.renew(job, null));
      this.checks.end();
      const answer = await this.makePlan(job, abort.signal, enough, (p) => (latest = p));
      ended ??= await this.storeDraft(job, answer);
    } catch (error) {
      if (!abort.signal.aborted) await this.fail(job, error);
    } finally {
      clearInterval(renew);
      this.endRun = null;
      this.running = null;
    }
    await this.closeRun(job, ended);
    log.info({ end: ended ?? 'done' }, 'planning ended');
  }

  /** Hands a job back or closes it after its run; a lost job belongs to another server and is left alone. */
  private async closeRun(job: TakenJob, ended: Ended | null): Promise<void> {
    if (ended === 'stopping') await this.plans.handBack(job);
    if (ended === 'cancelled') await this.end(job, { state: 'cancelled' });
  }

  private async makePlan(
    job: TakenJob,
    signal: AbortSignal,
    enough: EnoughFlag,
    onProgress: (p: ProgressDto) => void,
  ): Promise<PlanAnswer> {
    const [kennel, published] = await Promise.all([this.kennels.read(), this.inForce.read()]);
    const body = published?.stored.body ?? null;
    const wanted = {
      kennel,
      nowMs: this.clock.nowMs(),
      seed: DEFAULT_SEED,
      previous: job.mode === 'keep' ? body : null,
      published: body,
    };
    return this.pool.plan(wanted, signal, onProgress, enough);
  }

  /** Keeps a plan as the draft while the job is still held and wanted; else tells why not, and nothing is kept. */
  private async storeDraft(job: TakenJob, answer: PlanAnswer): Promise<Ended | null> {
    const lease = await this.plans.renew(job, null);
    if (lease !== 'held' && lease !== 'enough') return lease;
    const at = new Date(this.clock.nowMs());
    try {
      const stored = await this.events.run(ownWrite(job.askedBy), async (trx) => {
        const planId = await this.plans.store(trx, answer, 'draft', job.askedBy, at);
        if (!(await this.plans.endJob(trx, job, { state: 'done', plan_id: planId }))) throw new LostLease();
        return { kind: 'plan.drafted', subject: planId, change: { before: null, after: planId }, result: planId };
      });
      this.checks.begin(stored);
      return null;
    } catch (error) {
      if (error instanceof LostLease) return 'lost';
      throw error;
    }
  }

  private async fail(job: TakenJob, error: unknown): Promise<void> {
    if (databaseErrorKind(error) === 'away') throw error;
    this.logger.error({ err: error, jobId: job.id }, 'planning failed');
    await this.end(job, { state: 'failed', trouble: 'The planner met an error; the published plan is unchanged.' });
  }

  private async end(job: TakenJob, end: { state: 'cancelled' | 'failed'; trouble?: string }): Promise<void> {
    await this.events
      .run(ownWrite(job.askedBy), async (trx) => {
        if (!(await this.plans.endJob(trx, job, end))) throw new LostLease();
        return { kind: `plan.${end.state}`, subject: job.id, change: { before: null, after: null }, result: null };
      })
      .catch((error: unknown) => {
        if (!(error instanceof LostLease)) throw error;
      });
  }
}

/** The job belongs to another server by now: what this one made of it is thrown away. */
class LostLease extends Error {}
