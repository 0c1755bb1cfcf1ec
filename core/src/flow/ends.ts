import { PLAYERS, type PlayerId } from '../alignment/library.ts';
import type { Court } from '../court/court.ts';
import { distance } from '../geometry/vec.ts';
import { compile } from '../motion/compile.ts';
import type { LevelRecord } from '../motion/level.ts';
import type { End, Frame, Play } from '../play/document.ts';
import { pasteFrame } from '../play/edit-frames.ts';
import { bridgeActions, flip } from '../play/operations.ts';
import { holderOf, walkLine } from '../play/state.ts';
import { leaves, lineTo } from '../play/tree.ts';

/** How a line ends: with a shot, in the play's own set, on either side, or in another play. */
export type LineEnd =
  | { readonly is: 'shot' }
  | { readonly is: 'reset'; readonly flipped: boolean }
  | { readonly is: 'play'; readonly id: string; readonly name: string };

/** How a line ends: as the coach says of it, with the shot it is drawn with, or as he says of all; null when nobody says. */
export function endOf(play: Play, leaf: string): LineEnd | null {
  const line = lineTo(play, leaf);
  const own = meantBy(line.at(-1)?.end);
  if (own) return own;
  const shoots = line.some((f) => f.actions.some((a) => a.does === 'shot'));
  return shoots ? { is: 'shot' } : meantBy(play.ifNothing);
}

/** What the coach means by an end; of several things said the one that leads farthest. */
function meantBy(end: End | undefined): LineEnd | null {
  if (end?.play) return { is: 'play', id: end.play.id, name: end.play.name };
  if (end?.reset) return { is: 'reset', flipped: end.reset === 'flipped' };
  return end?.shot ? { is: 'shot' } : null;
}

/** The plays that some line of a play goes on in, by their ids. */
export const flowsOf = (play: Play): string[] => [
  ...new Set(
    leaves(play).flatMap((l) => {
      const end = endOf(play, l.id);
      return end?.is === 'play' ? [end.id] : [];
    }),
  ),
];

/** Where a line that ends in a reset goes: the play's own set, or that on the other side. */
export const setOf = (play: Play, flipped: boolean): Play['start'] => (flipped ? flip(play) : play).start;

/** How far five men are from where a set starts. */
export interface WayTo {
  /** Feet of each, and who has farthest to go. */
  readonly feet: Readonly<Record<PlayerId, number>>;
  readonly farthest: PlayerId;
  /** Who has to give the ball to whom; null when it is there, or nobody has it. */
  readonly ball: readonly [PlayerId, PlayerId] | null;
  /** How long it takes with the frame that does it, and that frame; null when everybody is there. */
  readonly seconds: number;
  readonly frame: Frame | null;
}

/** How far the five are from a set at the end of a line, and the frame that gets them there, timed by the level. */
export function wayTo(
  play: Play,
  leaf: string,
  start: Play['start'],
  court: Court,
  record: LevelRecord,
): WayTo {
  const now = walkLine(play, lineTo(play, leaf)).at(-1)!.after;
  const feet = Object.fromEntries(
    PLAYERS.map((p) => [p, distance(now.places[p], start.places[p])]),
  ) as Record<PlayerId, number>;
  const farthest = PLAYERS.reduce((a, b) => (feet[b] > feet[a] ? b : a));
  const holder = holderOf(now);
  const ball = holder !== null && holder !== start.ball ? ([holder, start.ball] as const) : null;
  const actions = bridgeActions(now, start);
  const pasted = pasteFrame(play, leaf, { id: '', parent: leaf, actions });
  const frame =
    pasted.ok && actions.length > 0 ? pasted.play.frames.find((f) => f.parent === leaf) : undefined;
  if (!pasted.ok || !frame) return { feet, farthest, ball, seconds: 0, frame: null };
  const { timeline } = compile(pasted.play, frame.id, court, play.level, record);
  return { feet, farthest, ball, seconds: timeline.end - timeline.bars.at(-1)!.start, frame };
}
