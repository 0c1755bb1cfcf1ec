import { said, type Said, type SentenceKey } from '../language/said.ts';
import { tell, type Sentences } from '../language/tell.ts';
import type { Play } from './document.ts';

/** A changed play, or why nothing was changed: as figures, and in the usual words. */
export type EditResult = { ok: true; play: Play } | { ok: false; why: Said; sentence: string };

export const done = (play: Play): EditResult => ({ ok: true, play });

export const refused = (why: Said): EditResult => ({ ok: false, why, sentence: tell(why) });
export const refuse = <K extends SentenceKey>(key: K, figures: Parameters<Sentences[K]>[0]): EditResult =>
  refused(said(key, figures));
