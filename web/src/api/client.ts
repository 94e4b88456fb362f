/*
 * The generated client with what every call needs: the session's token on writes, problems as errors, patience while the
 * database is away. A command keeps its id over retries, so that it happens once.
 */
import createClient from 'openapi-fetch';
import { v7 } from 'uuid';
import { fetchOnce } from './early';
import type { paths } from './schema.gen';

/** A problem as the server sends it (RFC 9457). */
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
  detail: 'The server does not answer. Nothing was saved. Try again when the connection is back.',
  status: 0,
  code: 'offline',
  errors: [],
};

/** The server's code for a request without a session. */
export const NOT_SIGNED_IN: ProblemBody = {
  title: 'Sign in first',
  detail: 'Sign in to see this.',
  status: 401,
  code: 'notSignedIn',
  errors: [],
};

let csrf = '';

/** Keeps the token that commands of this session carry. */
export function setCsrf(token: string): void {
  csrf = token;
}

const client = createClient<paths>({ baseUrl: '', fetch: fetchOnce });

client.use({
  onRequest: ({ request }) => {
    if (request.method !== 'GET') request.headers.set('x-csrf-token', csrf);
    return request;
  },
  onError: () => new ProblemError(OFFLINE),
});

type Method = 'get' | 'post' | 'delete';
type Paths<M extends Method> = {
  [P in keyof paths]: paths[P][M] extends { responses: object } ? P : never;
}[keyof paths];
type Operation<P extends keyof paths, M extends Method> = NonNullable<paths[P][M]>;

/** The answer of an operation: its JSON, or nothing. */
type DataOf<O> = O extends { responses: { 200: { content: { 'application/json': infer T } } } } ? T : undefined;

/** The input of an operation, in the form of its document. */
type GivenOf<O> = (O extends { requestBody: { content: { 'application/json': infer B } } }
  ? { readonly body: B }
  : unknown) &
  (O extends { parameters: { path: infer P } } ? { readonly params: { readonly path: P } } : unknown) &
  (O extends { parameters: { query?: infer Q } } ? { readonly params?: { readonly query?: Q } } : unknown);

interface Answer {
  readonly data?: unknown;
  readonly error?: unknown;
  readonly response: Response;
}

/** The data of an operation's answer. @throws ProblemError what the server named, or `offline` */
async function ask<M extends Method, P extends Paths<M>>(
  method: M,
  path: P,
  given: object,
): Promise<DataOf<Operation<P, M>>> {
  const { data, error, response }: Answer = await client.request(method, path as never, given as never);
  if (response.ok) return data as DataOf<Operation<P, M>>;
  throw new ProblemError(isProblem(error) ? error : { ...OFFLINE, status: response.status });
}

/** The arguments of a call: none where an operation takes nothing. */
type Given<O> = keyof GivenOf<O> extends never
  ? []
  : Partial<GivenOf<O>> extends GivenOf<O>
    ? [given?: GivenOf<O>]
    : [given: GivenOf<O>];

/** Reads a resource; throws `ProblemError` with the server's words. */
export const get = <P extends Paths<'get'>>(path: P, ...[given]: Given<Operation<P, 'get'>>) =>
  ask('get', path, given ?? {});
/** Gives a command; throws `ProblemError` with the server's words. */
export const post = <P extends Paths<'post'>>(path: P, ...[given]: Given<Operation<P, 'post'>>) =>
  ask('post', path, given ?? {});
/** Removes a resource; throws `ProblemError` with the server's words. */
export const remove = <P extends Paths<'delete'>>(path: P, ...[given]: Given<Operation<P, 'delete'>>) =>
  ask('delete', path, given ?? {});

function isProblem(value: unknown): value is ProblemBody {
  return typeof value === 'object' && value !== null && 'code' in value && 'detail' in value;
}

/** Id of a new command; the same id sent again is the same command. */
export function newCommandId(): string {
  return v7();
}

/** Whether a call may succeed by itself a little later: the database or the server is away. */
export function isAway(error: unknown): boolean {
  return error instanceof ProblemError && (error.body.code === 'databaseAway' || error.body.code === 'offline');
}

/** Whether a failure means that nobody is signed in any more. */
export function isSignedOut(error: unknown): boolean {
  return error instanceof ProblemError && error.body.code === 'notSignedIn';
}
