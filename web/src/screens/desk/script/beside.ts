import { findAction, frameById, lineThrough, lineTo, type Play, type Written } from '@corkscrew/core';
import { timelineOf } from '../timeline.ts';
import type { Beside } from './shown.ts';

/** What stands beside the lines of a script: signs, and when each thing is done on its own ending. */
export function besideOf(play: Play, written: Written, frameId: string): Map<number, Beside> {
  const out = new Map<number, Beside>();
  const times = new Map<string, string>();
  const timed = new Set<string>();
  const timeOf = (frame: string, action: string): string => {
    if (!timed.has(frame)) {
      timed.add(frame);
      const leaf = lineThrough(play, frame).at(-1)!.id;
      for (const a of timelineOf(play, leaf, frame).actions)
        if (!times.has(a.action.id)) times.set(a.action.id, said(a.start, a.end));
    }
    return times.get(action) ?? '';
  };
  for (const [line, of] of written.says) {
    switch (of.is) {
      case 'frame':
        if (frameById(play, of.frame))
          out.set(line, {
            sign: { box: lineTo(play, of.frame).length, here: of.frame === frameId },
            time: '',
          });
        break;
      case 'read':
      case 'there':
        out.set(line, { sign: 'theirs', time: '' });
        break;
      case 'action': {
        const found = findAction(play, of.action);
        if (found) out.set(line, { sign: { verb: found.action.does }, time: timeOf(of.frame, of.action) });
        break;
      }
      default:
        break;
    }
  }
  return out;
}

const said = (start: number, end: number): string =>
  end - start < 0.05 ? start.toFixed(1) : `${start.toFixed(1)} to ${end.toFixed(1)}`;
