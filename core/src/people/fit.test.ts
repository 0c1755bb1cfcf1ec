import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { fitOf, weakHand } from './fit.ts';
import type { NumberNeeds } from './needs.ts';
import { SKILLS, type Skill } from './player.ts';

const needs = (of: Partial<Record<Skill, number>>) =>
  Object.entries(of).map(([skill, weight]) => ({ skill: skill as Skill, weight }));
const number = (of: Partial<Record<Skill, number>>, drives = { left: 0, right: 0 }): NumberNeeds => ({
  ...{ number: '1', duties: new Set(), feet: 0, drives },
  needs: needs(of).map((n) => ({ ...n, from: [], own: false })),
});

describe('how well a man fits a number', () => {
  it('worked examples: 4.00, 2.74, 2.39, and 3 for nothing asked', () => {
    expect(fitOf({ shootCorner: 4 }, needs({ shootCorner: 1 })).value).toBeCloseTo(4, 2);
    const three = needs({ shootCorner: 1, pass: 0.3, screen: 0.6 });
    expect(fitOf({ shootCorner: 4, pass: 2, screen: 1 }, three).value).toBeCloseTo(2.74, 2);
    expect(fitOf({ shootCorner: 1, pass: 5, screen: 5 }, three).value).toBeCloseTo(2.39, 2);
    expect(fitOf({}, []).value).toBe(3);
  });
  it('says what he lacks most for: the worst of the main needs, and no small one', () => {
    const fit = fitOf({ screen: 1.5, finish: 0.5, pass: 0 }, needs({ screen: 0.8, finish: 0.7, pass: 0.3 }));
    expect(fit.lacks).toEqual({ skill: 'finish', by: 1.5 });
    expect(fitOf({ pass: 0 }, needs({ pass: 0.3 })).lacks).toBeNull();
  });
  it('what nobody has rated is told, and is neither praised nor blamed', () => {
    const fit = fitOf({}, needs({ shootTop: 1 }));
    expect(fit).toMatchObject({ value: 2, lacks: null, factors: [{ rated: false }] });
  });
  it('lies between 0 and 5, and a better man never fits worse', () => {
    const skills = fc.dictionary(fc.constantFrom(...SKILLS), fc.double({ min: 0, max: 5, noNaN: true }));
    const asked = fc.dictionary(fc.constantFrom(...SKILLS), fc.double({ min: 0.1, max: 1.2, noNaN: true }));
    fc.assert(
      fc.property(skills, asked, fc.constantFrom(...SKILLS), (has, asks, one) => {
        const { value } = fitOf(has, needs(asks));
        expect(value).toBeGreaterThanOrEqual(0);
        expect(value).toBeLessThanOrEqual(5);
        const more = { ...has, [one]: Math.min(5, (has[one] ?? 2) + 1) };
        expect(fitOf(more, needs(asks)).value).toBeGreaterThanOrEqual(value - 1e-9);
      }),
    );
  });
});

describe('the weak hand', () => {
  it('is told with what the play drawn the other way would ask', () => {
    const left = number({}, { left: 0.7, right: 0 });
    expect(weakHand(left, 'right')).toEqual({ number: '1', asked: 'left', weight: 0.7, flip: true });
    expect(weakHand(left, 'left')).toBeNull();
    expect(weakHand(number({}, { left: 0.7, right: 0.9 }), 'right')).toMatchObject({ flip: false });
  });
});
