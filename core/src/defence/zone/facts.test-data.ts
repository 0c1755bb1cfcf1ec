import { copyFive, five } from '../../geometry/five.ts';
import { gapDrive } from '../../space/drive.ts';
import type { Floor } from '../../space/floor.ts';
import type { SoftSpot } from '../../space/soft-spots.ts';
import { optionsOf, worstSplit, type Option } from '../../space/split.ts';
import { passSeen, passTo, trapped } from '../../space/times.ts';
import type { XY } from '../board.test-data.ts';
import { sided, zoneBoard, type ZoneBoard, type ZoneShake } from './board.test-data.ts';
import { movingFrom, plant, stepZone } from './move.ts';
import type { Scheme } from './scheme.ts';
import type { ZoneKey } from './tables.ts';

/** Facts of the trade about zones (all common practice); each is measured on boards of our own. */
export interface ZoneFact {
  readonly key: string;
  readonly words: string;
  /** Share of shaken boards on which the model it was found with held it. */
  readonly reported: number;
  readonly measure: (s: ZoneShake) => { holds: boolean; figures: Readonly<Record<string, number>> };
}

const TOP: XY = [0, 27];
const WING: XY = [18.5, 17];
const CORNER: XY = [22, 3.5];
const NAIL: XY = [0, 19];
const other = ([x, y]: XY): XY => [-x, y];

const highPost = (p: SoftSpot): boolean =>
  p.y >= 14 && Math.abs(p.x) <= 10 && ['nail', 'highPost', 'elbowL', 'elbowR'].includes(p.spot);
const low = (p: SoftSpot, left: boolean): boolean =>
  (left ? p.x < 0 : p.x > 0) && (p.spot.startsWith('corner') || p.spot.startsWith('short'));
const soonest = (f: Floor, player: number): Option => optionsOf(f).find((o) => o.player === player)!;
const farWing = (spots: readonly SoftSpot[], at: XY): boolean =>
  spots.some((p) => (p.x - at[0]) ** 2 + (p.y - at[1]) ** 2 <= 64);

const softOf = (b: ZoneBoard, zone: ZoneKey, ball: XY): SoftSpot[] => b.spots(b.floor(b.scheme(zone), ball));

const twoThree: ZoneFact = {
  key: 'a',
  words: 'A 2-3 is soft at the high post, low on both sides, and on the far wing',
  reported: 0.99,
  measure: (s) => {
    const b = zoneBoard(s);
    const top = softOf(b, '2-3', sided(s, TOP));
    const wing = softOf(b, '2-3', sided(s, WING));
    const corner = softOf(b, '2-3', sided(s, CORNER));
    const far = other(sided(s, WING));
    const figures = {
      high: Number(top.some(highPost)) + Number(wing.some(highPost)),
      low: [top, wing].filter((p) => p.some((q) => low(q, true)) && p.some((q) => low(q, false))).length,
      far: [wing, corner].filter((p) => farWing(p, far)).length,
    };
    return { holds: figures.high === 2 && figures.low === 2 && figures.far === 2, figures };
  },
};

const duckIn: ZoneFact = {
  key: 'b',
  words:
    'A 1-3-1 with the ball on the wing: a duck-in behind it splits the far wing man, with a long close-out',
  reported: 0.96,
  measure: (s) => {
    const b = zoneBoard(s);
    const scheme = b.scheme('1-3-1');
    const ball = b.place(sided(s, WING));
    const shooter = b.place(other(sided(s, WING)));
    const guard = b.place(sided(s, [2, 27]));
    const post = b.place(sided(s, [3, 17]));
    const worst = (fifth: XY) => worstSplit(b.floor(scheme, ball, [ball, shooter, guard, post, fifth]));
    const duck = worst(b.place(sided(s, [-6, 8])));
    const stays = worst(b.place(sided(s, [-22, 3.5])));
    const far = s.mirrored ? 1 : 3;
    const figures = {
      margin: duck?.margin ?? -1,
      closeOut: duck?.closeOut ?? 0,
      who: duck?.defender ?? -1,
      stays: stays?.margin ?? 0,
    };
    return {
      holds:
        figures.margin > 0 &&
        figures.who === far &&
        figures.closeOut >= 12 &&
        figures.stays <= Math.max(0, figures.margin - 0.1),
      figures,
    };
  },
};

const OUT: readonly XY[] = [TOP, WING, other(WING), CORNER, other(CORNER)];
/** No later pass may lose more of the lag than this (ft). */
const SATURATES = 0.5;
/** Six ways of five touches, as indices of OUT (top, right and left wing, right and left corner), and their mirrors. */
const TOUCHES: readonly (readonly number[])[] = [
  [0, 1, 3, 1, 0],
  [3, 1, 0, 2, 4],
  [1, 0, 2, 4, 2],
  [0, 1, 0, 2, 4],
  [1, 3, 1, 0, 2],
  [0, 2, 0, 1, 3],
];
const MIRROR = [0, 2, 1, 4, 3];
const WAYS = [...TOUCHES, ...TOUCHES.map((way) => way.map((i) => MIRROR[i]!))];

