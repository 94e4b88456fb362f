/*
 * The trail: who changed what, when. It is a reading of the events that every write leaves; rows with both sides can be
 * taken back.
 */
import { Inject, Injectable } from '@nestjs/common';
import type { Knex } from 'knex';
import type { RowChange } from '@loyal-mane/core';
import { fromJson } from '../db/rows.js';
import type { EventsRow } from '../db/tables.gen.js';
import { KNEX } from '../tokens.js';
import type { TrailEntryDto, TrailQueryDto } from './changeDto.js';

const MOST_ROWS = 20;

type Told = Pick<EventsRow, 'number' | 'at' | 'kind' | 'subject' | 'actor_id' | 'change'>;

/** Reads the trail, and takes an event back by the inverse of its changes. */
@Injectable()
export class TrailService {
  constructor(@Inject(KNEX) private readonly knex: Knex) {}

  /** Events of one subject or of all, newest first. */
  async read({ subject, before, limit = 50 }: TrailQueryDto): Promise<TrailEntryDto[]> {
    const query = this.knex('events').orderBy('number', 'desc').limit(limit);
    if (before !== undefined) void query.where('number', '<', before);
    if (subject !== undefined) {
      const among = this.knex('event_subjects').where({ subject }).select('number');
      void query.where((q) => void q.where({ subject }).orWhereIn('number', among));
    }
    const rows = await query.select('number', 'at', 'kind', 'subject', 'actor_id', 'change');
    return rows.map((row) => entryOf(row, subject));
  }
}

/** An entry; asked for one subject, its rows come first. */
function entryOf(row: Told, subject: string | undefined): TrailEntryDto {
  const { rows = [] } = (fromJson(row.change) ?? {}) as { rows?: RowChange[] };
  const sorted = [...rows.filter((r) => r.id === subject), ...rows.filter((r) => r.id !== subject)];
  return {
    number: row.number,
    at: row.at.toISOString(),
    kind: row.kind,
    subject: row.subject,
    ...(row.actor_id === null ? {} : { actorId: row.actor_id }),
    rows: sorted.slice(0, MOST_ROWS),
    count: rows.length,
    mayUndo: rows.length > 0,
  };
}
