import { PLAYERS, type PlayerId } from '../alignment/library.ts';
import type { NewAction } from '../play/change.ts';
import type { Play } from '../play/document.ts';
import { playOf } from '../play/sample.test-data.ts';

type At = readonly [number, number];

/** A man's run to a place. */
export const run = (by: PlayerId, [x, y]: At, more: object = {}): NewAction =>
  ({ by, does: 'cut', path: [{ x, y }], ...more }) as NewAction;
export const pass = (by: PlayerId, to: PlayerId): NewAction => ({ by, does: 'pass', to });
/** The shooter's way is over when the ball leaves. */
export const shot = (by: PlayerId): NewAction => ({ by, does: 'shot' });

/** A play from places drawn by hand. */
export const drawn = (
  places: Readonly<Record<PlayerId, At>>,
  frames: readonly (readonly NewAction[])[],
): Play =>
  playOf(
    frames,
    PLAYERS.map((player) => ({
      do: 'place' as const,
      player,
      place: { x: places[player][0], y: places[player][1] },
    })),
  );

/** Five out, on even terms (common practice): top, wings, corners. */
export const FIVE_OUT = {
  '1': [0, 26.5],
  '2': [18, 18],
  '3': [22, 4],
  '4': [-18, 18],
  '5': [-22, 4],
} as const satisfies Record<PlayerId, At>;

/** A man with the ball to a place. */
export const dribble = (by: PlayerId, [x, y]: At): NewAction => ({ by, does: 'dribble', path: [{ x, y }] });

/** A ring of five: 1 passes to the right wing, everybody goes on to the next place, and 2 brings it to the top. */
export const fiveRing = (): Play =>
  drawn(FIVE_OUT, [
    [pass('1', '2')],
    [run('1', FIVE_OUT['5']), run('5', FIVE_OUT['4']), run('4', FIVE_OUT['3'])],
    [run('3', FIVE_OUT['2']), dribble('2', FIVE_OUT['1'])],
  ]);

/** A weave of three over the top while the two in the corners change places: a ring of three and one of two. */
export const threeAndTwo = (): Play =>
  drawn(FIVE_OUT, [
    [pass('1', '2'), run('1', FIVE_OUT['4'])],
    [run('4', FIVE_OUT['2']), dribble('2', FIVE_OUT['1']), run('3', FIVE_OUT['5']), run('5', FIVE_OUT['3'])],
  ]);
