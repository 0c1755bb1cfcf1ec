import {
  ballAt,
  DEFENDERS,
  PLAYERS,
  positionAt,
  zoneByKey,
  type Defence,
  type Play,
  type Point,
  type Timeline,
} from '@corkscrew/core';
import { beginFrom, stopChase } from './moves.ts';
import { useRoom } from './room.ts';

/**
 * Puts an instant of a play into the zone room: its five and the ball at time t (seconds), its level and court,
 * and the zone it is looked at against. `defenders` are the zone's men as they are then; without them, and while
 * the ball flies, the zone stands at rest.
 */
export function takeInstant(
  play: Play,
  timeline: Timeline,
  t: number,
  defence: Defence,
  defenders: readonly Point[] | null,
): void {
  stopChase();
  const ball = ballAt(timeline, t);
  useRoom.setState({
    court: play.court === 'custom' ? (play.customCourt?.base ?? 'nfhs') : play.court,
    level: play.level,
    women: play.women ?? false,
    zone: zoneByKey(defence.zone ?? '')?.key ?? '2-3',
    schools: defence.schools ?? [],
    chases: DEFENDERS.map((x) => defence.chases?.[x] ?? ''),
    set: '',
    from: { id: play.id, name: play.name, t },
    places: PLAYERS.map((p) => positionAt(timeline, p, t)),
    holder: ball.holder ? PLAYERS.indexOf(ball.holder) : -1,
    ball: ball.point,
  });
  if (defenders && ball.holder) beginFrom(defenders);
}
