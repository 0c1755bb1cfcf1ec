import { ALIGNMENTS, alignmentPlaces, type PlayerId } from '../alignment/library.ts';
import { courtFor } from '../court/rulesets.ts';
import { FORMAT, VERSION, type Level, type Play } from './document.ts';

export interface NewPlay {
  id: string;
  name: string;
  court: Exclude<Play['court'], 'custom'>;
  level: Level;
  alignment: string;
  ball: PlayerId;
  /** Seen in a mirror. */
  flipped?: boolean;
}

/** An empty play: five men in an alignment, one with the ball, and frame 1 without an action. */
export function newPlay(options: NewPlay): Play {
  const alignment = ALIGNMENTS.find((a) => a.key === options.alignment) ?? ALIGNMENTS[0]!;
  return {
    format: FORMAT,
    version: VERSION,
    id: options.id,
    name: options.name,
    court: options.court,
    level: options.level,
    against: ['man'],
    situation: [],
    start: {
      alignment: alignment.key,
      places: alignmentPlaces(courtFor(options), alignment, options.flipped),
      ball: options.ball,
    },
    frames: [{ id: 'f1', parent: null, actions: [] }],
  };
}
