import type { Court } from '../court/court.ts';
import { asRead, readsOn, type ReadSeen } from '../defence/reads.ts';
import { railsOf, railsUntil } from '../defence/rails.ts';
import { setupOf } from '../defence/setup.ts';
import { simulate } from '../defence/simulate.ts';
import type { Defended } from '../defence/defended.ts';
import type { Plan } from '../defence/plan.ts';
import { PLAYERS } from '../alignment/library.ts';
import { passChance } from '../look/openness.ts';
import { heldAt } from '../motion/held.ts';
import type { LevelRecord } from '../motion/level.ts';
import { contentOf } from '../play/content.ts';
import type { Defence, Play } from '../play/document.ts';
import { judgeLook, type Judged } from './judge.ts';
import { answerLine, seatFor, type AnswerLine, type DrawnLook } from './lines.ts';
import type { PointOnLine } from './points.ts';
import { shaken, shakenLevel } from './shake.ts';
import { asTold, type Told } from './told.ts';
import { zonePoints } from './zone-points.ts';

/** A look of a line as a defence has it, with what is left of it after the passes on the way. */
export interface LookSeen {
  readonly look: DrawnLook;
  readonly judged: Judged;
  /** It is open when it is drawn to leave. */
  readonly inTime: boolean;
  /** The chance that the passes thrown before it, from when it is asked on, arrive. */
  readonly chain: number;
}

/** A pass is looked at for so long after it was drawn, and a defence a little longer: wind-up, flight, a shot (s). */
const HELD = 1;
const LOOKS_ON = 2.2;
/** Simulations of a board that are kept: each is some hundred kilobytes. */
const KEPT = 12;
/** In time it is open from when it is drawn to leave for so long (s). */
const ON_TIME = 0.2;
/** What is thrown more than this before a read can be seen is over by then (s). */
export const OVER = 1;

/** One board: a play, shaken or as drawn, against a defence. Lines and simulations are made once. */
export class Board {
  readonly play: Play;
  readonly record: LevelRecord;
  readonly #lines = new Map<string, AnswerLine>();
  readonly #played = new Map<string, Defended>();

  constructor(
    play: Play,
    readonly court: Court,
    record: LevelRecord,
    readonly defence: Defence,
    private readonly seed = 0,
  ) {
    this.play = shaken(play, court, seed);
    this.record = shakenLevel(record, seed);
  }

  line(leaf: string): AnswerLine {
    let line = this.#lines.get(leaf);
    if (!line) {
      line = answerLine(this.play, leaf, this.court, this.record, this.defence.type);
      this.#lines.set(leaf, line);
      // Who of a zone chooses, and where, is found on the board as drawn; shaken ones ask the same.
      const plan = this.seed === 0 ? this.plan(leaf, {}, []) : null;
      if (plan?.type === 'zone') {
        const d = this.played(leaf, plan);
        line = {
          ...line,
          points: zonePoints(line.points, this.play, line.timeline, this.court, d, plan.chases),
        };
        this.#lines.set(leaf, line);
      }
    }
    return line;
  }

  /** What the reads of a line say, as far as they are of these frames. */
  reads(leaf: string, frames: readonly string[]): ReadSeen[] {
    if (frames.length === 0) return [];
    return readsOn(this.play, this.line(leaf).timeline, this.court).filter((r) => frames.includes(r.frame));
  }

  /** How a line is defended: as told at its points, and with what single men do by these reads. */
  plan(leaf: string, told: Told, reads: readonly ReadSeen[], more: readonly PointOnLine[] = []): Plan {
    const { timeline, points } = this.line(leaf);
    const all = [...points.filter((p) => more.every((m) => m.id !== p.id)), ...more];
    const defence = asTold(asRead(this.defence, reads), all, told);
    return setupOf(this.play, defence, timeline, this.court, reads).plan;
  }

  /** The whole line against a plan. */
  played(leaf: string, plan: Plan): Defended {
    const { timeline } = this.line(leaf);
    return this.#once(`${leaf} ${contentOf(plan)}`, () =>
      simulate(railsOf(timeline, this.court, this.record), plan),
    );
  }

  /** The looks of a line from a time on (s): each with its pass held, and all before it as it comes. */
  looks(leaf: string, plan: Plan, since: (look: DrawnLook) => number): LookSeen[] {
    return this.line(leaf).looks.flatMap((look) => {
      const from = since(look);
      return this.look(leaf, plan, look, from, from - OVER);
    });
  }

  /** One look from a time on, and the chance of the passes since another one; none when it is over by then. */
  look(leaf: string, plan: Plan, look: DrawnLook, since: number, passes: number): LookSeen[] {
    const from = Math.max(look.from, since);
    if (from > look.to) return [];
    const d = look.kind === 'pass' ? this.#held(leaf, plan, look) : this.played(leaf, plan);
    const seat = seatFor(look);
    return [
      {
        look,
        judged: judgeLook(d, seat, from, look.to),
        inTime: judgeLook(d, seat, look.at, look.at + ON_TIME).open,
        chain: this.#chain(d, look, passes),
      },
    ];
  }

  #held(leaf: string, plan: Plan, look: DrawnLook): Defended {
    return this.#once(`${leaf} ${look.action} ${contentOf(plan)}`, () => {
      const held = heldAt(this.line(leaf).timeline, look.action, HELD);
      const rails = railsUntil(held, this.court, this.record, look.to + LOOKS_ON);
      return simulate(rails, plan, rails.steps);
    });
  }

  /** The chance that every pass between a time and a look arrives. */
  #chain(d: Defended, look: DrawnLook, since: number): number {
    const { timeline, dt, steps } = d.rails;
    return timeline.flights.reduce((chance, f) => {
      if (f.receiver === null || f.kind === null) return chance;
      const start = timeline.actions.find((a) => a.action.id === f.action)?.start ?? f.release;
      if (start < since || start >= look.at - 1e-6) return chance;
      const k = Math.min(steps - 1, Math.round(start / dt));
      return chance * (1 - passChance(d, k, PLAYERS.indexOf(f.receiver), f.kind).risk);
    }, 1);
  }

  #once(key: string, make: () => Defended): Defended {
    const known = this.#played.get(key);
    if (known) {
      // Used again, it is the youngest.
      this.#played.delete(key);
      this.#played.set(key, known);
      return known;
    }
    const d = make();
    this.#played.set(key, d);
    if (this.#played.size > KEPT) this.#played.delete(this.#played.keys().next().value!);
    return d;
  }
}
