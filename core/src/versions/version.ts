import { Board } from '../answers/board.ts';
import type { PlayerId } from '../alignment/library.ts';
import type { Court } from '../court/court.ts';
import { seeingOf } from '../look/seeing.ts';
import type { LevelRecord } from '../motion/level.ts';
import type { Change } from '../play/change.ts';
import type { Defence, Play } from '../play/document.ts';
import { editAll } from '../play/edit.ts';
import { findAction, lineTo, mainLine } from '../play/tree.ts';
import type { EditResult } from '../play/result.ts';
import { manChanges, zoneChanges, type VersionChange } from './changes.ts';

/** A change that was tried: the best look of whom it is for on the line as drawn, without and with it, points; 0 when he is never open. */
export interface TriedChange extends VersionChange {
  readonly without: number;
  readonly worth: number;
}

/** A tenth of a point is no difference. */
const LOSES = 0.1;
/** Whether it is taken when nobody says otherwise: it costs nothing. */
export const isWorthIt = (c: TriedChange): boolean => c.worth > c.without - LOSES;

/** What is done otherwise against another kind of defence, each change played against it by itself. */
export function* versionChanges(
  play: Play,
  court: Court,
  record: LevelRecord,
  defence: Defence,
): Generator<null, TriedChange[]> {
  const all = defence.type === 'zone' ? zoneChanges(play, court, record, defence) : manChanges(play, court);
  const now = looksOn(play, court, record, defence);
  yield null;
  const out: TriedChange[] = [];
  for (const change of all) {
    const { who } = change;
    const done = who && editAll(play, change.changes);
    const without = who ? now(who) : 0;
    out.push({
      ...change,
      without,
      worth: who && done?.ok ? looksOn(done.play, court, record, defence)(who) : without,
    });
    yield null;
  }
  return out;
}

/** The best look of each man while he is open on the line as drawn, points; 0 when he never is. */
function looksOn(play: Play, court: Court, record: LevelRecord, defence: Defence): (who: PlayerId) => number {
  const leaf = mainLine(play).at(-1)!.id;
  const board = new Board(play, court, record, defence);
  const plan = board.plan(leaf, {}, []);
  const { windows } = seeingOf(board.played(leaf, plan), plan);
  return (who) => windows.reduce((best, w) => (w.player === who ? Math.max(best, w.best.value) : best), 0);
}

/** The play as a version of its own, linked to the one it was made of: with what is taken, against the defence it is made for. */
export function versionOf(
  play: Play,
  defence: Defence,
  taken: readonly VersionChange[],
  id: string,
): EditResult {
  const kind = defence.type;
  const against = kind === 'zone' ? defence.zone! : 'man';
  const changes = taken.flatMap((t) => t.changes);
  return editAll(play, [
    ...changes.filter((c) => !isGone(play, changes, c)),
    { do: 'defences', defences: [defence] },
    { do: 'against', against: [against] },
    { do: 'variantOf', variantOf: { play: play.id, name: play.name, kind } },
    { do: 'copy', id, suffix: kind === 'zone' ? ` against ${against}` : ' against man' },
  ]);
}

/** A change of what is in an ending that another one takes out has nothing to change. */
function isGone(play: Play, all: readonly Change[], c: Change): boolean {
  const gone = new Set(all.flatMap((o) => (o.do === 'removeEnding' ? [o.id] : [])));
  const within = (frame: string, self: boolean): boolean =>
    lineTo(play, frame).some((f) => gone.has(f.id) && (self || f.id !== frame));
  if (c.do === 'removeEnding') return within(c.id, false);
  if (c.do === 'read') return within(c.frame, true);
  const found = c.do === 'patchAction' ? findAction(play, c.id) : undefined;
  return found !== undefined && within(found.frame.id, true);
}
