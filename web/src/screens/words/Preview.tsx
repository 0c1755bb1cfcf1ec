import {
  captionOf,
  courtFor,
  DICTIONARY,
  mainLine,
  teller,
  termsIn,
  walkLine,
  type Dictionary,
  type Play,
  type TermKey,
} from '@corkscrew/core';
import { useState } from 'react';
import styled from 'styled-components';
import { FramePicture } from '../../floor/FramePicture.tsx';
import { Label } from '../../ui/controls.tsx';

const Box = styled.section`
  border-top: 1px solid var(--rule-2);
  background: var(--sheet);
  padding: 12px 14px;
  .head {
    display: flex;
    gap: 10px;
    align-items: baseline;
    justify-content: space-between;
  }
  h2 {
    font-size: 16px;
    font-weight: 700;
    font-stretch: 74%;
  }
  .two {
    display: grid;
    grid-template-columns: 190px minmax(0, 1fr);
    gap: 14px;
    margin-top: 8px;
  }
  .pic {
    border: 1px solid var(--rule-2);
    align-self: start;
  }
  .pic svg {
    display: block;
  }
  p {
    font-size: 14px;
    line-height: 1.4;
    margin: 3px 0 9px;
  }
  u {
    text-decoration-color: var(--pen);
    text-decoration-thickness: 2px;
    text-underline-offset: 3px;
  }
  button {
    border: 0;
    background: none;
    color: var(--pen);
    font-weight: 640;
    padding: 4px;
  }
  @media (max-width: 600px) {
    .two {
      grid-template-columns: minmax(0, 1fr);
    }
  }
`;

/** One frame in plain words and in ours, what is otherwise underlined. */
export function Preview({ play, term, words }: { play: Play; term: TermKey | null; words: Dictionary }) {
  const [more, setMore] = useState(0);
  const court = courtFor(play);
  const walks = walkLine(play, mainLine(play));
  const fits = walks.flatMap((w, i) =>
    term === null || termsIn(play, w, walks.slice(0, i)).includes(term) ? [i] : [],
  );
  const all = fits.length > 0 ? fits : walks.map((_, i) => i);
  const at = all[more % all.length]!;
  const walk = walks[at]!;
  const said = (dictionary: Dictionary): string =>
    captionOf(court, walk, walks.slice(0, at), teller({ words: dictionary, women: play.women }));
  const [plain, ours] = [said(DICTIONARY), said(words)];
  return (
    <Box aria-label="How it reads">
      <div className="head">
        <h2>How it reads</h2>
        <Label>
          {play.name}, frame {at + 1}
        </Label>
        {all.length > 1 && (
          <button type="button" onClick={() => setMore(more + 1)}>
            Another frame
          </button>
        )}
      </div>
      <div className="two">
        <span className="pic">
          <FramePicture court={court} walk={walk} next={walks[at + 1]} width={188} />
        </span>
        <div>
          <Label>Plain</Label>
          <p>
            <Marked text={plain} other={ours} />
          </p>
          <Label>Ours</Label>
          <p data-testid="ours">
            <Marked text={ours} other={plain} />
          </p>
        </div>
      </div>
    </Box>
  );
}

/** A text with the words underlined that the other one has not. */
function Marked({ text, other }: { text: string; other: string }) {
  const there = new Set(other.split(/[\s;,.]+/));
  return text
    .split(/(\s+)/)
    .map((part, i) =>
      /\s/.test(part) || there.has(part.replace(/[;,.]+$/, '')) ? part : <u key={i}>{part}</u>,
    );
}
