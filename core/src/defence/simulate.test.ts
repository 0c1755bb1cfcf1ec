import { fiveOf, NONE } from '../geometry/five.ts';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { courtFor } from '../court/rulesets.ts';
import { compile } from '../motion/compile.ts';
import { levelRecord } from '../motion/level.ts';
import type { Play } from '../play/document.ts';
import { editAll } from '../play/edit.ts';
import { flip, permute, swapNumbers } from '../play/operations.ts';
import { anyChange, samplePlay } from '../play/sample.test-data.ts';
import { mainLine } from '../play/tree.ts';
import { man } from './board.test-data.ts';
import type { Defended } from './defended.ts';
import type { Plan, ZonePlan } from './plan.ts';
import { HELPS, OFF_BALL_COVERAGES, ON_BALL_COVERAGES } from './plan.ts';
import { railsOf } from './rails.ts';
import { simulate } from './simulate.ts';
import { tenOf } from './ten.ts';
import { zoneByKey } from './zone/scheme.ts';
import { ZONES } from './zone/tables.ts';

const court = courtFor({ court: 'nfhs' });
const level = levelRecord('highSchool');

function against(play: Play, plan: Plan): Defended {
  const { timeline } = compile(play, mainLine(play).at(-1)!.id, court, 'highSchool');
  return simulate(railsOf(timeline, court, level), plan);
}
const zone = (key: (typeof ZONES)[number]['key']): ZonePlan => ({
  type: 'zone',
  zone: key,
  schools: [],
  chases: fiveOf((d) => (zoneByKey(key)!.chasers.includes(d) ? 0 : NONE)),
  acts: [],
});
const plans = fc.oneof(
  fc
    .record({
      onBall: fc.constantFrom(...ON_BALL_COVERAGES),
      offBall: fc.constantFrom(...OFF_BALL_COVERAGES),
      help: fc.constantFrom(...HELPS),
    })
    .map((c): Plan => man({ ...c, handoff: c.onBall })),
  fc.constantFrom('2-3' as const, '1-3-1' as const, '1-2-2' as const, '2-1-2' as const).map(zone),
);
const plays = fc.array(anyChange, { minLength: 4, maxLength: 25 }).map((changes) =>
  changes.reduce<Play>((play, change) => {
    const r = editAll(play, [change]);
    return r.ok && r.play.court === 'nfhs' ? r.play : play;
  }, samplePlay()),
);

/** FNV-1a over the bytes of the arrays. */
function hash(d: Defended): number {
  let h = 0x811c9dc5;
  const { x, y, facing } = tenOf(d);
  for (const a of [x, y, facing]) for (const b of new Uint8Array(a.buffer)) h = Math.imul(h ^ b, 0x01000193);
  return h >>> 0;
}

describe('the simulation', () => {
  it('knows nothing of what comes: stopped early it is the same until then', () => {
    fc.assert(
      fc.property(plays, plans, fc.double({ min: 0.1, max: 0.9, noNaN: true }), (play, plan, share) => {
        const whole = against(play, plan);
        const steps = Math.ceil(whole.rails.steps * share);
        const part = simulate(whole.rails, plan, steps);
        const until = <T extends { slice(from: number, to: number): T }>(all: T): T =>
          all.slice(0, steps * 5);
        for (const of of ['x', 'y', 'vx', 'vy', 'held'] as const)
          expect(until(part[of])).toEqual(until(whole[of]));
        expect(until(part.guards)).toEqual(until(whole.guards));
      }),
      { numRuns: 20 },
    );
  });

  it('gives the same bytes again, and only numbers', () => {
    fc.assert(
      fc.property(plays, plans, (play, plan) => {
        const a = against(play, plan);
        expect(hash(against(play, plan))).toBe(hash(a));
        expect(a.x.every(Number.isFinite) && a.y.every(Number.isFinite)).toBe(true);
      }),
      { numRuns: 40 },
    );
  });

  it('mirrors what is mirrored', () => {
    fc.assert(
      fc.property(plays, plans, (play, plan) => {
        const a = against(play, plan);
        const b = against(flip(play), plan);
        const as = plan.type === 'zone' ? zoneByKey(plan.zone)!.mirror : [0, 1, 2, 3, 4];
        for (let k = 0; k < a.rails.steps; k++)
          for (let d = 0; d < 5; d++) {
            expect(Math.abs(a.x[k * 5 + d]! + b.x[k * 5 + as[d]!]!)).toBeLessThan(1e-9);
            expect(Math.abs(a.y[k * 5 + d]! - b.y[k * 5 + as[d]!]!)).toBeLessThan(1e-9);
          }
      }),
      { numRuns: 40 },
    );
  });

  it('does not care who wears which number', () => {
    const to = swapNumbers('2', '4');
    const drawn = editAll(samplePlay('fiveOut'), [
      { do: 'addAction', frame: 'f1', action: { by: '2', does: 'cut', path: [{ x: 3, y: 8 }] } },
      { do: 'addAction', frame: 'f1', action: { by: '1', does: 'dribble', path: [{ x: -8, y: 16 }] } },
    ]);
    if (!drawn.ok) throw new Error(drawn.sentence);
    const a = against(drawn.play, man({ help: 'weakCorner' }));
    const b = against(permute(drawn.play, to), man({ help: 'weakCorner' }));
    const as = [0, 3, 2, 1, 4];
    for (let i = 0; i < a.rails.steps * 5; i++) {
      const k = Math.floor(i / 5) * 5 + as[i % 5]!;
      expect(Math.abs(a.x[i]! - b.x[k]!)).toBeLessThan(1e-9);
      expect(Math.abs(a.y[i]! - b.y[k]!)).toBeLessThan(1e-9);
    }
  });
});
