import { courtFor, PLAYERS, THROW_IN_DEPTH, type PlayerId, type Verb } from '@corkscrew/core';
import styled from 'styled-components';
import { unavailable, VERB_KEYS, VERB_WORDS } from '../../court/propose.ts';
import { startVerb } from './keys.ts';
import { apply, lineView, nextFrame, useDesk, usePick } from './store.ts';
import { Button, MainButton, Select } from '../../ui/controls.tsx';

const Row = styled.div`
  display: flex;
  align-items: center;
  justify-content: center;
  gap: 12px;
  min-height: 62px;
  padding: 5px 12px;
  .verbs {
    display: flex;
    border: 1px solid var(--pen);
    border-radius: 3px;
    background: var(--raised);
  }
  .hint {
    color: var(--ink-2);
    font-size: 13px;
  }
  .notice {
    color: var(--gap);
    font-size: 13px;
  }
  .hint b {
    font: 700 13.5px/1 'Archivo Variable';
    font-stretch: 77%;
    color: var(--ink);
  }
`;
const Cell = styled.button`
  position: relative;
  width: 57px;
  height: 50px;
  padding: 24px 0 0;
  border: 0;
  border-right: 1px solid var(--rule);
  background: none;
  font-weight: 640;
  font-size: 13px;
  &:last-child {
    border-right: 0;
  }
  &[aria-pressed='true'] {
    background: var(--pen-w);
  }
  &[data-away] {
    color: var(--ink-3);
  }
  &:hover {
    background: var(--sheet);
  }
  kbd {
    position: absolute;
    left: 5px;
    top: 4px;
    font: 600 11.5px/1 'Archivo Variable';
    color: var(--pen);
  }
  svg {
    position: absolute;
    left: 18px;
    top: 9px;
  }
  @media (pointer: coarse) {
    width: 64px;
    height: 52px;
  }
`;

const GLYPH: Record<Verb, { d: string; live: boolean; dash?: string }> = {
  cut: { d: 'M2 8H22M17 4l6 4-6 4', live: false },
  dribble: { d: 'M1 8c2-6 4-6 5 0s3 6 5 0 3-6 5 0l6 0M19 4l5 4-5 4', live: true },
  pass: { d: 'M1 8H20M18 4l5 4-5 4', live: true, dash: '4 3' },
  screen: { d: 'M2 8H22M22 2V14', live: false },
  handoff: { d: 'M1 8H24M11 3V13M15 3V13', live: true },
  shot: { d: 'M2 8H16M18 8a3 3 0 1 0 6 0a3 3 0 1 0-6 0', live: true, dash: '0.1 4' },
  fake: { d: 'M2 8H16M18 4V12', live: true, dash: '3 3' },
  hold: { d: 'M8 3V13M16 3V13', live: false },
  seal: { d: 'M5 5H20M5 11H20', live: false },
};

/** What the selected player can do, in the order of the keys; what is missing is said in words. */
export function VerbRow() {
  const s = usePick('branch', 'frameId', 'notice', 'pending', 'placing', 'play', 'selected');
  const view = lineView(s.play, s.branch, s.frameId);
  const walk = view.walks[view.index]!;
  if (s.placing) {
    return (
      <Row>
        <span className="hint">
          <b>Set the five.</b> Drag anyone.
        </span>
        <StartOfBall />
        <MainButton onPress={() => useDesk.setState({ placing: false })}>Set done</MainButton>
      </Row>
    );
  }
  if (!s.selected) {
    return (
      <Row>
        {s.notice ? (
          <span className="notice" role="status">
            {s.notice}
          </span>
        ) : (
          <span className="hint">
            <b>Pick a player</b> and drag him, or press his number. Drag the ball to pass it.
          </span>
        )}
        {walk.steps.length > 0 && <Button onPress={nextFrame}>Next frame</Button>}
        {walk.steps.length === 0 && view.index === 0 && (
          <Button onPress={() => useDesk.setState({ placing: true })}>Move the set</Button>
        )}
      </Row>
    );
  }
  const who = s.selected;
  const p = s.pending;
  const why = p ? unavailable(walk.after, who, p.verb) : null;
  return (
    <Row>
      <div className="verbs" role="toolbar" aria-label={`What ${who} does`}>
        {Object.entries(VERB_KEYS).map(([key, verb]) => {
          const away = unavailable(walk.after, who, verb);
          const g = GLYPH[verb];
          return (
            <Cell
              key={verb}
              aria-pressed={p?.verb === verb}
              {...(away ? { 'data-away': true, title: away } : {})}
              onClick={() => startVerb(verb)}
            >
              <kbd>{key.toUpperCase()}</kbd>
              <svg width="26" height="16" aria-hidden="true" opacity={away ? 0.55 : 1}>
                <path
                  d={g.d}
                  fill="none"
                  stroke={g.live && !away ? 'var(--live)' : 'currentColor'}
                  strokeWidth="1.8"
                  strokeDasharray={g.dash}
                  strokeLinecap="round"
                />
              </svg>
              {VERB_WORDS[verb]}
            </Cell>
          );
        })}
      </div>
      <span className={s.notice || why ? 'notice' : 'hint'} role="status" style={{ maxWidth: 150 }}>
        {s.notice ?? why ?? (p ? prompt(p.verb, p.typed, p.to) : `What does ${who} do?`)}
      </span>
      {!p && walk.steps.length > 0 && <Button onPress={nextFrame}>Next frame</Button>}
      {p && p.verb === 'screen' && p.to && !p.at && <span className="hint">Enter</span>}
    </Row>
  );
}

/** Who has the ball at the start, and whether he throws it in. */
function StartOfBall() {
  const play = useDesk((s) => s.play);
  const { start } = play;
  const from = (at: string) => {
    const where = at === '' ? null : (at as NonNullable<typeof start.throwIn>);
    const half = courtFor(play).width / 2 + THROW_IN_DEPTH;
    const place = {
      baseline: { x: 8, y: -THROW_IN_DEPTH },
      sidelineLeft: { x: -half, y: 26 },
      sidelineRight: { x: half, y: 26 },
    };
    const back = { x: 0, y: 26 };
    apply([
      { do: 'throwIn', from: where },
      { do: 'place', player: start.ball, place: where ? place[where] : back },
    ]);
  };
  return (
    <>
      <Select
        aria-label="Who has the ball"
        value={start.ball}
        onChange={(e) => apply({ do: 'ball', player: e.target.value as PlayerId })}
      >
        {PLAYERS.map((p) => (
          <option key={p} value={p}>
            {p} has the ball
          </option>
        ))}
      </Select>
      <Select aria-label="How it starts" value={start.throwIn ?? ''} onChange={(e) => from(e.target.value)}>
        <option value="">on the floor</option>
        <option value="baseline">throws in, baseline</option>
        <option value="sidelineLeft">throws in, left sideline</option>
        <option value="sidelineRight">throws in, right sideline</option>
      </Select>
    </>
  );
}

function prompt(verb: Verb, typed: string, to: string | undefined): string {
  if (typed) return `${typed} … Enter`;
  if (verb === 'pass' || verb === 'handoff')
    return to ? `to ${to}: Enter` : 'to whom? Click him or press his number.';
  if (verb === 'screen') return to ? `for ${to}: where?` : 'for whom? Click him, or click the floor.';
  return 'where? Click the floor or type a spot.';
}
