import { CHECKS, type Finding } from '@corkscrew/core';
import { Tab, TabList, TabPanel, Tabs } from 'react-aria-components';
import styled from 'styled-components';
import { FrameTab } from './FrameTab.tsx';
import { PlayTab } from './PlayTab.tsx';
import { goToFrame, lineView, useDesk } from './store.ts';

const Box = styled(Tabs)`
  display: flex;
  flex-direction: column;
  min-height: 0;
  border-left: 1px solid var(--rule);
  .tabs {
    display: flex;
    gap: 16px;
    padding: 0 14px;
    border-bottom: 1px solid var(--rule-2);
    height: 38px;
    align-items: stretch;
    flex: none;
  }
  .tab {
    font: 640 14px/38px 'Archivo Variable';
    font-stretch: 77%;
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
    background: var(--gap-w);
    color: var(--gap);
  }
  .body {
    overflow: auto;
    flex: 1;
    padding: 12px 14px;
  }
  h3 {
    font-size: 15px;
    font-weight: 700;
    font-stretch: 74%;
    line-height: 1.15;
  }
`;
const Item = styled.button`
  display: grid;
  grid-template-columns: 16px 1fr auto;
  gap: 9px;
  width: 100%;
  padding: 10px 0;
  border: 0;
  border-bottom: 1px solid var(--rule);
  background: none;
  text-align: left;
  font: 400 13px/1.36 'Atkinson Hyperlegible Next Variable';
  font-stretch: 100%;
  .mark {
    width: 10px;
    height: 10px;
    margin: 4px 0 0 2px;
    transform: rotate(45deg);
    background: var(--gap);
  }
  &[data-open] .mark {
    background: none;
    border: 1.6px solid var(--gap);
  }
  .at {
    color: var(--pen);
    font: 640 12.5px/1.4 'Archivo Variable';
    font-stretch: 77%;
  }
`;

/** What stands beside the court: this frame, what breaks, and the play as a whole. */
export function Panel({ findings }: { findings: readonly Finding[] }) {
  return (
    <Box id="panel">
      <TabList aria-label="Beside the court" className="tabs">
        <Tab id="frame" className="tab">
          Frame
        </Tab>
        <Tab id="walk" className="tab">
          Walk-through
          {findings.length > 0 && <span className="count">{findings.length}</span>}
        </Tab>
        <Tab id="play" className="tab">
          Play
        </Tab>
      </TabList>
      <TabPanel id="frame" className="body">
        <FrameTab />
      </TabPanel>
      <TabPanel id="walk" className="body">
        <WalkThrough findings={findings} />
      </TabPanel>
      <TabPanel id="play" className="body">
        <PlayTab />
      </TabPanel>
    </Box>
  );
}

function WalkThrough({ findings }: { findings: readonly Finding[] }) {
  const { play, branch, frameId } = useDesk();
  const { line } = lineView(play, branch, frameId);
  if (findings.length === 0) {
    return (
      <>
        <h3>Nothing breaks. {CHECKS.length} checks.</h3>
        <ul style={{ marginTop: 8, color: 'var(--ink-2)' }}>
          {CHECKS.map((c) => (
            <li key={c.code} style={{ padding: '3px 0' }}>
              {c.words}.
            </li>
          ))}
        </ul>
      </>
    );
  }
  return (
    <>
      <h3>{findings.length === 1 ? '1 to fix' : `${findings.length} to fix`}</h3>
      {findings.map((f, i) => (
        <Item
          key={i}
          {...(f.severity === 'costs' ? { 'data-open': true } : {})}
          onClick={() => {
            goToFrame(f.frame);
            useDesk.setState({ actionId: f.action ?? null, selected: f.players[0] ?? null });
          }}
        >
          <span className="mark" />
          <span>{f.sentence}</span>
          <span className="at">frame {line.findIndex((l) => l.id === f.frame) + 1}</span>
        </Item>
      ))}
    </>
  );
}
