import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { edit } from '../play/edit.ts';
import type { Play, PlainCue } from '../play/document.ts';
import { anyChange, samplePlay } from '../play/sample.test-data.ts';
import { parseScript, type Parsed } from './parse.ts';
import { inOrder, printScript } from './print.ts';

const parsed = (p: Parsed): Play => {
  if (!p.ok) throw new Error(p.faults.map((f) => `${f.line}: ${f.sentence}`).join('\n'));
  return p.play;
};

/** Any play a coach could have made: some changes one after the other. */
const anyPlay = fc.array(anyChange, { minLength: 1, maxLength: 30 }).map((changes) =>
  changes.reduce<Play>((play, change) => {
    const r = edit(play, change);
    return r.ok ? r.play : play;
  }, samplePlay()),
);

/** A play with its ids renamed in the order it is written in, and without what is not written. */
function renamed(play: Play): unknown {
  const { silenced: _s, refused: _r, needs: _n, errors: _e, changes: _c, id: _id, ...rest } = play;
  const order = inOrder(play).map((at) => at.frame);
  const name = new Map<string, string>();
  order.forEach((f, i) => {
    name.set(f.id, `F${i}`);
    f.actions.forEach((a, k) => name.set(a.id, `A${i}.${k}`));
  });
  const to = (id: string): string => name.get(id) ?? id;
  const cue = <C extends PlainCue>(c: C): C => ({ ...c, on: to(c.on) });
  const read = (r: NonNullable<Play['frames'][number]['read']>) => ({
    ...r,
    ...(r.at ? { at: { ...r.at, action: to(r.at.action) } } : {}),
    ...(r.look === undefined ? {} : { look: to(r.look) }),
  });
  return {
    ...rest,
    frames: order.map((f, i) => ({
      ...f,
      id: to(f.id),
      parent: f.parent === null ? null : to(f.parent),
      ...(f.read ? { read: read(f.read) } : {}),
      actions: f.actions.map((a) => ({
        ...a,
        id: to(a.id),
        ...(a.cue ? { cue: { ...cue(a.cue), ...(a.cue.and ? { and: a.cue.and.map(cue) } : {}) } } : {}),
      })),
      ...(f.looks
        ? {
            looks: f.looks.map((l, k) => ({
              ...l,
              id: `L${i}.${k}`,
              ...(l.after === undefined ? {} : { after: to(l.after) }),
              ...(l.frame === undefined ? {} : { frame: to(l.frame) }),
              ...(l.when ? { when: read(l.when) } : {}),
            })),
          }
        : {}),
    })),
    ...(play.defences
      ? {
          defences: play.defences.map(({ id: _d, overrides, ...d }) => {
            // What is kept for actions that are gone is not written.
            const there = Object.entries(overrides ?? {}).filter(([k]) => name.has(k));
            const says = there.length > 0 || (overrides && Object.keys(overrides).length === 0);
            return {
              ...d,
              ...(says ? { overrides: Object.fromEntries(there.map(([k, v]) => [to(k), v])) } : {}),
            };
          }),
        }
      : {}),
  };
}

describe('a play as it is written', () => {
  it('is read back as it was, with what is not written, over itself', () => {
    fc.assert(
      fc.property(anyPlay, (play) => {
        const strange = {
          ...play,
          silenced: [{ code: 'x', reason: 'y' }],
          theirs: { unknown: 1 },
          frames: play.frames.map((f) => ({
            ...f,
            colour: 'red',
            actions: f.actions.map((a) => ({
              ...a,
              weight: 3,
              ...(a.cue ? { cue: { ...a.cue, odd: 1 } } : {}),
            })),
          })),
        } as Play;
        expect(parsed(parseScript(printScript(strange), { base: strange }))).toEqual(strange);
      }),
      { numRuns: 150 },
    );
  });
  it('is read back by itself, but for the names of its parts', () => {
    fc.assert(
      fc.property(anyPlay, (play) => {
        const text = printScript(play);
        const again = parsed(parseScript(text));
        expect(renamed(again)).toEqual(renamed(play));
        expect(printScript(again)).toBe(text);
      }),
      { numRuns: 150 },
    );
  });
});
