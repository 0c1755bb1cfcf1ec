import type { End } from '../play/document.ts';
import type { ActionRead } from './action.ts';
import type { readOverride } from './defence.ts';
import type { HeadRead } from './head.ts';
import type { ScriptLine } from './lines.ts';
import type { LookRead, ReadRead } from './read.ts';

/** A frame as its lines say it; its parent by its place among all. */
export interface FrameRead {
  readonly line: ScriptLine;
  readonly parent: number | null;
  /** Its number on its line, from 1. */
  readonly depth: number;
  readonly read?: ReadRead;
  title?: string;
  caption?: string;
  readonly actions: { readonly line: ScriptLine; readonly read: ActionRead }[];
  looks?: LookRead[];
  end?: End;
}
export type OverrideRead = ReturnType<typeof readOverride> & {
  readonly frame: number;
  readonly action: number;
};

/** What a text says, before anything in it has an id. */
export interface ScriptRead {
  readonly head: HeadRead;
  readonly frames: readonly FrameRead[];
  readonly overrides: readonly OverrideRead[];
}
