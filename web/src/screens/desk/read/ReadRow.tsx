import {
  DEFENDERS,
  readPoint,
  readWords,
  type DefenderId,
  type Read,
  type ReadChoice,
  type ReadPoint,
} from '@corkscrew/core';
import { useEffect, useRef, useState } from 'react';
import styled from 'styled-components';
import { Button, Input, MainButton } from '../../../ui/controls.tsx';
import { Row } from '../draw/Row.ts';
import { useDefence } from '../defend/view.ts';
import { lineView, nameRead, useDesk, usePick, type Answering } from '../store.ts';
import { useDeskTeller } from '../teller.ts';

/** As high as any row of the hand; what is more lies over the head of the sheet, so that the court stays as it is. */
const Place = styled.div`
  position: relative;
  z-index: 2;
  height: 62px;
`;
const Box = styled(Row)`
  position: absolute;
  top: 0;
  left: 0;
  right: 0;
  background: var(--sheet);
  flex-wrap: wrap;
  outline: none;
  border-top: 1px solid var(--pen);
  border-bottom: 1px solid var(--pen);
  > .hint {
    flex-basis: 100%;
    text-align: center;
  }
  .choices {
    justify-content: center;
    display: flex;
    flex-wrap: wrap;
    gap: 5px;
  }
  kbd {
    font: 600 11.5px/1 'Archivo Variable';
    color: var(--pen);
  }
  .who {
    display: flex;
    gap: 3px;
  }
  .who button {
    min-width: 34px;
    padding: 0 6px;
  }
  .who button[aria-pressed='true'] {
    background: var(--def);
    color: var(--sheet);
  }
  form {
    display: flex;
    gap: 5px;
  }
  input {
    width: 190px;
  }
`;

const PLACES: Readonly<Record<ReadPoint['is'], string>> = {
  ballScreen: 'At the ball screen, they',
  offScreen: 'At the screen, they',
  handoff: 'At the handoff, they',
  entry: 'On the entry, they',
  drive: 'On the drive, help comes from',
  pass: 'On the pass, they',
  set: 'From the set, they',
  other: 'Here they',
};

const close = (): void => useDesk.setState({ answering: null });

/** Asks what they do: the coverages that make sense at this place, who does it, or own words. */
export function ReadRow({ answering }: { answering: Answering }) {
  const t = useDeskTeller();
  const { play, branch, frameId } = usePick('play', 'branch', 'frameId');
  const { court, walks } = lineView(play, branch, frameId);
  const defence = useDefence(play);
  const parent =
    answering.is === 'new'
      ? answering.after
      : (play.frames.find((f) => f.id === answering.frame)?.parent ?? null);
  const until = walks.findIndex((w) => w.frame.id === parent) + 1;
  const point = readPoint(play, court, walks.slice(0, until), defence);
  const old = answering.is === 'named' ? play.frames.find((f) => f.id === answering.frame)?.read : undefined;
  const [who, setWho] = useState<readonly DefenderId[] | null>(old?.who ?? null);
  const [words, setWords] = useState(old?.does === 'own' ? (old.note ?? '') : '');
  const box = useRef<HTMLDivElement>(null);
  const field = useRef<HTMLInputElement>(null);
  const take = (c: ReadChoice) => {
    const men = who ?? c.who;
    nameRead({ ...kept(old), does: c.does, ...(men.length > 0 ? { who: [...men] } : {}) });
    document.getElementById('court')?.focus({ preventScroll: true });
  };
  const own = () => {
    const note = words.trim();
    if (note) nameRead({ ...kept(old), does: 'own', note, ...(who?.length ? { who: [...who] } : {}) });
  };
  useEffect(() => box.current?.focus({ preventScroll: true }), []);
  const keys = (e: React.KeyboardEvent) => {
    const typing = e.target instanceof HTMLInputElement;
    if (e.key === 'Escape') close();
    else if (typing || e.ctrlKey || e.metaKey || e.altKey) return;
    else if (/^[1-5]$/.test(e.key)) toggle(DEFENDERS[Number(e.key) - 1]!);
    else if (e.key === 'w' && !point.choices.some((c) => c.key === 'w')) field.current?.focus();
    else {
      const choice = point.choices.find((c) => c.key === e.key.toLowerCase());
      if (!choice) return;
      take(choice);
    }
    e.preventDefault();
    e.stopPropagation();
  };
  const toggle = (d: DefenderId) => {
    const now = who ?? old?.who ?? [];
    setWho(now.includes(d) ? now.filter((x) => x !== d) : [...now, d].sort());
  };
  return (
    <Place data-over>
      <Box
        ref={box}
        tabIndex={-1}
        role="group"
        aria-label="What do they do?"
        onKeyDown={keys}
        data-keys="own"
      >
        <span className="hint">
          <b>{PLACES[point.is]}</b>
        </span>
        {answering.is === 'new' && parent === play.frames[0]!.id && (
          <Button onPress={() => useDesk.setState({ answering: { is: 'new', after: null } })}>
            Answer the set instead
          </Button>
        )}
        <span className="choices">
          {point.choices.map((c) => (
            <Button key={c.does} aria-pressed={old?.does === c.does} onPress={() => take(c)}>
              <kbd>{c.key.toUpperCase()}</kbd>
              {readWords({ does: c.does, who: [...(who ?? c.who)] }, t)}
            </Button>
          ))}
        </span>
        <span className="who" role="group" aria-label="Who does it">
          {DEFENDERS.map((d) => (
            <Button key={d} aria-pressed={(who ?? []).includes(d)} onPress={() => toggle(d)}>
              {d}
            </Button>
          ))}
        </span>
        <form
          onSubmit={(e) => {
            e.preventDefault();
            own();
          }}
        >
          <Input
            ref={field}
            aria-label="In your own words"
            placeholder="or in your own words"
            value={words}
            maxLength={200}
            onChange={(e) => setWords(e.target.value)}
          />
          {words.trim() !== '' && <MainButton type="submit">Name it</MainButton>}
        </form>
        <Button onPress={close}>Leave it</Button>
      </Box>
    </Place>
  );
}

/** What a read says beside what they do stays when it is named anew. */
function kept(old: Read | undefined): Pick<Read, 'at' | 'look'> {
  return { ...(old?.at ? { at: old.at } : {}), ...(old?.look ? { look: old.look } : {}) };
}
