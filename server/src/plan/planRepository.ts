/*
 * Plans never change once they are stored; a pointer in the settings says which one is published. Jobs are rows with a lease
 * by the database's own clock and a token of whoever holds it: whoever lost the lease, by a stall or a cut line, can neither
 * renew it nor end the job.
 */
import { Inject, Injectable } from '@nestjs/common';
import type { Knex } from 'knex';
import { v7 } from 'uuid';
import { fromJson } from '../db/rows.js';
import type { PlanJobsRow, PlansRow } from '../db/tables.gen.js';
import { KNEX } from '../tokens.js';
import type { PlanAnswer, PlanSummary } from '../workers/protocol.js';
import type { PlanJobDto, PreviousPlanDto, ProgressDto } from './dto.js';

/** A plan's row. */
export interface StoredPlan {
  readonly id: string;
  readonly madeAt: Date;
  readonly summary: PlanSummary;
  /** JSON of the plan, as stored. */
  readonly body: string;
}

/** A job with the token of whoever runs it. */
export interface TakenJob {
  readonly id: string;
  readonly mode: 'keep' | 'fresh';
  readonly askedBy: string;
  readonly owner: string;
}

/** A planning job's row. */
export type JobRow = Pick<PlanJobsRow, 'id' | 'state' | 'cancel' | 'progress' | 'plan_id' | 'trouble'>;

/** How a lease stands after it was to be renewed. */
export type LeaseState = 'held' | 'enough' | 'cancelled' | 'lost';

/** Long enough for a server that plans on a busy machine, short enough that nobody waits for a dead one. */
export const LEASE_S = 10;
const OPEN = ['queued', 'running'];

/** Plans, the pointer to the published one, and the leased job. */
@Injectable()
export class PlanRepository {
  constructor(@Inject(KNEX) private readonly knex: Knex) {}

  /** Id of the plan in force, or null. */
  async publishedId(db: Knex = this.knex): Promise<string | null> {
    return (await db('settings').first('published_plan_id'))?.published_plan_id ?? null;
  }

  /** A plan by id; null where there is none. */
  async stored(id: string, db: Knex = this.knex): Promise<StoredPlan | null> {
    const row = await db('plans').where({ id }).first('id', 'made_at', 'summary', 'body');
    return row === undefined ? null : stored(row);
  }

