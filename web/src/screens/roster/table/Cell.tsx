import { playerRows, presenceOn, type Player } from '@corkscrew/core';
import { useState, type KeyboardEvent } from 'react';
import { Choice } from '../../../ui/Choice.tsx';
import { HANDS, speedsWith, THERE, withPresence } from '../choices.ts';
import { TODAY } from './features.ts';

/** One cell of the table of players, written where it stands. */
export function Cell({
  column,
  label,
  man,
  day,
  onSay,
  onChange,
}: {
  column: string;
  label: string;
  man: Player;
  day: string;
  /** Takes in what was written; false when it can't be read. */
  onSay: (said: string) => boolean;
  onChange: (man: Player) => void;
}) {
  const name = `${label} of ${man.name}`;
  if (column === TODAY)
    return (
      <Choice
        bare
        label={name}
        value={presenceOn(man, day)}
        options={THERE}
        onChange={(as) => onChange(withPresence(man, day, as))}
      />
    );
  if (column === 'hand')
    return (
      <Choice
        bare
        label={name}
        value={man.hand}
        options={HANDS}
        onChange={(hand) => onChange({ ...man, hand })}
      />
    );
  if (column === 'speed')
    return (
      <Choice
        bare
        label={name}
        value={String(man.speed)}
        options={speedsWith(man.speed)}
        onChange={(speed) => onChange({ ...man, speed: Number(speed) })}
      />
    );
  return <Written label={name} value={playerRows([man])[0]![column] ?? ''} onSay={onSay} />;
}

/** Up and down, and Enter, go on in the column; Escape takes back what was written. */
function Written({
  label,
  value,
  onSay,
}: {
  label: string;
  value: string;
  onSay: (said: string) => boolean;
}) {
  const [text, setText] = useState(value);
  const [from, setFrom] = useState(value);
  if (from !== value) {
    setFrom(value);
    setText(value);
  }
  const leave = (): void => {
    if (text.trim() !== value && !onSay(text)) setText(value);
  };
  const go = (e: KeyboardEvent<HTMLInputElement>): void => {
    const step = { ArrowDown: 1, Enter: 1, ArrowUp: -1 }[e.key];
    if (e.key === 'Escape') setText(value);
    if (step === undefined) return;
    e.preventDefault();
    const row = e.currentTarget.closest('tr')!;
    const at = e.currentTarget.closest('td')!.cellIndex;
    const to = (step > 0 ? row.nextElementSibling : row.previousElementSibling) as HTMLTableRowElement | null;
    const next = to?.cells[at]?.querySelector('input');
    if (next) next.focus();
    else leave();
  };
  return (
    <input
      aria-label={label}
      dir="auto"
      value={text}
      onChange={(e) => setText(e.target.value)}
      onFocus={(e) => e.currentTarget.select()}
      onBlur={leave}
      onKeyDown={go}
    />
  );
}
