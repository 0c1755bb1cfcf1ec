import { LIMITS, type Clearance, type Kept, type Player } from '@corkscrew/core';
import { dayOfMonth } from '../../app/today.ts';
import { Choice } from '../../ui/Choice.tsx';
import { Input, Label } from '../../ui/controls.tsx';
import { TextField } from '../../ui/TextField.tsx';

const LEVELS = [
  ['none', 'Not cleared'],
  ['practice', 'Practice only'],
  ['game', 'Cleared'],
] as const;

/** What a man is cleared for: how far, since when, and what it was seen by. */
export function Cleared({
  man,
  clearances,
  day,
  onChange,
}: {
  man: Player;
  clearances: readonly Kept<Clearance>[];
  day: string;
  onChange: (cleared: Player['cleared']) => void;
}) {
  return (
    <ul className="cleared">
      {clearances.map(({ id, body }) => {
        const has = man.cleared.find((c) => c.clearance === id);
        const rest = man.cleared.filter((c) => c.clearance !== id);
        const set = (more: Partial<Player['cleared'][number]>): void =>
          onChange([...rest, { clearance: id, level: 'game', since: day, ...has, ...more }]);
        return (
          <li key={id}>
            <span aria-hidden="true">{body.name}</span>
            <Choice
              bare
              label={body.name}
              value={has?.level ?? 'none'}
              options={LEVELS}
              onChange={(level) => (level === 'none' ? onChange(rest) : set({ level }))}
            />
            {has && (
              <details>
                <summary>
                  {[`since ${dayOfMonth(has.since)}`, has.evidence].filter(Boolean).join(', ')}
                </summary>
                <div className="two">
                  <label>
                    <Label>Since</Label>
                    <Input
                      type="date"
                      aria-label={`${body.name}: since`}
                      value={has.since}
                      onChange={(e) => e.target.value && set({ since: e.target.value })}
                    />
                  </label>
                  <TextField
                    label="Seen by"
                    value={has.evidence ?? ''}
                    max={LIMITS.line}
                    placeholder="10 clean live, 24 Nov"
                    onDone={(evidence) => {
                      const { evidence: _was, ...bare } = has;
                      onChange([...rest, evidence.trim() ? { ...bare, evidence: evidence.trim() } : bare]);
                    }}
                  />
                </div>
              </details>
            )}
          </li>
        );
      })}
    </ul>
  );
}
