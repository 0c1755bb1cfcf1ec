import { cardOf, courtFor, readPlay, startState, walkFrame, type Play } from '@corkscrew/core';
import { frameScene, thumbScale } from '@corkscrew/diagram';
import styled from 'styled-components';
import { Button, MainButton } from '../../ui/controls.tsx';
import { Picture } from '../../ui/SceneSvg.tsx';
import { clock, settle } from './autosave.ts';
import { useDesk } from './store.ts';

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
  const { save, play, notice } = useDesk();
  if (save.is !== 'conflict')
    return (
      <div>
        {notice === 'Yours is kept beside it as a second play.' ? (
          <p role="status" className="visually-hidden">
            {notice}
          </p>
        ) : null}
      </div>
    );
  const theirs = readPlay(save.theirs.document);
  return (
    <Bar role="alert" aria-label="Changed elsewhere">
      <p className="say">
        This play was changed somewhere else at {clock(new Date(save.theirs.updatedAt))}. Keep yours, take
        theirs, or keep both.
      </p>
      <Side label="Yours" play={play} />
      {theirs.ok && <Side label="Theirs" play={theirs.play} />}
      <MainButton onPress={() => void settle('mine')}>Keep mine</MainButton>
      <Button onPress={() => void settle('theirs')}>Take theirs</Button>
      <Button onPress={() => void settle('both')}>Keep both</Button>
    </Bar>
  );
}

function Side({ label, play }: { label: string; play: Play }) {
  const card = cardOf(play);
  const walk = walkFrame(startState(card), card.frames[0]!);
  const actions = play.frames.reduce((n, f) => n + f.actions.length, 0);
  return (
    <figure>
      <Picture
        scene={frameScene({
          court: courtFor(card),
          walk,
          scale: thumbScale(courtFor(card), walk),
          detail: false,
        })}
        width={72}
      />
      <figcaption>
        <b>{label}</b>
        <br />
        {play.frames.length} frames, {actions} actions
      </figcaption>
    </figure>
  );
}
