import styled from 'styled-components';
import { Input, Label } from '../ui/controls.tsx';

/** Figures that are the team's own. */
export const OwnFigures = styled.div`
  .fields {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(160px, 1fr));
    gap: 10px;
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
