import { leaves, lineWords, type Play } from '@corkscrew/core';
import { useTeller } from '../team/teller.ts';
import { Choice } from './Choice.tsx';

/** Which ending of a play is meant, where it has more than one; with `all` it may be none of them, said so. */
export function EndingChoice({
  play,
  label,
  leaf,
  all,
  onChange,
}: {
  play: Play;
  label: string;
  leaf: string | undefined;
  all?: string;
  onChange: (leaf: string | null) => void;
}) {
  const t = useTeller(play);
  const ends = leaves(play).map((l) => [l.id, lineWords(play, l.id, t)] as const);
  const gone = leaf !== undefined && !ends.some(([id]) => id === leaf);
  if (ends.length < 2 && !gone) return null;
  return (
    <Choice
      bare
      label={label}
      value={leaf ?? ''}
      options={[
        ...(all === undefined ? [] : [['', all] as const]),
        ...ends,
        ...(gone ? [[leaf, 'An ending that is gone'] as const] : []),
      ]}
      onChange={(id) => onChange(id || null)}
    />
  );
}
