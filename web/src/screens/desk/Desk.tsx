import { useQueryClient } from '@tanstack/react-query';
import { FlipHorizontal2, FlipVertical2 } from 'lucide-react';
import { memo, useEffect, useState } from 'react';
import { useParams } from 'react-router';
import { captionOf } from '@corkscrew/core';
import { prefer, usePreferences } from '../../app/preferences.ts';
import { useSize, type Size } from '../../app/size.ts';
import { useUnits } from '../../app/units.ts';
import { Stage } from './draw/Stage.tsx';
import { Toggle } from '../../ui/controls.tsx';
import { IconButton } from '../../ui/IconButton.tsx';
import { useFingers } from '../../ui/fingers.ts';
import { Message } from '../../ui/Message.tsx';
import { goToAddress, useAddress } from './address.ts';
import { mustMend, useAnalysing, useTold } from './analysis.ts';
import { Head } from './Head.tsx';
import { openPlay } from './keep.ts';
import { usePlayed } from './defend/view.ts';
import { Questions } from './Questions.tsx';
import { WithMenu } from './draw/Menu.tsx';
import { Heard } from './draw/Heard.tsx';
import { backToCourt, useDeskKeys, usePaste } from './draw/use-keys.ts';
import { Folded } from './ladder/Folded.tsx';
import { Ladder } from './ladder/Ladder.tsx';
import { Strip } from './ladder/Strip.tsx';
import { Centre, Columns, Page } from './layout.ts';
import { Panel, useScripting } from './Panel.tsx';
import { Present } from './present/Present.tsx';
import { RunStrip } from './sheet/RunStrip.tsx';
import { lineView, redo, undo, useDesk, usePick } from './store.ts';
import { useRunning } from './timeline.ts';
import { useWhoPlays } from './who-plays.ts';
import { HandRow } from './draw/VerbRow.tsx';
import { useDeskTeller } from './teller.ts';
import { useHears } from './spoken.ts';

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
  const presenting = useDesk((s) => s.presenting);
  const name = useDesk((s) => s.play.name);
  useEffect(() => {
    document.title = `${name} · Corkscrew`;
  }, [name]);
  useDeskKeys(!presenting);
  usePaste(!presenting);
  useHears();
  const size = useSize();
  const scripting = useScripting(size);
  return (
    <>
      <Behind />
      {presenting ? (
        <Present />
      ) : (
        <>
          <Page>
            <Head />
            <Questions />
            <WithMenu>
              {(openMenu) => (
                <Columns
                  onPointerUp={backToCourt}
                  {...(scripting && { 'data-script': '' })}
                  // A phone watches: nothing is opened there that changes a play.
                  {...(size !== 'phone' && {
                    onContextMenu: (e) => openMenu(e.target as Element) && e.preventDefault(),
                  })}
                >
                  {size === 'phone' || size === 'tablet' ? (
                    <Strip fixed={size === 'phone'} />
                  ) : scripting ? (
                    <Folded />
                  ) : (
                    <Ladder />
                  )}
                  <Centre>
                    <FrameLine size={size} />
                    <Court onHold={size === 'phone' ? undefined : openMenu} />
                    {size !== 'phone' && <HandRow />}
                    <RunStrip />
                  </Centre>
                  {size !== 'phone' && <Panel size={size} />}
                </Columns>
              )}
            </WithMenu>
            <Gravest />
          </Page>
        </>
      )}
    </>
  );
}

/** The court, and what it says to who can't see it. Held, a man opens his menu; two fingers undo, three redo. */
function Court({ onHold }: { onHold: ((on: Element) => void) | undefined }) {
  const fingers = useFingers({
    onHold: (on) => {
      const { placing, pending } = useDesk.getState();
      // Who sets the five, or aims a verb, may take his time.
      if (!placing && !pending) onHold?.(on);
    },
    onTaps: (n) => (n === 2 ? undo() : n === 3 && redo()),
  });
  return (
    <div
      className="court"
      id="court"
      tabIndex={0}
      role="group"
      aria-label="Court. Press a number for a player, then a verb, then a spot. Question mark lists all keys."
      {...(onHold && fingers)}
    >
      <Stage />
      <Heard />
    </div>
  );
}

/** What goes on behind the desk. It draws nothing, so that nothing is drawn again for it. */
function Behind() {
  useRunning();
  useAddress();
  useWhoPlays();
  const { play, branch, frameId } = usePick('play', 'branch', 'frameId');
  const { court, line } = lineView(play, branch, frameId);
  const { defence, trial } = usePlayed(play, line.at(-1)!.id);
  useAnalysing(play, line.at(-1)!.id, useUnits(court), defence, trial !== null);
  return null;
}

/** Which frame is on the court, what happens in it, and how the court is looked at. */
function FrameLine({ size }: { size: Size }) {
  const t = useDeskTeller();
  const { play, branch, frameId } = usePick('play', 'branch', 'frameId');
  const { court, walks, index } = lineView(play, branch, frameId);
  const walk = walks[index]!;
  const words = walk.frame.caption?.trim() || captionOf(court, walk, walks.slice(0, index), t);
  return (
    <div className="strip">
      <span className="no">{index + 1}</span>
      <p title={words}>
        {walk.frame.title && <b>{walk.frame.title}</b>}
        {words || (index === 0 ? 'The set' : 'Nobody moves yet')}
      </p>
      {size !== 'phone' && <Views of={size} />}
    </div>
  );
}

/** The gravest finding is said as soon as it is there. */
function Gravest() {
  return (
    <p className="visually-hidden" role="status" aria-live="polite">
      {useTold().find(mustMend)?.sentence ?? ''}
    </p>
  );
}

/** How the court is looked at. */
const Views = memo(function Views({ of: size }: { of: Size }) {
  return (
    <span className="views">
      {size !== 'tablet' && (
        <>
          <View of="showLast">Last frame</View>
          <View of="showSpots">Spots</View>
          <View of="showGaps">Gaps</View>
          <View of="showLooks">Looks</View>
        </>
      )}
      <CourtTurn />
    </span>
  );
});

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

function View({
  of,
  children,
}: {
  of: 'showLast' | 'showSpots' | 'showGaps' | 'showLooks';
  children: string;
}) {
  const on = useDesk((s) => s[of]);
  return (
    <Toggle isSelected={on} onChange={(v) => useDesk.setState({ [of]: v })}>
      {children}
    </Toggle>
  );
}
