import { findAction, NEEDS, unavailable, UNAVAILABLE_WORDS, VERB_WORDS, type Verb } from '@corkscrew/core';
import styled from 'styled-components';
import { COMMANDS } from '../../../app/keymap.ts';
import { Button } from '../../../ui/controls.tsx';
import { ReadRow } from '../read/ReadRow.tsx';
import { lineView, nextFrame, startSetting, usePick, type Pending } from '../store.ts';
import { sayVerb } from './hand.ts';
import { Row } from './Row.ts';
import { SetRow } from './SetRow.tsx';
import { VerbGlyph, VERBS } from './VerbGlyph.tsx';

const Cell = styled.button`
  position: relative;
  flex: none;
  width: 51px;
  height: 50px;
  padding: 24px 0 0;
  border: 0;
  border-right: 1px solid var(--rule);
  background: none;
  font-weight: 640;
  font-size: 12.5px;
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
    left: 50%;
    top: 9px;
    margin-left: -11px;
  }
  @media (pointer: coarse) {
    width: 72px;
    height: 58px;
    padding-top: 30px;
    kbd {
      display: none;
    }
    svg {
      top: 13px;
    }
  }
`;

const keyOf = (verb: Verb): string => COMMANDS.find((c) => c.id === verb)!.keys[0];

/** One row that says what the hand does now: sets the five, names a read, waits for a man, or draws. */
export function HandRow() {
  const { placing, answering } = usePick('placing', 'answering');
  if (answering) return <ReadRow key={JSON.stringify(answering)} answering={answering} />;
  return placing ? <SetRow /> : <VerbRow />;
}

/** What the man in hand can do, in the order of the keys; what is missing is said in words. */
function VerbRow() {
  const s = usePick(
    'actionId',
    'branch',
    'frameId',
    'notice',
    'pending',
    'play',
    'selected',
    'told',
    'waiting',
  );
  const view = lineView(s.play, s.branch, s.frameId);
  const walk = view.walks[view.index]!;
  const drawn = walk.steps.length > 0;
  if (!s.selected) {
    return (
      <Row>
        <Said notice={s.notice} told={s.told}>
          <b>Pick a player</b> and drag him, or press his number. Drag the ball to pass it.
        </Said>
        {drawn && <Button onPress={nextFrame}>Next frame</Button>}
        <Button onPress={startSetting}>Move the set</Button>
      </Row>
    );
  }
  const who = s.selected;
  const p = s.pending;
  const chosen = s.actionId ? findAction(s.play, s.actionId)?.action : undefined;
  const why = p ? unavailable(walk.after, who, p.verb) : null;
  return (
    <Row>
      <div className="verbs" role="toolbar" aria-label={`What ${who} does`}>
        {VERBS.map((verb) => {
          const away = unavailable(walk.after, who, verb);
          return (
            <Cell
              key={verb}
              aria-pressed={p ? p.verb === verb : chosen?.does === verb}
              {...(away ? { 'data-away': true, title: UNAVAILABLE_WORDS[away](who) } : {})}
              onClick={() => sayVerb(verb, true)}
            >
              <kbd>{keyOf(verb).toUpperCase()}</kbd>
              <VerbGlyph verb={verb} faint={away !== null} />
              {VERB_WORDS[verb]}
            </Cell>
          );
        })}
      </div>
      <span style={{ maxWidth: 140, lineHeight: 1.25 }}>
        <Said notice={s.notice ?? (why && UNAVAILABLE_WORDS[why](who))} told={s.told}>
          {s.waiting
            ? `Waits for whom? Press his number.`
            : p
              ? prompt(p)
              : chosen
                ? 'Something else? Press what it is.'
                : `What does ${who} do?`}
        </Said>
      </span>
      {!p && drawn && <Button onPress={nextFrame}>Next frame</Button>}
    </Row>
  );
}

/** What went wrong, or what was done, or else what to do. */
function Said({
  notice,
  told,
  children,
}: {
  notice: string | null;
  told: string | null;
  children: React.ReactNode;
}) {
  return (
    <span className={notice ? 'notice' : 'hint'} role="status">
      {notice ?? told ?? children}
    </span>
  );
}

function prompt({ verb, typed, to, path }: Pending): string {
  if (typed) return `${typed} …`;
  if (path.length > 0) return 'Enter, or the next man’s number.';
  if (NEEDS[verb] === 'man')
    return verb === 'fake' ? 'to whom? Or Enter.' : 'to whom? Press him or his number.';
  if (verb === 'screen')
    return to ? `for ${to}: where? Enter is at his hip.` : 'for whom? Press him, or the floor.';
  return 'where? Press the floor or type a spot.';
}
