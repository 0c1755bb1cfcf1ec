import { LIMITS, type WordEntry } from '@corkscrew/core';
import { TextField } from '../../ui/TextField.tsx';
import { SignalPicker } from './SignalPicker.tsx';

/** What was come for from elsewhere is in sight. */
const intoView = (row: HTMLTableRowElement | null): void => row?.scrollIntoView({ block: 'nearest' });

/** A line of the list: the plain word, ours, its signal, and where it is used or that it clashes. */
export function WordRow({
  entry: e,
  chosen,
  uses,
  clash,
  onChoose,
  onCall,
  onMeans,
  onSign,
}: {
  entry: WordEntry;
  chosen: boolean;
  uses: number | null;
  clash: boolean;
  onChoose: () => void;
  onCall: (word: string) => void;
  onMeans: (means: string) => void;
  onSign: (signal: { figure: string; words: string }) => void;
}) {
  return (
    <tr
      ref={chosen ? intoView : undefined}
      data-chosen={chosen || undefined}
      // From row to row; a focus that comes back from a dialog chooses nothing.
      onFocus={(on) => on.currentTarget.closest('table')?.contains(on.relatedTarget) && onChoose()}
      onPointerDown={onChoose}
    >
      <td dir="auto">
        {e.group === 'own' ? (
          <TextField bare label={`What ${e.ours} means`} value={e.plain} max={LIMITS.line} onDone={onMeans} />
        ) : (
          e.plain
        )}
      </td>
      <td>
        <TextField
          bare
          label={`Our word for ${e.plain}`}
          value={e.ours}
          max={LIMITS.name}
          placeholder="same"
          onDone={onCall}
        />
      </td>
      <td className="signal">
        <SignalPicker
          label={`Signal for ${e.ours || e.plain}`}
          figure={e.figure}
          words={e.signal}
          onChange={onSign}
        />
      </td>
      <td className="used">
        {clash ? (
          <span className="clash">clashes</span>
        ) : uses === null ? (
          ''
        ) : uses === 1 ? (
          '1 play'
        ) : (
          `${uses} plays`
        )}
      </td>
    </tr>
  );
}
