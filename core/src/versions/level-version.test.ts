import { describe, expect, it } from 'vitest';
import { courtFor } from '../court/rulesets.ts';
import { spotPoint } from '../court/spots.ts';
import { compile } from '../motion/compile.ts';
import { playOf } from '../play/sample.test-data.ts';
import { levelVersionOf } from './level-version.ts';

const corner = { ...spotPoint(courtFor({ court: 'nfhs' }), 'cornerR'), spot: 'cornerR' };
const play = playOf([[{ by: '1', does: 'cut', path: [corner] }]]);

describe('a version for another level', () => {
  it('is on its floor, with what stands on a spot on it there, and knows what it was made of', () => {
    const made = levelVersionOf(play, 'pro', 'p');
    if (!made.ok) throw new Error(made.sentence);
    expect(made.play).toMatchObject({
      ...{ id: 'p', level: 'pro', court: 'usPro', name: `${play.name} (professional)` },
      variantOf: { play: play.id, name: play.name, kind: 'level' },
    });
    const to = spotPoint(courtFor({ court: 'usPro' }), 'cornerR');
    expect(made.play.frames[0]!.actions[0]).toMatchObject({ path: [{ ...to, spot: 'cornerR' }] });
  });
  it('stays on a floor that was chosen, and takes as long as its men need', () => {
    const fiba = { ...play, court: 'fiba' as const };
    const made = levelVersionOf(fiba, 'youth', 'p');
    if (!made.ok) throw new Error(made.sentence);
    expect(made.play.court).toBe('fiba');
    const end = (p: typeof play) => compile(p, 'f1', courtFor(p), p.level).timeline.end;
    expect(end(made.play)).toBeGreaterThan(end(fiba));
  });
});
