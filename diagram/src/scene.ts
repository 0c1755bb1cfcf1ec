/** What a diagram is made of: plain SVG shapes whose colours are roles, so that screen, file and paper each choose their own. */
export type Tone =
  | 'ink'
  | 'ink2'
  | 'ink3'
  | 'live'
  | 'pen'
  | 'penWash'
  | 'gap'
  | 'gapWash'
  | 'def'
  | 'shade'
  | 'court'
  | 'paint'
  | 'sheet'
  | 'raised'
  | 'onInk';

export type SceneItem =
  | {
      readonly shape: 'path';
      readonly d: string;
      readonly stroke?: Tone;
      readonly fill?: Tone;
      readonly width?: number;
      readonly dash?: string;
      readonly cap?: 'round' | 'butt';
      /** Shares of 1; whole when they are not said. */
      readonly fillOpacity?: number;
      readonly strokeOpacity?: number;
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
      /** In the middle when it is not said. */
      readonly anchor?: 'start' | 'middle' | 'end';
      /** Words are drawn lighter than the numbers on bodies. */
      readonly words?: boolean;
      /** Sheet round its letters, this wide, so that it can be read over lines. */
      readonly halo?: number;
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
  /** How the floor is turned: from above the basket, as a coach on the baseline sees it, or in a mirror. */
  readonly turn?: Turn | undefined;
}

/** A view of the floor, kept on a device: documents and spoken sides do not change with it. */
interface Turn {
  /** The basket at the bottom instead of the top. */
  readonly down: boolean;
  /** Left is right. */
  readonly mirrored: boolean;
}

export const DESK: Scale = { ppf: 12.5, mark: 1, margin: 4, depth: 35, foot: 0.5 };
/** Small pictures: bodies stay readable while the floor shrinks. */
export const THUMB: Scale = { ppf: 2.9, mark: 0.5, margin: 1, depth: 33 };

/** The same for a picture with somebody out of bounds, with room to stand there. */
export const THUMB_WIDE: Scale = { ppf: 2.45, mark: 0.47, margin: 5.6, depth: 30 };
/** A picture to look at before drawing: no handles, larger bodies. */
export const PREVIEW: Scale = { ppf: 5.6, mark: 0.8, margin: 1.5, depth: 33 };

export const sceneSize = (s: Scale) => ({
  width: (50 + 2 * s.margin) * s.ppf,
  height: (s.depth + s.margin + (s.foot ?? s.margin)) * s.ppf,
});

const r = (n: number): number => Math.round(n * 100) / 100;

/** Which way the floor's two axes run on screen: 1 right and down, −1 left and up. */
export const axesOf = ({ turn }: Pick<Scale, 'turn'>): { readonly x: 1 | -1; readonly y: 1 | -1 } => ({
  x: (turn?.down ?? false) === (turn?.mirrored ?? false) ? 1 : -1,
  y: turn?.down ? -1 : 1,
});

/** Court feet to scene pixels: the basket at the top and right is right, unless the floor is turned. */
export const toScene = (s: Scale, p: { x: number; y: number }) => {
  const axes = axesOf(s);
  return {
    x: r((axes.x * p.x + 25 + s.margin) * s.ppf),
    y: r((axes.y === 1 ? p.y + s.margin : s.depth - p.y + (s.foot ?? s.margin)) * s.ppf),
  };
};
export const toFloor = (s: Scale, p: { x: number; y: number }) => {
  const axes = axesOf(s);
  const y = p.y / s.ppf;
  return {
    x: axes.x * (p.x / s.ppf - 25 - s.margin),
    y: axes.y === 1 ? y - s.margin : s.depth + (s.foot ?? s.margin) - y,
  };
};
/** A direction on the floor, degrees counter-clockwise from +x, as it runs on screen, where y grows downward. */
export function onScreen(s: Scale, degrees: number): number {
  const axes = axesOf(s);
  const half = axes.x === 1 ? degrees : 180 - degrees;
  return axes.y === 1 ? half : -half;
}
export const round = r;
