import { TreeFragment, type Tree } from '@lezer/common';
import { parser } from './grammar/parser.ts';
import {
  Line,
  Number as Digits,
  Other,
  Percent,
  Punct,
  Ref,
  Text,
  Word,
  Zone,
} from './grammar/parser.terms.ts';

const TYPES = {
  [Zone]: 'zone',
  [Digits]: 'number',
  [Percent]: 'percent',
  [Ref]: 'ref',
  [Text]: 'text',
  [Word]: 'word',
  [Punct]: 'punct',
  [Other]: 'other',
} as const;

/** One word, number or sign of a line, with its place in the whole text. */
export interface Token {
  readonly type: (typeof TYPES)[keyof typeof TYPES];
  readonly text: string;
  readonly from: number;
  readonly to: number;
}

/** A line that says something: not empty, and more than a comment. */
export interface ScriptLine {
  /** From 1. */
  readonly number: number;
  readonly from: number;
  readonly to: number;
  readonly tokens: readonly Token[];
}

/** The text that was read last, and how: of the next one only what changed is read anew. */
let last: { readonly text: string; readonly tree: Tree } | null = null;

/** A text as a tree of lines and tokens: the same whatever was read before, only sooner. */
function treeOf(text: string): Tree {
  if (last?.text === text) return last.tree;
  const tree = parser.parse(text, last ? kept(last.tree, last.text, text) : []);
  last = { text, tree };
  return tree;
}

/** What of a tree holds for a text that starts and ends as its own did. */
function kept(tree: Tree, before: string, now: string): readonly TreeFragment[] {
  const most = Math.min(before.length, now.length);
  let [start, end] = [0, 0];
  while (start < most && before[start] === now[start]) start += 1;
  while (end < most - start && before[before.length - 1 - end] === now[now.length - 1 - end]) end += 1;
  const change = { fromA: start, toA: before.length - end, fromB: start, toB: now.length - end };
  return TreeFragment.applyChanges(TreeFragment.addTree(tree), [change]);
}

/** The lines of a text that say something, in order, with their tokens. */
export function linesOf(text: string): ScriptLine[] {
  const out: { number: number; from: number; to: number; tokens: Token[] }[] = [];
  const cursor = treeOf(text).cursor();
  let [number, counted] = [1, 0];
  const newline = /\r\n|[\n\r\u2028\u2029]/g;
  do {
    const { id } = cursor.type;
    if (id === Line) {
      newline.lastIndex = counted;
      for (let m = newline.exec(text); m && m.index < cursor.from; m = newline.exec(text)) {
        number += 1;
        counted = m.index + m[0].length;
      }
      out.push({ number, from: cursor.from, to: cursor.to, tokens: [] });
      continue;
    }
    const type = TYPES[id as keyof typeof TYPES];
    if (type)
      out.at(-1)?.tokens.push({
        type,
        text: text.slice(cursor.from, cursor.to),
        from: cursor.from,
        to: cursor.to,
      });
  } while (cursor.next());
  return out;
}
