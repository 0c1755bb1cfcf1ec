import type { ManWord } from '../language/teller.ts';
import { courtFor } from '../court/rulesets.ts';
import type { Units } from '../court/units.ts';
import { distance } from '../geometry/vec.ts';
import { figuresOfSaid, tell } from '../language/tell.ts';
import { teller, type Teller } from '../language/teller.ts';
import { compile, type Compiled } from '../motion/compile.ts';
import { playAgainst, type Against } from '../look/against.ts';
import { levelRecord, type LevelRecord } from '../motion/level.ts';
import type { Change } from '../play/change.ts';
import type { Frame, Play } from '../play/document.ts';
import { editAll } from '../play/edit.ts';
import { canonical } from '../play/same.ts';
import { walkLine } from '../play/state.ts';
import { lineTo } from '../play/tree.ts';
import {
  SEVERITIES,
  type Bare,
  type Check,
  type CheckInput,
  type Finding,
  type Mark,
  type Told,
} from './finding.ts';
import { momentsOf } from '../motion/moments.ts';
import { CHECKS } from './registry.ts';
import { teachingFor, type OwnTeaching } from './teaching.ts';
import type { Dictionary } from '../language/dictionary.ts';

/** What the walk-through may be told beside the play. */
export interface WalkOptions {
  readonly units?: Units | undefined;
  /** What the team calls one of five. */
  readonly man?: ManWord | undefined;
  readonly words?: Dictionary | undefined;
  readonly teaching?: OwnTeaching | undefined;
  /** Who plays, and how fast and how well: without it the men of the play's level. */
  readonly record?: LevelRecord | undefined;
  /** The line in time, where it is known already. */
  readonly compiled?: Compiled | undefined;
  /** The line against a defence; without one the checks that need it are silent. */
  readonly against?: Against | null | undefined;
}

/** Everything a check may look at, computed once for a line of frames. */
export function checkInput(play: Play, line: readonly Frame[], options: WalkOptions = {}): CheckInput {
  const court = courtFor(play);
  const level = options.record ?? levelRecord(play.level, play.women ?? false);
  const { timeline, faults } = options.compiled ?? compile(play, line.at(-1)!.id, court, play.level, level);
  return {
    play,
    court,
    level,
    walks: walkLine(play, line),
    timeline,
    faults,
    moments: momentsOf(timeline),
    teaching: teachingFor(play.level, options.teaching),
    against: options.against ?? null,
  };
}

/** Short and stable: the same text gives the same eight letters (FNV-1a). */
function hash(text: string): string {
  let h = 0x811c9dc5;
  for (let i = 0; i < text.length; i++) {
    h ^= text.charCodeAt(i);
    h = Math.imul(h, 0x01000193);
  }
  return (h >>> 0).toString(16).padStart(8, '0');
}

/**
 * What brings a finding about: the action, the men, and its figures, whole and in feet and seconds. No words: they
 * may be said otherwise. When it changes, a silenced finding speaks again.
 */
const causeOf = (check: Check, told: Told): string =>
  hash(
    canonical([check.code, told.action ?? told.frame, told.players, told.says.key, figuresOfSaid(told.says)]),
  );

/** What is written at a mark: how far, how much it is turned. */
function markWords(mark: Bare<Mark>, t: Teller): string {
  if (mark.is === 'place') return '';
  if (mark.is === 'distance') return t.about(distance(mark.a, mark.b));
  const turn = Math.abs(((((mark.to - mark.from) % 360) + 540) % 360) - 180);
  return `${Math.round(turn)}°`;
}

/**
 * All findings on a line of frames, the gravest first and then in order of time. Silenced ones carry the
 * coach's reason. Distances are said in the court's units unless the coach chose others.
 */
export function walkThrough(play: Play, line: readonly Frame[], options: WalkOptions = {}): Finding[] {
  const input = checkInput(play, line, options);
  const t = teller({
    units: options.units ?? input.court.units,
    women: play.women,
    man: options.man,
    words: options.words,
  });
  const here = new Set(line.map((f) => f.id));
  const ending = line.findLast((f) => f.read)?.id;
  const silenced = new Map(
    (play.silenced ?? [])
      .filter((s) => s.ending === undefined || here.has(s.ending))
      .map((s) => [`${s.code} ${s.at ?? ''}`, s.reason]),
  );
  return CHECKS.flatMap((check) =>
    check.run(input).map((told): Finding => {
      const cause = causeOf(check, told);
      const reason = silenced.get(`${check.code} ${cause}`);
      return {
        ...told,
        sentence: tell(told.says, t),
        marks: (told.marks ?? []).map((m) => ({ ...m, words: markWords(m, t) }) as Mark),
        mends: (told.mends ?? []).map((m) => ({ ...m, words: tell(m.says, t) })),
        code: check.code,
        group: check.group,
        cause,
        ...(ending === undefined ? {} : { ending }),
        ...(reason === undefined ? {} : { silenced: reason }),
      };
    }),
  ).sort((a, b) => SEVERITIES.indexOf(a.severity) - SEVERITIES.indexOf(b.severity) || a.time - b.time);
}

/**
 * The findings with those mends only that were tried and take the complaint away: the play is changed, put into time again,
 * and looked at by the same check, against the same defence.
 */
export function tried(
  play: Play,
  line: readonly Frame[],
  options: WalkOptions,
  findings: readonly Finding[],
): Finding[] {
  const leaf = line.at(-1)!.id;
  return findings.map((f) => ({
    ...f,
    mends: f.silenced === undefined ? f.mends.filter((m) => mends(play, leaf, options, f, m.changes)) : [],
  }));
}

function mends(
  play: Play,
  leaf: string,
  options: WalkOptions,
  f: Finding,
  changes: readonly Change[],
): boolean {
  const r = editAll(play, changes);
  const check = CHECKS.find((c) => c.code === f.code);
  if (!r.ok || !check || !r.play.frames.some((x) => x.id === leaf)) return false;
  const court = courtFor(r.play);
  const compiled = compile(r.play, leaf, court, r.play.level, options.record);
  const { against } = options;
  const again =
    check.group === 'defence' && against
      ? playAgainst(r.play, compiled.timeline, against.defence, court, against.defended.rails.level)
      : null;
  const input = checkInput(r.play, lineTo(r.play, leaf), { ...options, compiled, against: again });
  const still = (told: Told): boolean =>
    told.action === f.action && [...told.players].sort().join() === [...f.players].sort().join();
  return !check.run(input).some(still);
}

/** A finding that was silenced and is not found so any more: kept, so that it can be silenced again in one press. */
export type SilencedBefore = NonNullable<Play['silenced']>[number];

/** What a play has silenced that matches nothing found: its cause has changed, or it is mended. */
export function silencedBefore(play: Play, findings: readonly Finding[]): readonly SilencedBefore[] {
  const now = new Set(findings.map((f) => `${f.code} ${f.cause}`));
  return (play.silenced ?? []).filter((s) => !now.has(`${s.code} ${s.at ?? ''}`));
}
