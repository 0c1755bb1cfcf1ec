import { ballAt, PLAYERS, positionAt, type Court, type Timeline } from '@corkscrew/core';
import { floorItems } from './floor.ts';
import { escapeXml, svgMarkup } from './markup.ts';
import { DESK, sceneSize, toScene, type Scale, type Tone } from './scene.ts';

/** Places of five men and the ball on a drawing, so many times a second. */
export interface Steps {
  readonly seconds: number;
  readonly rate: number;
  /** For each of six the x and y of every step, one after the other. */
  readonly at: readonly (readonly number[])[];
}

const RATE = 12;
const tenth = (n: number): number => Math.round(n * 10) / 10;

/** A line of a play in steps, from its start to its end. */
export function stepsOf(timeline: Timeline, scale: Scale = DESK): Steps {
  const count = Math.max(1, Math.ceil(timeline.end * RATE));
  const times = Array.from({ length: count + 1 }, (_, i) => (timeline.end * i) / count);
  const place = (p: { x: number; y: number }): number[] => {
    const c = toScene(scale, p);
    return [tenth(c.x), tenth(c.y)];
  };
  return {
    seconds: timeline.end,
    rate: count / Math.max(timeline.end, 1e-6),
    at: [
      ...PLAYERS.map((p) => times.flatMap((t) => place(positionAt(timeline, p, t)))),
      times.flatMap((t) => {
        const ball = ballAt(timeline, t);
        // A ball that is held stands at the man's chest, where it does not hide his number.
        const [x, y] = place(ball.point) as [number, number];
        return ball.holder === null ? [x, y] : [tenth(x + 11), tenth(y - 11)];
      }),
    ],
  };
}

type Colours = Readonly<Record<Tone, string>>;
const NUMERAL =
  'font-family="Archivo, Arial Narrow, sans-serif" font-weight="700" font-size="15" text-anchor="middle"';

/** What moves: five discs with their numbers, and the ball; each a group that is put somewhere by `wrap`. */
export const movers = (colours: Colours, wrap: (inner: string, index: number) => string): string =>
  [
    ...PLAYERS.map(
      (p) =>
        `<circle r="13" fill="${colours.ink}" stroke="${colours.sheet}" stroke-width="2"/><text y="5.2" ${NUMERAL} fill="${colours.onInk}">${p}</text>`,
    ),
    `<circle r="5.5" fill="${colours.live}" stroke="${colours.sheet}" stroke-width="1.5"/>`,
  ]
    .map(wrap)
    .join('');

/** A floor as markup, on its ground. */
export function floorMarkup(court: Court, colours: Colours, scale: Scale = DESK): string {
  const { width, height } = sceneSize(scale);
  return `<path d="M0 0H${width}V${height}H0Z" fill="${colours.sheet}"/>${svgMarkup({ width, height, items: floorItems(court, scale, true) }, colours)}`;
}

/** A line of a play as one SVG that moves by itself, without script: for a web page, over and over. */
export function movingSvg(court: Court, timeline: Timeline, title: string, colours: Colours): string {
  const { width, height } = sceneSize(DESK);
  const { seconds, at } = stepsOf(timeline);
  // It rests a moment at its end before it begins again.
  const rest = 1;
  const whole = (seconds + rest).toFixed(2);
  const share = seconds / (seconds + rest);
  const moved = movers(colours, (inner, i) => {
    const steps = at[i]!;
    const n = steps.length / 2;
    const places = Array.from({ length: n }, (_, k) => `${steps[2 * k]} ${steps[2 * k + 1]}`);
    const times = places.map((_, k) => ((share * k) / Math.max(1, n - 1)).toFixed(4));
    return `<g>${inner}<animateTransform attributeName="transform" type="translate" dur="${whole}s" repeatCount="indefinite" values="${[...places, places.at(-1)!].join(';')}" keyTimes="${[...times, '1'].join(';')}"/></g>`;
  });
  return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${width} ${height}" width="${width}" height="${height}" role="img"><title>${escapeXml(title)}</title>${floorMarkup(court, colours)}${moved}</svg>`;
}
