import { courtFor, mainLine, sameDocument, walkLine, type Play } from '@corkscrew/core';
import { useNavigate } from 'react-router';
import styled from 'styled-components';
import { Button, MainButton } from '../../ui/controls.tsx';
import { FramePicture } from '../../floor/FramePicture.tsx';
import type { Offer } from '../../keeping/keeper.ts';
import { saveText } from '../../ui/save-file.ts';
import { copyOffer, dropOffer, keepAsCopy, settle, takeOffer, takeOut } from './keep.ts';
import { usePick } from './store.ts';

const Bar = styled.section`
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px 14px;
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
    flex: 1 1 260px;
    color: var(--ink);
  }
  .answers {
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
  }
  figcaption span {
    display: block;
    max-width: 130px;
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
  }
`;

/** What the coach is asked about where his play is: each question with everything it is about, nothing lost whatever he says. */
export function Questions() {
  const { save, play, offers } = usePick('save', 'play', 'offers');
  // The page's grid keeps a row for it.
  return (
    <div>
      {save.is === 'conflict' && <Conflict play={play} theirs={save.theirs.doc} />}
      {save.is === 'trashed' && <Trashed />}
      {save.is !== 'conflict' && offers[0] && (
        <Offered play={play} offer={offers[0]} more={offers.length - 1} />
      )}
    </div>
  );
}

function Conflict({ play, theirs }: { play: Play; theirs: Play }) {
  const at = firstDifference(play, theirs);
  return (
    <Bar role="alert" aria-label="Changed elsewhere">
      <p className="say">
        This play was changed somewhere else since you opened it. Keep yours, take theirs, or keep both.
      </p>
      <Side label="Yours" play={play} other={theirs} at={at} />
      <Side label="Theirs" play={theirs} other={play} at={at} />
      <div className="answers">
        <MainButton onPress={() => settle('mine')}>Keep mine</MainButton>
        <Button onPress={() => settle('theirs')}>Take theirs</Button>
        <Button onPress={() => settle('both')}>Keep both</Button>
      </div>
    </Bar>
  );
}

function Trashed() {
  const go = useNavigate();
  return (
    <Bar role="alert" aria-label="In the trash">
      <p className="say">This play is in the trash. Take it out, or keep what is on the desk as a copy.</p>
      <div className="answers">
        <MainButton onPress={() => void takeOut()}>Take it out</MainButton>
        <Button onPress={() => void keepAsCopy().then((id) => id && go(`/plays/${id}`))}>
          Keep as a copy
        </Button>
      </div>
    </Bar>
  );
}

function Offered({ play, offer, more }: { play: Play; offer: Offer; more: number }) {
  const others = more > 0 ? ` ${more} more after this one.` : '';
  if (!offer.play)
    return (
      <Bar role="alert" aria-label="Kept on this device">
        <p className="say">
          Something of this play that this device kept can’t be read. Save it as a file, and nothing is lost.
          {others}
        </p>
        <div className="answers">
          <MainButton onPress={() => saveText(`${offer.draft.play}.kept.json`, offer.draft.text)}>
            Save as a file
          </MainButton>
          <Button onPress={() => dropOffer(offer)}>Throw it away</Button>
        </div>
      </Bar>
    );
  const at = firstDifference(play, offer.play);
  return (
    <Bar role="alert" aria-label="Kept on this device">
      <p className="say">This device kept another version of this play, which was never saved.{others}</p>
      <Side label="On the desk" play={play} other={offer.play} at={at} />
      <Side label="Kept here" play={offer.play} other={play} at={at} />
      <div className="answers">
        <MainButton onPress={() => takeOffer(offer)}>Take this one</MainButton>
        <Button onPress={() => void copyOffer(offer)}>Keep as a second play</Button>
        <Button onPress={() => dropOffer(offer)}>Throw it away</Button>
      </div>
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

function Side({ label, play, other, at }: { label: string; play: Play; other: Play; at: number }) {
  const court = courtFor(play);
  const walks = walkLine(play, mainLine(play));
  const i = Math.min(at, walks.length - 1);
  return (
    <figure>
      <FramePicture court={court} walk={walks[i]!} next={walks[i + 1]} width={84} />
      <figcaption>
        <b>{label}</b>
        {play.name === other.name ? <br /> : <span title={play.name}>“{play.name}”</span>}
        {walks.length === 1 ? '1 frame' : `${walks.length} frames`}
        <br />
        here: frame {i + 1}
      </figcaption>
    </figure>
  );
}
