import { byPlayer, PLAYERS, type PlayerId } from '../alignment/library.ts';
import { moveToCourt } from '../court/queries.ts';
import { courtFor, type CustomCourt } from '../court/rulesets.ts';
import { isSpotKey, mirrorSpot } from '../court/spots.ts';
import { distance, turned } from '../geometry/vec.ts';
import type { Action, Frame, Place, PlainCue, Play } from './document.ts';
import { copyOverrides, renameReferences } from './references.ts';
import { holderOf, stateAt, walkFrame, type FloorState } from './state.ts';
import { freshIds, lineThrough } from './tree.ts';

/** A renaming of the five: who takes whose job. */
export type Numbers = Record<PlayerId, PlayerId>;

const negate = (x: number): number => (x === 0 ? 0 : -x);

function mirrorPlace<P extends Place>(p: P): P {
  return { ...p, x: negate(p.x), ...(p.spot && isSpotKey(p.spot) ? { spot: mirrorSpot(p.spot) } : {}) };
}

const PLACE_WORDS = 'corner|wing|slot|block|elbow|mid-post|short corner|dunker|hash|side|lane|sideline';
const SIDED = new RegExp(`\\b(left|right)(?=[ -](?:${PLACE_WORDS})\\b)`, 'gi');
const OTHER: Record<string, string> = {
  left: 'right',
  right: 'left',
  Left: 'Right',
  Right: 'Left',
  LEFT: 'RIGHT',
  RIGHT: 'LEFT',
};

function mirrorWords<T extends string | undefined>(text: T): T {
  return text?.replace(SIDED, (w) => OTHER[w] ?? w) as T;
}

/** The play on the other side of the floor: places, paths, screen angles, throw-in and the sides named in its own captions. */
export function flip(play: Play): Play {
  const places = byPlayer((p) => mirrorPlace(play.start.places[p]));
  const turned =
    play.start.throwIn === 'sidelineLeft'
      ? 'sidelineRight'
      : play.start.throwIn === 'sidelineRight'
        ? 'sidelineLeft'
        : play.start.throwIn;
  return {
    ...play,
    start: {
      ...play.start,
      places: { ...play.start.places, ...places },
      ...(turned ? { throwIn: turned } : {}),
    } as Play['start'],
    frames: play.frames.map((f) => ({
      ...f,
      ...(f.caption === undefined ? {} : { caption: mirrorWords(f.caption) }),
      ...(f.title === undefined ? {} : { title: mirrorWords(f.title) }),
      actions: f.actions.map(mirrorAction),
    })),
  };
}

function mirrorAction(a: Action): Action {
  return {
    ...moved(a, mirrorPlace),
    ...('angle' in a && typeof a.angle === 'number' ? { angle: turned(180 - a.angle) } : {}),
    ...(a.facing === undefined ? {} : { facing: turned(180 - a.facing) }),
  } as Action;
}

/** An action with every place in it moved: its path, and places its cue waits for. */
function moved(a: Action, move: <P extends Place>(p: P) => P): Action {
  const cueMoved = <C extends PlainCue>(c: C): C => (c.place ? { ...c, place: move(c.place) } : c);
  return {
    ...a,
    ...('path' in a && a.path ? { path: a.path.map(move) } : {}),
    ...(a.cue ? { cue: { ...cueMoved(a.cue), ...(a.cue.and ? { and: a.cue.and.map(cueMoved) } : {}) } } : {}),
  } as Action;
}

/** Numbers that stand for a player in a caption: not "2-3", "x2", "1.5" or "2 s". */
const PLAYER_WORD = /(?<![\w.–-])([1-5])(?![\w.–-]|\s?(?:s|ft|m|seconds?|feet|counts?)\b)/g;

/** The same play with the numbers exchanged: `to` says who takes whose job. */
export function permute(play: Play, to: Numbers): Play {
  const words = (t: string): string => t.replace(PLAYER_WORD, (d) => to[d as PlayerId]);
  const places = { ...play.start.places };
  for (const p of PLAYERS) places[to[p]] = play.start.places[p];
  return {
    ...play,
    start: { ...play.start, places, ball: to[play.start.ball] },
    frames: play.frames.map((f) => ({
      ...f,
      ...(f.caption === undefined ? {} : { caption: words(f.caption) }),
      ...(f.looks ? { looks: f.looks.map((l) => ({ ...l, player: to[l.player] })) } : {}),
      actions: f.actions.map(
        (a) =>
          ({
            ...a,
            by: to[a.by],
            ...('to' in a && a.to ? { to: to[a.to] } : {}),
            ...('for' in a && a.does === 'screen' ? { for: to[a.for] } : {}),
          }) as Action,
      ),
    })),
    ...(play.needs ? { needs: play.needs.map((n) => ({ ...n, number: to[n.number] })) } : {}),
    ...(play.errors
      ? { errors: play.errors.map((e) => (e.number ? { ...e, number: to[e.number] } : e)) }
      : {}),
    ...(play.refused
      ? {
          refused: play.refused.map((r) => ({
            ...r,
            by: to[r.by],
            ...(r.user ? { user: to[r.user] } : {}),
          })),
        }
      : {}),
    ...(play.defences
      ? {
          defences: play.defences.map((d) => ({
            ...d,
            ...(d.matchup ? { matchup: renumbered(d.matchup, to) } : {}),
            ...(d.chases ? { chases: renumbered(d.chases, to) } : {}),
          })),
        }
      : {}),
  };
}

