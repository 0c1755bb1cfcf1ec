import { PLAYERS } from '../alignment/library.ts';
import type { Court } from '../court/court.ts';
import { courtFor } from '../court/rulesets.ts';
import { DICTIONARY, type Dictionary } from '../language/dictionary.ts';
import type { Play } from '../play/document.ts';
import { LIMITS } from '../play/limits.ts';
import { readPlay } from '../play/read.ts';
import { readAction } from './action.ts';
import { build, type Built } from './build.ts';
import { readOverride } from './defence.ts';
import { HEADS, readHead, readIfNothing, type HeadRead } from './head.ts';
import { HeadWords, type LineOf } from './line-of.ts';
import { linesOf, type ScriptLine } from './lines.ts';
import { readPlace } from './place.ts';
import { readEnd, readLook, readRead, type ReadRead } from './read.ts';
import type { FrameRead, OverrideRead, ScriptRead } from './script-read.ts';
import { Reader, Unreadable, type ScriptMark, type Role, type ScriptFault } from './reader.ts';
import { wordingOf, type Wording } from './words.ts';

/** A play out of a text, and what of it could not be read; without faults it is a play that can be kept. */
export type Parsed = { readonly marks: readonly ScriptMark[] } & (
  | {
      readonly ok: true;
      readonly play: Play;
      /** What of the play the lines say, by their numbers from 1. */
      readonly says: ReadonlyMap<number, LineOf>;
    }
  | { readonly ok: false; readonly faults: readonly ScriptFault[] }
);

/** More than this is no play that somebody writes: it is refused before it is read. */
export const SCRIPT_LIMITS = { characters: 1_000_000, lines: 20_000, faults: 50 } as const;

/**
 * Reads a play as it is written. With a `base` the lines are matched to it: what is not written (silences, unknown
 * fields, ids) stays as it is there. Spots are those of the court the text names, or of the base.
 */
export function parseScript(
  text: string,
  {
    base,
    dictionary = DICTIONARY,
    id = 'script',
  }: { base?: Play; dictionary?: Dictionary; id?: string } = {},
): Parsed {
  const whole = { line: 1, from: 0, to: Math.min(text.length, 1) };
  if (text.length > SCRIPT_LIMITS.characters)
    return refused({ ...whole, sentence: 'This is too long for a play: a million letters at most.' });
  if (lineCount(text) > SCRIPT_LIMITS.lines)
    return refused({
      ...whole,
      sentence: `This has too many lines for a play: ${SCRIPT_LIMITS.lines} at most.`,
    });
  const wording = wordingOf(dictionary);
  const lines = linesOf(text);
  const court = courtIn(lines, base);
  const reading = new Reading(text, court, wording);
  for (const line of lines) {
    reading.take(line);
    if (reading.faults.length >= SCRIPT_LIMITS.faults) break;
  }
  const { marks } = reading;
  if (reading.faults.length > 0) return { ok: false, faults: reading.faults, marks };
  try {
    const made = build(reading.done(), court, base, id, lines);
    // Written as it was, it is what it was, and was checked then.
    const checked = base && made.play === base ? { ok: true as const, play: base } : readPlay(made.play);
    return checked.ok
      ? { ok: true, play: checked.play, says: reading.says(made), marks }
      : refused({ ...whole, sentence: checked.sentence }, marks);
  } catch (error) {
    if (error instanceof Unreadable) return refused(error.fault, marks);
    throw error;
  }
}
const refused = (fault: ScriptFault, marks: readonly ScriptMark[] = []): Parsed => ({
  ok: false,
  faults: [fault],
  marks,
});

/** What a line says, before anything has an id: frames, actions and looks by their places in the text. */
type Said =
  | { readonly is: 'known'; readonly of: LineOf }
  | { readonly is: 'read' | 'frame' | 'caption' | 'looks' | 'end'; readonly frame: number }
  | { readonly is: 'action'; readonly frame: number; readonly at: number }
  | { readonly is: 'there'; readonly frame: number; readonly at: number; readonly defence: number }
  | { readonly is: 'look'; readonly frame: number; readonly at: number };

