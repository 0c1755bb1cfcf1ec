import { ballAt, byPlayer, facingAt, positionAt, rimOf, courtFor } from '@corkscrew/core';
import { ballItems, bodyItems, DESK, toScene, type Scale } from '@corkscrew/diagram';
import { SceneItems } from '../ui/SceneSvg.tsx';
import { useDesk } from '../screens/desk/store.ts';
import { useTimeline } from '../screens/desk/timeline.ts';

/** The five and the ball at the playhead. */
export function Runner({ scale = DESK }: { scale?: Scale }) {
  const time = useDesk((s) => s.time ?? 0);
  const play = useDesk((s) => s.play);
  const timeline = useTimeline();
  const ball = ballAt(timeline, time);
  const rim = rimOf(courtFor(play));
  const bodies = byPlayer((p) => ({
    at: positionAt(timeline, p, time),
    facing: facingAt(timeline, p, time, ball.holder === p ? rim : ball.point),
  }));
  return (
    <g aria-hidden="true">
      <SceneItems items={bodyItems(bodies, ball.holder, scale, true)} />
      {ball.holder === null && (
        <SceneItems items={ballItems(toScene(scale, ball.point), scale, ball.height)} />
      )}
    </g>
  );
}
