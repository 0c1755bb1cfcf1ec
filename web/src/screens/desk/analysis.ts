import type { Finding, Metrics, OwnSchool, Play, Units } from '@corkscrew/core';
import { useQuery } from '@tanstack/react-query';
import { useEffect } from 'react';
import { create } from 'zustand';
import { api } from '../../app/api.ts';
import type { Answer, Question } from '../../workers/analyse.ts';

interface Analysis {
  readonly play: Play | null;
  readonly findings: readonly Finding[];
  readonly metrics: Metrics | null;
}

/** The last walk-through that came back; it stays on screen until the next one is there. */
const useStore = create<Analysis>(() => ({ play: null, findings: [], metrics: null }));

let worker: Worker | undefined;
/** What the worker is at, and the newest question behind it: what was overtaken is never computed. */
let asked: Question | undefined;
let waiting: Question | undefined;

function ask(question: Question): void {
  worker ??= start();
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
      performance.measure('walk-through', { start: asked.at });
      useStore.setState({ play: asked.play, ...data });
    }
    next();
  };
  // One walk-through that fails must not end all the later ones.
  made.onerror = next;
  return made;
}

/** Has a line walked through whenever it changes. One instance on the desk. */
export function useAnalysing(play: Play, leaf: string, units: Units): void {
  const team = useQuery({ queryKey: ['team'], queryFn: api.team });
  const school = team.data?.school ?? USUAL;
  useEffect(() => ask({ at: performance.now(), play, leaf, units, school }), [play, leaf, units, school]);
}
const USUAL: OwnSchool = {};

const NONE: readonly Finding[] = [];

/** The findings of a play; until the first walk-through of it is back there are none. */
export function useFindings(id: string): readonly Finding[] {
  return useStore((s) => (s.play?.id === id ? s.findings : NONE));
}

export function useMetrics(id: string): Metrics | null {
  return useStore((s) => (s.play?.id === id ? s.metrics : null));
}
