import { teachingFor, type Level, type Teaching } from '@corkscrew/core';
import { Choice, type Options } from '../ui/Choice.tsx';
import { Button } from '../ui/controls.tsx';
import { OwnFigure, OwnFigures } from './OwnFigure.tsx';
import { useTeaching } from './team.ts';

const FIELDS: readonly {
  key: Exclude<keyof Teaching, 'spacing'>;
  words: string;
  min: number;
  max: number;
}[] = [
  { key: 'rebounders', words: 'Sent to the boards', min: 0, max: 5 },
  { key: 'safeties', words: 'Kept back', min: 0, max: 3 },
  { key: 'crowded', words: 'Crowded under, feet', min: 4, max: 20 },
  { key: 'idle', words: 'Stands after, seconds', min: 2, max: 60 },
];

const SPACING: Options<Teaching['spacing']> = [
  ['hold', 'Hold their spots'],
  ['move', 'Nobody stands'],
];

/** What this team teaches where schools differ; the walk-through measures by it on every play. */
export function TeachForm({ level }: { level: Level }) {
  const { own, save, error } = useTeaching();
  const teaching = teachingFor(level, own);
  return (
    <OwnFigures>
      <div className="fields">
        {FIELDS.map(({ key, ...field }) => (
          <OwnFigure
            key={key}
            {...field}
            value={teaching[key]}
            set={(value) => save({ ...own, [key]: value })}
          />
        ))}
        <Choice
          label="Spacers"
          value={teaching.spacing}
          options={SPACING}
          onChange={(spacing) => save({ ...own, spacing })}
        />
      </div>
      {error && <p role="alert">{error.message}</p>}
      {(own.spacing !== undefined || FIELDS.some(({ key }) => own[key] !== undefined)) && (
        <Button style={{ marginTop: 10 }} onPress={() => save(own.makes ? { makes: own.makes } : {})}>
          As most schools do
        </Button>
      )}
    </OwnFigures>
  );
}
