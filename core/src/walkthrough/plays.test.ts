import { describe, expect, it } from 'vitest';
import type { PlayerId } from '../alignment/library.ts';
import { courtFor } from '../court/rulesets.ts';
import { spotPoint, type SpotKey } from '../court/spots.ts';
import type { Play } from '../play/document.ts';
import type { Change, NewAction } from '../play/change.ts';
import { flip, permute, swapNumbers } from '../play/operations.ts';
import { playOf } from '../play/sample.test-data.ts';
import { mainLine } from '../play/tree.ts';
import { walkThrough } from './walkthrough.ts';

/**
 * A dozen plays of our own, with what a coach would name by eye, and what he would not (common practice).
 * `finds` must be told, `spares` must not; other findings are nobody's business here.
 */
interface Case {
  readonly name: string;
  readonly set?: string;
  readonly places?: Partial<Record<PlayerId, SpotKey | { x: number; y: number }>>;
  readonly against?: string[];
  readonly frames: readonly (readonly NewAction[])[];
  readonly finds: readonly string[];
  readonly spares: readonly string[];
}

const court = courtFor({ court: 'nfhs' });
type To = SpotKey | { x: number; y: number };
const at = (to: To) => (typeof to === 'string' ? { ...spotPoint(court, to), spot: to } : to);
const cut = (by: PlayerId, ...to: To[]): NewAction => ({ by, does: 'cut', path: to.map(at) });
const dribble = (by: PlayerId, ...to: To[]): NewAction => ({ by, does: 'dribble', path: to.map(at) });
const pass = (by: PlayerId, to: PlayerId): NewAction => ({ by, does: 'pass', to });
const screen = (by: PlayerId, mate: PlayerId, to: To): NewAction => ({
  by,
  does: 'screen',
  for: mate,
  path: [at(to)],
});
const shot = (by: PlayerId): NewAction => ({ by, does: 'shot' });
const wait = (by: PlayerId, seconds: number): NewAction => ({ by, does: 'hold', seconds });
const cued = (a: NewAction, cue: object): NewAction => ({ ...a, cue }) as NewAction;

