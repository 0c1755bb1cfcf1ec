import { beatOf, compile, courtFor, leaves, type Beat, type Play } from '@corkscrew/core';
import { scoreScene, TEMPO_TEXTURES, type SceneItem } from '@corkscrew/diagram';
import { describe, expect, it } from 'vitest';
import { demoPlays } from './demo.test-data.ts';

const beat = (play: Play, leaf: string): Beat =>
  beatOf(compile(play, leaf, courtFor(play), play.level).timeline, (id) => `does ${id}`);
/** A letter is half as wide as it is high. */
const measure = (text: string, size: number): number => (text.length * size) / 2;
const WIDTH = 520;
const sceneOf = (b: Beat) => scoreScene(b, { width: WIDTH, measure });
type Words = Extract<SceneItem, { shape: 'text' }>;
const textsOf = (b: Beat): Words[] => sceneOf(b).items.filter((i): i is Words => i.shape === 'text');
const all = demoPlays().flatMap((p) => leaves(p).map((l) => [`${p.name}, ${l.id}`, beat(p, l.id)] as const));

describe('a line in time as a still picture', () => {
  it.each(all)('%s: five staves and the ball, a box a frame, nothing beside the paper', (_name, b) => {
    const scene = sceneOf(b);
    const texts = textsOf(b);
    for (const n of ['1', '2', '3', '4', '5', 'Ball'])
      expect(
        texts.some((t) => t.text === n && t.x < 26),
        n,
      ).toBe(true);
    for (const [i] of b.bars.entries())
      expect(texts.some((t) => t.y === 11 && t.text === String(i + 1))).toBe(true);
    for (const t of texts) {
      const wide = measure(t.text, t.size);
      const left = t.anchor === 'middle' ? t.x - wide / 2 : t.x;
      expect(left, t.text).toBeGreaterThanOrEqual(-0.5);
      expect(left + wide, t.text).toBeLessThanOrEqual(WIDTH + 0.5);
      expect(t.y).toBeLessThanOrEqual(scene.height);
    }
    for (const item of scene.items)
      if (item.shape === 'path') expect(item.d).not.toMatch(/NaN|Infinity|undefined/);
  });
  it('a block begins where its second is, on its man’s stave, and ends with its tempo', () => {
    const [, b] = all[0]!;
    const zoom = (WIDTH - 26 - 12) / b.end;
    const paths = sceneOf(b).items.flatMap((i) => (i.shape === 'path' ? [i] : []));
    for (const block of b.blocks.filter((x) => !x.instant)) {
      const left = Math.round((26 + block.from * zoom) * 100) / 100;
      const box = paths.find((p) => p.d.startsWith(`M${left} ${26 + block.row * 23 + 1.5}h`));
      expect(box, block.id).toBeDefined();
    }
    const dashes = new Set(paths.map((p) => p.dash));
    for (const { paces } of b.blocks)
      for (const { tempo } of paces)
        if (TEMPO_TEXTURES[tempo].dash) expect(dashes).toContain(TEMPO_TEXTURES[tempo].dash);
  });
  it('a label says what it has room for, and never half a word', () => {
    for (const [, b] of all.slice(0, 12)) {
      const full = new Set(b.blocks.map((x) => x.label));
      for (const t of textsOf(b).filter((x) => x.text.startsWith('does')))
        expect([...full].some((f) => f === t.text || f.startsWith(`${t.text} `))).toBe(true);
    }
  });
  it('every throw, dribble and handoff of the ball is drawn in its own stroke', () => {
    for (const [, b] of all.slice(0, 12)) {
      const live = sceneOf(b).items.filter((i) => i.shape === 'path' && i.stroke === 'live');
      const strokes = b.thread.reduce((n, p) => n + (p.is === 'handoff' || p.is === 'shot' ? 2 : 1), 0);
      expect(live).toHaveLength(strokes);
    }
  });
});
