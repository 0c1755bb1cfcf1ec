import { useEffect, useState } from 'react';

interface Run {
  /** When it was started last (ms), and seconds that had run before. */
  readonly since: number | null;
  readonly before: number;
}

/** Seconds that run while a block is done: started, held, set back. */
export function useClock(): {
  readonly seconds: number;
  readonly runs: boolean;
  readonly toggle: () => void;
  readonly reset: (start: boolean) => void;
} {
  const [run, setRun] = useState<Run>({ since: null, before: 0 });
  const [now, setNow] = useState(0);
  useEffect(() => {
    if (run.since === null) return;
    const timer = setInterval(() => setNow(Date.now()), 250);
    return () => clearInterval(timer);
  }, [run.since]);
  const seconds =
    run.before + (run.since === null ? 0 : Math.max(0, (Math.max(now, run.since) - run.since) / 1000));
  return {
    seconds,
    runs: run.since !== null,
    toggle: () =>
      setRun(
        run.since === null ? { since: Date.now(), before: run.before } : { since: null, before: seconds },
      ),
    reset: (start) => setRun({ since: start ? Date.now() : null, before: 0 }),
  };
}

/** "7:05"; what is over stands with a plus: "+0:20". */
export function clockWords(left: number): string {
  const all = Math.abs(Math.trunc(left));
  return `${left <= -1 ? '+' : ''}${Math.floor(all / 60)}:${String(all % 60).padStart(2, '0')}`;
}

/** A short tone, where sound is wanted. */
export function beep(): void {
  try {
    const audio = new AudioContext();
    const tone = audio.createOscillator();
    tone.frequency.value = 880;
    tone.connect(audio.destination);
    tone.start();
    tone.stop(audio.currentTime + 0.35);
    tone.onended = () => void audio.close();
  } catch {
    // A device that makes no sound runs on without it.
  }
}
