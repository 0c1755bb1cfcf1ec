import { byPlayer, type PlayerId } from '../alignment/library.ts';
import type { Court } from '../court/court.ts';
import { rimOf } from '../court/queries.ts';
import { distance } from '../geometry/vec.ts';
import type { ActionOf, Level, Play } from '../play/document.ts';
import { screenAngle } from '../play/kinds.ts';
import { readAt } from '../play/read-at.ts';
import { holderOf, walkLine, type FrameWalk, type Step } from '../play/state.ts';
import { lineTo } from '../play/tree.ts';
import { levelRecord, type LevelRecord } from './level.ts';
import { happens, isDoes, nodesOf, passesBy, type Node, type Runner, type Vertex } from './node.ts';
import {
  catchAt,
  kindOfPass,
  lastBar,
  moverTo,
  neverBegun,
  placeOn,
  reach,
  runsOf,
  spotOf,
  userOf,
  type Graph,
} from './graph.ts';
import { endsOf, FALLS } from './flight.ts';
import { timeTo } from './run.ts';
import { schedule } from './schedule.ts';
import type {
  Fault,
  Flight,
  Meeting,
  Possession,
  ScreenBody,
  Tie,
  TimedAction,
  Timeline,
} from './timeline.ts';

/** Height of a shot over the straight line at the middle of its flight, and at its ends, feet (from memory). */
const SHOT = { arc: 9, from: 7, rim: 10 } as const;

export interface Compiled {
  readonly timeline: Timeline;
  readonly faults: readonly Fault[];
}

/**
 * Puts one line of frames, from the first to `leafId`, into time: every man a body that starts, bends and
 * brakes as his level can, every action at its cue. Times in seconds, places in feet. Never throws on a
 * readable document; what cannot be timed as said comes back as a fault. `record` gives other figures for the level.
 */
export function compile(
  play: Play,
  leafId: string,
  court: Court,
  level: Level,
  record: LevelRecord = levelRecord(level, play.women ?? false),
): Compiled {
  const walks = walkLine(play, lineTo(play, leafId));
  const rim = rimOf(court);
  const reads = walks.map(({ frame }, i) =>
    frame.read && i > 0 ? readAt(court, frame.read, walks.slice(0, i)) : null,
  );
  const graph = schedule(nodesOf(walks, court), walks, record, rim, reads);
  return { timeline: timelineOf(graph, walks), faults: graph.faults };
}

function timelineOf(g: Graph, walks: readonly FrameWalk[]): Timeline {
  const { nodes, bars } = g;
  const { time: end } = lastBar(g);
  const slack = slackOf(g);
  const actions = nodes
    .map((n): TimedAction => ({
      action: n.action,
      frame: n.walk.frame.id,
      // The giver of a handoff waits from `time` on; it happens at the exchange.
      start: n.action.does === 'handoff' ? happens(n, 'release') : Math.min(n.time, n.left),
      end: Math.min(n.end, n.left),
      events: eventsOf(g, n),
      run: neverBegun(n) ? null : n.run,
      slack: slack.get(n) ?? 0,
    }))
    .sort((a, b) => a.start - b.start);
  return {
    actions,
    bars: walks.map((w, i) => ({
      frame: w.frame.id,
      start: bars[i]?.time ?? end,
      end: bars[i + 1]?.time ?? end,
    })),
    ties: tiesOf(nodes),
    meetings: nodes.flatMap((n) => meetingOf(n, g)),
    flights: nodes.flatMap((n) => flightOf(n, g)),
    screens: nodes.flatMap((n) => screenOf(n, g, walks)),
    possessions: possessionsOf(nodes, walks),
    moves: byPlayer((p) => actions.filter((a) => a.action.by === p && a.run)),
    starts: byPlayer((p) => walks[0]?.before.places[p] ?? { x: 0, y: 0 }),
    criticalPath: criticalPath(lastBar(g)),
    end,
  };
}

/** The moments of an action; a screen is used when its user is nearest. */
function eventsOf(g: Graph, n: Node): Node['events'] {
  if (!isDoes(n, 'screen')) return n.events;
  // Called away before he stood, he has set no screen.
  if (n.left < (n.events.set ?? n.end)) return { start: n.time, end: n.end };
  const user = userOf(g, n);
  return user ? { ...n.events, used: user.time + reach(user, spotOf(n)) } : n.events;
}

/** Back from the end by what held each thing longest. */
function criticalPath(last: Vertex): string[] {
  const path: string[] = [];
  for (let v: Vertex | undefined = last; v; v = v.binding?.from) {
    const n = v as Node;
    if (n.is === 'action') path.unshift(n.action.id);
  }
  return path;
}

/** Seconds each action could be later without making the play longer: a walk back over all ties. */
function slackOf(g: Graph): Map<Vertex, number> {
  const { nodes, bars } = g;
  const last = lastBar(g);
  const end = last.time;
  const order = [...nodes, ...bars].sort((a, b) => b.time - a.time);
  const slack = new Map<Vertex, number>(
    order.map((v) => [v, v === last ? 0 : Math.max(0, end - ((v as Partial<Node>).end ?? v.time))]),
  );
  // A second walk settles ties between things that happen at the same instant.
  for (let round = 0; round < 2; round++)
    for (const v of order)
      for (const e of v.needs) {
        if (e.kind === 'order') continue;
        const room = v.time - e.at() + (slack.get(v) ?? 0);
        slack.set(e.from, Math.max(0, Math.min(slack.get(e.from) ?? room, room)));
      }
  return slack;
}

