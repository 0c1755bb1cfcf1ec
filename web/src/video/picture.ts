import { sceneAt, type Scene, type SceneItem, type Tone } from '@corkscrew/diagram';
import type { Court } from '@corkscrew/core';
import { shownAt, type Script } from './script.ts';

export const HEIGHTS = { 720: [1280, 720], 1080: [1920, 1080] } as const;

type Colours = Readonly<Record<Tone | 'desk' | 'liveText', string>>;
/** The colours of the desk and of the gym, as the screen has them. */
export const COLOURS: Readonly<Record<'light' | 'dark', Colours>> = {
  light: {
    ...{
      desk: '#e9e6dc',
      sheet: '#f7f5ec',
      raised: '#fffefa',
      paint: '#efece0',
      court: '#8c8573',
      onInk: '#f7f5ec',
    },
    ...{
      ink: '#17202e',
      ink2: '#414b5c',
      ink3: '#595f69',
      live: '#e05414',
      liveText: '#a93a06',
      def: '#44546e',
    },
    ...{ shade: '#6e87a8', pen: '#2546a8', penWash: '#dfe3ee', gap: '#8a1d56', gapWash: '#f1dfe3' },
  },
  dark: {
    ...{
      desk: '#0b0f16',
      sheet: '#121924',
      raised: '#1c2635',
      paint: '#182130',
      court: '#637086',
      onInk: '#121924',
    },
    ...{
      ink: '#f4efe4',
      ink2: '#c7cad0',
      ink3: '#9da6b4',
      live: '#ff7b3a',
      liveText: '#ff9a66',
      def: '#a9bbd8',
    },
    ...{ shade: '#5e7aa6', pen: '#8fb3ff', penWash: '#1f2f52', gap: '#f193c3', gapWash: '#3a1e30' },
  },
};

type Canvas = OffscreenCanvasRenderingContext2D;
const HEAD = 'Corkscrew Head';
const ITEM = 'Corkscrew Item';
const BODY = 'Corkscrew Body';
/** Rows of a picture 720 high: the head, the floor, what is said. */
const ROWS = { head: 58, floor: 558, margin: 28 } as const;

/** Draws a video's picture of a moment. */
export function drawPicture(ctx: Canvas, script: Script, court: Court, t: number, colours: Colours): void {
  const k = ctx.canvas.height / 720;
  const width = ctx.canvas.width / k;
  const { take, time, subtitle, isTitle } = shownAt(script, t);
  ctx.setTransform(k, 0, 0, k, 0, 0);
  ctx.fillStyle = colours.sheet;
  ctx.fillRect(0, 0, width, 720);
  ctx.fillStyle = colours.desk;
  ctx.fillRect(0, 0, width, ROWS.head);
  ctx.fillRect(0, ROWS.head + ROWS.floor, width, 720);
  ctx.fillStyle = colours.ink;
  ctx.fillRect(0, ROWS.head, width, 2);
  words(ctx, script.name, ROWS.margin, 41, `30px "${HEAD}"`, colours.ink, width * 0.5);
  if (script.takes.length > 1)
    words(ctx, take.label, width * 0.55, 39, `20px "${ITEM}"`, colours.ink2, width * 0.3);
  words(
    ctx,
    `${time.toFixed(1)} s`,
    width - ROWS.margin,
    41,
    `28px "${ITEM}"`,
    colours.liveText,
    160,
    'right',
  );
  const scene = sceneAt({ court, timeline: take.timeline }, time, { floor: true, men: true });
  const scale = Math.min((width - 2 * ROWS.margin) / scene.width, (ROWS.floor - 16) / scene.height);
  ctx.save();
  ctx.translate(
    (width - scene.width * scale) / 2,
    ROWS.head + 8 + (ROWS.floor - 16 - scene.height * scale) / 2,
  );
  ctx.scale(scale, scale);
  drawScene(ctx, scene, colours);
  ctx.restore();
  if (isTitle) return titleOver(ctx, take.label, width, colours);
  if (subtitle) said(ctx, subtitle, width, colours);
}

