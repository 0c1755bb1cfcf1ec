import { courtFor, newPlay, startState, walkFrame } from '@corkscrew/core';
import { frameScene, THUMB } from '@corkscrew/diagram';
import { memo } from 'react';
import { Picture } from '../../ui/SceneSvg.tsx';

/** The alignment a shelf is named after. */
export const AlignmentPicture = memo(function AlignmentPicture({ alignment }: { alignment: string }) {
  const play = newPlay({ id: 'shelf', name: '', court: 'nfhs', level: 'highSchool', alignment, ball: '1' });
  return (
    <div style={{ border: '1px solid var(--rule)', width: 96 }}>
      <Picture scene={frameScene({ court: courtFor(play), walk: walkFrame(startState(play), play.frames[0]!), scale: THUMB, detail: false })} />
    </div>
  );
});
