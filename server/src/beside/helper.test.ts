import { newPlay, type Play } from '@corkscrew/core';
import { afterEach, describe, expect, it } from 'vitest';
import { Helper } from './helper.ts';

const play: Play = newPlay({
  ...{ id: 'h', name: 'Helped', court: 'nfhs', level: 'highSchool', alignment: 'horns', ball: '1' },
});
const ask = (helper: Helper) => helper.ask('verdict', { play, makes: undefined });

describe('what is worked out in a process beside', { timeout: 60_000 }, () => {
  const all: Helper[] = [];
  const helper = (...how: ConstructorParameters<typeof Helper>): Helper => {
    const made = new Helper(...how);
    all.push(made);
    return made;
  };
  afterEach(() => {
    for (const h of all.splice(0)) h.stop();
  });

  it('is given up once it had a processor for longer than its patience, and the next is asked of a new one', async () => {
    const hasty = helper(0, 0);
    const first = hasty.wake();
    expect(await ask(hasty)).toEqual({ told: null, fault: 'It took too long.' });
    expect(hasty.wake()).toBeGreaterThan(first);
  });
  it('comes back where it has the time, by the same process as long as there is something to do', async () => {
    const patient = helper(0);
    const first = patient.wake();
    // A play that reads nothing has no verdict, and that is an answer.
    for (let i = 0; i < 2; i++) expect(await ask(patient)).toEqual({ told: null });
    expect(patient.wake()).toBe(first);
  });
  it('one that is stopped is started again when it is asked', async () => {
    const stopped = helper(0);
    const first = stopped.wake();
    stopped.stop();
    expect(await ask(stopped)).toEqual({ told: null });
    expect(stopped.wake()).toBeGreaterThan(first);
  });
});
