import { LIMITS, VERSION } from '@corkscrew/core';
import { serveStatic } from '@hono/node-server/serve-static';
import { Hono } from 'hono';
import { bodyLimit } from 'hono/body-limit';
import { compress } from 'hono/compress';
import { requestId } from 'hono/request-id';
import { secureHeaders } from 'hono/secure-headers';
import { openAPIRouteHandler } from 'hono-openapi';
import { readFile } from 'node:fs/promises';
import { join, relative } from 'node:path';
import type { Logger } from 'pino';
import type { Actors, Asked } from './actor.ts';
import { backupRoutes } from './backups/routes.ts';
import { answers, type Database } from './db/client.ts';
import { errorAnswers } from './http/errors.ts';
import { guard } from './http/guard.ts';
import { nothingHere } from './http/methods.ts';
import { problemResponse } from './http/problem.ts';
import { peopleRoutes } from './records/people.ts';
import { RECORD_KINDS, recordRoutes } from './records/routes.ts';
import { seriesRoutes } from './records/series.ts';
import { wordRoutes } from './records/words.ts';
import { planRoutes } from './plans/routes.ts';
import type { PlanAttempt } from './plans/store.ts';
import { calendarRoutes } from './calendar/routes.ts';
import { paperRoutes, type Printing } from './papers/routes.ts';
import { relationRoutes } from './relations/routes.ts';
import { bookRoutes } from './plays/book.ts';
import { importRoutes } from './plays/import-routes.ts';
import { playRoutes } from './plays/routes.ts';
import { teamRoutes } from './teams/routes.ts';
import type { Beside } from './beside/jobs.ts';

export interface AppOptions {
  readonly database: Database;
  readonly log: Logger;
  readonly actors: Actors;
  /** The built web app; without it only the API is served. */
  readonly webRoot?: string;
  /** Who works out of plays what lists show, after they were saved; without it they wait. */
  readonly beside?: Beside;
  /** Who makes what is ordered on paper; without it nothing is. */
  readonly printing?: Printing;
  /** Who looks for plans of a season; without it nobody does. */
  readonly planning?: (attempt: PlanAttempt) => Promise<unknown>;
  /** Which build of the app is served: a tab of another one offers to reload. */
  readonly build?: string;
}

/** A request's body: a play of the largest size, written as wastefully as JSON allows. */
const BODY = LIMITS.fileBytes + 64 * 1024;
/** A whole playbook, or all of a team. */
const MANY = 256 * 1024 * 1024;
/** Whoever asks whether the server is ready is answered within this (ms), database or not. */
const READY = 800;

/** The whole service: the API under /api and the app everywhere else. */
export function createApp({
  database,
  log,
  actors,
  webRoot,
  beside,
  printing,
  planning,
  build = 'dev',
}: AppOptions): Hono<Asked> {
  const app = new Hono<Asked>();
  app.use(requestId());
  app.use(async (c, next) => {
    const began = performance.now();
    await next();
    c.header('X-Corkscrew-Build', build);
    c.header('X-Corkscrew-Document', String(VERSION));
    log.info(
      {
        id: c.get('requestId'),
        method: c.req.method,
        path: c.req.path.slice(0, 200),
        status: c.res.status,
        ms: Math.round(performance.now() - began),
      },
      'request',
    );
  });
  app.use(
    secureHeaders({
      contentSecurityPolicy: {
        defaultSrc: ["'self'"],
        scriptSrc: ["'self'"],
        // styled-components writes its rules into style elements.
        styleSrc: ["'self'", "'unsafe-inline'"],
        imgSrc: ["'self'", 'data:'],
        connectSrc: ["'self'"],
        formAction: ["'self'"],
        objectSrc: ["'none'"],
        frameAncestors: ["'none'"],
        baseUri: ["'none'"],
      },
      strictTransportSecurity: false,
    }),
  );
  app.use(guard());
  app.use('/api/*', compress());
  const limitTo = (maxSize: number, sentence: string) =>
    bodyLimit({ maxSize, onError: (c) => problemResponse(c, 413, 'Too large', sentence) });
  const ofPlay = limitTo(BODY, `That is too large: a play has at most ${LIMITS.bytes / 1024 / 1024} MB.`);
  const ofMany = limitTo(MANY, 'That is too large to be taken in at once: 256 MB at most.');
  app.use('/api/*', (c, next) =>
    /^\/api\/(imports|backups)/.test(c.req.path) ? ofMany(c, next) : ofPlay(c, next),
  );

  app.get('/api/health', (c) => c.json({ ok: true }));
  app.get('/api/ready', async (c) =>
    (await answers(database, READY))
      ? c.json({ ok: true })
      : problemResponse(c, 503, 'Not ready', 'The database does not answer.'),
  );
  app.use('/api/*', async (c, next) => {
    const actor = actors(c);
    if (!actor)
      return problemResponse(c, 403, 'Not allowed', 'This playbook is open on its own machine only.');
    c.set('actor', actor);
    return next();
  });
  app.route('/api/team', teamRoutes(database, beside));
  app.route('/api/plays', playRoutes(database, beside));
  app.route('/api/imports', importRoutes(database, beside));
  app.route('/api/backups', backupRoutes(database, beside));
  app.route('/api/book', bookRoutes(database));
  app.route('/api/relations', relationRoutes(database));
  app.route('/api/papers', paperRoutes(database, printing));
  app.route('/api/plans', planRoutes(database, planning));
  app.route('/api/calendar', calendarRoutes(database));
  for (const kind of RECORD_KINDS) app.route(`/api/${kind}`, recordRoutes(database, kind));
  app.route('/api/series', seriesRoutes(database, beside));
  app.route('/api/words', wordRoutes(database));
  app.route('/api/players', peopleRoutes(database));
  app.get(
    '/api/openapi.json',
    openAPIRouteHandler(app, {
      documentation: {
        info: { title: 'Corkscrew', version: '1', description: 'Plays, versions and the team.' },
      },
    }),
  );
  app.all('/api/*', nothingHere(app));

  if (webRoot) serveWeb(app, webRoot);
  app.onError(errorAnswers(log));
  return app;
}

function serveWeb(app: Hono<Asked>, webRoot: string): void {
  const root = relative(process.cwd(), webRoot) || '.';
  app.use('/assets/*', async (c, next) => {
    await next();
    if (c.res.ok) c.header('Cache-Control', 'public, max-age=31536000, immutable');
  });
  app.use('/assets/*', serveStatic({ root, precompressed: true }));
  app.get('/favicon.svg', serveStatic({ root }));
  app.get('*', async (c) =>
    c.html(await readFile(join(webRoot, 'index.html'), 'utf8'), 200, { 'Cache-Control': 'no-cache' }),
  );
}
