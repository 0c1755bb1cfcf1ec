import { asRead, COVERAGE_WORDS, coveragesMet, readsOn, setupOf, type Met } from '@corkscrew/core';
import { useMemo } from 'react';
import { lineView, usePick } from '../store.ts';
import { useTimeline } from '../timeline.ts';
import { usePlayed } from './view.ts';

const NONE: readonly Met[] = [];

/** How the defence looked at plays each screen and handoff of the line; none against nobody and against a zone. */
export function useMet(): readonly Met[] {
  const { play, branch, frameId } = usePick('play', 'branch', 'frameId');
  const timeline = useTimeline();
  const { court, line } = lineView(play, branch, frameId);
  const { defence, trial } = usePlayed(play, line.at(-1)!.id);
  return useMemo(() => {
    if (!defence) return NONE;
    const reads = trial ? [] : readsOn(play, timeline, court);
    const { plan } = setupOf(play, asRead(defence, reads), timeline, court, reads);
    return plan.type === 'man' ? coveragesMet(timeline, plan) : NONE;
  }, [play, defence, trial, timeline, court]);
}

/** A coverage in a word or two, where there is little room. */
export const wayWord = (does: string): string => COVERAGE_WORDS[does]!.replace('over, big ', '');
