/*
 * Answers that stay true until the next write. Every write counts the head of the stream up in its own transaction, on
 * whichever server, so an answer that was read after a number was seen is good until a write of its kind follows; many
 * screens that read again after one change are answered from one reading.
 */
import { Injectable } from '@nestjs/common';
import { EventStore } from './eventStore.js';

/** Type of answers that are JSON already. */
export const JSON_TYPE = 'application/json; charset=utf-8';

/** The data that an answer depends on: work at the tasks, or everything else of the kennel. */
export type Topic = 'work' | 'kennel';

/** More writes at once than are looked at one by one. */
const MANY = 200;

/** Answers that are kept until an event makes them stale. */
@Injectable()
export class FreshAnswers {
  private head = -1;
  private readonly kept: Readonly<Record<Topic, Map<string, Promise<string>>>> = { work: new Map(), kennel: new Map() };
  /** The look that is under way, and the one that all who come meanwhile share. */
  private current: Promise<void> = Promise.resolve();
  private next: Promise<void> | null = null;

  constructor(private readonly events: EventStore) {}

  /** JSON of what `make` reads, made at most once between two writes of its topic. Only for what the kennel alone decides. */
  async of(topic: Topic, key: string, make: () => Promise<unknown>): Promise<string> {
    // Looked at before the answer is read: what is written in between makes the answer newer than its number, never older.
    await this.catchUp();
    const kept = this.kept[topic];
    let answer = kept.get(key);
    if (answer === undefined) {
      answer = make().then((read) => JSON.stringify(read));
      kept.set(key, answer);
      const mine = answer;
      mine.catch(() => {
        if (kept.get(key) === mine) kept.delete(key);
      });
    }
    return answer;
  }

  private catchUp(): Promise<void> {
    this.next ??= this.current
      .catch(() => undefined)
      .then(() => {
        this.next = null;
        this.current = this.look();
        return this.current;
      });
    return this.next;
  }

  /** Forgets what the writes since the last look have made old. */
  private async look(): Promise<void> {
    const head = await this.events.head();
    const since = this.head;
    if (head === since) return;
    const isNear = since >= 0 && head > since && head - since <= MANY;
    const kinds = isNear ? await this.events.kindsAfter(since, head) : [];
    const all = kinds.length < Math.abs(head - since);
    if (all || kinds.some((k) => k.startsWith('task.'))) this.kept.work.clear();
    if (all || kinds.some((k) => !k.startsWith('task.') || k.endsWith('Coat'))) this.kept.kennel.clear();
    this.head = head;
  }
}
