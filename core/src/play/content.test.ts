import { expect, it } from 'vitest';
import fc from 'fast-check';
import { contentOf, lineContent } from './content.ts';
import { editAll } from './edit.ts';
import { canonical } from './same.ts';
import { anyChange, playOf, samplePlay } from './sample.test-data.ts';
import { mainLine } from './tree.ts';

it('says the same of values that say the same, and other things of all others', () => {
  expect(contentOf({ a: 1, b: [1, 2, { c: 'x' }] })).toBe(contentOf({ b: [1, 2, { c: 'x' }], a: 1 }));
  expect(contentOf({ a: 1, b: undefined })).toBe(contentOf({ a: 1 }));
  const seen = new Map<string, string>();
  fc.assert(
    fc.property(fc.jsonValue(), (v) => {
      const content = contentOf(v);
      const text = canonical(v);
      expect(seen.get(content) ?? text).toBe(text);
      seen.set(content, text);
    }),
    { numRuns: 2000 },
  );
});

it('knows two documents apart exactly when they differ', () => {
  fc.assert(
    fc.property(fc.array(anyChange, { maxLength: 8 }), fc.array(anyChange, { maxLength: 8 }), (a, b) => {
      const [p, q] = [a, b].map((list) =>
        list.reduce((play, c) => {
          const r = editAll(play, [c]);
          return r.ok ? r.play : play;
        }, samplePlay()),
      );
      expect(contentOf(p) === contentOf(q)).toBe(canonical(p) === canonical(q));
    }),
    { numRuns: 100 },
  );
});

it('a line is another when somebody moves otherwise, not when words change', () => {
  const play = playOf([[{ by: '1', does: 'pass', to: '4' }]]);
  const of = (...changes: Parameters<typeof editAll>[1][number][]) => {
    const r = editAll(play, changes);
    if (!r.ok) throw new Error(r.sentence);
    return lineContent(r.play, mainLine(r.play));
  };
  const now = of();
  expect(of({ do: 'name', name: 'Other' }, { do: 'caption', frame: 'f1', caption: 'Entry' })).toBe(now);
  expect(of({ do: 'silence', code: 'crowded', at: 'c', reason: 'so taught' })).toBe(now);
  expect(of({ do: 'addAction', frame: 'f1', action: { by: '4', does: 'shot' } })).not.toBe(now);
  expect(of({ do: 'level', level: 'youth' })).not.toBe(now);
  expect(of({ do: 'court', court: 'fiba' })).not.toBe(now);
});
