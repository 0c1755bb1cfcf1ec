import type { Play } from './document.ts';

/** A changed play, or in one sentence for a coach why nothing was changed. */
export type EditResult = { ok: true; play: Play } | { ok: false; sentence: string };

export const done = (play: Play): EditResult => ({ ok: true, play });
export const refuse = (sentence: string): EditResult => ({ ok: false, sentence });
