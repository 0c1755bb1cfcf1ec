import {
  againstWords,
  AGAINST,
  LIMITS,
  SITUATIONS,
  situationWords,
  STATUS_WORDS,
  STATUSES,
  type Change,
  type Play,
  type PlayRow,
} from '@corkscrew/core';
import { useState } from 'react';
import { Link } from 'react-router';
import styled from 'styled-components';
import { useManWord } from '../../team/team.ts';
import { Choice } from '../../ui/Choice.tsx';
import { Button } from '../../ui/controls.tsx';
import { TextField } from '../../ui/TextField.tsx';

const Bar = styled.section`
  position: fixed;
  left: 50%;
  bottom: 14px;
  transform: translateX(-50%);
  z-index: 4;
  display: flex;
  flex-wrap: wrap;
  align-items: end;
  gap: 8px 12px;
  width: max-content;
  max-width: calc(100vw - 20px);
  padding: 10px 14px;
  background: var(--raised);
  border: 1px solid var(--ink);
  label {
    display: grid;
    gap: 4px;
  }
  b {
    align-self: center;
    font: 700 15px/1.1 'Archivo Variable';
    font-stretch: 76%;
  }
  p {
    flex-basis: 100%;
  }
  a.compare {
    align-self: center;
    color: var(--pen);
    font-weight: 640;
  }
`;

interface ManyProps {
  readonly rows: readonly PlayRow[];
  /** All words of series there are. */
  readonly series: readonly string[];
  readonly said: string | null;
  readonly onChange: (changes: (play: Play) => readonly Change[], words: string) => void;
  /** Undoes the last change of several; null when there is none. */
  readonly onUndo: (() => void) | null;
  readonly onDone: () => void;
}

/** What is said when a change of several was undone. */
export const AS_BEFORE = 'As before.';

/** What makes a play again what it was before these changes, of those that are made of several. */
export const undoing = (was: Play, changes: readonly Change[]): Change[] =>
  changes.flatMap((c): Change[] => {
    switch (c.do) {
      case 'series':
        return [{ do: 'series', series: was.series ?? '' }];
      case 'situation':
        return [{ do: 'situation', situation: was.situation }];
      case 'against':
        return [{ do: 'against', against: was.against }];
      case 'about':
        return [{ do: 'about', status: was.status ?? null }];
      default:
        return [];
    }
  });

/** What is done with several plays at once. */
export function Many({ rows, series, said, onChange, onUndo, onDone }: ManyProps) {
  const man = useManWord();
  const [word, setWord] = useState('');
  const n = rows.length;
  const all = n === 1 ? '1 play' : `${n} plays`;
  const put = (w: string): void => {
    setWord(w);
    onChange(() => [{ do: 'series', series: w }], w ? `${all} in ${w}.` : `${all} in no series.`);
  };
  const toggled = (list: readonly string[], key: string): string[] =>
    list.includes(key) ? [...list] : [...list, key];
  return (
    <Bar aria-label="Several plays">
      <b>{n === 0 ? 'Choose plays' : `${all} chosen`}</b>
      {n > 0 && (
        <>
          <TextField
            label="Put them in a series"
            value={word}
            max={LIMITS.name}
            among={series}
            placeholder="Its word"
            onDone={(w) => put(w.trim())}
          />
          <Choice
            label="When"
            value=""
            options={[['', 'Add …'], ...SITUATIONS.map((k) => [k, situationWords(k)] as const)]}
            onChange={(key) =>
              key &&
              onChange(
                (p) => [{ do: 'situation', situation: toggled(p.situation, key) }],
                `${all}: ${situationWords(key)}.`,
              )
            }
          />
          <Choice
            label="Against"
            value=""
            options={[['', 'Add …'], ...AGAINST.map((k) => [k, againstWords(k, man)] as const)]}
            onChange={(key) =>
              key &&
              onChange(
                (p) => [{ do: 'against', against: toggled(p.against, key) }],
                `${all}: against ${againstWords(key, man)}.`,
              )
            }
          />
          <Choice
            label="Standing"
            value=""
            options={[['', 'Set …'], ...STATUSES.map((k) => [k, STATUS_WORDS[k]] as const)]}
            onChange={(key) =>
              key &&
              onChange(() => [{ do: 'about', status: key }], `${all}: ${STATUS_WORDS[key].toLowerCase()}.`)
            }
          />
          <Link className="compare" to={`/print?kind=play&plays=${rows.map((r) => r.id).join(',')}`}>
            Print
          </Link>
          {n === 2 && (
            <Link className="compare" to={`/compare?a=${rows[0]!.id}&b=${rows[1]!.id}`}>
              Compare
            </Link>
          )}
        </>
      )}
      <Button onPress={onDone}>Done</Button>
      {said && (
        <p role="status">
          {said}
          {onUndo && <Button onPress={onUndo}>Undo</Button>}
          {word && said.endsWith(`in ${word}.`) && (
            <>
              {' '}
              <Link to={`/series?of=${encodeURIComponent(word)}`}>See the series</Link>
            </>
          )}
        </p>
      )}
    </Bar>
  );
}
