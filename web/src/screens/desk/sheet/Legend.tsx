import { TEMPO_TEXTURES } from '@corkscrew/diagram';
import { CircleHelp } from 'lucide-react';
import { DialogTrigger, Dialog, Popover } from 'react-aria-components';
import styled from 'styled-components';
import { IconButton } from '../../../ui/IconButton.tsx';

const Box = styled(Dialog)`
  display: grid;
  grid-template-columns: 58px 1fr;
  gap: 7px 12px;
  align-items: center;
  max-width: 330px;
  padding: 12px 14px;
  background: var(--raised);
  border: 1px solid var(--rule-2);
  outline: none;
  font-size: 13px;
  .fingers {
    grid-column: 1 / -1;
    padding-top: 8px;
    border-top: 1px solid var(--rule);
  }
  @media (pointer: fine) {
    .fingers {
      display: none;
    }
  }
`;

/** A sign of the sheet, small. */
function Sign({ children }: { children: React.ReactNode }) {
  return (
    <svg width={58} height={18} viewBox="0 0 58 18" aria-hidden="true">
      {children}
    </svg>
  );
}

const INK = { stroke: 'var(--ink)', fill: 'none' } as const;
const LIVE = { stroke: 'var(--live)', fill: 'none', strokeWidth: 2.1 } as const;

/** What the bands, bars and ties of the beat sheet mean. */
export function Legend() {
  return (
    <DialogTrigger>
      <IconButton aria-label="What the signs mean">
        <CircleHelp size={16} />
      </IconButton>
      <Popover>
        <Box aria-label="What the signs mean">
          {(['walk', 'jog', 'cut', 'sprint'] as const).map((tempo) => (
            <Row key={tempo} words={`A run: ${tempo === 'cut' ? 'cutting speed' : tempo}`}>
              <rect x={0.5} y={0.5} width={57} height={17} fill="var(--sheet)" stroke="var(--ink)" />
              <path
                d="M2 14.5h54"
                strokeWidth={3.2}
                {...INK}
                strokeDasharray={TEMPO_TEXTURES[tempo].dash}
                strokeLinecap={TEMPO_TEXTURES[tempo].cap ?? 'butt'}
              />
            </Row>
          ))}
          <Row words="Does not hold up the next frame">
            <rect x={0.5} y={0.5} width={57} height={17} {...INK} strokeDasharray="2 2" />
          </Row>
          <Row words="The play waits for it: later here is later at the end">
            <rect
              x={1}
              y={1}
              width={56}
              height={16}
              fill="var(--sheet)"
              stroke="var(--ink)"
              strokeWidth={2}
            />
          </Row>
          <Row words="The ball: held, dribbled, passed, shot">
            <path d="M1 9h12" {...LIVE} />
            <path d="M14 9q2-6 4 0t4 0q2-6 4 0t4 0" {...LIVE} />
            <path d="M32 9h12" {...LIVE} strokeDasharray="5 3" />
            <circle cx={52} cy={9} r={4} {...LIVE} />
          </Row>
          <Row words="Waits by your word; taken for granted">
            <path d="M6 2C14 8 2 10 10 16" {...INK} strokeWidth={1.8} />
            <path
              d="M40 2C48 8 36 10 44 16"
              fill="none"
              stroke="var(--rule-2)"
              strokeDasharray="3 2.5"
              strokeWidth={1.4}
            />
          </Row>
          <Row words="Two who miss each other, and by how much">
            <path d="M8 2L44 16" stroke="var(--gap)" strokeWidth={2.6} />
            <circle cx={8} cy={3} r={3} fill="var(--gap)" />
            <circle cx={44} cy={15} r={3} fill="var(--gap)" />
          </Row>
          <Row words="He is open">
            <rect x={4} y={7} width={50} height={3.4} fill="var(--def)" />
          </Row>
          <Row words="How they play the screen; filled: on this one alone">
            <rect x={1} y={3} width={25} height={12} fill="var(--sheet)" stroke="var(--def)" />
            <rect x={31} y={3} width={25} height={12} fill="var(--def)" stroke="var(--def)" />
          </Row>
          <p className="fingers">
            On the court: hold a man for all he can do. Tap with two fingers to undo, with three to redo;
            spread two to look closer.
          </p>
        </Box>
      </Popover>
    </DialogTrigger>
  );
}

function Row({ words, children }: { words: string; children: React.ReactNode }) {
  return (
    <>
      <Sign>{children}</Sign>
      <span>{words}</span>
    </>
  );
}
