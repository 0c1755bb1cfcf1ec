import { useQueryClient } from '@tanstack/react-query';
import { Monitor, Redo2, Undo2 } from 'lucide-react';
import { useEffect, useState } from 'react';
import { useParams } from 'react-router';
import styled from 'styled-components';
import { captionOf } from '@corkscrew/core';
import { useUnits } from '../../app/units.ts';
import { Stage } from '../../court/Stage.tsx';
import { IconButton, Label, MainButton, Toggle } from '../../ui/controls.tsx';
import { Message } from '../../ui/Message.tsx';
import { LEVEL_WORDS } from '../../ui/Choice.tsx';
import { TopBar } from '../../ui/TopBar.tsx';
import { useAnalysing, useFindings } from './analysis.ts';
import { openPlay } from './keep.ts';
import { useDefence } from './defence/view.ts';
import { Questions } from './Questions.tsx';
import { courtKey, deskKey } from './keys.ts';
import { Ladder } from './Ladder.tsx';
import { Panel } from './Panel.tsx';
import { Present } from './Present.tsx';
import { RunStrip } from './RunStrip.tsx';
import { lineView, redo, undo, useDesk, usePick } from './store.ts';
import { useRunning } from './timeline.ts';
import { VerbRow } from './VerbRow.tsx';
import { mustMend } from './walk/WalkTab.tsx';

