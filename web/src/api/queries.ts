/*
 * Query factories: key, fetcher and type of every resource in one place.
 */
import { queryOptions } from '@tanstack/react-query';
import type { KennelFile, Plan } from '@loyal-mane/core';
import { api, dataOf, setCsrf } from './client';
import type { components } from './schema.gen';
import { setServerTime } from './serverClock';

export type Kennel = components['schemas']['KennelDto'];
export type Session = components['schemas']['SessionDto'];
export type Work = components['schemas']['WorkDto'];
export type PlanJob = components['schemas']['PlanJobDto'];
export type Summary = components['schemas']['SummaryDto'];

/** A stored plan; reasons keep the core's own closed types, which the API describes only as objects. */
export interface StoredPlan {
  readonly id: string;
  readonly madeAt: string;
  readonly summary: Summary;
  readonly plan: Plan;
}

export interface PlanView {
  readonly published: StoredPlan | null;
  readonly draft: StoredPlan | null;
  readonly job: PlanJob | null;
}

function keepSession(session: Session): Session {
  setCsrf(session.csrf);
  setServerTime(session.now);
  return session;
}

export const sessionQuery = queryOptions({
  queryKey: ['session'],
  queryFn: async () => keepSession(await dataOf(api.GET('/api/session'))),
  staleTime: Infinity,
});

export const kennelQuery = queryOptions({
  queryKey: ['kennel'],
  queryFn: () => dataOf(api.GET('/api/kennel')),
  staleTime: Infinity,
});

/** The whole kennel as a file, for leads: what the browser's planning thread computes from. */
export const kennelFileQuery = queryOptions({
  queryKey: ['kennel', 'file'],
  queryFn: async () => (await dataOf(api.GET('/api/export'))) as unknown as KennelFile,
  staleTime: Infinity,
});

export const planQuery = queryOptions({
  queryKey: ['plan'],
  queryFn: async () => (await dataOf(api.GET('/api/plan'))) as unknown as PlanView,
  staleTime: Infinity,
});

export const workQuery = queryOptions({
  queryKey: ['work'],
  queryFn: async () => (await dataOf(api.GET('/api/work'))).work,
  staleTime: Infinity,
});

export type Methods = components['schemas']['MethodsDto'];
export type MethodsEffect = components['schemas']['MethodsEffectDto'];

export const methodsQuery = queryOptions({
  queryKey: ['methods'],
  queryFn: () => dataOf(api.GET('/api/methods')),
  staleTime: Infinity,
});

export const jobQuery = (id: string) =>
  queryOptions({
    queryKey: ['job', id],
    queryFn: () => dataOf(api.GET('/api/plan-jobs/{id}', { params: { path: { id } } })),
    refetchInterval: 250,
  });

export const roomQuery = (key: string, planId: string) =>
  queryOptions({
    queryKey: ['room', planId, key],
    queryFn: () => dataOf(api.GET('/api/tasks/{key}/room', { params: { path: { key } } })),
    staleTime: 30_000,
  });

export { keepSession };
