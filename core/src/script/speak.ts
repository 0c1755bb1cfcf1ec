import type { Dictionary } from '../language/dictionary.ts';
import type { Play } from '../play/document.ts';
import { lower } from './near.ts';
import { linesOf, type Token } from './lines.ts';
import { parseScript } from './parse.ts';
import { scriptLines } from './print.ts';
import { wordingOf } from './words.ts';

/** What a sentence draws, or what of it is not understood. */
export type Spoken =
  | { readonly ok: true; readonly play: Play; readonly actions: readonly string[] }
  | { readonly ok: false; readonly sentence: string; readonly from: number; readonly to: number };

/** Longer is no sentence that somebody says. */
const LONG = 500;

/** Words between two things that are done. */
const JOINS = new Set(['and', 'then', 'while', 'as']);

/**
 * The parts of a sentence that each say what one man does: "2 cuts to the left slot, 4 hands off to 2". A part begins
 * where a number is followed by something that can be done.
 */
function clauses(sentence: string, verbs: ReadonlySet<string>): { from: number; to: number }[] {
  const tokens = linesOf(sentence)[0]?.tokens ?? [];
  const begins = (i: number): boolean => {
    const [man, verb] = [tokens[i], tokens[i + 1]];
    if (man?.type !== 'number' || !/^[1-5]$/.test(man.text) || verb?.type !== 'word') return false;
    const before = tokens[i - 1];
    const joined = !before || isSign(before) || JOINS.has(lower(before.text));
    return joined && !waits(tokens, i) && verbs.has(lower(verb.text));
  };
  const starts = tokens.flatMap((_, i) => (begins(i) ? [i] : []));
  return starts.map((start, n) => {
    let end = starts[n + 1] ?? tokens.length;
    while (end > start + 1 && (isSign(tokens[end - 1]!) || JOINS.has(lower(tokens[end - 1]!.text)))) end -= 1;
    return { from: tokens[start]!.from, to: tokens[end - 1]!.to };
  });
}
const isSign = (t: Token): boolean =>
  (t.type === 'punct' && t.text === ',') || (t.type === 'other' && /[.;]/.test(t.text));
/** Whether a man is named because of what is waited for: "when 4 catches and 5 is set". */
function waits(tokens: readonly Token[], i: number): boolean {
  const before = tokens[i - 1];
  return before !== undefined && ['when', 'after', 'before'].includes(lower(before.text));
}

const whole = (line: string): { from: number; to: number } => ({
  from: line.length - line.trimStart().length,
  to: line.trimEnd().length,
});

/** What a sentence says is done, drawn at the end of a frame. */
export function speak(play: Play, frame: string, sentence: string, dictionary?: Dictionary): Spoken {
  const fault = (said: string, at = { from: 0, to: sentence.length }): Spoken => ({
    ...{ ok: false, sentence: said, from: at.from, to: at.to },
  });
  if (sentence.length > LONG) return fault('That is too long for one sentence.');
  const verbs = new Set(wordingOf(dictionary).phrases.keys());
  const line = sentence.replace(/[\r\n\u2028\u2029#]+/g, ' ');
  const found = clauses(line, verbs);
  // Where nothing that can be done is said of a man, the reading of it as one line tells what is wrong.
  const parts = found.length > 0 || !/^\s*[1-5]\s+\S/.test(line) ? found : [whole(line)];
  const [first] = parts;
  if (!first || line.slice(0, first.from).trim() !== '')
    return fault('Say who does what: “2 cuts to the left slot, 4 hands off to 2”.');
  const lines = scriptLines(play, dictionary);
  const last = lines.findLastIndex(
    ({ of }) => of && 'frame' in of && of.frame === frame && !['look', 'looks', 'end'].includes(of.is),
  );
  if (last < 0) return fault('There is no such frame.');
  const texts = lines.map((l) => l.text);
  texts.splice(last + 1, 0, ...parts.map((p) => line.slice(p.from, p.to)));
  const read = parseScript(texts.join('\n'), { base: play, ...(dictionary ? { dictionary } : {}) });
  if (read.ok) {
    const known = new Set(play.frames.flatMap((f) => f.actions.map((a) => a.id)));
    const made = read.play.frames.flatMap((f) => f.actions.map((a) => a.id)).filter((id) => !known.has(id));
    return { ok: true, play: read.play, actions: made };
  }
  const [wrong] = read.faults;
  const part = parts[wrong!.line - last - 2];
  if (!part) return fault(wrong!.sentence);
  const start = texts.slice(0, wrong!.line - 1).reduce((sum, t) => sum + t.length + 1, 0);
  return fault(wrong!.sentence, { from: part.from + wrong!.from - start, to: part.from + wrong!.to - start });
}
