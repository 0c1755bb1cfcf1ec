import { describe, expect, it } from 'vitest';
import { courtFor } from '../court/rulesets.ts';
import type { Board } from '../defence/board.test-data.ts';
import { playAgainst } from '../look/against.ts';
import { compile } from '../motion/compile.ts';
import { levelRecord } from '../motion/level.ts';
import type { Defence } from '../play/document.ts';
import { evenings, leaving } from './evening.ts';
import { cut, drib, man, ON_TOP, pass, playWith, ROLL, screen, shot, SPOT } from './plays.test-data.ts';

const against = (b: Board, defence: Defence) => {
  const play = playWith(b);
  const court = courtFor(play);
  const { timeline } = compile(play, play.frames.at(-1)!.id, court, play.level);
  return playAgainst(play, timeline, defence, court, levelRecord(play.level));
};
const of = (b: Board, defence: Defence, i: number): string[] =>
  evenings(against(b, defence))[i]!.duties.map((d) => `${d.does} ${d.player}`);

describe('one defender’s evening', () => {
  it('a ball screen that is chased over: the man on the ball fights through, the others box out at the shot', () => {
    expect(of(ROLL, man(), 0)[0]).toBe('fights 1');
    const [fights] = evenings(against(ROLL, man()))[0]!.duties;
    // A standing screener holds a chaser for a third to half a second (common practice); from memory not beyond one.
    expect(fights!.much).toBeGreaterThan(0.1);
    expect(fights!.much).toBeLessThan(1.6);
    expect(of(ROLL, man(), 1)).toContain('boxesOut 2');
  });
  it('a switch: both take over, nobody fights', () => {
    expect(of(ROLL, man({ onBall: 'switch' }), 0)).toContain('takes 5');
    expect(of(ROLL, man({ onBall: 'switch' }), 4)).toContain('takes 1');
    expect(of(ROLL, man({ onBall: 'switch' }), 0).join()).not.toContain('fights');
  });
  it('the tagger tags, and closes out to his own man when the ball goes there', () => {
    const skip: Board = {
      places: ON_TOP,
      frames: [
        [screen('5', '1', SPOT), drib('1', [2.6, 27.2, 9.5, 22.5]), cut('5', [1, 6.5])],
        [pass('1', '4')],
        [pass('4', '3'), shot('3')],
      ],
    };
    const duties = evenings(against(skip, man({ onBall: 'show', help: 'weakCorner' })))[2]!.duties;
    expect(duties.map((d) => `${d.does} ${d.player}`)).toContain('tags 5');
    for (const d of duties) if (d.does === 'closesOut') expect(d.much).toBeGreaterThanOrEqual(6);
  });
  it('is in order of time, every second of it within the play, and says how far he runs', () => {
    const a = against(ROLL, man({ onBall: 'show', help: 'weakCorner' }));
    for (const e of evenings(a)) {
      const times = e.duties.map((d) => d.from);
      expect(times).toEqual([...times].sort((x, y) => x - y));
      for (const d of e.duties) expect(d.to).toBeGreaterThanOrEqual(d.from);
      expect(e.feet).toBeGreaterThan(0);
      expect(e.feet).toBeLessThan(25 * a.defended.rails.timeline.end);
    }
  });
});

describe('what a helper leaves', () => {
  it('is his own man, with a name and by how much; who guards one in the slot helps for less (description of the model)', () => {
    const all = leaving(against(ROLL, man({ onBall: 'show' })));
    const by = (i: number) => all.find((l) => l.defender === i)!;
    expect(by(1)).toMatchObject({ to: '5', own: '2', opens: { player: '2' } });
    expect(by(2)).toMatchObject({ to: '5', own: '3', opens: { player: '3' } });
    expect(by(1).opens!.late).toBeGreaterThan(by(1).opens!.home + 0.2);
    expect(all.map((l) => l.defender).sort()).toEqual([1, 2, 3]);
    const slot = by(3).opens?.late ?? 0;
    expect(slot).toBeLessThan(by(2).opens!.late);
  });
});
