import { describe, expect, it } from 'vitest';
import { fitLabel, fitZoom, wayTag } from './scale.ts';

describe('what fits on the beat sheet', () => {
  it('is a whole label, its first word, or nothing', () => {
    expect(fitLabel('rolls to the rim', 200)).toBe('rolls to the rim');
    expect(fitLabel('rolls to the rim', 40)).toBe('rolls');
    expect(fitLabel('rolls to the rim', 10)).toBe('');
  });
  it('is a whole short play, and an easy stretch of a long one', () => {
    expect(fitZoom(8, 800)).toBeCloseTo(97, 0);
    expect(fitZoom(40, 800)).toBe(62);
    expect(fitZoom(1, 800)).toBe(120);
  });
});

describe('the tag of a coverage', () => {
  const label = 'screens the ball';
  it('stands in its block when the label fits as well', () => {
    const tag = wayTag('drops', label, 180, 0)!;
    expect(tag.within).toBe(true);
    expect(tag.x + tag.width).toBeLessThanOrEqual(180);
  });
  it('stands behind a short block, clear of its knot, when there is room to the next', () => {
    const tag = wayTag('drops', label, 60, 90)!;
    expect(tag.within).toBe(false);
    expect(tag.x).toBeGreaterThanOrEqual(60 + 12);
    expect(tag.x + tag.width).toBeLessThanOrEqual(60 + 90);
  });
  it('else takes the place of all but the first word of the label, or is left out', () => {
    expect(wayTag('drops', label, 90, 5)).toMatchObject({ within: true });
    expect(wayTag('drops', label, 60, 5)).toBeNull();
  });
});
