import { COVERAGE_WORDS, OFF_BALL_COVERAGES, ON_BALL_COVERAGES, type Action } from '@corkscrew/core';
import { Choice } from '../../../ui/Choice.tsx';
import { useDesk } from '../store.ts';
import { coverScreen } from './change.ts';
import { useDefence } from './view.ts';

/** How they play this one screen or handoff: as they play all, or otherwise. */
export function ScreenCoverage({ action, onBall }: { action: Action; onBall: boolean }) {
  const play = useDesk((s) => s.play);
  const defence = useDefence(play);
  if (defence?.type !== 'man' || (action.does !== 'screen' && action.does !== 'handoff')) return null;
  const usual =
    action.does === 'handoff'
      ? (defence.handoff ?? defence.onBall ?? 'drop')
      : onBall
        ? (defence.onBall ?? 'drop')
        : (defence.offBall ?? 'trail');
  const words = onBall || action.does === 'handoff' ? ON_BALL_COVERAGES : OFF_BALL_COVERAGES;
  return (
    <Choice
      label="They play it"
      value={defence.overrides?.[action.id]?.does ?? ''}
      options={[
        ['', `as usual: ${COVERAGE_WORDS[usual] ?? usual}`],
        ...words.map((k) => [k, COVERAGE_WORDS[k]!] as const),
      ]}
      onChange={(does) => coverScreen(defence, action.id, does || null)}
    />
  );
}
