import { DICTIONARY, dictionaryOf, spotSaid, teller, type Dictionary } from '@corkscrew/core';
import { useMemo } from 'react';
import { usePreferences } from '../app/preferences.ts';
import { useRecords } from '../keeping/records.ts';

/** The words everything is said in on this device: the team's own, or the trade's. */
export function useWords(): Dictionary {
  const ours = usePreferences((p) => p.ours);
  const { rows } = useRecords('words');
  const said = rows && rows.length > 0 ? JSON.stringify(rows.map((r) => r.body)) : '';
  // Made anew when a word is another, not whenever the list is drawn.
  return useMemo(
    () => (ours && said ? dictionaryOf(JSON.parse(said) as Parameters<typeof dictionaryOf>[0]) : DICTIONARY),
    [ours, said],
  );
}

/** What places are called on this device, by the keys of their spots: "left jetty". */
export function useSpotWords(): (key: string) => string {
  const words = useWords();
  return useMemo(() => {
    const t = teller({ words });
    return (key) => spotSaid(key, t);
  }, [words]);
}
