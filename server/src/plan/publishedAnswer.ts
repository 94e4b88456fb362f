/*
 * The published plan as JSON. A stored plan never changes, so the text of the newest one is kept and only its id is looked
 * up.
 */
import { Injectable } from '@nestjs/common';
import type { StoredPlan } from './planRepository.js';
import { PlanRepository } from './planRepository.js';

interface Kept {
  readonly id: string;
  readonly json: string;
}

@Injectable()
export class PublishedAnswer {
  private kept: Kept | null = null;

  constructor(private readonly plans: PlanRepository) {}

  /** JSON of the published plan, 'null' when there is none. */
  async json(): Promise<string> {
    const id = await this.plans.publishedId();
    if (id === null) return 'null';
    if (this.kept?.id === id) return this.kept.json;
    const stored = await this.plans.published();
    if (stored === null) return 'null';
    this.kept = { id: stored.id, json: storedJson(stored) };
    return this.kept.json;
  }
}

/** A stored plan as the interface reads it; its body is JSON already. */
export function storedJson({ id, madeAt, summary, body }: StoredPlan): string {
  const head = JSON.stringify({ id, madeAt: madeAt.toISOString(), summary });
  return `${head.slice(0, -1)},"plan":${body}}`;
}
