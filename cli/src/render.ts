import {
  courtFor,
  lineThrough,
  mainLine,
  PAPER_KINDS,
  PAPER_OF,
  PaperOrderSchema,
  walkLine,
  type PaperKind,
  type Play,
} from '@corkscrew/core';
import { frameScene, svgMarkup } from '@corkscrew/diagram';
import { FACES, facePath, familyOf, makePages, pageSvg, pdfOf, TONES } from '@corkscrew/paper';
import { Resvg } from '@resvg/resvg-js';

export const PICTURES = ['svg', 'png', 'pdf'] as const;
type Picture = (typeof PICTURES)[number];
/** Kinds of pages that are made of plays alone. */
export const PAGES: readonly PaperKind[] = PAPER_KINDS.filter((k) => PAPER_OF[k] === 'plays');

export interface RenderOptions {
  readonly as: Picture;
  readonly kind: PaperKind;
  readonly paper: 'a4' | 'letter';
  /** One frame of the line as drawn, from 1, in place of pages. */
  readonly frame?: number;
  /** "2026-12-04": stands at the foot. */
  readonly date: string;
}
export type Rendered =
  | {
      readonly ok: true;
      readonly files: readonly { readonly name: string; readonly data: string | Uint8Array }[];
    }
  | { readonly ok: false; readonly sentence: string };

/** Pictures are so many pixels to a point. */
const PIXELS = 2;

/** A play as pages, or one frame of it, as a picture or a PDF. */
export async function rendered(play: Play, o: RenderOptions): Promise<Rendered> {
  if (o.frame !== undefined) return frameOf(play, o.frame, o.as);
  const order = PaperOrderSchema.parse({ kind: o.kind, paper: o.paper, plays: [play.id] });
  const pages = (await makePages(order, { team: '', date: o.date, plays: [{ play }] }))!;
  if (o.as === 'pdf') {
    const data = (await pdfOf(pages, { made: new Date(`${o.date}T12:00:00Z`), author: '' }))!;
    return { ok: true, files: [{ name: '.pdf', data }] };
  }
  const many = pages.pages.length > 1;
  return {
    ok: true,
    files: pages.pages.map((p, i) => {
      const svg = pageSvg(p);
      return { name: `${many ? `-${i + 1}` : ''}.${o.as}`, data: o.as === 'svg' ? svg : png(svg) };
    }),
  };
}

function frameOf(play: Play, number: number, as: Picture): Rendered {
  if (as === 'pdf') return { ok: false, sentence: 'A frame by itself is a picture: --svg or --png.' };
  const line = lineThrough(play, mainLine(play).at(-1)!.id);
  if (number < 1 || number > line.length)
    return { ok: false, sentence: `There is no frame ${number}: the play as drawn has ${line.length}.` };
  const court = courtFor(play);
  const walks = walkLine(play, line);
  const scene = frameScene({ court, walk: walks[number - 1]!, next: walks[number] });
  const { width, height } = scene;
  const svg = `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${width} ${height}" width="${width}" height="${height}" font-family="${familyOf('item')}"><path d="M0 0H${width}V${height}H0Z" fill="#ffffff"/>${svgMarkup(scene, TONES)}</svg>`;
  return { ok: true, files: [{ name: `.${as}`, data: as === 'svg' ? svg : png(svg) }] };
}

/** A picture of points, made without a browser, with the fonts of paper. */
function png(svg: string): Uint8Array {
  const drawn = new Resvg(svg, {
    fitTo: { mode: 'zoom', value: PIXELS },
    font: { loadSystemFonts: false, fontFiles: FACES.map(facePath), defaultFontFamily: familyOf('item') },
  });
  return drawn.render().asPng();
}
