/** Where a command acts; of those that are on, the first in the list given to `commandFor` wins. */
export type Where =
  /** A verb is open and waits for a place or a man. */
  | 'verb'
  /** What they do is being named. */
  | 'read'
  /** The five are being set. */
  | 'set'
  /** A line or block is chosen. */
  | 'action'
  /** A man is in hand. */
  | 'man'
  /** Anywhere on the desk. */
  | 'desk'
  /** A block of the beat sheet has the focus. */
  | 'block'
  | 'present'
  /** Anywhere in the app. */
  | 'app';

export interface Command {
  readonly id: string;
  /** As `KeyboardEvent.key` gives them, lower case; Mod is Ctrl or Command. */
  readonly keys: readonly string[];
  readonly words: string;
  readonly where: Where;
  /** The coach can do it with the pointer as well: it is listed in menus. */
  readonly menu?: boolean;
}

/** Every key there is: what acts, what the overlay tells, and what a search for a command finds. */
export const COMMANDS = [
  { id: 'help', keys: ['?'], words: 'These keys', where: 'app' },
  { id: 'find', keys: ['Mod+k', '/'], words: 'Find a play, a call, a room or a command', where: 'app' },
  { id: 'undo', keys: ['Mod+z'], words: 'Undo', where: 'desk' },
  { id: 'redo', keys: ['Mod+Shift+z', 'Mod+y'], words: 'Redo', where: 'desk' },
  { id: 'copy', keys: ['Mod+c'], words: 'Copy the line in hand, or the frame', where: 'desk' },
  { id: 'paste', keys: ['Mod+v'], words: 'Paste into this frame, or after it', where: 'desk' },
  { id: 'present', keys: ['Shift+p'], words: 'Present', where: 'desk' },
  { id: 'print', keys: ['Mod+p'], words: 'Print this play', where: 'desk' },
  {
    id: 'region',
    keys: ['F6'],
    words: 'To the next part of the desk: ladder, court, sheet, panel',
    where: 'desk',
  },
  { id: 'regionBack', keys: ['Shift+F6'], words: 'To the part before', where: 'desk' },

  { id: 'player', keys: ['1', '2', '3', '4', '5'], words: 'Take a man in hand', where: 'desk' },
  { id: 'holder', keys: ['0'], words: 'Take whoever has the ball', where: 'desk' },
  { id: 'cut', keys: ['c'], words: 'Cut', where: 'man', menu: true },
  { id: 'dribble', keys: ['d'], words: 'Dribble', where: 'man', menu: true },
  { id: 'pass', keys: ['p'], words: 'Pass', where: 'man', menu: true },
  { id: 'screen', keys: ['s'], words: 'Screen', where: 'man', menu: true },
  { id: 'handoff', keys: ['h'], words: 'Hand off', where: 'man', menu: true },
  { id: 'shot', keys: ['f'], words: 'Shoot', where: 'man', menu: true },
  { id: 'fake', keys: ['q'], words: 'Fake', where: 'man', menu: true },
  { id: 'hold', keys: ['z'], words: 'Hold', where: 'man', menu: true },
  { id: 'seal', keys: ['e'], words: 'Seal', where: 'man', menu: true },
  { id: 'spot', keys: ['l', 'r'], words: 'A spot’s code: his plain way there', where: 'man' },
  { id: 'wait', keys: ['t', 'Shift+t'], words: 'Wait for a man: then his number', where: 'man' },

  { id: 'done', keys: ['Enter'], words: 'Draw it', where: 'verb' },
  { id: 'cancel', keys: ['Escape'], words: 'Leave it', where: 'verb' },
  { id: 'rub', keys: ['Backspace'], words: 'Take back the last letter or place', where: 'verb' },
  {
    id: 'nudge',
    keys: ['ArrowLeft', 'ArrowRight', 'ArrowUp', 'ArrowDown'],
    words: 'Move the end a quarter metre, with Shift a metre',
    where: 'verb',
  },

  { id: 'setDone', keys: ['Enter', 'Escape'], words: 'The five stand', where: 'set' },
  {
    id: 'place',
    keys: ['ArrowLeft', 'ArrowRight', 'ArrowUp', 'ArrowDown'],
    words: 'Move the man in hand',
    where: 'set',
  },

  { id: 'remove', keys: ['Delete', 'Backspace'], words: 'Take it away', where: 'action', menu: true },
  { id: 'tempo', keys: ['w'], words: 'Walk, jog, cut, sprint in turn', where: 'action', menu: true },
  { id: 'turnLeft', keys: [','], words: 'Turn the screen 15° one way', where: 'action' },
  { id: 'turnRight', keys: ['.'], words: 'Turn the screen 15° the other way', where: 'action' },
  {
    id: 'end',
    keys: ['ArrowLeft', 'ArrowRight', 'ArrowUp', 'ArrowDown'],
    words: 'Move where the line ends',
    where: 'action',
  },

  { id: 'run', keys: [' ', 'k'], words: 'Run, or stop', where: 'desk' },
  { id: 'back', keys: ['j'], words: 'Back a tenth of a second', where: 'desk' },
  { id: 'on', keys: ['l'], words: 'On a tenth of a second', where: 'desk' },
  { id: 'beatBack', keys: ['Shift+j'], words: 'Back to the frame before', where: 'desk' },
  { id: 'beatOn', keys: ['Shift+l'], words: 'On to the next frame', where: 'desk' },
  { id: 'frameBack', keys: ['['], words: 'Previous frame', where: 'desk' },
  { id: 'frameOn', keys: [']', 'n'], words: 'Next frame; at the end a new one', where: 'desk' },
  { id: 'endingBack', keys: ['Alt+['], words: 'Previous ending', where: 'desk' },
  { id: 'endingOn', keys: ['Alt+]'], words: 'Next ending', where: 'desk' },
  { id: 'answer', keys: ['r', 'a'], words: 'Answer what they do here', where: 'desk' },
  { id: 'set', keys: ['Shift+s'], words: 'Move the set', where: 'desk' },
  { id: 'last', keys: ['o'], words: 'Last frame on or off', where: 'desk' },
  { id: 'spots', keys: ['g'], words: 'Spots and their codes on or off', where: 'desk' },
  { id: 'gaps', keys: ['b'], words: 'Gaps beside the ball on or off', where: 'desk' },
  { id: 'looks', keys: ['i'], words: 'Looks of all endings on or off', where: 'desk' },
  { id: 'defence', keys: ['x'], words: 'Defence on or off', where: 'desk' },
  { id: 'turnCourt', keys: ['v'], words: 'Turn the court: basket up or down', where: 'desk' },
  { id: 'escape', keys: ['Escape'], words: 'Let go', where: 'desk' },

  { id: 'blockChoose', keys: ['Enter', ' '], words: 'Choose the block', where: 'block' },
  {
    id: 'blockWalk',
    keys: ['ArrowLeft', 'ArrowRight', 'ArrowUp', 'ArrowDown'],
    words: 'Walk over the sheet',
    where: 'block',
  },
  {
    id: 'blockShift',
    keys: ['Shift+ArrowLeft', 'Shift+ArrowRight'],
    words: 'A tenth of a second earlier or later',
    where: 'block',
  },
  { id: 'blockTie', keys: ['t'], words: 'Tie: then go to the block that waits, Enter', where: 'block' },
  { id: 'blockUntie', keys: ['u'], words: 'Untie', where: 'block', menu: true },
  { id: 'blockWay', keys: ['c'], words: 'How they play this screen', where: 'block' },
  { id: 'blockTempo', keys: ['w'], words: 'Walk, jog, cut, sprint in turn', where: 'block' },
  { id: 'blockRemove', keys: ['Delete', 'Backspace'], words: 'Take it away', where: 'block' },

  { id: 'leave', keys: ['Escape'], words: 'Leave', where: 'present' },
  { id: 'presentOn', keys: ['ArrowRight', ']', 'PageDown'], words: 'Next frame', where: 'present' },
  { id: 'presentBack', keys: ['ArrowLeft', '[', 'PageUp'], words: 'Previous frame', where: 'present' },
  { id: 'presentEnding', keys: ['ArrowUp', 'ArrowDown'], words: 'Another ending', where: 'present' },
  { id: 'presentRun', keys: [' ', 'k'], words: 'Run, or stop', where: 'present' },
  { id: 'presentTenth', keys: ['j', 'l'], words: 'A tenth of a second back or on', where: 'present' },
  { id: 'presentDefence', keys: ['x'], words: 'Defence on or off', where: 'present' },
  { id: 'presentTurn', keys: ['v'], words: 'Turn the court', where: 'present' },
] as const satisfies readonly Command[];

