import {
  againstInFull,
  cardOf,
  courtFor,
  defenceByWord,
  leaves,
  lineWords,
  mainLine,
  walkLine,
  type PaperOrder,
  type Sheet,
  type SheetEntry,
  type SheetSection,
} from '@corkscrew/core';
import { frameScene, thumbScale } from '@corkscrew/diagram';
import { tellerFor, dateWords, type PaperInput, type PaperPlay } from '../input.ts';
import { PlayLines } from '../line.ts';
import type { Press } from '../press.ts';

/** Letters of a sheet that is read at a desk, or at arm's length from the bench (pt). */
const MEASURES = {
  desk: { need: 12, number: 13, name: 12, note: 9, row: 32, picture: 42 },
  bench: { need: 14, number: 18, name: 14.5, note: 10.5, row: 42, picture: 54 },
  card: { need: 9.5, number: 11, name: 9.5, note: 7.5, row: 22, picture: 0 },
} as const;
type Measures = (typeof MEASURES)[keyof typeof MEASURES];

/** What is called in a game, by need: number, picture, name, call and when its first look is there. */
export function callSheet(press: Press, sheet: Sheet, order: PaperOrder, input: PaperInput): void {
  const m = order.paper === 'card' ? MEASURES.card : MEASURES[order.size];
  const pictures = order.diagrams && m.picture > 0;
  const columns = order.paper === 'card' ? 1 : order.columns;
  press.begin(headOf(sheet, input), sheet.name);
  const gap = 24;
  const width = (press.inner - gap * (columns - 1)) / columns;
  const calls = new Calls(order, input);
  const top = press.y;
  let column = 0;
  const next = (): void => {
    column += 1;
    if (column === columns) {
      column = 0;
      press.nextPage();
      press.y = top;
    } else press.y = top;
  };
  const sections = sheet.sections.filter((s) => s.entries.length > 0);
  const tall = ({ entries }: SheetSection): number => m.need + 8 + entries.length * m.row + BETWEEN;
  const share = evenly(sections.map(tall), columns, press.room);
  for (const section of sections) {
    const used = press.y - top;
    if (used > 0 && column + 1 < columns && used + tall(section) / 2 > share) next();
    // A need is not left alone at the foot of a column.
    if (press.room < m.need + 10 + m.row) next();
    const left = press.left + column * (width + gap);
    setNeed(press, section, left, width, m, calls.against(section));
    for (const entry of section.entries) {
      if (press.room < m.row) {
        next();
        const again = press.left + column * (width + gap);
        setNeed(press, { ...section, need: `${section.need}, on` }, again, width, m, '');
      }
      setEntry(press, entry, press.left + column * (width + gap), width, { m, pictures, calls });
      press.y += m.row;
    }
    press.y += BETWEEN;
  }
}

/** From need to need (pt). */
const BETWEEN = 12;
/** A sheet that leaves so much of its page free has columns of like height: there is room to write below all of them. */
const FREE = 0.15;

/** How far down needs go in each column: an even share where all of them fit with room to spare, else as far as there is room. */
function evenly(heights: readonly number[], columns: number, room: number): number {
  const all = heights.reduce((a, b) => a + b, 0);
  return all <= (1 - FREE) * columns * room ? all / columns : Infinity;
}

function headOf(sheet: Sheet, { team, opponent }: PaperInput) {
  const five = Object.entries(opponent?.five ?? {}).map(([no, who]) => `x${no} ${who}`);
  const expects = (opponent?.expects ?? []).map((w) => defenceByWord(w)?.name ?? w);
  return {
    title: [sheet.name, opponent && !sheet.name.includes(opponent.name) ? opponent.name : '']
      .filter(Boolean)
      .join(', '),
    right: [
      [team, sheet.date ? dateWords(sheet.date) : ''].filter(Boolean).join(', '),
      expects.length > 0 ? `They play ${expects.join(', ')}.` : '',
      five.join(', '),
    ].filter(Boolean),
  };
}

