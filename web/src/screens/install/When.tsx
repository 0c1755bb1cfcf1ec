import { Input, Label } from '../../ui/controls.tsx';

/** A day and the hour it begins, of a practice or a game; what is emptied stays as it was. */
export function When({
  date,
  start,
  onChange,
}: {
  date: string;
  start: string;
  onChange: (change: { readonly date: string } | { readonly start: string }) => void;
}) {
  return (
    <>
      <label>
        <Label>Date</Label>
        <Input
          type="date"
          value={date}
          onChange={(e) => e.target.value && onChange({ date: e.target.value })}
        />
      </label>
      <label>
        <Label>Start</Label>
        <Input
          type="time"
          value={start}
          onChange={(e) => e.target.value && onChange({ start: e.target.value })}
        />
      </label>
    </>
  );
}
