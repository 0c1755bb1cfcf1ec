import type { Court, FrameWalk } from '@corkscrew/core';
import { frameScene, thumbScale } from '@corkscrew/diagram';
import { useMemo } from 'react';
import { Picture } from './SceneSvg.tsx';

/** One frame of a line, small: how it starts, what is done, and where the next one finds them. */
export function FramePicture({
  court,
  walk,
  next,
  width,
}: {
  court: Court;
  walk: FrameWalk;
  next?: FrameWalk | undefined;
  width?: number;
}) {
  const scene = useMemo(
    () => frameScene({ court, walk, next, scale: thumbScale(court, walk), detail: false }),
    [court, walk, next],
  );
  return <Picture scene={scene} {...(width ? { width } : {})} />;
}
