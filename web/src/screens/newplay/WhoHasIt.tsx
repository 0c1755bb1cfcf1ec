import { PLAYERS, type PlayerId } from '@corkscrew/core';
import styled from 'styled-components';
import { Label } from '../../ui/controls.tsx';

const Balls = styled.div`
  display: flex;
  gap: 6px;
  margin-top: 6px;
  button {
    width: 34px;
    height: 34px;
    @media (pointer: coarse) {
      width: 44px;
      height: 44px;
    }
    border-radius: 50%;
    border: 1.5px solid var(--rule-2);
    background: var(--raised);
    font-weight: 700;
    font-size: 14px;
  }
  button[aria-checked='true'] {
    background: var(--ink);
    color: var(--on-ink);
    border-color: var(--ink);
    box-shadow:
      0 0 0 2px var(--desk),
      0 0 0 4px var(--live);
  }
`;

/** Who starts with the ball. */
export function WhoHasIt({ ball, onChoose }: { ball: PlayerId; onChoose: (ball: PlayerId) => void }) {
  return (
    <div>
      <Label id="who-ball">Who has the ball?</Label>
      <Balls role="radiogroup" aria-labelledby="who-ball">
        {PLAYERS.map((p) => (
          <button
            key={p}
            type="button"
            role="radio"
            aria-checked={ball === p}
            aria-label={`${p} has the ball`}
            onClick={() => onChoose(p)}
          >
            {p}
          </button>
        ))}
      </Balls>
    </div>
  );
}
