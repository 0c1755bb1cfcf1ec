import { courtFor, mainLine, readPlay, sameDocument, walkLine, type Play } from '@corkscrew/core';
import styled from 'styled-components';
import { Button, MainButton } from '../../ui/controls.tsx';
import { FramePicture } from '../../ui/FramePicture.tsx';
import { clock, settle } from './autosave.ts';
import { usePick } from './store.ts';

const Bar = styled.section`
  display: flex;
  align-items: center;
  gap: 14px;
  padding: 8px 14px;
  background: var(--gap-w);
  border-bottom: 1px solid var(--gap);
  figure {
    display: flex;
    gap: 8px;
    align-items: center;
  }
  figure svg {
    border: 1px solid var(--rule-2);
  }
  figcaption {
    font-size: 12.5px;
    color: var(--ink-2);
  }
  .say {
    flex: 1;
    color: var(--ink);
  }
`;

/** Two changed the same play: both are shown, and the coach chooses. Nothing is lost either way. */
export function Conflict() {
  const { save, play } = usePick('save', 'play');
  // The page's grid keeps a row for it.
  if (save.is !== 'conflict') return <div />;
  const theirs = readPlay(save.theirs.document);
  const at = theirs.ok ? firstDifference(play, theirs.play) : 0;
  return (
    <Bar role="alert" aria-label="Changed elsewhere">
      <p className="say">
        This play was changed somewhere else at {clock(new Date(save.theirs.updatedAt))}. Keep yours, take
        theirs, or keep both.
      </p>
      <Side label="Yours" play={play} at={at} />
      {theirs.ok && <Side label="Theirs" play={theirs.play} at={at} />}
      <MainButton onPress={() => void settle('mine')}>Keep mine</MainButton>
      <Button onPress={() => void settle('theirs')}>Take theirs</Button>
      <Button onPress={() => void settle('both')}>Keep both</Button>
    </Bar>
  );
}

/** The first frame, on the play as drawn, in which the two say different things; the first one when only names differ. */
function firstDifference(a: Play, b: Play): number {
  const [one, two] = [mainLine(a), mainLine(b)];
  if (!sameDocument(a.start, b.start)) return 0;
  const i = one.findIndex((f, k) => !sameDocument(f, two[k] ?? null));
  return i >= 0 ? i : two.length > one.length ? one.length : 0;
}

function Side({ label, play, at }: { label: string; play: Play; at: number }) {
  const court = courtFor(play);
  const walks = walkLine(play, mainLine(play));
  const i = Math.min(at, walks.length - 1);
  return (
    <figure>
      <FramePicture court={court} walk={walks[i]!} next={walks[i + 1]} width={84} />
      <figcaption>
        <b>{label}</b>
        <br />
        {walks.length === 1 ? '1 frame' : `${walks.length} frames`}
        <br />
        here: frame {i + 1}
      </figcaption>
    </figure>
  );
}
