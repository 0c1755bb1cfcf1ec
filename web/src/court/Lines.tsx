import type { Court, FrameWalk } from '@corkscrew/core';
import { frameScene, type Scale, type Tone } from '@corkscrew/diagram';
import { memo, useMemo, type PointerEvent } from 'react';
import { useDesk } from '../screens/desk/store.ts';
import { SceneItems } from '../ui/SceneSvg.tsx';

interface LinesProps {
  readonly court: Court;
  readonly walk: FrameWalk;
  readonly next: FrameWalk | undefined;
  readonly previous: FrameWalk | undefined;
  readonly scale: Scale;
  /** Actions drawn in pen: the chosen one, and the one still under the hand. */
  readonly chosen: string | null;
  readonly proposed: string | null;
}

/** Floor, last frame and the lines of this frame; each line can be picked along a wider, unseen one. */
export const Lines = memo(function Lines({
  court,
  walk,
  next,
  previous,
  scale,
  chosen,
  proposed,
}: LinesProps) {
  const scene = useMemo(
    () => frameScene({ court, walk, next, previous, scale, bodies: false }),
    [court, walk, next, previous, scale],
  );
  const tones: Record<string, Tone> = {};
  for (const id of [chosen, proposed]) if (id) tones[id] = 'pen';
  const pick = (e: PointerEvent, id: string) => {
    if (useDesk.getState().pending) return;
    e.stopPropagation();
    const by = walk.steps.find((s) => s.action.id === id)?.action.by ?? null;
    useDesk.setState({ actionId: id, selected: by, pending: null });
  };
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
              onPointerDown={(e) => pick(e, id)}
              onPointerEnter={() => useDesk.setState({ hovered: id })}
              onPointerLeave={() => useDesk.setState({ hovered: null })}
            />
          )
        );
      })}
    </>
  );
});
