import {
  conceptWords,
  lineWords,
  lettings,
  PlanRowSchema,
  withPlan,
  wrongInPlan,
  type Course,
  type Gives,
  type InstallPlan,
  type InstallTeam,
  type Kept,
  type Letting,
  type PlanOrder,
  type Practice,
  type Teller,
} from '@corkscrew/core';
import { nanoid } from 'nanoid';
import { useEffect, useRef, useState } from 'react';
import { call, send, Unreachable } from '../../app/api.ts';
import type { PlanHow } from '../../questions/kinds.ts';
import { questions } from '../../questions/questions.ts';

/** A plan that was found and not taken yet. */
interface Proposed {
  readonly how: PlanHow;
  readonly course: Course;
  readonly plan: InstallPlan;
  readonly value: number;
  readonly practices: readonly Kept<Practice>[];
}
/** What would give more for certain, and what would have to be let go for it. */
export interface Giving {
  readonly letting: Letting;
  readonly gives: Gives;
}
/** How the longer look goes, in words; null while there is none. */
export interface LongerLook {
  readonly words: string;
  readonly runs: boolean;
}

/** How often the server is asked how far it is (ms). */
const ASK = 700;
const at = (id: string): string => `/api/plans/${encodeURIComponent(id)}`;

/** Plans of a team's season: one at once, found on this page, and a better one looked for by the server. */
export function usePlanning(team: InstallTeam, today: string, t: Teller) {
  const [proposed, setProposed] = useState<Proposed | null>(null);
  const [busy, setBusy] = useState(false);
  const [look, setLook] = useState<LongerLook | null>(null);
  const [gives, setGives] = useState<readonly Giving[]>([]);
  const looking = useRef<string | null>(null);
  const stop = (): void => {
    const id = looking.current;
    looking.current = null;
    if (id) void call(PlanRowSchema, `${at(id)}/cancel`, { method: 'POST' }).catch(() => undefined);
  };
  useEffect(() => stop, []);
  const asPractices = (
    how: PlanHow,
    of: InstallTeam,
    course: Course,
    plan: InstallPlan,
  ): readonly Kept<Practice>[] =>
    withPlan(course, plan, of.practices, of.plays, {
      fresh: () => nanoid(8),
      keepsOwn: how === 'near',
      drill: (c) => conceptWords(c, t),
      line: (play, leaf) => lineWords(play, leaf, t),
    });
  const propose = (how: PlanHow, of: InstallTeam, course: Course, plan: InstallPlan, value: number): void =>
    setProposed({ how, course, plan, value, practices: asPractices(how, of, course, plan) });

  return {
    ...{ proposed, busy, look, gives },
    /** Of records that are on their way too. */
    plan: (how: PlanHow, of: InstallTeam = team, from?: InstallPlan): void => {
      stop();
      setLook(null);
      setGives([]);
      setBusy(true);
      void questions
        .ask('plan', { team: of, today, how, from }, { key: `plan ${nanoid(6)}`, priority: 'now' })
        .answer.then((found) => found && propose(how, of, found.course, found.plan, found.value))
        .finally(() => setBusy(false));
    },
    /** A longer look by the server; what is better is shown as it comes. */
    better: async (): Promise<void> => {
      if (!proposed) return;
      const { course, how } = proposed;
      const letGo = lettings(course, proposed.plan, team.practices, team.plays, team.season !== null);
      setGives([]);
      let best = proposed.value;
      setLook({ words: 'Looking for a better one.', runs: true });
      try {
        const order = {
          problem: course.problem,
          held: course.held,
          start: proposed.plan,
          keep: false,
          relax: letGo.map((l) => l.relax),
        } as PlanOrder;
        const { id } = await call(PlanRowSchema, '/api/plans', send('POST', order));
        looking.current = id;
        for (;;) {
          await new Promise((r) => setTimeout(r, ASK));
          if (looking.current !== id) return;
          const row = await call(PlanRowSchema, at(id));
          if (looking.current !== id) return;
          const plan = row.plan as InstallPlan | null;
          if (
            plan &&
            row.value !== null &&
            row.value > best + 0.005 &&
            wrongInPlan(course.problem, plan).length === 0
          ) {
            best = row.value;
            propose(how, team, course, plan, row.value);
          }
          const open = row.state === 'waiting' || row.state === 'working';
          setGives(
            (row.gives ?? []).flatMap((g) =>
              letGo[g.relax] ? [{ letting: letGo[g.relax]!, gives: g }] : [],
            ),
          );
          setLook({ words: lookWords(row.state, row.gap, best > proposed.value, row.seconds), runs: open });
          if (!open) break;
        }
      } catch (error) {
        setLook({
          words:
            error instanceof Unreachable
              ? 'The server is away: this is the plan found here.'
              : (error as Error).message,
          runs: false,
        });
      }
      looking.current = null;
    },
    stop: (): void => {
      stop();
      setLook((l) => l && { words: 'Stopped. This is the best so far.', runs: false });
    },
    drop: (): void => {
      stop();
      setLook(null);
      setGives([]);
      setProposed(null);
    },
  };
}

const lookWords = (state: string, gap: number | null, better: boolean, seconds: number): string => {
  const found = better ? 'A better one is shown.' : 'None better yet.';
  const near =
    gap === null
      ? ''
      : gap < 1e-4
        ? ' It is proved to be the best.'
        : ` At most ${gap < 0.01 ? (gap * 100).toFixed(1) : Math.ceil(gap * 100)} % is missing.`;
  if (state === 'failed') return 'The longer look failed. This is the plan found here.';
  return state === 'done'
    ? `${better ? 'A better one was found.' : 'None better was found.'}${near}`
    : `${found}${near} ${Math.round(seconds)} s`;
};
