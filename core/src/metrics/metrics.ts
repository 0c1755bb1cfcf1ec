import { byPlayer, PLAYERS, type PlayerId } from '../alignment/library.ts';
import type { Court } from '../court/court.ts';
import { atHighPost, behindArc, inLane } from '../court/queries.ts';
import { distance, type Point } from '../geometry/vec.ts';
import type { Timeline } from '../motion/timeline.ts';
import { positionAt } from '../motion/track.ts';
import type { Frame } from '../play/document.ts';
import { MOMENT, momentsOf, STANDS } from '../motion/moments.ts';

/** A chance the play makes: the coach's own, or what anybody would call one. */
export interface TimedLook {
  readonly player: PlayerId;
  readonly kind: 'shot' | 'pass' | 'drive';
  /** Seconds from the start of the play. */
  readonly time: number;
  readonly place: Point;
  readonly own: boolean;
}

/** A play in figures. Seconds and feet. */
export interface Metrics {
  readonly seconds: number;
  readonly looks: readonly TimedLook[];
  readonly passes: number;
  readonly dribbles: number;
  /** The ball goes from one side of the floor to the other by pass or handoff. */
  readonly reversals: number;
  /** Times the ball comes into the lane, by pass or by drive. */
  readonly paintTouches: number;
  readonly highPostTouches: number;
  readonly screens: number;
  readonly longestPass: number;
  readonly players: Readonly<Record<PlayerId, { readonly feet: number; readonly stands: number }>>;
}

/** One dribble takes about half a second (from memory). */
const DRIBBLE = 0.5;
/** Off the middle by more than this the ball is on a side (feet). */
const SIDE = 5;

/**
 * The looks of a line: the coach's, or until he sets any every shot, and every pass caught in the lane
 * or behind the arc.
 */
function looksOf(court: Court, line: readonly Frame[], timeline: Timeline): TimedLook[] {
  const own = line.flatMap((f) => (f.looks ?? []).map((look) => ({ look, frame: f.id })));
  if (own.length > 0)
    return own
      .sort((a, b) => a.look.order - b.look.order)
      .flatMap(({ look, frame }): TimedLook[] => {
        // To keep the ball is an option, and no chance.
        if (look.kind === 'keep') return [];
        const after = timeline.actions.find((a) => a.action.id === look.after);
        const bar = timeline.bars.find((b) => b.frame === frame)!;
        const time = after ? (after.events.catch ?? after.end) : bar.end;
        const place = placeThen(timeline, look.player, time);
        return [{ player: look.player, kind: look.kind, time, place, own: true }];
      });
  return timeline.flights.flatMap((f): TimedLook[] => {
    if (f.receiver === null)
      return [{ player: f.passer, kind: 'shot', time: f.release, place: f.from, own: false }];
    const shoots = timeline.flights.some(
      (s) =>
        s.receiver === null && s.passer === f.receiver && s.release >= f.arrive && s.release < f.arrive + 1.5,
    );
    // A catch that is shot at once is one look, told by its shot.
    return !shoots && (inLane(court, f.to) || behindArc(court, f.to))
      ? [{ player: f.receiver, kind: 'pass', time: f.arrive, place: f.to, own: false }]
      : [];
  });
}

const placeThen = (timeline: Timeline, player: PlayerId, t: number): Point =>
  positionAt(timeline, player, Math.min(t, timeline.end));

/** A line in figures. */
export function metricsOf(court: Court, line: readonly Frame[], timeline: Timeline): Metrics {
  const moments = momentsOf(timeline);
  const passes = timeline.flights.filter((f) => f.receiver !== null);
  const dribbled = timeline.actions.filter((a) => a.action.does === 'dribble');
  let side = 0;
  let reversals = 0;
  let inside = false;
  let paintTouches = 0;
  let high = false;
  let highPostTouches = 0;
  let holder: PlayerId | null = null;
  for (const m of moments) {
    if (!m.holder) continue;
    const at = m.places[m.holder];
    const now = Math.abs(at.x) < SIDE ? side : Math.sign(at.x);
    if (side !== 0 && now !== side && m.holder !== holder) reversals += 1;
    side = now;
    const lane = inLane(court, at);
    if (lane && (!inside || m.holder !== holder)) paintTouches += 1;
    inside = lane;
    const post = atHighPost(court, at);
    if (post && (!high || m.holder !== holder)) highPostTouches += 1;
    high = post;
    holder = m.holder;
  }
  return {
    seconds: timeline.end,
    looks: looksOf(court, line, timeline),
    passes: passes.length,
    dribbles: dribbled.reduce((n, a) => n + Math.max(1, Math.round((a.end - a.start) / DRIBBLE)), 0),
    reversals,
    paintTouches,
    highPostTouches,
    screens: timeline.screens.length,
    longestPass: Math.max(0, ...passes.map((f) => distance(f.from, f.to))),
    players: byPlayer((p) => ({
      feet: timeline.moves[p].reduce((n, m) => n + (m.run?.length ?? 0), 0),
      stands: moments.filter((m) => m.speeds[p] < STANDS).length * MOMENT,
    })),
  };
}

/** The figures that plays are compared by, with how each is read. */
export const COMPARED = [
  { key: 'seconds', words: 'Length', unit: 's' },
  { key: 'firstLook', words: 'First look', unit: 's' },
  { key: 'passes', words: 'Passes', unit: '' },
  { key: 'dribbles', words: 'Dribbles', unit: '' },
  { key: 'reversals', words: 'Reversals', unit: '' },
  { key: 'paintTouches', words: 'Paint touches', unit: '' },
  { key: 'screens', words: 'Screens', unit: '' },
  { key: 'longestPass', words: 'Longest pass', unit: 'ft' },
  { key: 'feet', words: 'Run by all five', unit: 'ft' },
] as const;
export type ComparedKey = (typeof COMPARED)[number]['key'];

/** The compared figures of a play; a play without a look has no first one. */
export function figuresOf(m: Metrics): Record<ComparedKey, number | null> {
  const first = Math.min(...m.looks.map((l) => l.time));
  return {
    seconds: m.seconds,
    firstLook: m.looks.length > 0 ? first : null,
    passes: m.passes,
    dribbles: m.dribbles,
    reversals: m.reversals,
    paintTouches: m.paintTouches,
    screens: m.screens,
    longestPass: m.longestPass,
    feet: PLAYERS.reduce((n, p) => n + m.players[p].feet, 0),
  };
}
