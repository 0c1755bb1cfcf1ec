import type { Meeting } from '../../../motion/timeline.ts';
import type { CheckInput } from '../../finding.ts';

export const passMeetings = (input: CheckInput): Meeting[] =>
  input.timeline.meetings.filter((m) => m.kind === 'pass');
