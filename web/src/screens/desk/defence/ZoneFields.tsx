import { alternativesOf, DEFENDERS, PLAYERS, zoneByKey, type Defence } from '@corkscrew/core';
import { Choice } from '../../../ui/Choice.tsx';
import { changeDefence } from './change.ts';

/** A zone's school: what it plays otherwise, and whom its chasers chase. */
export function ZoneFields({ defence }: { defence: Defence }) {
  const table = zoneByKey(defence.zone ?? '2-3') ?? zoneByKey('2-3')!;
  const on = alternativesOf(table, defence.schools ?? []);
  const set = (patch: object) => changeDefence(defence, patch as Partial<Defence>);
  const groups = [...new Set(table.alternatives.map((a) => a.group))];
  return (
    <div className="fields">
      {groups.map((group) => (
        <div className="whole" key={group}>
          <Choice
            label={GROUP_WORDS[group]}
            value={on.find((a) => a.group === group)?.key ?? ''}
            options={[
              ['', 'the usual way'],
              ...table.alternatives.filter((a) => a.group === group).map((a) => [a.key, a.words] as const),
            ]}
            onChange={(key) => {
              const rest = on.filter((a) => a.group !== group).map((a) => a.key);
              const schools = key ? [...rest, key] : rest;
              set({ schools: schools.length > 0 ? schools : undefined });
            }}
          />
        </div>
      ))}
      {table.chasers.map((d) => (
        <Choice
          key={d}
          label={`x${d + 1} chases`}
          value={defence.chases?.[DEFENDERS[d]!] ?? ''}
          options={[['', 'the nearest'], ...PLAYERS.map((p) => [p, p] as const)]}
          onChange={(p) => {
            const { [DEFENDERS[d]!]: _old, ...rest } = defence.chases ?? {};
            const chases = p ? { ...rest, [DEFENDERS[d]!]: p } : rest;
            set({ chases: Object.keys(chases).length > 0 ? chases : undefined });
          }}
        />
      ))}
    </div>
  );
}

const GROUP_WORDS = {
  wing: 'First pass to the wing',
  corner: 'Ball in the corner',
  nail: 'Ball at the high post',
  shape: 'Shape',
} as const;
