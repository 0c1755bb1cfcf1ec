import {
  ALIGNMENTS,
  courtFor,
  newPlay,
  startState,
  walkFrame,
  type NewPlay as NewPlayOptions,
} from '@corkscrew/core';
import { frameScene, THUMB, type Scale } from '@corkscrew/diagram';
import { useMemo, type KeyboardEvent } from 'react';
import styled from 'styled-components';
import { Picture } from '../../floor/SceneSvg.tsx';

/** What a new play starts with, before it has a name. */
export type Setting = Omit<NewPlayOptions, 'id' | 'name'>;

const Box = styled.div`
  background: var(--sheet);
  display: grid;
  grid-template-rows: auto minmax(0, 1fr);
  overflow: hidden;
  min-height: 0;
  h2 {
    font-size: 16px;
    font-weight: 700;
    font-stretch: 74%;
    padding: 14px 16px 8px;
  }
  .picks {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(148px, 1fr));
    gap: 10px;
    padding: 2px 16px 18px;
    overflow: auto;
    align-content: start;
  }
  .picks button {
    padding: 0;
    border: 1px solid var(--rule-2);
    background: var(--raised);
    text-align: left;
  }
  .picks button[aria-checked='true'] {
    outline: 2px solid var(--pen);
    outline-offset: 1px;
    border-color: var(--pen);
  }
  .picks b {
    display: block;
    padding: 7px 8px 2px;
    font: 700 14px/1.15 'Archivo Variable';
    font-stretch: 76%;
  }
  .picks span {
    display: block;
    padding: 0 8px 8px;
    font: 400 12px/1.28 'Atkinson Hyperlegible Next Variable';
    font-stretch: 100%;
    color: var(--ink-2);
    min-height: 39px;
  }
`;

/** The five of a setting as they stand. */
export function lineUp(setting: Setting, scale: Scale, detail = true) {
  const play = newPlay({ ...setting, id: 'p', name: '' });
  return frameScene({
    court: courtFor(play),
    walk: walkFrame(startState(play), play.frames[0]!),
    scale,
    detail,
  });
}

/** Arrows move between cards as they lie: left and right, up and down over the lines of the grid. */
function walkCards(e: KeyboardEvent<HTMLElement>, onChoose: (i: number) => void): void {
  const cards = [...e.currentTarget.querySelectorAll<HTMLElement>('[role="radio"]')];
  const i = cards.findIndex((c) => c === document.activeElement);
  if (i < 0) return;
  const perLine = cards.filter((c) => c.offsetTop === cards[0]!.offsetTop).length;
  const by = { ArrowLeft: -1, ArrowRight: 1, ArrowUp: -perLine, ArrowDown: perLine }[e.key];
  if (by === undefined) return;
  e.preventDefault();
  const to = i + by;
  if (!cards[to]) return;
  onChoose(to);
  cards[to].focus();
}

/** All line-ups as they would stand, to choose one of. */
export function LineUps({ setting, onChoose }: { setting: Setting; onChoose: (alignment: string) => void }) {
  const picks = useMemo(
    () =>
      ALIGNMENTS.map((a) => ({
        ...a,
        picture: lineUp({ ...setting, alignment: a.key, flipped: false }, THUMB, false),
      })),
    [setting],
  );
  return (
    <Box>
      <h2 id="line-up">How do you line up?</h2>
      <div
        className="picks"
        role="radiogroup"
        aria-labelledby="line-up"
        onKeyDown={(e) => walkCards(e, (i) => onChoose(picks[i]!.key))}
      >
        {picks.map((a) => (
          <button
            key={a.key}
            type="button"
            role="radio"
            aria-checked={setting.alignment === a.key}
            tabIndex={setting.alignment === a.key ? 0 : -1}
            onClick={() => onChoose(a.key)}
          >
            <Picture scene={a.picture} />
            <b>{a.name}</b>
            <span>{a.words}</span>
          </button>
        ))}
      </div>
    </Box>
  );
}
