/** Plays that flow into each other, from one on: each once, and where the last of them leads back to. */
export interface Ring {
  readonly ids: readonly string[];
  /** The index of the play that the last one flows into again; null when it ends. */
  readonly back: number | null;
}

/** Follows what each play flows into first, until it ends or a play comes again. */
export function ringFrom(start: string, flows: (id: string) => readonly string[]): Ring {
  const ids = [start];
  for (;;) {
    const next = flows(ids.at(-1)!)[0];
    if (next === undefined) return { ids, back: null };
    const back = ids.indexOf(next);
    if (back >= 0) return { ids, back };
    ids.push(next);
  }
}
