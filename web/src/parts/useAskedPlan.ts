/*
 * The published plan as the browser's planning thread is asked about it. Leads only: it computes from the whole kennel.
 */
import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import { kennelFileQuery } from '../api/queries';
import type { AskedPlan } from '../workers/plannerClient';
import { useNow } from './useNow';
import { useRooms } from './useRooms';

const FIVE_MIN_MS = 300_000;
const LOOK_EVERY_MS = 60_000;

/**
 * The moment to ask about, ms: the end of the five minutes that run. The planner begins nothing sooner, and running work
 * of a plan that was made within them ends where that plan has it; asked about their beginning it would end before.
 */
export function askedMomentMs(nowMs: number): number {
  return Math.ceil(nowMs / FIVE_MIN_MS) * FIVE_MIN_MS;
}

/** The plan to ask about; null while it is not there, or for somebody who may not see the whole kennel. */
export function useAskedPlan(wanted: boolean): AskedPlan | null {
  const { view, lead } = useRooms();
  const file = useQuery({ ...kennelFileQuery, enabled: lead && wanted });
  const nowMs = askedMomentMs(useNow(LOOK_EVERY_MS));
  const { published } = view;
  return useMemo(() => {
    if (published === null || file.data === undefined || !lead) return null;
    const id = `${published.id} ${String(file.dataUpdatedAt)} ${String(nowMs)}`;
    return { id, kennel: file.data, plan: published.plan, nowMs };
  }, [published, file.data, file.dataUpdatedAt, nowMs, lead]);
}
