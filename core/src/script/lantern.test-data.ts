import type { Play } from '../play/document.ts';
import { parseScript, type Parsed } from './parse.ts';

/** A play of two frames and two answers, as a coach writes it. */
export const LANTERN_TEXT = `play "Lantern"
against man
set horns, ball 1

1: Elbow entry
  1 passes to 4
  2 lifts to left wing, walk

2: Chase the handoff
  5 screens for 3 at (14.5, 14), sprint
  3 cuts to (-2, 24), sprint, when 5 is set
  4 hands off to 3

if x4 drops
3: Turn the corner
  3 drives to rim, sprint
  3 shoots

if they switch
3: Slip
  5 slips to rim
`;

const playOf = (p: Parsed): Play => {
  if (!p.ok) throw new Error(p.faults.map((f) => `${f.line}: ${f.sentence}`).join('\n'));
  return p.play;
};
export const lantern = (): Play => playOf(parseScript(LANTERN_TEXT));
