import type { Action, Frame, Play } from '../play/document.ts';
import type { ActionRead } from './action.ts';
import { sameDocument } from '../play/same.ts';
import type { FrameRead } from './script-read.ts';

/** What of an action its line can say otherwise and it is the same action still. */
const ASIDE: ReadonlySet<string> = new Set(['id', 'cue', 'note']);

/** Whether an action says what a line says, but for what it waits for. */
const says = (line: ActionRead, action: Action): boolean =>
  line.by === action.by && line.does === action.does && sameDocument(line, action, ASIDE);

/** Each of some matched to one of others by a word for it, in order, every one once. */
function pairs<A, B>(
  as: readonly A[],
  bs: readonly B[],
  tests: readonly ((a: A, b: B) => boolean)[],
): (B | undefined)[] {
  const out = new Array<B | undefined>(as.length).fill(undefined);
  const free = new Set(bs);
  for (const test of tests)
    as.forEach((a, i) => {
      if (out[i] !== undefined) return;
      for (const b of free)
        if (test(a, b)) {
          out[i] = b;
          free.delete(b);
          return;
        }
    });
  return out;
}

/** The actions of a frame in the base that its lines are: what says the same, else what the same man does. */
export function matchActions(read: FrameRead, frame: Frame | undefined): (Action | undefined)[] {
  if (!frame) return read.actions.map(() => undefined);
  return pairs(
    read.actions.map((a) => a.read),
    frame.actions,
    [
      says,
      (a, b) => a.by === b.by && a.does === b.does && a.to === (b as { to?: string }).to,
      (a, b) => a.by === b.by && a.does === b.does,
    ],
  );
}

/** How much two frames have in common: their title, and what is done in both. */
function common(read: FrameRead, frame: Frame): number {
  const left = frame.actions.map((a) => `${a.by} ${a.does}`);
  let same = read.title !== undefined && read.title === frame.title ? 2 : 0;
  for (const { read: a } of read.actions) {
    const i = left.indexOf(`${a.by} ${a.does}`);
    if (i >= 0) {
      left.splice(i, 1);
      same += 1;
    }
  }
  return same;
}

/**
 * The frames of the base that those of a text are, by where they stand in the tree: of the frames that go on from one,
 * those that have most in common, in order. A frame put in between lets what follows be what it was.
 */
export function matchFrames(reads: readonly FrameRead[], base: Play | undefined): (Frame | undefined)[] {
  const out = new Array<Frame | undefined>(reads.length).fill(undefined);
  if (!base) return out;
  const children = new Map<string | null, Frame[]>();
  for (const f of base.frames) children.set(f.parent, [...(children.get(f.parent) ?? []), f]);
  const pools = new Map<number | null, Frame[]>([[null, children.get(null) ?? []]]);
  const groups = new Map<number | null, number[]>();
  reads.forEach((f, i) => groups.set(f.parent, [...(groups.get(f.parent) ?? []), i]));
  const used = new Set<Frame>();
  const todo: (number | null)[] = [null];
  for (let parent = todo.shift(); parent !== undefined; parent = todo.shift()) {
    const pool = pools.get(parent) ?? [];
    const group = groups.get(parent) ?? [];
    for (const [k, i] of group.entries()) {
      const free = pool.filter((f) => !used.has(f));
      const best = free.reduce<Frame | undefined>(
        (a, b) => (a === undefined || common(reads[i]!, b) > common(reads[i]!, a) ? b : a),
        undefined,
      );
      const same = best !== undefined && common(reads[i]!, best) > 0 ? best : undefined;
      // Where nothing tells them apart the place among the others does, but for one that is put in before it.
      const before = (f: Frame): boolean => (groups.get(i) ?? []).some((b) => common(reads[b]!, f) > 0);
      const there = free.includes(pool[k]!) && group.length === pool.length ? pool[k] : undefined;
      const here = there && !(common(reads[i]!, there) === 0 && before(there)) ? there : undefined;
      const found =
        same && here && common(reads[i]!, here) === common(reads[i]!, same) ? here : (same ?? here);
      if (found) used.add(found);
      out[i] = found;
      pools.set(i, found ? (children.get(found.id) ?? []) : pool);
      todo.push(i);
    }
  }
  return out;
}
