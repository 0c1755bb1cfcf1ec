import type { Dictionary } from '../language/dictionary.ts';
import type { Play } from '../play/document.ts';
import { lineKey, type LineOf } from './line-of.ts';
import { parseScript } from './parse.ts';
import { scriptLines, type PrintedLine } from './print.ts';
import type { ScriptMark, ScriptFault } from './reader.ts';

/** A line as it stands now, and as it last could be read. */
interface WrittenLine {
  readonly text: string;
  /** Null while it never could be read. */
  readonly good: string | null;
}
/** A play being written: what stands there, and what of the play each line says. */
export interface Written {
  readonly lines: readonly WrittenLine[];
  /** What of the play the lines say, by their numbers from 1. */
  readonly says: ReadonlyMap<number, LineOf>;
  readonly marks: readonly ScriptMark[];
  readonly faults: readonly ScriptFault[];
}

/** The text as it stands. */
export const textOf = (w: Written): string => w.lines.map((l) => l.text).join('\n');

const NOTHING: Omit<Written, 'lines'> = { says: new Map(), marks: [], faults: [] };
const cut = (text: string): string[] => text.split(/\r\n|[\n\r\u2028\u2029]/);

/** A play as it is written, all of it good. */
export function writtenOf(play: Play, dictionary?: Dictionary): Written {
  return settle(ofLines(scriptLines(play, dictionary).map((l) => l.text)), play, dictionary).written;
}
const ofLines = (lines: readonly string[]): Written => ({
  ...NOTHING,
  lines: lines.map((text) => ({ text, good: text })),
});

/** The lines after the text was changed: those that stand are what they were, those written over remember what they said. */
export function rewritten(before: Written, text: string): Written {
  const [old, now] = [before.lines, cut(text)];
  const least = Math.min(old.length, now.length);
  let head = 0;
  while (head < least && old[head]!.text === now[head]) head += 1;
  let tail = 0;
  while (tail < least - head && old[old.length - 1 - tail]!.text === now[now.length - 1 - tail]) tail += 1;
  const overwritten = old.slice(head, old.length - tail);
  const written = now.slice(head, now.length - tail);
  return {
    ...before,
    lines: [
      ...old.slice(0, head),
      // Lines in the place of as many others stand for those, one each; more or fewer than before are new ones.
      ...written.map((line, i) => ({
        text: line,
        good: overwritten.length === written.length ? overwritten[i]!.good : goodOf(line, overwritten),
      })),
      ...old.slice(old.length - tail),
    ],
  };
}
const goodOf = (line: string, among: readonly WrittenLine[]): string | null =>
  among.find((l) => l.text === line)?.good ?? null;

/**
 * What the text makes of a play: lines that can't be read count as they last could, so that the rest is drawn all the
 * same. Where even so nothing comes of it the play stays as it was, and what is wrong is among the faults.
 */
export function settle(
  before: Written,
  play: Play,
  dictionary?: Dictionary,
): { readonly written: Written; readonly play: Play } {
  const options = { base: play, ...(dictionary ? { dictionary } : {}) };
  const first = parseScript(textOf(before), options);
  if (first.ok) {
    const lines = before.lines.map(({ text }) => ({ text, good: text }));
    return {
      written: { lines, says: first.says, marks: first.marks, faults: [] },
      play: first.play,
    };
  }
  const bad = new Map(first.faults.map((f) => [f.line, f]));
  const stands = before.lines.map((l, i) => (bad.has(i + 1) ? (l.good ?? '') : l.text));
  const second = parseScript(stands.join('\n'), options);
  const kept = (says: ReadonlyMap<number, LineOf>, faults: readonly ScriptFault[], lines = before.lines) => ({
    lines,
    says,
    marks: first.marks,
    faults,
  });
  if (!second.ok) {
    // What stood there before can't be read either as things are now: all of it waits for the coach.
    const also = second.faults.filter((f) => !bad.has(f.line)).map((f) => withoutPlace(f, before));
    return { written: kept(before.says, [...first.faults, ...also]), play };
  }
  const lines = before.lines.map((l, i) => (bad.has(i + 1) ? l : { text: l.text, good: l.text }));
  return { written: kept(second.says, first.faults, lines), play: second.play };
}

/** A fault that was found in another text than the one that stands there: its line is known, its place on it is not. */
function withoutPlace(fault: ScriptFault, { lines }: Written): ScriptFault {
  const from = lines.slice(0, fault.line - 1).reduce((sum, l) => sum + l.text.length + 1, 0);
  const { fixes: _fixes, ...rest } = fault;
  return { ...rest, from, to: from + (lines[fault.line - 1]?.text.length ?? 0) };
}

/**
 * The text after the play was changed elsewhere (drawn, undone, in other words): lines of what did not change stay as
 * they are written, comments and lines that can't be read stay behind what they stand behind.
 */
export function retold(
  written: Written,
  before: Play,
  after: Play,
  { from, to = from }: { from?: Dictionary; to?: Dictionary } = {},
): Written {
  const was = new Map(scriptLines(before, from).flatMap(({ of, text }) => (of ? [[lineKey(of), text]] : [])));
  const now = scriptLines(after, to);
  const byKey = new Map<string, WrittenLine>();
  const behind = new Map<string, WrittenLine[]>([['', []]]);
  let last = '';
  written.lines.forEach((line, i) => {
    const of = written.says.get(i + 1);
    if (of) {
      last = lineKey(of);
      byKey.set(last, line);
      behind.set(last, []);
    } else behind.get(last)!.push(line);
  });
  // A blank line at the very end is the end of the last line, not one by itself.
  const out: WrittenLine[] = [...behind.get('')!];
  const placed = new Set(['']);
  const gone = (upTo: string | null): void => {
    // What stood behind a line that is gone goes behind the one before that.
    for (const [key, lines] of behind) {
      if (key === upTo) return;
      if (placed.has(key) || now.some((l) => l.of && lineKey(l.of) === key)) continue;
      placed.add(key);
      out.push(...lines.filter((l) => l.text.trim() !== ''));
    }
  };
  now.forEach((line, i) => {
    if (!line.of) return;
    const key = lineKey(line.of);
    const old = byKey.get(key);
    if (old) gone(key);
    else if (blankBefore(now, i)) out.push({ text: '', good: '' });
    const isBad = old !== undefined && old.text !== old.good;
    if (old && was.get(key) === line.text && from === to) out.push(old);
    // In other words what could not be read still can't be: it stays as it is until somebody mends it.
    else if (isBad && from !== to) out.push({ text: old.text, good: line.text });
    else out.push(fresh(line.text, old));
    placed.add(key);
    out.push(...(behind.get(key) ?? []));
  });
  gone(null);
  return { ...NOTHING, lines: out };
}
const blankBefore = (lines: readonly PrintedLine[], i: number): boolean =>
  lines[i - 1]?.of === null && lines[i - 1]!.text === '';
/** A line that says what it said in another way keeps the comment at its end. */
function fresh(text: string, old: WrittenLine | undefined): WrittenLine {
  const comment = old && /^(?:[^"#]|"(?:[^"\\]|\\.)*")*?(\s*#.*)$/.exec(old.text)?.[1];
  const said = comment ? `${text}${comment}` : text;
  return { text: said, good: said };
}
