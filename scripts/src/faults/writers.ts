import type { Play, Problem, Saved, StoredPlay } from '@corkscrew/core';
import { Random } from './random.ts';
import type { Ask } from './requests.ts';

/** What came of two writers on one play. */
export interface Written {
  readonly saves: number;
  /** Times one was told that the other came first. */
  readonly clashes: number;
  /** Answers that were lost on purpose, and their saves sent again. */
  readonly lostAnswers: number;
  /** Words of a writer that are nowhere in the end. */
  readonly overwritten: number;
}

/**
 * Two writers add words to the situations of one play, each on what he has; a clash is taken up on the other's
 * document. Now and then an answer is lost and the save sent again under its name. Every word must be there.
 */
export async function twoWriters(ask: Ask, play: Play, saves: number, seed: number): Promise<Written> {
  const random = new Random(seed);
  let [clashes, lostAnswers] = [0, 0];
  const send = (who: string, n: number, document: Play, revision: number): Promise<Response> =>
    ask(`/api/plays/${play.id}`, {
      method: 'PUT',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify({ revision, sitting: who, save: `${who}-${n}`, document }),
    });
  await send('first', 0, { ...play, notes: '' }, 0);
  const writer = async (who: string): Promise<string[]> => {
    const words: string[] = [];
    let [doc, revision, n]: [Play, number, number] = [{ ...play, notes: '' }, 1, 0];
    while (words.length < saves) {
      const word = `${who}${words.length}`;
      const mine: Play = { ...doc, notes: `${doc.notes ?? ''} ${word}` };
      n += 1;
      let answer = await send(who, n, mine, revision);
      if (random.next() < 0.1) {
        lostAnswers += 1;
        await answer.arrayBuffer();
        answer = await send(who, n, mine, revision);
      }
      if (answer.ok) {
        revision = ((await answer.json()) as Saved).revision;
        doc = mine;
        words.push(word);
      } else {
        const { theirs } = (await answer.json()) as Problem & { theirs?: StoredPlay };
        if (!theirs) continue;
        clashes += 1;
        doc = theirs.document as Play;
        revision = theirs.revision;
      }
      await new Promise((done) => setTimeout(done, random.below(3)));
    }
    return words;
  };
  const all = (await Promise.all([writer('a'), writer('b')])).flat();
  const stored = (await (await ask(`/api/plays/${play.id}`, {})).json()) as StoredPlay;
  const there = new Set((stored.document as Play).notes?.split(' '));
  return { saves: all.length, clashes, lostAnswers, overwritten: all.filter((w) => !there.has(w)).length };
}
