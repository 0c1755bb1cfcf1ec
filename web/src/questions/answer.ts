import {
  againstEverything,
  bestForSheet,
  boardsOf,
  contentOf,
  courseOf,
  courtFor,
  evenings,
  leaves,
  leanPlan,
  leaving,
  levelRecord,
  lineTo,
  metricsOf,
  nearPlan,
  opennessAt,
  planSearch,
  planValue,
  playAgainst,
  PLAYERS,
  pointsOf,
  proposals,
  proposePlaces,
  railsOf,
  rowOf,
  schemeOf,
  seeingOf,
  setupOf,
  simulate,
  standingPlan,
  tried,
  Values,
  versionChanges,
  viewOf,
  walkThrough,
  wayTo,
  worthOf,
  worstReply,
  zoneByKey,
  type Against,
  type Boards,
  type Defence,
  type Finding,
} from '@corkscrew/core';
import type { Answerers, AnswersAsk, LineAsk, Tried } from './kinds.ts';
import { Lately } from './lately.ts';
import { menKey, recordOf, recordWith } from './men.ts';

/** Lines against defences that were simulated lately: checks that change need no new defenders. */
const against = new Lately<Against>(6);

const levelOf = (asks: Pick<LineAsk, 'play' | 'teaching' | 'fives'>) => recordOf(asks.play, asks);

const keyOf = (asks: LineAsk, defence: Defence): string =>
  `${asks.content} ${contentOf(defence)} ${menKey(asks)} ${String(asks.asIs)}`;

/** A line against a defence, simulated once for what it says. */
const playedBy = (asks: LineAsk, defence: Defence): Against =>
  against.or(keyOf(asks, defence), () =>
    playAgainst(asks.play, asks.compiled.timeline, defence, courtFor(asks.play), levelOf(asks), asks.asIs),
  );

/** How long a plan is looked for (ms). */
const SEARCHES = 500;
/** And one mended with few changes, at most. */
const MENDS = 3000;

/** Boards of plays whose answers were judged lately: rows of one play share its lines. */
const boards = new Lately<Boards>(2);

const boardsFor = (asks: AnswersAsk): Boards => {
  const { play, defence } = asks;
  const { name: _n, notes: _w, defences: _d, silenced: _s, ...runs } = play;
  return boards.or(`${contentOf(runs)} ${contentOf(defence)} ${menKey(asks)}`, () =>
    boardsOf(play, courtFor(play), levelOf(asks), defence),
  );
};

const untried = (findings: readonly Finding[]): Finding[] => findings.map((f) => ({ ...f, mends: [] }));

