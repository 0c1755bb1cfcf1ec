import type { TimedAction, Timeline } from './timeline.ts';

const BALL = new Set(['pass', 'dribble', 'handoff', 'shot']);

/**
 * The same line with one pass held: it and everything it brings about is left out, and everybody else goes
 * on. What the passer would have seen had he waited. `after` seconds past the pass are kept.
 */
export function heldAt(timeline: Timeline, pass: string, after: number): Timeline {
  const held = timeline.actions.find((a) => a.action.id === pass);
  if (!held) return timeline;
  const cut = held.start;
  const gone = goneWith(timeline, held);
  const actions = timeline.actions.filter((a) => !gone.has(a.action.id));
  const moves = Object.fromEntries(
    Object.entries(timeline.moves).map(([p, all]) => [p, all.filter((m) => !gone.has(m.action.id))]),
  ) as unknown as Timeline['moves'];
  const end = Math.max(cut + after, ...actions.map((a) => a.end));
  return {
    ...timeline,
    actions,
    moves,
    ties: timeline.ties.filter((t) => !gone.has(t.from) && !gone.has(t.to)),
    meetings: timeline.meetings.filter((m) => !gone.has(m.action)),
    flights: timeline.flights.filter((f) => !gone.has(f.action)),
    possessions: timeline.possessions.filter((p) => p.from <= cut),
    screens: timeline.screens
      .filter((s) => !gone.has(s.action))
      .map((s) => ({
        ...s,
        left: moves[s.by].some((m) => Math.abs(m.start - s.left) < 1e-6) ? s.left : end,
        used: s.used && gone.has(s.used.action) ? null : s.used,
      })),
    end,
  };
}

/** A pass, and all that waits for it: by its ties, by the ball, by the frame, by the man. */
function goneWith(timeline: Timeline, pass: TimedAction): Set<string> {
  const gone = new Set([pass.action.id]);
  const frames = timeline.bars.map((b) => b.frame);
  const frame = frames.indexOf(pass.frame);
  const coached = new Set(timeline.ties.filter((t) => t.by === 'coach').map((t) => t.to));
  for (const a of timeline.actions) {
    if (a.start < pass.start - 1e-9 || gone.has(a.action.id)) continue;
    const waits = timeline.ties.some((t) => t.to === a.action.id && gone.has(t.from) && !timesBack(t));
    const later = frames.indexOf(a.frame) > frame && !coached.has(a.action.id);
    const same = timeline.actions.some(
      (b) => b.action.by === a.action.by && gone.has(b.action.id) && b !== pass,
    );
    if (waits || later || same || BALL.has(a.action.does)) gone.add(a.action.id);
  }
  return gone;

  /** The receiver's run that only times itself back from the catch is his own. */
  function timesBack(t: Timeline['ties'][number]): boolean {
    return t.from === pass.action.id && t.by === 'inferred' && t.event === 'catch';
  }
}
