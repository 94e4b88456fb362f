/*
 * Breaks of the plan in force, and the change of the kennel since which they are: a reading of the planner's answer beside
 * the events since the plan was published.
 */
import { Inject, Injectable } from '@nestjs/common';
import type { Knex } from 'knex';
import type { BreakCode, PlanBreak } from '@loyal-mane/core';
import type { EventsRow } from '../db/tables.gen.js';
import { KNEX } from '../tokens.js';
import type { BreakSinceDto, PlanBreakDto, PlanBreaksDto } from './dto.js';
import { PlanQuestions } from './planQuestions.js';

/** So many changes since the plan was published are looked through (engineering default). */
const MOST_CHANGES = 300;

type Change = Pick<EventsRow, 'at' | 'actor_id' | 'subject' | 'change'>;

/** Tells what of the published plan no longer holds. */
@Injectable()
export class BreakService {
  constructor(
    @Inject(KNEX) private readonly knex: Knex,
    private readonly questions: PlanQuestions,
  ) {}

  async read(): Promise<PlanBreaksDto> {
    const held = await this.questions.breaks();
    if (held === null) return { planId: null, breaks: [] };
    const changes = held.breaks.length === 0 ? [] : await this.changesSince(held.published.id);
    return { planId: held.published.id, breaks: held.breaks.map((b) => ({ ...b, since: sinceOf(b, changes) })) };
  }

  /** Changes of the kennel since a plan was published, newest first; work and planning are none. */
  private async changesSince(planId: string): Promise<Change[]> {
    const published = await this.knex('events')
      .where({ kind: 'plan.published', subject: planId })
      .orderBy('number', 'desc')
      .first('number');
    return this.knex('events')
      .where('number', '>', published?.number ?? 0)
      .whereNot('kind', 'like', 'task.%')
      .whereNot('kind', 'like', 'plan.%')
      .orderBy('number', 'desc')
      .limit(MOST_CHANGES)
      .select('at', 'actor_id', 'subject', 'change');
  }
}

/** The newest change that names what a task lost by. */
function sinceOf(b: PlanBreak, changes: readonly Change[]): BreakSinceDto | null {
  for (const id of causesOf(b)) {
    const change = changes.find((c) => c.subject === id || JSON.stringify(c.change).includes(id));
    if (change !== undefined) return { at: change.at.toISOString(), actorId: change.actor_id };
  }
  return null;
}

const BY_PERSON: ReadonlySet<BreakCode> = new Set(['away', 'cannot']);
const BY_STATION: ReadonlySet<BreakCode> = new Set(['closed', 'station', 'amperes']);

/** Ids of what a change must have touched, the nearest first. */
function causesOf(b: PlanBreak): readonly string[] {
  const own = [b.entryId, b.dogId].filter((id) => id !== null);
  if (b.code === 'set') return [b.key];
  if (BY_PERSON.has(b.code)) return [...(b.personId === null ? [] : [b.personId]), ...own];
  if (BY_STATION.has(b.code)) return b.stationId === null ? own : [b.stationId];
  return own;
}

/** The breaks that concern an owner's dogs; who and what else is the crew's own. */
export function ownBreaks(told: PlanBreaksDto, own: ReadonlySet<string>): PlanBreaksDto {
  const mine = (b: PlanBreakDto): PlanBreakDto => ({ ...b, personId: null, other: null, since: null });
  return { planId: told.planId, breaks: told.breaks.filter((b) => own.has(b.dogId)).map(mine) };
}
