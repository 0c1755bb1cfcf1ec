export type { PaperInput, PaperPlay } from './input.ts';
export { makePages, NothingToPrint, titleOf } from './make.ts';
export { pdfOf } from './pdf.ts';
export { familyOf, pageSvg } from './svg.ts';
export { FACES, facePath } from './face.ts';
export { TONES } from './tones.ts';
