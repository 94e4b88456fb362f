/*
 * The live stream (server-sent events). One look at the event table every 200 ms serves all streams of this server, and
 * its own writes wake it at once. A stream resumes after the last number its client has seen, so that nothing is lost
 * over a reconnect, a restart or another server.
 */
import type { OnModuleDestroy } from '@nestjs/common';
import { Injectable } from '@nestjs/common';
import type { Response } from 'express';
import { EventStore } from './eventStore.js';

const LOOK_EVERY_MS = 200;
const PING_EVERY_MS = 15_000;
const BATCH = 200;

interface Stream {
  readonly response: Response;
  last: number;
  /** Owners are told that something changed; records of tasks are the crew's. */
  readonly isCrew: boolean;
}

@Injectable()
export class StreamHub implements OnModuleDestroy {
  private readonly streams = new Set<Stream>();
  private timer: NodeJS.Timeout | null = null;
  private looking = false;
  private readonly forget: () => void;

  constructor(private readonly events: EventStore) {
    this.forget = events.onWrite(() => void this.look());
  }

  /** Opens a stream; `after` null starts with what comes from now on. */
  async open(response: Response, isCrew: boolean, after: number | null): Promise<void> {
    const last = after ?? (await this.events.head());
    response.status(200).set({
      'Content-Type': 'text/event-stream',
      'Cache-Control': 'no-store',
      'X-Accel-Buffering': 'no',
    });
    response.flushHeaders();
    response.write(`retry: 1000\nid: ${String(last)}\nevent: hello\ndata: {"number":${String(last)}}\n\n`);
    const stream: Stream = { response, last, isCrew };
    const ping = setInterval(() => response.write(': still here\n\n'), PING_EVERY_MS);
    this.streams.add(stream);
    response.on('close', () => {
      clearInterval(ping);
      this.streams.delete(stream);
    });
    this.timer ??= setInterval(() => void this.look(), LOOK_EVERY_MS);
    await this.look();
  }

  private async look(): Promise<void> {
    if (this.looking || this.streams.size === 0) return;
    this.looking = true;
    try {
      const oldest = Math.min(...[...this.streams].map((s) => s.last));
      const events = await this.events.after(oldest, BATCH);
      for (const stream of this.streams) {
        for (const event of events) {
          if (event.number <= stream.last) continue;
          stream.response.write(
            `id: ${String(event.number)}\nevent: change\ndata: ${JSON.stringify(stream.isCrew ? event : { ...event, work: undefined })}\n\n`,
          );
          stream.last = event.number;
        }
      }
    } catch {
      // The database is away for the moment: the next look finds what happened meanwhile.
    } finally {
      this.looking = false;
    }
  }

  onModuleDestroy(): void {
    if (this.timer !== null) clearInterval(this.timer);
    this.forget();
    for (const stream of this.streams) stream.response.end();
  }
}
