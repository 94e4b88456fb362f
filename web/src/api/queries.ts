/*
 * Query factories: key, fetcher and type of every resource in one place.
 */
import { queryOptions } from '@tanstack/react-query';
import { NOT_SIGNED_IN, ProblemError, get, setCsrf } from './client';
import type { components } from './schema.gen';
import { setServerTime } from './serverClock';

/** The kennel as rooms read it. */
export type Kennel = components['schemas']['KennelDto'];
/** Who is signed in. */
export type Session = components['schemas']['SessionDto'];
/** A task's record. */
export type Work = components['schemas']['WorkDto'];
/** A planning job. */
export type PlanJob = components['schemas']['PlanJobDto'];
/** A plan in numbers. */
export type Summary = components['schemas']['SummaryDto'];

/** A plan as it is kept. */
export type StoredPlan = components['schemas']['StoredPlanDto'];
/** The published plan, the draft, and the job that runs. */
export type PlanView = components['schemas']['PlanViewDto'];

/** Keeps the token and the server's time of a session that was read or begun. */
export function keepSession(session: Session): Session {
  setCsrf(session.csrf);
  setServerTime(session.now);
  return session;
}

/** Who is signed in; fails with `notSignedIn` where nobody is. */
export const sessionQuery = queryOptions({
  queryKey: ['session'],
  queryFn: async () => {
    const { session } = await get('/api/session/now');
    if (session === null) throw new ProblemError(NOT_SIGNED_IN);
    return keepSession(session);
  },
  staleTime: Infinity,
});

/** The kennel. */
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

/** The plans. */
export const planQuery = queryOptions({
  queryKey: ['plan'],
  queryFn: () => get('/api/plan'),
  staleTime: Infinity,
});

/** Records of all tasks; the live stream keeps it current. */
export const workQuery = queryOptions({
  queryKey: ['work'],
  queryFn: async () => (await get('/api/work')).work,
  staleTime: Infinity,
});

/** Air of the wet room. */
export type Air = components['schemas']['AirDto'];

/** Air of the wet room; asked again every minute. */
export const airQuery = queryOptions({
  queryKey: ['air'],
  queryFn: () => get('/api/air'),
  staleTime: 30_000,
  refetchInterval: 60_000,
});

/** A job that a tool needs, or will. */
export type ToolJobNow = components['schemas']['ToolJobDto'];

/** Jobs that the tools need; finished work and care that was done make them new. */
export const toolsQuery = queryOptions({ queryKey: ['tools'], queryFn: () => get('/api/tools'), staleTime: 300_000 });

/** Whether the kennel has a label printer. */
export const labelPrinterQuery = queryOptions({
  queryKey: ['labelPrinter'],
  queryFn: () => get('/api/label-printer'),
  staleTime: Infinity,
});

/** A photo of a dog. */
export type Photo = components['schemas']['PhotoDto'];

/** Photos of a dog, the newest first. */
export const photosQuery = (dogId: string) =>
  queryOptions({
    queryKey: ['photos', dogId],
    queryFn: () => get('/api/dogs/{id}/photos', { params: { path: { id: dogId } } }),
  });

/** The methods in force. */
export type Methods = components['schemas']['MethodsDto'];
/** Effect of changed methods. */
export type MethodsEffect = components['schemas']['MethodsEffectDto'];

/** The methods. */
export const methodsQuery = queryOptions({
  queryKey: ['methods'],
  queryFn: () => get('/api/methods'),
  staleTime: Infinity,
});

/** A planning job, asked about four times a second. */
export const jobQuery = (id: string) =>
  queryOptions({
    queryKey: ['job', id],
    queryFn: () => get('/api/plan-jobs/{id}', { params: { path: { id } } }),
    refetchInterval: 250,
  });

/** Breaks of the published plan; looked at again every minute, since waiting alone can break a plan. */
export const breaksQuery = queryOptions({
  queryKey: ['breaks'],
  queryFn: () => get('/api/plan/breaks'),
  staleTime: 30_000,
  refetchInterval: 60_000,
});

/** How early and how late a task of a plan could start. */
export const slackQuery = (key: string, planId: string) =>
  queryOptions({
    queryKey: ['slack', planId, key],
    queryFn: () => get('/api/tasks/{key}/slack', { params: { path: { key } } }),
    staleTime: 30_000,
  });

/** Why work of a plan has no place. */
export const whyQuery = (key: string, planId: string) =>
  queryOptions({
    queryKey: ['why', planId, key],
    queryFn: () => get('/api/chains/{key}/why', { params: { path: { key } } }),
    staleTime: 30_000,
  });
