/*
 * Remedies for dogs without a place, kept beside their plan; the list grows while they are looked for.
 */
import { Inject, Injectable } from '@nestjs/common';
import type { Knex } from 'knex';
import type { ChainCheck } from '@loyal-mane/core';
import { KNEX } from '../tokens.js';

/** Checks of one plan so far. */
export interface PlanChecks {
  readonly planId: string;
  /** Entries without a place that are looked into. */
  readonly of: number;
  readonly isStopped: boolean;
  readonly chains: readonly ChainCheck[];
}

/** Reads and writes the checks of plans. */
@Injectable()
export class CheckRepository {
  constructor(@Inject(KNEX) private readonly knex: Knex) {}

  /** Checks of a plan; null where nothing was looked for yet. */
  async read(planId: string, db: Knex = this.knex): Promise<PlanChecks | null> {
    const row = await db('plan_checks').where({ plan_id: planId }).first();
    if (row === undefined) return null;
    const chains = JSON.parse(row.chains) as ChainCheck[];
    return { planId, of: row.of, isStopped: row.stopped === 1, chains };
  }

  async begin(trx: Knex, planId: string, of: number): Promise<void> {
    const row = { plan_id: planId, of, stopped: false, chains: '[]' };
    await trx('plan_checks').insert(row).onConflict('plan_id').merge();
  }

  /** Adds one; false where somebody has stopped the looking. */
  async add(trx: Knex, planId: string, check: ChainCheck): Promise<boolean> {
    const before = await this.read(planId, trx);
    if (before === null || before.isStopped) return false;
    const chains = [...before.chains.filter((c) => c.key !== check.key), check];
    await trx('plan_checks')
      .where({ plan_id: planId })
      .update({ chains: JSON.stringify(chains) });
    return true;
  }

  /** Stops the looking; false where there is none. */
  async stop(trx: Knex, planId: string): Promise<boolean> {
    return (await trx('plan_checks').where({ plan_id: planId, stopped: false }).update({ stopped: true })) === 1;
  }
}
