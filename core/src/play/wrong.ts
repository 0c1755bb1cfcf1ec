import type { z } from 'zod';
import type { Wrong } from '../language/english/fields.ts';

/** Measured in seconds. */
const TIMES = new Set(['hold', 'seconds', 'delay']);

/** What the schema finds wrong with a field, as figures. */
export function wrongIn(issue: z.core.$ZodIssue): Wrong {
  const key = String(issue.path.findLast((p) => typeof p === 'string') ?? '');
  const unit = TIMES.has(key) ? ' s' : '';
  const place = key === 'x' || key === 'y';
  switch (issue.code) {
    case 'too_big':
      if (issue.origin === 'string') return { is: 'letters', most: Number(issue.maximum) };
      if (issue.origin === 'array') return { is: 'entries', most: Number(issue.maximum), of: key };
      return place ? { is: 'far' } : { is: 'most', value: Number(issue.maximum), unit };
    case 'too_small':
      if (issue.origin === 'string') return { is: 'empty' };
      if (issue.origin === 'array') return { is: key === 'path' ? 'nowhere' : 'empty' };
      return place ? { is: 'far' } : { is: 'least', value: Number(issue.minimum), unit };
    case 'invalid_type':
      return { is: issue.expected === 'number' ? 'no-number' : 'missing' };
    default:
      return { is: 'unknown' };
  }
}
