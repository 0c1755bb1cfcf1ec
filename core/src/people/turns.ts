import { PLAYERS, type PlayerId } from '../alignment/library.ts';
import type { Kept } from '../playbook/kept.ts';
import type { Play } from '../play/document.ts';
import { jobIn, roundOf, turnsHome } from '../relations/round.ts';
import { needsOf, type NumberNeeds } from './needs.ts';
import { asks, type Clearance, type Job, type Player, type Skill } from './player.ts';

/** What a man comes to in a later turn of a continuity that he should not: the job, and why not. */
export interface TurnWarning {
  /** From 1; the first turn is the play as drawn. */
  readonly turn: number;
  /** Where he starts, and whose job he has in that turn. */
  readonly number: PlayerId;
  readonly job: PlayerId;
  readonly why:
    | { readonly is: 'clearance'; readonly id: string; readonly name: string; readonly practice: boolean }
    | { readonly is: 'skill'; readonly skill: Skill; readonly score: number };
}

/** A main need weighs so much; a shot from a place counts from the least on; below so much of it he should not be there. */
const MAIN = 0.7;
const ENOUGH = 2;
const SHOTS: ReadonlySet<Skill> = new Set(['shootCorner', 'shootWing', 'shootTop']);

/**
 * Goes through the turns of a play that goes round, until everybody is home: who comes to a job that he is not cleared for,
 * or to a place he does not shoot from. Each thing once, in the turn in which it comes first. The first turn is the play as
 * it is drawn, and told with its five; of it only what a clearance names by its turn. What nobody has rated is not told.
 */
export function turnWarnings(
  play: Play,
  men: readonly (Kept<Player> | null)[],
  clearances: readonly Kept<Clearance>[],
  day: string,
): TurnWarning[] {
  const round = roundOf(play);
  if (!round) return [];
  const needs = needsOf(play);
  const out: TurnWarning[] = [];
  const told = new Set<string>();
  for (let turn = 1; turn <= turnsHome(round); turn++)
    for (const [seat, number] of PLAYERS.entries()) {
      const man = men[seat];
      if (!man) continue;
      const job = jobIn(round, number, turn - 1);
      const tell = (key: string, why: TurnWarning['why']): void => {
        if (told.has(`${number} ${key}`)) return;
        told.add(`${number} ${key}`);
        out.push({ turn, number, job, why });
      };
      const duties: Job = {
        play: play.id,
        series: play.series ?? '',
        number: job,
        duties: needs[job].duties,
      };
      for (const { id, body } of clearances) {
        const when = body.covers.turn;
        if ((when ?? turn) !== turn || (when === undefined && turn === 1) || !asks(body, duties)) continue;
        const has = man.body.cleared.find((c) => c.clearance === id && c.since <= day);
        if (has?.level === 'game') continue;
        tell(id, { is: 'clearance', id, name: body.name, practice: has !== undefined });
      }
      if (turn === 1) continue;
      for (const { skill, weight } of needs[job].needs) {
        const score = man.body.skills[skill];
        if (score === undefined || score >= ENOUGH || (weight < MAIN && !SHOTS.has(skill))) continue;
        tell(skill, { is: 'skill', skill, score });
      }
    }
  return out;
}

/** Two numbers may change places when no need of the one is by more than this another's (weights). */
const ALIKE = 0.5;

/** Pairs of numbers whose swap changes no need by more than half a point, and nothing that is mainly asked or done. */
export function interchangeable(play: Play): (readonly [PlayerId, PlayerId])[] {
  const needs = needsOf(play);
  return PLAYERS.flatMap((a, i) =>
    PLAYERS.slice(i + 1).flatMap((b) => (alike(needs[a], needs[b]) ? [[a, b] as const] : [])),
  );
}

function alike(a: NumberNeeds, b: NumberNeeds): boolean {
  const of = (all: NumberNeeds, skill: Skill): number =>
    all.needs.find((n) => n.skill === skill)?.weight ?? 0;
  const skills = new Set([...a.needs, ...b.needs].map((n) => n.skill));
  return (
    [...a.duties].every((d) => b.duties.has(d)) &&
    a.duties.size === b.duties.size &&
    [...skills].every((s) => Math.abs(of(a, s) - of(b, s)) <= ALIKE && of(a, s) >= MAIN === of(b, s) >= MAIN)
  );
}
