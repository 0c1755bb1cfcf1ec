import type { CellState } from '@corkscrew/core';
import styled from 'styled-components';

const Svg = styled.svg`
  display: block;
  .disc {
    fill: var(--ink);
    stroke: var(--ink);
  }
  .tick {
    fill: none;
    stroke: var(--on-ink);
  }
  .half {
    fill: none;
    stroke: var(--ink);
  }
  .hole {
    fill: none;
    stroke: var(--gap);
  }
  .dash {
    stroke: var(--ink-3);
  }
`;

/** Full disc with tick, half disc, broken ring, dash. */
export function Mark({ state, size = 18 }: { state: CellState; size?: number }) {
  return (
    <Svg width={size} height={size} viewBox="0 0 18 18" aria-hidden="true" data-state={state}>
      {state === 'answered' && (
        <>
          <circle className="disc" cx="9" cy="9" r="7.5" />
          <path className="tick" d="M5.6 9.2l2.4 2.5 4.6-5" strokeWidth="1.9" />
        </>
      )}
      {state === 'contested' && (
        <>
          <path className="disc" d="M9 1.5a7.5 7.5 0 0 0 0 15z" />
          <circle className="half" cx="9" cy="9" r="7.3" strokeWidth="1.4" />
        </>
      )}
      {state === 'hole' && (
        <circle className="hole" cx="9" cy="9" r="7" strokeWidth="2" strokeDasharray="4.2 3.1" />
      )}
      {state === 'never' && <path className="dash" d="M5.5 5.5l7 7M12.5 5.5l-7 7" strokeWidth="1.4" />}
      {state === 'cant' && <path className="dash" d="M6 9h6" strokeWidth="1.6" />}
    </Svg>
  );
}