export type CommandId = (typeof COMMANDS)[number]['id'];

/** What of a key event a command is found by; React's and the window's are alike here. */
export interface Key {
  readonly key: string;
  readonly shiftKey: boolean;
  readonly ctrlKey: boolean;
  readonly metaKey: boolean;
  readonly altKey: boolean;
}

/** A key as the table writes it: "Mod+Shift+z", "Alt+[", "?". */
function nameOf(e: Key): string {
  const letter = e.key.length === 1;
  const key = letter ? e.key.toLowerCase() : e.key;
  // A sign that needs Shift on this keyboard is the sign.
  const shift = e.shiftKey && (!letter || /[a-z]/.test(key));
  return [e.ctrlKey || e.metaKey ? 'Mod' : '', e.altKey ? 'Alt' : '', shift ? 'Shift' : '', key]
    .filter(Boolean)
    .join('+');
}

/** Commands by where they act and their key. */
const TABLE = new Map<string, CommandId>();
for (const c of COMMANDS) for (const key of c.keys) TABLE.set(`${c.where} ${key}`, c.id);

/** The command of a key, of what is on the first in order. Arrows are the same with Shift: it makes steps larger. */
export function commandFor(e: Key, on: readonly Where[]): CommandId | undefined {
  const name = nameOf(e);
  const plain = name.startsWith('Shift+Arrow') ? name.slice('Shift+'.length) : name;
  for (const where of on) {
    const id = TABLE.get(`${where} ${name}`) ?? TABLE.get(`${where} ${plain}`);
    if (id) return id;
  }
  return undefined;
}

/** Single letters, digits and signs, which some switch off: speech and shaking hands press them by accident. */
export const isLetter = (e: Key): boolean =>
  e.key.length === 1 && e.key !== ' ' && !e.ctrlKey && !e.metaKey && !e.altKey;
