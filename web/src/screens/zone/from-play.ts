import {
  ballAt,
  DEFENDERS,
  PLAYERS,
  positionAt,
  zoneByKey,
  type Defence,
  type Play,
  type Timeline,
} from '@corkscrew/core';
import { stopChase } from './moves.ts';
import { useRoom } from './room.ts';

/**
 * Puts an instant of a play into the zone room: its five and the ball at time t (seconds), its level and
 * court, and the zone it is looked at against.
 */
export function takeInstant(play: Play, timeline: Timeline, t: number, defence: Defence): void {
  stopChase();
  const ball = ballAt(timeline, t);
  useRoom.setState({
    court: play.court === 'custom' ? (play.customCourt?.base ?? 'nfhs') : play.court,
    level: play.level,
    zone: zoneByKey(defence.zone ?? '')?.key ?? '2-3',
    schools: defence.schools ?? [],
    chases: DEFENDERS.map((x) => defence.chases?.[x] ?? ''),
    set: '',
    from: { id: play.id, name: play.name },
    places: PLAYERS.map((p) => positionAt(timeline, p, t)),
    holder: ball.holder ? PLAYERS.indexOf(ball.holder) : -1,
    ball: ball.point,
  });
}
