import { ProblemSchema } from '@corkscrew/core';
import { describeRoute, resolver, validator } from 'hono-openapi';
import type { z } from 'zod';
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

const reject = (what: string) => (result: { success: boolean }) => {
  if (!result.success) throw new ProblemError(400, 'Not understood', `${what} was not understood.`);
};

export const body = <S extends z.ZodType>(schema: S) => validator('json', schema, reject('What was sent'));
export const query = <S extends z.ZodType>(schema: S) => validator('query', schema, reject('The address'));
export const params = <S extends z.ZodType>(schema: S) => validator('param', schema, reject('The address'));
