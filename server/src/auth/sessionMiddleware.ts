/*
 * Before any route under /api, and before its body is read: who is it, does the request come from our own page, and may this
 * role call the route? What is not public answers 401 without a session, whether the route exists or not.
 */
import type { NextFunction, Request, Response } from 'express';
import type { Logger } from 'pino';
import { pathOf } from '../http/jsonBody.js';
import { Problem } from '../problem/problem.js';
import { sendProblem } from '../problem/problemFilter.js';
import type { AccountService } from './accountService.js';
import { accessOfPath } from './routePolicy.js';
import type { SessionRequest } from './session.js';

/** Header that every command carries, with the token of its session. */
export const CSRF_HEADER = 'x-csrf-token';

/** Name of the session cookie: cookies ignore ports, so it holds the kennel. */
export function cookieName(kennel: string): string {
  return `lm_${kennel}`;
}

const SAFE = new Set(['GET', 'HEAD', 'OPTIONS']);
/** Routes open to somebody with a one-time password before choosing an own one. */
const BEFORE_OWN_PASSWORD = new Set(['GET /api/session', 'DELETE /api/session', 'POST /api/session/password']);

/** Puts the signed-in person into the request, or answers why it goes no further. */
export function sessionMiddleware(accounts: AccountService, kennel: string, logger: Logger) {
  return (request: Request, response: Response, next: NextFunction): void => {
    check(accounts, cookieName(kennel), request).then(
      () => next(),
      (error: unknown) => sendProblem(error, request, response, logger),
    );
  };
}

async function check(accounts: AccountService, cookie: string, request: SessionRequest): Promise<void> {
  const path = pathOf(request);
  const access = accessOfPath(request.method, path);
  if (access === 'public') return;
  const token = (request.cookies as Record<string, string | undefined>)[cookie];
  const signedIn = token === undefined ? null : await accounts.whoHas(token);
  if (signedIn === null) throw new Problem('notSignedIn', 'Sign in to see this.');
  if (!SAFE.has(request.method) && request.headers[CSRF_HEADER] !== signedIn.csrf) {
    throw new Problem('badToken', 'Load the page again and repeat what you did. Nothing was changed.');
  }
  if (signedIn.mustChange && !BEFORE_OWN_PASSWORD.has(`${request.method} ${path}`)) {
    throw new Problem('mustChangePassword', 'This was a one-time password. Choose one of your own first.');
  }
  if (access !== null && !access.includes(signedIn.role)) throw new Problem('notAllowed', 'Ask a lead handler.');
  request.signedIn = signedIn;
}
