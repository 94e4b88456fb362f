/*
 * Who may call what: the one table of roles by route, asked by the one guard. A route that is not in it is closed to
 * everybody, so that a new one cannot be forgotten.
 */
import type { Role } from '@loyal-mane/core';

/** Who may call a route. */
export type Access = 'public' | readonly Role[];

/** Everybody with a sign-in; owners read what is about their own dogs. */
const ANYBODY: readonly Role[] = ['lead', 'finisher', 'bather', 'hand', 'owner'];
/** The crew. */
const ALL: readonly Role[] = ['lead', 'finisher', 'bather', 'hand'];
const LEAD: readonly Role[] = ['lead'];

/** Access of every route, in one place; a route that is not in it is refused to all. */
export const ROUTE_POLICY: Readonly<Record<string, Access>> = {
  'GET /api/health': 'public',
  'GET /api/health/ready': 'public',
  'POST /api/session': 'public',
  'GET /api/session': ANYBODY,
  'GET /api/session/now': 'public',
  'DELETE /api/session': ANYBODY,
  'POST /api/session/password': ANYBODY,
  'POST /api/session/link': 'public',
  'POST /api/session/pin': 'public',
  'POST /api/session/own-pin': ALL,
  'GET /api/sessions': ANYBODY,
  'POST /api/sessions/end-others': ANYBODY,
  'POST /api/sessions/:id/end': ANYBODY,
  'GET /api/this-device': 'public',
  'GET /api/devices': LEAD,
  'POST /api/devices': LEAD,
  'POST /api/devices/:id/forget': LEAD,
  'POST /api/people/:id/link': LEAD,
  'POST /api/people/:id/close-sign-in': LEAD,
  'GET /api/feeds': ALL,
  'POST /api/feeds': ALL,
  'POST /api/feeds/:id/revoke': ALL,
  'GET /calendar/:secret.ics': 'public',
  'GET /api/kennel': ANYBODY,
  'GET /api/plan': ANYBODY,
  'GET /api/plan/breaks': ANYBODY,
  'GET /api/work': ANYBODY,
  'GET /api/air': ALL,
  'GET /api/label-printer': ALL,
  'POST /api/labels': ALL,
  'GET /api/tools': ALL,
  'POST /api/tools/care': ALL,
  'GET /api/dogs/:id/photos': ANYBODY,
  'GET /api/photos/:id': ANYBODY,
  'POST /api/photos': ALL,
  'POST /api/photos/:id/remove': ALL,
  'GET /api/stream': ANYBODY,
  'GET /api/tasks/:key/slack': ALL,
  'POST /api/tasks/:key/start': ALL,
  'POST /api/tasks/:key/pause': ALL,
  'POST /api/tasks/:key/resume': ALL,
  'POST /api/tasks/:key/finish': ALL,
  'POST /api/tasks/:key/skip': ALL,
  'POST /api/tasks/:key/undo': ALL,
  'POST /api/tasks/:key/tick': ALL,
  'POST /api/tasks/:key/pause-cause': ALL,
  'POST /api/bottles/:id/take': ALL,
  'POST /api/tasks/:key/soak': ALL,
  'POST /api/tasks/:key/soak-end': ALL,
  'POST /api/tasks/:key/set': LEAD,
  'POST /api/tasks/:key/let-go': LEAD,
  'POST /api/plan-jobs': LEAD,
  'GET /api/plan-jobs/:id': LEAD,
  'POST /api/plan-jobs/:id/cancel': LEAD,
  'POST /api/plan-jobs/:id/enough': LEAD,
  'POST /api/plans/:id/publish': LEAD,
  'POST /api/plans/:id/discard': LEAD,
  'POST /api/plans/:id/take-back': LEAD,
  'POST /api/plans/:id/look-into': LEAD,
  'POST /api/plans/:id/stop-looking': LEAD,
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
  'POST /api/stations/:id/failed': ALL,
  'GET /api/chains/:key/why': ALL,
  'GET /api/methods': ALL,
  'POST /api/methods': LEAD,
  'POST /api/methods/preview': LEAD,
  'POST /api/dogs/:id/schools': LEAD,
  'POST /api/dogs/:id/schools/preview': LEAD,
  'GET /api/export': LEAD,
  'GET /api/kennel/rows': LEAD,
  'POST /api/kennel/open': LEAD,
  'POST /api/changes': LEAD,
  'POST /api/changes/check': LEAD,
  'GET /api/trail': LEAD,
  'POST /api/trail/:number/undo': LEAD,
};

/** Routes of one method with the pattern of their addresses. */
interface Pattern {
  readonly method: string;
  readonly path: RegExp;
  readonly access: Access;
}

/** An address that stands exactly in the table comes before one that fits a parameter. */
const PATTERNS: readonly Pattern[] = Object.entries(ROUTE_POLICY)
  .map(([line, access]) => {
    const [method = '', path = ''] = line.split(' ');
    const source = path.replaceAll('.', String.raw`\.`).replace(/:[a-z]+/gi, '[^/]+');
    return { method, path: new RegExp(`^${source}/?$`, 'i'), access };
  })
  .sort((x, y) => Number(x.path.source.includes('[^/]')) - Number(y.path.source.includes('[^/]')));

/** Access of the route that a request's address leads to, or null when there is none. HEAD is asked as GET. */
export function accessOfPath(method: string, path: string): Access | null {
  const asked = method === 'HEAD' ? 'GET' : method;
  return PATTERNS.find((p) => p.method === asked && p.path.test(path))?.access ?? null;
}

/** Access of a route by its pattern, or null when the table does not know it. */
export function accessOf(method: string, path: string): Access | null {
  return ROUTE_POLICY[`${method} ${path}`] ?? null;
}
