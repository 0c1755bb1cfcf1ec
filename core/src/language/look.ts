import type { Look } from '../play/document.ts';
import { readWords } from './read.ts';
import type { Teller } from './teller.ts';

/** What whoever has a look does. */
export const LOOK_DOES: Readonly<Record<Look['kind'], string>> = {
  shot: 'shoots',
  pass: 'gets it',
  drive: 'drives',
  keep: 'keeps it',
};
const lower = (words: string): string => words.replace(/^[A-Z]/, (c) => c.toLowerCase());

/** A look in words: whose it is, and when it is there. */
export const lookWords = ({ player, kind, when, note }: Look, t: Teller): string =>
  [
    `${player} ${LOOK_DOES[kind]}`,
    when ? (when.does === 'own' ? `if ${when.note ?? ''}` : `if ${lower(readWords(when, t))}`) : '',
    note,
  ]
    .filter(Boolean)
    .join(', ');
