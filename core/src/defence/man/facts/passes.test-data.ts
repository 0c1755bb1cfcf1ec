import { type Fact, blockedFor, drib, hold, plan, screen } from './measure.test-data.ts';
import { ON_TOP, TOP, roll } from './on-top.test-data.ts';
import { type Board, type Shake, defend } from '../../board.test-data.ts';
import { opennessAt } from '../../../look/openness.ts';
import { type ManPlan, type OnBall } from '../../plan.ts';

// i, j: passes across and into the post.
const ACROSS: Board = {
  places: { '1': [-17, 19], '2': [-8, 8], '3': [17.5, 14], '4': [22, 3.5], '5': [4, 8] },
  frames: [[hold('1', 1)]],
};
const FROM_LANE: Board = { ...ACROSS, places: { ...ACROSS.places, '1': [-6.5, 21] } };
const POST: Board = {
  places: { '1': [19, 16], '2': [4, 26.5], '3': [-21, 6], '4': [-12, 22], '5': [8, 8] },
  frames: [[hold('1', 1)]],
};
const WING: Board = {
  places: { '1': [8, 26], '2': [20, 16], '3': [-21, 6], '4': [-16, 21], '5': [-7, 9] },
  frames: [[hold('1', 1)]],
};
const risk = (s: Shake, b: Board, player: number): number => {
  const d = defend(b, { help: 'weakCorner' }, s);
  return opennessAt(d, 30, player).risk;
};
export const passes: Fact[] = [
  {
    key: 'i-across',
    words: 'A cross-court pass of 35 ft is a risk (a tenth more at least) that one from the lane line is not',
    reported: 1,
    measure: (s) => {
      const far = risk(s, ACROSS, 2);
      const near = risk(s, FROM_LANE, 2);
      return { holds: far > near + 0.1, figures: { far, near } };
    },
  },
  {
    key: 'j-deny',
    words: 'A man who denies closes the wing entry',
    reported: 1,
    measure: (s) => {
      const denied = opennessAt(defend(WING, { denies: Uint8Array.from([0, 1, 0, 0, 0]) }, s), 30, 1).margin;
      const gap = opennessAt(defend(WING, {}, s), 30, 1).margin;
      return { holds: denied < 0 && gap >= 0, figures: { denied, gap } };
    },
  },
  {
    key: 'j-front',
    words: 'A fronted post is not fed directly; one played from behind is',
    reported: 1,
    measure: (s) => {
      const margin = (post: ManPlan['post']): number =>
        opennessAt(defend(POST, { post, help: 'weakCorner' }, s), 30, 4).margin;
      const front = margin('front');
      const behind = margin('behind');
      return { holds: front < 0.1 && behind >= 0.1, figures: { front, behind } };
    },
  },
];

// k: as on top, a step further out.
const TURN: Board = {
  places: { ...TOP, '1': [0, 27.4] },
  frames: [[screen('5', '1', ON_TOP), drib('1', [-2.6, 27.4, -6, 17]), roll], [hold('1')]],
};
export const blocks: Fact[] = (['push', 'level'] as const).map((c) => ({
  key: `k-${c}`,
  words:
    c === 'push'
      ? 'Pushing to the side stops the dribble to the middle'
      : 'A big at the level stops the dribble round the corner',
  reported: c === 'push' ? 1 : 53 / 60,
  measure: (s) => {
    const at = (onBall: OnBall): number => {
      const d = defend(TURN, plan(onBall), s);
      return blockedFor(d, 0, 0, d.rails.timeline.end);
    };
    const stopped = at(c);
    const drop = at('drop');
    return { holds: stopped >= 0.2 && stopped > drop, figures: { stopped, drop } };
  },
}));
