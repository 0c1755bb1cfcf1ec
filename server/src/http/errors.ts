import type { ErrorHandler } from 'hono';
import { HTTPException } from 'hono/http-exception';
import type { Logger } from 'pino';
import { isDatabaseDown, isDiskFull } from '../db/trouble.ts';
import { problemResponse, ProblemError } from './problem.ts';

/** Every failure as a problem with a sentence; what a coach can't have caused goes to the log, never with a document. */
export const errorAnswers =
  (log: Logger): ErrorHandler =>
  (error, c) => {
    if (error instanceof ProblemError)
      return problemResponse(c, error.status, error.title, error.message, error.theirs);
    if (error instanceof HTTPException)
      return problemResponse(c, error.status, 'Not understood', 'What was sent could not be read.');
    const id = c.get('requestId') as string;
    log.error({ id, error: loggable(error) }, 'failed');
    if (isDiskFull(error))
      return problemResponse(
        c,
        507,
        'No room',
        'The disk of the server is full. Your changes stay on this device.',
      );
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
      `Something went wrong on our side (${id}). Nothing was changed.`,
    );
  };

/** A query's error quotes its parameters, and a document is one of them: only the first line and the code are kept. */
function loggable(error: Error): object {
  const chain: object[] = [];
  for (let e: unknown = error; e instanceof Error && chain.length < 5; e = e.cause)
    chain.push({
      name: e.name,
      code: (e as Error & { code?: string }).code,
      message: e.message.split('\n')[0]!.slice(0, 200),
      at: e.stack
        ?.split('\n')
        .find((l) => l.includes('/src/'))
        ?.trim(),
    });
  return chain;
}
