/*
 * The generated client with what every call needs: the session's token on writes, problems as errors, patience while the
 * database is away. A command keeps its id over retries, so that it happens once.
 */
import createClient from 'openapi-fetch';
import { v7 } from 'uuid';
import { fetchOnce } from './early';
import type { paths } from './schema.gen';

export interface ProblemBody {
  readonly title: string;
  readonly detail: string;
  readonly status: number;
  readonly code: string;
  readonly errors: readonly { readonly path: string; readonly detail: string }[];
  readonly current?: unknown;
}

/** A problem that the server named, or that no server answered (`code` "offline"). */
export class ProblemError extends Error {
  readonly body: ProblemBody;

  constructor(body: ProblemBody) {
    super(body.detail);
    this.body = body;
  }
}

const OFFLINE: ProblemBody = {
  title: 'No connection',
  detail: 'The server does not answer. What you did is kept and tried again.',
  status: 0,
  code: 'offline',
  errors: [],
};

let csrf = '';

export function setCsrf(token: string): void {
  csrf = token;
}

export const api = createClient<paths>({ baseUrl: '', fetch: fetchOnce });

api.use({
  onRequest: ({ request }) => {
    if (request.method !== 'GET') request.headers.set('x-csrf-token', csrf);
    return request;
  },
  onError: () => new ProblemError(OFFLINE),
});

interface Answer<T> {
  readonly data?: T;
  readonly error?: unknown;
  readonly response: Response;
}

/** The data of an answer, or its problem thrown. */
export async function dataOf<T>(call: Promise<Answer<T>>): Promise<T> {
  const { data, error, response } = await call;
  if (response.ok) return data as T;
  throw new ProblemError(isProblem(error) ? error : { ...OFFLINE, status: response.status });
}

function isProblem(value: unknown): value is ProblemBody {
  return typeof value === 'object' && value !== null && 'code' in value && 'detail' in value;
}

export function newCommandId(): string {
  return v7();
}

/** Whether a call may succeed by itself a little later: the database or the server is away. */
export function isAway(error: unknown): boolean {
  return error instanceof ProblemError && (error.body.code === 'databaseAway' || error.body.code === 'offline');
}

export function isSignedOut(error: unknown): boolean {
  return error instanceof ProblemError && error.body.code === 'notSignedIn';
}
