import { compile, contentOf, courtFor, lineContent, lineTo, type Compiled, type Play } from '@corkscrew/core';
import { Lately } from './lately.ts';
import { recordWith, type WhoPlays } from './men.ts';

/** A line in time and what tells it from every other one. */
export interface LineInTime {
  readonly content: string;
  readonly compiled: Compiled;
}

const kept = new Lately<LineInTime>(16);

/** What tells a line from every other one, for those who need no more. */
export const contentAt = (play: Play, leaf: string): string => lineContent(play, lineTo(play, leaf));

/**
 * The line that ends with a frame, in time: computed once for its content and for who plays, and sent to whoever needs it.
 */
export function lineInTime(play: Play, leaf: string, fives: WhoPlays['fives'] = null): LineInTime {
  const line = contentAt(play, leaf);
  const content = fives ? `${line} ${contentOf(fives)}` : line;
  return kept.or(content, () => ({
    content,
    compiled: compile(play, leaf, courtFor(play), play.level, recordWith(play, fives)),
  }));
}
