import { AGAINST_SENTENCES } from './against.ts';
import { ANSWER_SENTENCES } from './answers.ts';
import { DEFENCE_SENTENCES } from './defence.ts';
import { EDIT_SENTENCES } from './edits.ts';
import { FLOW_SENTENCES } from './flow.ts';
import { FLOOR_SENTENCES } from './floor.ts';
import { MEND_SENTENCES } from './mends.ts';
import { MOTION_SENTENCES } from './motion.ts';
import { VERSION_SENTENCES } from './versions.ts';

/** Every sentence Corkscrew says of a play, in English: by its key, from its figures. */
export const SENTENCES = {
  ...MOTION_SENTENCES,
  ...FLOOR_SENTENCES,
  ...AGAINST_SENTENCES,
  ...MEND_SENTENCES,
  ...EDIT_SENTENCES,
  ...DEFENCE_SENTENCES,
  ...ANSWER_SENTENCES,
  ...FLOW_SENTENCES,
  ...VERSION_SENTENCES,
};

export type Sentences = typeof SENTENCES;
