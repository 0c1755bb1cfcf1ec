import type { Beat, BeatBlock } from '@corkscrew/core';
import type { PointerEvent } from 'react';
import { blockBox } from './scale.ts';

export type Grip = 'move' | 'edge' | 'tie';
/** What the hand drags, from where in time, and how far it has come (seconds). */
export interface Hold {
  readonly id: string;
  readonly grip: Grip;
  readonly from: number;
  readonly dt: number;
  readonly over: string | null;
}

/** What a chosen block is held by: its end for the tempo, its knot for a tie. */
export function Grips({
  block,
  zoom,
  shown,
  take,
}: {
  block: BeatBlock;
  zoom: number;
  shown: boolean;
  take: (e: PointerEvent<SVGElement>, id: string, grip: Grip) => void;
}) {
  const { x, y, width } = blockBox(block, zoom);
  return (
    <>
      {block.tempo && (
        <rect
          className="edge"
          x={x + width - 5}
          y={y}
          width={8}
          height={15}
          onPointerDown={(e) => take(e, block.id, 'edge')}
        />
      )}
      {shown && (
        <circle
          className="knot"
          cx={x + width + 8}
          cy={y + 7.5}
          r={4.2}
          onPointerDown={(e) => take(e, block.id, 'tie')}
        >
          <title>Drag to a block that waits for this one</title>
        </circle>
      )}
    </>
  );
}

/** A tie on its way from one block to another. */
export function TieInHand({ beat, hold, zoom }: { beat: Beat; hold: Hold; zoom: number }) {
  const block = beat.blocks.find((b) => b.id === hold.id)!;
  const over = beat.blocks.find((b) => b.id === hold.over);
  const from = blockBox(block, zoom);
  const to = over ? blockBox(over, zoom) : { x: from.x + from.width + hold.dt * zoom, y: from.y };
  return (
    <path
      d={`M${from.x + from.width} ${from.y + 7.5}L${to.x} ${to.y + 7.5}`}
      stroke="var(--pen)"
      strokeWidth={1.8}
      strokeDasharray="4 3"
      pointerEvents="none"
    />
  );
}
