import { AnswersTab } from './answers/AnswersTab.tsx';
import { useHoles } from './answers/judge.ts';
import { X } from 'lucide-react';
import { lazy, Suspense, useState } from 'react';
import { Tab, TabList, TabPanel, Tabs } from 'react-aria-components';
import styled from 'styled-components';
import { create } from 'zustand';
import type { Size } from '../../app/size.ts';
import { Button } from '../../ui/controls.tsx';
import { IconButton } from '../../ui/IconButton.tsx';
import { mustMend, useMetrics, useTold } from './analysis.ts';
import { DefenceTab } from './defend/DefenceTab.tsx';
import { FrameTab } from './draw/FrameTab.tsx';
import { PlayTab } from './PlayTab.tsx';
import { apply, useDesk } from './store.ts';
import { WalkTab } from './walk/WalkTab.tsx';

const ScriptTab = lazy(() => import('./script/ScriptTab.tsx'));

const Box = styled(Tabs)`
  display: flex;
  flex-direction: column;
  min-height: 0;
  border-left: 1px solid var(--rule);
  .head {
    display: flex;
    align-items: center;
    border-bottom: 1px solid var(--rule-2);
    flex: none;
  }
  .tabs {
    display: flex;
    flex: 1;
    min-width: 0;
    gap: 9px;
    padding: 0 10px;
    height: 38px;
    align-items: stretch;
  }
  .tab {
    font: 640 13px/38px 'Archivo Variable';
    font-stretch: 70%;
    white-space: nowrap;
    color: var(--ink-2);
    border-bottom: 3px solid transparent;
    cursor: default;
    outline: none;
  }
  .tab[data-selected] {
    color: var(--ink);
    border-color: var(--ink);
  }
  .tab[data-focus-visible] {
    outline: 2px solid var(--pen);
    outline-offset: -3px;
  }
  .count {
    font-size: 12px;
    margin-left: 5px;
    padding: 1px 5px;
    background: var(--sheet);
    color: var(--ink-2);
  }
  .count[data-bad] {
    background: var(--gap-w);
    color: var(--gap);
  }
  .body {
    overflow: auto;
    flex: 1;
    padding: 12px 14px;
  }
  .all {
    display: flex;
    flex: 1;
    min-height: 0;
  }
  h3 {
    font-size: 15px;
    font-weight: 700;
    font-stretch: 74%;
    line-height: 1.15;
  }
`;
/** Where it lies over the court: how far it is open. */
const Rail = styled.nav`
  display: flex;
  flex-direction: column;
  gap: 4px;
  padding: 8px 4px;
  border-left: 1px solid var(--rule);
  background: var(--desk);
  button {
    writing-mode: vertical-rl;
    padding: 12px 6px;
    border: 0;
    background: none;
    font: 640 14px/1 'Archivo Variable';
    font-stretch: 77%;
    color: var(--ink-2);
  }
  button:hover {
    background: var(--sheet);
  }
`;
const Foot = styled.div`
  border-top: 2px solid var(--ink);
  background: var(--desk);
  .tabs {
    display: flex;
    gap: 18px;
    padding: 0 14px;
    min-height: 44px;
    align-items: stretch;
  }
  .tabs button {
    border: 0;
    background: none;
    font: 640 14.5px/1 'Archivo Variable';
    font-stretch: 77%;
    color: var(--ink-2);
  }
  .top {
    display: flex;
    align-items: center;
    gap: 10px;
    padding: 0 14px;
    background: var(--sheet);
    /* Always as high: what is above it does not move away from a finger when a finding comes or goes. */
    height: 56px;
  }
  .top i {
    width: 10px;
    height: 10px;
    transform: rotate(45deg);
    background: var(--gap);
    flex: none;
  }
  .top p {
    flex: 1;
    min-width: 0;
    display: -webkit-box;
    -webkit-line-clamp: 2;
    -webkit-box-orient: vertical;
    overflow: hidden;
  }
`;

const TABS = [
  ['frame', 'Frame'],
  ['walk', 'Walk-through'],
  ['answers', 'Answers'],
  ['defence', 'Defence'],
  ['play', 'Play'],
  ['script', 'Script'],
] as const;
type TabId = (typeof TABS)[number][0];

interface Open {
  readonly tab: TabId;
  /** What stands beside it where there is room for two. */
  readonly second: TabId;
}
/** The parts of the panel that were looked at last: on the way back from another room they are still open. */
const usePanel = create<Open>(() => ({ tab: 'frame', second: 'walk' }));
/** Whether the play is open as it is written: the court and the ladder make room for it. */
export const useScripting = (size: Size): boolean =>
  usePanel(({ tab, second }) => (size === 'wide' ? tab : size === 'large' ? second : '') === 'script');
