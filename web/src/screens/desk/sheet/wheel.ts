import { useEffect, useRef, type RefObject } from 'react';

/** React's wheel listeners are passive; this one keeps the page where it is. */
export function useWheel(roll: RefObject<HTMLDivElement | null>, onWheel: (e: WheelEvent) => void): void {
  const latest = useRef(onWheel);
  useEffect(() => {
    latest.current = onWheel;
  });
  useEffect(() => {
    const box = roll.current;
    const listen = (e: WheelEvent) => latest.current(e);
    box?.addEventListener('wheel', listen, { passive: false });
    return () => box?.removeEventListener('wheel', listen);
  }, [roll]);
}
