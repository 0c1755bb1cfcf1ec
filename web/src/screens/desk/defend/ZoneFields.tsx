import { DEFENDERS, zoneByKey, type Defence } from '@corkscrew/core';
import { SchoolFields } from '../../../ui/ZoneSchools.tsx';
import { changeDefence } from './change.ts';

/** A zone's school: what it plays otherwise, and whom its chasers chase. */
export function ZoneFields({ defence }: { defence: Defence }) {
  const table = zoneByKey(defence.zone ?? '2-3') ?? zoneByKey('2-3')!;
  const set = (patch: object) => changeDefence(defence, patch as Partial<Defence>);
  return (
    <div className="fields">
      <SchoolFields
        table={table}
        schools={defence.schools ?? []}
        onSchools={(schools) => set({ schools: schools.length > 0 ? schools : undefined })}
        chases={DEFENDERS.map((x) => defence.chases?.[x] ?? '')}
        onChase={(d, player) => {
          const { [DEFENDERS[d]!]: _old, ...rest } = defence.chases ?? {};
          const chases = player ? { ...rest, [DEFENDERS[d]!]: player } : rest;
          set({ chases: Object.keys(chases).length > 0 ? chases : undefined });
        }}
      />
    </div>
  );
}
