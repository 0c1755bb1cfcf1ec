import {
  COVERAGE_WORDS,
  DEFENDERS,
  HELP_WORDS,
  HELPS,
  OFF_BALL_COVERAGES,
  ON_BALL_COVERAGES,
  PLAYERS,
  type Defence,
  type DefenderId,
  type PlayerId,
} from '@corkscrew/core';
import { Choice, type Options } from '../../../ui/Choice.tsx';
import { Label } from '../../../ui/controls.tsx';
import { changeDefence } from './change.ts';

const coverageOptions = (keys: readonly string[]): Options<string> =>
  keys.map((k) => [k, COVERAGE_WORDS[k]!] as const);
const HELP_OPTIONS: Options<string> = HELPS.map((k) => [k, HELP_WORDS[k]!] as const);
export const POST_OPTIONS: Options<string> = [
  ['behind', 'from behind'],
  ['threeQuarter', 'three-quarter'],
  ['front', 'in front'],
];

/** Man to man: how screens are covered, who helps, who guards whom, who denies and who watches the ball. */
export function ManFields({ defence, throwIn }: { defence: Defence; throwIn: boolean }) {
  const set = (patch: object) => changeDefence(defence, patch as Partial<Defence>);
  const man = (x: DefenderId, i: number): PlayerId => defence.matchup?.[x] ?? PLAYERS[i]!;
  /** Two change men when one takes another's, so that nobody is guarded twice. */
  const guard = (x: DefenderId, player: PlayerId) => {
    const now = Object.fromEntries(DEFENDERS.map((d, i) => [d, man(d, i)])) as Record<DefenderId, PlayerId>;
    const other = DEFENDERS.find((d) => now[d] === player)!;
    set({ matchup: { ...now, [other]: now[x], [x]: player } });
  };
  const toggle = (key: 'deny' | 'watches', x: DefenderId) => {
    const has = defence[key] ?? [];
    const next = has.includes(x) ? has.filter((d) => d !== x) : [...has, x];
    set({ [key]: next.length > 0 ? next : undefined });
  };
  return (
    <div className="fields">
      <Choice
        label="Screens on the ball"
        value={defence.onBall ?? 'drop'}
        options={coverageOptions(ON_BALL_COVERAGES)}
        onChange={(onBall) => set({ onBall })}
      />
      <Choice
        label="Handoffs"
        value={defence.handoff ?? defence.onBall ?? 'drop'}
        options={coverageOptions(ON_BALL_COVERAGES)}
        onChange={(handoff) => set({ handoff })}
      />
      <Choice
        label="Screens off the ball"
        value={defence.offBall ?? 'trail'}
        options={coverageOptions(OFF_BALL_COVERAGES)}
        onChange={(offBall) => set({ offBall })}
      />
      <Choice
        label="Who tags the roller"
        value={defence.help ?? 'weakCorner'}
        options={HELP_OPTIONS}
        onChange={(help) => set({ help })}
      />
      <Choice
        label="The post is played"
        value={defence.post ?? 'behind'}
        options={POST_OPTIONS}
        onChange={(post) => set({ post })}
      />
      <Choice
        label="A beaten man gets help"
        value={defence.driveHelp === false ? 'no' : 'yes'}
        options={[
          ['yes', 'yes'],
          ['no', 'no'],
        ]}
        onChange={(v) => set({ driveHelp: v === 'no' ? false : undefined })}
      />
      {throwIn && (
        <Choice
          label="The man on the thrower-in"
          value={defence.offThrower ? 'off' : 'on'}
          options={[
            ['on', 'is on him'],
            ['off', 'off him, before the basket'],
          ]}
          onChange={(v) => set({ offThrower: v === 'off' ? true : undefined })}
        />
      )}
      <table className="whole men">
        <caption className="visually-hidden">Who guards whom</caption>
        <thead>
          <tr>
            <td />
            <th scope="col">
              <Label>guards</Label>
            </th>
            <th scope="col">
              <Label>denies</Label>
            </th>
            <th scope="col">
              <Label>watches the ball</Label>
            </th>
          </tr>
        </thead>
        <tbody>
          {DEFENDERS.map((x, i) => (
            <tr key={x}>
              <th scope="row">{x}</th>
              <td>
                <Choice
                  bare
                  label={`${x} guards`}
                  value={man(x, i)}
                  options={PLAYERS.map((p) => [p, p] as const)}
                  onChange={(p) => guard(x, p)}
                />
              </td>
              {(['deny', 'watches'] as const).map((key) => (
                <td key={key}>
                  <input
                    type="checkbox"
                    aria-label={`${x} ${key === 'deny' ? 'denies' : 'watches the ball'}`}
                    checked={defence[key]?.includes(x) ?? false}
                    onChange={() => toggle(key, x)}
                  />
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
