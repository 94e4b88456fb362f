/*
 * Commands and their events. Every write runs in a transaction that ends with one event row; its number comes from a
 * single row that is incremented last, so numbers follow the order of commits without gaps. A command that is given
 * twice (a retry, a second tap) answers what it answered the first time.
 */
import { Inject, Injectable } from '@nestjs/common';
import type { Knex } from 'knex';
import type { EventKind, RowChange } from '@loyal-mane/core';
import { databaseErrorKind, mayRetry } from '../db/databaseError.js';
import { fromJson } from '../db/rows.js';
import { Clock } from '../clock.js';
import { Problem } from '../problem/problem.js';
import { KNEX } from '../tokens.js';

/** Who asks for a write; without an id and a fingerprint it cannot be repeated (the server's own writes). */
export interface Asked {
  readonly id: string | null;
  readonly actorId: string | null;
  readonly fingerprint: string | null;
}

/** A write of the server itself, on behalf of somebody. */
export const ownWrite = (actorId: string | null): Asked => ({ id: null, actorId, fingerprint: null });

/** A command's change, its inverse, and the answer to its caller. */
export interface Written<R> {
  readonly kind: EventKind;
  readonly subject: string;
  /** Everything that it is about, where that is more than the subject. */
  readonly subjects?: readonly string[];
  readonly change: {
    readonly before: unknown;
    readonly after: unknown;
    /** Rows of the kennel that changed, with both sides: what can be undone. */
    readonly rows?: readonly RowChange[];
  };
  readonly result: R;
}

/** An event as streams tell it. */
export interface EventRow {
  readonly number: number;
  readonly at: string;
  readonly kind: string;
  readonly subject: string;
  readonly actorId: string | null;
  /** Other rows that it is about, at most a page of them. */
  readonly others: readonly string[];
  /** The record of a task after it, null when there is none any more; only of tasks. */
  readonly work?: unknown;
}

interface StoredEvent {
  readonly number: number;
  readonly at: Date;
  readonly kind: string;
  readonly subject: string;
  readonly actor_id: string | null;
  readonly result: unknown;
}

const TASKS = 'task.';
const isAboutTask = (kind: string): boolean => kind.startsWith(TASKS);
/** Results of other commands can be large, and streams do not tell them. */
const RESULT_OF_TASKS = (knex: Knex): Knex.Raw => knex.raw('if(kind like ?, result, null) as result', [`${TASKS}%`]);

const isOther = (error: unknown): boolean => error instanceof Problem && error.code === 'otherCommand';

const MOST_TRIES = 8;
const MOST_OTHERS = 60;
/**
 * Looking for a row that is not there yet must not lock the gap: two who begin different tasks at one moment would each
 * wait for the other's insert. Two who begin the same task meet at its key; the second looks again and is told.
 */
const ISOLATION = { isolationLevel: 'read committed' } as const;

/** Appends events within a transaction and reads them by number. */
@Injectable()
export class EventStore {
  private readonly wakers = new Set<() => void>();

  constructor(
    @Inject(KNEX) private readonly knex: Knex,
    private readonly clock: Clock,
  ) {}

  /** Calls back after each write of this server, so that its streams need not wait for their next look. */
  onWrite(wake: () => void): () => void {
    this.wakers.add(wake);
    return () => this.wakers.delete(wake);
  }

  /**
   * Runs one command in a transaction of its own. Given again it answers what it answered first.
   * @throws Problem `otherCommand` when its id was used by somebody else, on another route or with another body
   */
  async run<R>(asked: Asked, write: (trx: Knex.Transaction) => Promise<Written<R>>): Promise<R> {
    for (let tries = 1; ; tries++) {
      try {
        const result = await this.knex.transaction((trx) => this.runIn(trx, asked, write), ISOLATION);
        for (const wake of this.wakers) wake();
        return result;
      } catch (error) {
        const kind = databaseErrorKind(error);
        // Two copies of one command at once: the second, whatever it met, sees the first one's answer when it looks again.
        const again =
          mayRetry(kind) ||
          kind === 'duplicate' ||
          (kind !== 'away' && !isOther(error) && (await this.answered(this.knex, asked)) !== null);
        if (!again || tries >= MOST_TRIES) throw error;
      }
    }
  }

