import {
  asTold,
  courtFor,
  frameById,
  lineThrough,
  pointsOn,
  type AnswerProposal,
  type Cell,
  type Defence,
  type Play,
  type PointOnLine,
  type Reply,
  zoneSites,
} from '@corkscrew/core';
import { lineInTime } from '../../../questions/lines.ts';
import { useTrial } from '../defend/view.ts';
import { apply, goToEnding, useDesk } from '../store.ts';
import { seek } from '../timeline.ts';

/** Shows the moment of a cell on the court: the ending that answers it, or the play as drawn with them doing it. */
export function showCell(defence: Defence, point: PointOnLine, cell: Cell, words: string): void {
  const { play, fives } = useDesk.getState();
  const leaf = cell.look?.leaf ?? leafOf(play, point);
  if (leaf === null) return;
  const { timeline } = lineInTime(play, leaf, fives).compiled;
  useDesk.setState({ branch: leaf, running: false });
  const points = defence.type === 'zone' ? zoneSites(timeline) : pointsOn(timeline, courtFor(play));
  const action = points.find((p) => p.id === point.id)?.action ?? point.action;
  const told = asTold(defence, [{ ...point, action }], { [point.id]: cell.reaction });
  // An ending is played by its read, as it always is.
  useTrial.setState({
    trial: cell.look?.ending ? null : { frames: play.frames, leaf, defence: told, words },
    draft: null,
  });
  const at = cell.look?.judged.at;
  seek(at === undefined || Number.isNaN(at) ? point.seen : at);
}

/** Shows what hurts most on the court: the line that is best then, with the defence doing all of it. */
export function showReply(
  defence: Defence,
  points: readonly PointOnLine[],
  reply: Reply,
  words: string,
): void {
  const { play, fives } = useDesk.getState();
  const { timeline } = lineInTime(play, reply.leaf, fives).compiled;
  const here = defence.type === 'zone' ? zoneSites(timeline) : pointsOn(timeline, courtFor(play));
  const known = here.map((p) => ({ ...points.find((k) => k.id === p.id), ...p }));
  useDesk.setState({ branch: reply.leaf, running: false });
  useTrial.setState({
    trial: { frames: play.frames, leaf: reply.leaf, defence: asTold(defence, known, reply.told), words },
    draft: null,
  });
  seek(reply.seen?.judged.at ?? 0);
}

/** The line as drawn through a point's frame; null when the frame is gone. */
const leafOf = (play: Play, point: PointOnLine): string | null =>
  frameById(play, point.frame) ? lineThrough(play, point.frame).at(-1)!.id : null;

/** A proposed answer drawn in pen over the court, until another is shown or the play changes. */
export function showProposal(p: AnswerProposal | null): void {
  const { play } = useDesk.getState();
  useTrial.setState({ draft: p && { frames: play.frames, frame: p.frame, fresh: p.fresh } });
}

/** Takes a proposed answer into the play as an ending, and goes there. */
export function takeProposal(p: AnswerProposal, title: string): void {
  const { play } = useDesk.getState();
  const known = new Set(play.frames.map((f) => f.id));
  const frame = { ...p.frame, title };
  useTrial.setState({ trial: null, draft: null });
  if (!apply({ do: 'pasteEnding', after: frame.parent, frame }, { placing: false })) return;
  const added = useDesk.getState().play.frames.find((f) => !known.has(f.id));
  if (added) goToEnding(added.id);
}