  async draft(): Promise<StoredPlan | null> {
    const row = await this.knex('plans')
      .where({ state: 'draft' })
      .orderBy('made_at', 'desc')
      .first('id', 'made_at', 'summary', 'body');
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

  /** Publishes or discards a draft; false when it is no draft any more. */
  async endDraft(trx: Knex, id: string, state: 'published' | 'discarded', at: Date): Promise<boolean> {
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

  /** The plan that the published one took the place of; null where there is none. */
  async previous(db: Knex = this.knex): Promise<Pick<PlansRow, 'id' | 'made_at' | 'published_at'> | null> {
    const row = await db('plans')
      .where({ state: 'replaced' })
      .orderBy('published_at', 'desc')
      .first('id', 'made_at', 'published_at');
    return row ?? null;
  }

  /** Publishes a plan again that another has taken the place of; false when it is none of those. */
  async publishAgain(trx: Knex, id: string, at: Date): Promise<boolean> {
    if ((await this.previous(trx))?.id !== id) return false;
    await trx('plans').where({ state: 'published' }).update({ state: 'replaced' });
    await trx('plans').where({ id }).update({ state: 'published', published_at: at });
    await trx('settings').where({ id: 1 }).update({ published_plan_id: id });
    return true;
  }

  /** Queues a job; the newest request wins, older ones are asked to stop. */
  async addJob(trx: Knex, mode: TakenJob['mode'], askedBy: string, at: Date): Promise<string> {
    await trx('plan_jobs').whereIn('state', OPEN).update({ cancel: true });
    const id = v7();
    await trx('plan_jobs').insert({ id, state: 'queued', mode, asked_by: askedBy, asked_at: at });
    return id;
  }

  async job(id: string): Promise<JobRow | null> {
    return (
      (await this.knex('plan_jobs')
        .where({ id })
        .first(...JOB_COLUMNS)) ?? null
    );
  }

  async openJob(): Promise<JobRow | null> {
    const row = await this.knex('plan_jobs')
      .whereIn('state', OPEN)
      .where({ cancel: false })
      .orderBy('asked_at', 'desc')
      .first(...JOB_COLUMNS);
    return row ?? null;
  }

  /** Takes a job that is queued, or that runs under a lease that ran out; null when there is none. */
  async takeJob(): Promise<TakenJob | null> {
    const row = await this.knex('plan_jobs')
      .whereIn('state', OPEN)
      .where(isFree)
      .orderBy('asked_at', 'desc')
      .first('id', 'mode', 'asked_by');
    if (row === undefined) return null;
    const owner = v7();
    const taken = await this.knex('plan_jobs')
      .where({ id: row.id })
      .whereIn('state', OPEN)
      .where(isFree)
      .update({ state: 'running', owner, lease_until: this.leaseEnd() });
    if (taken !== 1) return null;
    return { id: row.id, mode: row.mode === 'fresh' ? 'fresh' : 'keep', askedBy: row.asked_by, owner };
  }

  /** Renews the lease and writes the progress down. */
  async renew({ id, owner }: TakenJob, progress: ProgressDto | null): Promise<LeaseState> {
    const change = progress === null ? {} : { progress: JSON.stringify(progress) };
    const held = await this.knex('plan_jobs')
      .where({ id, owner, state: 'running' })
      .where('lease_until', '>=', this.now())
      .update({ ...change, lease_until: this.leaseEnd() });
    if (held === 0) return 'lost';
    const row = await this.knex('plan_jobs').where({ id }).first('cancel', 'enough');
    if (row?.cancel === 1) return 'cancelled';
    return row?.enough === 1 ? 'enough' : 'held';
  }

  /** Ends a job that is still held; false when it was lost, so that nothing may be stored for it. */
  async endJob(
    trx: Knex,
    { id, owner }: TakenJob,
    end: { state: 'done' | 'cancelled' | 'failed'; plan_id?: string; trouble?: string },
  ): Promise<boolean> {
    const ended = await trx('plan_jobs')
      .where({ id, owner, state: 'running' })
      .where('lease_until', '>=', this.now())
      .update({ ...end, owner: null, lease_until: null });
    return ended === 1;
  }

  /** Gives a job back as it was asked for: whoever looks next takes it and begins anew. */
  async handBack({ id, owner }: TakenJob): Promise<void> {
    await this.knex('plan_jobs')
      .where({ id, owner, state: 'running' })
      .update({ state: 'queued', owner: null, lease_until: null, progress: null });
  }

  async cancelJob(trx: Knex, id: string): Promise<boolean> {
    return (await trx('plan_jobs').where({ id }).whereIn('state', OPEN).update({ cancel: true })) === 1;
  }

  /** Asks for the plan as it is; false when the job is over, or is to be cancelled. */
  async enoughOfJob(trx: Knex, id: string): Promise<boolean> {
    const asked = await trx('plan_jobs').where({ id, cancel: false }).whereIn('state', OPEN).update({ enough: true });
    return asked === 1;
  }

  private now(): Knex.Raw {
    return this.knex.raw('utc_timestamp(3)');
  }

  private leaseEnd(): Knex.Raw {
    return this.knex.raw('utc_timestamp(3) + interval ? second', [LEASE_S]);
  }
}

const JOB_COLUMNS = ['id', 'state', 'cancel', 'progress', 'plan_id', 'trouble'] as const;

/** Jobs that nobody holds, by the database's clock. */
function isFree(query: Knex.QueryBuilder): void {
  void query.whereNull('lease_until').orWhereRaw('lease_until < utc_timestamp(3)');
}

function stored(row: Pick<PlansRow, 'id' | 'made_at' | 'summary' | 'body'>): StoredPlan {
  return { id: row.id, madeAt: row.made_at, summary: fromJson(row.summary) as PlanSummary, body: row.body };
}

/** A job as the API shows it. */
export function jobDto(row: JobRow): PlanJobDto {
  return {
    id: row.id,
    state: row.state as PlanJobDto['state'],
    ...(row.progress === null ? {} : { progress: fromJson(row.progress) as ProgressDto }),
    ...(row.plan_id === null ? {} : { planId: row.plan_id }),
    ...(row.trouble === null ? {} : { trouble: row.trouble }),
  };
}

/** A plan that can be gone back to, as the API shows it. */
export function previousDto(row: Pick<PlansRow, 'id' | 'made_at' | 'published_at'>): PreviousPlanDto {
  return { id: row.id, publishedAt: (row.published_at ?? row.made_at).toISOString() };
}
