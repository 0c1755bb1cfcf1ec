import { escapeXml, svgMarkup } from '@corkscrew/diagram';
import { INKS, TONES } from './tones.ts';
import type { Page, PageItem } from './page.ts';
import type { Face } from './face.ts';

/** What the faces of paper are called where a page is shown. */
export const familyOf = (face: Face): string => `Corkscrew ${face.charAt(0).toUpperCase()}${face.slice(1)}`;

/** A page as SVG, the same scene that goes to paper. Letters are those of the families of `familyOf`. */
export function pageSvg({ width, height, items }: Page, { ground = true } = {}): string {
  const paper = ground ? `<path d="M0 0H${width}V${height}H0Z" fill="${INKS.white}"/>` : '';
  return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${width} ${height}" width="${width}" height="${height}">${paper}${items.map(itemSvg).join('')}</svg>`;
}

function itemSvg(i: PageItem): string {
  switch (i.is) {
    case 'text':
      return `<text x="${i.x}" y="${i.y}" font-family="${familyOf(i.face)}" font-size="${i.size}" font-kerning="none" fill="${INKS[i.ink ?? 'black']}" text-anchor="${i.anchor ?? 'start'}">${escapeXml(i.text)}</text>`;
    case 'path':
      return `<path d="${i.d}" fill="${i.fill ? INKS[i.fill] : 'none'}"${i.stroke ? ` stroke="${INKS[i.stroke]}" stroke-width="${i.width ?? 1}" stroke-linecap="${i.cap ?? 'butt'}"${i.dash ? ` stroke-dasharray="${i.dash}"` : ''}` : ''}/>`;
    case 'scene':
      return `<g transform="translate(${i.x} ${i.y}) scale(${i.scale})" font-family="${familyOf('item')}" font-kerning="none">${svgMarkup(i.scene, TONES)}</g>`;
  }
}