  private async runIn<R>(
    trx: Knex.Transaction,
    asked: Asked,
    write: (trx: Knex.Transaction) => Promise<Written<R>>,
  ): Promise<R> {
    const answered = await this.answered(trx, asked);
    if (answered !== null) return (fromJson(answered.result) as { result: R }).result;
    const written = await write(trx);
    await trx('stream_head').where({ id: 1 }).increment('number', 1);
    const head = await trx('stream_head').where({ id: 1 }).first('number');
    if (head === undefined) throw new Error('EventStore: the row of the stream’s head is missing');
    const { number } = head;
    await trx('events').insert({
      number,
      at: new Date(this.clock.nowMs()),
      command_id: asked.id,
      fingerprint: asked.fingerprint,
      actor_id: asked.actorId,
      kind: written.kind,
      subject: written.subject,
      change: JSON.stringify(written.change),
      result: JSON.stringify({ result: written.result }),
    });
    const others = [...new Set(written.subjects ?? [])].filter((id) => id !== written.subject);
    if (others.length > 0)
      await trx.batchInsert(
        'event_subjects',
        others.map((subject) => ({ number, subject })),
        500,
      );
    return written.result;
  }

  /** Result of the same command where it was given before. Events of earlier versions have no fingerprint. */
  private async answered(db: Knex, asked: Asked): Promise<{ result: unknown } | null> {
    if (asked.id === null) return null;
    const row = await db('events').where({ command_id: asked.id }).first('result', 'fingerprint', 'actor_id');
    if (row === undefined) return null;
    const isSame =
      row.actor_id === asked.actorId && (row.fingerprint === null || row.fingerprint === asked.fingerprint);
    if (!isSame) throw new Problem('otherCommand', 'Nothing was changed. Load the page again and repeat what you did.');
    return row;
  }

  /** Number of the newest event. */
  async head(): Promise<number> {
    const row = await this.knex('stream_head').where({ id: 1 }).first('number');
    return row?.number ?? 0;
  }

  /** Kinds of the events after a number, up to and with another. */
  async kindsAfter(number: number, upTo: number): Promise<string[]> {
    const rows = await this.knex('events').where('number', '>', number).where('number', '<=', upTo).select('kind');
    return rows.map((r) => r.kind);
  }

  /** Events after a number, in order, at most `limit`. */
  async after(number: number, limit: number): Promise<EventRow[]> {
    const rows = await this.knex('events')
      .where('number', '>', number)
      .orderBy('number')
      .limit(limit)
      .select<StoredEvent[]>('number', 'at', 'kind', 'subject', 'actor_id', RESULT_OF_TASKS(this.knex));
    const others = await this.othersOf(rows.map((r) => r.number));
    return rows.map((r) => ({
      number: r.number,
      at: r.at.toISOString(),
      kind: r.kind,
      subject: r.subject,
      actorId: r.actor_id,
      others: others.get(r.number) ?? [],
      ...(isAboutTask(r.kind) ? { work: (fromJson(r.result) as { result?: unknown } | null)?.result ?? null } : {}),
    }));
  }

  private async othersOf(numbers: readonly number[]): Promise<Map<number, string[]>> {
    const found = new Map<number, string[]>();
    if (numbers.length === 0) return found;
    const rows = await this.knex('event_subjects')
      .whereIn('number', numbers)
      .orderBy(['number', 'subject'])
      .limit(MOST_OTHERS * numbers.length)
      .select('number', 'subject');
    for (const r of rows) {
      const list = found.get(r.number) ?? [];
      if (list.length < MOST_OTHERS) found.set(r.number, [...list, r.subject]);
    }
    return found;
  }

  /** Changes of one subject, oldest first, inside a transaction. */
  async changesOf(
    trx: Knex.Transaction,
    subject: string,
  ): Promise<{ kind: string; change: Written<unknown>['change'] }[]> {
    const rows = await trx('events').where({ subject }).orderBy('number').select('kind', 'change');
    return rows.map((r) => ({ kind: r.kind, change: fromJson(r.change) as Written<unknown>['change'] }));
  }
}
