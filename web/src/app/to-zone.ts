import {
  ballAt,
  DEFENDERS,
  PLAYERS,
  positionAt,
  zoneByKey,
  type Defence,
  type Level,
  type Play,
  type PlayerId,
  type Point,
  type RuleSetKey,
  type Timeline,
  type ZoneKey,
} from '@corkscrew/core';

/** Which play a moment is of, when (seconds), and how the desk's address says that moment (`?…`, empty for its start). */
export interface Origin {
  readonly id: string;
  readonly name: string;
  readonly t: number;
  readonly at?: string;
}

/** A moment of a play on its way into the zone room, as the address carries it from screen to screen. */
export interface ZoneMoment {
  readonly court: RuleSetKey;
  readonly level: Level;
  readonly women: boolean;
  readonly zone: ZoneKey;
  readonly schools: readonly string[];
  readonly chases: readonly (PlayerId | '')[];
  readonly from: Origin;
  readonly places: readonly Point[];
  readonly holder: number;
  readonly ball: Point;
  /** The zone's men as they are then; null while the ball flies, or where nobody has simulated them: it stands at rest. */
  readonly defenders: readonly Point[] | null;
}

/** The five and the ball of a play at time t (seconds), its level and court, and the zone it is looked at against. */
export function zoneMoment(
  play: Play,
  timeline: Timeline,
  t: number,
  defence: Defence,
  defenders: readonly Point[] | null,
  at = '',
): ZoneMoment {
  const ball = ballAt(timeline, t);
  return {
    court: play.court === 'custom' ? (play.customCourt?.base ?? 'nfhs') : play.court,
    level: play.level,
    women: play.women ?? false,
    zone: zoneByKey(defence.zone ?? '')?.key ?? '2-3',
    schools: defence.schools ?? [],
    chases: DEFENDERS.map((x) => defence.chases?.[x] ?? ''),
    from: { id: play.id, name: play.name, t, at },
    places: PLAYERS.map((p) => positionAt(timeline, p, t)),
    holder: ball.holder ? PLAYERS.indexOf(ball.holder) : -1,
    ball: ball.point,
    defenders: ball.holder ? defenders : null,
  };
}
