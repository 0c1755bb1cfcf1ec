import type { Held } from './greedy.ts';
import { touchKey, type Plan, type Problem } from './problem.ts';
import { valueOf } from './value.ts';
import { wrongIn } from './wrong.ts';

/**
 * What of a plan can still be carried out after something changed: blocks that can't are left out, as few as it takes and
 * the least worth first of those that leave the least against it; what is held stays whatever it breaks.
 */
export function standing(problem: Problem, plan: Plan, held: Held): Plan {
  const kept = new Set(held.touches.map(touchKey));
  let now = plan;
  for (let left = plan.touches.length + plan.drills.length; left > 0; left--) {
    const wrong = wrongIn(problem, now);
    const out = wrong
      .flatMap((w) =>
        now.touches.filter(
          (x) =>
            x.practice === w.practice &&
            (w.option === null || x.option === w.option) &&
            !kept.has(touchKey(x)),
        ),
      )
      .map((x) => {
        const without = { ...now, touches: now.touches.filter((y) => y !== x) };
        const left = wrongIn(problem, without).length;
        return { without, left, value: valueOf(problem, without).value };
      });
    const best = out.reduce<(typeof out)[number] | null>(
      (a, b) => (!a || b.left < a.left || (b.left === a.left && b.value > a.value) ? b : a),
      null,
    );
    if (best) now = best.without;
    else {
      const heldDrills = new Set(held.drills.map((d) => `${d.practice} ${d.concept}`));
      const drill = now.drills.find(
        (d) => wrong.some((w) => w.practice === d.practice) && !heldDrills.has(`${d.practice} ${d.concept}`),
      );
      if (!drill) return now;
      now = { ...now, drills: now.drills.filter((d) => d !== drill) };
    }
  }
  return now;
}
