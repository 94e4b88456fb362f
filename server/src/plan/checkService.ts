/*
 * Looks for what would help dogs without a place, after their plan is shown: each change is planned with before it is
 * offered. One plan at a time; a newer one, or somebody who stops it, ends the looking at once.
 */
import { Inject, Injectable } from '@nestjs/common';
import type { OnModuleDestroy } from '@nestjs/common';
import type { Logger } from 'pino';
import type { Plan } from '@loyal-mane/core';
import type { Command } from '../auth/session.js';
import { Clock } from '../clock.js';
import { databaseErrorKind } from '../db/databaseError.js';
import { EventStore, ownWrite } from '../events/eventStore.js';
import { KennelRepository } from '../kennel/kennelRepository.js';
import { Problem } from '../problem/problem.js';
import { LOGGER } from '../tokens.js';
import { PlannerPool } from '../workers/plannerPool.js';
import { CheckRepository } from './checkRepository.js';
import { PlanRepository } from './planRepository.js';

/** Looks for remedies of one plan at a time. */
@Injectable()
export class CheckService implements OnModuleDestroy {
  private ending: AbortController | null = null;
  /** The plan that is being looked into. */
  private current: string | null = null;
  private looking: Promise<void> = Promise.resolve();

  constructor(
    private readonly checks: CheckRepository,
    private readonly plans: PlanRepository,
    private readonly kennels: KennelRepository,
    private readonly events: EventStore,
    private readonly pool: PlannerPool,
    private readonly clock: Clock,
    @Inject(LOGGER) private readonly logger: Logger,
  ) {}

  async onModuleDestroy(): Promise<void> {
    this.end();
    await this.looking;
  }

  /** Begins to look into a plan; what was being looked into before is left. */
  begin(planId: string): void {
    this.end();
    const ending = new AbortController();
    this.ending = ending;
    this.current = planId;
    this.looking = this.looking.then(() => this.look(planId, ending.signal));
  }

  /** Begins to look into a plan that nobody has looked into to the end, or has stopped; else does nothing. */
  async want(planId: string): Promise<void> {
    if ((await this.plans.stored(planId)) === null) throw new Problem('notFound', 'There is no such plan.');
    const known = await this.checks.read(planId);
    const isOver = known !== null && (known.isStopped || known.chains.length >= known.of);
    // A newer plan may have ended the looking; it is taken up again where somebody asks.
    if (!isOver && this.current !== planId) this.begin(planId);
  }

  /** Leaves what is being looked into. */
  end(): void {
    this.ending?.abort();
    this.ending = null;
    this.current = null;
  }

  /** Stops looking into a plan, for everybody. */
  async stop(given: Command, planId: string): Promise<void> {
    await this.events.run(given, async (trx) => {
      if (!(await this.checks.stop(trx, planId))) throw new Problem('notNow', 'Nothing is being looked for.');
      return { kind: 'plan.checked', subject: planId, change: { before: null, after: null }, result: null };
    });
    this.end();
  }

  private async look(planId: string, signal: AbortSignal): Promise<void> {
    try {
      if (!signal.aborted) await this.lookInto(planId, signal);
      if (this.current === planId) this.current = null;
    } catch (error) {
      if (!signal.aborted && databaseErrorKind(error) === null)
        this.logger.error({ err: error, planId }, 'looking for what would help failed');
    }
  }

  private async lookInto(planId: string, signal: AbortSignal): Promise<void> {
    const stored = await this.plans.stored(planId);
    if (stored === null) return;
    const plan = JSON.parse(stored.body) as Plan;
    const out = plan.unplaced.filter((u) => u.kind === 'show' && u.reason.code !== 'needsOther');
    await this.tell(planId, (trx) => this.checks.begin(trx, planId, out.length).then(() => true));
    if (out.length === 0) return;
    const kennel = await this.kennels.read();
    for (const { key } of out) {
      if (isOver(signal)) return;
      const check = await this.pool.check({ kennel, nowMs: this.clock.nowMs(), plan: stored.body, key }, signal);
      if (!(await this.tell(planId, (trx) => this.checks.add(trx, planId, check)))) return;
    }
  }

  private tell(
    planId: string,
    write: (trx: Parameters<Parameters<EventStore['run']>[1]>[0]) => Promise<boolean>,
  ): Promise<boolean> {
    return this.events.run(ownWrite(null), async (trx) => ({
      kind: 'plan.checked',
      subject: planId,
      change: { before: null, after: null },
      result: await write(trx),
    }));
  }
}

/** Asked again between questions: whoever ends the looking does so while it waits for an answer. */
const isOver = (signal: AbortSignal): boolean => signal.aborted;