const CASES: readonly Case[] = [
  {
    name: 'a clean pin-down for a shooter',
    frames: [
      [screen('5', '3', { x: 16.5, y: 12 }), cut('3', { x: 17.5, y: 14.5 }, 'wingR'), pass('1', '3')],
      [shot('3'), cut('5', { x: 3, y: 9 }), cut('4', { x: -3, y: 9 })],
    ],
    finds: [],
    spares: [
      'moving-screen',
      'screen-late',
      'screen-unused',
      'screen-wide',
      'pass-early',
      'pass-late',
      'pass-long',
    ],
  },
  {
    name: 'the cutter leaves on the frame, not on the screen',
    frames: [
      [
        { ...screen('5', '3', { x: 16.5, y: 12 }), tempo: 'walk' } as NewAction,
        cued(cut('3', { x: 17.5, y: 14.5 }, 'wingR'), { on: 'frame' }),
      ],
    ],
    finds: ['screen-late'],
    spares: ['screen-unused'],
  },
  {
    name: 'the ball screen nobody uses',
    frames: [[screen('5', '1', { x: 3, y: 25 })], [pass('1', '2')]],
    finds: ['screen-unused'],
    spares: ['screen-late', 'moving-screen'],
  },
  {
    name: 'a post camps in the lane while the ball goes round',
    places: { '5': { x: 2, y: 9 } },
    frames: [[pass('1', '4')], [wait('4', 1.5)], [pass('4', '1')], [wait('1', 1.5)]],
    finds: ['three-seconds'],
    spares: ['idle-ball'],
  },
  {
    name: 'nobody but the dribbler plays',
    frames: [
      [dribble('1', 'slotR')],
      [dribble('1', 'slotL')],
      [dribble('1', 'slotR')],
      [dribble('1', 'slotL')],
    ],
    finds: ['standing'],
    spares: ['idle-ball', 'dead-dribble'],
  },
  {
    name: 'a drive at a filled wing, with the corner coming up',
    places: { '1': 'top', '3': 'cornerR', '2': 'wingR', '4': 'wingL', '5': 'cornerL' },
    frames: [
      [
        dribble('1', { x: 10, y: 18 }, { x: 5, y: 7 }),
        { ...cut('3', { x: 21.5, y: 9 }), tempo: 'jog' } as NewAction,
      ],
    ],
    finds: ['drive-gap', 'corner-drift'],
    spares: ['lane-crowded', 'three-seconds'],
  },
  {
    name: 'a drive with both posts in the lane',
    places: { '4': { x: -3, y: 10 }, '5': { x: 3, y: 13 } },
    frames: [[dribble('1', { x: 0, y: 9 })]],
    finds: ['lane-crowded'],
    spares: ['corner-drift'],
  },
  {
    name: 'the skip that is too long for the school',
    places: { '1': 'cornerL', '2': 'wingR' },
    frames: [[pass('1', '2')], [shot('2')]],
    finds: ['pass-long'],
    spares: ['pass-early'],
  },
  {
    name: 'everybody flows to the ball side',
    places: { '1': 'slotR', '2': 'wingL', '4': 'elbowR', '5': 'blockR' },
    frames: [[pass('1', '3'), cut('2', 'top')]],
    finds: ['overload'],
    spares: ['pass-long'],
  },
  {
    name: 'five out, one shot, nobody inside',
    set: 'fiveOut',
    frames: [[pass('1', '2')], [shot('2')]],
    finds: ['long-rebound'],
    spares: ['rebounders', 'lane-crowded', 'three-seconds'],
  },
  {
    name: 'passing round a zone from the outside, standing still',
    set: 'fiveOut',
    against: ['2-3'],
    frames: [[pass('1', '2')], [pass('2', '1')], [pass('1', '4')], [wait('4', 2)]],
    finds: ['zone-middle', 'zone-still', 'zone-inside'],
    spares: ['zone-dribble'],
  },
  {
    name: 'through the middle of a zone, with a man running the baseline',
    against: ['2-3'],
    places: { '5': 'nail', '4': 'shortL' },
    frames: [
      [pass('1', '5'), cut('4', 'shortR')],
      [pass('5', '3'), cut('2', 'wingL')],
    ],
    finds: [],
    spares: ['zone-middle', 'zone-still', 'zone-inside', 'zone-behind'],
  },
];

const build = (c: Case): Play =>
  playOf(
    c.frames,
    [
      ...Object.entries(c.places ?? {}).map(([player, place]): Change => ({
        do: 'place',
        player: player as PlayerId,
        place: at(place),
      })),
      ...(c.against ? [{ do: 'against' as const, against: c.against }] : []),
    ],
    c.set,
  );
const told = (p: Play) => walkThrough(p, mainLine(p));

describe.each(CASES)('$name', (c) => {
  const play = build(c);
  it('is told what a coach would name, and spared what he would not', () => {
    const codes = new Set(told(play).map((f) => f.code));
    expect(c.finds.filter((code) => !codes.has(code))).toEqual([]);
    expect(c.spares.filter((code) => codes.has(code))).toEqual([]);
  });
  it('says the same of its mirror image, with equal figures', () => {
    const sides = (s: string) => s.replace(/\b(left|right)\b/g, (w) => (w === 'left' ? 'right' : 'left'));
    const own = told(play).map((f) => f.sentence);
    expect(
      told(flip(play))
        .map((f) => sides(f.sentence))
        .sort(),
    ).toEqual([...own].sort());
  });
  it('says the same of other men when numbers are exchanged', () => {
    const swap = swapNumbers('2', '3');
    const key = (
      f: { code: string; players: readonly PlayerId[]; time: number },
      name = (p: PlayerId) => p,
    ) => `${f.code} ${f.players.map(name).sort().join('')} ${f.time.toFixed(2)}`;
    expect(
      told(permute(play, swap))
        .map((f) => key(f))
        .sort(),
    ).toEqual(
      told(play)
        .map((f) => key(f, (p) => swap[p]))
        .sort(),
    );
  });
});
