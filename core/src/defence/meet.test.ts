import { describe, expect, it } from 'vitest';
import { courtFor } from '../court/rulesets.ts';
import { compile } from '../motion/compile.ts';
import type { Defence } from '../play/document.ts';
import { playOf } from '../play/sample.test-data.ts';
import { coveragesMet, type Met } from './meet.ts';
import type { ManPlan } from './plan.ts';
import { setupOf } from './setup.ts';

const court = courtFor({ court: 'nfhs' });

const [PIN, OFF, GIVE, UP] = ['a1', 'a2', 'a5', 'a6'] as const;
const PLACES = { '2': [8, 6], '4': [12, 15], '5': [-7, 6] } as const;
/** 2 comes up from the block off 4's screen while 1's pass to him is in the air; then 1 and 2 hand off. */
const play = playOf(
  [
    [
      { by: '4', does: 'screen', for: '2', path: [{ x: 11, y: 12 }] },
      {
        by: '2',
        does: 'cut',
        path: [
          { x: 12.5, y: 11 },
          { x: 18, y: 19 },
        ],
        tempo: 'sprint',
      },
      { by: '1', does: 'pass', to: '2', cue: { on: OFF, event: 'start', delay: 0.7 } },
    ],
    [
      { by: '1', does: 'cut', path: [{ x: 15, y: 21 }] },
      { by: '2', does: 'handoff', to: '1' },
    ],
    [
      { by: '5', does: 'screen', for: '1', path: [{ x: 12, y: 22 }] },
      { by: '1', does: 'dribble', path: [{ x: 5, y: 19 }] },
    ],
  ],
  (['2', '4', '5'] as const).map((player) => ({
    do: 'place',
    player,
    place: { x: PLACES[player][0], y: PLACES[player][1] },
  })),
);

const lineOf = () => compile(play, 'f3', court, 'highSchool').timeline;

function met(defence: Partial<Defence> = {}): Record<string, Met> {
  const timeline = lineOf();
  const { plan } = setupOf(play, { id: 'd', name: 'd', type: 'man', ...defence }, timeline, court);
  return Object.fromEntries(coveragesMet(timeline, plan as ManPlan).map((m) => [m.action, m]));
}

describe('how a defence meets each screen', () => {
  it('has off-ball words away from the ball, also for a man the ball is on its way to', () => {
    const { flights, screens } = lineOf();
    const by = screens.find((x) => x.action === PIN)!.used!.at;
    expect(by).toBeGreaterThan(flights[0]!.release);
    expect(by).toBeLessThan(flights[0]!.arrive);
    const pin = met({ offBall: 'topLock', onBall: 'trap' })[PIN];
    expect(pin).toMatchObject({ is: 'screen', user: '2', does: 'topLock', own: false });
    expect(pin!.ways).toContain('bump');
  });
  it('has on-ball words for the man with the ball, and a handoff may be played otherwise', () => {
    const { [GIVE]: give, [UP]: up } = met({ onBall: 'show', handoff: 'switch' });
    expect(give).toMatchObject({ is: 'handoff', by: '2', user: '1', does: 'switch', usual: 'switch' });
    expect(up).toMatchObject({ is: 'screen', by: '5', user: '1', does: 'show' });
    expect(up!.ways).not.toContain('trail');
  });
  it('takes what is set for one screen, unless it does not belong there', () => {
    const { [PIN]: pin, [UP]: up } = met({ overrides: { [PIN]: { does: 'trap' }, [UP]: { does: 'under' } } });
    expect(pin).toMatchObject({ does: 'trail', own: false });
    expect(up).toMatchObject({ does: 'under', usual: 'drop', own: true });
  });
});
