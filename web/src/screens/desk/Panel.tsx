import { Tab, TabList, TabPanel, Tabs } from 'react-aria-components';
import styled from 'styled-components';
import { useFindings } from './analysis.ts';
import { DefenceTab } from './defence/DefenceTab.tsx';
import { FrameTab } from './FrameTab.tsx';
import { PlayTab } from './PlayTab.tsx';
import { useDesk } from './store.ts';
import { mustMend, WalkTab } from './walk/WalkTab.tsx';

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
  h3 {
    font-size: 15px;
    font-weight: 700;
    font-stretch: 74%;
    line-height: 1.15;
  }
`;
/** What stands beside the court: this frame, what breaks, and the play as a whole. */
export function Panel() {
  const findings = useFindings(useDesk((s) => s.play.id)).filter((f) => f.silenced === undefined);
  const fix = findings.filter(mustMend).length;
  return (
    <Box id="panel">
      <TabList aria-label="Beside the court" className="tabs">
        <Tab id="frame" className="tab">
          Frame
        </Tab>
        <Tab id="walk" className="tab">
          Walk-through
          {findings.length > 0 && (
            <span className="count" data-bad={fix > 0 || undefined}>
              {fix || findings.length}
            </span>
          )}
        </Tab>
        <Tab id="defence" className="tab">
          Defence
        </Tab>
        <Tab id="play" className="tab">
          Play
        </Tab>
      </TabList>
      <TabPanel id="frame" className="body">
        <FrameTab />
      </TabPanel>
      <TabPanel id="walk" className="body">
        <WalkTab />
      </TabPanel>
      <TabPanel id="defence" className="body">
        <DefenceTab />
      </TabPanel>
      <TabPanel id="play" className="body">
        <PlayTab />
      </TabPanel>
    </Box>
  );
}
