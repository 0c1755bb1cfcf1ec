import type { Scene } from '@corkscrew/diagram';
import type { Face } from './face.ts';

/** Black, the grey of what stands back, paper, and the two lighter greys of a floor. */
export type Ink = 'black' | 'grey' | 'line' | 'paint' | 'white';

/** What a page is made of, in points from its upper left corner. */
export type PageItem =
  | {
      readonly is: 'text';
      readonly x: number;
      /** The line the letters stand on. */
      readonly y: number;
      readonly text: string;
      readonly size: number;
      readonly face: Face;
      readonly ink?: Ink;
      readonly anchor?: 'start' | 'middle' | 'end';
    }
  | {
      readonly is: 'path';
      readonly d: string;
      readonly fill?: Ink;
      readonly stroke?: Ink;
      readonly width?: number;
      readonly dash?: string;
      readonly cap?: 'round' | 'butt';
    }
  /** A diagram, so many points to its unit. */
  | {
      readonly is: 'scene';
      readonly scene: Scene;
      readonly x: number;
      readonly y: number;
      readonly scale: number;
    };

export interface Page {
  readonly width: number;
  readonly height: number;
  readonly items: readonly PageItem[];
}

/** What was made: pages, the places of sections in them, and letters no font has. */
export interface Pages {
  readonly title: string;
  readonly pages: readonly Page[];
  /** For the outline of a file: a heading and its page, from 0. */
  readonly outline: readonly { readonly title: string; readonly page: number }[];
  readonly lacks: readonly string[];
}

export const SIZES = {
  a4: { width: 595.28, height: 841.89, margin: 34 },
  letter: { width: 612, height: 792, margin: 34 },
  card: { width: 297.64, height: 419.53, margin: 16 },
} as const;
