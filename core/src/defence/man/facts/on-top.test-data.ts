import { type Drawn, cut, drib, hold, most, screen, useOf, worth } from './measure.test-data.ts';
import { type Board, type Shake, type XY, defend } from '../../board.test-data.ts';
import { type ManPlan } from '../../plan.ts';

// a, b, f: the ball screen on top, going left; 2 in the strong corner, 3 in the weak one, 4 at the right slot.
export const TOP: Board['places'] = {
  '1': [0, 27],
  '2': [-22, 3.5],
  '3': [22, 3.5],
  '4': [10, 26],
  '5': [4, 19],
};
export const ON_TOP: XY = [-2.4, 24.6];
export const wide = drib('1', [-2.6, 27.2, -9.5, 22.5]);
export const roll = cut('5', [-1, 6.5]);
export const onTop = (...actions: Drawn[]): Board => ({
  places: TOP,
  frames: [[screen('5', '1', ON_TOP), ...actions], [hold('1')]],
});
export const ROLL = onTop(wide, roll);
export const PULL_UP: Board = {
  places: TOP,
  frames: [
    [screen('5', '1', ON_TOP), drib('1', [-2, 27.4, -4.2, 26.9])],
    [hold('1'), hold('5')],
  ],
};
export const MID: Board = {
  places: TOP,
  frames: [[screen('5', '1', ON_TOP), drib('1', [-2.6, 27.2, -5, 17]), roll], [hold('1')]],
};
export const DRIVE: Board = {
  places: TOP,
  frames: [[screen('5', '1', ON_TOP), drib('1', [-2.6, 27.2, -6, 20, -1.5, 6])], [hold('5')]],
};
export const SLIP: Board = {
  places: TOP,
  frames: [
    [
      screen('5', '1', ON_TOP, { slip: true }),
      wide,
      cut('5', [-1, 6.5], { cue: { on: 'screen', event: 'end' } }),
    ],
    [hold('1')],
  ],
};
/** Each option's worth around a ball screen: the handler's shot and drive, the roll, the three outside. */
export function options(s: Shake, p: Partial<ManPlan>) {
  const pull = defend(PULL_UP, p, s);
  const drive = defend(DRIVE, p, s);
  const rolls = defend(ROLL, p, s);
  const u = useOf(rolls);
  return {
    roll: worth(rolls, 4, u - 0.2, u + 2.5),
    pull: worth(pull, 0, useOf(pull), useOf(pull) + 1.5),
    drive: worth(drive, 0, useOf(drive), useOf(drive) + 1.5),
    outside: most([1, 2, 3].map((j) => worth(rolls, j, u, u + 2))),
  };
}
