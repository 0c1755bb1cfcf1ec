import type { SpotKey } from '../court/spots.ts';
import { spotPoint } from '../court/spots.ts';
import { courtFor } from '../court/rulesets.ts';
import type { Action, Play } from '../play/document.ts';
import { newPlay } from '../play/new-play.ts';
import type { Kept } from '../playbook/kept.ts';
import type { Sheet } from '../playbook/records.ts';
import type { Team } from './course.ts';
import type { Block, Game, Practice, Season } from './season.ts';
import type { BlockStage } from './stages.ts';

const court = courtFor({ court: 'nfhs' });
export const at = (key: SpotKey) => ({ ...spotPoint(court, key), spot: key });
type Draft = Action extends infer A ? (A extends Action ? Omit<A, 'id'> : never) : never;

/** A play of frames one after the other, then endings that begin with a read. */
export function playOf(
  id: string,
  frames: readonly (readonly Draft[])[],
  endings: readonly {
    readonly read: NonNullable<Play['frames'][number]['read']>;
    readonly actions: readonly Draft[];
  }[] = [],
): Play {
  const base = newPlay({ id, name: id, court: 'nfhs', level: 'highSchool', alignment: 'horns', ball: '1' });
  const last = `f${frames.length}`;
  const made = (frame: string, parent: string | null, actions: readonly Draft[]) => ({
    ...{ id: frame, parent },
    actions: actions.map((a, k) => ({ ...a, id: `${frame}a${k}` }) as Action),
  });
  return {
    ...base,
    frames: [
      ...frames.map((actions, i) => made(`f${i + 1}`, i === 0 ? null : `f${i}`, actions)),
      ...endings.map(({ read, actions }, i) => ({ ...made(`e${i + 1}`, last, actions), read })),
    ],
  };
}
export const pass = (by: '1' | '2' | '3' | '4' | '5', to: typeof by): Draft => ({ by, does: 'pass', to });

export const block = (
  id: string,
  play: string,
  stage: BlockStage,
  minutes: number,
  more: Partial<Block> = {},
): Block => ({
  ...{ id, item: { is: 'play', play, name: play }, stage, minutes },
  ...more,
});
export const other = (id: string, name: string, minutes: number): Block => ({
  ...{ id, item: { is: 'other', name }, stage: 'guided', minutes },
});
export const practice = (
  id: string,
  date: string,
  blocks: Block[],
  more: Partial<Practice> = {},
): Kept<Practice> => ({
  id,
  body: { date, start: '18:00', minutes: 90, absent: [], blocks, ...more },
});
export const game = (id: string, date: string, sheet: string, more: Partial<Game> = {}): Kept<Game> => ({
  id,
  body: { date, start: '19:00', home: true, sheet, ...more },
});
export const sheet = (id: string, weight: 1 | 2 | 3, ...plays: string[]): Kept<Sheet> => ({
  id,
  body: {
    name: id,
    sections: [
      {
        ...{ id: 's1', need: 'First', weight },
        entries: plays.map((play) => ({
          id: `e-${play}`,
          play,
          name: play,
          call: play,
          number: '',
          note: '',
        })),
      },
    ],
  },
});
const season: Season = {
  ...{ name: 'Season', from: '2026-11-01', to: '2027-02-28', timeZone: 'Europe/Berlin' },
  ...{ weekly: [], expectations: [] },
};
export const team = (more: Partial<Team>): Team => ({
  ...{ season, practices: [], games: [], sheets: [], plays: new Map(), men: [], clearances: [] },
  ...more,
});
