import { describe, expect, it } from 'vitest';
import { shieldItems } from './bodies.ts';
import { DESK, toScene } from './scene.ts';

describe('shields', () => {
  const at = { x: 3, y: 12 };
  const c = toScene(DESK, at);
  const brow = (facing: number): { x: number; y: number } => {
    const item = shieldItems([{ at, facing }], DESK, true).find(
      (i) => i.shape === 'path' && i.width === 3.4,
    )!;
    const [ax, ay, bx, by] = (item as { d: string }).d.match(/-?[\d.]+/g)!.map(Number);
    return { x: (ax! + bx!) / 2 - c.x, y: (ay! + by!) / 2 - c.y };
  };
  it('carry a brow on the side they face', () => {
    expect(brow(0).x).toBeCloseTo(9.6, 1);
    expect(brow(90).y).toBeCloseTo(9.6, 1);
    expect(brow(180).x).toBeCloseTo(-9.6, 1);
  });
  it('are numbered in their order, upright', () => {
    const five = Array.from({ length: 5 }, () => ({ at, facing: 45 }));
    const texts = shieldItems(five, DESK, true).flatMap((i) => (i.shape === 'text' ? [i.text] : []));
    expect(texts).toEqual(['1', '2', '3', '4', '5']);
  });
});
