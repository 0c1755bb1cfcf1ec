export { dateWords, type PaperInput, type PaperPlay } from './input.ts';
export { makePages, NothingToPrint, titleOf } from './make.ts';
export type { Page, PageItem, Pages } from './page.ts';
export { pdfOf } from './pdf.ts';
export { familyOf, pageSvg } from './svg.ts';
export { FACES, facePath, type Face } from './face.ts';
