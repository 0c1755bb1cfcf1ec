import { ProblemSchema } from '@corkscrew/core';
import { describeRoute, resolver, validator } from 'hono-openapi';
import { z } from 'zod';
import { ProblemError } from './problem.ts';

/** A route's line in the OpenAPI document: what it does and what it answers. */
export const describe = (summary: string, answer: z.ZodType) =>
  describeRoute({
    summary,
    responses: {
      200: { description: 'OK', content: { 'application/json': { schema: resolver(answer) } } },
      default: {
        description: 'A problem, told in one sentence',
        content: { 'application/problem+json': { schema: resolver(ProblemSchema) } },
      },
    },
  });

interface Checked {
  readonly success: boolean;
  readonly error?: readonly { readonly message: string; readonly path?: readonly unknown[] | undefined }[];
}

const reject = (what: string) => (result: Checked) => {
  if (result.success) return;
  const issue = result.error?.[0];
  const field = (issue?.path ?? [])
    .map((p) => (typeof p === 'object' && p !== null && 'key' in p ? p.key : p))
    .join('.');
  throw new ProblemError(
    400,
    'Not understood',
    field ? `${what} was not understood: “${field}” is not as it should be.` : `${what} was not understood.`,
  );
};

export const body = <S extends z.ZodType>(schema: S) => validator('json', schema, reject('What was sent'));
export const query = <S extends z.ZodType>(schema: S) => validator('query', schema, reject('The address'));
export const params = <S extends z.ZodType>(schema: S) => validator('param', schema, reject('The address'));

/** The name of a play, a sitting or a save: a word that the database can keep. */
export const Word = z
  .string()
  .min(1)
  .max(40)
  .regex(/^[^\0-\x1f\x7f\ud800-\udfff]*$/u);

/** What the database counts with. */
export const Whole = z.coerce.number().int().min(1).max(2_147_483_647);
