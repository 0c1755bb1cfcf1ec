import type { At, Play } from '@corkscrew/core';

/** How a holder's document became what it is, so that those who follow can undo it as well. */
export type Move = 'did' | 'undid' | 'redid' | null;

/** What tabs on one play say to each other. */
export type Said =
  | { readonly is: 'hello' | 'wanted' | 'bye'; readonly from: string }
  | { readonly is: 'at'; readonly at: At<Play>; readonly to: string | null; readonly move: Move };

const SITTING = 'corkscrew sitting ';

/** The browser's locks, where it has them; without, every tab works as if it were alone. */
const locks = (): LockManager | null => (navigator.locks as LockManager | undefined) ?? null;

/** Says that a sitting lives, until the function returned is called or the tab is gone. */
export function live(sitting: string): () => void {
  let end = (): void => undefined;
  const ended = new Promise<void>((done) => (end = done));
  void locks()?.request(SITTING + sitting, () => ended);
  return end;
}

/** Tells whether the tab of a sitting is there, under whatever further name it goes by now. */
export async function alive(): Promise<(sitting: string) => boolean> {
  const state = await locks()?.query();
  const names = [...(state?.held ?? []), ...(state?.pending ?? [])].map((l) => l.name);
  const living = new Set(names);
  return (sitting) => living.has(SITTING + sitting.replace(/_\d+$/, ''));
}

/** The pen of a play: one tab has it. */
export class Pen {
  private readonly name: string;
  private readonly onLost: () => void;
  private letGo: (() => void) | null = null;

  constructor(team: string, play: string, onLost: () => void) {
    this.name = `corkscrew pen ${team} ${play}`;
    this.onLost = onLost;
  }

  get isHere(): boolean {
    return this.letGo !== null;
  }

  /** Takes it where nobody has it, waits for it, or takes it away from whoever has it. Resolves with whether it is here. */
  take(how: { ifAvailable: true } | { steal: true } | { signal: AbortSignal }): Promise<boolean> {
    const manager = locks();
    if (!manager) {
      this.letGo = () => undefined;
      return Promise.resolve(true);
    }
    return new Promise((answer) => {
      let end = (): void => undefined;
      const ended = new Promise<void>((done) => (end = done));
      manager
        .request(this.name, how, (lock) => {
          if (!lock) {
            answer(false);
            return undefined;
          }
          this.letGo = end;
          answer(true);
          return ended;
        })
        .catch(() => {
          answer(false);
          // Taken away, or no longer waited for.
          if (this.letGo !== end) return;
          this.letGo = null;
          this.onLost();
        });
    });
  }

  release(): void {
    this.letGo?.();
    this.letGo = null;
  }
}

/** What the tabs of a play hear of each other. */
export class Channel {
  private readonly channel: BroadcastChannel;

  constructor(team: string, play: string, hear: (said: Said) => void) {
    this.channel = new BroadcastChannel(`corkscrew pen ${team} ${play}`);
    this.channel.onmessage = (e: MessageEvent<Said>) => hear(e.data);
  }
  say(said: Said): void {
    this.channel.postMessage(said);
  }
  close(): void {
    this.channel.close();
  }
}
