/** What a diagram is made of: plain SVG shapes whose colours are roles, so that screen, file and paper each choose their own. */
export type Tone = 'ink' | 'ink3' | 'live' | 'pen' | 'gap' | 'def' | 'court' | 'paint' | 'sheet' | 'onInk';

export type SceneItem =
  | {
      readonly shape: 'path';
      readonly d: string;
      readonly stroke?: Tone;
      readonly fill?: Tone;
      readonly width?: number;
      readonly dash?: string;
      readonly cap?: 'round' | 'butt';
      readonly part: string;
      readonly action?: string;
    }
  | {
      readonly shape: 'text';
      readonly x: number;
      readonly y: number;
      readonly text: string;
      readonly size: number;
      readonly fill: Tone;
      readonly part: string;
    };

export interface Scene {
  readonly width: number;
  readonly height: number;
  readonly items: readonly SceneItem[];
}

/** How big things are drawn: pixels per foot, and the size of bodies and line ends beside the standard of 12.5 px per foot. */
export interface Scale {
  readonly ppf: number;
  readonly mark: number;
  /** Feet of floor left around the lines. */
  readonly margin: number;
  /** How deep the floor is drawn, feet from the baseline. */
  readonly depth: number;
  /** Feet left below that depth, where nothing stands; as at the other edges when it is not said. */
  readonly foot?: number;
}

export const DESK: Scale = { ppf: 12.5, mark: 1, margin: 4, depth: 35, foot: 0.5 };
/** Small pictures: bodies stay readable while the floor shrinks. */
export const THUMB: Scale = { ppf: 2.9, mark: 0.5, margin: 1, depth: 33 };

/** The same for a picture with somebody out of bounds, with room to stand there. */
export const THUMB_WIDE: Scale = { ppf: 2.6, mark: 0.47, margin: 4, depth: 31 };
/** A picture to look at before drawing: no handles, larger bodies. */
export const PREVIEW: Scale = { ppf: 5.6, mark: 0.8, margin: 1.5, depth: 33 };

export const sceneSize = (s: Scale) => ({
  width: (50 + 2 * s.margin) * s.ppf,
  height: (s.depth + s.margin + (s.foot ?? s.margin)) * s.ppf,
});

const r = (n: number): number => Math.round(n * 100) / 100;
/** Court feet to scene pixels: the basket at the top, right is right. */
export const toScene = (s: Scale, p: { x: number; y: number }) => ({
  x: r((p.x + 25 + s.margin) * s.ppf),
  y: r((p.y + s.margin) * s.ppf),
});
export const toFloor = (s: Scale, p: { x: number; y: number }) => ({
  x: p.x / s.ppf - 25 - s.margin,
  y: p.y / s.ppf - s.margin,
});
export const round = r;
