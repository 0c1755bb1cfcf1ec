import { frameById, holderOf, lineTo, stateAt, walkLine, type PaperOrder } from '@corkscrew/core';
import {
  bodyItems,
  floorItems,
  lookItems,
  lookNumbers,
  restingBodies,
  sceneSize,
  type LookLine,
} from '@corkscrew/diagram';
import { floorScale } from '../floor.ts';
import { tellerFor, type PaperInput, type PaperPlay } from '../input.ts';
import { PlayLines } from '../line.ts';
import type { Press } from '../press.ts';
import { headOf, holesOf, setLooks, setNote } from './play-sheet.ts';

/** A play on one page: every look by its number over one floor, from the frame in which the first of them comes. */
export function summarySheet(press: Press, p: PaperPlay, order: PaperOrder, input: PaperInput): void {
  const { play } = p;
  const t = tellerFor(play, order, input);
  const lines = new PlayLines(play, t);
  const looks = lines.looks();
  press.begin(headOf(play, looks, order, t), play.name);
  const scale = floorScale(press.inner, { wide: lines.wide, depth: 35 });
  const first = looks[0]?.frame ?? lines.leaf;
  const drawn = looks.flatMap((l, i): LookLine[] => {
    if (!l.at) return [];
    const line = lineTo(play, l.leaf);
    const walks = walkLine(play, line);
    // From where the first look comes to where this one does: what is before all of them is not drawn.
    const from = Math.max(
      0,
      line.findIndex((f) => f.id === first),
    );
    return [{ number: i + 1, from: l.from, at: l.at, walks: walks.slice(from) }];
  });
  const state = stateAt(play, frameById(play, first)?.id ?? play.frames[0]!.id);
  const bodies = restingBodies(lines.court, state, scale);
  const scene = {
    ...sceneSize(scale),
    items: [
      ...floorItems(lines.court, scale, true),
      ...once(drawn.flatMap((l) => lookItems(lines.court, l, scale))),
      ...bodyItems(bodies, holderOf(state), scale, true),
      ...lookNumbers(
        drawn,
        scale,
        Object.values(bodies).map((b) => b.at),
      ),
    ],
  };
  press.y += press.scene(scene, press.left, press.y, press.inner) + 8;
  setLooks(press, looks, t);
  for (const cell of lines.trunk()) {
    const words = `${cell.no}  ${[cell.title && `${cell.title}.`, cell.caption].filter(Boolean).join(' ')}`;
    const tall = press.lines(words, 'body', 9.5, press.inner).length * 12.2 + 3;
    press.need(tall);
    press.block(words, press.left, press.y, press.inner, { face: 'body', size: 9.5 });
    press.y += tall;
  }
  setNote(press, p.play.notes);
  setNote(press, holesOf(p));
}

/** What several looks share is drawn once. */
const once = <T extends object>(items: readonly T[]): T[] => {
  const seen = new Set<string>();
  return items.filter((i) => {
    const said = JSON.stringify(i);
    return seen.has(said) ? false : (seen.add(said), true);
  });
};
