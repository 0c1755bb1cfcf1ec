import {
  BLOCK_WORDS,
  captionOf,
  CAUTIONS,
  courtFor,
  drillsOf,
  readWords,
  type Block,
  type DrillCard,
  type Play,
} from '@corkscrew/core';
import { useEffect, useMemo } from 'react';
import { Link, useParams } from 'react-router';
import styled from 'styled-components';
import { dayLong } from '../../../app/today.ts';
import { useUnits } from '../../../app/units.ts';
import { FramePicture } from '../../../floor/FramePicture.tsx';
import { useDocuments } from '../../../keeping/relations.ts';
import { useRecords } from '../../../keeping/records.ts';
import { lineInTime } from '../../../questions/lines.ts';
import { useAnswer } from '../../../questions/use-answer.ts';
import { useManWord, useTeaching } from '../../../team/team.ts';
import { useTeller } from '../../../team/teller.ts';
import { Message } from '../../../ui/Message.tsx';

const Page = styled.main`
  min-height: 100dvh;
  background: var(--sheet);
  padding: 14px 20px 40px;
  header {
    display: flex;
    flex-wrap: wrap;
    gap: 6px 18px;
    align-items: baseline;
    padding-bottom: 8px;
    border-bottom: 4px double var(--ink);
  }
  h1 {
    font-size: 30px;
    font-weight: 740;
    font-stretch: 70%;
    line-height: 1.05;
    overflow-wrap: anywhere;
  }
  a {
    color: var(--pen);
  }
  header a {
    margin-left: auto;
    min-height: 44px;
    display: grid;
    place-items: center;
    font-size: 16px;
  }
  .cards {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(min(100%, 380px), 1fr));
    gap: 0 26px;
  }
  article {
    padding: 16px 0;
    border-bottom: 1px solid var(--rule-2);
  }
  h2 {
    font-size: 20px;
    font-weight: 700;
    font-stretch: 74%;
    line-height: 1.1;
  }
  svg {
    display: block;
    width: 100%;
    max-width: 380px;
    margin: 10px 0;
  }
  dl {
    display: grid;
    grid-template-columns: 96px minmax(0, 1fr);
    gap: 6px 10px;
    margin: 0;
    font-size: 15px;
    line-height: 1.4;
  }
  dt {
    color: var(--ink-2);
    font-size: 13px;
    padding-top: 2px;
  }
  dd {
    margin: 0;
  }
  footer {
    padding-top: 14px;
    color: var(--ink-2);
    line-height: 1.45;
  }
`;

/** A block's play as drills: a card for every answer, with who stands where, what the defence is told, and what goes wrong. */
export default function Drill() {
  const { practice = '', block = '' } = useParams();
  const practices = useRecords('practices');
  const body = practices.rows?.find((p) => p.id === practice)?.body;
  const of = body?.blocks.find((b) => b.id === block);
  const id = of?.item.is === 'play' ? of.item.play : null;
  const play = useDocuments(id === null ? [] : [id]).get(id ?? '');
  useEffect(() => {
    document.title = 'Drill · Corkscrew';
  }, []);
  if (!of || !body || id === null)
    return (
      <Message title={practices.rows ? 'This block is not there any more' : 'Opening the drill'}>
        <Link to="/install">Install</Link>
      </Message>
    );
  return (
    <Page>
      <header>
        <h1>{of.item.name}</h1>
        <p>
          {BLOCK_WORDS[of.stage]}, {of.minutes} min, {dayLong(body.date)}
        </p>
        <Link to="/install">Install</Link>
      </header>
      {play ? <Cards play={play} block={of} /> : <p>This play is not to be had just now.</p>}
      <footer>
        {CAUTIONS.map((c) => (
          <p key={c}>{c}</p>
        ))}
      </footer>
    </Page>
  );
}

function Cards({ play, block }: { play: Play; block: Block }) {
  const leaves = block.item.is === 'play' ? block.item.leaves : undefined;
  const cards = useMemo(() => drillsOf(play, leaves), [play, leaves]);
  return (
    <div className="cards">
      {cards.map((card) => (
        <One key={card.frame} play={play} card={card} block={block} of={cards.length} />
      ))}
    </div>
  );
}

function One({ play, card, block, of }: { play: Play; card: DrillCard; block: Block; of: number }) {
  const t = useTeller(play);
  const { own } = useTeaching();
  const units = useUnits(courtFor(play));
  const man = useManWord();
  const court = courtFor(play);
  const line = useMemo(() => lineInTime(play, card.leaf), [play, card.leaf]);
  const { answer } = useAnswer(
    'line',
    {
      ...{ play, leaf: card.leaf, ...line, units, man, words: t.words, teaching: own },
      ...{ defence: null, asIs: false, soon: false },
    },
    { key: `drill ${line.content}`, priority: 'soon' },
  );
  const ids = new Set(card.walks.map((w) => w.frame.id));
  const wrong = (answer?.findings ?? [])
    .filter((f) => f.silenced === undefined && ids.has(f.frame))
    .slice(0, 3);
  const reps = block.reps ?? Math.max(2, Math.round((block.minutes * A_MINUTE) / of));
  const side = block.side ?? 'both';
  const still = (['1', '2', '3', '4', '5'] as const).filter((p) => !card.works.includes(p));
  return (
    <article>
      <h2>{card.read ? readWords(card.read, t) : 'As drawn, nobody cheats'}</h2>
      <FramePicture court={court} walk={card.from} next={card.walks[1]} width={380} />
      <dl>
        <dt>Starts</dt>
        <dd>
          {card.skipped === 0
            ? 'From the set.'
            : `From frame ${card.skipped + 1}, everybody where it finds him.`}
          {still.length > 0 && ` ${still.join(' and ')} only ${still.length > 1 ? 'stand' : 'stands'} there.`}
        </dd>
        <dt>They are told</dt>
        <dd>
          {card.read
            ? `${readWords(card.read, t)}${card.read.note ? `: ${card.read.note}` : ''}.`
            : 'To stay with their men.'}
        </dd>
        <dt>We do</dt>
        <dd>
          {card.walks.map((w, i) => (
            <p key={w.frame.id}>
              {w.frame.caption?.trim() || captionOf(court, w, card.walks.slice(0, i), t)}
            </p>
          ))}
        </dd>
        <dt>Repetitions</dt>
        <dd>
          {side === 'both'
            ? `${Math.ceil(reps / 2)} a side, then the other side`
            : `${reps} ${side === 'flipped' ? 'flipped' : 'as drawn'}`}
        </dd>
        {(card.errors.length > 0 || wrong.length > 0) && (
          <>
            <dt>Watch for</dt>
            <dd>
              {card.errors.map((e, i) => (
                <p key={i}>
                  {e.number && `${e.number}: `}
                  {e.words}
                  {e.say && ` Say “${e.say}”.`}
                </p>
              ))}
              {wrong.map((f) => (
                <p key={`${f.code} ${f.cause}`}>{f.sentence}</p>
              ))}
            </dd>
          </>
        )}
      </dl>
    </article>
  );
}
/** Repetitions a minute, from memory of common practice. */
const A_MINUTE = 1.3;
