import { describe, expect, it } from 'vitest';
import { defend, man, way, type Board } from '../defence/board.test-data.ts';
import type { Action } from '../play/document.ts';
import { PLAYERS } from '../alignment/library.ts';
import { zonePlan as planFor } from '../defence/zone/board.test-data.ts';
import { railsFrom } from '../defence/board.test-data.ts';
import { simulate } from '../defence/simulate.ts';
import type { ZoneKey } from '../defence/zone/tables.ts';
import { floorOf } from '../space/floor.ts';
import { laneOf, laneSeen } from '../space/lane.ts';
import { optionsOf } from '../space/split.ts';
import { bandOf, opennessAt, passChance } from './openness.ts';
import { passesSeen } from './passes.ts';
import { courtFor } from '../court/rulesets.ts';
import { compile } from '../motion/compile.ts';
import { levelRecord } from '../motion/level.ts';
import type { Defence } from '../play/document.ts';
import { playOf } from '../play/sample.test-data.ts';
import { playAgainst } from './against.ts';
import { floorAt, seeingOf } from './seeing.ts';

const act = (a: object) => a as Omit<Action, 'id'>;
/** A wide pin-down for 2, who curls when it is set; 1 throws it when he is told to. */
const curl = (pass: number): Board => ({
  places: { '1': [-3, 27], '2': [22, 4.5], '3': [-22, 3.5], '4': [-18, 19], '5': [11, 17] },
  frames: [
    [
      act({ id: 'screen', by: '5', does: 'screen', for: '2', path: way([17.4, 8.4]), tempo: 'cut' }),
      act({
        by: '2',
        does: 'cut',
        path: way([19.3, 10, 15.2, 10.4, 3, 6.5]),
        tempo: 'sprint',
        cue: { on: 'screen', event: 'set' },
      }),
      act({ id: 'pass', by: '1', does: 'pass', to: '2', cue: { on: 'frame', delay: pass } }),
    ],
  ],
});

describe('a pass against its open window', () => {
  const seen = (at: number) =>
    passesSeen(defend(curl(at), { offBall: 'trail' }), man({ offBall: 'trail' }))[0]!;
  it('is early, in time and late by how it lies to one and the same window', () => {
    const all = [1.2, 2.4, 2.6, 4.2].map(seen);
    expect(all.map((p) => p.verdict)).toEqual(['early', 'in', 'in', 'late']);
    // The window is the passer's, had he waited: it does not move with his pass.
    for (const p of all) {
      expect(Math.abs(p.window!.from - all[1]!.window!.from)).toBeLessThan(0.1);
      expect(Math.abs(p.window!.to - all[1]!.window!.to)).toBeLessThan(0.1);
    }
    expect(all[0]!.by).toBeCloseTo(all[0]!.window!.from - 1.2, 2);
    expect(all[3]!.by).toBeCloseTo(4.2 - all[3]!.window!.to, 2);
    expect(all[2]!.left).toBeLessThan(all[1]!.left);
    // In its window it costs nothing; out of it, only with a hand near the lane: nobody shoots here.
    for (const p of all) expect(p.costs).toBe(p.verdict !== 'in' && p.margin < 0.1);
  });
});

describe('how open a man is', () => {
  const standing: Board = {
    places: { '1': [0, 27], '2': [-19, 18], '3': [19, 18], '4': [-22, 3.5], '5': [22, 3.5] },
    frames: [[act({ by: '1', does: 'hold', seconds: 2 })]],
  };
  it('is told in the usual bands', () => {
    expect([0.5, 2, 3.9, 5, 9].map(bandOf)).toEqual(['0–2', '2–4', '2–4', '4–6', '6+']);
  });
  it('is worth make × points × (1 − turnover)', () => {
    const d = defend(standing);
    for (let j = 1; j < 5; j++) {
      const o = opennessAt(d, 30, j);
      expect(o.value).toBeCloseTo(o.make * o.points * (1 - o.risk), 12);
      expect(o.make).toBeGreaterThan(0);
      expect(o.points).toBe(3);
    }
  });
  it('grows when his man sags and shrinks when he denies', () => {
    const deny = opennessAt(defend(standing, { denies: Uint8Array.from([0, 1, 0, 0, 0]) }), 30, 1);
    const gap = opennessAt(defend(standing, { help: 'weakCorner' }), 30, 1);
    expect(deny.margin).toBeLessThan(gap.margin);
    expect(deny.atCatch).toBeLessThan(gap.atCatch + 0.01);
  });
  it('looks no further than its own line: times rise by a tenth and windows lie inside', () => {
    const s = seeingOf(defend(curl(2.5), { offBall: 'trail' }), man({ offBall: 'trail' }));
    s.times.forEach((t, i) => expect(t).toBeCloseTo(i * 0.1, 9));
    for (const w of s.windows) {
      expect(w.to - w.from).toBeGreaterThanOrEqual(0.2 - 1e-9);
      expect(w.from).toBeGreaterThanOrEqual(0);
      expect(w.to).toBeLessThanOrEqual(s.times.at(-1)! + 0.1);
      expect(w.best.open).toBe(true);
    }
    expect(s.windows.some((w) => w.player === '2')).toBe(true);
  });
});

