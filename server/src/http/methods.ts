import type { Handler, Hono, Env } from 'hono';
import { problemResponse } from './problem.ts';

/** Answers what no route took: 405 and what would go where only the verb is wrong, 404 else. */
export function nothingHere<E extends Env>(app: Hono<E>): Handler {
  const routes = app.routes
    .filter((r) => r.method !== 'ALL')
    .map((r) => ({
      method: r.method,
      matches: new RegExp(`^${r.path.replace(/\/:[^/]+/g, '/[^/]+').replace(/\/$/, '')}/?$`),
    }));
  return (c) => {
    const allowed = new Set(routes.filter((r) => r.matches.test(c.req.path)).map((r) => r.method));
    if (allowed.size === 0) return problemResponse(c, 404, 'Not found', 'There is nothing at this address.');
    c.header('Allow', [...allowed].join(', '));
    return problemResponse(c, 405, 'Not allowed', 'That can’t be done at this address.');
  };
}
