import {
  contentOf,
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
import { useManWord, useTeaching } from '../../team/team.ts';

interface Analysis {
  readonly play: Play | null;
  readonly leaf: string;
  readonly findings: readonly Finding[];
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
  metrics: null,
  against: null,
  stale: false,
}));

/** Has a line walked through whenever it or the defence changes. One instance on the desk. */
export function useAnalysing(play: Play, leaf: string, units: Units, defence: Defence | null): void {
  const { own: teaching } = useTeaching();
  const man = useManWord();
  useEffect(() => {
    const start = performance.now();
    const key = [contentOf(play), leaf, units, man, contentOf(teaching), contentOf(defence)].join(' ');
    useStore.setState({ stale: true });
    const asked = questions.ask(
      'line',
      { play, leaf, ...lineInTime(play, leaf), units, man, teaching, defence },
      {
        key,
        priority: 'now',
        // Of a play just opened something is better than nothing; else what is shown waits for the whole.
        onPart: (part) =>
          useStore.getState().play?.id !== play.id &&
          useStore.setState({ play, leaf, against: null, ...part }),
      },
    );
    asked.answer.then(
      (answer) => {
        if (!answer) return;
        performance.measure(defence ? 'defended' : 'walk-through', { start });
        useStore.setState({ play, leaf, stale: false, ...answer });
      },
      // What could not be worked out leaves what is shown; the next change is asked anew.
      () => undefined,
    );
    return asked.cancel;
  }, [play, leaf, units, man, teaching, defence]);
}

const NONE: readonly Finding[] = [];

/** The findings of a play; until the first walk-through of it is back there are none. */
export function useFindings(id: string): readonly Finding[] {
  return useStore((s) => (s.play?.id === id ? s.findings : NONE));
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
