/*
 * Plans never change once they are stored; a pointer in the settings says which one is published. Jobs are rows with a
 * lease, so that any server may run them and none is lost with a server.
 */
import { Inject, Injectable } from '@nestjs/common';
import type { Knex } from 'knex';
import { v7 } from 'uuid';
import { fromJson } from '../db/rows.js';
import { KNEX } from '../tokens.js';
import type { PlanAnswer, PlanSummary } from '../workers/protocol.js';
import type { PlanJobDto, ProgressDto } from './dto.js';

export interface StoredPlan {
  readonly id: string;
  readonly madeAt: Date;
  readonly summary: PlanSummary;
  /** JSON of the plan, as stored. */
  readonly body: string;
}

export interface JobRow {
  readonly id: string;
  readonly state: PlanJobDto['state'];
  readonly mode: 'keep' | 'fresh';
  readonly asked_by: string;
  readonly cancel: number;
  readonly progress: unknown;
  readonly plan_id: string | null;
  readonly trouble: string | null;
}

interface PlanRow {
  id: string;
  made_at: Date;
  summary: unknown;
  body: string;
}

const LEASE_MS = 10_000;
const OPEN = ['queued', 'running'];

@Injectable()
export class PlanRepository {
  constructor(@Inject(KNEX) private readonly knex: Knex) {}

  async published(): Promise<StoredPlan | null> {
    const row = await this.knex('plans')
      .join('settings', 'settings.published_plan_id', 'plans.id')
      .first<PlanRow | undefined>('plans.id', 'made_at', 'summary', 'body');
    return row === undefined ? null : stored(row);
  }

  async publishedId(): Promise<string | null> {
    const row = await this.knex('settings').first<{ id: string | null } | undefined>('published_plan_id as id');
    return row?.id ?? null;
  }

  async draft(): Promise<StoredPlan | null> {
    const row = await this.knex('plans')
      .where({ state: 'draft' })
      .orderBy('made_at', 'desc')
      .first<PlanRow | undefined>();
    return row === undefined ? null : stored(row);
  }

  /** Stores a plan; a draft replaces the draft before it. */
  async store(
    trx: Knex,
    answer: PlanAnswer,
    state: 'draft' | 'published',
    madeBy: string | null,
    at: Date,
  ): Promise<string> {
    const id = v7();
    if (state === 'draft') await trx('plans').where({ state: 'draft' }).update({ state: 'discarded' });
    await trx('plans').insert({
      id,
      state,
      made_at: at,
      made_by: madeBy,
      published_at: state === 'published' ? at : null,
      input_hash: answer.inputHash,
      summary: JSON.stringify(answer.summary),
      body: answer.body,
    });
    if (state === 'published') await trx('settings').where({ id: 1 }).update({ published_plan_id: id });
    return id;
  }

  /** Moves a draft on; false when it is no draft any more. */
  async settleDraft(trx: Knex, id: string, state: 'published' | 'discarded', at: Date): Promise<boolean> {
    const changed = await trx('plans')
      .where({ id, state: 'draft' })
      .update({ state, published_at: state === 'published' ? at : null });
    if (changed === 0) return false;
    if (state === 'published') {
      await trx('plans').where({ state: 'published' }).whereNot({ id }).update({ state: 'replaced' });
      await trx('settings').where({ id: 1 }).update({ published_plan_id: id });
    }
    return true;
  }

  /** Queues a job; the newest request wins, older ones are asked to stop. */
  async addJob(trx: Knex, mode: JobRow['mode'], askedBy: string, at: Date): Promise<string> {
    await trx('plan_jobs').whereIn('state', OPEN).update({ cancel: true });
    const id = v7();
    await trx('plan_jobs').insert({ id, state: 'queued', mode, asked_by: askedBy, asked_at: at });
    return id;
  }

  async job(id: string): Promise<JobRow | null> {
    return (await this.knex('plan_jobs').where({ id }).first<JobRow | undefined>()) ?? null;
  }

  async openJob(): Promise<JobRow | null> {
    const row = await this.knex('plan_jobs')
      .whereIn('state', OPEN)
      .where({ cancel: false })
      .orderBy('asked_at', 'desc')
      .first<JobRow | undefined>();
    return row ?? null;
  }

  /** Takes a job that is queued, or running under a lease that ran out; null when there is none. */
  async takeJob(now: Date): Promise<JobRow | null> {
    const row = await this.knex('plan_jobs')
      .whereIn('state', OPEN)
      .where((w) => void w.whereNull('lease_until').orWhere('lease_until', '<', now))
      .orderBy('asked_at', 'desc')
      .first<JobRow | undefined>();
    if (row === undefined) return null;
    const taken = await this.knex('plan_jobs')
      .where({ id: row.id, state: row.state })
      .where((w) => void w.whereNull('lease_until').orWhere('lease_until', '<', now))
      .update({ state: 'running', lease_until: new Date(now.getTime() + LEASE_MS) });
    return taken === 1 ? { ...row, state: 'running' } : null;
  }

  /** Renews the lease and writes the progress down; true when the job was asked to stop. */
  async renew(id: string, progress: ProgressDto | null, now: Date): Promise<boolean> {
    const change = progress === null ? {} : { progress: JSON.stringify(progress) };
    await this.knex('plan_jobs')
      .where({ id })
      .update({ ...change, lease_until: new Date(now.getTime() + LEASE_MS) });
    return (await this.job(id))?.cancel === 1;
  }

  async endJob(
    trx: Knex,
    id: string,
    end: { state: PlanJobDto['state']; plan_id?: string; trouble?: string },
  ): Promise<void> {
    await trx('plan_jobs')
      .where({ id })
      .update({ ...end, lease_until: null });
  }

  async cancelJob(trx: Knex, id: string): Promise<boolean> {
    return (await trx('plan_jobs').where({ id }).whereIn('state', OPEN).update({ cancel: true })) === 1;
  }
}

function stored(row: PlanRow): StoredPlan {
  return { id: row.id, madeAt: row.made_at, summary: fromJson(row.summary) as PlanSummary, body: row.body };
}

/** A job as the API shows it. */
export function jobDto(row: JobRow): PlanJobDto {
  return {
    id: row.id,
    state: row.state,
    ...(row.progress === null ? {} : { progress: fromJson(row.progress) as ProgressDto }),
    ...(row.plan_id === null ? {} : { planId: row.plan_id }),
    ...(row.trouble === null ? {} : { trouble: row.trouble }),
  };
}
