import { describe, expect, it } from 'vitest';
import { PLAYERS, type PlayerId } from '../alignment/library.ts';
import { courtFor } from '../court/rulesets.ts';
import { compile } from '../motion/compile.ts';
import type { Timeline } from '../motion/timeline.ts';
import { ballAt, positionAt } from '../motion/track.ts';
import type { Play } from '../play/document.ts';
import { flip, permute } from '../play/operations.ts';
import { mainLine } from '../play/tree.ts';
import { comparedOf, headOf, tailOf, TELLS } from './alike.ts';
import { drawn, FIVE_OUT, fiveRing, pass, run, shot, threeAndTwo } from './boards.test-data.ts';
import { traceOf } from './trace.ts';

const timed = (play: Play): Timeline =>
  compile(play, mainLine(play).at(-1)!.id, courtFor(play), play.level).timeline;
const compared = (play: Play) => comparedOf(traceOf(timed(play)));

/** All 120 orders of five. */
const orders = (left: readonly PlayerId[] = PLAYERS): PlayerId[][] =>
  left.length === 0
    ? [[]]
    : left.flatMap((p) => orders(left.filter((q) => q !== p)).map((rest) => [p, ...rest]));
const overOf = (t: Timeline): number => t.flights.find((f) => f.receiver === null)?.release ?? t.end;

/** By brute force: every way to see one as the other, every man and the ball, a hundred times a second. */
function slowly(a: Timeline, b: Timeline, head: boolean): number {
  const [ea, eb] = [overOf(a), overOf(b)];
  const end = head ? Math.max(ea, eb) : Math.min(ea, eb);
  let best = 0;
  for (const side of [1, -1])
    for (const order of orders()) {
      let t = 0;
      for (; t < end; t += 0.01) {
        const ta = head ? Math.min(t, ea) : ea - t;
        const tb = head ? Math.min(t, eb) : eb - t;
        const gone = [
          ...PLAYERS.map((p, i) => [positionAt(a, p, ta), positionAt(b, order[i]!, tb)] as const),
          [ballAt(a, ta).point, ballAt(b, tb).point] as const,
        ].some(([m, n]) => Math.hypot(m.x - side * n.x, m.y - n.y) > TELLS);
        if (gone) break;
      }
      best = Math.max(best, Math.min(t, end));
    }
  return best;
}

const entry = [pass('1', '2'), run('3', [14, 4])];
/** Plays of one start that part sooner or later, and one that only looks like them. */
const SERIES: Readonly<Record<string, Play>> = {
  ring: fiveRing(),
  weave: threeAndTwo(),
  cut: drawn(FIVE_OUT, [entry, [run('1', [2, 6])], [pass('2', '1')], [shot('1')]]),
  stay: drawn(FIVE_OUT, [entry, [run('4', [-6, 20])], [pass('2', '4')], [shot('4')]]),
  late: drawn(FIVE_OUT, [entry, [run('1', [2, 6])], [pass('2', '1')], [run('1', [0, 4])], [shot('1')]]),
  near: drawn({ ...FIVE_OUT, '5': [-21, 5] }, [entry, [run('1', [2, 6])], [pass('2', '1')], [shot('1')]]),
  far: drawn({ ...FIVE_OUT, '5': [-20, 6] }, [entry, [run('1', [2, 6])]]),
};
const pairs = Object.keys(SERIES).flatMap((a, i, all) => all.slice(i + 1).map((b) => [a, b] as const));

describe('how long two plays look the same', () => {
  it.each(pairs)(
    '%s and %s: from the start and before the end, as by brute force',
    (a, b) => {
      const [ta, tb] = [timed(SERIES[a]!), timed(SERIES[b]!)];
      const [ca, cb] = [comparedOf(traceOf(ta)), comparedOf(traceOf(tb))];
      // Between two moments of a trace men go straight: a twentieth of a second either way.
      expect(Math.abs((headOf(ca, cb)?.seconds ?? 0) - slowly(ta, tb, true))).toBeLessThan(0.06);
      expect(Math.abs((tailOf(ca, cb)?.seconds ?? 0) - slowly(ta, tb, false))).toBeLessThan(0.06);
      // And as long the other way round.
      expect(headOf(cb, ca)?.seconds ?? 0).toBeCloseTo(headOf(ca, cb)?.seconds ?? 0, 6);
    },
    20_000,
  );

  it('is for ever with itself in a mirror under other numbers, and says who is who', () => {
    const play = SERIES.cut!;
    const to = { '1': '3', '2': '1', '3': '5', '4': '2', '5': '4' } as const;
    const found = headOf(compared(play), compared(flip(permute(play, to))))!;
    expect(found).toMatchObject({ mirrored: true, as: to, by: null });
    expect(found.seconds).toBeCloseTo(overOf(timed(play)), 6);
    expect(tailOf(compared(play), compared(flip(permute(play, to))))!.seconds).toBeCloseTo(found.seconds, 6);
  });

  it('ends with the man who goes where nobody goes in the other', () => {
    expect(['1', '4']).toContain(headOf(compared(SERIES.cut!), compared(SERIES.stay!))!.by);
    expect(headOf(compared(SERIES.cut!), compared(SERIES.far!))).toBeNull();
    // Half a yard is not seen: the start is the same.
    expect(headOf(compared(SERIES.cut!), compared(SERIES.near!))!.seconds).toBeGreaterThan(3);
  });

  it('is not shortened by what goes on after one of them is over, unless somebody moves', () => {
    const [short, long] = [SERIES.cut!, SERIES.late!];
    const found = headOf(compared(short), compared(long))!;
    expect(found.seconds).toBeGreaterThan(overOf(timed(short)));
    expect(found.by).toBe('1');
  });
});
