import { compile, courtFor, positionAt, teller, type Play } from '@corkscrew/core';
import { describe, expect, it } from 'vitest';
import { movingSvg, stepsOf } from './moving.ts';
import { DESK, toScene, type Tone } from './scene.ts';
import { webPage } from './web-page.ts';

const TONES: readonly Tone[] = [
  'ink',
  'ink2',
  'ink3',
  'live',
  'pen',
  'penWash',
  'gap',
  'gapWash',
  'def',
  'shade',
  'court',
  'paint',
  'sheet',
  'raised',
  'onInk',
];
const COLOURS = {
  ...(Object.fromEntries(TONES.map((t) => [t, '#123456'])) as Record<Tone, string>),
  desk: '#ffffff',
};
const play = (name = 'Moves'): Play =>
  ({
    ...{
      format: 'corkscrew-play',
      version: 2,
      id: 'm',
      name,
      court: 'fiba',
      level: 'pro',
      against: [],
      situation: [],
    },
    start: {
      places: {
        1: { x: 0, y: 28 },
        2: { x: -20, y: 4 },
        3: { x: 20, y: 4 },
        4: { x: -8, y: 19 },
        5: { x: 8, y: 19 },
      },
      ball: '1',
    },
    frames: [
      {
        ...{ id: 'f1', parent: null },
        actions: [
          { id: 'a1', by: '1', does: 'pass', to: '4' },
          { id: 'a2', by: '2', does: 'cut', path: [{ x: 0, y: 10 }] },
        ],
      },
    ],
  }) as Play;
const timelineOf = (p: Play) => compile(p, 'f1', courtFor(p), p.level).timeline;

describe('a play that moves by itself', () => {
  it('its steps are where the play has everybody, from the start to the end', () => {
    const p = play();
    const timeline = timelineOf(p);
    const { at, rate, seconds } = stepsOf(timeline);
    expect(seconds).toBe(timeline.end);
    expect(at).toHaveLength(6);
    for (const t of [0, seconds / 3, seconds]) {
      const k = Math.round(t * rate);
      const place = toScene(DESK, positionAt(timeline, '2', k / rate));
      expect(at[1]![2 * k]).toBeCloseTo(place.x, 0);
      expect(at[1]![2 * k + 1]).toBeCloseTo(place.y, 0);
    }
  });
  it('is an SVG without script whose times rise from 0 to 1', () => {
    const p = play();
    const svg = movingSvg(courtFor(p), timelineOf(p), '<script>"x"</script>', COLOURS);
    expect(svg).not.toMatch(/<script|href|on\w+=/);
    expect(svg).toContain('&lt;script&gt;');
    expect(svg.match(/<animateTransform/g)).toHaveLength(6);
    for (const [, times, values] of svg.matchAll(/values="([^"]*)" keyTimes="([^"]*)"/g)) {
      const [v, k] = [times!.split(';'), values!.split(';').map(Number)];
      expect(k).toHaveLength(v.length);
      expect(k[0]).toBe(0);
      expect(k.at(-1)).toBe(1);
      expect([...k].sort((a, b) => a - b)).toEqual(k);
    }
  });
  it('as a web page it is one file: no address but the namespace, and no name breaks out of it', () => {
    const html = webPage(play('</script><img src=x onerror=alert(1)>\u2028'), COLOURS, teller());
    expect(html.match(/<\/script>/g)).toHaveLength(1);
    expect(html).not.toContain('<img');
    expect(html).not.toMatch(/https?:/);
    expect(html).not.toMatch(/<[a-z][^>]*\s(src|href)=/);
    expect(html).toContain("default-src 'none'");
    // A line separator would end a line of script.
    expect(html.slice(html.indexOf('<script>'))).not.toContain('\u2028');
  });
});
