import type { Play } from '../play/document.ts';
import type { Kept } from '../playbook/kept.ts';
import type { Ready } from './ready.ts';
import {
  isContact,
  minutesGiven,
  playMinutesGiven,
  playMinutesOf,
  type Block,
  type Practice,
} from './season.ts';
import type { BlockStage } from './stages.ts';
import { isOfUnit, type Unit } from './units.ts';

/** The next block that is missing on the way of a play, or of a line of it, to its game, and where it goes; the minutes may come from another one. */
export interface Mend {
  readonly unit: Unit;
  readonly name: string;
  readonly stage: BlockStage;
  readonly minutes: number;
  readonly practice: string;
  /** What gives minutes, and how many; null where the practice has them left. */
  readonly from: { readonly block: string; readonly name: string; readonly minutes: number } | null;
}

/** How long a review is (from memory). */
const REVIEW = 5;
/** Live work in one block at most; less than this is not started. */
const LIVE = 10;
const LEAST = 4;
/** What gives minutes keeps so many. */
const KEEPS = 5;

/**
 * What would bring a play on course by one move: the first thing that is missing, in the last practice before the game
 * that has room for it, so that it is fresh; else in one where something that is no play can give the minutes. Null where
 * no day is left.
 */
export function mendFor(
  ready: Ready,
  play: Play,
  /** Minutes it takes to bring it in. */
  takes: number,
  game: { readonly date: string },
  practices: readonly Kept<Practice>[],
  today: string,
): Mend | null {
  const short = ready.short[0];
  if (!short) return null;
  const coming = practices.filter((p) => !p.body.missed && p.body.date >= today && p.body.date < game.date);
  const planned = coming.filter((p) => p.body.blocks.some((b) => !b.done && isOfUnit(b, ready.unit, play)));
  const first = ready.progress.introduced ?? planned[0]?.body.date ?? null;
  const stage: BlockStage =
    short.is === 'introduce' ? 'walk' : short.is === 'review' || short.is === 'fresh' ? 'guided' : 'live';
  const minutes =
    stage === 'walk'
      ? takes
      : stage === 'guided'
        ? REVIEW
        : Math.max(LEAST, Math.min(LIVE, Math.ceil(short.is === 'live' ? short.by : LEAST)));
  // Something new comes as early as it can and not on the eve; what is known comes as late as it can.
  const eve = coming.at(-1)?.body.date;
  const days = (
    stage === 'walk'
      ? coming.filter((p) => p.body.date !== eve || coming.length === 1)
      : [...coming].reverse()
  ).filter((p) => stage === 'walk' || (first !== null && p.body.date > first));
  const base = { unit: ready.unit, name: ready.name, stage, minutes };
  const free = days.find(
    (p) =>
      playMinutesOf(p.body) - playMinutesGiven(p.body) >= minutes &&
      p.body.minutes - minutesGiven(p.body) >= minutes,
  );
  if (free) return { ...base, practice: free.id, from: null };
  for (const p of days) {
    const gives = p.body.blocks
      .filter((b, i) => b.item.is === 'other' && !b.done && i > 0 && b.minutes - KEEPS >= minutes)
      .sort((a, b) => Number(isContact(b)) - Number(isContact(a)) || b.minutes - a.minutes)[0];
    if (gives) return { ...base, practice: p.id, from: { block: gives.id, name: gives.item.name, minutes } };
  }
  return null;
}

/**
 * A practice after a mend: the block stands before what gave its minutes, or after the last one about a play. `words` are
 * those of its line, where it is about one.
 */
export function mended(practice: Practice, mend: Mend, id: string, words = ''): Practice {
  const { play, leaf } = mend.unit;
  const block: Block = {
    ...{ id, stage: mend.stage, minutes: mend.minutes },
    item: { is: 'play', play, name: mend.name, ...(leaf === null ? {} : { leaves: [leaf], words }) },
  };
  const blocks = practice.blocks.map((b) =>
    b.id === mend.from?.block ? { ...b, minutes: b.minutes - mend.from.minutes } : b,
  );
  const gave = blocks.findIndex((b) => b.id === mend.from?.block);
  const at =
    gave >= 0 ? gave : blocks.findLastIndex((b) => b.item.is !== 'other') + 1 || Math.min(1, blocks.length);
  return { ...practice, blocks: [...blocks.slice(0, at), block, ...blocks.slice(at)] };
}
