import { actionWords, bodyAt, placeWords, PLAYERS, readWords, restTimes, stepOf } from '@corkscrew/core';
import { useAgainst, useTold } from '../analysis.ts';
import { lineView, usePick } from '../store.ts';
import { useNow, useTimeline } from '../timeline.ts';
import { useDeskTeller } from '../teller.ts';

/** The frame as it is heard: the read it answers, the lines in order, theirs, and what is wrong with it. */
export function Heard() {
  const t = useDeskTeller();
  const { play, branch, frameId, running } = usePick('play', 'branch', 'frameId', 'running');
  const { court, line, walks, index } = lineView(play, branch, frameId);
  const against = useAgainst(play.id, line.at(-1)!.id);
  const timeline = useTimeline();
  const now = useNow();
  const walk = walks[index]!;
  const here = useTold().filter((f) => f.frame === frameId);
  if (running) return null;
  const k = against ? stepOf(against, Math.max(now, Math.min(...restTimes(timeline, frameId)))) : 0;
  return (
    <ul className="visually-hidden" aria-label="The frame in words">
      {walk.frame.read && <li>They: {readWords(walk.frame.read, t)}</li>}
      {walk.steps.map((s) => (
        <li key={s.action.id}>{actionWords(court, walk, s, walks.slice(0, index), t)}</li>
      ))}
      {against &&
        PLAYERS.map((_, d) => {
          const man = against.guards[k * 5 + d]!;
          const at = placeWords(court, bodyAt(against, k, 5 + d), t);
          return (
            <li key={d}>
              x{d + 1}, theirs, {at}
              {man >= 0 ? `, guards ${man + 1}` : ''}
            </li>
          );
        })}
      {here.map((f) => (
        <li key={`${f.code}${f.cause}`}>{f.sentence}</li>
      ))}
    </ul>
  );
}
