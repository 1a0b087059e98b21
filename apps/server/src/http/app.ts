/** The HTTP application: security headers, logs without bodies, the API, the built web app, one error shape. */
import { existsSync } from 'node:fs';
import type { IncomingMessage, ServerResponse } from 'node:http';
import { join } from 'node:path';
import compression from 'compression';
import express, { type ErrorRequestHandler, type Express } from 'express';
import helmet from 'helmet';
import type { Logger } from 'pino';
import type { DatabaseWatch } from '../database/databaseWatch.js';
import { InvalidInputError, MOST_ERRORS } from '@graft/core/schema';
import { accountRoutes, type AccountParts } from '../accounts/accountRoutes.js';
import { recognise, stillSignedIn } from '../accounts/signedIn.js';
import { forecastService } from '../forecast/forecastService.js';
import { incidentRoutes } from '../incidents/incidentRoutes.js';
import { libraryRoutes } from '../library/libraryRoutes.js';
import type { LibraryStore } from '../library/libraryStore.js';
import { scaleRoutes } from '../scale/scaleRoutes.js';
import { scaleService } from '../scale/scaleService.js';
import { messageRoutes } from '../messages/messageRoutes.js';
import { messageService } from '../messages/messageService.js';
import type { NewsFollower } from '../sheets/newsFollower.js';
import { memberRoutes, sheetRoutes } from '../sheets/sheetRoutes.js';
import { invitationRoutes, leaderRoutes } from '../trips/leaderRoutes.js';
import type { LeaderStore } from '../trips/leaderStore.js';
import { gateOf } from '../trips/gate.js';
import { tripRoutes } from '../trips/tripRoutes.js';
import { apiDescription } from './apiDescription.js';
import { ApiError, errorBody } from './apiError.js';
import { databaseAway, databaseRefusal, guardSlow, RETRY_AFTER_S } from './databaseDown.js';
import { OWN_PAGE_HEADER } from './ownPage.js';
import { logRequest } from './requestLog.js';

export interface AppParts extends AccountParts {
  readonly leaders: LeaderStore;
  readonly library: LibraryStore;
  /** Where the forecast service is; the simulated one is under /stand-ins/forecast of this application. */
  readonly forecastUrl: string;
  /** Where the bench scale is; the simulated one is under /stand-ins/scale of this application. */
  readonly scaleUrl: string;
  /** What the application shows the simulated services of its own; undefined for those that stand elsewhere. */
  readonly scaleKey: string | undefined;
  readonly standInKey: string;
  /** Proxies whose word on where a request comes from counts. */
  readonly trustProxy: readonly string[];
  readonly follower: NewsFollower;
  readonly watch: DatabaseWatch;
  readonly logger: Logger;
  readonly webDir: string | undefined;
}

function sendJson(res: ServerResponse, status: number, text: string): void {
  // It was refused for a database that does not answer, and has been answered since.
  if (res.headersSent) return;
  res.statusCode = status;
  res.setHeader('Content-Type', 'application/json; charset=utf-8');
  res.end(text);
}

export function makeApp(parts: AppParts): Express {
  const { accounts, trips, leaders, library, sheets, news, messages, incidents } = parts;
  const { forecastUrl, scaleUrl, publicUrl, trustProxy, watch, logger, webDir } = parts;
  const may = gateOf(trips);
  const app = express();
  app.disable('x-powered-by');
  app.set('trust proxy', trustProxy.length === 0 ? false : [...trustProxy]);
  // No API answer is kept by browsers: there is nothing to compare; built files have their names.
  app.disable('etag');
  app.use((req, res, next) => {
    logRequest(logger, req, res);
    next();
  });
  app.use(compression({ filter: (req, res) => !isStream(res) && compression.filter(req, res) }));
  app.use('/api', (req, res, next) => {
    guardData(req, res);
    guardSlow(watch, res, (error) => sendError(res, error, logger));
    next();
  });
  // It reads its own bodies.
  app.use('/api/sheet', memberRoutes(sheets, parts.brakes));
  app.get('/api/health', (_req, res) => {
    res.json({ ok: true });
  });
  app.get('/api/ready', async (_req, res) => {
    if (!(await watch.answers())) throw databaseAway();
    res.json({ ok: true });
  });
  app.get('/api/openapi.json', (_req, res) => {
    res.json(apiDescription());
  });
  app.use('/api', recognise(accounts));
  app.use('/api/account', accountRoutes(parts));
  app.use(
    '/api/trips',
    tripRoutes(trips, may, news, forecastUrl),
    leaderRoutes(leaders, may, news),
    sheetRoutes(sheets, news, parts.follower, may, stillSignedIn(accounts)),
    messageRoutes(messages, may, parts.brakes, publicUrl),
    incidentRoutes(incidents, may),
  );
  app.use('/api/invitations', invitationRoutes(leaders));
  app.use('/api/library', libraryRoutes(library));
  app.use('/api/scale', scaleRoutes(scaleUrl, parts.scaleKey));
  app.use('/api', (req) => {
    throw new ApiError(
      404,
      'notFound',
      `There is nothing at ${req.method} ${req.originalUrl.split('?')[0] ?? ''}.`,
    );
  });
  app.use(
    helmet({
      contentSecurityPolicy: {
        directives: {
          'default-src': ["'self'"],
          // The component library writes its styles into the page.
          'style-src': ["'self'", "'unsafe-inline'"],
          // The solver of linear programs is WebAssembly; no text is ever run as code.
          'script-src': ["'self'", "'wasm-unsafe-eval'"],
          'worker-src': ["'self'"],
          'img-src': ["'self'", 'data:'],
          // Served on plain HTTP on this machine: nothing to upgrade to.
          'upgrade-insecure-requests': null,
        },
      },
      strictTransportSecurity: false,
    }),
  );
  app.use('/stand-ins/forecast', forecastService());
  app.use('/stand-ins/scale', scaleService(parts.standInKey));
  app.use('/stand-ins/messages', recognise(accounts), messageService(parts.standInKey));
  if (webDir !== undefined && existsSync(webDir)) {
    for (const path of ['/assets', '/s/assets'])
      app.use(
        path,
        express.static(join(webDir, path), { immutable: true, maxAge: '1y', fallthrough: false }),
      );
    app.use(express.static(webDir, { index: false }));
    // Members' sheets are a small program of their own.
    app.use('/s', (_req, res) => {
      res.sendFile('s/index.html', { root: webDir, headers: { 'Cache-Control': 'no-cache' } });
    });
    app.use((_req, res) => {
      res.sendFile('index.html', { root: webDir, headers: { 'Cache-Control': 'no-cache' } });
    });
  }
  app.use(errorHandler(logger));
  return app;
}

