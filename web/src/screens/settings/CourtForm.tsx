import {
  COURT_RANGES,
  courtFor,
  feetIn,
  LIMITS,
  MEASURE_WORDS,
  RULE_SETS,
  within,
  type CustomCourt,
  type RuleSetKey,
} from '@corkscrew/core';
import { floorItems, sceneSize, type Scale } from '@corkscrew/diagram';
import { useState } from 'react';
import { Picture } from '../../floor/SceneSvg.tsx';
import { Choice, COURT_OPTIONS } from '../../ui/Choice.tsx';
import { Button, Input, Label } from '../../ui/controls.tsx';
import { TextField } from '../../ui/TextField.tsx';

const SMALL: Scale = { ppf: 4.2, mark: 0.7, margin: 1.5, depth: 33 };

const OURS: CustomCourt = { base: 'nfhs', name: 'Our floor', changes: {} };

interface Props {
  readonly court: CustomCourt | undefined;
  /** From the floor as it was last said, which may be newer than what is shown. */
  readonly onChange: (next: (court: CustomCourt | undefined) => CustomCourt) => void;
  readonly onDrop: () => void;
}

/** A floor made from a rule set: which lines are elsewhere, in its own units, with a picture of it. */
export function CourtForm({ court, onChange, onDrop }: Props) {
  if (!court) return <Button onPress={() => onChange((now) => now ?? OURS)}>Make one</Button>;
  const base = RULE_SETS[court.base];
  const now = courtFor({ court: 'custom', customCourt: court });
  const usual = (key: string): number | undefined =>
    key === 'restrictedRadius' ? base.restrictedRadius?.ft : base.measures[key as 'width']?.ft;
  const set = (key: string, feet: number | null) => {
    onChange((last = court) => {
      const { [key as 'width']: _old, ...rest } = last.changes ?? {};
      return { ...last, changes: feet === null ? rest : { ...rest, [key]: feet } };
    });
  };
  return (
    <div
      style={{ display: 'grid', gridTemplateColumns: 'minmax(0, 1fr) 230px', gap: 20 }}
      className="own-floor"
    >
      <div style={{ display: 'grid', gap: 12, alignContent: 'start' }}>
        <div className="fields">
          <TextField
            label="Name"
            value={court.name ?? ''}
            max={LIMITS.name}
            onDone={(name) => onChange((last = court) => ({ ...last, name }))}
          />
          <Choice
            label="Made from"
            value={court.base}
            options={COURT_OPTIONS}
            onChange={(key: RuleSetKey) => onChange((last = court) => ({ ...last, base: key, changes: {} }))}
          />
        </div>
        <div className="fields">
          {Object.keys(MEASURE_WORDS).map((key) => (
            <MeasureField
              key={`${court.base} ${key}`}
              words={`${MEASURE_WORDS[key]!}, ${base.units === 'feet' ? 'ft' : 'm'}`}
              feet={court.changes?.[key as 'width'] ?? usual(key)}
              changed={court.changes?.[key as 'width'] !== undefined}
              units={base.units}
              range={COURT_RANGES[key]!}
              onSet={(feet) => set(key, feet)}
            />
          ))}
        </div>
        <div>
          <Button onPress={onDrop}>Take our own floor away</Button>
        </div>
      </div>
      <div style={{ border: '1px solid var(--rule)', alignSelf: 'start' }}>
        <Picture scene={{ ...sceneSize(SMALL), items: floorItems(now, SMALL, true) }} />
      </div>
    </div>
  );
}

/** One measure, in feet or metres; empty is as the rule set has it. */
function MeasureField({
  words,
  feet,
  changed,
  units,
  range,
  onSet,
}: {
  words: string;
  feet: number | undefined;
  changed: boolean;
  units: 'feet' | 'metres';
  range: { readonly min: number; readonly max: number };
  onSet: (feet: number | null) => void;
}) {
  const shown = feet === undefined ? '' : String(Math.round(feetIn(feet, units) * 100) / 100);
  const [refused, setRefused] = useState('');
  const say = (v: number) => `${Math.round(feetIn(v, units) * 10) / 10}`;
  return (
    <label>
      <Label>{words}</Label>
      <Input
        key={shown}
        inputMode="decimal"
        defaultValue={shown}
        style={changed ? { fontWeight: 700 } : {}}
        aria-invalid={refused !== ''}
        onBlur={(e) => {
          const text = e.target.value.trim().replace(',', '.');
          if (text === shown) return setRefused('');
          if (text === '') {
            setRefused('');
            return onSet(null);
          }
          const value = Number(text) / feetIn(1, units);
          if (!Number.isFinite(value) || !within(value, range))
            return setRefused(`From ${say(range.min)} to ${say(range.max)}.`);
          setRefused('');
          onSet(value);
        }}
        onKeyDown={(e) => e.key === 'Enter' && e.currentTarget.blur()}
      />
      {refused && <span role="alert">{refused}</span>}
    </label>
  );
}
