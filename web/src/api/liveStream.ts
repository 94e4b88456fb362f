/*
 * The live stream: what changed tells which resources to read again. The browser reconnects by itself and asks for what it
 * missed; after any gap everything is read again once.
 */
import { useEffect, useState } from 'react';
import type { QueryClient } from '@tanstack/react-query';
import { useQueryClient } from '@tanstack/react-query';
import type { EventKind } from '@loyal-mane/core';
import { markChanged } from '../parts/justChanged';
import type { Session, Work } from './queries';
import { kennelQuery, methodsQuery, planQuery, sessionQuery, workQuery } from './queries';
import { ownEvents, readTouched } from './refresh';

/** Whether the stream is there; `away` since a failure, until it is heard again. */
export type StreamState = 'there' | 'away';

interface Change {
  readonly kind: EventKind;
  readonly subject: string;
  readonly others: readonly string[];
  readonly actorId: string | null;
  /** Record of a task after it, null = there is none any more; only of tasks, and only for the crew. */
  readonly work?: Work | null;
}

/** Puts a task's record into the list of work; where the list is on its way, it is asked for again. */
function takeWork(client: QueryClient, { subject, work }: Change): void {
  const { queryKey } = workQuery;
  if (work === undefined || client.isFetching({ queryKey }) > 0) {
    void client.invalidateQueries({ queryKey });
    return;
  }
  client.setQueryData<Work[]>(queryKey, (list) => {
    const known = list?.find((w) => w.taskKey === subject);
    if (list === undefined || (known !== undefined && work !== null && known.version > work.version)) return list;
    const rest = list.filter((w) => w.taskKey !== subject);
    return work === null ? rest : [...rest, work];
  });
}

function readAgain(client: QueryClient, change: Change): Promise<void> {
  if (change.kind.startsWith('task.')) takeWork(client, change);
  return readTouched(client, change.kind);
}

/** Number of the last change that this page has heard of; it outlives the rooms. */
let last: number | null = null;

let isFromDevice = false;

/** The rooms show answers that were kept on this device: once the server is there all of it is read again. */
export function readAllAtHello(): void {
  isFromDevice = true;
}

/** Keeps one stream open while it is mounted. */
export function useLiveStream(): StreamState {
  const client = useQueryClient();
  const [state, setState] = useState<StreamState>(isFromDevice ? 'away' : 'there');
  useEffect(() => {
    // The page was read after the session: from there on nothing is missed, and nothing is read twice.
    last ??= client.getQueryData<Session>(sessionQuery.queryKey)?.head ?? null;
    let isFirst = last !== null && !isFromDevice;
    let source: EventSource | null = null;
    let timer: number | undefined;
    const open = (): void => {
      source = new EventSource(last === null ? '/api/stream' : `/api/stream?after=${String(last)}`);
      source.addEventListener('hello', (e) => {
        last = Number(e.lastEventId);
        setState('there');
        ownEvents.streamIs(true);
        if (isFirst) {
          isFirst = false;
          return;
        }
        if (isFromDevice) void client.invalidateQueries({ queryKey: sessionQuery.queryKey });
        isFromDevice = false;
        for (const key of [kennelQuery.queryKey, planQuery.queryKey, workQuery.queryKey, methodsQuery.queryKey])
          void client.invalidateQueries({ queryKey: key });
      });
      source.addEventListener('change', (e) => {
        last = Number(e.lastEventId);
        const change = JSON.parse(String(e.data)) as Change;
        const me = client.getQueryData<Session>(sessionQuery.queryKey)?.personId;
        const reading = readAgain(client, change);
        if (change.actorId === me) ownEvents.hear(reading);
        else markChanged([change.subject, ...change.others]);
      });
      source.addEventListener('error', () => {
        setState('away');
        ownEvents.streamIs(false);
        // The browser tries again only after a broken connection, not after a refusal.
        if (source?.readyState !== EventSource.CLOSED) return;
        void client.invalidateQueries({ queryKey: sessionQuery.queryKey });
        window.clearTimeout(timer);
        timer = window.setTimeout(open, 1000);
      });
    };
    open();
    return () => {
      window.clearTimeout(timer);
      ownEvents.streamIs(false);
      source?.close();
    };
  }, [client]);
  return state;
}
