import {
  DEFENDERS,
  nearestSpot,
  opennessAt,
  PLAYERS,
  type Against,
  type Court,
  type Openness,
  type PassSeen,
  tell,
  spotSaid,
} from '@corkscrew/core';

/** Their men by what they are called, where the core has their index; nobody is left out. */
type Named<T> = Omit<T, 'nearest' | 'by' | 'laneMan'> & {
  readonly nearest?: string;
  readonly by?: string | number;
  readonly laneMan?: string;
};
const called = (index: number): string | undefined => DEFENDERS[index];

/** One instant at which the ball decides, and how open each man is then. */
interface InstantSeen {
  readonly t: number;
  readonly holder: string;
  readonly players: readonly (Named<Omit<Openness, 'player'>> & {
    readonly player: string;
    readonly at: string;
  })[];
  readonly soft: readonly { readonly spot: string; readonly late: number }[];
}
/** What a line shows against a defence, for text and JSON alike. */
export interface SeenReport {
  readonly defence: string;
  readonly notes: readonly string[];
  readonly instants: readonly InstantSeen[];
  readonly passes: readonly Named<PassSeen>[];
  readonly windows: readonly {
    readonly player: string;
    readonly from: number;
    readonly to: number;
    readonly worth: number;
  }[];
  readonly splits: readonly {
    readonly defender: string;
    readonly players: readonly [string, string];
    readonly from: number;
    readonly to: number;
    readonly late: readonly [number, number];
    readonly grade: string;
  }[];
}

function named(men: Readonly<Record<string, number>>): Record<string, string> {
  return Object.fromEntries(
    Object.entries(men).flatMap(([key, index]) => (called(index) ? [[key, called(index)!]] : [])),
  );
}

export function seenReport(against: Against, court: Court): SeenReport {
  const { defence, notes, defended, seeing } = against;
  const { rails } = defended;
  return {
    defence: defence.name,
    notes: notes.map((n) => tell(n)),
    instants: seeing.instants.map((i) => {
      const k = Math.round(i.t / rails.dt);
      return {
        t: i.t,
        holder: i.holder,
        players: PLAYERS.map((player, j) => {
          const { player: _index, nearest, by, laneMan, ...o } = opennessAt(defended, k, j);
          const at = nearestSpot(court, { x: rails.x[k * 5 + j]!, y: rails.y[k * 5 + j]! }).spot.words;
          return { ...o, ...named({ nearest, by, laneMan }), player, at };
        }),
        soft: i.soft.slice(0, 4).map((s) => ({ spot: spotSaid(s.spot), late: s.late })),
      };
    }),
    passes: seeing.passes.map(({ laneMan, ...p }) => ({ ...p, ...named({ laneMan }) })),
    windows: seeing.windows.map((w) => ({ player: w.player, from: w.from, to: w.to, worth: w.best.value })),
    splits: seeing.splits.map(({ from, to, split }) => ({
      defender: `x${split.defender + 1}`,
      players: [PLAYERS[split.players[0]]!, PLAYERS[split.players[1]]!],
      from,
      to,
      late: split.late,
      grade: split.grade,
    })),
  };
}

/** The same as lines of text. */
export function seenText(r: SeenReport, zone: boolean): string[] {
  return [
    `  Against ${r.defence}:`,
    ...r.notes.map((n) => `    ${n}`),
    ...r.instants.flatMap((i) => [
      `    ${i.t.toFixed(1)} s, ball with ${i.holder}${zone && i.soft.length > 0 ? `; soft: ${i.soft.map((s) => `${s.spot} ${Math.max(0, s.late).toFixed(2)} s`).join(', ')}` : ''}`,
      ...i.players.map((o) => `      ${playerText(o)}`),
    ]),
    ...r.passes.map((p) => `    pass ${passText(p)}`),
    ...r.windows.map(
      (w) =>
        `    open ${w.player} from ${w.from.toFixed(2)} to ${w.to.toFixed(2)} s, worth ${w.worth.toFixed(2)} at best`,
    ),
    ...r.splits.map(
      (s) =>
        `    split ${s.defender} between ${s.players.join(' and ')} from ${s.from.toFixed(1)} to ${s.to.toFixed(1)} s, late by ${s.late.map((l) => l.toFixed(2)).join(' and ')} s (${s.grade})`,
    ),
  ];
}

function playerText(o: InstantSeen['players'][number]): string {
  const head = `${o.player} ${o.at.padEnd(18)}`;
  if (o.margin === -Infinity) return head.trimEnd();
  const feet = `${Math.min(10, o.jumper).toFixed(1)}${o.jumper >= 10 ? '+' : ''} ft`.padStart(8);
  const lane =
    o.margin === Infinity
      ? 'has the ball'
      : o.margin < 0
        ? `${o.laneMan} in the lane`
        : `lane clear by ${o.margin.toFixed(2)} s`;
  return `${head} ${o.by ?? '  '} ${feet}  ${lane.padEnd(22)}  worth ${o.value.toFixed(2)}${o.open ? '  open' : ''}`;
}

function passText(p: Named<PassSeen>): string {
  const lane =
    p.margin < 0 ? `${p.laneMan} in the lane` : `lane clear by ${Math.min(9.9, p.margin).toFixed(2)} s`;
  const window = p.window ? ` (free ${p.window.from.toFixed(2)} to ${p.window.to.toFixed(2)} s)` : '';
  const when =
    p.verdict === 'in'
      ? 'in time'
      : p.verdict === 'never'
        ? 'never free'
        : `${Number(p.by).toFixed(2)} s ${p.verdict}`;
  return `${p.passer} to ${p.receiver} at ${p.at.toFixed(2)} s: ${lane}, ${when}${window}`;
}
