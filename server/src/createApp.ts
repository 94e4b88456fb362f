/*
 * The HTTP application around the modules: limits, headers, sessions, validation, the web application's files.
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
import type { Logger } from 'pino';
import { AppModule } from './appModule.js';
import { AccountService } from './auth/accountService.js';
import { accessOfPath } from './auth/routePolicy.js';
import { sessionMiddleware } from './auth/sessionMiddleware.js';
import type { Config } from './config.js';
import { jsonBody, pathOf } from './http/jsonBody.js';
import { requestLog } from './http/requestLog.js';
import type { Outside } from './outsideModule.js';
import { Problem } from './problem/problem.js';
import { sendProblem } from './problem/problemFilter.js';

function validationErrors(errors: readonly ValidationError[], parent = ''): { path: string; detail: string }[] {
  return errors.flatMap((e) => {
    const path = parent === '' ? e.property : `${parent}.${e.property}`;
    const own = Object.values(e.constraints ?? {}).map((detail) => ({ path, detail }));
    return [...own, ...validationErrors(e.children ?? [], path)];
  });
}

/** Makes the application; it does not listen yet. */
export async function createApp(outside: Outside): Promise<NestExpressApplication> {
  const { config, logger } = outside;
  const app = await NestFactory.create<NestExpressApplication>(AppModule.with(outside), {
    logger: false,
    bodyParser: false,
    // Live streams stay open for days; a stop must not wait for them.
    forceCloseConnections: true,
  });
  app.set('trust proxy', config.trustProxy);
  app.use(securityHeaders(config));
  app.use('/api', requestLog(logger), (_: Request, response: Response, next: NextFunction) => {
    response.set('Cache-Control', 'no-store');
    next();
  });
  app.use(cookieParser());
  // Who may call is decided before the body is read: nobody makes the server parse what it would refuse anyway.
  app.use('/api', sessionMiddleware(app.get(AccountService), config.kennel, logger));
  app.use(
    '/api',
    jsonBody((request) => accessOfPath(request.method, pathOf(request)) === 'public'),
  );
  app.use('/api', problemAnswers(logger));
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
  serveWeb(app, config.webDist, logger);
  app.enableShutdownHooks();
  await app.init();
  return app;
}

/** Helmet's headers; HTTPS is insisted on only where people reach the server by it. */
function securityHeaders(config: Config) {
  return helmet({
    contentSecurityPolicy: {
      // Ant Design writes its theme into style elements; scripts come from our own files only.
      directives: {
        'default-src': ["'self'"],
        'style-src': ["'self'", "'unsafe-inline'"],
        'upgrade-insecure-requests': null,
      },
    },
    strictTransportSecurity: config.isPublicSecure === true,
  });
}

function problemAnswers(logger: Logger) {
  return (error: unknown, request: Request, response: Response, next: NextFunction): void => {
    if (error === undefined) next();
    else sendProblem(error, request, response, logger);
  };
}

/** The service worker decides which files pages are made of: it is asked for anew each time. */
function freshWorker(response: Response, path: string): void {
  if (path.endsWith('serviceWorker.js')) response.set('Cache-Control', 'no-cache');
}

/** Built files with long caching, and the page itself for every address that is no file and no API. */
function serveWeb(app: NestExpressApplication, dist: string, logger: Logger): void {
  const page = join(dist, 'index.html');
  if (!existsSync(page)) return;
  app.use('/assets', express.static(join(dist, 'assets'), { immutable: true, maxAge: '1y', redirect: false }));
  app.use('/assets', (request: Request, response: Response) => {
    sendProblem(new Problem('notFound', 'This file does not exist.'), request, response, logger);
  });
  app.use(express.static(dist, { index: false, maxAge: '1h', setHeaders: freshWorker }));
  app.use((request: Request, response: Response, next: NextFunction) => {
    if (request.method !== 'GET' || /^\/(api|calendar)(\/|$)/.test(request.path)) next();
    else response.set('Cache-Control', 'no-cache').sendFile(page);
  });
  app.use(problemAnswers(logger));
}