function lineCount(text: string): number {
  let n = 1;
  for (let i = text.indexOf('\n'); i >= 0 && n <= SCRIPT_LIMITS.lines; i = text.indexOf('\n', i + 1)) n += 1;
  return n;
}

/** What is wrong with a line by itself, as it stands in a frame or before all of them; null when it can be read. */
export function faultOf(
  line: string,
  { court, wording, inFrame }: { court: Court; wording: Wording; inFrame: boolean },
): ScriptFault | null {
  const reading = new Reading(line, court, wording);
  // A frame with something done in it: what stands behind an action can be tried as well.
  if (inFrame) for (const before of STARTED) reading.take(before);
  for (const one of linesOf(line)) reading.take(one);
  return reading.faults[0] ?? null;
}
const STARTED = linesOf('1:\n1 shoots');

/** The court a text names; spots can only be read on one. */
function courtIn(lines: readonly ScriptLine[], base: Play | undefined): Court {
  const head: HeadRead = { fields: {}, defences: [], saysDefences: false, places: {} };
  for (const line of lines) {
    const r = new Reader(line);
    for (const key of ['court', 'floor'] as const)
      if (r.word(key))
        try {
          readHead(r, key, head);
        } catch (error) {
          // Told where the line is read in its turn.
          if (!(error instanceof Unreadable)) throw error;
        }
  }
  const { court = base?.court ?? 'nfhs', customCourt = base?.customCourt } = head.fields;
  return courtFor({ court, ...(customCourt ? { customCourt } : {}) } as Parameters<typeof courtFor>[0]);
}

class Reading {
  readonly faults: ScriptFault[] = [];
  readonly marks: ScriptMark[] = [];
  private readonly said = new Map<number, Said>();
  private readonly words = new HeadWords();
  private readonly head: HeadRead = { fields: {}, defences: [], saysDefences: false, places: {} };
  private readonly frames: FrameRead[] = [];
  private readonly overrides: OverrideRead[] = [];
  /** The read the next frame starts with, and the line it is on. */
  private waiting: { read: ReadRead; line: ScriptLine } | null = null;
  /** The places in `frames` of the frames of the line that is written now. */
  private path: number[] = [];

  constructor(
    private readonly text: string,
    private readonly court: Court,
    private readonly wording: Wording,
  ) {}

  take(line: ScriptLine): void {
    const r = new Reader(line);
    try {
      this.statement(r, line);
      if (!r.over) r.fail('This is more than the line can say.');
    } catch (error) {
      if (!(error instanceof Unreadable)) throw error;
      this.faults.push(error.fault);
    }
    this.marks.push(...r.marks);
  }

  /** What of a play that was made out of it the lines say. */
  says({ frameIds, actionIds, lookIds }: Built): Map<number, LineOf> {
    const of = (s: Said): LineOf => {
      if (s.is === 'known') return s.of;
      const frame = frameIds[s.frame]!;
      switch (s.is) {
        case 'action':
          return { is: 'action', frame, action: actionIds[s.frame]![s.at]! };
        case 'there':
          return { is: 'there', frame, action: actionIds[s.frame]![s.at]!, defence: s.defence };
        case 'look':
          return { is: 'look', frame, look: lookIds[s.frame]![s.at]! };
        default:
          return { is: s.is, frame };
      }
    };
    return new Map([...this.said].map(([line, s]) => [line, of(s)]));
  }

  done(): ScriptRead {
    if (this.waiting)
      throw new Unreadable({
        ...{ line: this.waiting.line.number, from: this.waiting.line.from, to: this.waiting.line.to },
        sentence: 'A frame stands under what they do: “3:” begins the third.',
      });
    return { head: this.head, frames: this.frames, overrides: this.overrides };
  }

