import { PLAYERS, type AgainstView } from '@corkscrew/core';
import { ROW, top, xOf } from './scale.ts';

/** When each is open, as a bar along the top of his stave; a pass that misses its window has a bracket of its own. */
export function Windows({ against, zoom, stale }: { against: AgainstView; zoom: number; stale: boolean }) {
  const { windows, passes } = against.seeing;
  return (
    <g aria-hidden="true" pointerEvents="none" opacity={stale ? 0.45 : 1} data-testid="windows">
      {windows.map((w) => {
        const y = top(PLAYERS.indexOf(w.player)) + 2.6;
        return (
          <rect
            key={`${w.player}${w.from}`}
            x={xOf(zoom, w.from)}
            y={y - 1.4}
            width={Math.max(3, (w.to - w.from) * zoom)}
            height={3.4}
            fill="var(--def)"
          />
        );
      })}
      {passes.map((p) => {
        if (!p.window || !p.costs) return null;
        const row = PLAYERS.indexOf(p.receiver);
        const [a, b] = [xOf(zoom, p.window.from), xOf(zoom, p.window.to)];
        const y = top(row) + ROW - 6;
        return (
          <path
            key={p.action}
            d={`M${a} ${y - 4}V${y}H${b}V${y - 4}`}
            fill="none"
            stroke="var(--gap)"
            strokeWidth={1.6}
            strokeDasharray="3 2"
          />
        );
      })}
    </g>
  );
}

/** The same said aloud for one stave. */
export function windowWords(against: AgainstView | null, row: number): string {
  const spans = (against?.seeing.windows ?? [])
    .filter((w) => w.player === PLAYERS[row])
    .map((w) => `${w.from.toFixed(1)} to ${w.to.toFixed(1)}`);
  return spans.length > 0 ? `, open from ${spans.join(' and from ')} seconds` : '';
}
