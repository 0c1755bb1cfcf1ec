import { PLAYERS, startAt, untie, type Beat, type BeatBlock } from '@corkscrew/core';
import type { KeyboardEvent } from 'react';
import { nextTempo } from '../draw/keys.ts';
import { apply, useDesk } from '../store.ts';
import { timelineOf } from '../timeline.ts';

/** Takes a block in hand: its action is chosen, on the court as well. */
export function choose(block: BeatBlock): void {
  useDesk.setState({
    actionId: block.id,
    frameId: block.frame,
    selected: PLAYERS[block.row]!,
    pending: null,
    time: null,
  });
}

const focusBlock = (id: string | undefined): void => {
  if (id) document.querySelector<SVGGElement>(`[data-block="${CSS.escape(id)}"]`)?.focus();
};

/** Keys of a block: arrows walk the sheet, Shift and arrows nudge it, U unties it, Enter chooses it, Delete takes it away. */
export function onBlockKey(e: KeyboardEvent, block: BeatBlock, beat: Beat): boolean {
  if (e.ctrlKey || e.metaKey || e.altKey) return false;
  const { play, branch, frameId } = useDesk.getState();
  const timeline = timelineOf(play, branch, frameId);
  const row = beat.blocks.filter((b) => b.row === block.row);
  const i = row.indexOf(block);
  switch (e.key) {
    case 'ArrowLeft':
    case 'ArrowRight': {
      const by = e.key === 'ArrowRight' ? 1 : -1;
      if (!e.shiftKey) focusBlock(row[i + by]?.id);
      else {
        const c = startAt(timeline, block.id, Math.max(0, block.from + by * 0.1));
        if (c) apply(c);
      }
      return true;
    }
    case 'ArrowUp':
    case 'ArrowDown': {
      const by = e.key === 'ArrowDown' ? 1 : -1;
      for (let r = block.row + by; r >= 0 && r < PLAYERS.length; r += by) {
        const there = beat.blocks.filter((b) => b.row === r);
        if (there.length === 0) continue;
        const near = there.reduce((a, b) =>
          Math.abs(b.from - block.from) < Math.abs(a.from - block.from) ? b : a,
        );
        focusBlock(near.id);
        break;
      }
      return true;
    }
    case 'Enter':
    case ' ':
      choose(block);
      return true;
    case 'u':
    case 'U': {
      const c = untie(timeline, block.id);
      if (c) apply(c);
      return true;
    }
    case 'w':
    case 'W':
      choose(block);
      nextTempo();
      return true;
    case 'Delete':
    case 'Backspace':
      apply({ do: 'removeAction', id: block.id });
      return true;
    default:
      return false;
  }
}
