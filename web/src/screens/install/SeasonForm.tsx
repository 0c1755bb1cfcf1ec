import {
  RECORD_LIMITS,
  SEASON_LIMITS,
  addDays,
  mondayOf,
  weekdayOf,
  type Kept,
  type Practice,
  type Season,
  type Weekly,
} from '@corkscrew/core';
import { Plus, X } from 'lucide-react';
import { nanoid } from 'nanoid';
import { useState } from 'react';
import { Choice, type Options } from '../../ui/Choice.tsx';
import { Button, Input, Label, MainButton, Sign } from '../../ui/controls.tsx';
import { NumberField } from '../../ui/NumberField.tsx';
import { TextField } from '../../ui/TextField.tsx';

const DAYS: Options<string> = [
  ['0', 'Monday'],
  ['1', 'Tuesday'],
  ['2', 'Wednesday'],
  ['3', 'Thursday'],
  ['4', 'Friday'],
  ['5', 'Saturday'],
  ['6', 'Sunday'],
];
export const newSeason = (today: string): Season => ({
  name: 'This season',
  from: mondayOf(today),
  to: addDays(mondayOf(today), 12 * 7 - 1),
  timeZone: Intl.DateTimeFormat().resolvedOptions().timeZone,
  weekly: [],
  expectations: [],
});
const USUAL: Weekly = { weekday: 0, start: '18:00', minutes: 90 };
/** What a practice begins with, whatever else is in it. */
const WARM_UP = { item: { is: 'other', name: 'Warm-up' }, stage: 'guided', minutes: 12 } as const;

/** Practices a season's weekly days make from a day on, where none stands on that day at that hour yet. */
function practicesFrom(season: Season, from: string, there: readonly Kept<Practice>[]): Kept<Practice>[] {
  const taken = new Set(there.map((p) => `${p.body.date} ${p.body.start}`));
  const made: Kept<Practice>[] = [];
  for (let day = from < season.from ? season.from : from; day <= season.to; day = addDays(day, 1))
    for (const { weekday, start, minutes, place } of season.weekly) {
      if (weekday !== weekdayOf(day) || taken.has(`${day} ${start}`)) continue;
      const warmUp = { ...WARM_UP, id: nanoid(8), minutes: Math.min(WARM_UP.minutes, minutes) };
      made.push({
        id: nanoid(12),
        body: { date: day, start, minutes, ...(place ? { place } : {}), absent: [], blocks: [warmUp] },
      });
    }
  return made;
}

/** The season: from when to when, on which days, and what the team holds itself to. */
export function SeasonForm({
  season,
  today,
  practices,
  onChange,
  onMake,
  onClose,
}: {
  season: Season;
  today: string;
  practices: readonly Kept<Practice>[];
  onChange: (season: Season) => void;
  onMake: (made: readonly Kept<Practice>[]) => void;
  onClose: () => void;
}) {
  const [told, setTold] = useState('');
  const set = (change: Partial<Season>): void => onChange({ ...season, ...change });
  const day = (i: number, change: Partial<Weekly>): void =>
    set({ weekly: season.weekly.map((w, k) => (k === i ? { ...w, ...change } : w)) });
  const backwards = season.to < season.from;
  const long = addDays(season.from, SEASON_LIMITS.weeks * 7) < season.to;
  const figure = (
    label: string,
    key: 'newEach' | 'memory' | 'liveMinutes' | 'liveClean' | 'contactDay' | 'contactWeek',
    max: number,
    min = 1,
  ) => (
    <NumberField
      label={label}
      value={season[key]}
      min={min}
      max={max}
      onDone={(n) => {
        const { [key]: was, ...rest } = season;
        void was;
        onChange(n === undefined ? (rest as Season) : { ...season, [key]: n });
      }}
    />
  );
  return (
    <section aria-label="Season">
      <div className="head">
        <h2>Season and practice days</h2>
        <Sign aria-label="Close" onPress={onClose}>
          <X size={16} />
        </Sign>
      </div>
      <div className="fields">
        <TextField label="Name" value={season.name} max={80} onDone={(name) => name && set({ name })} />
        <div className="pair">
          <label>
            <Label>From</Label>
            <Input
              type="date"
              value={season.from}
              onChange={(e) => e.target.value && set({ from: e.target.value })}
            />
          </label>
          <label>
            <Label>To</Label>
            <Input
              type="date"
              value={season.to}
              onChange={(e) => e.target.value && set({ to: e.target.value })}
            />
          </label>
        </div>
        {backwards && <p className="gap">It ends before it begins. Set the later day last.</p>}
        {long && (
          <p className="gap">That is more than {SEASON_LIMITS.weeks} weeks. Make two seasons of it.</p>
        )}
        <Label>Practice days of a week</Label>
        {season.weekly.map((w, i) => (
          <div key={i} className="pair">
            <Choice
              bare
              label="Day"
              value={String(w.weekday)}
              options={DAYS}
              onChange={(d) => day(i, { weekday: Number(d) })}
            />
            <Input
              aria-label="Start"
              type="time"
              value={w.start}
              onChange={(e) => e.target.value && day(i, { start: e.target.value })}
            />
            <NumberField
              label="Minutes"
              value={w.minutes}
              min={SEASON_LIMITS.least}
              max={SEASON_LIMITS.minutes}
              onDone={(minutes) => minutes !== undefined && day(i, { minutes })}
            />
            <Button onPress={() => set({ weekly: season.weekly.filter((_, k) => k !== i) })}>
              Take it out
            </Button>
          </div>
        ))}
        <div className="row">
          <Button
            isDisabled={season.weekly.length >= SEASON_LIMITS.days}
            onPress={() => {
              const last = season.weekly.at(-1) ?? { ...USUAL, weekday: -2 };
              set({ weekly: [...season.weekly, { ...last, weekday: (last.weekday + 2) % 7 }] });
            }}
          >
            <Plus size={14} /> Practice day
          </Button>
          <MainButton
            isDisabled={season.weekly.length === 0 || backwards || long}
            onPress={() => {
              const made = practicesFrom(season, today, practices);
              const all = made.length + practices.length;
              if (all > RECORD_LIMITS.each) {
                setTold(
                  `That would be ${all} practices; a team keeps ${RECORD_LIMITS.each} at most. Make the season shorter.`,
                );
                return;
              }
              onMake(made);
              setTold(made.length === 0 ? 'They all stand already.' : `${made.length} practices stand now.`);
            }}
          >
            Put them in
          </MainButton>
        </div>
        {told && <p role="status">{told}</p>}
      </div>
      <div className="fields">
        <Label>What the team holds itself to; empty is as usual at its level</Label>
        <div className="pair">
          {figure('New plays a practice', 'newEach', 6)}
          {figure('Plays a number knows', 'memory', 60)}
          {figure('Live minutes', 'liveMinutes', 120)}
          {figure('Clean live reps', 'liveClean', 200)}
          {figure('Contact min. a day', 'contactDay', 240, 0)}
          {figure('Contact min. a week', 'contactWeek', 1200, 0)}
        </div>
        <TextField
          area
          label="Expectations, a line each; they stand on every practice sheet"
          value={season.expectations.join('\n')}
          max={1200}
          onDone={(text) =>
            set({
              expectations: text
                .split('\n')
                .map((l) => l.trim().slice(0, 200))
                .filter((l) => l !== '')
                .slice(0, SEASON_LIMITS.expectations),
            })
          }
        />
      </div>
    </section>
  );
}
