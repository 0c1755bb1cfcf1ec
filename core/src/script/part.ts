import { PLAYERS } from '../alignment/library.ts';
import { courtFor } from '../court/rulesets.ts';
import type { Dictionary } from '../language/dictionary.ts';
import type { Action, Frame, Look, Play } from '../play/document.ts';
import { readPlay } from '../play/read.ts';
import { renameReferences } from '../play/references.ts';
import { holderOf, stateAt, walkFrame } from '../play/state.ts';
import { childrenOf, frameById, freshIds, lineThrough } from '../play/tree.ts';
import { parseScript } from './parse.ts';
import { printPlace } from './place.ts';
import { printScript, scriptLines } from './print.ts';
import { wordingOf } from './words.ts';
import type { ScriptFault } from './reader.ts';

/** What of a play is written by itself: one frame, the line from a frame on to the end of an ending, or all of it. */
export type Part =
  | { readonly is: 'frame'; readonly frame: string }
  | { readonly is: 'ending'; readonly frame: string }
  | { readonly is: 'play' };

/** A part of a play as it is written; frames by themselves begin with 1 again, and wait only for each other. */
export function writtenPart(play: Play, part: Part, dictionary?: Dictionary): string {
  if (part.is === 'play') return printScript(play, dictionary);
  const first = frameById(play, part.frame);
  if (!first) return '';
  const line = lineThrough(play, first.id);
  const from = line.findIndex((f) => f.id === first.id);
  const frames = part.is === 'frame' ? [first] : line.slice(from);
  const lines = scriptLines(alone(play, frames), dictionary);
  const start = lines.findIndex((l) => l.of?.is === 'read' || l.of?.is === 'frame');
  return `${[`# ${play.name}, from frame ${from + 1}`, ...lines.slice(start).map((l) => l.text)].join('\n')}\n`;
}

/** Frames that follow each other as a play of their own: what they wait for outside of it is left out. */
function alone(play: Play, frames: readonly Frame[]): Play {
  const { frames: _all, defences: _theirs, ...rest } = play;
  const known = new Set(frames.flatMap((f) => f.actions.map((a) => a.id)));
  return {
    ...rest,
    frames: frames.map((f, i) => within(f, i === 0 ? null : frames[i - 1]!.id, known)),
  } as Play;
}

/** A frame without what points out of the actions that are known. */
function within(frame: Frame, parent: string | null, known: ReadonlySet<string>): Frame {
  const here = (id: string | undefined): boolean => id === undefined || known.has(id);
  const isFree = (on: string): boolean => on === 'frame' || on === 'read' || known.has(on);
  const { read, looks, ...rest } = frame;
  const actions = frame.actions.map((a): Action => {
    const { cue, ...more } = a;
    return cue && isFree(cue.on) && (cue.and ?? []).every((c) => isFree(c.on)) ? a : (more as Action);
  });
  const looksHere = looks?.map((l): Look => {
    const { after, when, frame: _into, ...more } = l;
    return {
      ...more,
      ...(after !== undefined && here(after) ? { after } : {}),
      ...(when && here(when.at?.action) && here(when.look) ? { when } : {}),
    };
  });
  const seen = read && { ...read };
  if (seen && !here(seen.at?.action)) delete seen.at;
  if (seen && !here(seen.look)) delete seen.look;
  return {
    ...rest,
    ...(seen ? { read: seen } : {}),
    ...(looksHere ? { looks: looksHere } : {}),
    parent,
    actions,
  };
}

/** A play with what was pasted into it, and its first new frame; or what of the text can't be read. */
export type Pasted =
  | { readonly ok: true; readonly play: Play; readonly frame: string }
  | { readonly ok: false; readonly faults: readonly ScriptFault[] };

/** Frames as they are written put behind a frame; where one begins with what they do, as a further ending there. */
export function pasteScript(play: Play, after: string, text: string, dictionary?: Dictionary): Pasted {
  const whole = { line: 1, from: 0, to: 0 };
  const refuse = (sentence: string): Pasted => ({ ok: false, faults: [{ ...whole, sentence }] });
  const behind = frameById(play, after);
  if (!behind) return refuse('There is no frame to paste behind.');
  const given = /^\s*(play|set)\b/m.test(text.slice(0, text.search(/^\s*1:/m) + 1));
  const head = given ? '' : headFor(play, behind, dictionary);
  const read = parseScript(head + text, dictionary ? { dictionary } : {});
  if (!read.ok) {
    const skipped = head.split('\n').length - 1;
    return {
      ok: false,
      faults: read.faults.map((f) => ({
        ...f,
        ...{ line: Math.max(1, f.line - skipped), from: f.from - head.length, to: f.to - head.length },
      })),
    };
  }
  return grafted(play, behind, read.play);
}

/** The lines before frames that are pasted: where the five stand by then, and who has the ball. */
function headFor(play: Play, behind: Frame, dictionary?: Dictionary): string {
  const { after } = walkFrame(stateAt(play, behind.id), behind);
  const wording = wordingOf(dictionary);
  const court = courtFor(play);
  return [
    `court ${play.court}`,
    ...(play.customCourt ? [`floor ${JSON.stringify(JSON.stringify(play.customCourt))}`] : []),
    `set ball ${holderOf(after) ?? play.start.ball}`,
    ...PLAYERS.map((p) => `${p} at ${printPlace(court, after.places[p], wording)}`),
    '',
  ].join('\n');
}

/** The frames of a play put behind a frame of another, with names nothing there has. */
function grafted(play: Play, behind: Frame, from: Play): Pasted {
  const frames = freshIds(play, 'f', from.frames.length);
  const old = from.frames.flatMap((f) => f.actions.map((a) => a.id));
  const actions = new Map(freshIds(play, 'a', old.length).map((id, i) => [old[i]!, id]));
  const ids = new Map(from.frames.map((f, i) => [f.id, frames[i]!]));
  const action = (id: string): string => actions.get(id) ?? id;
  const taken = new Set(play.frames.flatMap((f) => (f.looks ?? []).map((l) => l.id)));
  const look = (id: string): string => {
    let n = 1;
    let name = id;
    while (taken.has(name)) name = `${id}-${++n}`;
    taken.add(name);
    return name;
  };
  const made = from.frames.map((f): Frame => {
    const renamed = renameReferences(f, action, (id) => ids.get(id) ?? id);
    return {
      ...renamed,
      id: ids.get(f.id)!,
      parent: f.parent === null ? behind.id : ids.get(f.parent)!,
      actions: renamed.actions.map((a) => ({ ...a, id: action(a.id) })),
      ...(renamed.looks ? { looks: renamed.looks.map((l) => ({ ...l, id: look(l.id) })) } : {}),
    };
  });
  // What is no answer goes in between: what followed goes on from its end.
  const last = made.at(-1)!;
  const follows = made[0]!.read ? [] : childrenOf(play, behind.id).map((f) => f.id);
  const at = play.frames.findIndex((f) => f.id === behind.id) + 1;
  const kept = play.frames.map((f) => (follows.includes(f.id) ? { ...f, parent: last.id } : f));
  const place = made[0]!.read ? kept.length : at;
  const checked = readPlay({ ...play, frames: [...kept.slice(0, place), ...made, ...kept.slice(place)] });
  return checked.ok
    ? { ok: true, play: checked.play, frame: made[0]!.id }
    : { ok: false, faults: [{ line: 1, from: 0, to: 0, sentence: checked.sentence }] };
}
