import { z } from 'zod';
import { FORMAT, LIMITS, PlaySchema, VERSION, type Play } from './document.ts';
import { lineTo } from './tree.ts';

export type ReadResult = { ok: true; play: Play } | { ok: false; sentence: string; at?: string };

type Raw = Record<string, unknown>;

/** One step of the chain: takes a document of `from` to `from + 1`. Pure; each is tested on a kept sample. */
export interface Migration {
  readonly from: number;
  readonly migrate: (doc: Raw) => Raw;
}

/**
 * Version 0 was the sketch format of the first trials: frames in a plain list, the ball beside the
 * places, one word for the call.
 */
const fromSketch: Migration = {
  from: 0,
  migrate: (doc) => {
    const frames = Array.isArray(doc.frames) ? (doc.frames as Raw[]) : [];
    const { ball, places, call, ...rest } = doc;
    return {
      against: [],
      situation: [],
      level: 'highSchool',
      ...rest,
      ...(typeof call === 'string' ? { call: { word: call } } : {}),
      version: 1,
      start: { places, ball: ball ?? '1' },
      frames: frames.map((f, i) => ({ ...f, id: `f${i + 1}`, parent: i === 0 ? null : `f${i}` })),
    };
  },
};

export const MIGRATIONS: readonly Migration[] = [fromSketch];

/** Reads any value as a play of the present version, or says in one sentence why it cannot. */
export function readPlay(input: unknown): ReadResult {
  if (typeof input !== 'object' || input === null || Array.isArray(input)) {
    return { ok: false, sentence: 'This is not a Corkscrew play: there is no play in it.' };
  }
  let doc = input as Raw;
  if (doc.format !== FORMAT) {
    return {
      ok: false,
      sentence: 'This is not a Corkscrew play: its first line does not say so.',
      at: 'format',
    };
  }
  const version = doc.version;
  if (typeof version !== 'number' || !Number.isInteger(version) || version < 0) {
    return { ok: false, sentence: 'This play does not say which version it is.', at: 'version' };
  }
  if (version > VERSION) {
    return {
      ok: false,
      sentence: `This play was made by a newer Corkscrew (version ${version}; this one reads up to ${VERSION}). Update, then open it again.`,
      at: 'version',
    };
  }
  for (const step of MIGRATIONS) if (step.from === doc.version) doc = step.migrate(doc);
  const tooBig = overLimit(doc);
  if (tooBig) return tooBig;
  const parsed = PlaySchema.safeParse(doc);
  if (!parsed.success) return firstIssue(parsed.error);
  return checkTree(parsed.data) ?? { ok: true, play: parsed.data };
}

/** Reads the text of a play file. */
export function readPlayText(text: string): ReadResult {
  if (text.length > LIMITS.bytes) {
    return {
      ok: false,
      sentence: `This file is too large for a play: ${Math.round(text.length / 1024)} KB, and a play has at most ${LIMITS.bytes / 1024} KB.`,
    };
  }
  try {
    return readPlay(JSON.parse(text));
  } catch {
    return {
      ok: false,
      sentence: 'This file is broken: it ends too soon or something in it is not readable.',
    };
  }
}

/** Plain JSON with two spaces: a file that can be kept, compared and mailed. */
export const writePlay = (play: Play): string => `${JSON.stringify(play, null, 2)}\n`;

function overLimit(doc: Raw): ReadResult | undefined {
  const frames = Array.isArray(doc.frames) ? (doc.frames as Raw[]) : [];
  if (frames.length > LIMITS.frames) {
    return {
      ok: false,
      sentence: `This play has ${frames.length} frames; a play has at most ${LIMITS.frames}. Split it in two and continue one from the other.`,
      at: 'frames',
    };
  }
  const i = frames.findIndex((f) => Array.isArray(f?.actions) && f.actions.length > LIMITS.actions);
  if (i >= 0) {
    return {
      ok: false,
      sentence: `Frame ${i + 1} has ${(frames[i]!.actions as unknown[]).length} actions; a frame has at most ${LIMITS.actions}.`,
      at: `frames.${i}.actions`,
    };
  }
  return undefined;
}

function firstIssue(error: z.ZodError): ReadResult {
  const issue = error.issues[0]!;
  const at = issue.path.join('.');
  const where =
    issue.path[0] === 'frames' && typeof issue.path[1] === 'number'
      ? `frame ${issue.path[1] + 1}`
      : at || 'the play';
  const what =
    issue.code === 'too_big'
      ? 'is too long'
      : issue.code === 'invalid_type'
        ? 'is missing or of the wrong kind'
        : 'is not something Corkscrew knows';
  return { ok: false, sentence: `This play can't be read: ${at || 'something'} in ${where} ${what}.`, at };
}

function checkTree(play: Play): ReadResult | undefined {
  const byId = new Map(play.frames.map((f) => [f.id, f]));
  for (const [i, frame] of play.frames.entries()) {
    const broken = byId.get(frame.id) !== frame && 'has the same id as a later one';
    const rooted =
      i === 0 ? frame.parent === null : frame.parent !== null && lineTo(play, frame.id)[0] === play.frames[0];
    const why =
      broken ||
      (rooted ? null : i === 0 ? 'is the first and must not follow another' : 'does not follow from frame 1');
    if (why)
      return { ok: false, sentence: `This play can't be read: frame ${i + 1} ${why}.`, at: `frames.${i}` };
  }
  const ids = play.frames.flatMap((f) => f.actions.map((a) => a.id));
  const twice = ids.length === new Set(ids).size ? undefined : ids.find((a, i) => ids.indexOf(a) !== i);
  return twice === undefined
    ? undefined
    : { ok: false, sentence: `This play can't be read: two actions have the same id (${twice}).`, at: twice };
}
