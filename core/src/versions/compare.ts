import { courtFor } from '../court/rulesets.ts';
import { actionWords } from '../language/caption.ts';
import { PLAIN, type Teller } from '../language/teller.ts';
import { compile } from '../motion/compile.ts';
import type { Timeline } from '../motion/timeline.ts';
import type { Play } from '../play/document.ts';
import { walkLine, type FrameWalk } from '../play/state.ts';
import { lineTo } from '../play/tree.ts';

/** What somebody does in a frame, as a coach says it, and when (s). */
interface Done {
  readonly action: string;
  readonly words: string;
  readonly at: number;
}

/** Two frames beside each other, or one that the other line has nothing like. */
export interface ComparedFrame {
  /** Their places on their lines. */
  readonly a: number | null;
  readonly b: number | null;
  /** What only one of them has. */
  readonly onlyA: readonly Done[];
  readonly onlyB: readonly Done[];
  /** What both have, but at another time: seconds the second is later. */
  readonly moved: readonly { readonly a: Done; readonly b: Done; readonly later: number }[];
}

/** A line ready to be compared. */
export interface ComparedLine {
  readonly play: Play;
  readonly walks: readonly FrameWalk[];
  readonly timeline: Timeline;
  /** Frame by frame what is done. */
  readonly done: readonly (readonly Done[])[];
}

/** Frames that have nothing in common still stand beside each other; who does the same elsewhere counts so much. */
const PAIRED = 0.05;
const VERBS = 0.3;

/** So much later or earlier (s) is another time: less nobody sees. */
const LATER = 0.25;

/** A line of a play with what is done in it, in words. */
export function comparedLine(play: Play, leaf: string, t: Teller = PLAIN): ComparedLine {
  const court = courtFor(play);
  const walks = walkLine(play, lineTo(play, leaf));
  const { timeline } = compile(play, leaf, court, play.level);
  const starts = new Map(timeline.actions.map((a) => [a.action.id, a.start]));
  const done = walks.map((walk, i) =>
    walk.steps.map((step): Done => ({
      action: step.action.id,
      words: actionWords(court, walk, step, walks.slice(0, i), t),
      at: starts.get(step.action.id) ?? 0,
    })),
  );
  return { play, walks, timeline, done };
}

/** Two lines frame by frame: those that have most in common stand beside each other, in the order of both. */
export function compareLines(a: ComparedLine, b: ComparedLine): ComparedFrame[] {
  return aligned(a, b).map(([i, j]) => {
    const [here, there] = [i === null ? [] : a.done[i]!, j === null ? [] : b.done[j]!];
    const both = here.flatMap((x) => {
      const y = there.find((o) => o.words === x.words);
      return y ? [{ a: x, b: y, later: y.at - x.at }] : [];
    });
    return {
      a: i,
      b: j,
      onlyA: here.filter((x) => !both.some((m) => m.a === x)),
      onlyB: there.filter((y) => !both.some((m) => m.b === y)),
      moved: both.filter((m) => Math.abs(m.later) >= LATER),
    };
  });
}

/** How much two frames are alike: what is done, and who does it; one id, in two versions of a play, counts as much again. */
function alike(a: ComparedLine, b: ComparedLine, i: number, j: number): number {
  const [x, y] = [a.done[i]!, b.done[j]!];
  const share = (key: (d: Done, of: ComparedLine, at: number) => string): number => {
    const there = y.map((d) => key(d, b, j));
    const shared = x.filter((d) => there.includes(key(d, a, i))).length;
    return x.length + y.length === 0 ? 1 : (2 * shared) / (x.length + y.length);
  };
  const words = PAIRED + share((d) => d.words) + VERBS * share(verbOf);
  const related =
    a.play.id === b.play.id || b.play.variantOf?.play === a.play.id || a.play.variantOf?.play === b.play.id;
  return words + (related && a.walks[i]!.frame.id === b.walks[j]!.frame.id ? 1 : 0);
}

/** Who does what, wherever. */
const verbOf = ({ action }: Done, { walks }: ComparedLine, at: number): string => {
  const a = walks[at]!.steps.find((s) => s.action.id === action)!.action;
  return `${a.by} ${a.does}`;
};

/** The pairing of frames with most in common in all; what pairs with nothing stands alone. */
function aligned(a: ComparedLine, b: ComparedLine): (readonly [number | null, number | null])[] {
  const [n, m] = [a.walks.length, b.walks.length];
  const best: number[][] = Array.from({ length: n + 1 }, () => new Array<number>(m + 1).fill(0));
  for (let i = n - 1; i >= 0; i--)
    for (let j = m - 1; j >= 0; j--)
      best[i]![j] = Math.max(best[i + 1]![j]!, best[i]![j + 1]!, best[i + 1]![j + 1]! + alike(a, b, i, j));
  const pairs: (readonly [number | null, number | null])[] = [];
  let [i, j] = [0, 0];
  while (i < n || j < m) {
    const pair = i < n && j < m ? alike(a, b, i, j) : 0;
    if (i < n && j < m && best[i]![j]! <= best[i + 1]![j + 1]! + pair + 1e-9) pairs.push([i++, j++]);
    else if (i < n && (j >= m || best[i + 1]![j]! >= best[i]![j + 1]!)) pairs.push([i++, null]);
    else pairs.push([null, j++]);
  }
  return pairs;
}
