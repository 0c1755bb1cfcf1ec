import type { AgainstView, Defence, Finding, Metrics, Play, Units } from '@corkscrew/core';
import { useEffect } from 'react';
import { create } from 'zustand';
import type { Answer, Question } from '../../workers/analyse.ts';
import { useOwnSchool } from './own-school.ts';

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

let worker: Worker | undefined;
/** What the worker is at, and the newest question behind it: what was overtaken is never computed. */
let asked: Question | undefined;
let waiting: Question | undefined;

function ask(question: Question): void {
  worker ??= start();
  useStore.setState({ stale: true });
  if (asked) waiting = question;
  else {
    asked = question;
    worker.postMessage(question);
  }
}

function next(): void {
  const question = waiting;
  asked = waiting = undefined;
  if (question) ask(question);
}

function start(): Worker {
  const made = new Worker(new URL('../../workers/analyse.ts', import.meta.url), { type: 'module' });
  made.onmessage = ({ data }: MessageEvent<Answer>) => {
    if (asked) {
      performance.measure(asked.defence ? 'defended' : 'walk-through', { start: asked.at });
      useStore.setState({ play: asked.play, leaf: asked.leaf, stale: waiting !== undefined, ...data });
    }
    next();
  };
  // One walk-through that fails must not end all the later ones.
  made.onerror = next;
  return made;
}

/** Has a line walked through whenever it or the defence changes. One instance on the desk. */
export function useAnalysing(play: Play, leaf: string, units: Units, defence: Defence | null): void {
  const { own: school } = useOwnSchool();
  useEffect(
    () => ask({ at: performance.now(), play, leaf, units, school, defence }),
    [play, leaf, units, school, defence],
  );
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
