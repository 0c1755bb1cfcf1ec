import {
  catchPlace,
  fromDegrees,
  pathOf,
  polyline,
  rimOf,
  screenAngle,
  through,
  type Court,
  type Curve,
  type FrameWalk,
  type Step,
} from '@corkscrew/core';
import { onScreen, round, toScene, type Scale, type SceneItem, type Tone } from './scene.ts';
import { bar, bowed, circle, curveData, direction, fin, outside, vee, waveData } from './strokes.ts';

type P = { readonly x: number; readonly y: number };

/** The line one action draws on the floor, in trade notation. */
export function actionItems(
  court: Court,
  walk: FrameWalk,
  step: Step,
  scale: Scale,
  next?: FrameWalk,
  tone?: Tone,
): SceneItem[] {
  const k = scale.mark;
  const { action, before, after } = step;
  const from = toScene(scale, before.places[action.by]);
  const items: SceneItem[] = [];
  const body = 18 * k;
  const stroke = (
    curve: Curve,
    d: string,
    colour: Tone,
    extra: { dash?: string; width?: number; cap?: 'round' | 'butt' } = {},
  ) => {
    items.push({ shape: 'path', part: 'halo', stroke: 'sheet', width: round(6.25 * k), d: curveData(curve) });
    items.push({
      shape: 'path',
      part: action.does,
      action: action.id,
      stroke: tone ?? colour,
      width: round(2.25 * Math.max(0.6, k)),
      d,
      ...extra,
    });
  };
  const tip = (curve: Curve) => ({ p: curve.points.at(-1)!, u: direction(curve, curve.length) });
  const floorCurve = () =>
    polyline(through(before.places[action.by], pathOf(action)).points.map((p) => toScene(scale, p)));

  switch (action.does) {
    case 'cut':
    case 'dribble': {
      const whole = outside(floorCurve(), body, 0);
      if (!whole) return [];
      const drawn = outside(whole, 0, 8 * k) ?? whole;
      const colour = action.does === 'dribble' ? 'live' : 'ink';
      stroke(whole, action.does === 'dribble' ? waveData(drawn, k) : curveData(drawn), colour);
      const { p, u } = tip(whole);
      items.push({
        shape: 'path',
        part: `${action.does}-end`,
        action: action.id,
        fill: tone ?? colour,
        d: fin(p, u, k),
      });
      return items;
    }
    case 'screen': {
      const whole = outside(floorCurve(), body, 0);
      const at = toScene(scale, after.places[action.by]);
      if (whole) stroke(whole, curveData(whole), 'ink');
      const angle = screenAngle(walk, { ...step, action }, next);
      const u = fromDegrees(onScreen(scale, angle));
      items.push({
        shape: 'path',
        part: 'screen-end',
        action: action.id,
        stroke: tone ?? 'ink',
        width: round(5 * k),
        cap: 'butt',
        d: bar(at, u, 12 * k),
      });
      return items;
    }
    case 'pass': {
      const to = toScene(scale, catchPlace(walk, step, action.to));
      const curve = outside(bowed(from, to, 0.04), body, 17 * k);
      if (!curve) return [];
      stroke(curve, curveData(curve), 'live', { dash: `${round(7 * k)} ${round(5 * k)}` });
      const { p, u } = tip(curve);
      items.push({
        shape: 'path',
        part: 'pass-end',
        action: action.id,
        stroke: tone ?? 'live',
        width: round(2.25 * Math.max(0.6, k)),
        cap: 'round',
        d: vee(p, u, k),
      });
      return items;
    }
    case 'handoff': {
      const to = toScene(scale, catchPlace(walk, step, action.to));
      const close = Math.hypot(to.x - from.x, to.y - from.y) < 44 * k;
      const partner = close ? to : nearer(from, to, 40 * k);
      const curve = outside(polyline([from, partner]), close ? 0 : body, 0) ?? polyline([from, partner]);
      const mid = { x: (from.x + partner.x) / 2, y: (from.y + partner.y) / 2 };
      const u = direction(curve, curve.length / 2);
      if (!close) stroke(curve, curveData(curve), 'live');
      for (const off of [-2.6, 2.6]) {
        items.push({
          shape: 'path',
          part: 'handoff-end',
          action: action.id,
          stroke: tone ?? 'live',
          width: round(2.4 * k),
          d: bar({ x: mid.x + u.x * off * k, y: mid.y + u.y * off * k }, u, 6 * k),
        });
      }
      return items;
    }
    case 'shot': {
      const rim = toScene(scale, rimOf(court));
      const curve = outside(bowed(from, rim, 0.05), body, 11 * k);
      if (curve)
        stroke(curve, curveData(curve), 'live', {
          dash: `0.1 ${round(5 * k)}`,
          width: round(2.6 * k),
          cap: 'round',
        });
      items.push({
        shape: 'path',
        part: 'shot-end',
        action: action.id,
        stroke: tone ?? 'live',
        width: round(2 * k),
        d: circle(rim, 12 * k),
      });
      return items;
    }
    case 'fake': {
      const goal: P = action.to ? toScene(scale, before.places[action.to]) : toScene(scale, rimOf(court));
      const curve = outside(polyline([from, nearer(from, goal, 46 * k)]), body, 0);
      if (!curve) return [];
      stroke(curve, curveData(curve), 'live', { dash: `${round(3 * k)} ${round(3 * k)}` });
      items.push({
        shape: 'path',
        part: 'fake-end',
        action: action.id,
        stroke: tone ?? 'live',
        width: round(2.25 * k),
        d: bar(curve.points.at(-1)!, direction(curve, curve.length), 4 * k),
      });
      return items;
    }
    case 'seal': {
      const whole = action.path?.length ? outside(floorCurve(), body, 0) : null;
      if (whole) stroke(whole, curveData(whole), 'ink');
      const at = toScene(scale, after.places[action.by]);
      for (const off of [-19, -24])
        items.push({
          shape: 'path',
          part: 'seal-end',
          action: action.id,
          stroke: tone ?? 'ink',
          width: round(2.25 * k),
          d: bar({ x: at.x, y: at.y + off * k }, { x: 0, y: 1 }, 9 * k),
        });
      return items;
    }
    case 'hold':
      return [];
  }
}

function nearer(from: P, to: P, length: number): P {
  const d = Math.hypot(to.x - from.x, to.y - from.y);
  return d < 1e-6
    ? from
    : { x: from.x + ((to.x - from.x) / d) * length, y: from.y + ((to.y - from.y) / d) * length };
}
