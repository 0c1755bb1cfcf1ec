import type { Play } from '../play/document.ts';
import type { Kept } from '../playbook/kept.ts';
import type { Sheet } from '../playbook/records.ts';
import { linesOf, wantsOf } from './done.ts';
import type { Block, BlockItem, Game, Season } from './season.ts';

/** What is taught as one: a play with all its lines, or one line of a play that is taught line by line. */
export interface Unit {
  readonly play: string;
  /** The last frame of the line; null all of the play. */
  readonly leaf: string | null;
}

/** Of a play that is taught line by line, how much of what it is wanted the line as drawn is; its answers share the rest (from memory). */
const AS_DRAWN = 0.5;

/** What the rest of the app knows a unit by. */
export const unitKey = ({ play, leaf }: Unit): string => (leaf === null ? play : `${play} ${leaf}`);

/** Whether a play has more than one line, so that it can be taught line by line. */
export const hasLines = (play: Play): boolean => linesOf(play, undefined).length > 1;

/** Whether a team teaches a play line by line. */
export const isByLine = (season: Pick<Season, 'lineByLine'> | null, play: Play): boolean =>
  hasLines(play) && season?.lineByLine?.includes(play.id) === true;

/** What of a play is taught as one, the line as drawn first. */
export const unitsOf = (play: Play, season: Pick<Season, 'lineByLine'> | null): Unit[] =>
  isByLine(season, play)
    ? linesOf(play, undefined).map((leaf) => ({ play: play.id, leaf }))
    : [{ play: play.id, leaf: null }];

/** A season in which a play is taught line by line, or as a whole. */
export function taughtBy(season: Season, play: string, byLine: boolean): Season {
  const { lineByLine = [], ...rest } = season;
  const left = lineByLine.filter((id) => id !== play);
  return { ...rest, lineByLine: byLine ? [...left, play] : left };
}

/** Whether a block is about a unit: a block that names no line is about every line of its play. */
export const isOfUnit = (
  { item }: { readonly item: BlockItem },
  { play, leaf }: Unit,
  document: Play | undefined,
): boolean =>
  item.is === 'play' &&
  item.play === play &&
  (leaf === null || document === undefined || linesOf(document, item.leaves).includes(leaf));

/** Whether a unit is an answer to the line as drawn, taught by itself. */
export const isAnswer = ({ leaf }: Unit, play: Play | undefined): boolean =>
  leaf !== null && play !== undefined && linesOf(play, undefined)[0] !== leaf;

/** Whether two blocks are about the same lines of one play. */
export const sameLines = (a: BlockItem, b: BlockItem): boolean =>
  a.is === 'play' &&
  b.is === 'play' &&
  a.play === b.play &&
  (a.leaves ?? []).join(' ') === (b.leaves ?? []).join(' ');

/** The line a block is about, where it is about one alone. */
export const oneLine = ({ item }: Pick<Block, 'item'>): string | null =>
  item.is === 'play' && item.leaves?.length === 1 ? item.leaves[0]! : null;

/** What a game wants of a unit. */
export interface Want {
  readonly unit: Unit;
  readonly name: string;
  readonly weight: number;
}

/** What is wanted for a game of plays that are there: a play that is taught line by line by its lines. */
export function unitsWanted(
  game: Pick<Game, 'sheet'>,
  {
    sheets,
    plays,
    season,
  }: {
    readonly sheets: readonly Kept<Sheet>[];
    readonly plays: ReadonlyMap<string, Play>;
    readonly season: Season | null;
  },
): Want[] {
  return wantsOf(game, sheets).flatMap(({ play: id, name, weight }) => {
    const play = plays.get(id);
    if (!play) return [];
    const units = unitsOf(play, season);
    return units.map((unit, i): Want => {
      const share = units.length === 1 ? 1 : i === 0 ? AS_DRAWN : (1 - AS_DRAWN) / (units.length - 1);
      return { unit, name, weight: weight * share };
    });
  });
}
