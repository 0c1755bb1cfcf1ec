import { hasLines, isByLine, linesOf, taughtBy, type Play } from '@corkscrew/core';
import { Choice, type Options } from '../../ui/Choice.tsx';
import type { Install } from './use-install.ts';

const WAYS: Options<'whole' | 'lines'> = [
  ['whole', 'All of it at once'],
  ['lines', 'Line by line'],
];

/** Whether a play is brought in as a whole, or its answers one after the other; nothing where it has one line. */
export function Taught({ install: { season, seasons }, play }: { install: Install; play: Play | undefined }) {
  if (!play || !season || !hasLines(play)) return null;
  return (
    <Choice
      label={`How ${play.name} is taught, with its ${linesOf(play, undefined).length} lines`}
      value={isByLine(season.body, play) ? 'lines' : 'whole'}
      options={WAYS}
      onChange={(way) => seasons.change(season.id, taughtBy(season.body, play.id, way === 'lines'))}
    />
  );
}
