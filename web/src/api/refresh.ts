/*
 * Which resources an event makes stale. Screens read again what an event touched and nothing else, and read it once: a
 * command of this page waits for its own event instead of asking for everything a second time.
 */
import type { QueryClient, QueryKey } from '@tanstack/react-query';
import type { EventKind } from '@loyal-mane/core';

const KENNEL: QueryKey = ['kennel'];
const FILE: QueryKey = ['kennel', 'file'];
const TRAIL: QueryKey = ['kennel', 'trail'];
const PLAN: QueryKey = ['plan'];
const METHODS: QueryKey = ['methods'];
const ACCOUNT: QueryKey = ['account'];
/** Answers worked out from the kennel as it is: how early and late a task could be, why something has no place, what no longer holds. */
const BREAKS: QueryKey = ['breaks'];
const ANSWERS: readonly QueryKey[] = [['slack'], ['why'], BREAKS];

const OF_A_TASK = [FILE, TRAIL, ...ANSWERS];
/** A coat is part of the kennel; the file and the trail are kept under it. */
const OF_THE_KENNEL = [KENNEL, ...ANSWERS];
/** Methods name dogs with their coats, breeds and shows. */
const OF_METHODS = [METHODS, ...OF_THE_KENNEL];
const OF_A_PLAN = [PLAN, TRAIL, BREAKS];
const OF_AN_ACCOUNT = [ACCOUNT, ...OF_THE_KENNEL];
const TOOLS: QueryKey = ['tools'];
const PHOTOS: QueryKey = ['photos'];
const EVERYTHING: readonly QueryKey[] = [[]];

/** By event: keys of the resources to read again; a key stands for all that begin with it. The list of work is apart. */
export const TOUCHED: Readonly<Record<EventKind, readonly QueryKey[]>> = {
  'task.start': OF_A_TASK,
  'task.pause': OF_A_TASK,
  'task.resume': OF_A_TASK,
  'task.finish': [...OF_A_TASK, TOOLS],
  'task.skip': OF_A_TASK,
  'task.undo': [...OF_A_TASK, TOOLS],
  'task.tick': [],
  'task.pauseCause': [],
  'task.soak': [],
  'task.soakEnd': [],
  'task.finishCoat': [...OF_THE_KENNEL, TOOLS],
  'task.undoCoat': [...OF_THE_KENNEL, TOOLS],
  'plan.asked': OF_A_PLAN,
  'plan.cancelAsked': OF_A_PLAN,
  'plan.enoughAsked': OF_A_PLAN,
  'plan.cancelled': OF_A_PLAN,
  'plan.failed': OF_A_PLAN,
  'plan.drafted': OF_A_PLAN,
  'plan.published': OF_A_PLAN,
  'plan.discarded': OF_A_PLAN,
  'plan.takenBack': OF_A_PLAN,
  'plan.checked': [PLAN],
  'pin.set': OF_THE_KENNEL,
  'pin.removed': OF_THE_KENNEL,
  'kennel.changed': OF_METHODS,
  'kennel.undone': OF_METHODS,
  'kennel.opened': EVERYTHING,
  'dog.marks': OF_THE_KENNEL,
  'dog.record': OF_METHODS,
  'dog.log': OF_THE_KENNEL,
  'dog.schools': OF_METHODS,
  'breed.saved': OF_METHODS,
  'breed.removed': OF_METHODS,
  'entry.handler': OF_THE_KENNEL,
  'show.rules': OF_METHODS,
  'shift.overtime': OF_THE_KENNEL,
  'station.reopened': OF_THE_KENNEL,
  'station.failed': OF_THE_KENNEL,
  'methods.changed': OF_METHODS,
  'bottle.taken': OF_THE_KENNEL,
  'tool.cared': [TOOLS],
  'photo.added': [PHOTOS],
  'photo.removed': [PHOTOS],
  'person.away': OF_THE_KENNEL,
  'person.back': OF_THE_KENNEL,
  'person.record': OF_METHODS,
  'person.password': OF_AN_ACCOUNT,
  'person.link': OF_AN_ACCOUNT,
  'person.closed': OF_AN_ACCOUNT,
};

/** Reads again what an event touched; resolves when it is read. */
export async function readTouched(client: QueryClient, kind: EventKind): Promise<void> {
  await Promise.all(TOUCHED[kind].map((queryKey) => client.invalidateQueries({ queryKey })));
}

/** How long a command waits for its event on an open stream before everything is read again. */
const PATIENCE_MS = 1000;

/** Events of this page's own commands, as the open stream tells them. */
class OwnEvents {
  private isOpen = false;
  private heard = 0;
  private reading: Promise<void> = Promise.resolve();
  private readonly waiting = new Set<() => void>();

  /** The stream opened, or is no longer there. */
  streamIs(isOpen: boolean): void {
    this.isOpen = isOpen;
  }

  /** An own event was heard, and `reading` is under way. */
  hear(reading: Promise<void>): void {
    this.heard++;
    this.reading = reading;
    for (const wake of this.waiting) wake();
  }

  /** Events heard so far: a command notes it when it is sent. */
  get count(): number {
    return this.heard;
  }

  /** Resolves to true once an event after `count` was heard and read; false where none comes in time. */
  async after(count: number): Promise<boolean> {
    if (!this.isOpen) return false;
    if (this.heard === count) await this.next();
    if (this.heard === count) return false;
    await this.reading;
    return true;
  }

  private next(): Promise<void> {
    return new Promise((resolve) => {
      const done = (): void => {
        window.clearTimeout(timer);
        this.waiting.delete(done);
        resolve();
      };
      const timer = window.setTimeout(done, PATIENCE_MS);
      this.waiting.add(done);
    });
  }
}

/** Events of this page. */
export const ownEvents = new OwnEvents();
