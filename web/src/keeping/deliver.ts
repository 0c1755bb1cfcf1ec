import {
  canonical,
  grewFrom,
  printOf,
  readPlayText,
  sameDocument,
  saveName,
  START,
  type Draft,
  type Play,
} from '@corkscrew/core';
import type { QueryClient } from '@tanstack/react-query';
import { nanoid } from 'nanoid';
import { currentTeam } from '../app/team.ts';
import { allDrafts, dropCovered, putDraft, removeDraft } from './drafts.ts';
import { sendSave } from './send.ts';
import { alive } from './tabs.ts';

/** Milliseconds between tries while the server is away, growing. */
const FIRST_WAIT = 2000;
const LONGEST_WAIT = 120_000;

/** How a draft of a sitting that is over fared: with the server, left for its desk to ask about, or still to be sent. */
type Fate = 'kept' | 'asks' | 'waits';

async function sendDraft(draft: Draft, tries = 3): Promise<Fate> {
  const read = readPlayText(draft.text);
  if (!read.ok) return 'asks';
  const { answer } = await sendSave(read.play, saveName(draft.sitting, draft.count), draft);
  const on = async (revision: number): Promise<Fate> => {
    const rebased = { ...draft, revision };
    await putDraft(rebased);
    return tries > 0 ? sendDraft(rebased, tries - 1) : 'waits';
  };
  switch (answer.is) {
    case 'kept':
      await dropCovered(draft.team, draft.play, draft);
      return 'kept';
    case 'unreachable':
    case 'full':
      return 'waits';
    case 'gone':
      return on(0);
    case 'clash':
      if (sameDocument(answer.theirs.doc, read.play)) {
        await removeDraft(draft);
        return 'kept';
      }
      return grewFrom(draft, answer.theirs.save, printOf(canonical(answer.theirs.doc)))
        ? on(answer.theirs.revision)
        : 'asks';
    default:
      return 'asks';
  }
}

/** Sends every draft of a sitting that is over. One tab does it at a time. Says what became of them. */
async function deliverAll(): Promise<readonly Fate[]> {
  const deliver = async (): Promise<Fate[]> => {
    const isAlive = await alive();
    const team = currentTeam();
    const fates: Fate[] = [];
    for (const draft of await allDrafts()) {
      if (draft.team !== team || isAlive(draft.sitting)) continue;
      fates.push(await sendDraft(draft));
      if (fates.at(-1) === 'waits') break;
    }
    return fates;
  };
  const locks = navigator.locks as LockManager | undefined;
  if (!locks) return deliver();
  return locks.request('corkscrew deliver', { ifAvailable: true }, (lock) => (lock ? deliver() : ['waits']));
}

let nudge: () => void = () => undefined;

/** Something was left on this device just now: it is sent without waiting. */
export const deliverSoon = (): void => nudge();

/** From any page, whenever the server can be reached: what this device kept and no desk sends. Returns what ends it. */
export function startDelivering(client: QueryClient): () => void {
  let timer: ReturnType<typeof setTimeout> | undefined;
  let wait = FIRST_WAIT;
  let busy = false;
  let again = false;
  const round = async () => {
    if (busy) {
      again = true;
      return;
    }
    busy = true;
    again = false;
    clearTimeout(timer);
    const fates = await deliverAll().catch((): Fate[] => ['waits']);
    busy = false;
    if (fates.includes('kept')) void client.invalidateQueries({ queryKey: ['plays'] });
    wait = fates.includes('waits') ? Math.min(LONGEST_WAIT, wait * 2) : FIRST_WAIT;
    if (again) void round();
    else if (fates.includes('waits')) timer = setTimeout(() => void round(), wait);
  };
  nudge = () => {
    wait = FIRST_WAIT;
    void round();
  };
  window.addEventListener('online', nudge);
  void round();
  return () => {
    clearTimeout(timer);
    window.removeEventListener('online', nudge);
    nudge = () => undefined;
  };
}

/** Keeps a play that no server has seen yet: written here at once, sent when it can be. */
export async function keepNew(play: Play): Promise<void> {
  const sitting = nanoid(12);
  await putDraft({
    ...{ ...START, team: currentTeam(), play: play.id, sitting, count: 1 },
    covers: { [sitting]: 1 },
    text: JSON.stringify(play),
  });
  deliverSoon();
}
