import { courtFor, newPlay, RULE_SETS, startState, walkFrame, type RuleSetKey } from '@corkscrew/core';
import { describe, expect, it } from 'vitest';
import { floorItems } from './floor.ts';
import { frameScene } from './frame.ts';
import { svgMarkup } from './markup.ts';
import { DESK, THUMB, toScene, type Scene, type Tone } from './scene.ts';

const TONES: Record<Tone, string> = {
  ink: '#111',
  ink2: '#222',
  ink3: '#333',
  penWash: '#dfe3ee',
  gapWash: '#f1dfe3',
  shade: '#6e87a8',
  raised: '#fffefa',
  live: '#e05414',
  pen: '#2546a8',
  def: 'def',
  gap: '#8a1d56',
  court: '#8c8573',
  paint: '#efece0',
  sheet: '#f7f5ec',
  onInk: '#fff',
};
const scene = (items: Scene['items']): Scene => ({ width: 10, height: 10, items });

describe('a scene as markup', () => {
  it('text that looks like markup stays text', () => {
    const out = svgMarkup(
      scene([{ shape: 'text', part: 'x', x: 1, y: 2, text: '<b>&"', size: 12, fill: 'ink' }]),
      TONES,
    );
    expect(out).toContain('&lt;b&gt;&amp;&quot;');
    expect(out).not.toContain('<b>');
  });
  it('a line has a stroke and no fill, an end mark a fill and no stroke', () => {
    const line = svgMarkup(
      scene([{ shape: 'path', part: 'pass', d: 'M0 0L1 1', stroke: 'live', width: 2.25, dash: '7 5' }]),
      TONES,
    );
    expect(line).toContain('fill="none" stroke="#e05414" stroke-width="2.25"');
    expect(line).toContain('stroke-dasharray="7 5"');
    expect(svgMarkup(scene([{ shape: 'path', part: 'fin', d: 'M0 0Z', fill: 'ink' }]), TONES)).toBe(
      '<path d="M0 0Z" fill="#111"/>',
    );
  });
  it('has one element an item, all closed', () => {
    const play = newPlay({
      id: 'x',
      name: 'x',
      court: 'fiba',
      level: 'pro',
      alignment: 'fiveOut',
      ball: '1',
    });
    const s = frameScene({
      court: courtFor(play),
      walk: walkFrame(startState(play), play.frames[0]!),
      scale: THUMB,
    });
    const out = svgMarkup(s, TONES);
    expect(out.match(/<(path|text) /g)).toHaveLength(s.items.length);
    expect(out).not.toMatch(/NaN|undefined|null/);
  });
});

describe('the floor', () => {
  const keys = Object.keys(RULE_SETS) as RuleSetKey[];
  it.each(keys)('%s: the key reaches the free-throw line, every marking is finite and drawn once', (key) => {
    const court = courtFor({ court: key });
    const items = floorItems(court, DESK, true);
    const paint = items.find((i) => i.part === 'paint')!;
    const corner = toScene(DESK, { x: court.laneWidth / 2, y: court.freeThrowY });
    expect(paint.shape === 'path' && paint.d).toContain(`H${corner.x}V${corner.y}`);
    for (const i of items) expect(i.shape === 'path' && i.d).not.toMatch(/NaN|Infinity/);
    const drawn = items.map((i) => i.shape === 'path' && i.d);
    expect(new Set(drawn).size).toBe(drawn.length);
  });
  it('a small picture leaves out what cannot be seen', () => {
    const court = courtFor({ court: 'nfhs' });
    const parts = (detail: boolean) => new Set(floorItems(court, DESK, detail).map((i) => i.part));
    expect(parts(true).has('laneMark')).toBe(true);
    for (const small of ['laneMark', 'hash', 'restricted', 'division', 'break'])
      expect(parts(false).has(small)).toBe(false);
  });
});
