import { writePlay, type Play } from '@corkscrew/core';
import { saveText } from '../../ui/save-file.ts';

/** Hands a play to the coach as a file of the documented format. */
export function handOut(play: Play): void {
  const name = play.name.replace(/[^\p{L}\p{N}]+/gu, '-').replace(/^-|-$/g, '') || 'play';
  saveText(`${name}.corkscrew.json`, writePlay(play));
}