/** Opens a part; where the other half shows it already the two change places. */
const show = (half: keyof Open, tab: TabId): void =>
  usePanel.setState(({ tab: first, second }) => {
    const other = half === 'tab' ? second : first;
    const now = half === 'tab' ? first : second;
    const next = { [half]: tab } as Partial<Open>;
    return other === tab ? { ...next, [half === 'tab' ? 'second' : 'tab']: now } : next;
  });
const Two = styled.div`
  display: grid;
  grid-template-columns: 1fr 1fr;
  min-height: 0;
  > * {
    min-width: 0;
  }
`;

/** What stands beside the court: this frame, what breaks, the defence, and the play as a whole. */
export function Panel({ size }: { size: Size }) {
  const [open, setOpen] = useState<TabId | null>(null);
  const { tab, second } = usePanel();
  const first = <All tab={tab} onTab={(t) => show('tab', t)} />;
  if (size === 'wide') return first;
  if (size === 'large')
    return (
      <Two>
        {first}
        <All id="panel-2" tab={second} onTab={(t) => show('second', t)} />
      </Two>
    );
  if (open)
    return (
      <Over data-size={size} data-over {...(open === 'script' && { 'data-script': '' })}>
        <All tab={open} onTab={setOpen} onClose={() => setOpen(null)} />
      </Over>
    );
  const buttons = TABS.map(([id, words]) => (
    <button key={id} type="button" onClick={() => setOpen(id)}>
      {words}
      {id === 'walk' && <Count />}
      {id === 'answers' && <Holes />}
    </button>
  ));
  if (size === 'middle')
    return (
      <Rail aria-label="Beside the court" id="panel">
        {buttons}
      </Rail>
    );
  return (
    <Foot id="panel">
      <nav className="tabs" aria-label="Beside the court">
        {buttons}
      </nav>
      <TopFinding />
    </Foot>
  );
}

/** The gravest finding, with its mend, where there is no room for all. */
function TopFinding() {
  const top = useTold().find(mustMend);
  // Nothing is said of a play before it has been gone through.
  const known = useMetrics(useDesk((s) => s.play.id)) !== null;
  if (!top) return <div className="top">{known && <p>Nothing breaks.</p>}</div>;
  const mend = top.mends[0];
  return (
    <div className="top">
      <i aria-hidden="true" />
      <p>{top.sentence}</p>
      {mend && <Button onPress={() => apply(mend.changes)}>{mend.words}</Button>}
    </div>
  );
}

function Count() {
  const findings = useTold();
  const fix = findings.filter(mustMend).length;
  return findings.length > 0 ? (
    <span className="count" data-bad={fix > 0 || undefined}>
      {fix || findings.length}
    </span>
  ) : null;
}

/** What nobody answers, as far as it was judged. */
function Holes() {
  const holes = useHoles();
  return holes > 0 ? (
    <span className="count" data-bad>
      {holes}
    </span>
  ) : null;
}

const Over = styled.div`
  position: absolute;
  z-index: 3;
  right: 0;
  bottom: 0;
  display: flex;
  background: var(--desk);
  &[data-size='middle'] {
    top: 0;
    width: 340px;
    border-left: 1px solid var(--rule-2);
  }
  &[data-size='middle'][data-script] {
    width: 500px;
  }
  &[data-size='tablet'] {
    left: 0;
    height: min(62%, 560px);
    border-top: 2px solid var(--ink);
  }
  > * {
    flex: 1;
    min-width: 0;
  }
`;

function All({
  id = 'panel',
  tab,
  onTab,
  onClose,
}: {
  id?: string;
  tab: TabId;
  onTab: (tab: TabId) => void;
  onClose?: () => void;
}) {
  return (
    <Box id={id} selectedKey={tab} onSelectionChange={(key) => onTab(key as TabId)}>
      <div className="head">
        <TabList aria-label={id === 'panel' ? 'Beside the court' : 'And beside that'} className="tabs">
          {TABS.map(([id, words]) => (
            <Tab key={id} id={id} className="tab">
              {words}
              {id === 'walk' && <Count />}
              {id === 'answers' && <Holes />}
            </Tab>
          ))}
        </TabList>
        {onClose && (
          <IconButton aria-label="Close the panel" onPress={onClose}>
            <X size={17} />
          </IconButton>
        )}
      </div>
      <TabPanel id="frame" className="body">
        <FrameTab />
      </TabPanel>
      <TabPanel id="walk" className="body">
        <WalkTab />
      </TabPanel>
      <TabPanel id="answers" className="body">
        <AnswersTab />
      </TabPanel>
      <TabPanel id="defence" className="body">
        <DefenceTab />
      </TabPanel>
      <TabPanel id="play" className="body">
        <PlayTab />
      </TabPanel>
      <TabPanel id="script" className="all">
        <Suspense>
          <ScriptTab />
        </Suspense>
      </TabPanel>
    </Box>
  );
}
