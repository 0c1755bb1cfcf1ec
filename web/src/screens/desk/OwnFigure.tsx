import styled from 'styled-components';
import { Input, Label } from '../../ui/controls.tsx';

/** A fold of figures that are the team's own. */
export const OwnFigures = styled.details`
  margin-top: 10px;
  summary {
    cursor: default;
    color: var(--ink-2);
    font-size: 12.5px;
  }
  .fields {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 10px;
    margin-top: 10px;
  }
  label {
    display: grid;
    gap: 5px;
  }
`;

/** One of them: taken over when the field is left, if it is within its bounds. */
export function OwnFigure({
  words,
  value,
  min,
  max,
  set,
}: {
  words: string;
  value: number;
  min: number;
  max: number;
  set: (value: number) => void;
}) {
  return (
    <label>
      <Label>{words}</Label>
      <Input
        key={value}
        type="number"
        inputMode="numeric"
        min={min}
        max={max}
        defaultValue={value}
        onBlur={(e) => {
          const text = e.target.value.trim();
          const now = Number(text);
          if (text !== '' && now !== value && now >= min && now <= max) set(now);
        }}
        onKeyDown={(e) => e.key === 'Enter' && e.currentTarget.blur()}
      />
    </label>
  );
}
