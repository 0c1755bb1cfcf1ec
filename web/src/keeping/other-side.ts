import { editAll, type Play } from '@corkscrew/core';
import { nanoid } from 'nanoid';
import { keepNew } from './deliver.ts';

/** Keeps a play drawn for the other side as a play of its own, and says its id. Refused, it says why. */
export async function keepOtherSide(play: Play): Promise<string> {
  const id = nanoid(12);
  const made = editAll(play, [
    { do: 'flip' },
    { do: 'copy', id, suffix: ' (other side)' },
    { do: 'variantOf', variantOf: { play: play.id, name: play.name, kind: 'side' } },
  ]);
  if (!made.ok) throw new Error(made.sentence);
  await keepNew(made.play);
  return id;
}
