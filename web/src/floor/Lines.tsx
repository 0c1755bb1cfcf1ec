import type { Court, FrameWalk } from '@corkscrew/core';
import { frameScene, type Scale, type Tone } from '@corkscrew/diagram';
import { memo, useMemo } from 'react';
import { SceneItems } from './SceneSvg.tsx';

interface LinesProps {
  readonly court: Court;
  readonly walk: FrameWalk;
  readonly next: FrameWalk | undefined;
  readonly previous: FrameWalk | undefined;
  readonly scale: Scale;
  /** Actions drawn in pen: the chosen one, and the one still under the hand. */
  readonly chosen: string | null;
  readonly proposed: string | null;
  /** Others in pen: what of an answer is new. */
  readonly fresh?: readonly string[] | undefined;
  readonly onHover: (action: string | null) => void;
}

const NONE: readonly string[] = [];

/** Floor, last frame and the lines of this frame; each line can be hit along a wider, unseen one. */
export const Lines = memo(function Lines({
  court,
  walk,
  next,
  previous,
  scale,
  chosen,
  proposed,
  fresh = NONE,
  onHover,
}: LinesProps) {
  const scene = useMemo(
    () => frameScene({ court, walk, next, previous, scale, bodies: false }),
    [court, walk, next, previous, scale],
  );
  const tones: Record<string, Tone> = {};
  for (const id of [chosen, proposed, ...fresh]) if (id) tones[id] = 'pen';
  return (
    <>
      <SceneItems items={scene.items} tones={tones} />
      {scene.items.map((i, k) => {
        const id = i.shape === 'path' && i.stroke ? i.action : undefined;
        return (
          id &&
          i.shape === 'path' && (
            <path
              key={k}
              className="line"
              d={i.d}
              data-action={id}
              onPointerEnter={() => onHover(id)}
              onPointerLeave={() => onHover(null)}
            />
          )
        );
      })}
    </>
  );
});
