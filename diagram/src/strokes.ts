import { pointAt, polyline, slice, type Curve } from '@corkscrew/core';
import { curveCatmullRom, line as d3line } from 'd3-shape';
import { round } from './scene.ts';

type P = { readonly x: number; readonly y: number };

const smooth = d3line<P>()
  .x((p) => round(p.x))
  .y((p) => round(p.y))
  .curve(curveCatmullRom.alpha(0.5))
  .digits(2);

/** SVG data of a curve in scene pixels, with few points. */
export function curveData(curve: Curve): string {
  const n = curve.points.length < 3 ? 1 : Math.max(2, Math.ceil(curve.length / 24));
  const points = Array.from({ length: n + 1 }, (_, i) => pointAt(curve, (curve.length * i) / n));
  return smooth(points) ?? '';
}

/** A wave along a curve for the dribble: it swells after the start, and the last stretch is straight. */
export function waveData(curve: Curve, k: number): string {
  const height = 3.7 * k;
  const wave = 13 * k;
  const straight = 10 * k;
  const body = curve.length - straight;
  if (body < wave) return curveData(curve);
  const n = Math.max(1, Math.round(body / wave)) * 4;
  const points: P[] = [];
  for (let i = 0; i <= n; i++) {
    const s = (body * i) / n;
    const taper = Math.min(1, i / 4, (n - i) / 4);
    const off = Math.sin((i * Math.PI) / 2) * height * taper;
    const { x: ux, y: uy } = direction(curve, s);
    const p = pointAt(curve, s);
    points.push({ x: p.x - uy * off, y: p.y + ux * off });
  }
  points.push(pointAt(curve, curve.length));
  return smooth(points) ?? '';
}

export function direction(curve: Curve, s: number): P {
  const a = pointAt(curve, Math.max(0, s - 2));
  const b = pointAt(curve, Math.min(curve.length, s + 2));
  const d = Math.hypot(b.x - a.x, b.y - a.y);
  return d < 1e-9 ? { x: 0, y: 1 } : { x: (b.x - a.x) / d, y: (b.y - a.y) / d };
}

/** The part of a curve outside the bodies at both ends (pixels). Null when nothing is left to draw. */
export function outside(curve: Curve, start: number, end: number): Curve | null {
  return curve.length - start - end < 2 ? null : slice(curve, start, curve.length - end);
}

/** A line from a to b, bowed a little to one side. */
export function bowed(a: P, b: P, share: number): Curve {
  const mid = { x: (a.x + b.x) / 2 - (b.y - a.y) * share, y: (a.y + b.y) / 2 + (b.x - a.x) * share };
  const points = Array.from({ length: 13 }, (_, i) => {
    const t = i / 12;
    const u = 1 - t;
    return {
      x: u * u * a.x + 2 * u * t * mid.x + t * t * b.x,
      y: u * u * a.y + 2 * u * t * mid.y + t * t * b.y,
    };
  });
  return polyline(share === 0 ? [a, b] : points);
}

const at = (p: P, u: P, along: number, across: number): string =>
  `${round(p.x + u.x * along - u.y * across)} ${round(p.y + u.y * along + u.x * across)}`;

/** Filled swept arrowhead with its tip at p, pointing along u. */
export const fin = (p: P, u: P, k: number): string =>
  `M${at(p, u, 0, 0)}L${at(p, u, -12 * k, 5.2 * k)}L${at(p, u, -8.8 * k, 0)}L${at(p, u, -12 * k, -5.2 * k)}Z`;
/** Open V of a pass. */
export const vee = (p: P, u: P, k: number): string =>
  `M${at(p, u, -8 * k, 5 * k)}L${at(p, u, 0, 0)}L${at(p, u, -8 * k, -5 * k)}`;
/** A bar of half-length `half` through p across u. */
export const bar = (p: P, u: P, half: number): string => `M${at(p, u, 0, half)}L${at(p, u, 0, -half)}`;
export const circle = (p: P, r: number): string =>
  `M${round(p.x - r)} ${round(p.y)}a${round(r)} ${round(r)} 0 1 0 ${round(2 * r)} 0a${round(r)} ${round(r)} 0 1 0 ${round(-2 * r)} 0Z`;