const renumbered = (men: Record<string, PlayerId>, to: Numbers): Record<string, PlayerId> =>
  Object.fromEntries(Object.entries(men).map(([x, p]) => [x, to[p]]));

export const swapNumbers = (a: PlayerId, b: PlayerId): Numbers =>
  byPlayer((p) => (p === a ? b : p === b ? a : p));
/** Everyone takes the next number: 1 becomes 2 … 5 becomes 1. */
export const rotateNumbers: Numbers = { '1': '2', '2': '3', '3': '4', '4': '5', '5': '1' };

/** Copies of frames with fresh ids, the first hung on `parent`; cues, reads, looks and parents follow. */
function graft(
  play: Play,
  frames: readonly Frame[],
  parent: string,
): { frames: Frame[]; copies: ReadonlyMap<string, string> } {
  const frameIds = freshIds(play, 'f', frames.length);
  const old = frames.flatMap((f) => f.actions);
  const actionIds = freshIds(play, 'a', old.length);
  const frameOf = new Map(frames.map((f, i) => [f.id, frameIds[i]!]));
  const copies = new Map(old.map((a, i) => [a.id, actionIds[i]!]));
  const grafted = frames.map((f, i): Frame => {
    const renamed = renameReferences(
      f,
      (a) => copies.get(a) ?? a,
      (id) => frameOf.get(id) ?? id,
    );
    return {
      ...renamed,
      id: frameIds[i]!,
      parent: i === 0 ? parent : (frameOf.get(f.parent ?? '') ?? parent),
      actions: renamed.actions.map((a) => ({ ...a, id: copies.get(a.id)! })),
    };
  });
  return { frames: grafted, copies };
}

/**
 * Appends copies of the line from frame `from` to its leaf behind frame `after` (as a further ending where
 * one is there). The defences play the copies as they play the line.
 */
export function copyLine(play: Play, from: string, after: string): Play {
  const line = lineThrough(play, from);
  const copied = line
    .slice(line.findIndex((f) => f.id === from))
    .map((f, i, all) => (i === 0 ? f : { ...f, parent: all[i - 1]!.id }));
  const { frames, copies } = graft(play, copied, after);
  return {
    ...play,
    frames: [...play.frames, ...frames],
    ...(play.defences ? { defences: play.defences.map((d) => copyOverrides(d, copies)) } : {}),
  };
}

/** A man is there when he stands within this of the place (feet). */
const THERE = 1;

/**
 * Continues a play from frame `after` with another play. Where its first places are not reached yet,
 * a frame is inserted in which everyone runs to his place and the ball gets to the man who starts with it.
 */
export function splice(play: Play, after: string, other: Play): Play {
  const here = courtFor(play);
  const there = courtFor(other);
  const moved = there.key === here.key ? other : withCourt(other, play.court, play.customCourt);
  const now: FloorState = walkFrame(
    stateAt(play, after),
    play.frames.find((f) => f.id === after) ?? { id: '', parent: null, actions: [] },
  ).after;
  const bridge = bridgeActions(now, moved.start);
  const frames =
    bridge.length > 0
      ? [
          { id: 'bridge', parent: null, title: 'Get into it', actions: bridge } as Frame,
          { ...moved.frames[0]!, parent: 'bridge' },
          ...moved.frames.slice(1),
        ]
      : moved.frames;
  return { ...play, frames: [...play.frames, ...graft(play, frames, after).frames] };
}

/** Who comes late to where he starts is passed to so long before he is there (s). */
const LEADS = 0.4;

/** What gets five men, and the ball, to where a set starts; who is there does nothing. */
export function bridgeActions(now: FloorState, start: Play['start']): Action[] {
  const holder = holderOf(now);
  const wanted = start.ball;
  const passes = holder !== null && holder !== wanted;
  const moves = PLAYERS.filter((p) => distance(now.places[p], start.places[p]) > THERE);
  const idOf = (p: PlayerId): string => `b${moves.indexOf(p) + 1}`;
  const runs = moves.map((p): Action => {
    const common = { id: idOf(p), by: p, path: [{ ...start.places[p] }], tempo: 'jog' as const };
    const dribbles = p === wanted && holder === wanted && now.dribble !== 'dead';
    return dribbles ? { ...common, does: 'dribble' } : { ...common, does: 'cut' };
  });
  if (!passes) return runs;
  const pass: Action = {
    id: `b${moves.length + 1}`,
    by: holder,
    does: 'pass',
    to: wanted,
    ...(moves.includes(wanted) ? { cue: { on: idOf(wanted), event: 'end', delay: -LEADS } } : {}),
  };
  // He passes before he goes.
  return [pass, ...runs];
}

/** The play on another court: places with a spot follow it, others keep their side of the arc. */
export function withCourt(play: Play, court: Play['court'], customCourt?: CustomCourt): Play {
  const from = courtFor(play);
  const next = {
    ...play,
    court,
    ...(customCourt ? { customCourt: { ...play.customCourt, ...customCourt } } : {}),
  } as Play;
  const to = courtFor(next);
  const move = <P extends Place>(p: P): P => moveToCourt(from, to, p);
  const places = byPlayer((p) => move(play.start.places[p]));
  return {
    ...next,
    start: { ...play.start, places: { ...play.start.places, ...places } } as Play['start'],
    frames: play.frames.map((f) => ({ ...f, actions: f.actions.map((a) => moved(a, move)) })),
  };
}