function titleOver(ctx: Canvas, label: string, width: number, colours: Colours): void {
  ctx.globalAlpha = 0.86;
  ctx.fillStyle = colours.sheet;
  ctx.fillRect(0, ROWS.head + 2, width, ROWS.floor - 2);
  ctx.globalAlpha = 1;
  words(ctx, label, width / 2, 350, `58px "${HEAD}"`, colours.ink, width - 120, 'center');
}

function said(
  ctx: Canvas,
  s: { no: number; title: string; words: string },
  width: number,
  colours: Colours,
): void {
  const top = ROWS.head + ROWS.floor;
  ctx.fillStyle = colours.ink;
  ctx.fillRect(ROWS.margin, top + 16, 30, 30);
  words(ctx, String(s.no), ROWS.margin + 15, top + 39, `21px "${ITEM}"`, colours.onInk, 30, 'center');
  const left = ROWS.margin + 46;
  let at = left;
  if (s.title) {
    words(ctx, s.title, left, top + 38, `22px "${ITEM}"`, colours.ink, 360);
    ctx.font = `22px "${ITEM}"`;
    at += Math.min(360, ctx.measureText(s.title).width) + 16;
  }
  ctx.font = `20px "${BODY}"`;
  const lines = wrapped(ctx, s.words, width - ROWS.margin - at, width - ROWS.margin - left);
  lines
    .slice(0, 3)
    .forEach((l, i) =>
      words(ctx, l, i === 0 ? at : left, top + 38 + i * 26, `20px "${BODY}"`, colours.ink, width),
    );
}

function wrapped(ctx: Canvas, text: string, first: number, rest: number): string[] {
  const out: string[] = [];
  let line = '';
  for (const word of text.split(' ')) {
    const more = line ? `${line} ${word}` : word;
    if (ctx.measureText(more).width <= (out.length === 0 ? first : rest)) line = more;
    else {
      out.push(line);
      line = word;
    }
  }
  return [...out, line];
}

function words(
  ctx: Canvas,
  text: string,
  x: number,
  y: number,
  font: string,
  colour: string,
  most: number,
  align: CanvasTextAlign = 'left',
): void {
  ctx.font = font;
  ctx.textAlign = align;
  ctx.fillStyle = colour;
  ctx.fillText(text, x, y, most);
}

const paths = new Map<string, Path2D>();
/** The floor is the same in every picture: its paths are read once. */
function pathOf(item: Extract<SceneItem, { shape: 'path' }>): Path2D {
  if (/^(player-|ball)/.test(item.part)) return new Path2D(item.d);
  let path = paths.get(item.d);
  if (!path) {
    path = new Path2D(item.d);
    if (paths.size < 500) paths.set(item.d, path);
  }
  return path;
}

function drawScene(ctx: Canvas, scene: Scene, colours: Colours): void {
  ctx.lineJoin = 'round';
  for (const i of scene.items) {
    if (i.shape === 'text') {
      ctx.font = `${i.size}px "${ITEM}"`;
      ctx.textAlign = i.anchor === 'start' ? 'left' : i.anchor === 'end' ? 'right' : 'center';
      if (i.halo) {
        ctx.strokeStyle = colours.sheet;
        ctx.lineWidth = i.halo;
        ctx.strokeText(i.text, i.x, i.y);
      }
      ctx.fillStyle = colours[i.fill];
      ctx.fillText(i.text, i.x, i.y);
      continue;
    }
    const path = pathOf(i);
    if (i.fill) {
      ctx.globalAlpha = i.fillOpacity ?? 1;
      ctx.fillStyle = colours[i.fill];
      ctx.fill(path);
    }
    if (i.stroke) {
      ctx.globalAlpha = i.strokeOpacity ?? 1;
      ctx.strokeStyle = colours[i.stroke];
      ctx.lineWidth = i.width ?? 1;
      ctx.lineCap = i.cap ?? 'round';
      ctx.setLineDash(i.dash ? i.dash.split(/[ ,]+/).map(Number) : []);
      ctx.stroke(path);
    }
    ctx.globalAlpha = 1;
  }
}
