import { ALIGNMENTS, alignmentPlaces, type PlayerId } from '../alignment/library.ts';
import { courtFor, type CustomCourt } from '../court/rulesets.ts';
import { FORMAT, VERSION, type Level, type Play } from './document.ts';

export interface NewPlay {
  id: string;
  name: string;
  court: Play['court'];
  /** The team's own floor, for a court that is custom. */
  customCourt?: CustomCourt | undefined;
  level: Level;
  women?: boolean;
  /** What it is for; nothing said is man to man. */
  against?: readonly string[];
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
    ...(options.court === 'custom' && options.customCourt ? { customCourt: options.customCourt } : {}),
    level: options.level,
    ...(options.women ? { women: true } : {}),
    against: [...(options.against ?? ['man'])],
    situation: [],
    start: {
      alignment: alignment.key,
      places: alignmentPlaces(courtFor(options), alignment, options.flipped),
      ball: options.ball,
    },
    frames: [{ id: 'f1', parent: null, actions: [] }],
  };
}
