import { useEffect, useRef, useState } from 'react';

/**
 * A value that changes with every move of the pointer, taken over at most so often (ms), and always in the
 * end: for figures nobody can read faster, beside a drawing that must keep up with the hand.
 */
export function useLate<T>(value: T, every: number): T {
  const [late, setLate] = useState(value);
  const last = useRef(0);
  useEffect(() => {
    if (late === value) return;
    const wait = Math.max(0, last.current + every - performance.now());
    const timer = setTimeout(() => {
      last.current = performance.now();
      setLate(value);
    }, wait);
    return () => clearTimeout(timer);
  }, [value, late, every]);
  return late;
}
