/*
 * Bodies of requests: read only after the caller is known to be allowed to send them, never more than the route takes, and
 * measured before they are parsed.
 */
import express from 'express';
import type { NextFunction, Request, Response } from 'express';
import { Problem } from '../problem/problem.js';
import type { JsonLimits, JsonTrouble } from './measureJson.js';
import { jsonTrouble } from './measureJson.js';

interface BodyLimit extends JsonLimits {
  readonly bytes: number;
}

const MEGABYTE = 1024 * 1024;
/** Nothing that people send is nested deeper, and no object of ours has more keys (engineering defaults). */
const SHAPE = { depth: 40, keys: 500 } as const;

const PUBLIC: BodyLimit = { ...SHAPE, bytes: 10 * 1024, tokens: 100 };
const USUAL: BodyLimit = { ...SHAPE, bytes: MEGABYTE, tokens: 60_000 };
/** An import of every dog that a kennel may have. */
const CHANGES: BodyLimit = { ...SHAPE, bytes: 6 * MEGABYTE, tokens: 600_000 };
/** A photo as a phone takes it, in text. */
const PHOTO: BodyLimit = { ...SHAPE, bytes: 17 * MEGABYTE, tokens: 100 };
/** A whole kennel with its seasons of records. */
const WHOLE_KENNEL: BodyLimit = { ...SHAPE, bytes: 64 * MEGABYTE, tokens: 8_000_000 };

const BY_PATH: Readonly<Record<string, BodyLimit>> = {
  '/api/changes': CHANGES,
  '/api/changes/check': CHANGES,
  '/api/kennel/open': WHOLE_KENNEL,
  '/api/photos': PHOTO,
};

function limitOf(path: string, isPublic: boolean): BodyLimit {
  return isPublic ? PUBLIC : (BY_PATH[path] ?? USUAL);
}

const TROUBLE: Readonly<Record<JsonTrouble, string>> = {
  tooDeep: 'The request is nested too deeply. Nothing was changed.',
  tooMany: 'The request holds too many values at once. Nothing was changed. Send it in parts.',
  tooWide: 'One object of the request has too many fields. Nothing was changed.',
  badText:
    'The request holds text with a character that cannot be kept (NUL, or half of a character). Nothing was changed.',
};

/** Reads and parses JSON bodies; `isPublic` says whether anybody may call the route of a request. */
export function jsonBody(isPublic: (request: Request) => boolean) {
  return (request: Request, response: Response, next: NextFunction): void => {
    const limit = limitOf(pathOf(request), isPublic(request));
    const read = express.raw({ type: 'application/json', limit: limit.bytes });
    read(request, response, (error?: unknown) => {
      if (error !== undefined) next(tooLarge(error, limit));
      else next(parsed(request, limit));
    });
  };
}

/** The path of a request without its query. */
export function pathOf(request: Request): string {
  return request.originalUrl.split('?')[0] ?? '';
}

function tooLarge(error: unknown, { bytes }: BodyLimit): unknown {
  if ((error as { status?: number }).status !== 413) return error;
  const most = bytes < MEGABYTE ? `${String(bytes / 1024)} kB` : `${String(bytes / MEGABYTE)} MB`;
  return new Problem('tooLarge', `The request is larger than ${most}. Nothing was changed.`);
}

/** Puts the parsed body into the request; answers what is wrong with it. */
function parsed(request: Request, limit: BodyLimit): unknown {
  const body: unknown = request.body;
  if (!Buffer.isBuffer(body) || body.length === 0) {
    request.body = {};
    return undefined;
  }
  const trouble = jsonTrouble(body, limit);
  if (trouble === 'badText') return new Problem('badInput', TROUBLE[trouble]);
  if (trouble !== null) return new Problem('tooLarge', TROUBLE[trouble]);
  try {
    request.body = JSON.parse(body.toString('utf8')) as unknown;
    return undefined;
  } catch (error) {
    return new Problem('badInput', `The request is not JSON: ${(error as Error).message}. Nothing was changed.`);
  }
}
