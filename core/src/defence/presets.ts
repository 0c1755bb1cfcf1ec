import type { Defence } from '../play/document.ts';
import { sameDocument } from '../play/same.ts';
import type { ZoneKey } from './zone/tables.ts';

/** A defence a coach names in a word; every one can be changed after it is taken. */
export interface Preset {
  readonly key: string;
  readonly words: string;
  readonly defence: Omit<Defence, 'id'>;
}
const everyone = ['x1', 'x2', 'x3', 'x4', 'x5'] as const;

export const MAN_PRESETS: readonly Preset[] = [
  {
    key: 'drop',
    words: 'Over every screen, the big sits back; the low man tags',
    defence: { name: 'Drop', type: 'man', onBall: 'drop', offBall: 'trail', help: 'weakCorner' },
  },
  {
    key: 'pressure',
    words: 'Everybody denies, the big shows, the post is fronted',
    defence: {
      name: 'Pressure',
      type: 'man',
      onBall: 'show',
      offBall: 'topLock',
      help: 'rotation',
      post: 'front',
      deny: [...everyone],
    },
  },
  {
    key: 'pack',
    words: 'Under the screens, everybody in the gaps, the post from behind',
    defence: {
      name: 'Pack',
      type: 'man',
      onBall: 'under',
      offBall: 'under',
      help: 'weakCorner',
      post: 'behind',
    },
  },
  {
    key: 'switch',
    words: 'Every screen and handoff is switched',
    defence: { name: 'Switch everything', type: 'man', onBall: 'switch', offBall: 'switch', help: 'none' },
  },
  {
    key: 'trap',
    words: 'Two on the ball at every screen, the others rotate',
    defence: { name: 'Trap', type: 'man', onBall: 'trap', offBall: 'trail', help: 'rotation' },
  },
];

const zone = (key: ZoneKey, words: string): Preset => ({
  key,
  words,
  defence: { name: key, type: 'zone', zone: key },
});
export const ZONE_PRESETS: readonly Preset[] = [
  zone('2-3', 'Two on top, three low'),
  zone('3-2', 'Three on top, two low'),
  zone('1-3-1', 'One on top, three across, one on the baseline'),
  zone('1-2-2', 'One on top, two wings, two low'),
  zone('2-1-2', 'Two on top, one in the middle, two low'),
  zone('box-and-one', 'Four in a box, one chases'),
  zone('triangle-and-two', 'Three in a triangle, two chase'),
];
export const PRESETS: readonly Preset[] = [...MAN_PRESETS, ...ZONE_PRESETS];

/** What coaches call a coverage. */
export const COVERAGE_WORDS: Readonly<Record<string, string>> = {
  drop: 'over, big drops',
  level: 'over, big at the level',
  show: 'over, big shows',
  under: 'under',
  switch: 'switch',
  trap: 'trap',
  push: 'push to the side',
  stay: 'stay home',
  trail: 'trail',
  topLock: 'top-lock',
  bump: 'bump the cutter',
};
export const HELP_WORDS: Readonly<Record<string, string>> = {
  none: 'nobody',
  weakCorner: 'weak corner',
  top: 'top',
  strongCorner: 'strong corner',
  rotation: 'low man, next man drops',
};

/** How a defence plays, whatever it is called and whoever guards whom in this play. */
const wayOf = ({
  name: _name,
  matchup: _matchup,
  overrides: _overrides,
  offThrower: _offThrower,
  ...way
}: Omit<Defence, 'id'>): object => way;

/** Whether a defence plays as a preset does; a zone's schools and chasers don't make it another. */
export function playsAs(preset: Preset, { id: _id, ...defence }: Defence): boolean {
  return defence.type === 'zone'
    ? defence.zone === preset.defence.zone
    : sameDocument(wayOf(defence), wayOf(preset.defence));
}

/** How a defence plays, in a line: a preset's own words, else its coverages and its help. */
export function defenceWords(d: Defence): string {
  const preset = PRESETS.find((p) => playsAs(p, d));
  if (preset) return preset.words;
  if (d.type === 'zone') return d.name;
  const onBall = COVERAGE_WORDS[d.onBall ?? 'drop'] ?? d.onBall;
  const offBall = COVERAGE_WORDS[d.offBall ?? 'trail'] ?? d.offBall;
  const help = HELP_WORDS[d.help ?? 'weakCorner'] ?? d.help;
  return `On the ball: ${onBall}. Off the ball: ${offBall}. Tags the roller: ${help}`;
}

/** Coverages on the ball that are no preset of their own. */
const OTHERS = ['level', 'show', 'under', 'push', 'stay'] as const;

/** Every word `defenceByWord` knows. */
export const DEFENCE_WORDS: readonly string[] = [
  ...MAN_PRESETS.map((p) => `man:${p.key}`),
  ...OTHERS.map((key) => `man:${key}`),
  ...ZONE_PRESETS.map((p) => `zone:${p.key}`),
];

/** "man:drop", "zone:1-3-1": a defence in a word, or undefined when there is none of that name. */
export function defenceByWord(word: string): Defence | undefined {
  const [type, key] = word.includes(':') ? word.split(':', 2) : [undefined, word];
  const found = PRESETS.find((p) => p.key === key && (type === undefined || p.defence.type === type));
  if (found) return { ...found.defence, id: found.key };
  // A coverage that is no preset of its own: the usual defence with it.
  const onBall = OTHERS.find((o) => o === key);
  if (type !== 'zone' && onBall)
    return { ...MAN_PRESETS[0]!.defence, name: COVERAGE_WORDS[onBall]!, onBall, id: onBall };
  return undefined;
}
