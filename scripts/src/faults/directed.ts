import type { Play, Saved } from '@corkscrew/core';
import type { Ask } from './requests.ts';

/** What came of faults aimed at what a server must get right, each done many times. */
export interface Directed {
  readonly faults: number;
  /** Answers that were not what they must be. */
  readonly wrong: readonly string[];
}

/** Lost answers, stale saves, saves into the trash, and what can't be kept. */
export async function directedFaults(ask: Ask, play: Play, times: number): Promise<Directed> {
  const wrong: string[] = [];
  let faults = 0;
  const put = (id: string, body: object): Promise<Response> =>
    ask(`/api/plays/${id}`, {
      method: 'PUT',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify({ sitting: 'directed', ...body }),
    });
  const expect = (what: string, ok: boolean): void => {
    faults += 1;
    if (!ok) wrong.push(what);
  };
  for (let n = 0; n < times; n++) {
    const id = `directed-${n}`;
    const first = { ...play, id };
    const a = (await (await put(id, { revision: 0, save: 'd-1', document: first })).json()) as Saved;
    const again = (await (await put(id, { revision: 0, save: 'd-1', document: first })).json()) as Saved;
    expect('a lost answer is given again', again.revision === a.revision && again.updatedAt === a.updatedAt);
    const two = await put(id, { revision: 1, save: 'e-1', document: { ...first, name: 'Two' } });
    expect('the next save is taken', two.ok);
    const stale = await put(id, { revision: 1, save: 'd-2', document: { ...first, name: 'Stale' } });
    expect('a stale save clashes', stale.status === 409);
    await ask(`/api/plays/${id}`, { method: 'DELETE' });
    const late = await put(id, { revision: 2, save: 'e-2', document: { ...first, name: 'Late' } });
    expect('nothing is saved into the trash', late.status === 410);
    const odd = await put(id, { revision: 2, save: 'e-3', document: { ...first, name: 'a\0' } });
    expect('what can’t be kept is refused', odd.status === 422);
  }
  return { faults, wrong };
}
