import {
  catchPlace,
  fromDegrees,
  pathOf,
  polyline,
  rimOf,
  screenAngle,
  through,
  type Action,
  type Court,
  type Curve,
  type FrameWalk,
  type Step,
} from '@corkscrew/core';
import { onScreen, round, toScene, type Scale, type SceneItem, type Tone } from './scene.ts';
import { bar, bowed, circle, curveData, direction, fin, outside, vee, waveData } from './strokes.ts';

type P = { readonly x: number; readonly y: number };
type Verb = Action['does'];
type Of<V extends Verb> = Extract<Action, { does: V }>;

/** What a line is drawn with: where it is in the play, how large, and in whose colour. */
interface Pen<A extends Action = Action> {
  readonly court: Court;
  readonly walk: FrameWalk;
  readonly step: Step;
  readonly action: A;
  readonly scale: Scale;
  readonly next: FrameWalk | undefined;
  readonly tone: Tone | undefined;
  /** How large marks are. */
  readonly k: number;
  /** Where his line begins, and how far from a man's middle it is clear of him; drawing units. */
  readonly from: P;
  readonly body: number;
}

interface Stroke {
  readonly dash?: string;
  readonly width?: number;
  readonly cap?: 'round' | 'butt';
}

/** A line with sheet round it, so that what it crosses is not in its colour. */
function stroke(
  { action, k, tone }: Pen,
  curve: Curve,
  d: string,
  colour: Tone,
  how: Stroke = {},
): SceneItem[] {
  return [
    { shape: 'path', part: 'halo', stroke: 'sheet', width: round(6.25 * k), d: curveData(curve) },
    {
      shape: 'path',
      part: action.does,
      action: action.id,
      stroke: tone ?? colour,
      width: round(2.25 * Math.max(0.6, k)),
      d,
      ...how,
    },
  ];
}

/** What stands at the end of a line. */
function end({ action, tone }: Pen, colour: Tone, width: number, d: string, how: Stroke = {}): SceneItem {
  return {
    shape: 'path',
    part: `${action.does}-end`,
    action: action.id,
    stroke: tone ?? colour,
    width: round(width),
    d,
    ...how,
  };
}

const tip = (curve: Curve): { p: P; u: P } => ({
  p: curve.points.at(-1)!,
  u: direction(curve, curve.length),
});

/** His way on screen, outside his body. */
function wayOf({ step, action, scale, body }: Pen): Curve | null {
  const path = pathOf(action);
  if (path.length === 0) return null;
  const points = through(step.before.places[action.by], path).points.map((p) => toScene(scale, p));
  return outside(polyline(points), body, 0);
}

function run(pen: Pen<Of<'cut'> | Of<'dribble'>>): SceneItem[] {
  const { action, k, tone } = pen;
  const whole = wayOf(pen);
  if (!whole) return [];
  const drawn = outside(whole, 0, 8 * k) ?? whole;
  const dribbles = action.does === 'dribble';
  const colour = dribbles ? 'live' : 'ink';
  const { p, u } = tip(whole);
  return [
    ...stroke(pen, whole, dribbles ? waveData(drawn, k) : curveData(drawn), colour),
    { shape: 'path', part: `${action.does}-end`, action: action.id, fill: tone ?? colour, d: fin(p, u, k) },
  ];
}

