import { describe, expect, it } from 'vitest';
import { turnWords } from '../language/people.ts';
import { PLAYERS } from '../alignment/library.ts';
import type { Kept } from '../playbook/kept.ts';
import { drawn, FIVE_OUT, fiveRing, pass, run, shot, threeAndTwo } from '../relations/boards.test-data.ts';
import { jobIn, roundOf, turnsHome } from '../relations/round.ts';
import { permute, swapNumbers } from '../play/operations.ts';
import { needsOf } from './needs.ts';
import type { Clearance, Player } from './player.ts';
import { interchangeable, turnWarnings } from './turns.ts';

const DAY = '2026-11-29';
const man = (id: string, more: Partial<Player> = {}): Kept<Player> => ({
  id,
  body: {
    ...{ jersey: '', name: id, plays: [...PLAYERS], hand: 'right', speed: 1 },
    ...{ skills: {}, cleared: [], out: [] },
    ...more,
  },
});
const five = (fifth: Partial<Player>): Kept<Player>[] => [
  ...['Aubrey', 'Birch', 'Calder', 'Dunmore'].map((n) => man(n)),
  man('Elder', fifth),
];
const clearance = (covers: Clearance['covers']): Kept<Clearance> => ({
  id: 'c',
  body: { name: 'Top', covers },
});

describe('turns of a continuity', () => {
  const play = fiveRing();
  const round = roundOf(play)!;
  /** The turn in which the man who starts at 5 has a job for the first time, counted by going round. */
  const turnOf = (job: string): number =>
    Array.from({ length: turnsHome(round) }, (_, i) => i + 1).find((t) => jobIn(round, '5', t - 1) === job)!;

  it('a man who is not cleared for a number is told in the turn in which he gets to it', () => {
    for (const job of ['1', '2', '3', '4'] as const) {
      const told = turnWarnings(play, five({}), [clearance({ play: play.id, number: job })], DAY);
      const his = told.filter((w) => w.number === '5');
      expect(his).toEqual([
        {
          ...{ turn: turnOf(job), number: '5', job },
          why: { is: 'clearance', id: 'c', name: 'Top', practice: false },
        },
      ]);
      expect(his[0]!.turn).toBeGreaterThan(1);
    }
  });

  it('cleared he is not told; for practice only he is', () => {
    const rule = [clearance({ play: play.id, number: '1' })];
    const cleared = (level: 'game' | 'practice') =>
      turnWarnings(
        play,
        five({ cleared: [{ clearance: 'c', level, since: '2026-09-01' }] }),
        rule,
        DAY,
      ).filter((w) => w.number === '5');
    expect(cleared('game')).toEqual([]);
    expect(cleared('practice')[0]!.why).toMatchObject({ practice: true });
  });

  it('a clearance of a turn is asked in that turn only', () => {
    for (const turn of [1, 3]) {
      const told = turnWarnings(play, five({}), [clearance({ play: play.id, turn })], DAY);
      expect(told).toHaveLength(5);
      expect(told.every((w) => w.turn === turn)).toBe(true);
    }
    expect(turnWarnings(play, five({}), [clearance({ play: play.id, turn: 9 })], DAY)).toEqual([]);
  });

  it('who does not shoot from a place is told when he gets there; who was never rated is not', () => {
    const corners = PLAYERS.filter((p) => needsOf(play)[p].needs.some((n) => n.skill === 'shootCorner'));
    const told = turnWarnings(play, five({ skills: { shootCorner: 0.5 } }), [], DAY);
    const first = Math.min(...corners.map(turnOf).filter((t) => t > 1));
    expect(told.map((w) => [w.number, w.turn, w.why.is])).toEqual(
      Number.isFinite(first) ? [['5', first, 'skill']] : [],
    );
    expect(turnWarnings(play, five({}), [], DAY)).toEqual([]);
    expect(turnWarnings(play, five({ skills: { shootCorner: 2 } }), [], DAY)).toEqual([]);
  });

  it('a play that ends has no turns', () => {
    const once = drawn(FIVE_OUT, [[pass('1', '2'), shot('2')]]);
    expect(turnWarnings(once, five({}), [clearance({ play: once.id, number: '1' })], DAY)).toEqual([]);
  });

  it('is said as a coach would', () => {
    const skill = { is: 'skill', skill: 'shootCorner', score: 1 } as const;
    expect(turnWords({ turn: 3, number: '5', job: '4', why: skill }, 'Elder')).toBe(
      'Elder (5) is in the corner on turn 3, and does not shoot from there (1 of 5).',
    );
    const screens = { is: 'skill', skill: 'screen', score: 1.5 } as const;
    expect(turnWords({ turn: 2, number: '3', job: '5', why: screens }, 'Calder')).toBe(
      "Calder (3) has 5's job on turn 2: screening 1.5 of 5.",
    );
    const top = { is: 'clearance', id: 'c', name: 'Top', practice: false } as const;
    expect(turnWords({ turn: 4, number: '5', job: '2', why: top }, 'Elder')).toBe(
      "Elder (5) has 2's job on turn 4: not cleared: Top.",
    );
  });
});

describe('interchangeable numbers', () => {
  it('are two who do the same in other places, and stay so when they are swapped', () => {
    // 4 and 5 stand in the two corners and do nothing else; 1 passes and 2 shoots.
    const play = drawn(FIVE_OUT, [[pass('1', '2'), shot('2')]]);
    expect(interchangeable(play)).toContainEqual(['4', '5']);
    expect(interchangeable(play).some((pair) => pair.includes('2'))).toBe(false);
    expect(interchangeable(permute(play, swapNumbers('4', '5')))).toContainEqual(['4', '5']);
  });

  it('no two have what only one of them does', () => {
    for (const play of [fiveRing(), threeAndTwo(), drawn(FIVE_OUT, [[pass('1', '3'), run('1', [0, 6])]])])
      for (const [a, b] of interchangeable(play)) {
        const [x, y] = [needsOf(play)[a], needsOf(play)[b]];
        expect([...x.duties].sort()).toEqual([...y.duties].sort());
      }
  });
});
