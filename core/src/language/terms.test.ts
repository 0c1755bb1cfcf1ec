import { expect, it } from 'vitest';
import { playOf } from '../play/sample.test-data.ts';
import { termsOf } from './terms.ts';

it('a play is told with the words of what is done, where, and what they do', () => {
  const play = {
    ...playOf([
      [{ by: '1', does: 'pass', to: '4', kind: 'lob' }],
      [
        { by: '5', does: 'cut', path: [{ x: 0, y: 6 }], kind: 'roll' },
        { by: '2', does: 'cut', path: [{ x: 22, y: 3.5, spot: 'cornerR' }], kind: 'drift' },
      ],
    ]),
    against: ['2-3', 'man'],
    situation: ['lateClock', 'of our own'],
  };
  const read = {
    ...play,
    frames: play.frames.map((f, i) => (i === 1 ? { ...f, read: { does: 'switch' as const } } : f)),
  };
  expect(termsOf(read)).toEqual([
    'coverage.switch',
    'cut.drift',
    'cut.roll',
    'pass.lob',
    'spot.corner',
    'spot.rim',
    'spot.top',
    'when.lateClock',
    'zone.2-3',
  ]);
});