/** A ball that goes round among five: each pass as it finds the zone, and as it would find it settled. */
function touches(
  b: ZoneBoard,
  scheme: Scheme,
  players: readonly XY[],
  way: readonly number[],
  hold: number,
): { now: Option; rest: Option }[] {
  const slow = five(1);
  const dt = 0.02;
  const { react } = b.level.zone;
  const start = b.floor(scheme, players[way[0]!]!, players);
  const m = movingFrom(start.dx, start.dy);
  let ball = players[way[0]!]!;
  const run = (seconds: number) => {
    for (let t = 0; t < seconds - 1e-9; t += dt)
      stepZone(m, b.level, ball[0], ball[1], Math.min(dt, seconds - t), slow);
  };
  return way.slice(1).map((to, p) => {
    const at = b.floor(scheme, players[way[p]!]!, players);
    const rest = soonest(at, to);
    run(react);
    copyFive(at.dx, m.x);
    copyFive(at.dy, m.y);
    const now = soonest(at, to);
    const flight = passTo(at, players[to]![0], players[to]![1], passSeen()).t;
    ball = players[to]!;
    const next = b.floor(scheme, ball, players);
    plant(m);
    copyFive(m.tx, next.dx);
    copyFive(m.ty, next.dy);
    run(Math.max(0, flight - react) + hold);
    return { now, rest };
  });
}

/** How much longer the close-outs of passes two to four are than against a settled zone, feet, and the lead (s). */
function excess(
  b: ZoneBoard,
  scheme: Scheme,
  players: readonly XY[],
  hold: number,
): { feet: number[]; lead: number[] } {
  const feet = [0, 0, 0, 0];
  const lead = [0, 0, 0, 0];
  for (const way of WAYS)
    touches(b, scheme, players, way, hold).forEach(({ now, rest }, p) => {
      feet[p] = feet[p]! + (now.closeOut - rest.closeOut) / WAYS.length;
      lead[p] = lead[p]! + (now.late - rest.late) / WAYS.length;
    });
  return { feet, lead };
}

/** Five ways round to the far corner of a 1-3-1, the last pass a skip. */
const SKIPS: readonly (readonly number[])[] = [
  [0, 1, 4],
  [3, 1, 4],
  [3, 0, 4],
  [3, 1, 0, 4],
  [3, 1, 0, 2, 4],
];

const oneThreeOne: ZoneFact = {
  key: 'c',
  words:
    'A 1-3-1 is not soft at the high post; its corners are, and a skip there is on, settled and on the move',
  reported: 0.96,
  measure: (s) => {
    const b = zoneBoard(s);
    const spots = softOf(b, '1-3-1', sided(s, TOP));
    const far = other(sided(s, CORNER));
    const wing = sided(s, WING);
    const scheme = b.scheme('1-3-1');
    const f = b.floor(scheme, wing, [wing, far]);
    const players = OUT.map((p) => b.place(sided(s, p)));
    const played = SKIPS.map(
      (way) => touches(b, scheme, players, way, b.level.zone.quickHold).at(-1)!.now.late,
    );
    const figures = {
      high: spots.filter(highPost).length,
      twoThree: softOf(b, '2-3', sided(s, TOP)).filter(highPost).length,
      oneTwoTwo: softOf(b, '1-2-2', sided(s, TOP)).filter(highPost).length,
      corners: [true, false].filter((l) => spots.some((p) => low(p, l))).length,
      skip: soonest(f, 1).late,
      played: Math.min(...played),
    };
    return {
      holds:
        figures.high === 0 &&
        figures.twoThree > 0 &&
        figures.oneTwoTwo > 0 &&
        figures.corners === 2 &&
        figures.skip > 0 &&
        figures.played > 0,
      figures,
    };
  },
};

const oneTwoTwo: ZoneFact = {
  key: 'd',
  words:
    'A 1-2-2 caught in the middle: two guard four; trapped in the corner, the return is gone and the middle is there',
  reported: 0.98,
  measure: (s) => {
    const b = zoneBoard(s);
    const block = b.place(sided(s, [6.5, 7]));
    const ball = b.place(sided(s, NAIL));
    const corners = [b.place(sided(s, CORNER)), b.place(other(sided(s, CORNER)))] as const;
    const f = b.floor(b.scheme('1-2-2'), ball, [ball, ...corners, block, b.place(sided(s, [0, 29]))]);
    const near = soonest(f, 1);
    const far = soonest(f, 2);
    const cut = soonest(f, 3);
    const split = worstSplit(f);
    const cutInSplit = split?.players.includes(3) ?? false;
    const c = b.place(sided(s, CORNER));
    const t = b.floor(b.scheme('1-2-2', 'cornerTrap'), c, [
      c,
      b.place(sided(s, WING)),
      b.place(sided(s, [3, 15])),
      b.place(other(sided(s, WING))),
      b.place(sided(s, [-7, 7])),
    ]);
    const figures = {
      near: near.late,
      far: far.late,
      cut: cut.late,
      return: soonest(t, 1).late,
      flash: soonest(t, 2).late,
      trap: Number(trapped(t)),
    };
    const two = [near, far, cut].every((o) => o.defender === 3 || o.defender === 4);
    return {
      holds:
        near.late > 0 &&
        far.late > 0 &&
        (cut.late > 0 || cutInSplit) &&
        two &&
        figures.trap === 1 &&
        figures.return <= 0 &&
        figures.flash > 0,
      figures,
    };
  },
};

