import type { Dictionary, ManWord, Play, Units } from '@corkscrew/core';

/** What a video is made of. */
export interface VideoAsk {
  readonly play: Play;
  /** The ending that is shown, by its leaf, or all of them. */
  readonly leaf: string | 'all';
  readonly height: 720 | 1080;
  readonly dark: boolean;
  /** The letters it is set in, by name and address. */
  readonly faces: Readonly<Record<string, string>>;
  readonly words: { readonly words: Dictionary; readonly man: ManWord; readonly units: Units };
}
export type FromVideo =
  | { readonly is: 'at'; readonly done: number; readonly of: number }
  | {
      readonly is: 'made';
      readonly buffer: ArrayBuffer;
      readonly type: 'video/mp4' | 'video/webm';
      readonly frames: number;
      readonly seconds: number;
    }
  | { readonly is: 'stopped' }
  | { readonly is: 'failed'; readonly sentence: string };
