import { PLAYERS, type PlayerId } from '../alignment/library.ts';
import type { Play } from '../play/document.ts';
import { leaves, lineTo } from '../play/tree.ts';

/** What a number has to know for a game: plays in which he does something, their lines, and how many plays are new. */
export interface MemoryLoad {
  readonly number: PlayerId;
  readonly plays: number;
  readonly lines: number;
  readonly fresh: number;
}

/** What every number has to know of some plays; `isNew` says which were not taught before this week. */
export function memoryLoad(plays: readonly Play[], isNew: (play: Play) => boolean): MemoryLoad[] {
  return PLAYERS.map((number) => {
    const mine = plays.map((play) => ({ play, lines: linesOf(play, number) })).filter((x) => x.lines > 0);
    return {
      number,
      plays: mine.length,
      lines: mine.reduce((n, x) => n + x.lines, 0),
      fresh: mine.filter((x) => isNew(x.play)).length,
    };
  });
}

/** Lines of a play on which a number does or gets something. */
const linesOf = (play: Play, number: PlayerId): number =>
  leaves(play).filter((leaf) =>
    lineTo(play, leaf.id).some((f) =>
      f.actions.some((a) => a.by === number || ('to' in a && a.to === number)),
    ),
  ).length;
