import { describe, expect, it } from 'vitest';
import { overlay } from './overlay.ts';

describe('what is written, over what was there', () => {
  const base = {
    id: 'p',
    name: 'Old',
    purpose: 'A three',
    silenced: [{ code: 'x' }],
    theirs: 1,
    frames: [
      {
        id: 'f1',
        parent: null,
        colour: 'red',
        title: 'One',
        actions: [{ id: 'a1', by: '1', does: 'hold', odd: 2 }],
      },
      { id: 'f2', parent: 'f1', actions: [] },
    ],
  };
  it('takes what is said anew, lets go of what is not said any more, and keeps what is never said', () => {
    const now = overlay(
      base,
      {
        id: 'p',
        name: 'New',
        frames: [{ id: 'f1', parent: null, actions: [{ id: 'a1', by: '1', does: 'hold', seconds: 2 }] }],
      },
      'play',
    );
    expect(now).toEqual({
      id: 'p',
      name: 'New',
      silenced: [{ code: 'x' }],
      theirs: 1,
      frames: [
        {
          id: 'f1',
          parent: null,
          colour: 'red',
          actions: [{ id: 'a1', by: '1', does: 'hold', seconds: 2, odd: 2 }],
        },
      ],
    });
  });
  it('where nothing changed it is the base itself, part by part', () => {
    const [one, two] = base.frames;
    const same = overlay(base, structuredClone({ ...base, silenced: undefined }), 'play');
    expect(same).not.toBe(base);
    expect((same as typeof base).frames).toBe(base.frames);
    const { silenced: _silenced, theirs: _theirs, ...written } = base;
    expect(overlay(base, structuredClone(written), 'play')).toBe(base);
    const now = overlay(base, { ...written, frames: [one, { ...two, title: 'Two' }] }, 'play') as typeof base;
    expect(now.frames[0]).toBe(one);
    expect(now.frames[1]).toEqual({ ...two, title: 'Two' });
  });
  it('parts without a name are the same by their place, while there are as many', () => {
    const path = [
      { x: 1, y: 2, mark: 'a' },
      { x: 3, y: 4, mark: 'b' },
    ];
    const action = { id: 'a', by: '1', does: 'cut', path };
    const same = overlay(
      action,
      {
        ...action,
        path: [
          { x: 1, y: 2 },
          { x: 9, y: 9 },
        ],
      },
      'action',
    );
    expect(same).toMatchObject({
      path: [
        { x: 1, mark: 'a' },
        { x: 9, mark: 'b' },
      ],
    });
    const fewer = overlay(action, { ...action, path: [{ x: 3, y: 4 }] }, 'action');
    expect(fewer).toMatchObject({ path: [{ x: 3, y: 4 }] });
    expect((fewer as typeof action).path[0]).not.toHaveProperty('mark');
  });
});
