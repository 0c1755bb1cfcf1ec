import type { Problem, StoredPlay } from '@corkscrew/core';
import type { Context } from 'hono';

/** An answer that is not the one hoped for, with a sentence that a coach understands. */
export class ProblemError extends Error {
  readonly status: 400 | 403 | 404 | 409 | 410 | 413 | 415 | 422 | 503 | 507;
  readonly title: string;
  readonly theirs: StoredPlay | undefined;

  constructor(status: ProblemError['status'], title: string, detail: string, theirs?: StoredPlay) {
    super(detail);
    this.status = status;
    this.title = title;
    this.theirs = theirs;
  }
}

export const notFound = (what: string): ProblemError =>
  new ProblemError(404, 'Not found', `${what} is not here. It may have been removed for good.`);

export function problemResponse(
  c: Context,
  status: number,
  title: string,
  detail: string,
  theirs?: StoredPlay,
): Response {
  const body: Problem = {
    type: 'about:blank',
    title,
    status,
    detail,
    instance: c.req.path,
    ...(theirs ? { theirs } : {}),
  };
  return c.body(JSON.stringify(body), status as 400, { 'Content-Type': 'application/problem+json' });
}
