import { PLAYERS, type PlayerId } from '../alignment/library.ts';
import { Board } from '../answers/board.ts';
import { distanceToRim } from '../court/queries.ts';
import type { Court } from '../court/court.ts';
import { spotPoint } from '../court/spots.ts';
import { SEATS } from '../geometry/five.ts';
import { distance, unit, type Point } from '../geometry/vec.ts';
import { said, type Said } from '../language/said.ts';
import type { LevelRecord } from '../motion/level.ts';
import type { Change } from '../play/change.ts';
import type { Action, Defence, Frame, Play, Read } from '../play/document.ts';
import { editAll } from '../play/edit.ts';
import { pathOf } from '../play/state.ts';
import { lineTo, leaves, mainLine } from '../play/tree.ts';
import { DEFENDERS } from '../play/vocabulary.ts';

/** One thing that is done otherwise in the version of a play against another kind of defence. */
export interface VersionChange {
  /** Its own among the changes of a play. */
  readonly id: string;
  /** The frame it is in; null for the set. */
  readonly frame: string | null;
  /** Whom it is for; null when it is for nobody. */
  readonly who: PlayerId | null;
  readonly says: Said;
  readonly changes: readonly Change[];
}

/** Nearer than this to the rim a roll ends at it; so far a block lies beside it (ft). */
const AT_RIM = 5.5;
const BLOCK: Point = { x: 7, y: 7 };
const RIM: Point = { x: 1.5, y: 6.5 };
/** A screen stands so near to the man it is on, and is moved when it is farther off than that (ft, from memory). */
const NEXT_TO = 2.4;
const OFF = 3.5;
/** Who stands so near to a place has it (ft). */
const TAKEN = 6;
/** Slots and wings: so high and so wide (ft). */
const OUTSIDE = { low: 12, high: 27, wide: 7 } as const;

/** What only a man-to-man defence does. */
const MANS: ReadonlySet<Read['does']> = new Set<Read['does']>([
  ...([
    'drop',
    'level',
    'show',
    'under',
    'over',
    'switch',
    'push',
    'trail',
    'topLock',
    'bump',
    'stay',
  ] as const),
  ...([
    'deny',
    'front',
    'behind',
    'weakCorner',
    'strongCorner',
    'top',
    'rotation',
    'watches',
    'cheats',
  ] as const),
]);
/** What only a zone's men do. */
const ZONES: ReadonlySet<Read['does']> = new Set<Read['does']>(['goes', 'stepsUp']);

/**
 * What is usually done otherwise against a zone (common practice): a screen is set on one of its men, the roll ends at the
 * block, who spaces at a slot or a wing stands in the corner, and what answers a coverage is left out.
 */
export function zoneChanges(
  play: Play,
  court: Court,
  record: LevelRecord,
  defence: Defence,
): VersionChange[] {
  const out = endingsOut(play, MANS);
  const kept = without(play, out);
  return [
    ...corners(play, court),
    ...screensOnMen(kept, court, record, defence),
    ...rolls(kept, court, (end) => distanceToRim(court, end) <= AT_RIM, BLOCK, 'version-block'),
    ...out,
  ];
}

/** The way back: a screen is the user's man's again, the roll ends at the rim, and what answers a zone is left out. */
export function manChanges(play: Play, court: Court): VersionChange[] {
  const out = endingsOut(play, ZONES);
  const kept = without(play, out);
  const screens = kept.frames.flatMap((f) =>
    f.actions.flatMap((a): VersionChange[] =>
      a.does === 'screen' && a.on !== undefined
        ? [
            {
              id: `screen ${a.id}`,
              frame: f.id,
              who: a.for,
              says: said('version-man', { by: a.by, user: a.for }),
              changes: [
                {
                  do: 'patchAction',
                  id: a.id,
                  unset: ['on', ...(a.kind === 'zone' ? (['kind'] as const) : [])],
                },
              ],
            },
          ]
        : [],
    ),
  );
  const atBlock = (end: Point): boolean => distance({ x: Math.abs(end.x), y: end.y }, BLOCK) < 2.5;
  return [...screens, ...rolls(kept, court, atBlock, RIM, 'version-rim'), ...out];
}

/** The play without the endings that go: what is in them needs no change. */
function without(play: Play, out: readonly VersionChange[]): Play {
  const left = editAll(
    play,
    out.flatMap((c) => c.changes.filter((x) => x.do === 'removeEnding')),
  );
  return left.ok ? left.play : play;
}

/** Who does nothing in the first frame and stands at a slot or a wing goes to the corner of his side, where that is free. */
function corners(play: Play, court: Court): VersionChange[] {
  const [first] = mainLine(play);
  const busy = new Set<PlayerId>([play.start.ball]);
  for (const a of first?.actions ?? []) {
    busy.add(a.by);
    if ('to' in a && a.to) busy.add(a.to);
    if (a.does === 'screen') busy.add(a.for);
  }
  const taken: Point[] = PLAYERS.map((p) => play.start.places[p]);
  for (const a of first?.actions ?? []) taken.push(...pathOf(a).slice(-1));
  return PLAYERS.flatMap((p): VersionChange[] => {
    const at = play.start.places[p];
    const outside = at.y >= OUTSIDE.low && at.y <= OUTSIDE.high && Math.abs(at.x) >= OUTSIDE.wide;
    if (busy.has(p) || !outside) return [];
    const spot = at.x < 0 ? 'cornerL' : 'cornerR';
    const place = spotPoint(court, spot);
    if (taken.some((t) => distance(t, place) < TAKEN)) return [];
    taken.push(place);
    return [
      {
        id: `corner ${p}`,
        frame: null,
        who: p,
        says: said('version-corner', { who: p, left: at.x < 0 }),
        changes: [{ do: 'place', player: p, place: { ...place, spot } }],
      },
    ];
  });
}

