import { readPlay } from '@corkscrew/core';
import { expect, it } from 'vitest';
import { ODD_VERSION_1 } from '../../../core/src/play/version-1.test-data.ts';
import { demo } from '../bench/row.ts';
import { mutateDocuments } from './documents.ts';
import { Random } from './random.ts';

it('documents broken at random crash nothing, draw no nonsense, and edits of them can be read again', () => {
  const odd = readPlay(ODD_VERSION_1);
  if (!odd.ok) throw new Error(odd.sentence);
  const out = mutateDocuments([...demo(), odd.play, odd.play], 500, 20);
  expect([out.crashes, out.nonsense, out.unreadable]).toEqual([[], [], []]);
  expect(out.read).toBeGreaterThan(60);
}, 60_000);

it('the same seed draws the same numbers, evenly', () => {
  const [a, b] = [new Random(7), new Random(7)];
  const drawn = Array.from({ length: 2000 }, () => a.next());
  expect(drawn).toEqual(Array.from({ length: 2000 }, () => b.next()));
  expect(drawn.every((x) => x >= 0 && x < 1)).toBe(true);
  expect(drawn.reduce((n, x) => n + x, 0) / 2000).toBeCloseTo(0.5, 1);
});
