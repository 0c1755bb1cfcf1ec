import type { Play } from '../play/document.ts';
import { limitsOf, playedOf, type Team } from './course.ts';
import { doneWith, linesOf } from './done.ts';
import { progressOf, type Progress } from './stages.ts';

/** How far a line of a play is, and each side of it where they are not as far. */
export interface LineFar {
  readonly leaf: string;
  readonly all: Progress;
  /** Null where both sides were always done alike. */
  readonly sides: { readonly asDrawn: Progress; readonly flipped: Progress } | null;
}

/** How far every line of a play is on a day, from what was done. */
export function farOf(
  play: Play,
  { practices, games, sheets, season }: Pick<Team, 'practices' | 'games' | 'sheets' | 'season'>,
  today: string,
): LineFar[] {
  const bodies = practices.map((p) => p.body);
  const played = playedOf({ games, sheets }, today);
  const limits = limitsOf(season);
  const of = (leaf: string, side?: 'asDrawn' | 'flipped'): Progress =>
    progressOf(doneWith(play, leaf, bodies, played, side), today, limits);
  const oneSided = bodies.some((p) =>
    p.blocks.some(
      (b) => b.done && b.item.is === 'play' && b.item.play === play.id && (b.side ?? 'both') !== 'both',
    ),
  );
  return linesOf(play, undefined).map((leaf) => ({
    leaf,
    all: of(leaf),
    sides: oneSided ? { asDrawn: of(leaf, 'asDrawn'), flipped: of(leaf, 'flipped') } : null,
  }));
}
