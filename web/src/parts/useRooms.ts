/*
 * Data that every room reads: kennel, plan, names. The draft is shown instead of the published plan when the address says so.
 * Records of work change with every touch at the bench; only rooms that show it subscribe to it, by `useWork`.
 */
import { useSuspenseQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import { useSearchParams } from 'react-router';
import { namesOf } from '@loyal-mane/library/words';
import { kennelQuery, planQuery, sessionQuery } from '../api/queries';

/** The data of every room, read before it is shown; an error of the server is thrown to the room's boundary. */
export function useRooms() {
  const session = useSuspenseQuery(sessionQuery).data;
  const kennel = useSuspenseQuery(kennelQuery).data;
  const view = useSuspenseQuery(planQuery).data;
  const [params] = useSearchParams();
  const names = useMemo(() => namesOf(kennel), [kennel]);
  const looksAtDraft = params.get('plan') === 'draft' && view.draft !== null;
  const stored = looksAtDraft ? view.draft : view.published;
  return {
    session,
    kennel,
    view,
    names,
    stored,
    plan: stored?.plan ?? null,
    looksAtDraft,
    lead: session.role === 'lead',
    /** Owners read; the crew records. */
    crew: session.role !== 'owner',
  };
}
