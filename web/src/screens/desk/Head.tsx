import { againstWords } from '@corkscrew/core';
import { Monitor, Printer, Redo2, Undo2 } from 'lucide-react';
import { Link } from 'react-router';
import styled from 'styled-components';
import { useShallow } from 'zustand/shallow';
import { useManWord } from '../../team/team.ts';
import { LEVEL_WORDS } from '../../ui/Choice.tsx';
import { Label, MainButton } from '../../ui/controls.tsx';
import { IconButton } from '../../ui/IconButton.tsx';
import { TopBar } from '../../ui/TopBar.tsx';
import { redo, undo, useDesk, usePick } from './store.ts';
import { useOnFloor } from './who-plays.ts';

const Saved = styled.div`
  display: grid;
  gap: 4px;
  min-width: 92px;
  b {
    font: 640 13.5px/1.2 'Archivo Variable';
    font-stretch: 77%;
    white-space: nowrap;
  }
  &[data-bad] b {
    color: var(--gap);
  }
`;

const present = (): void =>
  useDesk.setState({ presenting: true, selected: null, pending: null, actionId: null });

/** The bar of the desk: what the play is called and made for, where it is kept, and the way back. */
export function Head() {
  // Of the play only this: an edit of a frame draws no bar again.
  const { name, call, against, level } = useDesk(
    useShallow(({ play }) => ({
      name: play.name,
      call: play.call,
      against: play.against,
      level: play.level,
    })),
  );
  const { back, on } = useDesk(useShallow((s) => ({ back: s.past.length > 0, on: s.future.length > 0 })));
  const man = useManWord();
  const onFloor = useOnFloor();
  return (
    <TopBar
      room="desk"
      end={
        <>
          <SaveLine />
          <IconButton className="wide" aria-label="Undo" onPress={undo} isDisabled={!back}>
            <Undo2 size={17} />
          </IconButton>
          <IconButton className="wide" aria-label="Redo" onPress={redo} isDisabled={!on}>
            <Redo2 size={17} />
          </IconButton>
          <PrintLink />
          <MainButton onPress={present}>
            <Monitor size={15} /> Present
          </MainButton>
        </>
      }
    >
      <div className="title">
        <h1 dir="auto" title={name}>
          {name || 'No name yet'}
        </h1>
        {call?.word && <Fact label="Call" value={`“${call.word}”`} />}
        {call?.signal && !onFloor && <Fact more label="Hand signal" value={call.signal} />}
        <Fact label="Against" value={against.map((a) => againstWords(a, man)).join(', ') || 'Any'} />
        {onFloor && <Fact label="On the floor" value={onFloor} />}
        <Fact more label="Level" value={LEVEL_WORDS[level]} />
      </div>
    </TopBar>
  );
}

/** Where the sheets of a play are made, as it was saved last. */
export const printPath = (id: string): string => `/print?kind=play&plays=${encodeURIComponent(id)}`;

function PrintLink() {
  const id = useDesk((s) => s.play.id);
  return (
    <Link className="settings wide" to={printPath(id)} aria-label="Print" title="Print">
      <Printer size={17} />
    </Link>
  );
}

function Fact({ label, value, more = false }: { label: string; value: string; more?: boolean }) {
  return (
    <span className={more ? 'fact more wide' : 'fact wide'}>
      <Label>{label}</Label>
      <b title={value}>{value}</b>
    </span>
  );
}

const SAVE_WORDS = {
  offline: 'On this device',
  full: 'On this device',
  conflict: 'Changed elsewhere',
  trashed: 'In the trash',
  refused: 'Not saved',
} as const;

/** Tells the truth about where the play is. */
function SaveLine() {
  const { save, following } = usePick('save', 'following');
  const words = save.is === 'saved' ? `Saved ${save.at}` : { ...SAVE_WORDS, unsaved: 'Saving' }[save.is];
  const why =
    save.is === 'offline'
      ? `Not saved since ${save.since}. Kept on this device, trying again.`
      : save.is === 'refused' || save.is === 'full'
        ? save.why
        : undefined;
  const where = save.is === 'offline' ? `Since ${save.since}` : following ? 'In another tab' : 'Playbook';
  return (
    <Saved
      role="status"
      data-testid="save"
      {...(why || save.is === 'conflict' || save.is === 'trashed' ? { 'data-bad': true } : {})}
      title={why}
      className="wide"
    >
      <Label>{where}</Label>
      <b>{words}</b>
      {why && <span className="visually-hidden">{why}</span>}
    </Saved>
  );
}
