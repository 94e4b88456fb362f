/*
 * Records from the bench that have not reached the server. They stay on this device over reloads, are sent in order,
 * each once. Nothing of it counts as saved before the server has answered, and what the server refuses is shown until
 * somebody has read it.
 */
import type { QueryClient } from '@tanstack/react-query';
import { useSyncExternalStore } from 'react';
import type { PersonId } from '@loyal-mane/core';
import { ProblemError, isSignedOut } from './client';
import { kennelQuery, workQuery } from './queries';
import type { Work } from './queries';
import type { TaskOrder } from './taskOrder';
import { isApart, isNote, sendOrder, withAnswer } from './taskOrder';

/** An order that the server refused, with those that hung on it. */
export interface Refused {
  readonly orders: readonly TaskOrder[];
  readonly code: string;
  readonly words: string;
}

/** Records that wait for the server, and those that it refused. */
export interface Outbox {
  /** In the order in which they were given. */
  readonly waiting: readonly TaskOrder[];
  readonly refused: readonly Refused[];
  /** Whether the last try found no server. */
  readonly isAway: boolean;
}

const KEY = 'loyal-mane-outbox';
const AGAIN_MS = 2000;
const EMPTY: Outbox = { waiting: [], refused: [], isAway: false };

function kept(): Outbox {
  try {
    const text = window.localStorage.getItem(KEY);
    return text === null ? EMPTY : { ...EMPTY, ...(JSON.parse(text) as Pick<Outbox, 'waiting' | 'refused'>) };
  } catch {
    return EMPTY;
  }
}

let outbox: Outbox = kept();
let isSending = false;
let timer = 0;
/** In whose name orders are sent; null while no bench is open. */
let sender: PersonId | null = null;
const listeners = new Set<() => void>();

function tell(next: Outbox): void {
  outbox = next;
  for (const listen of listeners) listen();
}

/** Changes what is kept, whatever another page on this device has kept meanwhile. @throws where nothing can be kept */
function change(make: (now: Outbox) => Partial<Outbox>): void {
  const now = { ...outbox, ...kept(), isAway: outbox.isAway };
  const next = { ...now, ...make(now) };
  const { waiting, refused } = next;
  if (waiting.length + refused.length === 0) window.localStorage.removeItem(KEY);
  else window.localStorage.setItem(KEY, JSON.stringify({ waiting, refused }));
  tell(next);
}

/** Takes an order and sends it as soon as the server is there. It is on this device before anything is shown. */
export function give(order: TaskOrder, client: QueryClient): void {
  change(({ waiting }) => ({ waiting: [...waiting, order] }));
  void send(client, order.personId);
}

/** Takes the last waiting order on a task back before it was sent; false when there is none that could be. */
export function takeBack(key: string): boolean {
  const last = outbox.waiting.findLastIndex((o) => o.key === key && !isNote(o.command));
  // The first may be on its way.
  if (last < 0 || (last === 0 && isSending)) return false;
  const gone = outbox.waiting[last]?.commandId;
  change(({ waiting }) => ({ waiting: waiting.filter((o) => o.commandId !== gone) }));
  return true;
}

/** No more tries until the bench is open again: another person may be signed in by then. */
export function rest(): void {
  sender = null;
  window.clearTimeout(timer);
}

/** Takes away a refusal that has been read. */
export function dismiss(refused: Refused): void {
  const id = refused.orders[0]?.commandId;
  change((now) => ({ refused: now.refused.filter((r) => r.orders[0]?.commandId !== id) }));
}

/**
 * Sends what waits, oldest first. Orders are sent in the name of whoever gave them: another person's wait until that person is
 * signed in here again.
 */
export async function send(client: QueryClient, me: PersonId): Promise<void> {
  window.clearTimeout(timer);
  sender = me;
  if (isSending) return;
  isSending = true;
  try {
    for (let order = next(me); order !== undefined; order = next(me)) await sendOne(client, order);
    if (outbox.isAway) tell({ ...outbox, isAway: false });
  } catch (error) {
    if (isSignedOut(error)) return;
    tell({ ...outbox, isAway: true });
    if (sender === me) timer = window.setTimeout(() => void send(client, me), AGAIN_MS);
  } finally {
    isSending = false;
    const now = whoSends();
    if (now !== null && now !== me) void send(client, now);
  }
}

/** Who is signed in at the bench now: it may be another than when the sending began. */
const whoSends = (): PersonId | null => sender;

const next = (me: PersonId): TaskOrder | undefined =>
  sender === me ? outbox.waiting.find((o) => o.personId === me) : undefined;

/** @throws ProblemError when the server is away or nobody is signed in: the order waits */
async function sendOne(client: QueryClient, order: TaskOrder): Promise<void> {
  try {
    const work = await sendOrder(order);
    if (work === undefined) await client.invalidateQueries({ queryKey: kennelQuery.queryKey });
    else client.setQueryData(workQuery.queryKey, (list: Work[] | undefined) => withAnswer(list ?? [], order.key, work));
    change(({ waiting }) => ({ isAway: false, waiting: waiting.filter((o) => o.commandId !== order.commandId) }));
  } catch (error) {
    if (!(error instanceof ProblemError) || !isVerdict(error)) throw error;
    refuse(order, error);
    void client.invalidateQueries({ queryKey: workQuery.queryKey });
  }
}

/** Whether the server has looked at the order and said no. Anything else (no server, no session, too much at once) passes. */
function isVerdict({ body }: ProblemError): boolean {
  return [400, 404, 409, 413].includes(body.status) || body.code === 'notAllowed';
}

/** Refuses an order and those that depend on it, such as the finish of a start that was not taken. */
function refuse(order: TaskOrder, error: ProblemError): void {
  const hangsOn = (o: TaskOrder): boolean =>
    o.key === order.key && o.personId === order.personId && !isApart(o.command);
  const orders = isApart(order.command) ? [order] : outbox.waiting.filter(hangsOn);
  const { code, detail } = error.body;
  const gone = new Set(orders.map((o) => o.commandId));
  change(({ waiting, refused }) => ({
    isAway: false,
    waiting: waiting.filter((o) => !gone.has(o.commandId)),
    refused: [...refused, { orders, code, words: detail }],
  }));
}

function listenTo(listen: () => void): () => void {
  listeners.add(listen);
  return () => listeners.delete(listen);
}

/** The records that wait on this device, and those that were refused. */
export function useOutbox(): Outbox {
  return useSyncExternalStore(listenTo, () => outbox);
}

// Another page on this device took or sent something.
window.addEventListener('storage', (e) => {
  if (e.key === KEY) tell({ ...outbox, ...kept(), isAway: outbox.isAway });
});
