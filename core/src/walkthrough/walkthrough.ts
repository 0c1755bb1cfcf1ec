import { courtFor } from '../court/rulesets.ts';
import type { Units } from '../court/units.ts';
import type { Frame, Play } from '../play/document.ts';
import { walkLine } from '../play/state.ts';
import { deadDribble, onlyHolder, receiverThere } from './ball.ts';
import type { Check, Finding, Severity } from './finding.ts';
import { onePlace, outOfBounds } from './floor.ts';

/** The one registry: a new check is a file and a line here. */
export const CHECKS: readonly Check[] = [onlyHolder, deadDribble, receiverThere, onePlace, outOfBounds];

const RANK: Record<Severity, number> = { illegal: 0, breaks: 1, costs: 2, know: 3 };

/**
 * All findings on a line of frames, in order of time, the gravest first within a frame. Distances are
 * said in the court's units unless the coach chose others.
 */
export function walkThrough(play: Play, line: readonly Frame[], units?: Units): Finding[] {
  const court = courtFor(play);
  const walks = walkLine(play, line);
  const order = new Map(line.map((f, i) => [f.id, i]));
  return CHECKS.flatMap((c) => c.run({ play, court, walks, units: units ?? court.units })).sort(
    (a, b) => order.get(a.frame)! - order.get(b.frame)! || RANK[a.severity] - RANK[b.severity],
  );
}