/** News go out word by word: nothing waits until there is enough to compress. */
const isStream = (res: ServerResponse): boolean =>
  String(res.getHeader('Content-Type')).startsWith('text/event-stream');

/** Answers of the API are data: never kept, never shown as a page, in no page of another site. */
const DATA_HEADERS = new Map([
  ['Cache-Control', 'no-store'],
  ['Content-Security-Policy', "default-src 'none'; frame-ancestors 'none'"],
  ['Cross-Origin-Resource-Policy', 'same-origin'],
  ['Referrer-Policy', 'no-referrer'],
  ['X-Content-Type-Options', 'nosniff'],
  ['X-Frame-Options', 'DENY'],
]);

/** What goes before every request of the API. @throws ApiError 403 for a write from a page of another site */
function guardData(req: IncomingMessage, res: ServerResponse): void {
  res.setHeaders(DATA_HEADERS);
  refuseOtherSites(req);
}

/**
 * A page of another site may not write here in its visitor's name. Three fences: the session cookie is not sent from
 * other sites, their origin is refused, and a write needs a header that they cannot set.
 */
function refuseOtherSites({ method = '', headers }: IncomingMessage): void {
  if (['GET', 'HEAD'].includes(method)) return;
  const { origin, host } = headers;
  const site = headers['sec-fetch-site'];
  if (origin !== undefined && hostOf(origin) !== host)
    throw new ApiError(403, 'forbidden', `Requests from ${origin} are not accepted.`);
  if (site !== undefined && site !== 'same-origin' && site !== 'none')
    throw new ApiError(403, 'forbidden', 'Requests from other sites are not accepted.');
  if (headers[OWN_PAGE_HEADER] === undefined)
    throw new ApiError(
      403,
      'forbidden',
      `Expected the header ${OWN_PAGE_HEADER} on a request that changes something.`,
    );
}

function hostOf(origin: string): string | undefined {
  return /^https?:\/\/(.+)$/.exec(origin)?.[1];
}

/** Every error in the one shape; what nobody expected is logged, not told. */
export function errorHandler(logger: Logger): ErrorRequestHandler {
  return (error: unknown, _req, res, next) => {
    // What was answered meanwhile is answered.
    if (res.writableEnded) return;
    if (res.headersSent) {
      next(error);
      return;
    }
    sendError(res, error, logger);
  };
}

function sendError(res: ServerResponse, error: unknown, logger: Logger): void {
  const answer = asApiError(error);
  if (answer.status >= 500)
    logger.error({ err: error }, answer.code === 'internal' ? 'unexpected error' : 'no answer');
  if (answer.status === 503 && !res.headersSent) res.setHeader('Retry-After', RETRY_AFTER_S);
  sendJson(res, answer.status, JSON.stringify(errorBody(answer)));
}

function asApiError(error: unknown): ApiError {
  if (error instanceof ApiError) return error;
  if (error instanceof InvalidInputError) {
    const count = error.errors.length;
    const said = `${count}${count < MOST_ERRORS ? '' : ' or more'} ${count === 1 ? 'error' : 'errors'}`;
    return new ApiError(400, 'invalid', `${said}; nothing was saved.`, error.errors);
  }
  const refusal = databaseRefusal(error);
  if (refusal !== undefined) return refusal;
  const { status } = error as { status?: number };
  if (status !== undefined && status >= 400 && status < 500)
    return new ApiError(status, status === 404 ? 'notFound' : 'invalid', 'The request cannot be read.');
  return new ApiError(500, 'internal', 'Something went wrong in Graft; the server log has the details.');
}