function setNeed(
  press: Press,
  section: SheetSection,
  x: number,
  width: number,
  m: Measures,
  against: string,
): void {
  const strong = section.weight === 3 ? 1.6 : 0.9;
  press.line(section.need, x, press.y + m.need, width - 60, { face: 'item', size: m.need });
  press.put(against, x + width, press.y + m.need, { face: 'label', size: m.need - 2.5, anchor: 'end' });
  press.y += m.need + 5;
  press.rule(strong, 'black', x, x + width);
  press.y += 3;
}

interface EntryStyle {
  readonly m: Measures;
  readonly pictures: boolean;
  readonly calls: Calls;
}

function setEntry(
  press: Press,
  entry: SheetEntry,
  x: number,
  width: number,
  { m, pictures, calls }: EntryStyle,
): void {
  const { y } = press;
  const mid = y + m.row / 2;
  press.put(entry.number, x, mid + m.number * 0.34, { face: 'item', size: m.number });
  let at = x + m.number * 1.75;
  const p = calls.play(entry);
  if (pictures && p) {
    const scene = calls.picture(p);
    const wide = Math.min(m.picture, ((m.row - 4) * scene.width) / scene.height);
    press.scene(scene, at, y + 2, wide);
  }
  if (pictures) at += m.picture + 8;
  const seconds = p ? calls.seconds(p) : '';
  const room = x + width - at - (seconds ? m.number * 1.9 : 0);
  const under = calls.under(entry, p);
  press.line(p?.play.name ?? entry.name, at, under ? mid - 1.5 : mid + m.name * 0.34, room, {
    face: 'item',
    size: m.name,
  });
  press.line(under, at, mid + m.note + 0.5, room, { face: 'body', size: m.note });
  press.put(seconds, x + width, mid + m.name * 0.34, { face: 'item', size: m.name, anchor: 'end' });
  press.path(`M${x} ${y + m.row}H${x + width}`, { stroke: 'line', width: 0.6 });
}

/** What is told of the plays of a sheet, each worked out once. */
export class Calls {
  private readonly plays: ReadonlyMap<string, PaperPlay>;
  private readonly times = new Map<string, string>();
  constructor(
    private readonly order: PaperOrder,
    private readonly input: PaperInput,
  ) {
    this.plays = new Map(input.plays.map((p) => [p.play.id, p]));
  }

  play(entry: SheetEntry): PaperPlay | undefined {
    return this.plays.get(entry.play);
  }

  /** The most telling frame of a play, small. */
  picture({ play }: PaperPlay) {
    const card = cardOf(play);
    const court = courtFor(card);
    const [walk] = walkLine(card, mainLine(card));
    return frameScene({ court, walk: walk!, scale: thumbScale(court, walk!), detail: false });
  }

  /** When the first look of a play is there. */
  seconds({ play }: PaperPlay): string {
    let known = this.times.get(play.id);
    if (known === undefined) {
      const looks = new PlayLines(play, tellerFor(play, this.order, this.input)).looks();
      const times = looks.flatMap((l) => (l.seconds === null ? [] : [l.seconds]));
      this.times.set(play.id, (known = times.length > 0 ? `${Math.min(...times).toFixed(1)} s` : ''));
    }
    return known;
  }

  /** How it is called, which ending is meant, its sign, and the coach's note. */
  under(entry: SheetEntry, p: PaperPlay | undefined): string {
    const ending =
      p && entry.leaf !== undefined && leaves(p.play).some((l) => l.id === entry.leaf)
        ? lineWords(p.play, entry.leaf, tellerFor(p.play, this.order, this.input))
        : '';
    const sign = this.order.signals ? (p?.play.call?.signal ?? '') : '';
    // A call that is the name itself is not said again.
    const call = entry.call && entry.call !== (p?.play.name ?? entry.name) ? `“${entry.call}”` : '';
    return [call, ending, sign, entry.note].filter(Boolean).join(' · ');
  }

  /** What the plays of a need are for, where all of them are for the same. */
  against(section: SheetSection): string {
    const all = section.entries.map((e) => this.play(e)?.play.against.join(', '));
    const [first] = all;
    return first && all.every((a) => a === first)
      ? first
          .split(', ')
          .map((a) => againstInFull(a, this.input.man))
          .join(', ')
      : '';
  }
}