const Page = styled.div`
  display: grid;
  grid-template-rows: 60px auto 1fr;
  height: 100vh;
  height: 100dvh;
  min-height: 560px;
  .title {
    display: flex;
    gap: 20px;
    align-items: center;
    min-width: 0;
    flex: 1;
    margin-left: 30px;
  }
  .title h1 {
    font-size: 27px;
    line-height: 1.1;
    font-weight: 740;
    font-stretch: 70%;
    white-space: nowrap;
    overflow: hidden;
    text-overflow: ellipsis;
    min-width: 0;
    flex: 0 1 auto;
  }
  @media (max-width: 900px) {
    .fact {
      display: none;
    }
  }
  @media (max-width: 600px) {
    .title {
      margin-left: 0;
    }
    .title h1 {
      font-size: 20px;
    }
  }
  .fact {
    display: grid;
    gap: 4px;
    flex: none;
    max-width: 150px;
  }
  .fact b {
    font: 640 14px/1.2 'Archivo Variable';
    font-stretch: 77%;
    white-space: nowrap;
    overflow: hidden;
    text-overflow: ellipsis;
  }
`;
const Columns = styled.div`
  display: grid;
  grid-template-columns: 256px minmax(0, 1fr) 320px;
  min-height: 0;
  > section,
  > div {
    min-height: 0;
  }
  @media (min-width: 1600px) {
    grid-template-columns: 256px minmax(0, 1fr) 400px;
  }
  @media (max-width: 1100px) {
    grid-template-columns: 220px minmax(0, 1fr) 260px;
  }
  @media (max-width: 860px) {
    grid-template-columns: minmax(0, 1fr);
    > :first-child,
    > :last-child {
      display: none !important;
    }
  }
`;
const Centre = styled.main`
  display: grid;
  grid-template-rows: 38px minmax(0, 1fr) auto auto;
  background: var(--sheet);
  min-width: 0;
  min-height: 0;
  .strip {
    display: flex;
    align-items: center;
    gap: 10px;
    padding: 6px 12px 0 16px;
    min-width: 0;
  }
  .strip .no {
    width: 19px;
    height: 19px;
    display: grid;
    place-items: center;
    background: var(--ink);
    color: var(--on-ink);
    font: 700 13px/1 'Archivo Variable';
    font-stretch: 74%;
    flex: none;
  }
  .strip p {
    flex: 1;
    min-width: 0;
    white-space: nowrap;
    overflow: hidden;
    text-overflow: ellipsis;
    color: var(--ink-2);
  }
  .strip b {
    font: 700 15.5px/1.15 'Archivo Variable';
    font-stretch: 76%;
    color: var(--ink);
    margin-right: 6px;
  }
  .court {
    min-height: 0;
    padding: 0 6px;
    outline: none;
  }
  .court:focus-visible {
    outline: 2px solid var(--pen-w);
    outline-offset: -2px;
  }
  @media (max-width: 860px) {
    .strip {
      height: auto;
    }
    .strip p {
      white-space: normal;
    }
    grid-template-rows: auto minmax(0, 1fr) auto;
    .draw {
      display: none;
    }
  }
`;
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
        if (gone) end();
        else setOpen(true);
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
  useAnalysing(play, view.line.at(-1)!.id, units, useDefence(play));
  const told = useFindings(play.id).filter((f) => f.silenced === undefined);
  const findings = told.filter(mustMend);
  useRunning();
  useEffect(() => {
    document.title = `${play.name} · Corkscrew`;
  }, [play.name]);
  useEffect(() => {
    const onKey = (e: KeyboardEvent) => {
      const t = e.target as HTMLElement;
      if (e.defaultPrevented || /^(INPUT|TEXTAREA|SELECT)$/.test(t.tagName) || t.isContentEditable) return;
      if (deskKey(e)) e.preventDefault();
    };
    const onF6 = (e: KeyboardEvent) => {
      if (e.key !== 'F6') return;
      e.preventDefault();
      moveRegion(e.shiftKey ? -1 : 1);
    };
    window.addEventListener('keydown', onKey);
    window.addEventListener('keydown', onF6);
    document.getElementById('court')?.focus({ preventScroll: true });
    return () => {
      window.removeEventListener('keydown', onKey);
      window.removeEventListener('keydown', onF6);
    };
  }, []);
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
          {play.call?.signal && <Fact label="Hand signal" value={play.call.signal} />}
          <Fact
            label="Against"
            value={play.against.map((a) => (a === 'man' ? 'Man' : a)).join(', ') || 'Any'}
          />
          <Fact label="Level" value={LEVEL_WORDS[play.level]} />
        </div>
      </TopBar>
      <Questions />
      <Columns>
        <Ladder findings={told} />
        <Centre>
          <div className="strip">
            <span className="no">{view.index + 1}</span>
            <p title={words}>
              {frame.title && <b>{frame.title}</b>}
              {words || (view.index === 0 ? 'The set' : 'Nobody moves yet')}
            </p>
            <span className="wide draw" style={{ display: 'flex', gap: 10 }}>
              <View of="showLast">Last frame</View>
              <View of="showSpots">Spots</View>
              <View of="showGaps">Gaps</View>
            </span>
          </div>
          <div
            className="court"
            id="court"
            tabIndex={0}
            role="group"
            aria-label="Court. Press a number for a player, then a verb, then a spot."
            onKeyDown={courtKey}
          >
            <Stage findings={findings} />
          </div>
          <div className="draw">
            <VerbRow />
          </div>
          <RunStrip />
        </Centre>
        <Panel />
      </Columns>
      <p className="visually-hidden" role="status" aria-live="polite">
        {findings[0]?.sentence ?? ''}
      </p>
    </Page>
  );
}

function Fact({ label, value }: { label: string; value: string }) {
  return (
    <span className="fact wide">
      <Label>{label}</Label>
      <b title={value}>{value}</b>
    </span>
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

const REGIONS = ['ladder', 'court', 'run', 'panel'];
function moveRegion(by: number): void {
  const at = REGIONS.findIndex((r) => document.getElementById(r)?.contains(document.activeElement));
  const next = document.getElementById(REGIONS[(at + by + REGIONS.length) % REGIONS.length]!);
  const target =
    next?.id === 'court'
      ? next
      : next?.querySelector<HTMLElement>('[aria-current], [aria-selected="true"], button, [tabindex="0"]');
  target?.focus();
}
