/*
 * The one place where failures become answers.
 */
import type { ArgumentsHost, ExceptionFilter } from '@nestjs/common';
import { Catch, HttpException, Inject } from '@nestjs/common';
import type { Request, Response } from 'express';
import type { Logger } from 'pino';
import { databaseErrorKind } from '../db/databaseError.js';
import { LOGGER } from '../tokens.js';
import type { ProblemCode } from './problem.js';
import { PROBLEM_TYPE, Problem, problemBody } from './problem.js';

/** Refusals of the framework and of its file server, by status; other 4xx are bad input. */
const BY_STATUS: Readonly<Record<number, ProblemCode>> = {
  403: 'notFound',
  404: 'notFound',
  405: 'notFound',
  413: 'tooLarge',
};

function codeOf(status: number): ProblemCode | null {
  return BY_STATUS[status] ?? (status >= 400 && status < 500 ? 'badInput' : null);
}

/** Whatever was thrown, as a problem. */
export function toProblem(error: unknown): Problem {
  if (error instanceof Problem) return error;
  const kind = databaseErrorKind(error);
  if (kind === 'away' || kind === 'deadlock' || kind === 'lockTimeout') {
    return new Problem(
      'databaseAway',
      'The database does not answer right now. Nothing was saved. Try again in a moment.',
    );
  }
  if (kind === 'duplicate') return new Problem('stale', 'This is there already.');
  if (kind === 'missingReference') return new Problem('badInput', 'It refers to something that does not exist.');
  const status = error instanceof HttpException ? error.getStatus() : (error as { status?: number }).status;
  const code = codeOf(status ?? 0);
  if (code === null) return new Problem('broken', 'The server could not do this. What was there before is unchanged.');
  if (code === 'tooLarge') return new Problem(code, 'The request is too large. Nothing was changed.');
  return new Problem(code, error instanceof Error ? error.message : 'The request could not be read.');
}

/** Puts every failure of a request into a problem body. */
@Catch()
export class ProblemFilter implements ExceptionFilter {
  constructor(@Inject(LOGGER) private readonly logger: Logger) {}

  catch(error: unknown, host: ArgumentsHost): void {
    const http = host.switchToHttp();
    const response = http.getResponse<Response>();
    sendProblem(error, http.getRequest<Request>(), response, this.logger);
  }
}

/** Answers a request with a problem; used by the filter and by the plain middleware before it. */
export function sendProblem(error: unknown, request: Request, response: Response, logger: Logger): void {
  const problem = toProblem(error);
  if (problem.code === 'broken') logger.error({ err: error }, 'request failed');
  if (response.headersSent) return;
  const body = problemBody(problem, request.originalUrl);
  if (body.status === 503) response.setHeader('Retry-After', '1');
  response.status(body.status).type(PROBLEM_TYPE).send(JSON.stringify(body));
}
