import { spotPoint, type SpotKey } from '../../court/spots.ts';
import type { Floor } from '../../space/floor.ts';
import { optionsOf } from '../../space/split.ts';
import { passSeen, passTo, trapped } from '../../space/times.ts';
import type { XY } from '../board.test-data.ts';
import { COURTS, zoneBoard, type ZoneBoard, type ZoneShake } from './board.test-data.ts';
import type { ZoneFact } from './facts.test-data.ts';
import type { ZoneKey } from './tables.ts';

/** A named spot of the board's own court, on its side. */
function spot(s: ZoneShake, key: SpotKey): XY {
  const { x, y } = spotPoint(COURTS[s.level], key);
  return [s.mirrored ? -x : x, y];
}

/** Three sets in which a team swings the ball, and who stands next to whom on the perimeter. */
const SETS: readonly {
  readonly at: readonly SpotKey[];
  readonly next: readonly (readonly [number, number])[];
}[] = [
  {
    at: ['cornerL', 'wingL', 'top', 'wingR', 'cornerR'],
    next: [
      [0, 1],
      [1, 2],
      [2, 3],
      [3, 4],
    ],
  },
  { at: ['cornerL', 'slotL', 'slotR', 'cornerR', 'nail'], next: [[1, 2]] },
  {
    at: ['wingL', 'slotL', 'slotR', 'wingR', 'shortR'],
    next: [
      [0, 1],
      [1, 2],
      [2, 3],
    ],
  },
];

/** The least margin of the passes to a neighbour, both ways, over the three sets; a side of none is left out. */
function swings(s: ZoneShake, b: ZoneBoard, zone: ZoneKey, ...schools: string[]): number {
  const scheme = b.scheme(zone, ...schools);
  let least = Infinity;
  for (const set of SETS) {
    const players = set.at.map((key) => b.place(spot(s, key)));
    for (const [a, c] of set.next)
      for (const [from, to] of [
        [a, c],
        [c, a],
      ] as const)
        least = Math.min(least, marginTo(b.floor(scheme, players[from]!, players), players[to]!));
  }
  return least;
}

const marginTo = (f: Floor, [x, y]: XY): number => passTo(f, x, y, passSeen()).margin;

const swing = (zone: ZoneKey): ZoneFact => ({
  key: `swing ${zone}`,
  words: `The ball is swung round a settled ${zone}: top, slot, wing and corner, and back`,
  reported: 0.95,
  measure: (s) => {
    const least = swings(s, zoneBoard(s), zone);
    return { holds: least >= 0, figures: { least } };
  },
});

/** What 1-3-1 and 1-2-2 are for: their point man stands in the return pass to the top. */
const leans = (zone: ZoneKey): ZoneFact => ({
  key: `leans ${zone}`,
  words: `A ${zone} denies the return from the wing to the top, and gives the corner`,
  reported: 0.95,
  measure: (s) => {
    const b = zoneBoard(s);
    const keys: SpotKey[] = ['wingR', 'top', 'cornerR', 'wingL', 'nail'];
    const players = keys.map((key) => b.place(spot(s, key)));
    const f = b.floor(b.scheme(zone), players[0]!, players);
    const figures = { top: marginTo(f, players[1]!), corner: marginTo(f, players[2]!) };
    return { holds: figures.top < 0.1 && figures.corner >= 0.1, figures };
  },
});

const skip: ZoneFact = {
  key: 'skip 2-3',
  words: 'A skip over a 2-3 to the far wing is on when nobody shades him; shaded, it is not',
  reported: 1,
  measure: (s) => {
    const b = zoneBoard(s);
    const keys: SpotKey[] = ['wingR', 'wingL', 'top', 'shortR', 'nail'];
    const players = keys.map((key) => b.place(spot(s, key)));
    const f = b.floor(b.scheme('2-3'), players[0]!, players);
    const free = marginTo(f, players[1]!);
    // Two on the far side step out to him: one at his chest, one a step off.
    const side = players[1]![0] > 0 ? 1 : -1;
    f.dx[side > 0 ? 3 : 2] = players[1]![0] - 2.5 * side;
    f.dy[side > 0 ? 3 : 2] = players[1]![1] - 0.5;
    const shaded = marginTo(f, players[1]!);
    return { holds: free >= 0.1 && shaded < 0, figures: { free, shaded } };
  },
};

const trap = (zone: ZoneKey, ...schools: string[]): ZoneFact => ({
  key: `trap ${zone}`,
  words: `Trapped in the corner by a ${zone}, the way back is closed and the middle is there`,
  reported: 0.95,
  measure: (s) => {
    const b = zoneBoard(s);
    const keys: SpotKey[] = ['cornerR', 'wingR', 'highPost', 'wingL', 'blockL'];
    const players = keys.map((key) => b.place(spot(s, key)));
    players[2] = b.place([spot(s, 'elbowR')[0] / 2, 15]);
    const f = b.floor(b.scheme(zone, ...schools), players[0]!, players);
    const all = optionsOf(f);
    const back = all.find((o) => o.player === 1)!;
    const flash = all.find((o) => o.player === 2)!;
    const figures = { back: back.margin, backLate: back.late, flash: flash.margin, flashLate: flash.late };
    return {
      holds: trapped(f) && back.margin < 0.1 && back.late <= 0 && flash.margin > 0 && flash.late > 0,
      figures,
    };
  },
});

/** Passes against settled zones, on each level's own court. */
export const ZONE_PASSES: readonly ZoneFact[] = [
  swing('2-3'),
  swing('3-2'),
  swing('2-1-2'),
  leans('1-3-1'),
  leans('1-2-2'),
  skip,
  trap('1-2-2', 'cornerTrap'),
  trap('1-3-1'),
];
