import type { Court } from '../court/court.ts';
import {
  FORMAT,
  VERSION,
  type Action,
  type Defence,
  type Frame,
  type Look,
  type Play,
  type Read,
} from '../play/document.ts';
import type { ActionRead } from './action.ts';
import { meant, type PlainCueRead, type Pointed } from './cue.ts';
import type { ScriptLine } from './lines.ts';
import { matchActions, matchFrames } from './match.ts';
import { overlay } from './overlay.ts';
import { startOf } from './head.ts';
import type { FrameRead, ScriptRead } from './script-read.ts';
import type { LookRead, ReadRead } from './read.ts';
import type { ActionRef } from './ref.ts';
import { Unreadable } from './reader.ts';

const fault = (line: ScriptLine | undefined, sentence: string): never => {
  throw new Unreadable({ line: line?.number ?? 1, from: line?.from ?? 0, to: line?.to ?? 0, sentence });
};

interface Line {
  readonly id: string;
  readonly read: ActionRead;
}

/** What was made of a text: a document that is still to be checked, and the ids of its parts in the text's order. */
export interface Built {
  readonly play: unknown;
  readonly frameIds: readonly string[];
  readonly actionIds: readonly (readonly string[])[];
  readonly lookIds: readonly (readonly string[])[];
}

/** A play out of what a text says, with the ids of the base where it is one of its lines. Throws `Unreadable`. */
export function build(
  read: ScriptRead,
  court: Court,
  base: Play | undefined,
  id: string,
  lines: readonly ScriptLine[],
): Built {
  const ids = new Ids(base, lines);
  const matched = matchFrames(read.frames, base);
  const actions = read.frames.map((f, i) => {
    const were = matchActions(f, matched[i]);
    return f.actions.map((a, k): Line => ({ id: were[k]?.id ?? ids.next('a'), read: a.read }));
  });
  const frameIds = matched.map((m) => m?.id ?? ids.next('f'));
  const onLine: (readonly (readonly Line[])[])[] = [];
  read.frames.forEach((f, i) => onLine.push([...(f.parent === null ? [] : onLine[f.parent]!), actions[i]!]));
  const frames = read.frames.map((f, i) =>
    frameOf(f, { i, actions, lines: onLine, frameIds, was: matched[i], ids }),
  );
  const start = startOf(read.head, court, base);
  if (!start)
    return fault(lines[0], 'Where do the five stand? Say “set horns, ball 1”, or place each: “1 at top”.');
  if (frames.length === 0) return fault(lines.at(-1), 'A play has a frame: “1:” begins the first.');
  const head = headOf(read, base, ids, actions);
  const made = {
    ...{ format: FORMAT, version: VERSION, id: base?.id ?? id },
    ...head,
    start,
    frames: ordered(frames, base),
  };
  return {
    play: base ? overlay(base, made, 'play') : made,
    frameIds,
    actionIds: actions.map((of) => of.map((a) => a.id)),
    lookIds: frames.map((f) => (f.looks ?? []).map((l) => l.id)),
  };
}

const unquoted = (text: string): string => {
  try {
    return JSON.parse(text) as string;
  } catch {
    return text;
  }
};

/** Ids that nothing of the base has. */
class Ids {
  private readonly taken = new Set<string>();
  private readonly last = new Map<string, number>();
  constructor(base: Play | undefined, lines: readonly ScriptLine[]) {
    // An id that is written out is of nothing that is made here.
    for (const line of lines)
      for (const t of line.tokens) if (t.type === 'text') this.taken.add(unquoted(t.text));
    for (const f of base?.frames ?? []) {
      this.taken.add(f.id);
      for (const a of f.actions) this.taken.add(a.id);
      for (const l of f.looks ?? []) this.taken.add(l.id);
    }
    for (const d of base?.defences ?? []) this.taken.add(d.id);
  }
  next(letter: string): string {
    let n = this.last.get(letter) ?? 0;
    do n += 1;
    while (this.taken.has(`${letter}${n}`));
    this.last.set(letter, n);
    return `${letter}${n}`;
  }
}

interface Of {
  readonly i: number;
  readonly actions: readonly (readonly Line[])[];
  /** For every frame the actions of all frames on its line, itself the last. */
  readonly lines: readonly (readonly (readonly Line[])[])[];
  readonly frameIds: readonly string[];
  readonly was: Frame | undefined;
  readonly ids: Ids;
}

