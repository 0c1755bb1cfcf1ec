import type { PlayerId } from '../../alignment/library.ts';
import type { Read, Verb } from '../../play/document.ts';
import { readWords } from '../read.ts';
import type { Teller } from '../teller.ts';

const side = (left: boolean): string => (left ? 'left' : 'right');

const verb = (does: Verb, t: Teller): string => t.words[does === 'seal' ? 'sealOff' : does].word;
const called = (read: Read | null, t: Teller): string =>
  read ? `The ending “${readWords(read, t)}”` : 'A frame';
type Done = { by: PlayerId; does: Verb };

/** What is done otherwise in a version of a play. A man of theirs by his index. */
export const VERSION_SENTENCES = {
  'version-corner': ({ who, left }: { who: PlayerId; left: boolean }, t: Teller) =>
    `${who} starts in the ${side(left)} ${t.words['spot.corner'].word}.`,
  'version-screen': (
    { by, user, on, top }: { by: PlayerId; user: PlayerId; on: number; top: boolean },
    t: Teller,
  ) => `${by} screens ${t.theirs(on)}, ${top ? 'at the top' : 'low'} in the zone, for ${user}.`,
  'version-man': ({ by, user }: { by: PlayerId; user: PlayerId }) =>
    `${by} screens for ${user} and nobody in a zone.`,
  'version-block': ({ who, left }: { who: PlayerId; left: boolean }, t: Teller) =>
    `${who} ${t.words['cut.roll'].third} to the ${side(left)} ${t.words['spot.block'].word}.`,
  'version-rim': ({ who }: { who: PlayerId; left: boolean }, t: Teller) =>
    `${who} ${t.words['cut.roll'].third} to the ${t.words['spot.rim'].word}.`,
  'version-ending': ({ read }: { read: Read }, t: Teller) => `Without the ending “${readWords(read, t)}”.`,
  'version-drawn': ({ read }: { read: Read }, t: Teller) => `“${readWords(read, t)}” is the play as drawn.`,
  'diff-place': ({ who }: { who: PlayerId }) => `${who} starts elsewhere.`,
  'diff-action': ({ by, does }: Done, t: Teller) => `${by}'s ${verb(does, t)} is another one.`,
  'diff-action-new': ({ by, does }: Done, t: Teller) => `${by}'s ${verb(does, t)} is new.`,
  'diff-action-gone': ({ by, does }: Done, t: Teller) => `${by}'s ${verb(does, t)} is left out.`,
  'diff-frame-new': ({ read }: { read: Read | null }, t: Teller) => `${called(read, t)} is new.`,
  'diff-frame-gone': ({ read }: { read: Read | null }, t: Teller) => `${called(read, t)} is left out.`,
  'diff-read': ({ read }: { read: Read | null }, t: Teller) =>
    read ? `It is not for “${readWords(read, t)}”.` : 'It is for something they do.',
} as const;