describe('a split man', () => {
  it('is told at every instant, and a span of them by its worst', () => {
    const play = playOf([[{ by: '1', does: 'hold', seconds: 2 }]], [], 'overload');
    const court = courtFor(play);
    const { timeline } = compile(play, 'f1', court, play.level);
    const zone: Defence = { id: 'd', name: '2-3', type: 'zone', zone: '2-3' };
    const { seeing } = playAgainst(play, timeline, zone, court, levelRecord(play.level));
    expect(seeing.splitAt).toHaveLength(seeing.times.length);
    expect(seeing.splits.length).toBeGreaterThan(0);
    for (const span of seeing.splits) {
      const within = seeing.splitAt.filter(
        (_, i) => seeing.times[i]! >= span.from - 1e-9 && seeing.times[i]! <= span.to + 1e-9,
      );
      expect(within.every((x) => x?.defender === span.split.defender)).toBe(true);
      expect(Math.max(...within.map((x) => x!.margin))).toBe(span.split.margin);
      expect(span.at).toBeGreaterThanOrEqual(span.from);
      expect(span.at).toBeLessThanOrEqual(span.to);
    }
  });
});

/** A line drawn on a floor, against a settled zone. */
function zoneLine(places: Board['places'], zone: ZoneKey, action: Omit<Action, 'id'>) {
  const hold = act({ by: '1', does: 'hold', seconds: 1.5 });
  const rails = railsFrom({ places, frames: [[hold], [action]] });
  const plan = planFor(zone);
  return { d: simulate(rails, plan), plan };
}
const defendZone = (places: Board['places'], zone: ZoneKey) =>
  zoneLine(places, zone, act({ by: '1', does: 'hold', seconds: 1 })).d;

describe('one pass', () => {
  const places: Board['places'] = {
    '1': [0, 27],
    '2': [-17, 18],
    '3': [17, 18],
    '4': [-21.7, 3.5],
    '5': [3, 15],
  };
  const kinds = ['chest', 'bounce', 'skip', 'lob', 'pocket'] as const;
  it('the zone asks the same lane as the man model does: same margin, same hand, for every kind and man', () => {
    let asked = 0;
    for (const zone of ['2-3', '3-2', '1-3-1', '1-2-2', '2-1-2'] as const) {
      const d = defendZone(places, zone);
      for (const k of [30, 60]) {
        const f = floorAt(d, k, floorOf(d.rails.court, d.rails.level));
        for (let j = 1; j < 5; j++)
          for (const kind of kinds) {
            const seen = passChance(d, k, j, kind);
            const { rails } = d;
            const [x, y] = [rails.x[k * 5 + j]!, rails.y[k * 5 + j]!];
            const lane = laneOf(
              rails.level,
              rails.court.rimY,
              f.theirs,
              0,
              f.bx,
              f.by,
              x,
              y,
              kind,
              0,
              laneSeen(),
            );
            expect(seen.margin).toBeCloseTo(lane.margin, 12);
            expect(seen.laneMan).toBe(lane.who);
            asked++;
          }
      }
    }
    expect(asked).toBe(200);
  });
  it('a pass the zone calls safe is in nobody’s lane in the walk-through, and the other way round', () => {
    for (const zone of ['2-3', '3-2', '1-3-1'] as const)
      for (const to of ['2', '3', '4', '5'] as const) {
        const { d, plan } = zoneLine(places, zone, act({ id: 'pass', by: '1', does: 'pass', to }));
        const p = passesSeen(d, plan)[0]!;
        const f = floorAt(d, Math.round(p.at / d.rails.dt), floorOf(d.rails.court, d.rails.level));
        const option = optionsOf(f).find((o) => PLAYERS[o.player] === to)!;
        if (option.kind === p.kind) expect(p.margin).toBeCloseTo(option.margin, 9);
        else expect(option.margin).toBeGreaterThanOrEqual(p.margin);
      }
  });
});
