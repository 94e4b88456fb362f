/*
 * Who may call what: the one table of roles by route, asked by the one guard. A route that is not in it is closed to
 * everybody, so that a new one cannot be forgotten.
 */
import type { Role } from '@loyal-mane/core';

export type Access = 'public' | readonly Role[];

const ALL: readonly Role[] = ['lead', 'finisher', 'bather', 'hand'];
const LEAD: readonly Role[] = ['lead'];

export const ROUTE_POLICY: Readonly<Record<string, Access>> = {
  'GET /api/health': 'public',
  'GET /api/health/ready': 'public',
  'POST /api/session': 'public',
  'GET /api/session': ALL,
  'DELETE /api/session': ALL,
  'POST /api/session/password': ALL,
  'GET /api/kennel': ALL,
  'GET /api/plan': ALL,
  'GET /api/work': ALL,
  'GET /api/stream': ALL,
  'GET /api/tasks/:key/room': ALL,
  'POST /api/tasks/:key/start': ALL,
  'POST /api/tasks/:key/pause': ALL,
  'POST /api/tasks/:key/resume': ALL,
  'POST /api/tasks/:key/finish': ALL,
  'POST /api/tasks/:key/skip': ALL,
  'POST /api/tasks/:key/undo': ALL,
  'POST /api/tasks/:key/set': LEAD,
  'POST /api/tasks/:key/let-go': LEAD,
  'POST /api/plan-jobs': LEAD,
  'GET /api/plan-jobs/:id': LEAD,
  'POST /api/plan-jobs/:id/cancel': LEAD,
  'POST /api/plans/:id/publish': LEAD,
  'POST /api/plans/:id/discard': LEAD,
  'POST /api/people/:id/absences': LEAD,
  'POST /api/people/:id/absences/remove': LEAD,
  'POST /api/people/:id/one-time-password': LEAD,
  'POST /api/entries/:id/handler': LEAD,
  'POST /api/dogs/:id/marks': ALL,
  'POST /api/dogs/:id/record': LEAD,
  'POST /api/dogs/:id/log': ALL,
  'POST /api/people/:id/record': LEAD,
  'POST /api/breeds': LEAD,
  'POST /api/breeds/remove': LEAD,
  'POST /api/shows/:id/rules': LEAD,
  'POST /api/shifts/:id/overtime': LEAD,
  'POST /api/stations/:id/reopen': LEAD,
  'GET /api/methods': ALL,
  'POST /api/methods': LEAD,
  'POST /api/methods/preview': LEAD,
  'POST /api/dogs/:id/schools': LEAD,
  'POST /api/dogs/:id/schools/preview': LEAD,
  'GET /api/export': LEAD,
  'GET /api/kennel/rows': LEAD,
  'POST /api/changes': LEAD,
  'POST /api/changes/check': LEAD,
  'GET /api/trail': LEAD,
  'POST /api/trail/:number/undo': LEAD,
};

/** Access of a route, or null when the table does not know it. */
export function accessOf(method: string, path: string): Access | null {
  return ROUTE_POLICY[`${method} ${path}`] ?? null;
}
