/*
 * Query factories: key, fetcher and type of every resource in one place.
 */
import { queryOptions } from '@tanstack/react-query';
import { NOT_SIGNED_IN, ProblemError, get, setCsrf } from './client';
import type { components } from './schema.gen';
import { setServerTime } from './serverClock';

export type Kennel = components['schemas']['KennelDto'];
export type Session = components['schemas']['SessionDto'];
export type Work = components['schemas']['WorkDto'];
export type PlanJob = components['schemas']['PlanJobDto'];
export type Summary = components['schemas']['SummaryDto'];

export type StoredPlan = components['schemas']['StoredPlanDto'];
export type PlanView = components['schemas']['PlanViewDto'];

function keepSession(session: Session): Session {
  setCsrf(session.csrf);
  setServerTime(session.now);
  return session;
}

export const sessionQuery = queryOptions({
  queryKey: ['session'],
  queryFn: async () => {
    const { session } = await get('/api/session/now');
    if (session === null) throw new ProblemError(NOT_SIGNED_IN);
    return keepSession(session);
  },
  staleTime: Infinity,
});

export const kennelQuery = queryOptions({
  queryKey: ['kennel'],
  queryFn: () => get('/api/kennel'),
  staleTime: Infinity,
});

/** The whole kennel as a file, for leads: what the browser's planning thread computes from. */
export const kennelFileQuery = queryOptions({
  queryKey: ['kennel', 'file'],
  queryFn: () => get('/api/export'),
  staleTime: Infinity,
});

export const planQuery = queryOptions({
  queryKey: ['plan'],
  queryFn: () => get('/api/plan'),
  staleTime: Infinity,
});

export const workQuery = queryOptions({
  queryKey: ['work'],
  queryFn: async () => (await get('/api/work')).work,
  staleTime: Infinity,
});

export type Methods = components['schemas']['MethodsDto'];
export type MethodsEffect = components['schemas']['MethodsEffectDto'];

export const methodsQuery = queryOptions({
  queryKey: ['methods'],
  queryFn: () => get('/api/methods'),
  staleTime: Infinity,
});

export const jobQuery = (id: string) =>
  queryOptions({
    queryKey: ['job', id],
    queryFn: () => get('/api/plan-jobs/{id}', { params: { path: { id } } }),
    refetchInterval: 250,
  });

export const roomQuery = (key: string, planId: string) =>
  queryOptions({
    queryKey: ['room', planId, key],
    queryFn: () => get('/api/tasks/{key}/room', { params: { path: { key } } }),
    staleTime: 30_000,
  });

export const whyQuery = (key: string, planId: string) =>
  queryOptions({
    queryKey: ['why', planId, key],
    queryFn: () => get('/api/chains/{key}/why', { params: { path: { key } } }),
    staleTime: 30_000,
  });

export { keepSession };
