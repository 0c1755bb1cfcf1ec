import { PLAYERS, type PlayerId } from '../alignment/library.ts';
import type { Frame, Play, Read } from '../play/document.ts';
import { courtFor } from '../court/rulesets.ts';
import { readAt } from '../play/read-at.ts';
import { walkLine, type FrameWalk } from '../play/state.ts';
import { lineThrough } from '../play/tree.ts';

/** One answer as a drill: from where it starts, what the defence is told, who has something to do in it. */
export interface DrillCard {
  /** The frame that begins with the read, and the last one of its line. */
  readonly frame: string;
  readonly leaf: string;
  /** What the defence does; null on the line as drawn, against which nothing is told. */
  readonly read: Read | null;
  /** The frame it starts with, as everybody stands before it: the one in which the read can be seen. */
  readonly from: FrameWalk;
  /** Frames that are run: the one it starts with, and what follows the read. */
  readonly walks: readonly FrameWalk[];
  /** How many frames of the line come before it. */
  readonly skipped: number;
  /** Numbers that do something in it; the others stand where they are. */
  readonly works: readonly PlayerId[];
  /** What usually goes wrong in it, as the coach wrote it down. */
  readonly errors: NonNullable<Play['errors']>;
}

/**
 * A play as drills: a card for every read of it, each from the moment before it can be seen. A play that reads nothing is
 * one card, the whole of it.
 */
export function drillsOf(play: Play, leaves?: readonly string[]): DrillCard[] {
  const reads = play.frames.filter((f) => f.read);
  const cards = (reads.length > 0 ? reads : play.frames.slice(0, 1)).map((f) => cardOf(play, f));
  const wanted = leaves && leaves.length > 0 ? cards.filter((c) => leaves.includes(c.leaf)) : cards;
  return wanted.length > 0 ? wanted : cards;
}

function cardOf(play: Play, frame: Frame): DrillCard {
  const line = lineThrough(play, frame.id);
  const walks = walkLine(play, line);
  const at = line.findIndex((f) => f.id === frame.id);
  const first = frame.read ? startOf(play, frame.read, walks, at) : 0;
  const run = walks.slice(first);
  const works = PLAYERS.filter((p) =>
    run.some((w) => w.steps.some(({ action }) => action.by === p || ('to' in action && action.to === p))),
  );
  const ids = new Set(run.map((w) => w.frame.id));
  return {
    ...{ frame: frame.id, leaf: line.at(-1)!.id, read: frame.read ?? null, works, skipped: first },
    ...{ from: run[0]!, walks: run },
    errors: (play.errors ?? []).filter((e) => e.frame === undefined || ids.has(e.frame)),
  };
}

/** Where a drill of a read begins: with the frame of what is read, the one before the read where nothing is named. */
function startOf(play: Play, read: Read, walks: readonly FrameWalk[], at: number): number {
  const cue = readAt(courtFor(play), read, walks.slice(0, at));
  const named = cue ? walks.findIndex((w) => w.steps.some((s) => s.action.id === cue.on)) : -1;
  return Math.max(0, named >= 0 && named < at ? named : at - 1);
}
