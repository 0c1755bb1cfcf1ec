import type { MiddlewareHandler } from 'hono';
import { problemResponse } from './problem.ts';

/** Names this server answers to: itself, on its own machine. */
const OWN_NAMES: readonly string[] = ['localhost', '127.0.0.1', '[::1]'];

const nameOf = (host: string): string => host.replace(/:\d+$/, '').toLowerCase();

/**
 * Lets in only what was asked of one of the server's own names, and not from a page of another origin: no
 * foreign page can read or write here, with a form neither, nor under a name it had pointed at this machine.
 * A link from elsewhere to a screen is let in; a client that is no browser sends no origin.
 */
export function guard(names: readonly string[] = OWN_NAMES): MiddlewareHandler {
  return async (c, next) => {
    const host = c.req.header('Host') ?? new URL(c.req.url).host;
    if (!names.includes(nameOf(host)))
      return problemResponse(c, 421, 'Not here', 'This address is not Corkscrew’s own.');
    const origin = c.req.header('Origin');
    const site = c.req.header('Sec-Fetch-Site');
    const screen = c.req.header('Sec-Fetch-Mode') === 'navigate' && !c.req.path.startsWith('/api/');
    const foreign =
      (origin !== undefined && !isOwn(origin, host)) ||
      (site !== undefined && site !== 'same-origin' && site !== 'none' && !screen);
    if (foreign)
      return problemResponse(c, 403, 'Not allowed', 'Only Corkscrew’s own pages may ask for this.');
    return next();
  };
}

function isOwn(origin: string, host: string): boolean {
  try {
    return new URL(origin).host === host;
  } catch {
    return false;
  }
}
