import { said } from '../../../language/said.ts';
import type { Court } from '../../../court/court.ts';
import type { Check, CheckInput, Told } from '../../finding.ts';
import { longest, spells, type Moment } from '../../../motion/moments.ts';

const againstZone = ({ play }: CheckInput): boolean => play.against.some((a) => a !== 'man' && a !== 'any');

export const onZone =
  (run: (input: CheckInput) => readonly Told[]): Check['run'] =>
  (input) =>
    againstZone(input) ? run(input) : [];

/** A threat may be missing for this long (s, common practice). */
const MISSING = 2.5;

export const missing = (there: (court: Court, m: Moment) => boolean, key: 'zone-inside' | 'zone-behind') =>
  onZone(({ court, moments }) => {
    const gone = longest(spells(moments, (m) => !there(court, m)));
    if (!gone || gone.seconds < MISSING) return [];
    return [
      {
        frame: gone.from.frame,
        players: [],
        place: { x: 0, y: court.rimY },
        time: gone.from.t,
        severity: 'costs' as const,
        says: said(key, { seconds: gone.seconds }),
      },
    ];
  });
