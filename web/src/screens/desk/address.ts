import { frameById } from '@corkscrew/core';
import { useEffect, useRef } from 'react';
import { useSearchParams } from 'react-router';
import { useDesk, usePick } from './store.ts';

/** The address follows this long after the last move (ms): running, scrubbing and stepping change it once. */
const AFTER = 250;

/** What of the desk the address carries: the ending, the frame on the court, and the instant looked at. */
function place(s: { branch: string; frameId: string; time: number | null }): URLSearchParams {
  const params = new URLSearchParams({ ending: s.branch, frame: s.frameId });
  if (s.time !== null) params.set('at', s.time.toFixed(2));
  return params;
}

/** The search part of the address of where the desk is now. */
export const addressNow = (): string => `?${place(useDesk.getState())}`;

/** Goes where the address says, as far as there is such a place. */
export function goToAddress(params: URLSearchParams): void {
  const { play } = useDesk.getState();
  const known = (id: string | null): string | null => (id && frameById(play, id) ? id : null);
  const frame = known(params.get('frame'));
  const at = params.get('at');
  const time = at === null || !Number.isFinite(Number(at)) ? null : Math.max(0, Number(at));
  if (frame)
    useDesk.setState({ frameId: frame, branch: known(params.get('ending')) ?? frame, time, placing: false });
}

/** Keeps the address where the desk is, so that a reload and the way back from another room return there. */
export function useAddress(): void {
  const { branch, frameId, running } = usePick('branch', 'frameId', 'running');
  const time = useDesk((s) => (s.running ? null : s.time));
  const [, setParams] = useSearchParams();
  const first = useRef(true);
  const own = useRef(window.location.pathname);
  useEffect(() => {
    if (running) return undefined;
    if (first.current) {
      first.current = false;
      return undefined;
    }
    const timer = setTimeout(() => {
      // On the way to another room the desk is there until that has come: it does not write over its address.
      if (window.location.pathname !== own.current) return;
      setParams(place({ branch, frameId, time }), { replace: true, preventScrollReset: true });
    }, AFTER);
    return () => clearTimeout(timer);
  }, [branch, frameId, time, running, setParams]);
}
