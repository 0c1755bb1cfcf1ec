import {
  actionWords,
  atPlace,
  inBounds,
  placeSaid,
  type Court,
  type FrameWalk,
  type Point,
} from '@corkscrew/core';
import { sceneSize, toScene, type Scale } from '@corkscrew/diagram';
import { SceneItems } from '../../../floor/SceneSvg.tsx';
import { words } from '@corkscrew/diagram';
import { useDeskTeller } from '../teller.ts';

interface Props {
  readonly court: Court;
  readonly walk: FrameWalk;
  readonly earlier: readonly FrameWalk[];
  /** The action under the hand, in the walk; null when a man is only moved. */
  readonly proposed: string | null;
  readonly at: Point;
  readonly scale: Scale;
}

/** Above a finger, so that it does not hide the words. */
const ABOVE = 62;

/** What the stroke in hand will be, beside the hand: "cuts to the left wing". */
export function Tip({ court, walk, earlier, proposed, at, scale }: Props) {
  const t = useDeskTeller();
  const { width } = sceneSize(scale);
  const step = walk.steps.find((s) => s.action.id === proposed);
  const place = placeSaid(court, at, t);
  const text = step
    ? actionWords(court, walk, step, earlier, t).replace(/^\d /, '')
    : !inBounds(court, at)
      ? 'out of bounds'
      : place.is === 'between'
        ? ''
        : atPlace(place);
  if (!text) return null;
  const c = toScene(scale, at);
  const coarse = matchMedia('(pointer: coarse)').matches;
  const y = coarse ? (c.y > ABOVE + 24 ? c.y - ABOVE : c.y + ABOVE) : c.y - 12;
  const right = c.x + 16 > width - text.length * 7;
  const anchor = coarse ? 'middle' : right ? 'end' : 'start';
  const half = text.length * 3.6;
  const x = coarse ? Math.min(width - half, Math.max(half, c.x)) : c.x + (right ? -16 : 16);
  return (
    <g pointerEvents="none" aria-hidden="true">
      <SceneItems items={[words(text, { x, y }, 'pen', { anchor, size: coarse ? 16 : 13.5 })]} />
    </g>
  );
}
