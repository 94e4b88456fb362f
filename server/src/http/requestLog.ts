/*
 * One line for every request: what was asked, how it went, how long it took. No names, bodies, cookies or secrets: of the
 * address only the path, without its query.
 */
import type { IncomingMessage } from 'node:http';
import type { RequestHandler } from 'express';
import type { Logger } from 'pino';
import { pinoHttp } from 'pino-http';

type Asked = IncomingMessage & { readonly originalUrl?: string };

const pathOf = (request: Asked): string => (request.originalUrl ?? request.url ?? '').split('?')[0] ?? '';

/** Logs requests at info, refused ones too, broken ones at error. */
export function requestLog(logger: Logger): RequestHandler {
  return pinoHttp({
    logger,
    quietReqLogger: true,
    autoLogging: { ignore: (request) => pathOf(request).includes('/api/health') },
    customLogLevel: (_, response, error) => (error !== undefined || response.statusCode >= 500 ? 'error' : 'info'),
    customAttributeKeys: { responseTime: 'ms' },
    serializers: {
      req: (request: { readonly method: string; readonly url: string; readonly raw: Asked }) => ({
        method: request.method,
        path: pathOf(request.raw),
      }),
      res: (response: { readonly statusCode: number }) => ({ status: response.statusCode }),
    },
  });
}
