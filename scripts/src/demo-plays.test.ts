import {
  compile,
  courtFor,
  leaves,
  levelRecord,
  lineTo,
  mainLine,
  playAgainst,
  readPlayText,
  recognise,
  silencedBefore,
  startState,
  walkLine,
  walkThrough,
  type Play,
} from '@corkscrew/core';
import { Ajv2020 } from 'ajv/dist/2020.js';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import { DEMO_PLAYS, ROOT } from './paths.ts';
import { bookJsonSchema, playJsonSchema } from './write-docs.ts';

const files = readdirSync(DEMO_PLAYS);
const texts = files.map((f) => readFileSync(join(DEMO_PLAYS, f), 'utf8'));
const plays = texts.map((t, i): Play => {
  const r = readPlayText(t);
  if (!r.ok) throw new Error(`${files[i]}: ${r.sentence}`);
  return r.play;
});

describe('the JSON Schema, by an independent validator (Ajv)', () => {
  const validate = new Ajv2020({ strict: false }).compile(playJsonSchema());
  it('takes every demo play', () => {
    for (const t of texts) expect(validate(JSON.parse(t)), JSON.stringify(validate.errors)).toBe(true);
  });
  it('refuses what the reader refuses', () => {
    const doc = JSON.parse(texts[0]!) as Play;
    const bad: unknown[] = [
      { ...doc, version: 3 },
      { ...doc, level: 'kids' },
      { ...doc, frames: [] },
      { ...doc, start: { ...doc.start, ball: '6' } },
      { ...doc, frames: [{ id: 'f1', parent: null, actions: [{ id: 'a', by: '1', does: 'fly' }] }] },
    ];
    for (const b of bad) {
      expect(validate(b)).toBe(false);
      expect(readPlayText(JSON.stringify(b)).ok).toBe(false);
    }
  });
  it.each([
    ['play.schema.json', playJsonSchema()],
    ['playbook.schema.json', bookJsonSchema()],
  ])('the copy in docs is the present one: %s', (name, schema) => {
    expect(JSON.parse(readFileSync(join(ROOT, 'docs', name), 'utf8'))).toEqual(
      JSON.parse(JSON.stringify(schema)),
    );
  });
});

describe('the demo playbook', () => {
  it('has at least ten plays, three of them with forks, two against zones, one from the baseline', () => {
    expect(plays.length).toBeGreaterThanOrEqual(10);
    expect(plays.filter((p) => leaves(p).length > 1).length).toBeGreaterThanOrEqual(3);
    expect(new Set(plays.flatMap((p) => p.against))).toEqual(new Set(['man', '2-3', '1-3-1', '1-2-2']));
    expect(plays.some((p) => p.start.throwIn === 'baseline')).toBe(true);
  });
  it.each(plays.map((p) => [p.name, p] as const))(
    '%s: no ending breaks or is illegal, with nobody against it and against the defence it has',
    (_, play) => {
      const defence = play.defences![0]!;
      expect(defence.type === 'zone' ? defence.zone : 'man').toBe(play.against[0]);
      const court = courtFor(play);
      for (const leaf of leaves(play)) {
        const line = lineTo(play, leaf.id);
        const compiled = compile(play, leaf.id, court, play.level);
        expect(compiled.faults).toEqual([]);
        expect(compiled.timeline.end).toBeLessThan(24);
        const against = playAgainst(play, compiled.timeline, defence, court, levelRecord(play.level));
        expect(against.notes).toEqual([]);
        for (const options of [{ compiled }, { compiled, against }]) {
          const told = walkThrough(play, line, options).filter((f) => f.silenced === undefined);
          const grave = told.filter((f) => f.severity === 'illegal' || f.severity === 'breaks');
          expect(grave.map((f) => f.sentence)).toEqual([]);
          // What is not open is told: a demo in which everything is well teaches nothing. But not a heap of it.
          expect(told.length).toBeLessThanOrEqual(4);
        }
      }
    },
  );
  it('nothing is silenced that is not found', { timeout: 60_000 }, () => {
    for (const play of plays) {
      const court = courtFor(play);
      const found = leaves(play).flatMap((leaf) => {
        const { timeline } = compile(play, leaf.id, court, play.level);
        const against = playAgainst(play, timeline, play.defences![0]!, court, levelRecord(play.level));
        return walkThrough(play, lineTo(play, leaf.id), { against });
      });
      expect(silencedBefore(play, found), play.name).toEqual([]);
    }
  });
  it('the continuity ends in the alignment it began with, on the other side', () => {
    const play = plays.find((p) => p.name === 'Carousel')!;
    const court = courtFor(play);
    const end = walkLine(play, mainLine(play)).at(-1)!.after;
    expect(recognise(court, end.places)!.alignment.key).toBe(
      recognise(court, startState(play).places)!.alignment.key,
    );
    expect(end.ball).toMatchObject({ at: 'player' });
    const ballX = (s: typeof end) => (s.ball.at === 'player' ? s.places[s.ball.player].x : 0);
    expect(ballX(end) * ballX(startState(play))).toBeLessThan(0);
  });
});
