import { LIMITS } from '@corkscrew/core';
import { serveStatic } from '@hono/node-server/serve-static';
import { sql } from 'drizzle-orm';
import { Hono } from 'hono';
import { bodyLimit } from 'hono/body-limit';
import { compress } from 'hono/compress';
import { HTTPException } from 'hono/http-exception';
import { requestId } from 'hono/request-id';
import { secureHeaders } from 'hono/secure-headers';
import { openAPIRouteHandler } from 'hono-openapi';
import { readFile } from 'node:fs/promises';
import { join, relative } from 'node:path';
import type { Logger } from 'pino';
import type { Db } from './db/client.ts';
import { problemResponse, ProblemError } from './http/problem.ts';
import { playRoutes } from './plays/routes.ts';
import { teamRoutes } from './teams/routes.ts';

export interface AppOptions {
  readonly db: Db;
  readonly log: Logger;
  readonly teamId: string;
  /** The built web app; without it only the API is served. */
  readonly webRoot?: string;
}

type Vars = { Variables: { requestId: string } };

/** The whole service: the API under /api and the app everywhere else. */
export function createApp({ db, log, teamId, webRoot }: AppOptions): Hono<Vars> {
  const app = new Hono<Vars>();
  app.use(requestId());
  app.use(async (c, next) => {
    const began = performance.now();
    await next();
    log.info(
      {
        id: c.get('requestId'),
        method: c.req.method,
        path: c.req.path,
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
        objectSrc: ["'none'"],
        frameAncestors: ["'none'"],
        baseUri: ["'none'"],
      },
      strictTransportSecurity: false,
    }),
  );
  app.use('/api/*', compress());
  app.use(
    '/api/*',
    bodyLimit({
      maxSize: LIMITS.bytes * 2,
      onError: (c) =>
        problemResponse(
          c,
          413,
          'Too large',
          `That is too large: a play has at most ${LIMITS.bytes / 1024} KB.`,
        ),
    }),
  );

  app.get('/api/health', async (c) => {
    await db.execute(sql`select 1`);
    return c.json({ ok: true });
  });
  app.route('/api/team', teamRoutes(db, teamId));
  app.route('/api/plays', playRoutes(db, teamId));
  app.get(
    '/api/openapi.json',
    openAPIRouteHandler(app, {
      documentation: {
        info: { title: 'Corkscrew', version: '1', description: 'Plays, versions and the team.' },
      },
    }),
  );
  app.all('/api/*', (c) => problemResponse(c, 404, 'Not found', 'There is nothing at this address.'));

  if (webRoot) serveWeb(app, webRoot);

  app.onError((error, c) => {
    if (error instanceof ProblemError)
      return problemResponse(c, error.status, error.title, error.message, error.theirs);
    if (error instanceof HTTPException)
      return problemResponse(c, error.status, 'Not understood', 'What was sent could not be read.');
    log.error({ id: c.get('requestId'), error: { message: error.message, stack: error.stack } }, 'failed');
    if (isDatabaseDown(error))
      return problemResponse(
        c,
        503,
        'The playbook is out of reach',
        'The playbook can’t be reached just now. Your changes stay on this device and are sent when it is back.',
      );
    return problemResponse(
      c,
      500,
      'Something went wrong',
      `Something went wrong on our side (${c.get('requestId')}). Nothing was changed.`,
    );
  });
  return app;
}

function serveWeb(app: Hono<Vars>, webRoot: string): void {
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

/** Whether an error, or what caused it, says that PostgreSQL is not there. */
function isDatabaseDown(error: unknown): boolean {
  for (let e: unknown = error; e instanceof Error; e = e.cause) {
    const code = (e as Error & { code?: string }).code ?? '';
    if (
      /^(ECONN|EPIPE|ENOTFOUND|ETIMEDOUT|57P|08)/.test(code) ||
      /timeout|Connection terminated/i.test(e.message)
    )
      return true;
    if (e instanceof AggregateError && e.errors.some(isDatabaseDown)) return true;
  }
  return false;
}
