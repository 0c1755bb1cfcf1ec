import type { Play } from '../play/document.ts';
import type { Kept } from '../playbook/kept.ts';
import { isPlanned, type Course } from './course.ts';
import { isOfUnit, sameLines } from './units.ts';
import { MINUTES, touchKey, type Plan, type TouchKind } from './plan/problem.ts';
import { valueOf } from './plan/value.ts';
import { SEASON_LIMITS, isContact, type Block, type BlockItem, type Practice } from './season.ts';
import type { BlockStage } from './stages.ts';

/** A block the plan wants in a practice. */
interface Wanted {
  readonly item: BlockItem;
  readonly stage: BlockStage;
  readonly minutes: number;
}

/** How each kind of touch is run: both is a review with live work after it. */
const AS: Readonly<Record<TouchKind, readonly BlockStage[]>> = {
  in: ['walk'],
  review: ['guided'],
  live: ['live'],
  both: ['guided', 'live'],
};

/** Minutes of a block of the plan; an introduction takes what is new in it. */
const TAKES: Readonly<Partial<Record<BlockStage, number>>> = {
  guided: MINUTES.review,
  live: MINUTES.live,
};

/** How blocks are made and kept. */
export interface Making {
  /** An id nothing has yet. */
  readonly fresh: () => string;
  /** What a drill of a concept, and what a line of a play is called. */
  readonly drill: (concept: string) => string;
  readonly line: (play: Play, leaf: string) => string;
  /** Blocks of the last plan that are wanted again stay as they are (`Course.own`), their minutes too. */
  readonly keepsOwn?: boolean;
}

/**
 * The practices as a plan has them, those that change: blocks of the last plan go, what a coach put, locked or did stays,
 * and a block that is wanted again stays the block it was.
 */
export function withPlan(
  course: Course,
  plan: Plan,
  practices: readonly Kept<Practice>[],
  plays: ReadonlyMap<string, Play>,
  making: Making,
): Kept<Practice>[] {
  const { introductions } = valueOf(course.problem, plan);
  const heldKeys = new Set(course.held.touches.map((x) => `${x.practice} ${x.option}`));
  const own = new Set(making.keepsOwn ? course.own.map(touchKey) : []);
  const heldDrills = new Set(course.held.drills.map((x) => `${x.practice} ${x.concept}`));
  return course.practices.flatMap((id, t): Kept<Practice>[] => {
    const practice = practices.find((p) => p.id === id);
    if (!practice) return [];
    const wanted: Wanted[] = [];
    const stay = plan.touches.filter((x) => x.practice === t && own.has(touchKey(x)));
    const stays = (b: Block): boolean =>
      course.keeps ||
      !isPlanned(b) ||
      stay.some(({ option }) => {
        const unit = course.units[option]!;
        return isOfUnit(b, unit, plays.get(unit.play));
      });
    for (const touch of plan.touches) {
      const { practice: at, option, is } = touch;
      const { play: of, leaf } = course.units[option]!;
      const play = plays.get(of);
      if (stay.includes(touch)) continue;
      if (at !== t || !play || heldKeys.has(`${t} ${option}`)) continue;
      const line = leaf === null ? {} : { leaves: [leaf], words: making.line(play, leaf) };
      for (const stage of AS[is])
        wanted.push({
          ...{ item: { is: 'play', play: play.id, name: play.name, ...line }, stage },
          minutes: TAKES[stage] ?? introductions[option]!,
        });
    }
    const drills = plan.drills.filter((d) => d.practice === t && !heldDrills.has(`${t} ${d.concept}`));
    for (const { concept } of drills) {
      const key = course.concepts[concept]!;
      wanted.push({
        ...{ item: { is: 'drill', concept: key, name: making.drill(key) }, stage: 'breakdown' },
        minutes: course.problem.concepts[concept]!,
      });
    }
    const whole = wholeMinutes(wanted.map((w) => w.minutes));
    const rounded = wanted.map((w, i) => ({ ...w, minutes: whole[i]! }));
    const blocks = placed(practice.body.blocks, rounded, stays, making.fresh);
    return blocks === practice.body.blocks ? [] : [{ id, body: { ...practice.body, blocks } }];
  });
}

/**
 * Minutes as whole ones, each rounded up or down so that all together are no more than a minute longer than they were: each
 * rounded up by itself they would not fit the practice they were planned for.
 */
export function wholeMinutes(minutes: readonly number[]): number[] {
  const whole = minutes.map((m) => Math.max(1, Math.floor(m + 1e-9)));
  const sum = (all: readonly number[]): number => all.reduce((n, m) => n + m, 0);
  let left = Math.ceil(sum(minutes) - 1e-9) - sum(whole);
  const most = minutes.map((m, i) => [m - whole[i]!, i] as const).sort((a, b) => b[0] - a[0] || a[1] - b[1]);
  for (const [over, i] of most) {
    if (left <= 0 || over <= 1e-9) break;
    whole[i]! += 1;
    left -= 1;
  }
  return whole;
}