export const ANSWERERS: Answerers = {
  /** For one who waits first what is wrong without anybody in the way, then everything. */
  *line(asks) {
    const { play, leaf, compiled, units, man, words, teaching, defence, soon } = asks;
    const options = { units, man, words, teaching, compiled, record: recordWith(play, asks.fives) };
    const court = courtFor(play);
    const line = lineTo(play, leaf);
    const metrics = metricsOf(court, line, compiled.timeline);
    if (!defence)
      return {
        findings: untried(walkThrough(play, line, options)),
        metrics,
        against: null,
      };
    if (soon && !against.has(keyOf(asks, defence)))
      yield {
        findings: untried(walkThrough(play, line, options)),
        metrics,
      };
    const played = playedBy(asks, defence);
    yield null;
    return {
      findings: untried(walkThrough(play, line, { ...options, against: played })),
      metrics,
      against: viewOf(played),
    };
  },

  /** A mend is offered once it was tried: findings are told before that, and not kept waiting for it. */
  *mends(asks) {
    const { play, leaf, compiled, units, man, words, teaching, defence } = asks;
    const line = lineTo(play, leaf);
    const options = {
      ...{ units, man, words, teaching, compiled, record: recordWith(play, asks.fives) },
      against: defence && playedBy(asks, defence),
    };
    const out: Finding[] = [];
    for (const f of walkThrough(play, line, options)) {
      yield null;
      out.push(...tried(play, line, options, [f]));
    }
    return out;
  },

  /** However its reads have it: this is how it stands when they do something else. */
  *tried(asks): Generator<null, Tried> {
    const { play, compiled, defence } = asks;
    const { timeline } = compiled;
    const court = courtFor(play);
    const { plan } = setupOf(play, defence, timeline, court);
    const defended = simulate(railsOf(timeline, court, levelOf(asks)), plan);
    yield null;
    const seeing = seeingOf(defended, plan);
    const best = seeing.windows.reduce<Tried['best']>(
      (b, w) => (!b || w.best.value > b.worth ? { player: w.player, worth: w.best.value, at: w.bestAt } : b),
      null,
    );
    const shot = timeline.flights.find((f) => f.receiver === null);
    const at = shot && timeline.actions.find((a) => a.action.id === shot.action)?.start;
    // The first step at which he surely has it.
    const k =
      at === undefined ? 0 : Math.min(defended.rails.steps - 1, Math.ceil(at / defended.rails.dt) + 1);
    return {
      best,
      contested: seeing.passes.filter((p) => p.margin < 0).length,
      shot: shot && at !== undefined ? opennessAt(defended, k, PLAYERS.indexOf(shot.passer)).value : null,
    };
  },

  *points(asks) {
    const { drawn } = boardsFor(asks);
    const ids = leaves(asks.play).map((l) => l.id);
    for (const id of ids) {
      drawn.line(id);
      yield null;
    }
    return pointsOf(drawn).map((point) => ({
      point,
      leaves: ids.filter((id) => drawn.line(id).points.some((p) => p.id === point.id)),
    }));
  },

  *row(asks) {
    return yield* rowOf(boardsFor(asks), asks.point);
  },

  *proposals(asks) {
    return yield* proposals(boardsFor(asks), asks.point, asks.reaction);
  },

  *version(asks) {
    const { play, defence } = asks;
    return yield* versionChanges(play, courtFor(play), levelOf(asks), defence);
  },

  *way({ play, leaf, start }) {
    return wayTo(play, leaf, start, courtFor(play), levelRecord(play.level, play.women ?? false));
  },

  *reply(asks) {
    const { drawn } = boardsFor(asks);
    return yield* worstReply(new Values(drawn, pointsOf(drawn)));
  },

  *looks(asks) {
    const { drawn } = boardsFor(asks);
    const out = [];
    for (const look of asks.looks) {
      out.push(worthOf(drawn, look));
      yield null;
    }
    return out;
  },

  *everything(asks) {
    return yield* againstEverything((defence) => boardsFor({ ...asks, defence }).drawn);
  },

  *evening(asks) {
    const played = playedBy(asks, asks.defence);
    yield null;
    return { evenings: evenings(played), leaving: leaving(played) };
  },

  *five({ plays, there, must, apart }) {
    return bestForSheet(plays, there, { must, apart }) ?? { best: null };
  },

  *plan({ team, today, how, from: known }) {
    const course = courseOf(team, today, how === 'fill');
    if (how === 'near') {
      const until = performance.now() + MENDS;
      for (const near = nearPlan(course.problem, course.held, course.now, course.own); ;) {
        const { value: at, done } = near.next();
        if (done || performance.now() >= until)
          return { course, plan: at, value: planValue(course.problem, at).value };
        yield null;
      }
    }
    const from = standingPlan(course.problem, known ?? course.now, course.held);
    const until = performance.now() + SEARCHES;
    for (const found of planSearch(course.problem, course.held, from)) {
      if (performance.now() >= until || course.problem.options.length === 0) {
        const { plan, value } = leanPlan(course.problem, course.held, found);
        return { course, plan, value };
      }
      if (found.tried % 20 === 0) yield null;
    }
    throw new Error('The search for a plan ended by itself.');
  },

  *places({ court: key, level, women, zone, schools, ball, rules, chased }) {
    const court = courtFor({ court: key });
    const scheme = schemeOf(zoneByKey(zone)!, schools, court, false);
    return proposePlaces(scheme, levelRecord(level, women), court, ball, rules, chased);
  },
};
