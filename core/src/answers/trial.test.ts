import { describe, expect, it } from 'vitest';
import { PRESETS } from '../defence/presets.ts';
import type { Defence } from '../play/document.ts';
import { flip } from '../play/operations.ts';
import { judged, man, playWith, ROLL } from './plays.test-data.ts';
import { pointsOf } from './grid.ts';
import { Values, worstReply } from './reply.ts';
import { hurtOf, punishes, trialKey, trialOf, type Trial } from './trial.ts';
import { whole } from './whole.ts';

const play = playWith(ROLL);
const usual = PRESETS.map((p): Defence => ({ ...p.defence, id: p.key }));

describe('a play tried against a defence', () => {
  it('is open, contested or a hole by what its best line is worth, the same in a mirror', () => {
    for (const defence of usual.slice(0, 4)) {
      const [there, mirrored] = [trialOf(play, defence, undefined), trialOf(flip(play), defence, undefined)];
      expect(mirrored).toEqual(there);
      if (there.state === 'answered') expect(there.worth).toBeGreaterThanOrEqual(0.6);
      if (there.state === 'hole') expect(there.worth).toBeLessThan(0.4);
    }
  });
  it('knows a defence by how it plays, not by its name', () => {
    const [a, b] = [man(), man()];
    expect(trialKey({ ...a, id: 'x', name: 'Other' })).toBe(trialKey(b));
    expect(trialKey(man({ onBall: 'switch' }))).not.toBe(trialKey(b));
  });
});

describe('what hurts a play, as one defence', () => {
  it('does everywhere what its worst reply does there, and is worth no more than what is usual', () => {
    const { drawn } = judged(play);
    const values = new Values(drawn, pointsOf(drawn));
    const reply = whole(worstReply(values));
    const hurt = whole(hurtOf(values, reply))!;
    expect(hurt.type).toBe('man');
    const onBall = values.points.find((p) => p.kind === 'onBall')!;
    expect(hurt.onBall).toBe(reply.told[onBall.id]);
    expect(reply.worth).toBeLessThanOrEqual(values.best({}).worth + 1e-9);
  });
  it('leaves who guards whom to the play it is put to', () => {
    const { drawn } = judged(play, man({ matchup: { x1: '2', x2: '1' } }));
    const values = new Values(drawn, pointsOf(drawn));
    expect(whole(hurtOf(values, whole(worstReply(values))))).not.toHaveProperty('matchup');
  });
  it('is punished by who is open against it and worth clearly more', () => {
    const of = (state: Trial['state'], worth: number): Trial => ({
      ...{ state, worth, leaf: 'f1', player: '5', at: 3 },
    });
    expect(punishes(of('contested', 0.6), of('answered', 0.8))).toBe(true);
    expect(punishes(of('contested', 0.6), of('answered', 0.7))).toBe(false);
    expect(punishes(of('contested', 0.6), of('contested', 0.9))).toBe(false);
  });
});
