/*
 * The live stream: what changed tells which resources to read again. The browser reconnects by itself and asks for what it
 * missed; after any gap everything is read again once.
 */
import { useEffect, useState } from 'react';
import type { QueryClient } from '@tanstack/react-query';
import { useQueryClient } from '@tanstack/react-query';
import { markChanged } from '../parts/justChanged';
import type { Session } from './queries';
import { kennelFileQuery, kennelQuery, methodsQuery, planQuery, sessionQuery, workQuery } from './queries';

/** Whether the stream is there; `away` since a failure, until it is heard again. */
export type StreamState = 'there' | 'away';

interface Change {
  readonly kind: string;
  readonly subject: string;
  readonly others: readonly string[];
  readonly actorId: string | null;
}

function readAgain(client: QueryClient, kind: string): void {
  // Finished work may change what was found in a coat.
  if (kind.endsWith('Coat')) void client.invalidateQueries({ queryKey: kennelQuery.queryKey });
  if (kind.startsWith('task.')) {
    void client.invalidateQueries({ queryKey: workQuery.queryKey });
    void client.invalidateQueries({ queryKey: kennelFileQuery.queryKey });
  } else if (kind.startsWith('plan.')) void client.invalidateQueries({ queryKey: planQuery.queryKey });
  else void client.invalidateQueries({ queryKey: kennelQuery.queryKey });
  if (kind === 'methods.changed' || kind === 'dog.schools')
    void client.invalidateQueries({ queryKey: methodsQuery.queryKey });
}

/** Keeps one stream open while it is mounted. */
export function useLiveStream(): StreamState {
  const client = useQueryClient();
  const [state, setState] = useState<StreamState>('there');
  useEffect(() => {
    let last: string | null = null;
    let source: EventSource | null = null;
    let timer: number | undefined;
    const open = (): void => {
      source = new EventSource(last === null ? '/api/stream' : `/api/stream?after=${last}`);
      source.addEventListener('hello', (e) => {
        last = e.lastEventId;
        setState('there');
        for (const key of [kennelQuery.queryKey, planQuery.queryKey, workQuery.queryKey, methodsQuery.queryKey])
          void client.invalidateQueries({ queryKey: key });
      });
      source.addEventListener('change', (e) => {
        last = e.lastEventId;
        const change = JSON.parse(String(e.data)) as Change;
        const me = client.getQueryData<Session>(sessionQuery.queryKey)?.personId;
        if (change.actorId !== me) markChanged([change.subject, ...change.others]);
        readAgain(client, change.kind);
      });
      source.addEventListener('error', () => {
        setState('away');
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
      source?.close();
    };
  }, [client]);
  return state;
}
