import { courtFor } from '../court/rulesets.ts';
import type { Units } from '../court/units.ts';
import { compile, type Compiled } from '../motion/compile.ts';
import type { Against } from '../look/against.ts';
import { levelRecord } from '../motion/level.ts';
import type { Frame, Play } from '../play/document.ts';
import { findAction } from '../play/tree.ts';
import { canonical } from '../play/same.ts';
import { walkLine } from '../play/state.ts';
import { SEVERITIES, type Check, type CheckInput, type Finding, type Told } from './finding.ts';
import { momentsOf } from '../motion/moments.ts';
import { CHECKS } from './registry.ts';
import { schoolFor, type OwnSchool } from './school.ts';

/** What the walk-through may be told beside the play. */
export interface WalkOptions {
  readonly units?: Units | undefined;
  readonly school?: OwnSchool | undefined;
  /** The line in time, where it is known already. */
  readonly compiled?: Compiled | undefined;
  /** The line against a defence; without one the checks that need it are silent. */
  readonly against?: Against | null | undefined;
}

/** Everything a check may look at, computed once for a line of frames. */
export function checkInput(play: Play, line: readonly Frame[], options: WalkOptions = {}): CheckInput {
  const court = courtFor(play);
  const { timeline, faults } = options.compiled ?? compile(play, line.at(-1)!.id, court, play.level);
  return {
    play,
    court,
    level: levelRecord(play.level, play.women ?? false),
    walks: walkLine(play, line),
    timeline,
    faults,
    moments: momentsOf(timeline),
    school: schoolFor(play.level, options.school),
    against: options.against ?? null,
    units: options.units ?? court.units,
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

/** What brings a finding about: the action, the men, and about where they are. When it changes, a silenced finding speaks again. */
function causeOf(play: Play, check: Check, told: Told): string {
  const action = told.action ? findAction(play, told.action)?.action : undefined;
  return hash(
    // Storage may put a document's fields in another order.
    canonical([
      check.code,
      told.players,
      action ?? told.frame,
      Math.round(told.place.x),
      Math.round(told.place.y),
      // Figures in a sentence may wobble by a tenth without the cause being another.
      told.sentence.replace(/\d+(\.\d+)?/g, (n) => String(Math.round(Number(n)))),
    ]),
  );
}

/**
 * All findings on a line of frames, the gravest first and then in order of time. Silenced ones carry the
 * coach's reason. Distances are said in the court's units unless the coach chose others.
 */
export function walkThrough(play: Play, line: readonly Frame[], options: WalkOptions = {}): Finding[] {
  const input = checkInput(play, line, options);
  const silenced = new Map((play.silenced ?? []).map((s) => [`${s.code} ${s.at ?? ''}`, s.reason]));
  return CHECKS.flatMap((check) =>
    check.run(input).map((told): Finding => {
      const cause = causeOf(play, check, told);
      const reason = silenced.get(`${check.code} ${cause}`);
      return {
        marks: [],
        mends: [],
        ...told,
        code: check.code,
        group: check.group,
        cause,
        ...(reason === undefined ? {} : { silenced: reason }),
      };
    }),
  ).sort((a, b) => SEVERITIES.indexOf(a.severity) - SEVERITIES.indexOf(b.severity) || a.time - b.time);
}
