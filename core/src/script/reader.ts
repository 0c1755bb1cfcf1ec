import { lower } from './near.ts';
import { PLAYERS, type PlayerId } from '../alignment/library.ts';
import { DEFENDERS, type DefenderId } from '../play/vocabulary.ts';
import type { ScriptLine, Token } from './lines.ts';

/** What is put in place of a part of the text. */
export interface ScriptFix {
  readonly from: number;
  readonly to: number;
  readonly text: string;
}
/** Something of a line that can't be read, said to the coach, and what would mend it. */
export interface ScriptFault {
  readonly line: number;
  readonly from: number;
  readonly to: number;
  readonly sentence: string;
  /** What may be meant, the likeliest first: taken, it mends the line. */
  readonly fixes?: readonly ScriptFix[];
}
/** What a part of a line says: it is shown as what it is. */
export type Role =
  'head' | 'frame' | 'theirs' | 'man' | 'verb' | 'place' | 'cue' | 'text' | 'walk' | 'jog' | 'cut' | 'sprint';
export interface ScriptMark {
  readonly from: number;
  readonly to: number;
  readonly role: Role;
}
export class Unreadable extends Error {
  constructor(readonly fault: ScriptFault) {
    super(fault.sentence);
  }
}

/** A line read token by token, from the left; what was looked for and is not there is left where it is. */
export class Reader {
  private at = 0;
  readonly marks: ScriptMark[] = [];
  constructor(readonly line: ScriptLine) {}

  get place(): number {
    return this.at;
  }
  back(to: number): void {
    this.at = to;
  }
  peek(ahead = 0): Token | undefined {
    return this.line.tokens[this.at + ahead];
  }
  /** Says what has been read since a place of the line. */
  mark(role: Role, since: number): void {
    const [first, last] = [this.line.tokens[since], this.line.tokens[this.at - 1]];
    if (first && last && this.at > since) this.marks.push({ from: first.from, to: last.to, role });
  }
  get over(): boolean {
    return this.at >= this.line.tokens.length;
  }
  /** The words that stand here, one after the other, whatever case they are in. */
  word(...words: readonly string[]): boolean {
    if (!words.every((w, i) => this.isWord(i, w))) return false;
    this.at += words.length;
    return true;
  }
  isWord(ahead: number, word: string): boolean {
    const token = this.peek(ahead);
    return token?.type === 'word' && lower(token.text) === word;
  }
  anyWord(): string | null {
    return this.take('word');
  }
  punct(sign: string): boolean {
    const token = this.peek();
    if (token?.type !== 'punct' || token.text !== sign) return false;
    this.at += 1;
    return true;
  }
  number(): number | null {
    const found = this.take('number');
    return found === null ? null : Number(found);
  }
  percent(): number | null {
    const found = this.take('percent');
    return found === null ? null : Number(found.slice(0, -1)) / 100;
  }
  zone(): string | null {
    return this.take('zone');
  }
  ref(): string | null {
    return this.take('ref');
  }
  /** What stands in quotation marks. */
  text(): string | null {
    const token = this.peek();
    if (token?.type !== 'text') return null;
    this.at += 1;
    try {
      return JSON.parse(token.text) as string;
    } catch {
      return this.fail('What stands in quotation marks has a sign that can’t be read.', token);
    }
  }
  man(): PlayerId | null {
    const token = this.peek();
    const man = PLAYERS.find((p) => token?.type === 'number' && token.text === p);
    if (man !== undefined) this.at += 1;
    return man ?? null;
  }
  defender(): DefenderId | null {
    const token = this.peek();
    const who = DEFENDERS.find((x) => token?.type === 'word' && lower(token.text) === x);
    if (who !== undefined) this.at += 1;
    return who ?? null;
  }
  private take(type: Token['type']): string | null {
    const token = this.peek();
    if (token?.type !== type) return null;
    this.at += 1;
    return token.text;
  }
  /** What is left of the line as it is written, without what stands behind a #. */
  rest(text: string): string {
    const [first, last] = [this.peek(), this.line.tokens.at(-1)];
    this.at = this.line.tokens.length;
    return first && last ? text.slice(first.from, last.to) : '';
  }
  fail(sentence: string, at = this.peek(), ...fixes: readonly (string | undefined)[]): never {
    const end = this.line.tokens.at(-1);
    const from = at?.from ?? end?.to ?? this.line.from;
    const to = at?.to ?? end?.to ?? this.line.to;
    const known = fixes.filter((f) => f !== undefined);
    throw new Unreadable({
      ...{ line: this.line.number, from, to, sentence },
      ...(known.length === 0 ? {} : { fixes: known.map((text) => ({ from, to, text })) }),
    });
  }
}
