import { contentOf, bothChanges, type RecordBody, type RecordKind } from '@corkscrew/core';

/** A change of one of the team's records that is not with the server yet. */
export interface RecordDraft {
  readonly kind: RecordKind;
  readonly id: string;
  /** The revision it is based on; 0 for a new one. */
  readonly revision: number;
  /** What stood there at that revision, where it is known: changes of other parts are taken together. */
  readonly base?: RecordBody | null | undefined;
  /** Null takes it away. */
  readonly body: RecordBody | null;
  /** Counts its changes. */
  readonly count: number;
  /** What was sent on top of that revision and not answered yet: the server may have it. */
  readonly sent?: readonly string[];
  /** What stands with the server instead: the coach chooses. */
  readonly theirs?: { readonly revision: number; readonly body: RecordBody | null };
  /** Why the server does not take it; another change is tried again. */
  readonly refused?: string;
}

/** How a save was answered. */
export type RecordAnswer =
  | { readonly is: 'kept'; readonly revision: number }
  | { readonly is: 'clash'; readonly theirs: NonNullable<RecordDraft['theirs']> }
  | { readonly is: 'refused'; readonly sentence: string }
  | { readonly is: 'unreachable' };

export interface RecordWorld {
  readonly send: (draft: RecordDraft) => Promise<RecordAnswer>;
  /** Writes a draft on this device, or removes it. */
  readonly put: (draft: RecordDraft) => Promise<void>;
  readonly remove: (draft: RecordDraft) => Promise<void>;
  /** A draft is with the server: lists take its new revision. */
  readonly kept: (draft: RecordDraft, revision: number) => void;
  readonly shown: (drafts: readonly RecordDraft[]) => void;
  readonly wait: (ms: number) => Promise<void>;
}

/** After the last change a save waits so long (ms), and after a server that was away. */
const PAUSE = 500;
const AGAIN = 4000;

const nameOf = ({ kind, id }: Pick<RecordDraft, 'kind' | 'id'>): string => `${kind} ${id}`;

/** A draft on top of another revision: nothing was sent on top of that. */
const rebased = (
  { sent: _sent, ...draft }: RecordDraft,
  revision: number,
  base: RecordDraft['base'],
): RecordDraft => ({ ...draft, revision, base });

/** Both changes in one, on top of theirs, where they are about different things; null where the coach has to choose. */
function together(now: RecordDraft, theirs: NonNullable<RecordDraft['theirs']>): RecordDraft | null {
  const body = now.base && now.body && theirs.body && bothChanges(now.base, now.body, theirs.body);
  return body ? { ...rebased(now, theirs.revision, theirs.body), body, count: now.count + 1 } : null;
}

/**
 * Keeps the team's records: what is changed is a draft on this device at once, and with the server a moment later. One
 * save of a record is on its way at a time; what was changed meanwhile follows it.
 */
export class RecordKeeper {
  readonly #drafts = new Map<string, RecordDraft>();
  readonly #busy = new Set<string>();

  constructor(private readonly world: RecordWorld) {}

  get drafts(): readonly RecordDraft[] {
    return [...this.#drafts.values()];
  }

  /** Drafts of an earlier sitting go on. */
  resume(drafts: readonly RecordDraft[]): void {
    for (const draft of drafts) {
      if (this.#drafts.has(nameOf(draft))) continue;
      this.#drafts.set(nameOf(draft), draft);
      void this.#work(nameOf(draft), 0);
    }
    this.world.shown(this.drafts);
  }

  /** A record as it is now; `revision` is what it was read at, where nothing of it is under way. */
  change(
    kind: RecordKind,
    id: string,
    revision: number,
    body: RecordBody | null,
    base?: RecordBody | null,
  ): void {
    const name = nameOf({ kind, id });
    const old = this.#drafts.get(name);
    const { refused: _gone, ...now } = old ?? { kind, id, revision, base, count: 0 };
    this.#set({ ...now, body, count: now.count + 1 });
    void this.#work(name, PAUSE);
  }

  /** Of a record that was changed elsewhere as well: ours on top of theirs, or theirs. */
  choose(kind: RecordKind, id: string, which: 'mine' | 'theirs'): void {
    const draft = this.#drafts.get(nameOf({ kind, id }));
    if (!draft?.theirs) return;
    const { theirs, sent: _sent, ...mine } = draft;
    if (which === 'theirs') {
      this.#drop(draft);
      this.world.kept({ ...mine, body: theirs.body }, theirs.revision);
      return;
    }
    this.#set({ ...mine, revision: theirs.revision, base: theirs.body });
    void this.#work(nameOf(draft), 0);
  }

  #set(draft: RecordDraft): void {
    this.#drafts.set(nameOf(draft), draft);
    void this.world.put(draft);
    this.world.shown(this.drafts);
  }

  #drop(draft: RecordDraft): void {
    this.#drafts.delete(nameOf(draft));
    void this.world.remove(draft);
    this.world.shown(this.drafts);
  }

  async #work(name: string, pause: number): Promise<void> {
    if (this.#busy.has(name)) return;
    this.#busy.add(name);
    try {
      let wait = pause;
      for (;;) {
        await this.world.wait(wait);
        const waiting = this.#drafts.get(name);
        if (!waiting || waiting.theirs || waiting.refused !== undefined) return;
        const content = contentOf(waiting.body);
        const draft = { ...waiting, sent: [...new Set([...(waiting.sent ?? []), content])] };
        this.#set(draft);
        const answer = await this.world.send(draft);
        wait = this.#answered(name, draft, answer);
      }
    } finally {
      this.#busy.delete(name);
    }
  }

  /** What an answer makes of the draft as it is now; how long the next save waits (ms). */
  #answered(name: string, sent: RecordDraft, answer: RecordAnswer): number {
    const now = this.#drafts.get(name);
    if (!now) return 0;
    switch (answer.is) {
      case 'kept':
        this.world.kept(sent, answer.revision);
        if (now.count === sent.count) this.#drop(now);
        else this.#set(rebased(now, answer.revision, sent.body));
        return PAUSE;
      case 'clash':
        // One that was taken away, by this device for one, is put back.
        if (answer.theirs.body === null && now.revision === 0)
          this.#set(rebased(now, answer.theirs.revision, null));
        else if (contentOf(answer.theirs.body) === contentOf(now.body)) {
          this.world.kept(now, answer.theirs.revision);
          this.#drop(now);
        } else if (now.sent?.includes(contentOf(answer.theirs.body)))
          // An answer was lost: what stands there is this coach's own, from before.
          this.#set(rebased(now, answer.theirs.revision, answer.theirs.body));
        else this.#set(together(now, answer.theirs) ?? { ...now, theirs: answer.theirs });
        return 0;
      case 'refused':
        if (now.count === sent.count) this.#set({ ...now, refused: answer.sentence });
        return 0;
      case 'unreachable':
        return AGAIN;
    }
  }
}
