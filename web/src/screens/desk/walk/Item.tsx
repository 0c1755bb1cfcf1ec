import { frameById, LIMITS, readWords, type Finding } from '@corkscrew/core';
import { CornerUpRight } from 'lucide-react';
import { useState } from 'react';
import styled from 'styled-components';
import { Button, Input } from '../../../ui/controls.tsx';
import { apply, useDesk, usePick } from '../store.ts';
import { seek } from '../timeline.ts';
import { useDeskTeller } from '../teller.ts';

const Row = styled.div`
  border-bottom: 1px solid var(--rule);
  border-left: 3px solid transparent;
  margin: 0 -14px;
  padding: 0 14px 0 11px;
  &[data-open] {
    background: var(--raised);
    border-left-color: var(--pen);
    padding-bottom: 10px;
  }
  .say {
    display: grid;
    grid-template-columns: 16px 1fr auto;
    gap: 9px;
    width: 100%;
    padding: 9px 0;
    border: 0;
    background: none;
    text-align: left;
    font: 400 13px/1.36 'Atkinson Hyperlegible Next Variable';
    font-stretch: 100%;
    color: var(--ink);
  }
  .mark {
    width: 9px;
    height: 9px;
    margin: 4px 0 0 2px;
    transform: rotate(45deg);
    border: 1.6px solid var(--gap);
  }
  &[data-severity='illegal'] .mark,
  &[data-severity='breaks'] .mark {
    background: var(--gap);
  }
  &[data-severity='know'] .mark {
    border-color: var(--ink-3);
    border-radius: 50%;
  }
  &[data-quiet] .say {
    color: var(--ink-3);
  }
  .at {
    color: var(--pen);
    font: 640 12.5px/1.4 'Archivo Variable';
    font-stretch: 77%;
    white-space: nowrap;
  }
  .at svg {
    vertical-align: -1.5px;
    margin-right: 3px;
  }
  .do {
    display: flex;
    flex-wrap: wrap;
    gap: 6px;
    padding-left: 25px;
  }
  .why {
    padding: 0 0 6px 25px;
    color: var(--ink-2);
    font-size: 12.5px;
  }
  form {
    display: flex;
    gap: 6px;
    padding: 8px 0 0 25px;
  }
`;

/** Goes to where and when a finding is, and shows what it measures. */
function showFinding(f: Finding): void {
  seek(f.time);
  useDesk.setState({
    frameId: f.frame,
    running: false,
    actionId: f.action ?? null,
    selected: f.players[0] ?? null,
    shown: f,
  });
}

/** One sentence of the walk-through: where it is, how to mend it, and a way to silence it with a reason. */
export function Item({ finding: f }: { finding: Finding }) {
  const t = useDeskTeller();
  const shown = useDesk((s) => s.shown);
  const open = shown?.cause === f.cause && shown.code === f.code;
  const [asking, setAsking] = useState(false);
  const [reason, setReason] = useState('');
  const { play } = usePick('play');
  const ending = f.ending && frameById(play, f.ending)?.read;
  const read = ending && readWords(ending, t);
  const silence = (why: string | null) => {
    apply({
      do: 'silence',
      code: f.code,
      at: f.cause,
      reason: why,
      ...(f.ending === undefined ? {} : { ending: f.ending }),
    });
    setAsking(false);
  };
  return (
    <Row
      data-severity={f.severity}
      {...(open ? { 'data-open': true } : {})}
      {...(f.silenced === undefined ? {} : { 'data-quiet': true })}
    >
      <button type="button" className="say" aria-expanded={open} onClick={() => showFinding(f)}>
        <span className="mark" aria-hidden="true" />
        <span>{f.sentence}</span>
        <span className="at">
          <CornerUpRight size={12} aria-hidden="true" />
          {f.time.toFixed(1)}
          <span className="visually-hidden"> seconds</span>
        </span>
      </button>
      {f.silenced !== undefined && <p className="why">Silenced: {f.silenced}</p>}
      {open && (
        <div className="do">
          {f.silenced === undefined &&
            f.mends.map((m) => (
              <Button
                key={m.words}
                style={{ borderColor: 'var(--pen)', color: 'var(--pen)' }}
                onPress={() => apply(m.changes)}
              >
                {m.words}
              </Button>
            ))}
          {f.silenced === undefined ? (
            <Button onPress={() => setAsking(!asking)} aria-expanded={asking}>
              Leave it
            </Button>
          ) : (
            <Button onPress={() => silence(null)}>Tell me again</Button>
          )}
        </div>
      )}
      {open && asking && (
        <form
          onSubmit={(e) => {
            e.preventDefault();
            if (reason.trim()) silence(reason.trim());
          }}
        >
          <Input
            autoFocus
            aria-label="Why it may stay"
            placeholder="Why it may stay"
            maxLength={LIMITS.line}
            value={reason}
            onChange={(e) => setReason(e.target.value)}
          />
          <Button type="submit" isDisabled={!reason.trim()}>
            Silence
          </Button>
        </form>
      )}
      {open && asking && (
        <p className="why">It is not told on {read ? `the ending “${read}”` : 'the main line'} any more.</p>
      )}
    </Row>
  );
}
