/*
 * The live stream (server-sent events). One look at the event table every 200 ms serves all streams of this server that are
 * up to date, and its own writes wake it at once. A stream that resumes catches up by itself, so that nobody waits for it;
 * one that is too far behind, or ahead of the table (an older backup was restored), is told to read everything again.
 *
 * A stream lives as long as the session that opened it and the role it was opened with; a reader that does not read is
 * dropped, and comes back with the number that it has seen.
 */
import type { OnModuleDestroy } from '@nestjs/common';
import { Inject, Injectable } from '@nestjs/common';
import type { Response } from 'express';
import type { Knex } from 'knex';
import type { Logger } from 'pino';
import type { SignedIn } from '../auth/session.js';
import { Clock } from '../clock.js';
import { databaseErrorKind } from '../db/databaseError.js';
import { Problem } from '../problem/problem.js';
import { KNEX, LOGGER } from '../tokens.js';
import type { EventRow } from './eventStore.js';
import { EventStore } from './eventStore.js';

const LOOK_EVERY_MS = 200;
const PING_EVERY_MS = 15_000;
const SESSIONS_EVERY_MS = 500;
const BATCH = 200;
/** A stream that has missed more reads everything again: that is less than telling it all (engineering default). */
const MOST_BEHIND = 1000;
/** Bytes that may wait for a reader before it is dropped. */
const MOST_WAITING_BYTES = 1024 * 1024;
/** Pages of one person at once (engineering default). */
const MOST_STREAMS = 12;

interface Stream {
  readonly response: Response;
  readonly signedIn: SignedIn;
  /** Number of the last event that it was told. */
  last: number;
  /** It reads older events by itself and is not told newer ones until it has. */
  isCatchingUp: boolean;
}

/** Hands new events to all open streams, also those that another server has written. */
@Injectable()
export class StreamHub implements OnModuleDestroy {
  private readonly streams = new Set<Stream>();
  private timer: NodeJS.Timeout | null = null;
  private isLooking = false;
  private lookAgain = false;
  private sessionsSeenMs = 0;
  private readonly forget: () => void;

  constructor(
    private readonly events: EventStore,
    private readonly clock: Clock,
    @Inject(KNEX) private readonly knex: Knex,
    @Inject(LOGGER) private readonly logger: Logger,
  ) {
    this.forget = events.onWrite(() => void this.look());
  }

  /** Opens a stream; `after` null starts with what comes from now on. */
  async open(response: Response, signedIn: SignedIn, after: number | null): Promise<void> {
    const mine = [...this.streams].filter((s) => s.signedIn.personId === signedIn.personId);
    if (mine.length >= MOST_STREAMS)
      throw new Problem('tooManyStreams', `${String(MOST_STREAMS)} pages are open in your name. Close one of them.`);
    const head = await this.events.head();
    const mayResume = after !== null && after <= head && head - after <= MOST_BEHIND;
    const stream: Stream = { response, signedIn, last: mayResume ? after : head, isCatchingUp: true };
    response.status(200).set({ 'Content-Type': 'text/event-stream', 'X-Accel-Buffering': 'no' });
    response.flushHeaders();
    const mustReadAgain = after !== null && !mayResume;
    this.send(stream, `retry: 1000\n${frame(mustReadAgain ? 'again' : 'hello', stream.last)}`);
    const ping = setInterval(() => this.send(stream, ': still here\n\n'), PING_EVERY_MS);
    this.streams.add(stream);
    response.on('close', () => {
      clearInterval(ping);
      this.streams.delete(stream);
      if (this.streams.size === 0 && this.timer !== null) {
        clearInterval(this.timer);
        this.timer = null;
      }
    });
    this.timer ??= setInterval(() => void this.look(), LOOK_EVERY_MS);
    await this.catchUp(stream);
  }

  /** How many streams are open. */
  get size(): number {
    return this.streams.size;
  }

  /** Tells a stream what it has missed, a page at a time; from then on it hears with all others. */
  private async catchUp(stream: Stream): Promise<void> {
    try {
      while (this.streams.has(stream)) {
        const page = await this.events.after(stream.last, BATCH);
        for (const event of page) this.tell(stream, event);
        if (page.length < BATCH) break;
      }
      stream.isCatchingUp = false;
      await this.look();
    } catch (error) {
      this.warn(error, 'a stream could not catch up');
      this.drop(stream);
    }
  }