const same = (b: Block, w: Wanted): boolean =>
  b.stage === w.stage &&
  (w.item.is === 'play'
    ? sameLines(b.item, w.item)
    : w.item.is === 'drill' && b.item.is === 'drill' && b.item.concept === w.item.concept);

/** The blocks of a practice with those the plan wants: what is new early, live work late, both between what stands. */
function placed(
  blocks: readonly Block[],
  wanted: readonly Wanted[],
  stays: (b: Block) => boolean,
  fresh: () => string,
): Practice['blocks'] {
  const open = [...wanted];
  let changed = false;
  const kept = blocks.flatMap((b): Block[] => {
    if (stays(b)) return [b];
    const i = open.findIndex((w) => same(b, w));
    if (i < 0) {
      changed = true;
      return [];
    }
    const [w] = open.splice(i, 1);
    if (w!.minutes === b.minutes) return [b];
    changed = true;
    return [{ ...b, minutes: w!.minutes }];
  });
  if (open.length === 0) return changed ? kept : (blocks as Practice['blocks']);
  const made = open
    .slice(0, SEASON_LIMITS.blocks - kept.length)
    .map((w): Block => ({ ...w, id: fresh(), planned: true }));
  const out = [...kept];
  for (const b of made.sort((x, y) => rank(x) - rank(y))) out.splice(placeFor(out, b), 0, b);
  return out;
}

/** New things first, then parts, reviews and live work. */
const rank = (b: Block): number =>
  b.item.is === 'other'
    ? -1
    : b.stage === 'walk'
      ? 0
      : b.stage === 'breakdown'
        ? 1
        : b.stage === 'guided'
          ? 2
          : 3;

/** Where a block goes: after the warm-up and all that comes before it, live work before the last thing that is no play. */
function placeFor(blocks: readonly Block[], b: Block): number {
  const mine = rank(b);
  let after = blocks.length > 0 && blocks[0]!.item.is === 'other' ? 0 : -1;
  blocks.forEach((x, i) => {
    if (x.item.is !== 'other' && rank(x) <= mine) after = i;
  });
  if (isContact(b)) {
    const last = blocks.findLastIndex((x) => x.item.is === 'other');
    if (last > 0 && last - 1 > after) after = last - 1;
  }
  return after + 1;
}

/** One thing that is otherwise in a plan than before. */
export interface PlanMove {
  readonly is: 'added' | 'gone' | 'moved' | 'longer' | 'shorter';
  readonly name: string;
  readonly stage: BlockStage;
  /** Practice ids; of a moved one both. */
  readonly from?: string;
  readonly to?: string;
  readonly minutes: number;
}

/** What is otherwise after some practices were changed: a block that left one and came to another was moved. */
export function movesOf(before: readonly Kept<Practice>[], after: readonly Kept<Practice>[]): PlanMove[] {
  const named = ({ item }: Block): string =>
    item.is === 'play' && item.words ? `${item.name}, ${item.words}` : item.name;
  const moves: PlanMove[] = [];
  const gone: { b: Block; at: string }[] = [];
  const come: { b: Block; at: string }[] = [];
  for (const { id, body } of after) {
    const old = before.find((p) => p.id === id)?.body.blocks ?? [];
    for (const b of old) {
      const now = body.blocks.find((x) => x.id === b.id);
      if (!now) gone.push({ b, at: id });
      else if (now.minutes !== b.minutes)
        moves.push({
          ...{ is: now.minutes > b.minutes ? 'longer' : 'shorter', name: named(b), stage: b.stage },
          ...{ to: id, minutes: now.minutes },
        });
    }
    for (const b of body.blocks) if (!old.some((x) => x.id === b.id)) come.push({ b, at: id });
  }
  const key = (b: Block): string =>
    `${b.stage} ${b.item.is} ${b.item.is === 'play' ? [b.item.play, ...(b.item.leaves ?? [])].join(' ') : b.item.name}`;
  for (const { b, at } of gone) {
    const i = come.findIndex((c) => key(c.b) === key(b));
    const base = { name: named(b), stage: b.stage, from: at };
    if (i < 0) moves.push({ ...base, is: 'gone', minutes: b.minutes });
    else {
      const [c] = come.splice(i, 1);
      moves.push({ ...base, is: 'moved', to: c!.at, minutes: c!.b.minutes });
    }
  }
  for (const { b, at } of come)
    moves.push({ is: 'added', name: named(b), stage: b.stage, to: at, minutes: b.minutes });
  return moves;
}
