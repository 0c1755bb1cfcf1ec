import { COVERAGE_WORDS, type Met } from '@corkscrew/core';
import { Choices } from '../../../ui/Choices.tsx';
import { usePick } from '../store.ts';
import { coverScreen } from './change.ts';

/** How they play one screen or handoff: as they play all, or otherwise on this one. */
export function WayMenu({ met, at, onClose }: { met: Met; at: Element; onClose: () => void }) {
  const { play } = usePick('play');
  const defence = play.defences?.[0];
  if (!defence) return null;
  return (
    <Choices
      label={`How they play ${met.by}'s ${met.is}`}
      at={at}
      chosen={met.own ? met.does : 'usual'}
      choices={[
        { id: 'usual', words: `As usual: ${COVERAGE_WORDS[met.usual]!}` },
        ...met.ways.map((way) => ({ id: way as string, words: COVERAGE_WORDS[way]! })),
      ]}
      onChoose={(way) => {
        coverScreen(defence, met.action, way === 'usual' ? null : way);
        onClose();
      }}
      onClose={onClose}
    />
  );
}
