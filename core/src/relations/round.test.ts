import { describe, expect, it } from 'vitest';
import { byPlayer, PLAYERS, type PlayerId } from '../alignment/library.ts';
import { courtFor } from '../court/rulesets.ts';
import { distance, type Point } from '../geometry/vec.ts';
import { compile } from '../motion/compile.ts';
import type { Play } from '../play/document.ts';
import { edit } from '../play/edit.ts';
import { flip } from '../play/operations.ts';
import { holderOf, walkLine } from '../play/state.ts';
import { dribble, drawn, FIVE_OUT, fiveRing, pass, run, shot, threeAndTwo } from './boards.test-data.ts';
import { cyclesOf, jobIn, roundOf, turnsHome, turnsOf, turnStart, visitsIn, type Round } from './round.ts';

/** A play that ends on the other side: 2 brings it up on the left and everybody goes over with him. */
const turning = (): Play => {
  const start = { '1': [4, 26], '2': [18, 18], '3': [-20, 6], '4': [-9, 20], '5': [7, 8] } as const;
  const over = (p: PlayerId) => [-start[p][0], start[p][1]] as const;
  return drawn(start, [
    [pass('1', '2'), run('1', over('2'))],
    [dribble('2', over('1')), run('3', over('3')), run('4', over('4')), run('5', over('5'))],
  ]);
};

/** Where everybody is after so many turns, by running them all. */
const after = (play: Play, round: Round, turns: number) => {
  const all = turnsOf(play, round, turns);
  return walkLine(all, all.frames).at(-1)!.after;
};
const near = (a: Point, b: Point): boolean => distance(a, b) <= 4;

/** By brute force: turns are run until everybody, and the ball, is where he was at first. */
function homeByRunning(play: Play, round: Round): number {
  for (let n = 1; n <= 12; n++) {
    const { places, ...floor } = after(play, round, n);
    if (
      PLAYERS.every((p) => near(places[p], play.start.places[p])) &&
      holderOf({ places, ...floor }) === play.start.ball
    )
      return n;
  }
  return Infinity;
}

describe('a play that goes round', () => {
  const five = fiveRing();
  const weave = threeAndTwo();
  const turn = turning();

  it('five places one after the other: one ring of five, home after five turns (common practice)', () => {
    const round = roundOf(five)!;
    expect(cyclesOf(round.to)).toEqual([['1', '5', '4', '3', '2']]);
    expect(turnsHome(round)).toBe(5);
    expect([0, 1, 2, 3, 4, 5].map((t) => jobIn(round, '5', t))).toEqual(['5', '4', '3', '2', '1', '5']);
  });

  it('what is led into another play does not go round', () => {
    const last = five.frames.length - 1;
    const leads = (id: string): Play => ({
      ...five,
      frames: five.frames.map((f, i) => (i === last ? { ...f, end: { play: { id, name: 'x' } } } : f)),
    });
    expect(roundOf(leads('another'))).toBeNull();
    expect(roundOf(leads(five.id))).not.toBeNull();
  });

  it('a weave of three while two change places: rings of three and two, home after six (common practice)', () => {
    const round = roundOf(weave)!;
    expect(cyclesOf(round.to)).toEqual([
      ['1', '4', '2'],
      ['3', '5'],
    ]);
    expect(turnsHome(round)).toBe(6);
  });

  it('an end on the other side: two change jobs, and after two turns everybody is home', () => {
    const round = roundOf(turn)!;
    expect(round).toMatchObject({ mirrored: true, to: { '1': '2', '2': '1', '3': '3' } });
    expect(turnsHome(round)).toBe(2);
    expect(turnStart(turn, round, 1)['1']).toEqual({ x: -18, y: 18 });
  });

  it.each([
    ['five', five],
    ['three and two', weave],
    ['the other side', turn],
    ['the other side, drawn on the other side', flip(turn)],
  ] as const)('%s: as many turns as by running them, each from where the one before ends', (_, play) => {
    const round = roundOf(play)!;
    expect(turnsHome(round)).toBe(homeByRunning(play, round));
    for (let n = 1; n <= turnsHome(round); n++) {
      const { places } = after(play, round, n);
      const start = turnStart(play, round, n);
      for (const p of PLAYERS) expect(near(places[p], start[p]), `${p} after ${n}`).toBe(true);
    }
    const all = turnsOf(play, round, 3);
    const { timeline, faults } = compile(all, all.frames.at(-1)!.id, courtFor(all), all.level);
    expect(faults).toEqual([]);
    const once = compile(play, round.leaf, courtFor(play), play.level).timeline.end;
    expect(timeline.end).toBeGreaterThan(2.5 * once - 1);
    expect(all.frames).toHaveLength(3 * play.frames.length);
  });

  it('everybody comes to every place of a ring of five, in five turns', () => {
    const round = roundOf(five)!;
    const home = byPlayer((p) => ({ x: FIVE_OUT[p][0], y: FIVE_OUT[p][1] }));
    for (const p of PLAYERS) {
      const seen = [0, 1, 2, 3, 4].flatMap((t) => visitsIn(five, round, p, t));
      for (const q of PLAYERS)
        expect(
          seen.some((s) => near(s, home[q])),
          `${p} at ${q}’s`,
        ).toBe(true);
    }
  });

  it('is none that ends with a shot, half-way, without the ball, or where nothing was done', () => {
    const entry = [pass('1', '2')];
    expect(roundOf(drawn(FIVE_OUT, [entry, [pass('2', '1')], [shot('1')]]))).toBeNull();
    expect(roundOf(drawn(FIVE_OUT, [entry, [run('3', [0, 6])]]))).toBeNull();
    expect(roundOf(drawn(FIVE_OUT, [entry]))).toBeNull();
    expect(roundOf(drawn(FIVE_OUT, [[]]))).toBeNull();
    expect(roundOf(drawn(FIVE_OUT, [entry, [pass('2', '1')]]))).toMatchObject({ mirrored: false, off: 0 });
  });

  it('goes to the side that the coach says, where both would do', () => {
    const said = edit(five, { do: 'end', frame: five.frames.at(-1)!.id, end: { reset: 'flipped' } });
    expect(said.ok && roundOf(said.play)?.mirrored).toBe(true);
    expect(roundOf(five)!.mirrored).toBe(false);
  });
});
