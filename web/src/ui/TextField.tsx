import { useId, useState } from 'react';
import { Area, Input, Label } from './controls.tsx';

interface Props {
  readonly label: string;
  readonly value: string;
  readonly max: number;
  readonly onDone: (value: string) => void;
  readonly area?: boolean;
  readonly placeholder?: string;
  /** What is often meant, offered while typing. */
  readonly among?: readonly string[];
  /** Its label is spoken only, where what is around it says what it is. */
  readonly bare?: boolean;
}

/**
 * A text field that makes one change when it is left, not one a letter. A value that is changed elsewhere, by undo for
 * one, is taken over without the field losing the focus.
 */
export function TextField({
  label,
  value,
  max,
  onDone,
  area = false,
  placeholder,
  among,
  bare = false,
}: Props) {
  const list = useId();
  const [text, setText] = useState(value);
  const [from, setFrom] = useState(value);
  if (from !== value) {
    setFrom(value);
    setText(value);
  }
  const props = {
    dir: 'auto' as const,
    value: text,
    maxLength: max,
    ...(placeholder ? { placeholder } : {}),
    ...(among ? { list } : {}),
    ...(bare ? { 'aria-label': label } : {}),
    onChange: (e: { target: { value: string } }) => setText(e.target.value),
    onBlur: () => text !== value && onDone(text),
    onKeyDown: (e: { key: string }) => e.key === 'Enter' && !area && text !== value && onDone(text),
  };
  return (
    <label className={area ? 'whole' : ''}>
      {!bare && <Label>{label}</Label>}
      {area ? <Area {...props} /> : <Input {...props} />}
      {among && (
        <datalist id={list}>
          {among.map((w) => (
            <option key={w} value={w} />
          ))}
        </datalist>
      )}
    </label>
  );
}
