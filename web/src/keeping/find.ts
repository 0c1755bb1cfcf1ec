import { readPlayText, type Answer, type Draft, type Found, type Play } from '@corkscrew/core';
import { api, ApiProblem, Unreachable } from '../app/api.ts';
import { draftsOf } from './drafts.ts';
import { theirsOf } from './send.ts';

/** What the server has of a play, when it says so, and what is wrong where it has nothing. */
interface Asked {
  readonly answer: Answer<Play>;
  readonly at: string | null;
  readonly problem: Error | null;
}

/** Asks the server what it has of a play. An unreadable document is a problem with its sentence, and thrown. */
export async function ask(id: string): Promise<Asked> {
  try {
    const stored = await api.play(id);
    const theirs = theirsOf(stored);
    if (typeof theirs === 'string')
      throw new ApiProblem({ type: 'about:blank', title: 'Not readable', status: 422, detail: theirs });
    return { answer: theirs, at: stored.updatedAt, problem: null };
  } catch (error) {
    if (error instanceof Unreachable) return { answer: 'unreachable', at: null, problem: error };
    if (error instanceof ApiProblem && error.problem.status === 404)
      return { answer: 'none', at: null, problem: error };
    throw error;
  }
}

/** Drafts of a play, read, with the drafts as they are kept by their sittings; those that can't be read, apart. */
interface FoundDrafts {
  readonly read: readonly Found<Play>[];
  readonly drafts: ReadonlyMap<string, Draft>;
  readonly broken: readonly Draft[];
}

/** What this device kept of a play in some sittings. */
export async function findDrafts(
  team: string,
  id: string,
  which: (draft: Draft) => boolean,
): Promise<FoundDrafts> {
  const all = (await draftsOf(team, id).catch((): Draft[] => [])).filter(which);
  const drafts = new Map<string, Draft>();
  const read: Found<Play>[] = [];
  const broken: Draft[] = [];
  for (const d of all) {
    const play = readPlayText(d.text);
    if (!play.ok) broken.push(d);
    else {
      drafts.set(d.sitting, d);
      read.push({ ...d, doc: play.play });
    }
  }
  return { read, drafts, broken };
}
