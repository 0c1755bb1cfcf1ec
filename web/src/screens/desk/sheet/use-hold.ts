import { lastFor, levelRecord, startAt, tieTo, type Beat, type Change, type Timeline } from '@corkscrew/core';
import { useRef, useState, type PointerEvent, type RefObject } from 'react';
import { useDrag, type Held } from '../../../ui/drag.ts';
import { apply, useDesk } from '../store.ts';
import { choose } from './block-keys.ts';
import type { Grip, Hold } from './Grips.tsx';

/** Seconds a drag snaps to; a hundredth while Alt is held. */
const snapped = (dt: number, fine: boolean): number =>
  fine ? Math.round(dt * 100) / 100 : Math.round(dt * 10) / 10;

/** Farther than this the hand drags (pixels). */
const MOVED = 3;

interface Sheet {
  readonly beat: Beat;
  readonly timeline: Timeline;
  readonly zoom: number;
  readonly roll: RefObject<HTMLDivElement | null>;
  /** A coverage's tag was pressed. */
  readonly onWay: (id: string, tag: Element) => void;
}

/** What the hand does on the sheet: blocks are moved in time, their ends pulled, ties drawn, the sheet rolled along. */
export function useHold({ beat, timeline, zoom, roll, onWay }: Sheet) {
  const [over, setOver] = useState<string | null>(null);
  /** Where the empty sheet was last held, to roll it along under the hand. */
  const pan = useRef<number | null>(null);
  const drag = useDrag<{ id: string; grip: Grip }>({
    measure: () => (e) => ({ x: e.clientX, y: e.clientY }),
    from: MOVED,
    onMove: ({ at }) =>
      setOver(
        document.elementFromPoint(at.x, at.y)?.closest('[data-block]')?.getAttribute('data-block') ?? null,
      ),
    onDrop: (held) => {
      drop(held);
      setOver(null);
    },
    onTap: ({ id }) => choose(beat.blocks.find((b) => b.id === id)!),
  });
  const secondsOf = (h: Held<unknown>): number => snapped((h.at.x - h.from.x) / zoom, h.free);
  const change = (c: Change | null) => {
    if (c) apply(c);
  };
  const drop = (h: Held<{ id: string; grip: Grip }>) => {
    const { id, grip } = h.item;
    const block = beat.blocks.find((b) => b.id === id)!;
    const dt = secondsOf(h);
    const { play } = useDesk.getState();
    if (grip === 'tie') {
      if (over && over !== id) change(tieTo(timeline, id, over));
    } else if (grip === 'edge')
      change(lastFor(timeline, levelRecord(play.level, play.women), id, block.to - block.from + dt));
    else change(startAt(timeline, id, Math.max(0, block.from + dt)));
  };
  const take = (e: PointerEvent<SVGElement>, id: string, grip: Grip) => {
    if (e.button !== 0 || useDesk.getState().running) return;
    const tag = e.target instanceof Element && e.target.closest('[data-way]');
    if (tag) {
      e.stopPropagation();
      onWay(id, tag);
    } else drag.take(e, { id, grip });
  };
  const block = drag.held && beat.blocks.find((b) => b.id === drag.held!.item.id);
  const hold: Hold | null =
    drag.held?.moved && block
      ? { ...drag.held.item, from: block.from, dt: secondsOf(drag.held), over }
      : null;
  return {
    hold,
    take,
    hand: {
      onPointerDown: (e: PointerEvent) => {
        pan.current = e.clientX;
      },
      onPointerMove: (e: PointerEvent) => {
        if (pan.current !== null && !drag.held) {
          if (e.buttons === 1) roll.current!.scrollBy({ left: pan.current - e.clientX });
          pan.current = e.buttons === 1 ? e.clientX : null;
        }
        drag.hand.onPointerMove(e);
      },
      onPointerUp: (e: PointerEvent) => {
        pan.current = null;
        drag.hand.onPointerUp(e);
      },
      onPointerCancel: () => {
        pan.current = null;
        drag.hand.onPointerCancel();
      },
    },
  };
}
