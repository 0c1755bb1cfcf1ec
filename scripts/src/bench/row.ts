import { edit, readPlayText, type Play } from '@corkscrew/core';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { DEMO_PLAYS } from '../paths.ts';

/** One line of the table: what was measured, and what was aimed at. */
export interface Row {
  readonly what: string;
  readonly measured: string;
  readonly goal: string;
}

export const demo = (): Play[] =>
  readdirSync(DEMO_PLAYS).map((f) => {
    const r = readPlayText(readFileSync(join(DEMO_PLAYS, f), 'utf8'));
    if (!r.ok) throw new Error(r.sentence);
    return r.play;
  });

export const must = (r: ReturnType<typeof edit>): Play => {
  if (!r.ok) throw new Error(r.sentence);
  return r.play;
};

export const percentile = (values: readonly number[], p: number): number =>
  [...values].sort((a, b) => a - b)[Math.min(values.length - 1, Math.floor(values.length * p))] ?? 0;
export const ms = (v: number): string => `${v.toFixed(v < 10 ? 2 : 1)} ms`;
