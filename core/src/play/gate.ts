import type { z } from 'zod';
import { courtFor } from '../court/rulesets.ts';
import { ActionSchema, FrameSchema, PlaySchema, type Frame, type Play } from './document.ts';
import { textFault } from './keepable.ts';
import { COURT_RANGES, LIMITS, SETTABLE, within, type Range } from './limits.ts';
import type { Path as FieldPath, Wrong } from '../language/english/fields.ts';
import { said, type Said } from '../language/said.ts';
import { wrongIn } from './wrong.ts';
import { bytesOf, deeperThan } from './size.ts';
import { treeFault } from './tree.ts';

type Path = readonly (string | number)[];

/** A rule that an edit must keep and reading need not: what is wrong with a value at a place, or nothing. */
interface Narrow {
  readonly path: Path;
  readonly wrong: Wrong;
}

/**
 * What keeps a changed play from being kept, or null. What is shared with the play before is
 * not looked at again, so it costs what the change costs; what was beyond a rule already may stay so.
 */
export function refusalOf(before: Play, after: Play): Said | null {
  if (after === before) return null;
  return (
    unreadable(before, after) ??
    narrowed(before, after) ??
    (bytesOf(after) > LIMITS.bytes ? said('play-large', { megabytes: LIMITS.bytes / 1024 / 1024 }) : null)
  );
}

/** What would keep the changed parts of a play from being read again. */
function unreadable(before: Play, after: Play): Said | null {
  for (const key of Object.keys(after) as (keyof Play)[]) {
    if (after[key] === before[key] || key === 'frames') continue;
    const field = PlaySchema.shape[key] as (typeof PlaySchema.shape)[keyof Play] | undefined;
    const issue = field?.safeParse(after[key]).error?.issues[0];
    if (issue) return told({ ...issue, path: [key, ...issue.path] });
  }
  return after.frames === before.frames ? null : unreadableFrames(before.frames, after);
}

const told = (issue: z.core.$ZodIssue): Said => fieldWrong(issue.path, wrongIn(issue));
const fieldWrong = (path: FieldPath, wrong: Wrong): Said => said('field-wrong', { path, wrong });

function unreadableFrames(old: readonly Frame[], play: Play): Said | null {
  if (play.frames.length > LIMITS.frames)
    return said('frames-many', { count: play.frames.length, most: LIMITS.frames });
  const known = new Set<unknown>(old);
  const actions = new Set<unknown>(old.flatMap((f) => f.actions));
  for (const frame of play.frames) {
    if (known.has(frame)) continue;
    const fresh = frame.actions.filter((a) => !actions.has(a));
    const issue =
      FrameSchema.safeParse({ ...frame, actions: frame.actions.length > LIMITS.actions ? frame.actions : [] })
        .error?.issues[0] ?? fresh.flatMap((a) => ActionSchema.safeParse(a).error?.issues ?? [])[0];
    if (issue) return told(issue);
  }
  return treeFault(play);
}

function narrowed(before: Play, after: Play): Said | null {
  const [fault] = narrowFaults(after, before);
  if (fault) return fieldWrong(fault.path, fault.wrong);
  if (after.customCourt !== before.customCourt || after.court !== before.court) return courtFault(after);
  return null;
}

/**
 * Everything in a play that an edit could not set, with its place: what an older Corkscrew
 * allowed. Told as findings, never refused.
 */
export const excessOf = (play: Play): { readonly says: Said; readonly path: Path }[] =>
  [...narrowFaults(play, undefined)].map(({ path, wrong }) => ({
    path,
    says: said('field-excess', { path, wrong }),
  }));

const isObject = (v: unknown): v is Record<string, unknown> => typeof v === 'object' && v !== null;

/** Walks what differs from `old`, and yields what the rules for edits do not allow and `old` did not have either. */
function* narrowFaults(now: unknown, old: unknown, path: Path = []): Generator<Narrow> {
  if (now === old) return;
  if (!isObject(now)) {
    const wrong = valueFault(path, now);
    if (wrong && valueFault(path, old) === null) yield { path, wrong };
    return;
  }
  if (path.length >= LIMITS.depth) {
    if (deeperThan(now, 0) && !isObject(old)) yield { path: path.slice(0, 1), wrong: { is: 'deep' } };
    return;
  }
  if (Array.isArray(now)) {
    const before = Array.isArray(old) ? (old as unknown[]) : [];
    const byId = new Map(before.flatMap((o) => (isObject(o) && 'id' in o ? [[o.id, o] as const] : [])));
    const kept = new Set(before.filter(isObject));
    for (const [i, item] of now.entries()) {
      if (kept.has(item)) continue;
      yield* narrowFaults(
        item,
        (isObject(item) && 'id' in item ? byId.get(item.id) : undefined) ?? before[i],
        [...path, i],
      );
    }
    return;
  }
  const before = isObject(old) ? old : {};
  for (const [key, value] of Object.entries(now)) {
    if (!(key in before)) {
      const wrong = textFault(key);
      if (wrong) yield { path, wrong };
    }
    yield* narrowFaults(value, before[key], [...path, key]);
  }
}

function valueFault(path: Path, value: unknown): Wrong | null {
  if (typeof value === 'string') return textFault(value);
  if (typeof value !== 'number') return null;
  if (!Number.isFinite(value)) return { is: 'no-number' };
  const range = rangeOf(path);
  if (!range || within(value, range)) return null;
  const key = path.at(-1);
  if (key === 'x' || key === 'y') return { is: 'far' };
  const unit = path.includes('changes') ? ' ft' : key === 'order' ? '' : ' s';
  return { is: 'range', ...range, unit };
}

/** The range an edit may set a number in, by where it stands. */
function rangeOf(path: Path): Range | undefined {
  const key = path.at(-1);
  const within = path.at(-2);
  if (path[0] === 'customCourt') return within === 'changes' ? COURT_RANGES[String(key)] : undefined;
  if (key === 'x' || key === 'y') {
    const place = within === 'place' || path.at(-3) === 'places' || path.at(-3) === 'path';
    return place ? SETTABLE[key] : undefined;
  }
  if (key === 'delay' && (within === 'cue' || path.at(-3) === 'and')) return SETTABLE.delay;
  if (path.at(-2) !== undefined && path.at(-3) === 'actions' && (key === 'hold' || key === 'seconds'))
    return SETTABLE.hold;
  return key === 'order' && path.at(-3) === 'looks' ? SETTABLE.order : undefined;
}

/** What keeps a court from being drawn: its lines must lie inside one another. */
function courtFault(play: Play): Said | null {
  if (play.court !== 'custom') return null;
  const c = courtFor(play);
  if (c.cornerX > c.arcRadius) return said('court-corner-arc', {});
  if (c.cornerX >= c.width / 2) return said('court-corner-side', {});
  if (c.laneWidth / 2 >= c.cornerX) return said('court-lane', {});
  if (c.backboardY >= c.rimY) return said('court-board', {});
  return null;
}