/** One for every verb: the line it draws on the floor, in trade notation. */
const DRAWN: { readonly [V in Verb]: (pen: Pen<Of<V>>) => SceneItem[] } = {
  cut: run,
  dribble: run,
  screen(pen) {
    const { action, walk, step, next, scale, k } = pen;
    const whole = wayOf(pen);
    const at = toScene(scale, step.after.places[action.by]);
    const u = fromDegrees(onScreen(scale, screenAngle(walk, { ...step, action }, next)));
    return [
      ...(whole ? stroke(pen, whole, curveData(whole), 'ink') : []),
      end(pen, 'ink', 5 * k, bar(at, u, 12 * k), { cap: 'butt' }),
    ];
  },
  pass(pen) {
    const { action, walk, step, scale, k, from, body } = pen;
    const to = toScene(scale, catchPlace(walk, step, action.to));
    const curve = outside(bowed(from, to, 0.04), body, 17 * k);
    if (!curve) return [];
    const { p, u } = tip(curve);
    return [
      ...stroke(pen, curve, curveData(curve), 'live', { dash: `${round(7 * k)} ${round(5 * k)}` }),
      end(pen, 'live', 2.25 * Math.max(0.6, k), vee(p, u, k), { cap: 'round' }),
    ];
  },
  handoff(pen) {
    const { action, walk, step, scale, k, from, body } = pen;
    const to = toScene(scale, catchPlace(walk, step, action.to));
    const close = Math.hypot(to.x - from.x, to.y - from.y) < 44 * k;
    const partner = close ? to : nearer(from, to, 40 * k);
    const curve = outside(polyline([from, partner]), close ? 0 : body, 0) ?? polyline([from, partner]);
    const mid = { x: (from.x + partner.x) / 2, y: (from.y + partner.y) / 2 };
    const u = direction(curve, curve.length / 2);
    const ticks = [-2.6, 2.6].map((off) =>
      end(pen, 'live', 2.4 * k, bar({ x: mid.x + u.x * off * k, y: mid.y + u.y * off * k }, u, 6 * k)),
    );
    return close ? ticks : [...stroke(pen, curve, curveData(curve), 'live'), ...ticks];
  },
  shot(pen) {
    const { court, scale, k, from, body } = pen;
    const rim = toScene(scale, rimOf(court));
    const curve = outside(bowed(from, rim, 0.05), body, 11 * k);
    const dots = { dash: `0.1 ${round(5 * k)}`, width: round(2.6 * k), cap: 'round' } as const;
    return [
      ...(curve ? stroke(pen, curve, curveData(curve), 'live', dots) : []),
      end(pen, 'live', 2 * k, circle(rim, 12 * k)),
    ];
  },
  fake(pen) {
    const { court, action, step, scale, k, from, body } = pen;
    const goal = toScene(scale, action.to ? step.before.places[action.to] : rimOf(court));
    const curve = outside(polyline([from, nearer(from, goal, 46 * k)]), body, 0);
    if (!curve) return [];
    const { p, u } = tip(curve);
    return [
      ...stroke(pen, curve, curveData(curve), 'live', { dash: `${round(3 * k)} ${round(3 * k)}` }),
      end(pen, 'live', 2.25 * k, bar(p, u, 4 * k)),
    ];
  },
  seal(pen) {
    const { action, step, scale, k } = pen;
    const whole = wayOf(pen);
    const at = toScene(scale, step.after.places[action.by]);
    return [
      ...(whole ? stroke(pen, whole, curveData(whole), 'ink') : []),
      ...[-19, -24].map((off) =>
        end(pen, 'ink', 2.25 * k, bar({ x: at.x, y: at.y + off * k }, { x: 0, y: 1 }, 9 * k)),
      ),
    ];
  },
  hold: () => [],
};

/** The line one action draws on the floor, in trade notation. */
export function actionItems(
  court: Court,
  walk: FrameWalk,
  step: Step,
  scale: Scale,
  next?: FrameWalk,
  tone?: Tone,
): SceneItem[] {
  const { action } = step;
  const k = scale.mark;
  const from = toScene(scale, step.before.places[action.by]);
  const draw = DRAWN[action.does] as (pen: Pen) => SceneItem[];
  return draw({ court, walk, step, action, scale, next, tone, k, from, body: 18 * k });
}

function nearer(from: P, to: P, length: number): P {
  const d = Math.hypot(to.x - from.x, to.y - from.y);
  return d < 1e-6
    ? from
    : { x: from.x + ((to.x - from.x) / d) * length, y: from.y + ((to.y - from.y) / d) * length };
}
