import { PLAYERS, type PlayerId } from '../alignment/library.ts';
import type { Play } from '../play/document.ts';
import { leaves, lineTo } from '../play/tree.ts';
import type { Season } from './season.ts';
import { isByLine } from './units.ts';

/**
 * What a number has to know for a game: plays in which he does something, their lines, how many that is as they are taught
 * (a play as a whole is one thing, line by line it is as many as he has lines), and how many plays are new.
 */
export interface MemoryLoad {
  readonly number: PlayerId;
  readonly plays: number;
  readonly lines: number;
  readonly taught: number;
  readonly fresh: number;
}

/** What every number has to know of some plays; `isNew` says which were not taught before this week. */
export function memoryLoad(
  plays: readonly Play[],
  season: Pick<Season, 'lineByLine'> | null,
  isNew: (play: Play) => boolean,
): MemoryLoad[] {
  return PLAYERS.map((number) => {
    const mine = plays.map((play) => ({ play, lines: linesOf(play, number) })).filter((x) => x.lines > 0);
    return {
      number,
      plays: mine.length,
      lines: mine.reduce((n, x) => n + x.lines, 0),
      taught: mine.reduce((n, x) => n + (isByLine(season, x.play) ? x.lines : 1), 0),
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
