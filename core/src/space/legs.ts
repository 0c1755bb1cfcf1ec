/** A man who runs the other way brakes this much harder than he starts (from memory). */
const BRAKING = 1.35;

/** Seconds from rest over `feet` with a top speed and a push. */
export function travel(feet: number, top: number, push: number): number {
  if (feet <= 0) return 0;
  const up = (top * top) / (2 * push);
  return feet <= up ? Math.sqrt((2 * feet) / push) : top / push + (feet - up) / top;
}

/** Feet covered in t seconds by a man with speed v0 toward his goal, ft/s; braking first when he runs away. */
export function covered(t: number, v0: number, top: number, push: number): number {
  let left = t;
  let feet = 0;
  let v = v0;
  if (v < 0) {
    const stop = -v / (BRAKING * push);
    feet = -(v * v) / (2 * BRAKING * push);
    left -= stop;
    v = 0;
    if (left <= 0) return feet;
  }
  if (left <= 0) return feet;
  if (v > top) v = top;
  const up = (top - v) / push;
  return left < up
    ? feet + v * left + 0.5 * push * left * left
    : feet + v * up + 0.5 * push * up * up + top * (left - up);
}

/** Seconds to cover `feet` from speed v0, the inverse of `covered`. */
export function timeFor(feet: number, v0: number, top: number, push: number): number {
  let way = feet;
  let t = 0;
  let v = v0;
  if (v < 0) {
    t = -v / (BRAKING * push);
    way += (v * v) / (2 * BRAKING * push);
    v = 0;
  }
  if (way <= 0) return 0;
  if (v > top) v = top;
  const up = (top * top - v * v) / (2 * push);
  return way <= up
    ? t + (Math.sqrt(v * v + 2 * push * way) - v) / push
    : t + (top - v) / push + (way - up) / top;
}
