import PDFDocument from 'pdfkit';
import { FACES, facePath, showable, widthOf, type Face } from './face.ts';
import type { Scene } from '@corkscrew/diagram';
import type { PageItem, Pages } from './page.ts';
import { INKS, TONES } from './tones.ts';

type Doc = InstanceType<typeof PDFDocument>;

export interface PdfOptions {
  /** When it was made: kept in the file, so that the same pages made at the same moment are the same file. */
  readonly made: Date;
  readonly author: string;
  /** Told after every few pages; false stops. */
  readonly onPage?: (done: number, of: number) => boolean | Promise<boolean>;
}

/** Pages as a PDF: vectors and letters, with the fonts in it. Null when it was stopped on the way. */
export async function pdfOf(made: Pages, { made: at, author, onPage }: PdfOptions): Promise<Buffer | null> {
  const doc = new PDFDocument({
    autoFirstPage: false,
    margin: 0,
    info: {
      Title: made.title,
      Author: author,
      Creator: 'Corkscrew',
      Producer: 'Corkscrew',
      CreationDate: at,
    },
    lang: 'en',
    displayTitle: true,
  });
  const parts: Buffer[] = [];
  doc.on('data', (part: Buffer) => parts.push(part));
  const ended = new Promise<void>((resolve) => doc.on('end', resolve));
  for (const face of FACES) doc.registerFont(face, facePath(face));
  for (const [i, page] of made.pages.entries()) {
    doc.addPage({ size: [page.width, page.height], margin: 0 });
    for (const item of page.items) draw(doc, item);
    for (const entry of made.outline) if (entry.page === i) doc.outline.addItem(entry.title);
    // Whoever asks in between is answered.
    if (i % 4 === 3) await new Promise((resolve) => setImmediate(resolve));
    if (onPage && !(await onPage(i + 1, made.pages.length))) return null;
  }
  doc.end();
  await ended;
  return Buffer.concat(parts);
}

function draw(doc: Doc, i: PageItem): void {
  switch (i.is) {
    case 'text':
      return text(doc, i.text, i.x, i.y, i.face, i.size, INKS[i.ink ?? 'black'], i.anchor ?? 'start');
    case 'path':
      return path(doc, i.d, {
        fill: i.fill && INKS[i.fill],
        stroke: i.stroke && INKS[i.stroke],
        ...(i.width === undefined ? {} : { width: i.width }),
        ...(i.dash === undefined ? {} : { dash: i.dash }),
        cap: i.cap ?? 'butt',
      });
    case 'scene':
      doc.save();
      doc.translate(i.x, i.y).scale(i.scale);
      scene(doc, i.scene);
      doc.restore();
  }
}

function text(
  doc: Doc,
  words: string,
  x: number,
  y: number,
  face: Face,
  size: number,
  colour: string,
  anchor: 'start' | 'middle' | 'end',
): void {
  const wide = widthOf(words, face, size);
  const left = anchor === 'start' ? x : anchor === 'end' ? x - wide : x - wide / 2;
  doc.font(face).fontSize(size).fillColor(colour).fillOpacity(1);
  doc.text(words, left, y, { lineBreak: false, baseline: 'alphabetic', features: [] });
}

interface Stroke {
  readonly fill: string | undefined;
  readonly stroke: string | undefined;
  readonly width?: number;
  readonly dash?: string;
  readonly cap: 'round' | 'butt';
  readonly fillOpacity?: number;
  readonly strokeOpacity?: number;
}
function path(doc: Doc, d: string, s: Stroke): void {
  if (!s.fill && !s.stroke) return;
  doc.path(d);
  if (s.stroke) {
    doc
      .lineWidth(s.width ?? 1)
      .lineCap(s.cap)
      .lineJoin('round')
      .strokeColor(s.stroke)
      .strokeOpacity(s.strokeOpacity ?? 1);
    // A dot of no length is one all the same where its cap is round.
    if (s.dash) doc.dash(dashed(s.dash) as unknown as number, {});
  }
  if (s.fill) doc.fillColor(s.fill).fillOpacity(s.fillOpacity ?? 1);
  if (s.fill && s.stroke) doc.fillAndStroke();
  else if (s.fill) doc.fill();
  else doc.stroke();
  if (s.stroke && s.dash) doc.undash();
}
const dashed = (dash: string): number[] => dash.split(/[ ,]+/).map((l) => Math.max(0.01, Number(l)));

function scene(doc: Doc, { items }: Scene): void {
  for (const i of items) {
    if (i.shape === 'path') {
      path(doc, i.d, {
        fill: i.fill && TONES[i.fill],
        stroke: i.stroke && TONES[i.stroke],
        ...(i.width === undefined ? {} : { width: i.width }),
        ...(i.dash === undefined ? {} : { dash: i.dash }),
        cap: i.cap ?? 'round',
        ...(i.fillOpacity === undefined ? {} : { fillOpacity: i.fillOpacity }),
        ...(i.strokeOpacity === undefined ? {} : { strokeOpacity: i.strokeOpacity }),
      });
      continue;
    }
    const face = i.words ? 'label' : 'item';
    const words = showable(i.text, face);
    const anchor = i.anchor ?? 'middle';
    if (i.halo) {
      const wide = widthOf(words, face, i.size);
      const left = anchor === 'start' ? i.x : anchor === 'end' ? i.x - wide : i.x - wide / 2;
      path(doc, `M${left - 1.5} ${i.y - i.size * 0.82}h${wide + 3}v${i.size}h${-(wide + 3)}Z`, {
        ...{ fill: TONES.sheet, stroke: undefined, cap: 'butt' },
      });
    }
    text(doc, words, i.x, i.y, face, i.size, TONES[i.fill], anchor);
  }
}
