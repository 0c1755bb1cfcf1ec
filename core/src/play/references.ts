import type { Cue, Defence, Frame, PlainCue, Play, Read } from './document.ts';

/** What a name is given instead; the same name where nothing changes. */
type Renames = (id: string) => string;

/** Words a cue may wait for that are no action. */
const NO_ACTION = new Set(['frame', 'read']);

const renamedOn = <C extends PlainCue>(cue: C, action: Renames): C =>
  NO_ACTION.has(cue.on) ? cue : { ...cue, on: action(cue.on) };

const renamedCue = (cue: Cue, action: Renames): Cue => ({
  ...renamedOn(cue, action),
  ...(cue.and ? { and: cue.and.map((c) => renamedOn(c, action)) } : {}),
});

const renamedRead = (read: Read, action: Renames): Read => ({
  ...read,
  ...(read.at ? { at: { ...read.at, action: action(read.at.action) } } : {}),
  ...(read.look === undefined ? {} : { look: action(read.look) }),
});

/**
 * A frame with every name of another action or frame in it given anew: cues, reads and looks. Its own id,
 * its parent and its actions' own ids are the caller's. This is the one list of what may name an action.
 */
export function renameReferences(frame: Frame, action: Renames, frameOf: Renames = (id) => id): Frame {
  return {
    ...frame,
    ...(frame.read ? { read: renamedRead(frame.read, action) } : {}),
    ...(frame.looks
      ? {
          looks: frame.looks.map((l) => ({
            ...l,
            ...(l.after === undefined ? {} : { after: action(l.after) }),
            ...(l.when ? { when: renamedRead(l.when, action) } : {}),
            ...(l.frame === undefined ? {} : { frame: frameOf(l.frame) }),
          })),
        }
      : {}),
    actions: frame.actions.map((a) => (a.cue ? { ...a, cue: renamedCue(a.cue, action) } : a)),
  };
}

/** A defence that plays the copy of an action as it plays the action. */
export function copyOverrides(defence: Defence, copies: ReadonlyMap<string, string>): Defence {
  const { overrides } = defence;
  if (!overrides) return defence;
  const more = [...copies].flatMap(([from, to]) => (overrides[from] ? [[to, overrides[from]] as const] : []));
  return more.length > 0 ? { ...defence, overrides: { ...overrides, ...Object.fromEntries(more) } } : defence;
}

/** Every action id that something in the play names, whether there is such an action or not. */
export function referencedActions(play: Play): string[] {
  const ids: string[] = [];
  const note = (id: string): string => {
    ids.push(id);
    return id;
  };
  for (const frame of play.frames) renameReferences(frame, note);
  for (const d of play.defences ?? []) ids.push(...Object.keys(d.overrides ?? {}));
  return ids;
}

/** Every frame id that something in the play names. */
export function referencedFrames(play: Play): string[] {
  return [
    ...play.frames.flatMap((f) => [f.parent ?? '', ...(f.looks ?? []).map((l) => l.frame ?? '')]),
    ...(play.silenced ?? []).map((s) => s.ending ?? ''),
    ...(play.errors ?? []).map((e) => e.frame ?? ''),
  ];
}
