import { lineTo, walkLine } from '@corkscrew/core';
import { lookItems, lookNumbers, type LookLine, type Scale } from '@corkscrew/diagram';
import { useMemo } from 'react';
import { SceneItems } from '../../../floor/SceneSvg.tsx';
import { lineView, usePick } from '../store.ts';
import { useLooks } from './Looks.tsx';

/** The looks of all endings over one court, numbered at both ends: the chosen one in full ink, the others thinned. */
export function AllLooks({ scale }: { scale: Scale }) {
  const { play, branch, frameId } = usePick('play', 'branch', 'frameId');
  const { court, line, walks, index } = lineView(play, branch, frameId);
  const men = Object.values(walks[index]!.before.places);
  const looks = useLooks();
  const drawn = useMemo(
    () =>
      looks.flatMap(({ look, leaf, from, at }, i): (LookLine & { ending: string | undefined })[] => {
        if (!at) return [];
        const frames = look.frame ? lineTo(play, leaf) : [];
        const first = frames.findIndex((f) => f.id === look.frame);
        const walks = first < 0 ? [] : walkLine(play, frames).slice(first);
        return [{ number: i + 1, from, at, walks, ending: look.frame }];
      }),
    [looks, play],
  );
  return (
    <g aria-hidden="true" pointerEvents="none" data-testid="all-looks">
      {drawn.map((l) => (
        <g key={l.number} opacity={line.some((f) => f.id === l.ending) ? 1 : 0.38}>
          <SceneItems items={lookItems(court, l, scale)} />
        </g>
      ))}
      <SceneItems items={lookNumbers(drawn, scale, men)} />
    </g>
  );
}
