import { alternativesOf, DEFENDERS, PLAYERS, type PlayerId, type ZoneTable } from '@corkscrew/core';
import { Choice } from './Choice.tsx';

const GROUPS = {
  wing: 'First pass to the wing',
  corner: 'Ball in the corner',
  nail: 'Ball at the high post',
  shape: 'Shape',
} as const;

/** How a zone is played otherwise, and whom its chasers chase; `chases` by defender, '' is the nearest. */
export function SchoolFields({
  table,
  schools,
  onSchools,
  chases,
  onChase,
}: {
  table: ZoneTable;
  schools: readonly string[];
  onSchools: (schools: string[]) => void;
  chases: readonly (PlayerId | '')[];
  onChase: (defender: number, player: PlayerId | '') => void;
}) {
  const on = alternativesOf(table, schools);
  return (
    <>
      {[...new Set(table.alternatives.map((a) => a.group))].map((group) => (
        <div className="whole" key={group}>
          <Choice
            label={GROUPS[group]}
            value={on.find((a) => a.group === group)?.key ?? ''}
            options={[
              ['', 'the usual way'],
              ...table.alternatives.filter((a) => a.group === group).map((a) => [a.key, a.words] as const),
            ]}
            onChange={(key) => {
              const rest = on.filter((a) => a.group !== group).map((a) => a.key);
              onSchools(key ? [...rest, key] : rest);
            }}
          />
        </div>
      ))}
      {table.chasers.map((d) => (
        <Choice
          key={d}
          label={`${DEFENDERS[d]!} chases`}
          value={chases[d] ?? ''}
          options={[['', 'the nearest'] as const, ...PLAYERS.map((p) => [p, p] as const)]}
          onChange={(p) => onChase(d, p)}
        />
      ))}
    </>
  );
}
