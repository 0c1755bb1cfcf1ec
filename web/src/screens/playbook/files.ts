import { readPlayText, writePlay, type Play } from '@corkscrew/core';
import { nanoid } from 'nanoid';
import { api } from '../../app/api.ts';

/** Puts a play file into the playbook as a play of its own; says in a sentence why it cannot. */
export async function takeIn(file: File): Promise<Play> {
  const read = readPlayText(await file.text());
  if (!read.ok) throw new Error(`${file.name}: ${read.sentence}`);
  const play: Play = { ...read.play, id: nanoid(12) };
  await api.save(play, 0, nanoid(8));
  return play;
}

/** Hands a play to the coach as a file of the documented format. */
export function handOut(play: Play): void {
  const link = document.createElement('a');
  link.href = URL.createObjectURL(new Blob([writePlay(play)], { type: 'application/json' }));
  link.download = `${play.name.replace(/[^\p{L}\p{N}]+/gu, '-').replace(/^-|-$/g, '') || 'play'}.corkscrew.json`;
  link.click();
  URL.revokeObjectURL(link.href);
}