/** Each screen on the man of the zone who stands nearest to it when it is set, moved to him where it would miss him. */
function screensOnMen(play: Play, court: Court, record: LevelRecord, defence: Defence): VersionChange[] {
  const board = new Board(play, court, record, defence);
  const done = new Set<string>();
  return leaves(play).flatMap(({ id: leaf }) => {
    const { timeline } = board.line(leaf);
    return timeline.screens.flatMap((body): VersionChange[] => {
      const frame = lineTo(play, leaf).find((f) => f.actions.some((a) => a.id === body.action));
      const action = frame?.actions.find((a) => a.id === body.action);
      if (done.has(body.action) || !frame || action?.does !== 'screen' || action.on !== undefined) return [];
      done.add(body.action);
      const d = board.played(leaf, board.plan(leaf, {}, []));
      const k = Math.min(d.rails.steps - 1, Math.max(0, Math.round(body.set / d.rails.dt)));
      const man = (s: number): Point => ({ x: d.x[k * 5 + s]!, y: d.y[k * 5 + s]! });
      const seat = SEATS.reduce((a, b) => (distance(man(b), body.at) < distance(man(a), body.at) ? b : a));
      const his = man(seat);
      const off = distance(his, body.at);
      const path = pathOf(action);
      const way = unit(his, body.at);
      const beside = { x: round(his.x + way.x * NEXT_TO), y: round(his.y + way.y * NEXT_TO) };
      return [
        {
          id: `screen ${action.id}`,
          frame: frame.id,
          who: action.for,
          says: said('version-screen', { by: action.by, user: action.for, on: seat, top: his.y >= 14 }),
          changes: [
            {
              do: 'patchAction',
              id: action.id,
              set: {
                on: DEFENDERS[seat],
                kind: 'zone',
                ...(off > OFF && path.length > 0 ? { path: [...path.slice(0, -1), beside] } : {}),
              },
              unset: ['angle'],
            },
          ],
        },
      ];
    });
  });
}

/** Who set a screen and then goes where a test says ends somewhere else, on the same side. */
function rolls(
  play: Play,
  court: Court,
  ends: (end: Point) => boolean,
  to: Point,
  key: 'version-block' | 'version-rim',
): VersionChange[] {
  const done = new Set<string>();
  return leaves(play).flatMap(({ id: leaf }) => {
    const screened = new Map<PlayerId, Point>();
    return lineTo(play, leaf).flatMap((f) => f.actions.flatMap((a) => change(f, a, screened)));
  });

  function change(f: Frame, a: Action, screened: Map<PlayerId, Point>): VersionChange[] {
    const path = pathOf(a);
    const end = path.at(-1);
    if (a.does === 'screen' && end) {
      screened.set(a.by, end);
      return [];
    }
    const from = screened.get(a.by);
    if (a.does !== 'cut' || !end || !from || done.has(a.id) || !ends(end)) return [];
    if (distanceToRim(court, from) < 12) return [];
    done.add(a.id);
    const side = Math.sign(end.x) || -Math.sign(from.x) || 1;
    const place = { x: to.x * side, y: to.y };
    return [
      {
        id: `roll ${a.id}`,
        frame: f.id,
        who: a.by,
        says: said(key, { who: a.by, left: side < 0 }),
        changes: [
          { do: 'patchAction', id: a.id, set: { path: [...path.slice(0, -1), place] }, unset: ['kind'] },
        ],
      },
    ];
  }
}

/** What answers a thing the other kind of defence does not do: the first of its siblings stays, as drawn. */
function endingsOut(play: Play, words: ReadonlySet<Read['does']>): VersionChange[] {
  const meant = play.frames.filter((f) => f.read && words.has(f.read.does));
  const first = (f: Frame): boolean => play.frames.find((x) => x.parent === f.parent) === f;
  const goes = new Set(meant.filter((f) => !first(f)).map((f) => f.id));
  return meant.flatMap((f): VersionChange[] => {
    // What is within an ending that goes has gone with it.
    if (lineTo(play, f.id).some((x) => x !== f && goes.has(x.id))) return [];
    return [
      {
        id: `ending ${f.id}`,
        frame: f.parent,
        who: null,
        says: said(first(f) ? 'version-drawn' : 'version-ending', { read: f.read! }),
        changes: first(f) ? [{ do: 'read', frame: f.id, read: null }] : [{ do: 'removeEnding', id: f.id }],
      },
    ];
  });
}

const round = (x: number): number => Math.round(x * 4) / 4;