  /** One look for everybody who is up to date. A write during a look asks for one more. */
  private async look(): Promise<void> {
    if (this.isLooking) {
      this.lookAgain = true;
      return;
    }
    this.isLooking = true;
    this.lookAgain = true;
    try {
      while (this.mustLook()) await this.lookOnce();
    } catch (error) {
      this.warn(error, 'the stream of changes could not be read');
    } finally {
      this.isLooking = false;
    }
  }

  /** Whether something was written since the last look began. */
  private mustLook(): boolean {
    const must = this.lookAgain;
    this.lookAgain = false;
    return must;
  }

  private async lookOnce(): Promise<void> {
    const ready = [...this.streams].filter((s) => !s.isCatchingUp);
    if (ready.length === 0) return;
    const oldest = Math.min(...ready.map((s) => s.last));
    const events = await this.events.after(oldest, BATCH);
    for (const stream of ready) for (const event of events) this.tell(stream, event);
    if (events.length === BATCH) this.lookAgain = true;
    await this.endOver(events.length > 0);
  }

  /** Ends the streams whose session is over or whose person has another role now. */
  private async endOver(isDue: boolean): Promise<void> {
    const nowMs = this.clock.nowMs();
    if (!isDue && Math.abs(nowMs - this.sessionsSeenMs) < SESSIONS_EVERY_MS) return;
    this.sessionsSeenMs = nowMs;
    const open = [...this.streams];
    const rows = await this.knex('sign_in_sessions')
      .join('people', 'people.id', 'sign_in_sessions.person_id')
      .join('accounts', 'accounts.person_id', 'people.id')
      .whereIn(
        'token_hash',
        open.map((s) => s.signedIn.tokenHash),
      )
      .where('expires_at', '>', new Date(nowMs))
      .select<{ token_hash: string; role: string; owner: string | null }[]>(
        'token_hash',
        'role',
        'people.owner_id as owner',
      );
    await this.resetAhead(open);
    const roles = new Map(rows.map((r) => [r.token_hash, `${r.role} ${String(r.owner)}`]));
    for (const stream of open) {
      const { tokenHash, role, ownerId } = stream.signedIn;
      if (roles.get(tokenHash) !== `${role} ${String(ownerId)}`) this.drop(stream);
    }
  }

  /** A stream that is ahead of the table has seen what a restored backup knows nothing of. */
  private async resetAhead(open: readonly Stream[]): Promise<void> {
    const head = await this.events.head();
    for (const stream of open) {
      if (stream.isCatchingUp || stream.last <= head) continue;
      stream.last = head;
      this.send(stream, frame('again', head));
    }
  }

  private tell(stream: Stream, event: EventRow): void {
    if (event.number <= stream.last) return;
    stream.last = event.number;
    const seen = stream.signedIn.role === 'owner' ? forOwners(event) : event;
    this.send(stream, frame('change', event.number, seen));
  }

  private send(stream: Stream, text: string): void {
    const { response } = stream;
    response.write(text);
    if (response.writableLength <= MOST_WAITING_BYTES) return;
    this.logger.warn({ personId: stream.signedIn.personId }, 'a stream was dropped: its reader does not read');
    this.drop(stream);
  }

  /** Ends a stream at once, with what still waits for its reader. */
  private drop(stream: Stream): void {
    this.streams.delete(stream);
    stream.response.destroy();
  }

  private warn(error: unknown, what: string): void {
    // While the database is away every look fails; the next one finds what happened meanwhile.
    if (databaseErrorKind(error) === 'away') this.logger.debug({ err: error }, what);
    else this.logger.error({ err: error }, what);
  }

  onModuleDestroy(): void {
    if (this.timer !== null) clearInterval(this.timer);
    this.forget();
    for (const stream of this.streams) stream.response.end();
  }
}

function frame(event: string, number: number, data: object = { number }): string {
  return `id: ${String(number)}\nevent: ${event}\ndata: ${JSON.stringify(data)}\n\n`;
}

/** Owners are told that something changed, not what of whom. */
function forOwners({ number, at, kind }: EventRow): EventRow {
  return { number, at, kind, subject: '', actorId: null, others: [] };
}
