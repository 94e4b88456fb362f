/*
 * The HTTP application around the module: limits, headers, sessions, validation, the web application's files.
 */
import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { ValidationPipe } from '@nestjs/common';
import { NestFactory } from '@nestjs/core';
import type { NestExpressApplication } from '@nestjs/platform-express';
import type { ValidationError } from 'class-validator';
import cookieParser from 'cookie-parser';
import express from 'express';
import type { NextFunction, Request, Response } from 'express';
import helmet from 'helmet';
import { pinoHttp } from 'pino-http';
import { AppModule } from './appModule.js';
import type { Outside } from './appModule.js';
import { AccountService } from './auth/accountService.js';
import { sessionMiddleware } from './auth/sessionMiddleware.js';
import { Problem } from './problem/problem.js';
import { sendProblem } from './problem/problemFilter.js';

const BODY_LIMIT = '6mb';
const KENNEL_LIMIT = '64mb';

function validationErrors(errors: readonly ValidationError[], parent = ''): { path: string; detail: string }[] {
  return errors.flatMap((e) => {
    const path = parent === '' ? e.property : `${parent}.${e.property}`;
    const own = Object.values(e.constraints ?? {}).map((detail) => ({ path, detail }));
    return [...own, ...validationErrors(e.children ?? [], path)];
  });
}

/** Makes the application; it does not listen yet. */
export async function createApp(outside: Outside): Promise<NestExpressApplication> {
  const app = await NestFactory.create<NestExpressApplication>(AppModule.with(outside), {
    logger: false,
    bodyParser: false,
    // Live streams stay open for days; a stop must not wait for them.
    forceCloseConnections: true,
  });
  app.set('trust proxy', 'loopback');
  app.use(
    helmet({
      contentSecurityPolicy: {
        // Ant Design writes its theme into style elements; scripts come from our own files only.
        directives: {
          'default-src': ["'self'"],
          'style-src': ["'self'", "'unsafe-inline'"],
          'upgrade-insecure-requests': null,
        },
      },
      // Plain HTTP on loopback or behind a proxy that adds its own.
      strictTransportSecurity: false,
    }),
  );
  app.use('/api', pinoHttp({ logger: outside.logger, autoLogging: { ignore: (r) => r.url === '/health' } }));
  app.use(cookieParser());
  app.use('/api', sessionMiddleware(app.get(AccountService), outside.config.kennel, outside.logger));
  // A season of records is larger than anything else that is sent.
  app.use('/api/kennel/open', express.json({ limit: KENNEL_LIMIT }));
  app.use('/api', express.json({ limit: BODY_LIMIT }));
  app.use('/api', (error: unknown, request: Request, response: Response, next: NextFunction) => {
    if (error === undefined) next();
    else sendProblem(readable(error), request, response, outside.logger);
  });
  app.useGlobalPipes(
    new ValidationPipe({
      whitelist: true,
      forbidNonWhitelisted: true,
      exceptionFactory: (errors) =>
        new Problem('badInput', 'Nothing was changed. Mend what is named and send it again.', {
          errors: validationErrors(errors),
        }),
    }),
  );
  serveWeb(app, outside.config.webDist);
  app.enableShutdownHooks();
  await app.init();
  return app;
}

function readable(error: unknown): unknown {
  return error instanceof SyntaxError ? new Problem('badInput', `The request is not JSON: ${error.message}`) : error;
}

/** Built files with long caching, and the page itself for every address that is no file and no API. */
function serveWeb(app: NestExpressApplication, dist: string): void {
  const page = join(dist, 'index.html');
  if (!existsSync(page)) return;
  app.use('/assets', express.static(join(dist, 'assets'), { immutable: true, maxAge: '1y', fallthrough: false }));
  app.use(express.static(dist, { index: false, maxAge: '1h' }));
  app.use((request: Request, response: Response, next: NextFunction) => {
    if (request.method !== 'GET' || /^\/(api|calendar)(\/|$)/.test(request.path)) next();
    else response.set('Cache-Control', 'no-cache').sendFile(page);
  });
}