  private statement(r: Reader, line: ScriptLine): void {
    const man = r.peek()?.type === 'number' ? r.number() : null;
    if (man !== null) return this.numbered(r, man, line);
    const frame = this.frames.at(-1);
    const here = this.frames.length - 1;
    const say = (said: Said, role: Role = 'head'): void => {
      r.mark(role, 0);
      this.said.set(line.number, said);
    };
    const head = (word: string): void => say({ is: 'known', of: this.words.next(word) });
    if (r.word('if', 'nothing')) {
      head('if nothing');
      return readIfNothing(r, this.head);
    }
    if (r.word('if')) {
      say({ is: 'read', frame: this.frames.length }, 'theirs');
      this.waiting = { read: readRead(r), line };
      return r.mark('theirs', 0);
    }
    if (!frame) {
      const first = HEADS.find((h) => r.word(h));
      if (first) {
        head(first);
        return readHead(r, first, this.head);
      }
    } else {
      if (r.word('caption')) {
        say({ is: 'caption', frame: here });
        return void (frame.caption = r.text() ?? r.fail('A caption stands in quotation marks.'));
      }
      if (r.word('look', 'at', 'nothing')) {
        say({ is: 'looks', frame: here });
        return void (frame.looks ??= []);
      }
      if (r.word('look')) {
        say({ is: 'look', frame: here, at: frame.looks?.length ?? 0 });
        return void (frame.looks = [...(frame.looks ?? []), readLook(r)]);
      }
      if (r.word('then')) {
        say({ is: 'end', frame: here });
        return void (frame.end = readEnd(r));
      }
      if (r.word('there')) {
        if (frame.actions.length === 0) r.fail('This stands behind an action.');
        const at = frame.actions.length - 1;
        r.mark('theirs', 0);
        const override = readOverride(r);
        this.said.set(line.number, { is: 'there', frame: here, at, defence: override.defence });
        return void this.overrides.push({ ...override, frame: here, action: at });
      }
    }
    r.fail(
      frame
        ? 'A line of a frame begins with a number from 1 to 5, or with if, look, then or caption.'
        : 'A line before the frames begins with play, call, against, set or another word of the head.',
    );
  }

  /** "2: Chase the handoff", "3 cuts to rim", and in the set "3 at left corner". */
  private numbered(r: Reader, n: number, line: ScriptLine): void {
    if (r.punct(':')) return this.heading(r, n, line);
    const by = PLAYERS.find((p) => p === String(n));
    if (by !== undefined) r.mark('man', 0);
    if (by === undefined) return r.fail('A number from 1 to 5 stands here: who does it.', line.tokens[0]);
    const frame = this.frames.at(-1);
    if (!frame) {
      if (!r.word('at'))
        r.fail('Before the first frame the five are placed: “3 at left corner”. A frame begins with “1:”.');
      this.said.set(line.number, { is: 'known', of: { is: 'place', man: by } });
      this.head.places[by] = readPlace(r, this.court, this.wording);
      return;
    }
    const read = readAction(r, by, this.court, this.wording);
    if (frame.actions.length >= LIMITS.actions) r.fail(`A frame has at most ${LIMITS.actions} actions.`);
    const here = this.frames.length - 1;
    this.said.set(line.number, { is: 'action', frame: here, at: frame.actions.length });
    frame.actions.push({ line, read });
  }

  private heading(r: Reader, n: number, line: ScriptLine): void {
    if (!Number.isInteger(n) || n < 1 || n > this.path.length + 1)
      r.fail(
        this.path.length === 0
          ? 'The first frame is 1.'
          : `This line has ${this.path.length} frames: the next is ${this.path.length + 1}, or an ending that goes on from an earlier one.`,
        line.tokens[0],
      );
    if (this.frames.length >= LIMITS.frames) r.fail(`A play has at most ${LIMITS.frames} frames.`);
    const quoted = r.text();
    const title = quoted ?? (r.over ? undefined : r.rest(this.text));
    this.path = this.path.slice(0, n - 1);
    this.frames.push({
      ...{ line, parent: this.path.at(-1) ?? null, depth: n, actions: [] },
      ...(this.waiting ? { read: this.waiting.read } : {}),
      ...(title === undefined ? {} : { title }),
    });
    this.waiting = null;
    this.path.push(this.frames.length - 1);
    this.said.set(line.number, { is: 'frame', frame: this.frames.length - 1 });
    r.mark('frame', 0);
  }
}
