import {
  readPlay,
  type Answered,
  type Extent,
  type Play,
  type StoredPlay,
  type Theirs,
} from '@corkscrew/core';
import { nanoid } from 'nanoid';
import { api, ApiProblem } from '../app/api.ts';

/** Saves of one page become one kept version. */
const SITTING = nanoid(12);

/** What the server has of a play, read; a sentence where it can't be, as when a newer Corkscrew wrote it. */
export function theirsOf(stored: StoredPlay): Theirs<Play> | string {
  const read = readPlay(stored.document);
  if (!read.ok) return read.sentence;
  const { revision, save, deletedAt } = stored;
  return { doc: read.play, revision, save, trashed: deletedAt !== null };
}

/** When the server last said that it has a play; for the words beside it. */
export interface Sent {
  readonly answer: Answered<Play>;
  readonly at: string | null;
}

/** Sends one save, and says how it was answered. Never throws. */
export async function sendSave(play: Play, save: string, { revision }: Extent): Promise<Sent> {
  try {
    const saved = await api.save(play, { revision, save, sitting: SITTING });
    return { answer: { is: 'kept', revision: saved.revision }, at: saved.updatedAt };
  } catch (error) {
    return { answer: refusal(error, revision), at: null };
  }
}

function refusal(error: unknown, revision: number): Answered<Play> {
  if (!(error instanceof ApiProblem)) return { is: 'unreachable' };
  const { status, theirs, detail } = error.problem;
  if (status === 507) return { is: 'full', why: detail };
  if (status === 404 && revision > 0) return { is: 'gone' };
  if (!theirs || (status !== 409 && status !== 410)) return { is: 'refused', why: detail };
  const read = theirsOf(theirs);
  if (typeof read === 'string') return { is: 'refused', why: read };
  return { is: status === 410 ? 'trashed' : 'clash', theirs: read };
}
