/*
 * The plan that people work by. A stored plan never changes, so the newest one is kept read and parsed, and each look asks the
 * database only for its id; the answer is for the moment of the transaction that asks.
 */
import { Inject, Injectable } from '@nestjs/common';
import type { Knex } from 'knex';
import type { Plan, PlannedActivity } from '@loyal-mane/core';
import { KNEX } from '../tokens.js';
import type { StoredPlan } from './planRepository.js';
import { PlanRepository } from './planRepository.js';

/** A published plan with what is asked of it again and again, each made once. */
export class PublishedPlan {
  private readonly made: { json?: string; plan?: Plan; tasks?: ReadonlyMap<string, PlannedActivity> } = {};

  constructor(readonly stored: StoredPlan) {}

  get id(): string {
    return this.stored.id;
  }

  /** As the interface reads it. */
  get json(): string {
    return (this.made.json ??= storedJson(this.stored));
  }

  get plan(): Plan {
    return (this.made.plan ??= JSON.parse(this.stored.body) as Plan);
  }

  /** Its tasks by key. */
  get tasks(): ReadonlyMap<string, PlannedActivity> {
    return (this.made.tasks ??= new Map(this.plan.activities.map((a) => [a.key as string, a])));
  }
}

/** The published plan, read once until another is published. */
@Injectable()
export class PlanInForce {
  private kept: PublishedPlan | null = null;

  constructor(
    @Inject(KNEX) private readonly knex: Knex,
    private readonly plans: PlanRepository,
  ) {}

  /** The plan in force, or null; inside a transaction on its connection. */
  async read(db: Knex = this.knex): Promise<PublishedPlan | null> {
    const id = await this.plans.publishedId(db);
    if (id === null) return null;
    if (this.kept?.id === id) return this.kept;
    const stored = await this.plans.stored(id, db);
    if (stored === null) throw new Error(`PlanInForce: the published plan ${id} is not there`);
    this.kept = new PublishedPlan(stored);
    return this.kept;
  }
}

/** A stored plan as the interface reads it; its body is JSON already. */
export function storedJson({ id, madeAt, summary, body }: StoredPlan): string {
  const head = JSON.stringify({ id, madeAt: madeAt.toISOString(), summary });
  return `${head.slice(0, -1)},"plan":${body}}`;
}