const overload: ZoneFact = {
  key: 'e',
  words:
    "2-3, two guards on one side: a screen on the nearer top man's inside hip opens the drive between the two",
  reported: 0.85,
  measure: (s) => {
    const b = zoneBoard(s);
    const scheme = b.scheme('2-3');
    const near = s.mirrored ? 0 : 1;
    const inside = s.mirrored ? 1 : -1;
    let holds = true;
    let least = Infinity;
    for (const [ball, mate] of [
      [[8.5, 25.5], WING],
      [
        [4, 26.5],
        [14, 23],
      ],
      [
        [6, 26],
        [15.5, 22],
      ],
    ] as const) {
      const at = b.place(sided(s, ball));
      const f = b.floor(scheme, at, [
        at,
        b.place(sided(s, mate)),
        b.place(sided(s, [-20, 9])),
        b.place(sided(s, [21, 5])),
      ]);
      const plain = gapDrive(f, 0, 1);
      f.screens = [{ on: near, x: f.dx[near]! + 2 * inside, y: f.dy[near]! }];
      const screened = gapDrive(f, 0, 1);
      const gain = screened.feet - screened.line - (plain.feet - plain.line);
      least = Math.min(least, gain);
      holds &&= !plain.open && screened.open && gain >= 2;
    }
    return { holds, figures: { gain: least } };
  },
};

const cornerOverload: ZoneFact = {
  key: 'f',
  words: '2-3, ball in the corner with a short corner and a high post: one of them, or the far wing, is open',
  reported: 1,
  measure: (s) => {
    const b = zoneBoard(s);
    const c = b.place(sided(s, CORNER));
    const f = b.floor(b.scheme('2-3'), c, [
      c,
      b.place(sided(s, [11.5, 3])),
      b.place(sided(s, [4, 17])),
      b.place(other(sided(s, WING))),
      b.place(sided(s, [8.5, 25.5])),
    ]);
    const [short, high, far] = [1, 2, 3].map((j) => soonest(f, j));
    return {
      holds: [short!, high!, far!].some((o) => o.late > 0 && o.margin > -0.05),
      figures: { short: short!.late, high: high!.late, far: far!.late },
    };
  },
};

const highLow: ZoneFact = {
  key: 'g',
  words: '2-3: when the middle steps up to the high post, the dive to the ball-side block is open',
  reported: 0.99,
  measure: (s) => {
    const b = zoneBoard(s);
    const c = b.place(sided(s, CORNER));
    const players = [
      c,
      b.place(sided(s, [7, 7])),
      b.place(sided(s, [4, 16])),
      b.place(other(sided(s, WING))),
      b.place(sided(s, [8.5, 26])),
    ];
    const up = soonest(b.floor(b.scheme('2-3', 'middleUp'), c, players), 1);
    const home = soonest(b.floor(b.scheme('2-3'), c, players), 1);
    return {
      holds: up.late > 0 && up.margin > -0.05 && home.late <= up.late - 0.1,
      figures: { up: up.late, home: home.late },
    };
  },
};

const movement: ZoneFact = {
  key: 'h',
  words: 'Quick passes lengthen the close-outs from pass to pass; idle dribbles let a zone recover',
  reported: 0.97,
  measure: (s) => {
    const b = zoneBoard(s);
    const players = OUT.map((p) => b.place(sided(s, p)));
    const { quickHold, dribble } = b.level.zone;
    const figures: Record<string, number> = {};
    let holds = true;
    for (const zone of ['2-3', '3-2', '1-3-1', '1-2-2', '2-1-2'] as const) {
      const scheme = b.scheme(zone);
      const quick = excess(b, scheme, players, quickHold);
      const one = excess(b, scheme, players, quickHold + dribble);
      const two = excess(b, scheme, players, quickHold + 2 * dribble);
      const mean = (v: number[]): number => (v[1]! + v[2]! + v[3]!) / 3;
      // A set zone is in time after one pass; the lag shows from the next one on, and grows.
      holds &&=
        mean(quick.feet) > 0.3 &&
        quick.feet[2]! > quick.feet[1]! - SATURATES &&
        quick.feet[3]! > quick.feet[2]! - SATURATES &&
        mean(quick.lead) > 0 &&
        mean(one.feet) < mean(quick.feet) &&
        mean(two.feet) < 0.3 * mean(quick.feet);
      figures[`${zone} quick`] = mean(quick.feet);
      figures[`${zone} one`] = mean(one.feet);
      figures[`${zone} two`] = mean(two.feet);
    }
    return { holds, figures };
  },
};

export const ZONE_FACTS: readonly ZoneFact[] = [
  twoThree,
  duckIn,
  oneThreeOne,
  oneTwoTwo,
  overload,
  cornerOverload,
  highLow,
  movement,
];
