import {
  contentOf,
  levelRecord,
  withFives,
  withMakes,
  type Fives,
  type LevelRecord,
  type OwnTeaching,
  type Play,
} from '@corkscrew/core';

/** Who plays: what the team makes, and the men that are known of either five; none are as the play's level has them. */
export interface WhoPlays {
  readonly teaching: OwnTeaching;
  readonly fives?: Fives | null | undefined;
}

/** What tells the men of one question from those of another. */
export const menKey = ({ teaching, fives }: WhoPlays): string =>
  `${contentOf(teaching.makes)} ${contentOf(fives ?? null)}`;

type OfLevel = Pick<Play, 'level' | 'women'>;

/** Levels with known men in them, as long as those are chosen: a run that did not change is known by its record. */
const known = new WeakMap<Fives, Map<string, LevelRecord>>();

/** The men of a play's level, with those who are known; without any of them undefined: as the level has it. */
export function recordWith(
  { level, women = false }: OfLevel,
  fives: WhoPlays['fives'],
): LevelRecord | undefined {
  if (!fives) return undefined;
  const records = known.get(fives) ?? new Map<string, LevelRecord>();
  known.set(fives, records);
  const key = `${level} ${String(women)}`;
  const record = records.get(key) ?? withFives(levelRecord(level, women), fives);
  records.set(key, record);
  return record;
}

/** The same with what the team makes. */
export function recordOf(play: OfLevel, { teaching, fives }: WhoPlays): LevelRecord {
  const record = withMakes(levelRecord(play.level, play.women ?? false), teaching.makes);
  return fives ? withFives(record, fives) : record;
}
