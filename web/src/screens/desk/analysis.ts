import {
  contentOf,
  leaves,
  type AgainstView,
  type Defence,
  type Finding,
  type Metrics,
  type Play,
  type Units,
} from '@corkscrew/core';
import { useEffect } from 'react';
import { create } from 'zustand';
import { lineInTime } from '../../questions/lines.ts';
import { questions } from '../../questions/questions.ts';
import type { AskOptions } from '../../questions/service.ts';
import { useDesk } from './store.ts';
import { useManWord, useTeaching } from '../../team/team.ts';
import { useWords } from '../../team/words.ts';

interface Analysis {
  readonly play: Play | null;
  readonly leaf: string;
  readonly findings: readonly Finding[];
  /** Those that are told: a silenced one is not. The same list as long as it says the same. */
  readonly told: readonly Finding[];
  readonly metrics: Metrics | null;
  readonly against: AgainstView | null;
  /** Something newer is being worked on: what is shown is of before. */
  readonly stale: boolean;
}

/** The last walk-through that came back; it stays on screen until the next one is there. */
const useStore = create<Analysis>(() => ({
  play: null,
  leaf: '',
  findings: [],
  told: [],
  metrics: null,
  against: null,
  stale: false,
}));

/** An answer that takes no longer than this comes before anybody needs to be told that he waits (ms). */
const SOON = 120;

/** Takes in what came back. What says the same as before stays the same, so that nothing is drawn again for it. */
function take(answer: Pick<Analysis, 'play' | 'leaf' | 'findings' | 'metrics' | 'against'>): void {
  const { told } = useStore.getState();
  const now = answer.findings.filter((f) => f.silenced === undefined);
  useStore.setState({ ...answer, told: contentOf(told) === contentOf(now) ? told : now });
}

/** Has a line walked through whenever it or the defence changes. One instance on the desk. */
export function useAnalysing(
  play: Play,
  leaf: string,
  units: Units,
  defence: Defence | null,
  asIs: boolean,
): void {
  const { own: teaching } = useTeaching();
  const man = useManWord();
  const words = useWords();
  const fives = useDesk((s) => s.fives);
  useEffect(() => {
    const start = performance.now();
    const content = [
      contentOf(play),
      units,
      man,
      contentOf(words),
      contentOf(teaching),
      contentOf(fives),
      contentOf(defence),
      asIs,
    ].join(' ');
    const askAt = (end: string, options: Pick<AskOptions<'line'>, 'priority' | 'onPart'>, soon = false) =>
      questions.ask(
        'line',
        {
          ...{ play, leaf: end, ...lineInTime(play, end, fives), units, man, words },
          ...{ teaching, fives, defence, asIs, soon },
        },
        { key: `${content} ${end}`, ...options },
      );
    // Of a play just opened something is better than nothing; else what is shown waits for the whole.
    const soon = useStore.getState().play?.id !== play.id;
    const waiting = setTimeout(() => useStore.setState({ stale: true }), SOON);
    const asked = askAt(
      leaf,
      { priority: 'now', onPart: (part) => take({ play, leaf, against: null, ...part }) },
      soon,
    );
    const next: { readonly cancel: () => void }[] = [];
    asked.answer.then(
      (answer) => {
        if (!answer) return;
        performance.measure(defence ? 'defended' : 'walk-through', { start });
        clearTimeout(waiting);
        useStore.setState({ stale: false });
        take({ play, leaf, ...answer });
        const mends = questions.ask(
          'mends',
          {
            ...{ play, leaf, ...lineInTime(play, leaf, fives), units, man, words },
            ...{ teaching, fives, defence, asIs, soon: false },
          },
          { key: `mends ${content} ${leaf}`, priority: 'soon' },
        );
        next.push(mends);
        mends.answer.then(
          (findings) =>
            findings && useStore.getState().play === play && take({ ...useStore.getState(), findings }),
          () => undefined,
        );
        // Its other endings are looked at next: they are worked out while the coach looks at this one.
        if (!soon) return;
        for (const end of leaves(play)) {
          if (end.id === leaf) continue;
          const other = askAt(end.id, { priority: 'later' });
          other.answer.catch(() => undefined);
          next.push(other);
        }
      },
      // What could not be worked out leaves what is shown; the next change is asked anew.
      () => undefined,
    );
    return () => {
      clearTimeout(waiting);
      for (const q of [asked, ...next]) q.cancel();
    };
  }, [play, leaf, units, man, words, teaching, fives, defence, asIs]);
}

const NONE: readonly Finding[] = [];

/** The findings of a play; until the first walk-through of it is back there are none. */
export function useFindings(id: string): readonly Finding[] {
  return useStore((s) => (s.play?.id === id ? s.findings : NONE));
}

/** What is told of the play on the desk. */
export function useTold(): readonly Finding[] {
  const id = useDesk((s) => s.play.id);
  return useStore((s) => (s.play?.id === id ? s.told : NONE));
}

export function useMetrics(id: string): Metrics | null {
  return useStore((s) => (s.play?.id === id ? s.metrics : null));
}

/** The line on the desk against its defence; null without one, or while the answer is of another line. */
export function useAgainst(id: string, leaf: string): AgainstView | null {
  return useStore((s) => (s.play?.id === id && s.leaf === leaf ? s.against : null));
}

/** True while what is shown is of before the last change. */
export const useStale = (): boolean => useStore((s) => s.stale);

/** True for what is against the rules or breaks the play. */
export const mustMend = (f: Finding): boolean =>
  f.silenced === undefined && (f.severity === 'illegal' || f.severity === 'breaks');
