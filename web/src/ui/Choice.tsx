import { RULE_SETS, type Level, type RuleSetKey } from '@corkscrew/core';
import { Label, Select } from './controls.tsx';

/** What can be chosen: the key kept, and the words read. */
export type Options<T extends string> = readonly (readonly [T, string])[];

/** One of a few, with its label above it, or only spoken where the words around it say what it is. */
export function Choice<T extends string>({
  label,
  value,
  options,
  onChange,
  bare = false,
}: {
  label: string;
  value: T;
  options: Options<T>;
  onChange: (value: T) => void;
  bare?: boolean;
}) {
  const select = (
    <Select
      value={value}
      {...(bare ? { 'aria-label': label } : {})}
      onChange={(e) => onChange(e.target.value as T)}
    >
      {options.map(([key, words]) => (
        <option key={key} value={key}>
          {words}
        </option>
      ))}
    </Select>
  );
  if (bare) return select;
  return (
    <label>
      <Label>{label}</Label>
      {select}
    </label>
  );
}

/** Options whose words are their keys. */
export const plain = <T extends string>(keys: readonly T[]): Options<T> => keys.map((k) => [k, k] as const);

export const LEVEL_WORDS: Readonly<Record<Level, string>> = {
  youth: 'Youth',
  highSchool: 'High school',
  college: 'College',
  pro: 'Professional',
};
export const LEVEL_OPTIONS = Object.entries(LEVEL_WORDS) as [Level, string][];

/** Whose speeds, passes and reactions are reckoned with. */
export const WOMEN_OPTIONS: Options<'men' | 'women'> = [
  ['men', 'Men and boys'],
  ['women', 'Women and girls'],
];

/** Whose rules draw the floor. */
export const COURT_OPTIONS = Object.values(RULE_SETS).map((r) => [r.key, r.name]) as [RuleSetKey, string][];
