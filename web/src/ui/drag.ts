import { useRef, useState, type PointerEvent } from 'react';

export interface P {
  readonly x: number;
  readonly y: number;
}

/** Something held by the hand: from where, to where, and whether it has come far enough to be a drag. */
export interface Held<T> {
  readonly item: T;
  readonly from: P;
  readonly at: P;
  readonly moved: boolean;
  /** Alt: neither snapped nor rounded. */
  readonly free: boolean;
}

interface Hand<T> {
  /** From the window to the drawing, made once for each time something is taken. */
  readonly measure: (taken: Element) => (e: { clientX: number; clientY: number }) => P;
  /** Farther than this it is a drag, in the drawing's own units. */
  readonly from: number;
  readonly onMove?: (held: Held<T>) => void;
  readonly onDrop: (held: Held<T>) => void;
  readonly onTap?: (item: T, at: P) => void;
}

/**
 * The one way to drag: something is taken, follows the pointer wherever that goes, and is dropped, or was only
 * tapped. A second finger, or the system taking the pointer away, lets go without doing anything.
 */
export function useDrag<T>({ measure, from, onMove, onDrop, onTap }: Hand<T>) {
  const [held, setHeld] = useState<Held<T> | null>(null);
  const point = useRef<{ id: number; at: (e: { clientX: number; clientY: number }) => P } | null>(null);
  const letGo = () => {
    point.current = null;
    setHeld(null);
  };
  return {
    held,
    take(e: PointerEvent, item: T) {
      if (e.button !== 0) return;
      e.stopPropagation();
      if (!e.isPrimary) return letGo();
      e.currentTarget.setPointerCapture(e.pointerId);
      const at = measure(e.currentTarget);
      point.current = { id: e.pointerId, at };
      const p = at(e);
      setHeld({ item, from: p, at: p, moved: false, free: e.altKey });
    },
    hand: {
      onPointerMove(e: PointerEvent) {
        if (!held || point.current?.id !== e.pointerId) return;
        const at = point.current.at(e);
        const moved = held.moved || Math.hypot(at.x - held.from.x, at.y - held.from.y) > from;
        if (!moved) return;
        const next = { ...held, at, moved, free: e.altKey };
        setHeld(next);
        onMove?.(next);
      },
      onPointerUp(e: PointerEvent) {
        if (!held || point.current?.id !== e.pointerId) return;
        letGo();
        if (held.moved) onDrop(held);
        else onTap?.(held.item, held.at);
      },
      onPointerCancel: letGo,
    },
  };
}
