import type { Player } from '@corkscrew/core';
import { X } from 'lucide-react';
import { useState } from 'react';
import { Choice } from '../../ui/Choice.tsx';
import { Button, Input, Label, Sign } from '../../ui/controls.tsx';

const AS = [
  ['out', 'Out'],
  ['limited', 'Limited'],
] as const;
type Absence = Player['out'][number];

/** When a man is away or spared, by days. Why is never kept: who may come back, medical staff say. */
export function Away({
  man,
  day,
  onChange,
}: {
  man: Player;
  day: string;
  onChange: (out: Player['out']) => void;
}) {
  const [wrong, setWrong] = useState<string | null>(null);
  const set = (i: number, next: Absence): void => {
    const backward = next.to !== undefined && next.to < next.from;
    setWrong(backward ? `It can’t be over on ${next.to} before it begins on ${next.from}.` : null);
    if (!backward) onChange(man.out.map((o, k) => (k === i ? next : o)));
  };
  return (
    <details className="away">
      <summary>
        Away or spared:{' '}
        {man.out.length === 0 ? 'never yet' : man.out.length === 1 ? 'once' : `${man.out.length} times`}
      </summary>
      <ul>
        {man.out.map((o, i) => (
          <li key={i}>
            <label>
              <Label>From</Label>
              <Input
                type="date"
                value={o.from}
                onChange={(e) => e.target.value && set(i, { ...o, from: e.target.value })}
              />
            </label>
            <label>
              <Label>To, if known</Label>
              <Input
                type="date"
                value={o.to ?? ''}
                onChange={(e) => {
                  const { to: _was, ...open } = o;
                  set(i, e.target.value ? { ...open, to: e.target.value } : open);
                }}
              />
            </label>
            <Choice label="As" value={o.as} options={AS} onChange={(as) => set(i, { ...o, as })} />
            <Sign
              aria-label={`Take away ${o.from}`}
              onPress={() => onChange(man.out.filter((_, k) => k !== i))}
            >
              <X size={14} />
            </Sign>
          </li>
        ))}
      </ul>
      {wrong && <p role="alert">{wrong}</p>}
      <Button onPress={() => onChange([...man.out, { from: day, to: day, as: 'out' }])}>Another time</Button>
    </details>
  );
}
