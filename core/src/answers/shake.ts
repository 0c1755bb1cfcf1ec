import { byPlayer, type PlayerId } from '../alignment/library.ts';
import type { Court } from '../court/court.ts';
import { clampToFloor } from '../court/queries.ts';
import { faster, type LevelRecord } from '../motion/level.ts';
import type { Action, Place, Play } from '../play/document.ts';

/** How far a board is shaken: places and whole paths half a foot, speeds and push 5 %, reactions 10 %. */
const OFF = { feet: 0.5, speed: 0.05, react: 0.1, push: 0.05 } as const;

/** A number from −1 to 1 for a name and a seed, the same everywhere: FNV-1a, then a mix that spreads its low bits. */
function spread(name: string, seed: number): number {
  let h = 0x811c9dc5 ^ Math.imul(seed, 0x9e3779b1);
  for (let i = 0; i < name.length; i++) h = Math.imul(h ^ name.charCodeAt(i), 0x01000193);
  h = Math.imul(h ^ (h >>> 15), 0x2c1b3c6d);
  h = Math.imul(h ^ (h >>> 12), 0x297a2d39);
  return ((h ^ (h >>> 15)) >>> 0) / 2147483648 - 1;
}

/**
 * The play with everybody a little off, by player and by action: what several lines share is shaken alike on all of them.
 * The same seed gives the same board; seed 0 is the play as drawn.
 */
export function shaken(play: Play, court: Court, seed: number): Play {
  if (seed === 0) return play;
  const off = (name: string) => ({
    dx: OFF.feet * spread(`${name} x`, seed),
    dy: OFF.feet * spread(`${name} y`, seed),
  });
  const { throwIn, ball } = play.start;
  const moved = (p: PlayerId): Place => {
    const { x, y } = play.start.places[p];
    if (throwIn && p === ball) return play.start.places[p];
    const { dx, dy } = off(p);
    return clampToFloor(court, { x: x + dx, y: y + dy });
  };
  return {
    ...play,
    start: { ...play.start, places: byPlayer(moved) },
    frames: play.frames.map((f) => ({ ...f, actions: f.actions.map((a) => path(a, court, off(a.id))) })),
  };
}

function path(a: Action, court: Court, { dx, dy }: { dx: number; dy: number }): Action {
  if (!('path' in a) || !a.path || a.path.length === 0) return a;
  return { ...a, path: a.path.map((p) => clampToFloor(court, { x: p.x + dx, y: p.y + dy })) } as Action;
}

/** What men can do, a little off; seed 0 is the level's own. */
export function shakenLevel(record: LevelRecord, seed: number): LevelRecord {
  if (seed === 0) return record;
  return faster(record, {
    speed: 1 + OFF.speed * spread('speed', seed),
    react: 1 + OFF.react * spread('react', seed),
    push: 1 + OFF.push * spread('push', seed),
  });
}
