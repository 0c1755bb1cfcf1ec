import { contentOf, endOf, ringFrom, setOf, tell, type End, type LineEnd, type Play } from '@corkscrew/core';
import { CornerDownRight, RotateCcw } from 'lucide-react';
import { useState } from 'react';
import { Link } from 'react-router';
import styled from 'styled-components';
import { contentAt } from '../../../questions/lines.ts';
import { useAnswer } from '../../../questions/use-answer.ts';
import { useTeller } from '../../../team/teller.ts';
import { Choices, type MenuChoice } from '../../../ui/Choices.tsx';
import { Button } from '../../../ui/controls.tsx';
import { useOtherPlay, usePlays } from '../../../keeping/plays.ts';
import { apply, useDesk } from '../store.ts';

const Box = styled.div`
  display: grid;
  gap: 6px;
  justify-items: start;
  font-size: 12px;
  line-height: 1.28;
  color: var(--ink-2);
  .end {
    min-height: 24px;
    padding: 3px 8px;
    border: 1px solid var(--rule-2);
    border-radius: 2px;
    background: var(--raised);
    color: var(--ink);
    font-weight: 640;
    font-size: 12.5px;
    text-align: left;
  }
  .end[data-open] {
    border-style: dashed;
    color: var(--gap);
  }
  svg {
    vertical-align: -2px;
    margin-right: 4px;
  }
  @media (pointer: coarse) {
    .end {
      min-height: 44px;
    }
  }
`;
const Round = styled.ol`
  display: flex;
  flex-wrap: wrap;
  gap: 2px 6px;
  overflow: visible;
  li:not(:last-child)::after {
    content: ' →';
  }
  b {
    font-weight: 700;
    color: var(--ink);
  }
  a {
    color: var(--pen);
  }
`;

type Act = 'all' | 'none' | 'shot' | 'asDrawn' | 'flipped' | `play:${string}`;
const actOf = (end: LineEnd | null): Exclude<Act, 'all'> =>
  !end
    ? 'none'
    : end.is === 'shot'
      ? 'shot'
      : end.is === 'play'
        ? `play:${end.id}`
        : end.flipped
          ? 'flipped'
          : 'asDrawn';

/** How the line on the ladder ends, and how far it is from where it goes on; said here, and drawn on a press. */
export function Then({ play, leaf, fixed = false }: { play: Play; leaf: string; fixed?: boolean }) {
  const [at, setAt] = useState<Element | null>(null);
  const end = endOf(play, leaf);
  const plays = usePlays(false).shown?.rows ?? [];
  const choices: MenuChoice<Act>[] = [
    { id: 'none', words: 'Nothing is said' },
    { id: 'shot', words: 'A shot' },
    { id: 'asDrawn', words: 'The set again' },
    { id: 'flipped', words: 'The set, on the other side' },
    ...plays
      .filter((p) => p.id !== play.id)
      .map((p) => ({ id: `play:${p.id}` as const, words: `Into ${p.summary.name}` })),
    { id: 'all', words: 'The same for all that say nothing', away: !end },
  ];
  const choose = (act: Act): void => {
    setAt(null);
    if (act === 'all') apply({ do: 'end', frame: null, end: endFor(actOf(end), nameIn(plays)) });
    else apply({ do: 'end', frame: leaf, end: endFor(act, nameIn(plays)) });
  };
  const words = tell({ key: 'line-end', with: { end } });
  // Who only watches sees the shot.
  if (fixed && (!end || end.is === 'shot')) return null;
  return (
    <Box>
      {fixed ? (
        <span className="end">{words}</span>
      ) : (
        <button
          type="button"
          className="end"
          data-open={end ? undefined : true}
          aria-haspopup="menu"
          aria-label={`How it ends: ${words}`}
          onClick={(e) => setAt(e.currentTarget)}
        >
          {end?.is === 'reset' ? <RotateCcw size={12} /> : <CornerDownRight size={12} />}
          {words}
        </button>
      )}
      {end?.is === 'play' && <Flow play={play} end={end} names={nameIn(plays)} flows={flowsIn(plays)} />}
      {!fixed && end && end.is !== 'shot' && <Way play={play} leaf={leaf} end={end} />}
      {at && (
        <Choices
          label="How this ending ends"
          at={at}
          choices={choices}
          chosen={actOf(end)}
          onChoose={choose}
          onClose={() => setAt(null)}
        />
      )}
    </Box>
  );
}

function endFor(act: Exclude<Act, 'all'>, name: (id: string) => string | undefined): End | null {
  if (act === 'none') return null;
  if (act === 'shot') return { shot: true };
  if (act === 'asDrawn' || act === 'flipped') return { reset: act };
  const id = act.slice('play:'.length);
  return { play: { id, name: name(id) ?? 'A play' } };
}

type Rows = NonNullable<ReturnType<typeof usePlays>['shown']>['rows'];
const nameIn =
  (rows: Rows) =>
  (id: string): string | undefined =>
    rows.find((r) => r.id === id)?.summary.name;
const flowsIn =
  (rows: Rows) =>
  (id: string): readonly string[] =>
    rows.find((r) => r.id === id)?.summary.flows ?? [];

interface FlowProps {
  readonly play: Play;
  readonly end: Extract<LineEnd, { is: 'play' }>;
  readonly names: (id: string) => string | undefined;
  readonly flows: (id: string) => readonly string[];
}

/** The plays that follow, each once; a ring says so. */
function Flow({ play, end, names, flows }: FlowProps) {
  const { ids, back } = ringFrom(play.id, (id) => (id === play.id ? [end.id] : flows(id)));
  return (
    <Round aria-label="What follows">
      {ids.map((id, i) => (
        <li key={id}>
          {i === 0 ? <b>{play.name}</b> : <Link to={`/plays/${id}`}>{names(id) ?? end.name}</Link>}
        </li>
      ))}
      {back !== null && (
        <li>
          <RotateCcw size={12} aria-hidden="true" />
          {names(ids[back]!) ?? play.name} again
        </li>
      )}
    </Round>
  );
}

/** How far the five are from where it goes on, and the frame that gets them there. */
function Way({ play, leaf, end }: { play: Play; leaf: string; end: Exclude<LineEnd, { is: 'shot' }> }) {
  const t = useTeller(play);
  const other = useOtherPlay(end.is === 'play' ? end.id : null);
  const start = end.is === 'reset' ? setOf(play, end.flipped) : (other.play?.start ?? null);
  const { answer: way } = useAnswer('way', start && { play, leaf, start }, {
    key: `${contentAt(play, leaf)} ${contentOf(start)}`,
    priority: 'later',
  });
  if (!start)
    return other.asking ? null : <span>That play is not in this playbook: it can’t be measured.</span>;
  if (!way) return null;
  if (!way.frame) return <span>{tell({ key: 'way-there', with: {} }, t)}</span>;
  const { frame, farthest, feet, seconds, ball } = way;
  return (
    <>
      <span>{tell({ key: 'way-to', with: { who: farthest, feet: feet[farthest], seconds, ball } }, t)}</span>
      <Button
        onPress={() => {
          if (!apply({ do: 'pasteFrame', after: leaf, frame }, { placing: false })) return;
          const { play: now } = useDesk.getState();
          const added = now.frames.find((f) => f.parent === leaf);
          if (added) useDesk.setState({ frameId: added.id, branch: added.id, actionId: null });
        }}
      >
        Draw it
      </Button>
    </>
  );
}
