import type { Scene, Tone } from './scene.ts';

const ENTITIES: Record<string, string> = { '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' };
/** A text as it may stand in markup, whatever is in it. */
export const escapeXml = (text: string): string => text.replace(/[&<>"]/g, (c) => ENTITIES[c]!);

const share = (of: string, opacity: number | undefined): string =>
  opacity === undefined ? '' : ` ${of}-opacity="${opacity}"`;

/** A scene as SVG markup (the inside of an svg element), with a colour for each role. */
export function svgMarkup(scene: Scene, colour: Readonly<Record<Tone, string>>): string {
  return scene.items
    .map((i) => {
      if (i.shape === 'text') {
        const halo = i.halo ? ` paint-order="stroke" stroke="${colour.sheet}" stroke-width="${i.halo}"` : '';
        return `<text x="${i.x}" y="${i.y}" font-size="${i.size}" fill="${colour[i.fill]}" text-anchor="${i.anchor ?? 'middle'}"${halo}>${escapeXml(i.text)}</text>`;
      }
      const stroke = i.stroke
        ? ` stroke="${colour[i.stroke]}" stroke-width="${i.width ?? 1}" stroke-linecap="${i.cap ?? 'round'}" stroke-linejoin="round"${i.dash ? ` stroke-dasharray="${i.dash}"` : ''}${share('stroke', i.strokeOpacity)}`
        : '';
      return `<path d="${i.d}" fill="${i.fill ? colour[i.fill] : 'none'}"${share('fill', i.fillOpacity)}${stroke}/>`;
    })
    .join('');
}
