/** A point or vector on the floor, in feet; see the origin in court/court.ts. */
export interface Point {
  readonly x: number;
  readonly y: number;
}

export const distance = (a: Point, b: Point): number => Math.sqrt((a.x - b.x) ** 2 + (a.y - b.y) ** 2);

export const lerp = (a: Point, b: Point, t: number): Point => ({
  x: a.x + (b.x - a.x) * t,
  y: a.y + (b.y - a.y) * t,
});

/** Unit vector from a to b; the zero vector when they coincide. */
export function unit(a: Point, b: Point): Point {
  const d = distance(a, b);
  return d < 1e-9 ? { x: 0, y: 0 } : { x: (b.x - a.x) / d, y: (b.y - a.y) / d };
}

/** Nearest point to `p` on the segment a–b, and how far along it lies (0…1). */
export function nearestOnSegment(
  p: Point,
  a: Point,
  b: Point,
): { point: Point; t: number; distance: number } {
  const dx = b.x - a.x;
  const dy = b.y - a.y;
  const len2 = dx * dx + dy * dy;
  const raw = len2 < 1e-12 ? 0 : ((p.x - a.x) * dx + (p.y - a.y) * dy) / len2;
  const t = Math.min(1, Math.max(0, raw));
  const point = { x: a.x + dx * t, y: a.y + dy * t };
  return { point, t, distance: distance(p, point) };
}

/** Direction of a vector in degrees counter-clockwise from +x, 0 ≤ a < 360. */
export function degrees(v: Point): number {
  const a = (Math.atan2(v.y, v.x) * 180) / Math.PI;
  return a < 0 ? a + 360 : a;
}

export function fromDegrees(a: number): Point {
  return { x: Math.cos((a * Math.PI) / 180), y: Math.sin((a * Math.PI) / 180) };
}

/** A direction brought into more than −180°, at most 180°; what is no number stays what it is. */
export function turned(angle: number): number {
  if (!Number.isFinite(angle) || (angle > -180 && angle <= 180)) return angle;
  // Nought from below is nought.
  const rest = (angle % 360) + 0;
  return rest > 180 ? rest - 360 : rest <= -180 ? rest + 360 : rest;
}