function tiesOf(nodes: readonly Node[]): Tie[] {
  return nodes.flatMap((n) =>
    n.needs.flatMap((e): Tie[] => {
      const from = (e.on ?? e.from) as Node;
      if ((e.kind !== 'coach' && e.kind !== 'inferred') || from.is !== 'action' || !e.event) return [];
      return [
        {
          from: from.action.id,
          event: e.event,
          to: n.action.id,
          by: e.kind,
          at: e.at(),
          binds: n.binding === e,
        },
      ];
    }),
  );
}

/** The two moments that should be one, for a pass, a screen or a handoff. */
function meetingOf(n: Node, g: Graph): Meeting[] {
  const { action } = n;
  if (neverBegun(n)) return [];
  if (action.does === 'screen') {
    const user = userOf(g, n);
    const place = n.step.after.places[action.by];
    if (!user || n.events.set === undefined) return [];
    const by = user.time + reach(user, place);
    return [
      {
        kind: 'screen',
        action: action.id,
        players: [action.by, action.for],
        first: n.events.set,
        second: by,
        place,
      },
    ];
  }
  if (!n.has || (action.does !== 'pass' && action.does !== 'handoff')) return [];
  const run =
    moverTo(g, n, action.to) ?? (action.does === 'pass' ? runningAt(g, action.to, n.end) : undefined);
  if (action.does === 'pass') {
    const at = run ? placeOn(run, catchAt(run)) : n.step.before.places[action.to];
    const second = run ? run.time + timeTo(run.run, catchAt(run)) : null;
    return second === null
      ? []
      : [
          {
            kind: 'pass',
            action: action.id,
            players: [action.by, action.to],
            first: happens(n, 'catch'),
            second,
            place: at,
          },
        ];
  }
  const near = run && passesBy(run, n.from);
  return near
    ? [
        {
          kind: 'handoff',
          action: action.id,
          players: [action.by, action.to],
          first: n.time,
          second: run.time + timeTo(run.run, near.s),
          place: n.from,
        },
      ]
    : [];
}

/** The run a man is still on at a time. */
const runningAt = (g: Graph, player: PlayerId, t: number): Runner | undefined =>
  runsOf(g, player).findLast((r) => r.time < t - 1e-6 && r.end > t + 1e-6);

function flightOf(n: Node, g: Graph): Flight[] {
  const { action } = n;
  if (!n.has) return [];
  if (action.does === 'shot')
    return [
      {
        action: action.id,
        from: n.from,
        to: g.rim,
        release: happens(n, 'release'),
        arrive: n.end,
        passer: action.by,
        receiver: null,
        kind: null,
        high: { from: SHOT.from, to: SHOT.rim, arc: SHOT.arc * Math.min(1, distance(n.from, g.rim) / 15) },
      },
    ];
  if (!isDoes(n, 'pass') || n.action.to === n.action.by) return [];
  const kind = kindOfPass(g, n);
  const [from, to] = endsOf(g.level.pass, kind);
  const release = happens(n, 'release');
  const arrive = happens(n, 'catch');
  return [
    {
      action: action.id,
      from: n.from,
      to: n.aim ?? n.step.before.places[n.action.to],
      release,
      arrive,
      passer: action.by,
      receiver: n.action.to,
      kind,
      high: { from, to, arc: (FALLS * (arrive - release) ** 2) / 4 },
    },
  ];
}

function screenOf(n: Node, g: Graph, walks: readonly FrameWalk[]): ScreenBody[] {
  if (!isDoes(n, 'screen') || n.left < (n.events.set ?? 0)) return [];
  const at = n.step.after.places[n.action.by];
  const user = userOf(g, n);
  const near = user && passesBy(user, at);
  const next = g.nodes.find((x) => x.action.by === n.action.by && x.time >= n.end - 1e-9 && x !== n && x.run);
  return [
    {
      action: n.action.id,
      by: n.action.by,
      user: n.action.for,
      at,
      angle: screenAngle(n.walk, n.step as Step & { action: ActionOf<'screen'> }, walks[n.frame + 1]),
      arrive: n.time + (n.run?.duration ?? 0),
      set: n.events.set ?? n.end,
      left: next?.time ?? lastBar(g).time,
      used: near
        ? { at: user.time + timeTo(user.run, near.s), distance: near.distance, action: user.action.id }
        : null,
      slip: n.action.slip ?? false,
    },
  ];
}

/** The ball's hands in order of time: drawn order decides who has it, the schedule decides when. */
function possessionsOf(nodes: readonly Node[], walks: readonly FrameWalk[]): Possession[] {
  const first = walks[0];
  const out: Possession[] = first ? [{ from: 0, holder: holderOf(first.before), dribbling: false }] : [];
  const push = (from: number, holder: PlayerId | null, dribbling = false) =>
    out.push({ from: Math.max(from, out.at(-1)?.from ?? 0), holder, dribbling });
  for (const n of nodes) {
    if (!n.has) continue;
    const { action } = n;
    if (action.does === 'dribble') {
      push(n.time, action.by, true);
      push(n.end, action.by);
    } else if (action.does === 'handoff' && action.to !== action.by) push(happens(n, 'catch'), action.to);
    else if (action.does === 'shot') push(happens(n, 'release'), null);
    else if (action.does === 'pass' && action.to !== action.by) {
      push(happens(n, 'release'), null);
      push(happens(n, 'catch'), action.to);
    }
  }
  return out;
}
