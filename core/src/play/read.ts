import type { z } from 'zod';
import { FORMAT, PlaySchema, VERSION, type Play } from './document.ts';
import { LIMITS } from './limits.ts';
import { migrated } from './migrations.ts';
import { theField, wrongWords } from '../language/english/fields.ts';
import { tell } from '../language/tell.ts';
import { wrongIn } from './wrong.ts';
import { bytesOf, deeperThan, utf8Length } from './size.ts';
import { treeFault } from './tree.ts';

/** A play of the present version, or why it can't be read: in a coach's words, and where, as a path of fields or `size`. */
export type ReadResult = { ok: true; play: Play } | { ok: false; sentence: string; at?: string };

type Raw = Record<string, unknown>;

/** Nested deeper than this nothing is read: reading itself would fail. */
const READABLE_DEPTH = 1000;

const no = (sentence: string, at?: string): ReadResult => ({
  ok: false,
  sentence,
  ...(at === undefined ? {} : { at }),
});

/** Reads any value as a play of the present version, or says in one sentence why it cannot. */
export function readPlay(input: unknown): ReadResult {
  if (typeof input !== 'object' || input === null || Array.isArray(input))
    return no('This is not a Corkscrew play: there is no play in it.');
  const doc = input as Raw;
  if (doc.format !== FORMAT)
    return no('This is not a Corkscrew play: its first line does not say so.', 'format');
  const version = doc.version;
  if (typeof version !== 'number' || !Number.isInteger(version) || version < 0)
    return no('This play does not say which version it is.', 'version');
  if (version > VERSION)
    return no(
      `This play was made by a newer Corkscrew (version ${version}; this one reads up to ${VERSION}). Update, then open it again.`,
      'version',
    );
  if (deeperThan(doc, READABLE_DEPTH))
    return no('This play can’t be read: something in it is nested too deep.');
  return readPresent(migrated(doc));
}

function readPresent(doc: Raw): ReadResult {
  const tooMany = overLimit(doc);
  if (tooMany) return tooMany;
  const bytes = bytesOf(doc);
  if (bytes > LIMITS.bytes) return no(tooLarge('play', bytes), 'size');
  const parsed = PlaySchema.safeParse(doc);
  if (!parsed.success) return unreadable(parsed.error);
  const fault = treeFault(parsed.data);
  if (fault === null) return { ok: true, play: parsed.data };
  const words = tell(fault);
  return no(`This play can't be read: ${words.charAt(0).toLowerCase()}${words.slice(1)}`, 'frames');
}

const inMegabytes = (bytes: number): string => `${Math.round((bytes / 1024 / 1024) * 10) / 10} MB`;

function tooLarge(what: 'play' | 'file', bytes: number): string {
  const limit = what === 'play' ? LIMITS.bytes : LIMITS.fileBytes;
  return `This ${what} is too large: it has ${inMegabytes(bytes)}, and a ${what} has at most ${inMegabytes(limit)}.`;
}

/** Reads the text of a play file. */
export function readPlayText(text: string): ReadResult {
  const bytes = utf8Length(text);
  if (bytes > LIMITS.fileBytes) return no(tooLarge('file', bytes), 'size');
  let value: unknown;
  try {
    value = JSON.parse(text);
  } catch {
    return no('This file is broken: it ends too soon or something in it is not readable.');
  }
  return readPlay(value);
}

/** Plain JSON with two spaces: a file that can be kept, compared and mailed. */
export const writePlay = (play: Play): string => `${JSON.stringify(play, null, 2)}\n`;

function overLimit(doc: Raw): ReadResult | undefined {
  const frames = Array.isArray(doc.frames) ? (doc.frames as unknown[]) : [];
  if (frames.length > LIMITS.frames)
    return no(
      `This play has ${frames.length} frames; a play has at most ${LIMITS.frames}. Split it in two and continue one from the other.`,
      'frames',
    );
  const actionsOf = (f: unknown): number => {
    const { actions } = (f ?? {}) as { actions?: unknown };
    return Array.isArray(actions) ? actions.length : 0;
  };
  const i = frames.findIndex((f) => actionsOf(f) > LIMITS.actions);
  return i < 0
    ? undefined
    : no(
        `Frame ${i + 1} has ${actionsOf(frames[i])} actions; a frame has at most ${LIMITS.actions}.`,
        `frames.${i}.actions`,
      );
}

function unreadable(error: z.ZodError): ReadResult {
  const issue = error.issues[0]!;

  const subject = theField(issue.path);
  return no(
    `This play can't be read: ${subject.charAt(0).toLowerCase()}${subject.slice(1)} ${wrongWords(wrongIn(issue))}.`,
    issue.path.join('.'),
  );
}
