/** Where a field is in a document. */
export type Path = readonly PropertyKey[];

/** What a field is called by a coach, without its article. */
const NOUNS: Readonly<Record<string, string>> = {
  actions: 'frame',
  against: 'list of defences it is for',
  alignment: 'alignment',
  and: 'cue',
  angle: 'angle of a screen',
  at: 'part of a path',
  ball: 'man with the ball',
  base: 'rule set',
  by: 'man who does it',
  caption: 'caption',
  changes: 'measure of the court',
  court: 'court',
  cue: 'cue',
  defences: 'play',
  delay: 'wait',
  does: 'verb',
  event: 'moment waited for',
  facing: 'direction faced',
  for: 'man the screen is for',
  frames: 'play',
  hold: 'hold',
  id: 'id',
  kind: 'kind',
  level: 'level',
  looks: 'frame',
  name: 'name',
  note: 'note',
  notes: 'text of notes',
  on: 'action waited for',
  option: 'option',
  order: 'order of a look',
  parent: 'frame it follows',
  path: 'path',
  place: 'place',
  places: 'place',
  player: 'man',
  purpose: 'purpose',
  read: 'read',
  reason: 'reason',
  seconds: 'hold',
  series: 'series',
  signal: 'hand signal',
  silenced: 'play',
  situation: 'list of situations',
  spot: 'spot',
  start: 'set',
  stretches: 'path',
  tempo: 'pace',
  text: 'text',
  throwIn: 'throw-in',
  title: 'title',
  to: 'man it goes to',
  type: 'type of defence',
  women: 'level',
  word: 'call',
  words: 'text',
  x: 'place',
  y: 'place',
};

/** What a list holds, in the plural. */
const ITEMS: Readonly<Record<string, string>> = {
  actions: 'actions',
  against: 'defences',
  and: 'further cues',
  defences: 'defences',
  frames: 'frames',
  looks: 'looks',
  path: 'bends',
  silenced: 'silenced findings',
  situation: 'situations',
  stretches: 'changes of pace',
};

const keyOf = (path: Path): string => String(path.findLast((p) => typeof p === 'string') ?? '');

function nounOf(path: Path): string {
  if (path[0] === 'customCourt' && path.includes('changes')) return NOUNS.changes!;
  return NOUNS[keyOf(path)] ?? `field “${keyOf(path) || 'play'}”`;
}

/** Where in a play a field is: "of action 2 in frame 3", "of 4 in the set", "of defence 1"; empty for the play's own. */
function whereOf(path: Path): string {
  const [a, b, c, d] = path;
  const nth = (i: unknown) => Number(i) + 1;
  if (a === 'frames' && typeof b === 'number')
    return c === 'actions' && typeof d === 'number'
      ? ` of action ${nth(d)} in frame ${nth(b)}`
      : ` of frame ${nth(b)}`;
  if (a === 'start' && b === 'places' && c !== undefined) return ` of ${String(c)} in the set`;
  if (a === 'defences' && typeof b === 'number') return ` of defence ${nth(b)}`;
  if (a === 'customCourt') return ' of the team’s own court';
  return '';
}

/** A field with its place in the play: "The note of action 2 in frame 3". */
export const theField = (path: Path): string => `The ${nounOf(path)}${whereOf(path)}`;
/** A field while the coach is at it: "A note". */
export const aField = (path: Path): string => {
  const noun = nounOf(path);
  return `${/^[aeiou]/.test(noun) ? 'An' : 'A'} ${noun}`;
};

/** What is wrong with a field, as figures. */
export type Wrong =
  | { readonly is: 'letters'; readonly most: number }
  | { readonly is: 'entries'; readonly most: number; readonly of: string }
  | { readonly is: 'most' | 'least'; readonly value: number; readonly unit: '' | ' s' | ' ft' }
  | { readonly is: 'range'; readonly min: number; readonly max: number; readonly unit: '' | ' s' | ' ft' }
  | {
      readonly is:
        | 'empty'
        | 'nowhere'
        | 'far'
        | 'no-number'
        | 'missing'
        | 'unknown'
        | 'deep'
        | 'zero-sign'
        | 'half-sign';
    };

const PLAINLY: Readonly<
  Record<Exclude<Wrong, { most: number } | { value: number } | { min: number }>['is'], string>
> = {
  empty: 'is empty',
  nowhere: 'leads nowhere',
  far: 'is far off the floor',
  'no-number': 'is not a number',
  missing: 'is missing or of the wrong kind',
  unknown: 'is not something Corkscrew knows',
  deep: 'is nested too deep to be kept',
  'zero-sign': 'has a character in it that can’t be kept (U+0000)',
  'half-sign': 'has half a character in it',
};

/** What is wrong with a field, after its name: "has at most 80 characters". */
export function wrongWords(wrong: Wrong): string {
  switch (wrong.is) {
    case 'letters':
      return `has at most ${wrong.most} characters`;
    case 'entries':
      return `has at most ${wrong.most} ${ITEMS[wrong.of] ?? 'entries'}`;
    case 'most':
    case 'least':
      return `is at ${wrong.is} ${wrong.value}${wrong.unit}`;
    case 'range':
      return `lies between ${wrong.min} and ${wrong.max}${wrong.unit}`;
    default:
      return PLAINLY[wrong.is];
  }
}
