import { COVERAGE_WORDS, type Action } from '@corkscrew/core';
import { Choice } from '../../../ui/Choice.tsx';
import { useDesk } from '../store.ts';
import { coverScreen } from './change.ts';
import { useMet } from './met.ts';
import { useDefence } from './view.ts';

/** How they play this one screen or handoff: as they play all, or otherwise. */
export function ScreenCoverage({ action }: { action: Action }) {
  const play = useDesk((s) => s.play);
  const defence = useDefence(play);
  const met = useMet().find((m) => m.action === action.id);
  if (!defence || !met) return null;
  return (
    <Choice
      label="They play it"
      value={met.own ? met.does : ''}
      options={[
        ['', `as usual: ${COVERAGE_WORDS[met.usual]!}`],
        ...met.ways.map((k) => [k, COVERAGE_WORDS[k]!] as const),
      ]}
      onChange={(does) => coverScreen(defence, action.id, does || null)}
    />
  );
}