function frameOf(f: FrameRead, of: Of): Frame {
  const { i, actions, lines, frameIds, was, ids } = of;
  const frames = lines[i]!;
  const at = (ref: ActionRef, where: ScriptLine): string => pointedAt(ref, frames, actions, where);
  const readAt = ({ at: seen, look, ...r }: ReadRead): Read => ({
    ...r,
    ...(seen ? { at: { ...seen, action: at(seen.action, f.line) } } : {}),
    ...(look ? { look: at(look, f.line) } : {}),
  });
  const free = [...(was?.looks ?? [])];
  const lookOf = (l: LookRead): Look => {
    const { after, when, frame, ...rest } = l;
    const i = free.findIndex((o) => o.player === l.player && o.kind === l.kind && o.order === l.order);
    const [old] = free.splice(i < 0 ? 0 : i, 1);
    return {
      ...rest,
      id: old?.id ?? ids.next('l'),
      ...(after ? { after: at(after, f.line) } : {}),
      ...(when ? { when: readAt(when) } : {}),
      ...(frame === undefined
        ? {}
        : {
            frame:
              typeof frame === 'number'
                ? (frameIds[frame - 1] ?? fault(f.line, `There is no frame @${frame}.`))
                : frame.id,
          }),
    };
  };
  const looks = f.looks?.map((l) => lookOf(l));
  return {
    id: frameIds[i]!,
    parent: f.parent === null ? null : frameIds[f.parent]!,
    ...(f.read ? { read: readAt(f.read) } : {}),
    actions: f.actions.map(({ line: where, read: a }, own): Action => {
      const { cue, ...rest } = a;
      const point = (on: Pointed): string => pointed(on, { frames, own, where, all: actions });
      const plain = ({ on, ...c }: PlainCueRead) => ({ on: point(on), ...c });
      return {
        id: actions[i]![own]!.id,
        ...rest,
        ...(cue ? { cue: { ...plain(cue), ...(cue.and ? { and: cue.and.map(plain) } : {}) } } : {}),
      } as Action;
    }),
    ...(looks ? { looks } : {}),
    ...(f.title === undefined ? {} : { title: f.title }),
    ...(f.caption === undefined ? {} : { caption: f.caption }),
    ...(f.end ? { end: f.end } : {}),
  };
}

/** The id of an action that is pointed at by number. */
function pointedAt(
  ref: ActionRef,
  frames: readonly (readonly Line[])[],
  all: readonly (readonly Line[])[],
  where: ScriptLine,
): string {
  if ('id' in ref) return ref.id;
  const found = (ref.elsewhere ? all : frames)[ref.frame - 1]?.[ref.action - 1];
  return found?.id ?? fault(where, `There is no action @${ref.frame}.${ref.action} on this line.`);
}

interface Where {
  /** The actions of every frame on the line, and of every frame there is. */
  readonly frames: readonly (readonly Line[])[];
  readonly all: readonly (readonly Line[])[];
  readonly own: number;
  readonly where: ScriptLine;
}

function pointed(on: Pointed, { frames, all, own, where }: Where): string {
  switch (on.is) {
    case 'frame':
    case 'read':
      return on.is;
    case 'action':
      return pointedAt(on.ref, frames, all, where);
    case 'said':
      for (const a of meant(frames, own)) if (on.test(a.read)) return a.id;
      return fault(where, 'Nobody does what is waited for here, in this frame or before it.');
  }
}

function headOf(
  { head, overrides }: ScriptRead,
  base: Play | undefined,
  ids: Ids,
  actions: readonly (readonly Line[])[],
): Partial<Play> {
  // A text without a head says nothing of it: frames by themselves are pasted into a play.
  const written = head.fields.name !== undefined;
  const old = base && !written ? kept(base) : {};
  const free = [...(base?.defences ?? [])];
  const take = (test: (d: Defence) => boolean): Defence | undefined => {
    const i = free.findIndex(test);
    return i < 0 ? undefined : free.splice(i, 1)[0];
  };
  const defences = head.defences.map((d, i): Defence => {
    const was = take((o) => o.name === d.name) ?? take((o) => o.type === d.type);
    const mine = Object.fromEntries(
      overrides.filter((o) => o.defence === i + 1).map((o) => [actions[o.frame]![o.action]!.id, o.override]),
    );
    // What is kept for actions that are gone is not written, and stays.
    const gone = Object.entries(was?.overrides ?? {}).filter(
      ([at]) => !base!.frames.some((f) => f.actions.some((a) => a.id === at)),
    );
    const all = { ...Object.fromEntries(gone), ...mine };
    const says = Object.keys(all).length > 0 || was?.overrides !== undefined || d.overrides !== undefined;
    return { id: was?.id ?? ids.next('d'), ...d, ...(says ? { overrides: all } : {}) };
  });
  const fallback = base ? {} : { court: 'nfhs', level: 'highSchool', against: ['man'], name: 'A play' };
  return {
    ...fallback,
    ...(base && written ? { court: base.court, level: base.level, against: [] } : {}),
    ...{ situation: [] },
    ...old,
    ...head.fields,
    ...(head.saysDefences ? { defences } : !written && base?.defences ? { defences: base.defences } : {}),
  } as Partial<Play>;
}

/** What the head of a play says. */
function kept(base: Play): Partial<Play> {
  const { name, call, series, option, purpose, status, origin, variantOf, counterTo } = base;
  const { against, situation, court, customCourt, level, women, ifNothing, notes } = base;
  const all = { name, call, series, option, purpose, status, origin, variantOf, counterTo };
  return Object.fromEntries(
    Object.entries({ ...all, against, situation, court, customCourt, level, women, ifNothing, notes }).filter(
      ([, v]) => v !== undefined,
    ),
  ) as Partial<Play>;
}

/** Frames in the order the base has them; a new one behind the one it is written after. */
function ordered(frames: readonly Frame[], base: Play | undefined): Frame[] {
  if (!base) return [...frames];
  const places = new Map(base.frames.map((f, i) => [f.id, i]));
  let last = -1;
  return frames
    .map((frame, n) => ({ frame, n, at: (last = places.get(frame.id) ?? last) }))
    .sort((a, b) => a.at - b.at || a.n - b.n)
    .map(({ frame }) => frame);
}
