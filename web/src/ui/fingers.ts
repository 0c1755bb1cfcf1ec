import { useRef, type PointerEvent } from 'react';
import type { P } from './drag.ts';

/** A finger that has not moved for this long holds what it is on (ms). */
const HOLD = 350;
/** Fingers that are down no longer than this have tapped (ms), and have not moved farther than this (px). */
const TAP = 450;
const STILL = 12;

interface Fingers {
  /** One finger is held on something. */
  readonly onHold: (on: Element) => void;
  /** So many fingers, two or more, were set down and lifted at once. */
  readonly onTaps: (fingers: number) => void;
}

/**
 * What a finger that is held says, and several that tap. Spread over the element that listens: it hears of fingers
 * before what is in it does, and takes them away from whatever they have begun.
 */
export function useFingers({ onHold, onTaps }: Fingers) {
  const down = useRef(new Map<number, P & { on: Element }>());
  const touch = useRef({ since: 0, most: 0, still: true, timer: 0 });
  /** Whoever has taken the finger lets go, as when the system takes it away. */
  const letGo = () => {
    for (const [pointerId, { on }] of down.current)
      on.dispatchEvent(new globalThis.PointerEvent('pointercancel', { pointerId, bubbles: true }));
  };
  const moved = () => {
    touch.current.still = false;
    clearTimeout(touch.current.timer);
  };
  return {
    onPointerDownCapture(e: PointerEvent) {
      if (e.pointerType !== 'touch') return;
      const s = touch.current;
      clearTimeout(s.timer);
      if (e.isPrimary) {
        down.current.clear();
        Object.assign(s, { since: e.timeStamp, most: 0, still: true });
      }
      const on = e.target as Element;
      if (!e.isPrimary) {
        letGo();
        e.stopPropagation();
      }
      down.current.set(e.pointerId, { x: e.clientX, y: e.clientY, on });
      s.most = Math.max(s.most, down.current.size);
      if (s.most > 1) return;
      s.timer = window.setTimeout(() => {
        letGo();
        moved();
        onHold(on);
      }, HOLD);
    },
    onPointerMoveCapture(e: PointerEvent) {
      const from = down.current.get(e.pointerId);
      if (from && Math.hypot(e.clientX - from.x, e.clientY - from.y) > STILL) moved();
    },
    onPointerUpCapture(e: PointerEvent) {
      clearTimeout(touch.current.timer);
      if (!down.current.delete(e.pointerId) || down.current.size > 0) return;
      const { still, most, since } = touch.current;
      if (still && most > 1 && e.timeStamp - since < TAP) onTaps(most);
    },
    onPointerCancelCapture(e: PointerEvent) {
      // Its own letting go is heard here as well, and changes nothing.
      if (!e.isTrusted) return;
      moved();
      down.current.delete(e.pointerId);
    },
  };
}
