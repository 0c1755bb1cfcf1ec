import { CANDIDATES, clashesOf, isFree, isGrave, type Spoken, type Voice } from '@corkscrew/core';
import { voice } from '@corkscrew/words/voice';
import { useEffect, useMemo, useState } from 'react';
import { useRecords } from '../../keeping/records.ts';

/** All clashes that are not kept, the grave ones first; null until words can be said. */
export function useClashes(spoken: readonly Spoken[], firstLetter: boolean) {
  const [say, setSay] = useState<Voice | null>(null);
  const [failed, setFailed] = useState(false);
  const kept = useRecords('kept');
  useEffect(() => {
    void voice().then(
      (v) => setSay(() => v),
      () => setFailed(true),
    );
  }, []);
  const content = JSON.stringify(spoken);
  const all = useMemo(
    () => (say ? clashesOf(JSON.parse(content) as Spoken[], say, firstLetter) : null),
    [say, content, firstLetter],
  );
  const reasons = new Map((kept.rows ?? []).map((r) => [r.body.clash, r] as const));
  return {
    clashes:
      all?.filter((c) => !reasons.has(c.id)).sort((a, b) => Number(isGrave(b)) - Number(isGrave(a))) ?? null,
    kept: all?.flatMap((c) => {
      const row = reasons.get(c.id);
      return row ? [{ clash: c, id: row.id, reason: row.body.reason }] : [];
    }),
    keep: kept.change,
    failed,
    /** Words that would clash with nothing, in place of one. */
    instead: (of: Spoken): string[] => (say ? free(of, spoken, say, firstLetter) : []),
  };
}

/** So many are offered. */
const OFFERED = 3;
function free(of: Spoken, all: readonly Spoken[], say: Voice, firstLetter: boolean): string[] {
  // Another start for another word, so that not everybody is offered the same.
  const from = [...of.id].reduce((n, c) => (n * 31 + c.charCodeAt(0)) % CANDIDATES.length, 7);
  const out: string[] = [];
  for (let i = 0; i < CANDIDATES.length && out.length < OFFERED; i++) {
    const word = CANDIDATES[(from + i * 17) % CANDIDATES.length]!;
    if (!out.includes(word) && isFree(word, of, all, say, firstLetter)) out.push(word);
  }
  return out;
}

export type Clashes = ReturnType<typeof useClashes>;
