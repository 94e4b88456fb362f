/*
 * Faults as problem bodies (RFC 9457). Services throw `Problem` with a code from a closed set; one filter turns
 * everything else into one.
 */

/** Problems by code: status, and a title that says what is wrong. */
export const PROBLEMS = {
  notSignedIn: { status: 401, title: 'Sign in first' },
  wrongPassword: { status: 401, title: 'This name and password do not go together' },
  wrongPin: { status: 401, title: 'This name and PIN do not go together' },
  wrongPresentPassword: { status: 401, title: 'The present password is not right' },
  linkOver: { status: 401, title: 'This link is over' },
  tooManyAttempts: { status: 429, title: 'Too many attempts' },
  tooManyStreams: { status: 429, title: 'Too many pages are open' },
  mustChangePassword: { status: 403, title: 'Choose a password of your own first' },
  notAllowed: { status: 403, title: 'Your role does not allow this' },
  badToken: { status: 403, title: 'This page is out of date; load it again' },
  notFound: { status: 404, title: 'This does not exist' },
  badInput: { status: 400, title: 'Something in it is not right' },
  tooLarge: { status: 413, title: 'That is too much at once' },
  stale: { status: 409, title: 'Somebody else changed this' },
  alreadyOver: { status: 409, title: 'This task is over already' },
  askFirst: { status: 409, title: 'Something speaks against it; it can be done anyway' },
  otherCommand: { status: 409, title: 'This command id was used for something else' },
  notAsPlanned: { status: 409, title: 'The task is not what the sender takes it for' },
  notNow: { status: 409, title: 'This cannot be done in this state' },
  databaseAway: { status: 503, title: 'The database is away' },
  busy: { status: 503, title: 'The planner has too many questions at once' },
  broken: { status: 500, title: 'Something went wrong here' },
} as const;
/** Media type of problem bodies (RFC 9457). */
export const PROBLEM_TYPE = 'application/problem+json';

/** Code of a problem. */
export type ProblemCode = keyof typeof PROBLEMS;

/** A problem as it is sent. */
export interface ProblemBody {
  readonly type: string;
  readonly title: string;
  readonly status: number;
  readonly detail: string;
  readonly instance: string;
  readonly code: ProblemCode;
  readonly errors: readonly { readonly path: string; readonly detail: string }[];
  /** The newer state, for conflicts. */
  readonly current?: unknown;
}

/** An expected failure of a request. */
export class Problem extends Error {
  readonly code: ProblemCode;
  readonly errors: ProblemBody['errors'];
  readonly current: unknown;

  constructor(code: ProblemCode, detail: string, more: { errors?: ProblemBody['errors']; current?: unknown } = {}) {
    super(detail);
    this.code = code;
    this.errors = more.errors ?? [];
    this.current = more.current;
  }
}

/** The body of a problem. */
export function problemBody(problem: Problem, instance: string): ProblemBody {
  const { status, title } = PROBLEMS[problem.code];
  return {
    type: `https://loyal-mane.invalid/problems/${problem.code}`,
    title,
    status,
    detail: problem.message,
    instance,
    code: problem.code,
    errors: problem.errors,
    ...(problem.current === undefined ? {} : { current: problem.current }),
  };
}
