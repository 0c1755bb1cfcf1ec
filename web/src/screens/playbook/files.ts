import { writePlay, type Play } from '@corkscrew/core';
import { fileName, saveText } from '../../ui/save-file.ts';

/** Hands a play to the coach as a file of the documented format. */
export function handOut(play: Play): void {
  saveText(`${fileName(play.name)}.corkscrew.json`, writePlay(play));
}
