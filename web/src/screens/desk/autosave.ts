import { readPlay, sameDocument, type Play } from '@corkscrew/core';
import type { QueryClient } from '@tanstack/react-query';
import { nanoid } from 'nanoid';
import { api, ApiProblem, Unreachable } from '../../app/api.ts';
import { draftOf, dropDraft, keepDraft } from '../../app/drafts.ts';
import { openOnDesk, replacePlay, useDesk } from './store.ts';

const { getState: get, setState: set } = useDesk;

/** A moment after the last change, so that a drag of several steps is one save. */
const AFTER = 600;
const RETRY = 2500;
/** Saves of one sitting become one kept version. */
const SITTING = nanoid(12);

export const clock = (d = new Date()): string =>
  `${String(d.getHours()).padStart(2, '0')}:${String(d.getMinutes()).padStart(2, '0')}`;

/**
 * Opens a play: what the server has, or what this device kept of it. When both have changed since
 * they last agreed, the coach is asked; neither is lost.
 */
export async function openPlay(id: string): Promise<void> {
  const draft = await draftOf(id).catch(() => undefined);
  try {
    const stored = await api.play(id);
    const read = readPlay(stored.document);
    if (!read.ok)
      throw new ApiProblem({
        type: 'about:blank',
        title: 'Not readable',
        status: 422,
        detail: read.sentence,
      });
    const same = draft && sameDocument(draft.play, read.play);
    if (!draft || same)
      openOnDesk(read.play, stored.revision, { is: 'saved', at: clock(new Date(stored.updatedAt)) });
    else if (draft.revision === stored.revision) openOnDesk(draft.play, draft.revision, { is: 'unsaved' });
    else openOnDesk(draft.play, draft.revision, { is: 'conflict', theirs: stored });
  } catch (error) {
    const gone = error instanceof ApiProblem && error.problem.status === 404;
    if (draft && (error instanceof Unreachable || (gone && draft.revision === 0)))
      openOnDesk(draft.play, draft.revision, { is: 'unsaved' });
    else throw error;
  }
}

/** Keeps the play on the desk saved from now on. Returns what ends it. */
export function startAutosave(client: QueryClient): () => void {
  let timer: ReturnType<typeof setTimeout> | undefined;
  let busy = false;
  let stopped = false;

  const later = (ms: number) => {
    clearTimeout(timer);
    if (!stopped) timer = setTimeout(() => void save(), ms);
  };

  const save = async () => {
    const { play, revision, save: state } = get();
    if (busy || state.is === 'saved' || state.is === 'conflict' || state.is === 'refused') return;
    busy = true;
    set({ save: { is: 'saving' } });
    try {
      const saved = await api.save(play, revision, SITTING);
      const unchanged = get().play === play;
      if (get().play.id === play.id)
        set({
          revision: saved.revision,
          save: unchanged ? { is: 'saved', at: clock(new Date(saved.updatedAt)) } : { is: 'unsaved' },
        });
      const newer = get().play;
      await (
        unchanged || newer.id !== play.id
          ? dropDraft(play.id)
          : keepDraft({ id: play.id, play: newer, revision: saved.revision })
      ).catch(() => undefined);
      void client.invalidateQueries({ queryKey: ['plays'] });
      if (!unchanged) later(AFTER);
    } catch (error) {
      if (get().play.id !== play.id) return;
      if (error instanceof ApiProblem && error.problem.theirs)
        set({ save: { is: 'conflict', theirs: error.problem.theirs } });
      else if (error instanceof ApiProblem) set({ save: { is: 'refused', why: error.message } });
      else {
        set({ save: { is: 'offline', since: clock() } });
        later(RETRY);
      }
    } finally {
      busy = false;
    }
  };

  const unsubscribe = useDesk.subscribe((now, before) => {
    if (now.play === before.play && now.save === before.save) return;
    if (now.play !== before.play && now.save.is !== 'saved')
      void keepDraft({ id: now.play.id, play: now.play, revision: now.revision }).catch(() => undefined);
    if (now.save.is === 'unsaved' && !busy) later(AFTER);
  });
  const online = () => get().save.is === 'offline' && later(0);
  window.addEventListener('online', online);
  if (get().save.is === 'unsaved') later(0);
  return () => {
    stopped = true;
    clearTimeout(timer);
    unsubscribe();
    window.removeEventListener('online', online);
    if (get().save.is === 'unsaved') void save();
  };
}

/** What to do when two changed the same play. Every way keeps both documents somewhere. */
export async function settle(choice: 'mine' | 'theirs' | 'both'): Promise<void> {
  const state = get();
  if (state.save.is !== 'conflict') return;
  const { theirs } = state.save;
  const read = readPlay(theirs.document);
  if (choice === 'mine') set({ revision: theirs.revision, save: { is: 'unsaved' } });
  else if (read.ok) {
    if (choice === 'both') {
      const copy: Play = { ...state.play, id: nanoid(12), name: `${state.play.name} (mine)`.slice(0, 80) };
      await api.save(copy, 0, SITTING);
    }
    // Mine stays one step back in undo, theirs is on the desk and already saved.
    replacePlay(read.play, {
      revision: theirs.revision,
      save: { is: 'saved', at: clock(new Date(theirs.updatedAt)) },
    });
    await dropDraft(state.play.id).catch(() => undefined);
    if (choice === 'both') set({ notice: 'Yours is kept beside it as a second play.' });
  }
}
