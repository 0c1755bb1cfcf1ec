import type { Play } from '../play/document.ts';
import { leaves, lineThrough, mainLine } from '../play/tree.ts';
import type { Kept } from '../playbook/kept.ts';
import type { Block, Game, Practice } from './season.ts';
import type { Done } from './stages.ts';

/** Lines of a play a block is about, by their last frames: all where it names none; a line that is gone is not there. */
export function linesOf(play: Play, named: readonly string[] | undefined): string[] {
  const all = [mainLine(play).at(-1)!.id, ...leaves(play).map((f) => f.id)];
  if (!named || named.length === 0) return [...new Set(all)];
  const there = named.filter((id) => play.frames.some((f) => f.id === id));
  // A line that was drawn further since ends elsewhere now.
  return [...new Set(there.map((id) => lineThrough(play, id).at(-1)!.id))];
}

const about = (block: Block, play: Play, leaf: string | null): boolean =>
  block.item.is === 'play' &&
  block.item.play === play.id &&
  (leaf === null || linesOf(play, block.item.leaves).includes(leaf));

/**
 * What was done with a play, or with one line of it, in practices and games: for a side only what was done on it. A game
 * counts for what stands on its call sheet.
 */
export function doneWith(
  play: Play,
  leaf: string | null,
  practices: readonly Practice[],
  games: readonly { readonly date: string; readonly plays: ReadonlySet<string> }[],
  side?: 'asDrawn' | 'flipped',
): Done[] {
  const trained = practices.flatMap((p) =>
    p.blocks.flatMap((b): Done[] => {
      if (!b.done || !about(b, play, leaf)) return [];
      const both = b.side === undefined || b.side === 'both';
      if (side && !both && b.side !== side) return [];
      const { minutes, clean = null, tried = null, went } = b.done;
      return [{ ...{ day: p.date, stage: b.stage, minutes, clean, tried, went } }];
    }),
  );
  const played = games.flatMap((g): Done[] =>
    g.plays.has(play.id)
      ? [{ ...{ day: g.date, stage: 'game', minutes: 0, clean: null, tried: null, went: 'well' } }]
      : [],
  );
  return [...trained, ...played].sort((a, b) => (a.day < b.day ? -1 : a.day > b.day ? 1 : 0));
}

/** Plays by what they are called for in a game, and how much each is wanted: the weight of the heaviest section. */
export function wantsOf(
  game: Pick<Game, 'sheet'>,
  sheets: readonly Kept<{
    readonly sections: readonly {
      readonly weight: number;
      readonly entries: readonly { readonly play: string; readonly name: string }[];
    }[];
  }>[],
): { readonly play: string; readonly name: string; readonly weight: number }[] {
  const sheet = sheets.find((s) => s.id === game.sheet);
  const found = new Map<string, { play: string; name: string; weight: number }>();
  for (const { weight, entries } of sheet?.body.sections ?? [])
    for (const { play, name } of entries) {
      const was = found.get(play);
      if (!was || was.weight < weight) found.set(play, { play, name, weight });
    }
  return [...found.values()];
}
