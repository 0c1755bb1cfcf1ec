import { PLAYERS } from '../alignment/library.ts';
import type { Court } from '../court/court.ts';
import { courtFor } from '../court/rulesets.ts';
import { DICTIONARY, type Dictionary } from '../language/dictionary.ts';
import type { Play } from '../play/document.ts';
import { LIMITS } from '../play/limits.ts';
import { readPlay } from '../play/read.ts';
import { readAction } from './action.ts';
import { build } from './build.ts';
import { readOverride } from './defence.ts';
import { HEADS, readHead, readIfNothing, type HeadRead } from './head.ts';
import { linesOf, type ScriptLine } from './lines.ts';
import { readPlace } from './place.ts';
import { readEnd, readLook, readRead, type ReadRead } from './read.ts';
import type { FrameRead, OverrideRead, ScriptRead } from './script-read.ts';
import { Reader, Unreadable, type ScriptFault } from './reader.ts';
import { PLAIN_WORDING, wordingOf, type Wording } from './words.ts';

/** A play out of a text, and what of it could not be read; without faults it is a play that can be kept. */
export type Parsed =
  | { readonly ok: true; readonly play: Play }
  | { readonly ok: false; readonly faults: readonly ScriptFault[] };

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
  const wording = dictionary === DICTIONARY ? PLAIN_WORDING : wordingOf(dictionary);
  const lines = linesOf(text);
  const court = courtIn(lines, base);
  const reading = new Reading(text, court, wording);
  for (const line of lines) {
    reading.take(line);
    if (reading.faults.length >= SCRIPT_LIMITS.faults) break;
  }
  if (reading.faults.length > 0) return { ok: false, faults: reading.faults };
  try {
    const made = build(reading.done(), court, base, id, lines);
    const checked = readPlay(made);
    return checked.ok ? { ok: true, play: checked.play } : refused({ ...whole, sentence: checked.sentence });
  } catch (error) {
    if (error instanceof Unreadable) return refused(error.fault);
    throw error;
  }
}
const refused = (fault: ScriptFault): Parsed => ({ ok: false, faults: [fault] });

function lineCount(text: string): number {
  let n = 1;
  for (let i = text.indexOf('\n'); i >= 0 && n <= SCRIPT_LIMITS.lines; i = text.indexOf('\n', i + 1)) n += 1;
  return n;
}

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
    if (r.word('if', 'nothing')) return readIfNothing(r, this.head);
    if (r.word('if')) return void (this.waiting = { read: readRead(r), line });
    if (!frame) {
      const first = HEADS.find((h) => r.word(h));
      if (first) return readHead(r, first, this.head);
    } else {
      if (r.word('caption'))
        return void (frame.caption = r.text() ?? r.fail('A caption stands in quotation marks.'));
      if (r.word('look', 'at', 'nothing')) return void (frame.looks ??= []);
      if (r.word('look')) return void (frame.looks = [...(frame.looks ?? []), readLook(r)]);
      if (r.word('then')) return void (frame.end = readEnd(r));
      if (r.word('there')) {
        if (frame.actions.length === 0) r.fail('This stands behind an action.');
        return void this.overrides.push({
          ...readOverride(r),
          ...{ frame: this.frames.length - 1, action: frame.actions.length - 1 },
        });
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
    if (by === undefined) return r.fail('A number from 1 to 5 stands here: who does it.', line.tokens[0]);
    const frame = this.frames.at(-1);
    if (!frame) {
      if (!r.word('at'))
        r.fail('Before the first frame the five are placed: “3 at left corner”. A frame begins with “1:”.');
      this.head.places[by] = readPlace(r, this.court, this.wording);
      return;
    }
    const read = readAction(r, by, this.court, this.wording);
    if (frame.actions.length >= LIMITS.actions) r.fail(`A frame has at most ${LIMITS.actions} actions.`);
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
  }
}
