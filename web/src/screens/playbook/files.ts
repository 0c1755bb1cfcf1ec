import { edit, readPlayText, unkeepable, writePlay, type Play } from '@corkscrew/core';
import { nanoid } from 'nanoid';
import { keepNew } from '../../keeping/deliver.ts';
import { saveText } from '../../ui/save-file.ts';

/** Puts a play file into the playbook as a play of its own; says in a sentence why it cannot. */
export async function takeIn(file: File): Promise<Play> {
  const read = readPlayText(await file.text());
  if (!read.ok) throw new Error(`${file.name}: ${read.sentence}`);
  const fault = unkeepable(read.play);
  if (fault !== null) throw new Error(`${file.name}: ${fault}`);
  const copy = edit(read.play, { do: 'copy', id: nanoid(12) });
  if (!copy.ok) throw new Error(`${file.name}: ${copy.sentence}`);
  await keepNew(copy.play);
  return copy.play;
}

/** Hands a play to the coach as a file of the documented format. */
export function handOut(play: Play): void {
  const name = play.name.replace(/[^\p{L}\p{N}]+/gu, '-').replace(/^-|-$/g, '') || 'play';
  saveText(`${name}.corkscrew.json`, writePlay(play));
}
