import type { Flight } from '../../../motion/timeline.ts';
import type { CheckInput } from '../../finding.ts';

export const shots = (input: CheckInput): Flight[] =>
  input.timeline.flights.filter((f) => f.receiver === null);
