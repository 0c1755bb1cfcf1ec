import { seatOf } from '../alignment/library.ts';
import type { Court } from '../court/court.ts';
import { distanceToRim } from '../court/queries.ts';
import { NONE, type Seat } from '../geometry/five.ts';
import type { TimedAction, Timeline } from '../motion/timeline.ts';
import type { Defence } from '../play/document.ts';
import { DEFENDERS, POSTS } from '../play/vocabulary.ts';
import { screenUse } from './meet.ts';
import { HELPS, type ManPlan } from './plan.ts';

/** What can be told for one action beside its coverage: who tags, whether a drive is helped on, how the post is played. */
type Told = 'tag' | 'help' | 'post';

/** A dribble goes at the basket that ends so much nearer to it; a post is played this near to the rim (ft). */
const DRIVES = 6;
const POST = 9.5;

/** What a man defence can be told about an action of a line, in place of what it usually does. */
export function tellable(
  timeline: Timeline,
  court: Court,
  { action, run, events, start }: TimedAction,
): Told[] {
  switch (action.does) {
    case 'handoff':
      return ['tag'];
    case 'screen': {
      const body = timeline.screens.find((s) => s.action === action.id);
      return body && screenUse(timeline, body).onBall ? ['tag'] : [];
    }
    case 'dribble': {
      if (!run) return [];
      const n = run.x.length - 1;
      const far = (i: number): number => distanceToRim(court, { x: run.x[i]!, y: run.y[i]! });
      return far(0) - far(n) >= DRIVES ? ['help'] : [];
    }
    case 'pass': {
      const t = events.catch ?? start;
      const last = timeline.moves[action.to].findLast((m) => m.run !== undefined && m.start < t);
      const at = last?.run ? { x: last.run.x.at(-1)!, y: last.run.y.at(-1)! } : timeline.starts[action.to];
      return distanceToRim(court, at) <= POST ? ['post'] : [];
    }
    default:
      return [];
  }
}

/** Help, tags and the post as they are told for single actions. */
export function ownOf(d: Defence, timeline: Timeline): ManPlan['own'] {
  return Object.entries(d.overrides ?? {}).flatMap(([id, o]) => {
    const a = timeline.actions.find((x) => x.action.id === id);
    if (!a || (o.help === undefined && o.post === undefined && o.tag === undefined)) return [];
    return [
      {
        action: id,
        from: a.start,
        to: a.end,
        player: seatOf(a.action.does === 'pass' ? a.action.to : a.action.by),
        help: HELPS.find((h) => h === o.help) ?? null,
        post: POSTS.find((x) => x === o.post) ?? null,
        tag: o.tag === undefined ? NONE : (DEFENDERS.indexOf(o.tag) as Seat),
      },
    ];
  });
}
