import { useState } from 'react';
import { Input, Label } from './controls.tsx';

/** A whole number that makes one change when it is left; empty is none, what is out of its range comes back to it. */
export function NumberField({
  label,
  value,
  min,
  max,
  onDone,
}: {
  label: string;
  value: number | undefined;
  min: number;
  max: number;
  onDone: (value: number | undefined) => void;
}) {
  const shown = value === undefined ? '' : String(value);
  const [text, setText] = useState(shown);
  const [from, setFrom] = useState(shown);
  if (from !== shown) {
    setFrom(shown);
    setText(shown);
  }
  const leave = (): void => {
    if (text === shown) return;
    const n = Math.round(Number(text));
    if (text.trim() === '') onDone(undefined);
    else if (Number.isFinite(n)) onDone(Math.min(max, Math.max(min, n)));
    setText(shown);
  };
  return (
    <label>
      <Label>{label}</Label>
      <Input
        inputMode="numeric"
        type="number"
        min={min}
        max={max}
        value={text}
        onChange={(e) => setText(e.target.value)}
        onBlur={leave}
        onKeyDown={(e) => e.key === 'Enter' && leave()}
      />
    </label>
  );
}
