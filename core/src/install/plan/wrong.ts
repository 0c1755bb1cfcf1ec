import { OPTIONS_EACH, earlierDay, type Plan, type Problem } from './problem.ts';
import { valueOf } from './value.ts';

/** Why a plan can't be carried out: where, with which option, and what is against it. */
export interface WrongPlan {
  readonly practice: number;
  readonly option: number | null;
  readonly is:
    | 'minutes'
    | 'new'
    | 'options'
    | 'nothingNew'
    | 'barred'
    | 'notIn'
    | 'sameDay'
    | 'alone'
    | 'mainLine'
    | 'liveBeforeReview'
    | 'twice';
}

/** Everything that speaks against a plan; nothing where it can be carried out. */
export function wrongIn(problem: Problem, plan: Plan): WrongPlan[] {
  const { options, practices } = problem;
  const wrong: WrongPlan[] = [];
  const add = (is: WrongPlan['is'], practice: number, option: number | null = null): void =>
    void wrong.push({ practice, option, is });
  const introduced = options.map((o) => o.past.introduced);
  const ins = plan.touches.filter((x) => x.is === 'in');
  for (const { option, practice } of ins) {
    const was = introduced[option];
    if (was !== null && was !== undefined) add('twice', practice, option);
    introduced[option] = practice;
  }
  valueOf(problem, plan).minutes.forEach((m, t) => {
    if (m > practices[t]!.minutes + 1e-6) add('minutes', t);
    const here = plan.touches.filter((x) => x.practice === t);
    if (here.length > OPTIONS_EACH) add('options', t);
    if (new Set(here.map((x) => x.option)).size < here.length) add('twice', t);
    if (here.filter((x) => x.is === 'in').length > problem.newEach) add('new', t);
    if (!practices[t]!.nothingNew) return;
    if (here.some((x) => x.is === 'in') || plan.drills.some((d) => d.practice === t)) add('nothingNew', t);
  });
  for (const { concept, practice } of plan.drills) if (problem.together?.[concept]) add('alone', practice);
  for (const { option, practice, is } of plan.touches) {
    const { main, past } = options[option]!;
    if (is !== 'review' && practices[practice]!.barred.includes(option)) add('barred', practice, option);
    const at = introduced[option];
    if (is === 'in') {
      const as = main === null ? -1 : introduced[main];
      if (as === null || as === undefined || as > practice) add('mainLine', practice, option);
      continue;
    }
    if (at === null || at === undefined) add('notIn', practice, option);
    else if (at >= 0 ? at > earlierDay(problem, practice) : past.today && sameDay(problem, practice))
      add('sameDay', practice, option);
    const before = past.reviewed || plan.touches.some((x) => isReview(x, option) && x.practice < practice);
    if (is === 'live' && !before) add('liveBeforeReview', practice, option);
  }
  return wrong;
}

const isReview = (x: Plan['touches'][number], option: number): boolean =>
  x.option === option && (x.is === 'review' || x.is === 'both');
const sameDay = ({ practices }: Problem, t: number): boolean => practices[t]!.day === practices[0]!.day;
