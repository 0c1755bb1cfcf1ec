import { describe, expect, it } from 'vitest';
import { courtFor } from '../court/rulesets.ts';
import { PRESETS } from '../defence/presets.ts';
import { levelRecord } from '../motion/level.ts';
import type { Board } from '../defence/board.test-data.ts';
import type { Play } from '../play/document.ts';
import { leaves } from '../play/tree.ts';
import { pointsOf } from './grid.ts';
import type { PointOnLine } from './points.ts';
import {
  act,
  cut,
  drib,
  judged,
  man,
  ON_TOP,
  pass,
  playWith,
  POP,
  ROLL,
  screen,
  shot,
  SLIP,
  SPOT,
} from './plays.test-data.ts';
import { whole } from './whole.ts';
import { Board as Floor } from './board.ts';
import { againstEverything, Values, worstReply } from './reply.ts';
import type { Told } from './told.ts';
const found = (play: Play) => {
  const { drawn } = judged(play, man());
  return { drawn, points: pointsOf(drawn) };
};

/** Every combination of reactions, each worked out anew. */
function brute(play: Play, points: readonly PointOnLine[]): number {
  const { drawn } = judged(play, man());
  let worst = Infinity;
  const go = (i: number, told: Told): void => {
    const p = points[i];
    if (p) {
      for (const r of p.reactions) go(i + 1, { ...told, [p.id]: r });
      return;
    }
    const values = new Values(drawn, points);
    worst = Math.min(worst, Math.max(...leaves(play).map((l) => values.line(l.id, told).worth)));
  };
  go(0, {});
  return worst;
}

const THREE = playWith(ROLL, [
  { read: { does: 'switch' }, actions: SLIP },
  { read: { does: 'drop' }, actions: POP },
]);
/** A pass they may deny, a handoff, a ball screen, and who tags: four choices. */
const LONG: Board = {
  places: { ...ON_TOP, '4': [-10, 25] },
  frames: [
    [
      pass('1', '4'),
      cut('1', [-7, 27, -2, 27], { id: 'round', tempo: 'cut' }),
      act({ by: '4', does: 'handoff', to: '1' }),
    ],
    [
      screen('5', '1', SPOT),
      drib('1', [2.6, 27.2, 9.5, 22.5]),
      cut('5', [1, 6.5]),
      pass('1', '5'),
      shot('5'),
    ],
  ],
};

describe('their best reply', () => {
  it('on few points is the worst of all combinations (against brute force)', () => {
    const { drawn, points } = found(THREE);
    const reply = whole(worstReply(new Values(drawn, points)));
    expect(points.length).toBeLessThanOrEqual(3);
    expect(reply.all).toBe(true);
    expect(reply.looked).toBe(points.reduce((n, p) => n * p.reactions.length, 1));
    expect(reply.worth).toBeCloseTo(brute(THREE, points), 9);
  });
  it('on more points is found by single changes from every preset, and as bad as the worst there is', () => {
    const play = playWith(LONG);
    const { drawn, points } = found(play);
    expect(points.length).toBeGreaterThan(3);
    const reply = whole(worstReply(new Values(drawn, points)));
    const all = points.reduce((n, p) => n * p.reactions.length, 1);
    expect(reply.all).toBe(false);
    expect(reply.looked).toBeLessThan(all);
    expect(reply.worth).toBeCloseTo(brute(play, points), 9);
  }, 20_000);
  it('an ending that answers makes the worst less bad; what is lost on the way counts', () => {
    const worth = (play: Play): number => {
      const { drawn, points } = found(play);
      return whole(worstReply(new Values(drawn, points))).worth;
    };
    expect(worth(THREE)).toBeGreaterThan(worth(playWith(ROLL)) + 0.1);
    const { drawn, points } = found(playWith(LONG));
    const values = new Values(drawn, points);
    const deny = points.find((p) => p.kind === 'pass')!;
    expect(values.best({ [deny.id]: 'deny' }).worth).toBeLessThan(values.best({}).worth - 0.1);
  });
});

describe('against everything', () => {
  it('names for each defence the ending that is worth most: a slip against one that switches, a pop against a drop', () => {
    const court = courtFor(THREE);
    const all = whole(againstEverything((d) => new Floor(THREE, court, levelRecord(THREE.level), d)));
    expect(all.map((o) => o.key)).toEqual(PRESETS.map((p) => p.key));
    const by = (name: string) =>
      all.find((o) => o.key === PRESETS.find((p) => p.defence.name === name)!.key)!;
    expect(by('Switch everything').leaf).toBe('e1');
    for (const o of all) expect(o.worth).toBeGreaterThan(0);
  });
});
