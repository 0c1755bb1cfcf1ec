import { sceneAt, sceneOfFrame, sceneSize, words, type Layers, type Scale } from '@corkscrew/diagram';
import { courtFor, readWords, type AgainstView } from '@corkscrew/core';
import { useUnits } from '../../../app/units.ts';
import { SceneItems } from '../../../floor/SceneSvg.tsx';
import { useAgainst, useStale } from '../analysis.ts';
import { useLayer, usePlayed } from '../defend/view.ts';
import { lineView, useDesk, usePick } from '../store.ts';
import { useNow, useTimeline } from '../timeline.ts';
import { useDeskTeller } from '../teller.ts';

/** A layer of the line on the desk at the instant shown, or of the frame that stands. Drawn again with the time, alone. */
function useScene(layers: Layers, scale: Scale, against: AgainstView | null = null) {
  const { play, branch, frameId } = usePick('play', 'branch', 'frameId');
  const { court } = lineView(play, branch, frameId);
  const timeline = useTimeline();
  const now = useNow();
  const timed = useDesk((d) => d.time !== null);
  const inTime = { court, timeline, against };
  return timed ? sceneAt(inTime, now, layers, scale) : sceneOfFrame(inTime, frameId, layers, scale);
}

/** The five who defend and what can be seen of it; `plain` is the five alone. */
export function Defenders({ scale, plain = false }: { scale: Scale; plain?: boolean }) {
  const { actionId, branch, frameId, play } = usePick('actionId', 'branch', 'frameId', 'play');
  const against = useAgainst(play.id, lineView(play, branch, frameId).line.at(-1)!.id);
  const timed = useDesk((d) => d.time !== null);
  const timeline = useTimeline();
  const stale = useStale();
  const shields = useLayer('shields');
  const ghosts = useLayer('ghosts');
  const open = useLayer('open');
  const lanes = useLayer('lanes');
  const splits = useLayer('splits');
  const since = timeline.bars.find((b) => b.frame === frameId)?.start;
  const seen: Layers = {
    open,
    splits,
    ...(ghosts && shields && timed ? { slidSince: since } : {}),
    ...(lanes && actionId ? { lane: actionId } : {}),
  };
  const { items } = useScene({ defenders: shields, ...(plain ? {} : seen) }, scale, against);
  if (!against) return null;
  return (
    <g aria-hidden="true" pointerEvents="none" opacity={stale && !plain ? 0.45 : 1} data-testid="defence">
      <SceneItems items={items} />
    </g>
  );
}

/** The five and the ball at the playhead. */
export function Runner({ scale }: { scale: Scale }) {
  const { items } = useScene({ men: true }, scale);
  return (
    <g aria-hidden="true" pointerEvents="none">
      <SceneItems items={items} />
    </g>
  );
}

/** Over the court: which answer runs when all of them do, or what they are shown doing that they do not do anyhow. */
export function Announced({ scale }: { scale: Scale }) {
  const t = useDeskTeller();
  const { play, branch, frameId, tour, running } = usePick('play', 'branch', 'frameId', 'tour', 'running');
  const { line } = lineView(play, branch, frameId);
  const { trial } = usePlayed(play, line.at(-1)!.id);
  const reads = line.flatMap((f) => (f.read ? [readWords(f.read, t)] : []));
  const said = tour && running ? reads.join(', then ') || 'As drawn' : trial ? `As if: ${trial.words}` : null;
  if (!said) return null;
  const at = { x: sceneSize(scale).width / 2, y: 34 };
  return (
    <g aria-hidden="true" pointerEvents="none">
      <SceneItems items={[words(said, at, 'pen', { size: tour ? 22 : 15, part: 'answer' })]} />
    </g>
  );
}

/** The gaps on both sides of the ball, named and measured. */
export function Gaps({ scale }: { scale: Scale }) {
  const play = useDesk((s) => s.play);
  const units = useUnits(courtFor(play));
  const { items } = useScene({ gaps: units }, scale);
  return (
    <g aria-hidden="true" pointerEvents="none">
      <SceneItems items={items} />
    </g>
  );
}
