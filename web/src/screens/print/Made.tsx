import { PAPER_DAYS, type PaperRow } from '@corkscrew/core';
import { Download, Trash2, X } from 'lucide-react';
import { IconButton } from '../../ui/IconButton.tsx';
import { fileAt, type usePrinting } from './papers.ts';

const STATES: Readonly<Record<Exclude<PaperRow['state'], 'done' | 'failed'>, string>> = {
  waiting: 'Waiting',
  working: 'Being made',
  cancelled: 'Stopped',
};
const size = (bytes: number): string =>
  bytes < 1_000_000 ? `${Math.max(1, Math.round(bytes / 1000))} kB` : `${(bytes / 1_000_000).toFixed(1)} MB`;

/** What was made lately: how far it is, and the file. */
export function Made({
  rows,
  printing,
}: {
  rows: readonly PaperRow[];
  printing: ReturnType<typeof usePrinting>;
}) {
  if (rows.length === 0) return <p className="note">What you make stands here for {PAPER_DAYS} days.</p>;
  return (
    <ul className="made" aria-label="Made lately">
      {rows.map((r) => {
        const open = r.state === 'waiting' || r.state === 'working';
        return (
          <li key={r.id} data-state={r.state} aria-busy={open}>
            <b dir="auto">{r.title}</b>
            {r.state === 'working' && r.of > 0 ? (
              <progress value={r.done} max={r.of} aria-label={`${r.done} of ${r.of}`} />
            ) : (
              <small>
                {r.state === 'done'
                  ? `${size(r.bytes)}, ${new Date(r.createdAt).toLocaleString('en-GB', { day: 'numeric', month: 'short', hour: '2-digit', minute: '2-digit' })}`
                  : r.state === 'failed'
                    ? r.fault
                    : STATES[r.state]}
              </small>
            )}
            {r.state === 'done' && (
              <a href={fileAt(r.id)} download aria-label={`Save ${r.title}`}>
                <Download size={17} />
              </a>
            )}
            {open ? (
              <IconButton aria-label={`Stop ${r.title}`} onPress={() => printing.cancel.mutate(r.id)}>
                <X size={16} />
              </IconButton>
            ) : (
              <IconButton aria-label={`Throw away ${r.title}`} onPress={() => printing.remove.mutate(r.id)}>
                <Trash2 size={15} />
              </IconButton>
            )}
          </li>
        );
      })}
    </ul>
  );
}
