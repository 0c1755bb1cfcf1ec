import type { Play } from '../play/document.ts';
import type { Kept } from '../playbook/kept.ts';
import { isPlanned, type Course } from './course.ts';
import type { Relax } from './plan/gives.ts';
import type { Plan } from './plan/problem.ts';
import { valueOf } from './plan/value.ts';
import { isOfUnit, sameLines } from './units.ts';
import {
  isContact,
  minutesGiven,
  playMinutesGiven,
  playMinutesOf,
  type Practice,
  type Season,
} from './season.ts';

/** Minutes that are tried to be given to plays, the least, and how many what gives them keeps; fewer left than this and a practice is full. */
const MORE = 10;
const LEAST = 5;
const KEEPS = 5;
const FULL = 4;
/** So many things are tried at most: each is a plan of its own. */
const MOST = 10;
/** More new options a practice than this nobody takes in. */
const NEW_MOST = 4;

/** Something a coach can let go, and what of his it touches. */
export interface Letting {
  readonly relax: Relax;
  /** The practice it is about; none of a rule of the whole season. */
  readonly practice: string | null;
  /** The block that gives its minutes, or stands in the way. */
  readonly block: { readonly id: string; readonly name: string } | null;
}

/**
 * What could be let go so that a plan gives more: minutes of full practices, a locked block, and where there is a season one
 * more new option a practice.
 */
export function lettings(
  course: Course,
  plan: Plan,
  practices: readonly Kept<Practice>[],
  plays: ReadonlyMap<string, Play>,
  hasSeason: boolean,
): Letting[] {
  const { problem } = course;
  const { minutes } = valueOf(problem, plan);
  const out: Letting[] = [];
  course.practices.forEach((id, t) => {
    const practice = practices.find((p) => p.id === id)?.body;
    if (!practice) return;
    const full = problem.practices[t]!.minutes - minutes[t]! < FULL;
    const giver = practice.blocks
      .filter((b, i) => b.item.is === 'other' && !b.done && i > 0 && b.minutes - KEEPS >= LEAST)
      .sort((a, b) => Number(isContact(b)) - Number(isContact(a)) || b.minutes - a.minutes)[0];
    // Beside the share of plays and what is no play.
    const others = minutesGiven(practice) - playMinutesGiven(practice);
    const free = Math.max(0, practice.minutes - playMinutesOf(practice) - others);
    const from = free >= MORE || !giver || free >= giver.minutes - KEEPS ? null : giver;
    const by = Math.min(MORE, practice.minutes - playMinutesOf(practice), from ? from.minutes - KEEPS : free);
    if (full && by >= LEAST)
      out.push({
        relax: { is: 'minutes', practice: t, by },
        practice: id,
        block: from && { id: from.id, name: from.item.name },
      });
    // A plan that only fills in leaves all there is where it is.
    if (course.keeps) return;
    course.units.forEach((unit, option) => {
      const of = plays.get(unit.play);
      const stays = practice.blocks.filter((b) => isOfUnit(b, unit, of) && !b.done && !isPlanned(b));
      // What the coach put there without a lock is his: as long as it is there, the lock beside it holds nothing.
      const [first] = stays;
      if (first && stays.every((b) => b.locked && sameLines(b.item, first.item)))
        out.push({
          relax: { is: 'unlock', practice: t, option },
          practice: id,
          block: { id: first.id, name: first.item.name },
        });
    });
  });
  const all: Letting[] =
    hasSeason && problem.newEach < NEW_MOST
      ? [{ relax: { is: 'new', by: 1 }, practice: null, block: null }, ...out]
      : out;
  return all.slice(0, MOST);
}

/** The team's records with one thing let go: the practice or the season that changes. */
export function letGo(
  { relax, practice, block }: Letting,
  practices: readonly Kept<Practice>[],
  season: Season | null,
  newEach: number,
): { readonly practices: readonly Kept<Practice>[]; readonly season: Season | null } {
  if (relax.is === 'new')
    return { practices: [], season: season && { ...season, newEach: newEach + relax.by } };
  const of = practices.find((p) => p.id === practice);
  if (!of) return { practices: [], season: null };
  const about = of.body.blocks.find((b) => b.id === block?.id)?.item;
  const blocks = of.body.blocks.map((b) => {
    if (relax.is === 'minutes') return b.id === block?.id ? { ...b, minutes: b.minutes - relax.by } : b;
    if (about?.is !== 'play' || !sameLines(b.item, about) || !b.locked) return b;
    const { locked: _was, ...open } = b;
    return { ...open, planned: true };
  });
  const more = relax.is === 'minutes' ? { playMinutes: playMinutesOf(of.body) + relax.by } : {};
  return { practices: [{ id: of.id, body: { ...of.body, ...more, blocks } }], season: null };
}
