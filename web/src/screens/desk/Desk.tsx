import { useManWord } from '../../team/team.ts';
import { useQueryClient } from '@tanstack/react-query';
import { FlipHorizontal2, FlipVertical2, Monitor, Redo2, Undo2 } from 'lucide-react';
import { useEffect, useState } from 'react';
import { useParams } from 'react-router';
import styled from 'styled-components';
import { againstWords, captionOf } from '@corkscrew/core';
import { prefer, usePreferences } from '../../app/preferences.ts';
import { useSize } from '../../app/size.ts';
import { useUnits } from '../../app/units.ts';
import { Stage } from './draw/Stage.tsx';
import { Label, MainButton, Toggle } from '../../ui/controls.tsx';
import { IconButton } from '../../ui/IconButton.tsx';
import { Message } from '../../ui/Message.tsx';
import { LEVEL_WORDS } from '../../ui/Choice.tsx';
import { TopBar } from '../../ui/TopBar.tsx';
import { goToAddress, useAddress } from './address.ts';
import { useAnalysing, useFindings } from './analysis.ts';
import { openPlay } from './keep.ts';
import { useDefence } from './defend/view.ts';
import { Questions } from './Questions.tsx';
import { WithMenu } from './draw/Menu.tsx';
import { Heard } from './draw/Heard.tsx';
import { backToCourt, useDeskKeys } from './draw/use-keys.ts';
import { Ladder } from './ladder/Ladder.tsx';
import { Strip } from './ladder/Strip.tsx';
import { Centre, Columns, Page } from './layout.ts';
import { Panel } from './Panel.tsx';
import { Present } from './present/Present.tsx';
import { RunStrip } from './sheet/RunStrip.tsx';
import { lineView, redo, undo, useDesk, usePick } from './store.ts';
import { useRunning } from './timeline.ts';
import { HandRow } from './draw/VerbRow.tsx';
import { mustMend } from './walk/WalkTab.tsx';

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

export default function Desk() {
  const { id = '' } = useParams();
  return <Opening key={id} id={id} />;
}

/** Fetches the play, then keeps it saved for as long as it is on the desk. */
function Opening({ id }: { id: string }) {
  const client = useQueryClient();
  const [problem, setProblem] = useState<string | null>(null);
  const [open, setOpen] = useState(false);
  useEffect(() => {
    let gone = false;
    let close = () => {};
    openPlay(id).then(
      (end) => {
        close = end;
        if (gone) return end();
        goToAddress(new URLSearchParams(location.search));
        setOpen(true);
      },
      (e: Error) => setProblem(e.message),
    );
    return () => {
      gone = true;
      close();
      void client.invalidateQueries({ queryKey: ['plays'] });
    };
  }, [id, client]);
  if (problem) return <Message title="This play could not be opened">{problem}</Message>;
  return open ? <Open /> : null;
}

function Open() {
  const { play, branch, frameId, presenting, past, future } = usePick(
    'play',
    'branch',
    'frameId',
    'presenting',
    'past',
    'future',
  );
  const view = lineView(play, branch, frameId);
  const units = useUnits(view.court);
  const man = useManWord();
  useAnalysing(play, view.line.at(-1)!.id, units, useDefence(play));
  const told = useFindings(play.id).filter((f) => f.silenced === undefined);
  const findings = told.filter(mustMend);
  useRunning();
  useEffect(() => {
    document.title = `${play.name} · Corkscrew`;
  }, [play.name]);
  useDeskKeys(!presenting);
  useAddress();
  const size = useSize();
  if (presenting) return <Present />;
  const { frame } = view.walks[view.index]!;
  const words =
    frame.caption?.trim() || captionOf(view.court, view.walks[view.index]!, view.walks.slice(0, view.index));
  return (
    <Page>
      <TopBar
        room="desk"
        end={
          <>
            <SaveLine />
            <IconButton className="wide" aria-label="Undo" onPress={undo} isDisabled={past.length === 0}>
              <Undo2 size={17} />
            </IconButton>
            <IconButton className="wide" aria-label="Redo" onPress={redo} isDisabled={future.length === 0}>
              <Redo2 size={17} />
            </IconButton>
            <MainButton
              onPress={() =>
                useDesk.setState({ presenting: true, selected: null, pending: null, actionId: null })
              }
            >
              <Monitor size={15} /> Present
            </MainButton>
          </>
        }
      >
        <div className="title">
          <h1 dir="auto" title={play.name}>
            {play.name || 'No name yet'}
          </h1>
          {play.call?.word && <Fact label="Call" value={`“${play.call.word}”`} />}
          {play.call?.signal && <Fact more label="Hand signal" value={play.call.signal} />}
          <Fact label="Against" value={play.against.map((a) => againstWords(a, man)).join(', ') || 'Any'} />
          <Fact more label="Level" value={LEVEL_WORDS[play.level]} />
        </div>
      </TopBar>
      <Questions />
      <WithMenu>
        {(openMenu) => (
          <Columns onPointerUp={backToCourt} onContextMenu={openMenu}>
            {size === 'phone' || size === 'tablet' ? (
              <Strip findings={told} fixed={size === 'phone'} />
            ) : (
              <Ladder findings={told} />
            )}
            <Centre>
              <div className="strip">
                <span className="no">{view.index + 1}</span>
                <p title={words}>
                  {frame.title && <b>{frame.title}</b>}
                  {words || (view.index === 0 ? 'The set' : 'Nobody moves yet')}
                </p>
                {size !== 'phone' && (
                  <span className="views">
                    {size !== 'tablet' && (
                      <>
                        <View of="showLast">Last frame</View>
                        <View of="showSpots">Spots</View>
                        <View of="showGaps">Gaps</View>
                      </>
                    )}
                    <CourtTurn />
                  </span>
                )}
              </div>
              <div
                className="court"
                id="court"
                tabIndex={0}
                role="group"
                aria-label="Court. Press a number for a player, then a verb, then a spot. Question mark lists all keys."
              >
                <Stage findings={findings} />
                <Heard findings={told} />
              </div>
              {size !== 'phone' && <HandRow />}
              <RunStrip />
            </Centre>
            {size !== 'phone' && <Panel size={size} />}
          </Columns>
        )}
      </WithMenu>
      <p className="visually-hidden" role="status" aria-live="polite">
        {findings[0]?.sentence ?? ''}
      </p>
    </Page>
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

/** Where the basket is: the coach's own view, kept on this device. */
function CourtTurn() {
  const { down, mirrored } = usePreferences();
  return (
    <>
      <IconButton
        aria-label={down ? 'Basket at the top' : 'Basket at the bottom'}
        aria-pressed={down}
        onPress={() => prefer({ down: !down })}
      >
        <FlipVertical2 size={16} />
      </IconButton>
      <IconButton
        aria-label={mirrored ? 'Left and right as they are' : 'Mirror the court'}
        aria-pressed={mirrored}
        onPress={() => prefer({ mirrored: !mirrored })}
      >
        <FlipHorizontal2 size={16} />
      </IconButton>
    </>
  );
}

function View({ of, children }: { of: 'showLast' | 'showSpots' | 'showGaps'; children: string }) {
  const on = useDesk((s) => s[of]);
  return (
    <Toggle isSelected={on} onChange={(v) => useDesk.setState({ [of]: v })}>
      {children}
    </Toggle>
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
