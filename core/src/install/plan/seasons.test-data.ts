import {
  NO_PAST,
  earlierDay,
  type Plan,
  type PlanGame,
  type PlanOption,
  type PlanPractice,
  type Problem,
} from './problem.ts';
import { randomFrom } from './search.ts';

/** A season nobody made for anything: any number of practices, games, options and absences. */
export function randomSeason(seed: number, most = { practices: 40, options: 25 }): Problem {
  const random = randomFrom(seed * 7919 + 13);
  for (let i = 0; i < 5; i++) random();
  const int = (a: number, b: number): number => a + Math.floor(random() * (b - a + 1));
  const count = { practices: int(4, most.practices), options: int(3, most.options), concepts: int(6, 60) };
  let day = 0;
  const days = Array.from({ length: count.practices }, () => {
    const now = day;
    day += int(0, 9) === 0 ? 0 : int(1, 3);
    return now;
  });
  const games: PlanGame[] = [];
  for (let at = int(4, 9); at <= day + 1 || games.length === 0; at += int(4, 9))
    games.push({
      day: Math.min(at, day + 1),
      wants: Array.from({ length: count.options }, (_, option) => ({ option, weight: int(1, 3) })).filter(
        () => random() < 0.6,
      ),
    });
  const eves = new Set(games.map((g) => days.findLastIndex((d) => d < g.day)));
  const practices = days.map((d, t): PlanPractice => ({
    ...{ day: d, minutes: int(12, 36), nothingNew: eves.has(t) },
    barred: Array.from({ length: count.options }, (_, o) => o).filter(() => random() < 0.05),
  }));
  const options = Array.from({ length: count.options }, (_, i): PlanOption => ({
    ...{ key: `o${i}`, importance: int(1, 3), base: int(2, 5), past: NO_PAST },
    concepts: [...new Set(Array.from({ length: int(2, 8) }, () => int(0, count.concepts - 1)))],
    main: i > 2 && random() < 0.3 ? int(0, 2) : null,
  }));
  const concepts = Array.from({ length: count.concepts }, () => [0.5, 1, 1, 1.5, 2, 2, 3][int(0, 6)]!);
  const rules = { newEach: int(1, 3), liveMinutes: 10 };
  // In every second season some things are not taught by themselves.
  const together = seed % 2 === 0 ? concepts.map(() => random() < 0.4) : undefined;
  return { options, concepts, together, practices, games, ...rules };
}

/** Every rule of a plan checked again, by hand and with none of the code that makes plans. */
export function breaks(problem: Problem, plan: Plan): string[] {
  const out: string[] = [];
  const { options, practices } = problem;
  const known = problem.concepts.map((m) => m === 0);
  const introduced = new Map<number, number>();
  const reviewed = new Map<number, number>();
  practices.forEach((p, t) => {
    const here = plan.touches.filter((x) => x.practice === t);
    const drills = plan.drills.filter((x) => x.practice === t);
    let minutes = 0;
    // What stands has its minutes for itself, and what it teaches is taught.
    const stands = (o: number): boolean =>
      problem.stands?.touches.some((x) => x.practice === t && x.option === o) === true;
    for (const x of here)
      if (x.is === 'in' && stands(x.option)) for (const c of options[x.option]!.concepts) known[c] = true;
    for (const d of drills)
      if (problem.stands?.drills.some((x) => x.practice === t && x.concept === d.concept))
        known[d.concept] = true;
    for (const d of drills) {
      if (p.nothingNew) out.push(`drill on the eve, ${t}`);
      if (problem.together?.[d.concept]) out.push(`taught by itself, ${d.concept}`);
      if (!known[d.concept]) minutes += problem.concepts[d.concept]!;
      known[d.concept] = true;
    }
    // Those whose line as drawn comes in the same day stand behind it.
    const ins = here
      .filter((x) => x.is === 'in')
      .sort((a, b) => Number(options[a.option]!.main !== null) - Number(options[b.option]!.main !== null));
    for (const x of ins) {
      const o = options[x.option]!;
      if (p.nothingNew || p.barred.includes(x.option)) out.push(`in where it may not, ${t}`);
      if (introduced.has(x.option)) out.push(`in twice, ${x.option}`);
      if (o.main !== null && !introduced.has(o.main)) out.push(`before its line as drawn, ${x.option}`);
      introduced.set(x.option, t);
      if (!stands(x.option)) minutes += o.base;
      for (const c of o.concepts)
        if (!known[c]) {
          minutes += problem.concepts[c]!;
          known[c] = true;
        }
    }
    if (ins.length > problem.newEach) out.push(`too many new, ${t}`);
    if (here.length > 6) out.push(`too many options, ${t}`);
    for (const x of here.filter((y) => y.is !== 'in')) {
      if (!stands(x.option)) minutes += x.is === 'review' ? 3 : x.is === 'live' ? 5 : 8;
      const at = introduced.get(x.option);
      if (at === undefined || practices[at]!.day >= p.day)
        out.push(`touched the day it came in, ${x.option} ${t}`);
      if (x.is !== 'review' && p.barred.includes(x.option)) out.push(`live without its men, ${t}`);
      if (x.is === 'live' && !((reviewed.get(x.option) ?? Infinity) < t))
        out.push(`live before a review, ${t}`);
      if (x.is !== 'live' && !reviewed.has(x.option)) reviewed.set(x.option, t);
    }
    if (here.some((x, i) => here.findIndex((y) => y.option === x.option) !== i))
      out.push(`twice a day, ${t}`);
    if (minutes > p.minutes + 1e-6) out.push(`${minutes} of ${p.minutes} minutes, ${t}`);
  });
  return out;
}

/** Every plan there is of a season so small that they can all be tried, and what the best of them is worth. */
export function everyPlan(problem: Problem, value: (plan: Plan) => number): { best: number; plans: number } {
  const { options, practices, concepts } = problem;
  let best = -Infinity;
  let plans = 0;
  const touches: Plan['touches'][number][] = [];
  const drills: Plan['drills'][number][] = [];
  const visit = (t: number, o: number): void => {
    if (t === practices.length) {
      plans++;
      best = Math.max(best, value({ touches: [...touches], drills: [...drills] }));
      return;
    }
    if (o === options.length + concepts.length) {
      if (breaks(problem, { touches, drills }).length === 0) visit(t + 1, 0);
      return;
    }
    visit(t, o + 1);
    if (o >= options.length) {
      const concept = o - options.length;
      if (drills.some((d) => d.concept === concept)) return;
      drills.push({ practice: t, concept });
      visit(t, o + 1);
      drills.pop();
      return;
    }
    const isIn = touches.some((x) => x.option === o && x.is === 'in');
    for (const is of isIn ? (['review', 'live', 'both'] as const) : (['in'] as const)) {
      if (isIn && touches.find((x) => x.option === o && x.is === 'in')!.practice > earlierDay(problem, t))
        continue;
      touches.push({ practice: t, option: o, is });
      visit(t, o + 1);
      touches.pop();
    }
  };
  visit(0, 0);
  return { best, plans };
}
