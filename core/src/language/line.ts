import type { Frame, Play } from '../play/document.ts';
import { lineTo } from '../play/tree.ts';
import { readWords } from './read.ts';
import { PLAIN, type Teller } from './teller.ts';

const DRAWN = 'As drawn';

/** What an ending is called: what they do, or where it stands among the others. */
export const endingWords = (frame: Frame, k: number, t: Teller = PLAIN): string =>
  frame.read ? readWords(frame.read, t) : k === 0 ? DRAWN : `Answer ${k + 1}`;

/** What a line is called: every ending it turns off into, "x3 trails › They switch"; else as drawn. */
export function lineWords(play: Play, leaf: string, t: Teller = PLAIN): string {
  const named = lineTo(play, leaf).flatMap((f) => {
    const beside = play.frames.filter((x) => x.parent === f.parent);
    return beside.length > 1 || f.read ? [endingWords(f, beside.indexOf(f), t)] : [];
  });
  return named.filter((words) => words !== DRAWN).join(' › ') || DRAWN;
}
