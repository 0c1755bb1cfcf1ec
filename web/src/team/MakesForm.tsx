import { levelRecord, openMakes, withMakes, type Level, type OpenMakes } from '@corkscrew/core';
import { Button } from '../ui/controls.tsx';
import { OwnFigure, OwnFigures } from './OwnFigure.tsx';
import { useTeaching } from './team.ts';

const FIELDS: readonly (readonly [keyof OpenMakes, string])[] = [
  ['rim', 'At the rim'],
  ['short', 'From short'],
  ['mid', 'Middle distance'],
  ['three', 'From three'],
];

/** How many of a hundred open shots this team makes: what a look is worth is reckoned from it on every play. */
export function MakesForm({ level, women }: { level: Level; women: boolean }) {
  const { own, save, error } = useTeaching();
  const makes = openMakes(withMakes(levelRecord(level, women), own.makes));
  return (
    <OwnFigures>
      <div className="fields">
        {FIELDS.map(([key, words]) => (
          <OwnFigure
            key={key}
            words={`${words}, open, %`}
            value={makes[key]}
            min={1}
            max={100}
            set={(value) => save({ ...own, makes: { ...own.makes, [key]: value } })}
          />
        ))}
      </div>
      {error && <p role="alert">{error.message}</p>}
      {own.makes && (
        <Button
          style={{ marginTop: 10 }}
          onPress={() => {
            const { makes: _theirs, ...rest } = own;
            save(rest);
          }}
        >
          As most of this level
        </Button>
      )}
    </OwnFigures>
  );
}
