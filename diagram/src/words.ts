import type { SceneItem, Tone } from './scene.ts';

type P = { readonly x: number; readonly y: number };

/** Words on the floor, in drawing units: with sheet round them, so that no line runs through a letter. */
export const words = (
  text: string,
  { x, y }: P,
  fill: Tone,
  more: { size?: number; anchor?: 'start' | 'middle' | 'end'; halo?: number; part?: string } = {},
): SceneItem => ({
  shape: 'text',
  part: more.part ?? 'words',
  x,
  y,
  text,
  fill,
  size: more.size ?? 13,
  anchor: more.anchor ?? 'middle',
  words: true,
  halo: more.halo ?? 4,
});
