import type { PlayerId } from '../alignment/library.ts';
import { newPlay } from '../play/new-play.ts';
import type { Relations } from './relation-shapes.ts';
import { SummarySchema, type PlayRow } from './shapes.ts';
import { summarise } from './summary.ts';

type Tried = Relations['plays'][string]['tried'];
export const trial = (state: 'answered' | 'contested' | 'hole', worth: number, at = 3): Tried[string] => ({
  ...{ state, worth, at },
  leaf: 'f1',
  player: '5',
});
export const look = (shot: 'three' | 'rim' | 'two', at: number, player: PlayerId = '2') => ({
  ...{ leaf: 'f1', player, shot, at },
  side: 'left' as const,
  reads: [] as string[],
});

/** What a play of the book is, as far as it counts. */
export interface Of {
  against?: string[];
  situation?: string[];
  status?: 'retired';
  holes?: boolean;
  tried?: Tried;
  chances?: ReturnType<typeof look>[];
}
/** A playbook in small, with what is known of its plays. */
export function book(plays: Readonly<Record<string, Of>>): { rows: PlayRow[]; relations: Relations } {
  const rows = Object.entries(plays).map(([id, of]): PlayRow => {
    const play = {
      ...newPlay({ id, name: id, court: 'nfhs', level: 'highSchool', alignment: 'horns', ball: '1' }),
      against: of.against ?? ['man'],
      situation: of.situation ?? [],
      ...(of.status ? { status: of.status } : {}),
    };
    const hole = { kind: 'onBall', by: '5', user: '1', does: 'drop', who: [] } as const;
    const verdict = {
      against: 'Man',
      answered: 1,
      of: 2,
      worst: 0.7,
      hole: of.holes ? { ...hole, who: [] } : null,
    };
    return {
      ...{ id, revision: 1, updatedAt: '', deletedAt: null, card: null, verdict },
      summary: SummarySchema.parse(summarise(play)),
    };
  });
  const relations: Relations = {
    plays: Object.fromEntries(
      Object.entries(plays).map(([id, { chances = [], tried = {} }]) => [
        id,
        { chances, tried, round: null, terms: [] },
      ]),
    ),
    ...{ pairs: [], counters: [], comparing: [], trying: [] },
  };
  return { rows, relations };
}
