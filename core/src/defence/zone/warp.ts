import type { Court } from '../../court/court.ts';

/** The tables and labels are drawn for this arc (ft); another court moves them with its own. */
const DRAWN_ARC = 19.75;

const clamp01 = (v: number): number => (v < 0 ? 0 : v > 1 ? 1 : v);

/** Moves a place of the drawn floor to where it belongs on a court: with the arc, out from 13 ft of the rim on. */
export function warp(court: Court, x: number, y: number, out: { x: number; y: number }): void {
  const dy = y - court.rimY;
  const r = Math.sqrt(x * x + dy * dy);
  const k = r <= 13 ? 0 : ((court.arcRadius - DRAWN_ARC) * clamp01((r - 13) / 8.9)) / r;
  out.x = Math.min(23.4, Math.max(-23.4, x + x * k));
  out.y = Math.max(2, y + dy * k);
}
