import type { PlayerId } from '../alignment/library.ts';
import type { Court } from '../court/court.ts';
import type { Action, Tempo } from '../play/document.ts';
import { FAKES, SHOT_KINDS, TEMPOS } from '../play/vocabulary.ts';
import { lower, nearest } from './near.ts';
import { printCue, readCue, type CuePlace, type CueRead } from './cue.ts';
import { printWay, readWay } from './place.ts';
import type { Reader } from './reader.ts';
import type { Done, Wording } from './words.ts';

/** An action as a line says it: what it waits for is only pointed at, and it has no id yet. */
export type ActionRead = { readonly [K in keyof Action]?: unknown } & {
  readonly by: PlayerId;
  readonly does: Action['does'];
  readonly to?: PlayerId;
  readonly for?: PlayerId;
  readonly cue?: CueRead;
};

const exact = (x: number): string => String(x);

/** An action as it is written: "2 lifts to left wing, jog, when 1 passes, behind the play". */
export function printAction(action: Action, place: CuePlace): string {
  const { court, wording } = place;
  const kind = action.does === 'fake' || !('kind' in action) ? undefined : action.kind;
  const { words, kindBehind } = wording.verb({ does: action.does, ...(kind ? { kind } : {}) });
  const head = `${action.by} ${words}`;
  const mods: string[] = kindBehind === null ? [] : [`as ${kindBehind}`];
  const way = (lead: 'to' | 'at'): string =>
    'path' in action && action.path ? printWay(court, action.path, lead, wording) : '';
  const join = (...parts: readonly string[]): string => parts.filter(Boolean).join(' ');
  const rest = (): string => {
    switch (action.does) {
      case 'pass':
      case 'handoff':
        return join(head, `to ${action.to}`);
      case 'cut':
      case 'dribble':
        return join(head, way('to'));
      case 'screen':
        mods.push(
          ...(action.on === undefined ? [] : [`on ${action.on}`]),
          ...(action.angle === undefined ? [] : [`back to ${exact(action.angle)}`]),
          ...(action.hold === undefined ? [] : [`held ${exact(action.hold)} s`]),
          ...flags(action, { slip: 'slipping it', back: 'seen from behind', called: 'called' }),
        );
        return join(head, `for ${action.for}`, way('at'));
      case 'fake':
        return join(head, `the ${action.of}`, action.to === undefined ? '' : `to ${action.to}`);
      case 'hold':
        return join(head, action.seconds === undefined ? '' : `${exact(action.seconds)} s`);
      case 'seal':
        // A way of no point is one that is said.
        return join(head, action.path?.length === 0 ? 'there' : way('at'));
      case 'shot':
        return head;
    }
  };
  const first = rest();
  if ('stretches' in action && action.stretches)
    mods.push(
      ...(action.stretches.length === 0
        ? ['one pace']
        : action.stretches.map((s) => `${s.tempo} until ${exact(s.to)}`)),
    );
  if ('tempo' in action && action.tempo) mods.push(action.tempo);
  if (action.cue) mods.push(printCue(action.cue, place));
  if (action.facing !== undefined) mods.push(`facing ${exact(action.facing)}`);
  mods.push(...flags(action, { background: 'behind the play' }));
  if (action.note !== undefined) mods.push(`note ${JSON.stringify(action.note)}`);
  return [first, ...mods].join(', ');
}

/** What is said to be so, or said not to be. */
const flags = (of: object, words: Readonly<Record<string, string>>): string[] =>
  Object.entries(words).flatMap(([key, said]) => {
    const value = (of as Record<string, unknown>)[key];
    return value === undefined ? [] : [value ? said : `not ${said}`];
  });
const FLAGS = [
  ['slip', ['slipping', 'it']],
  ['back', ['seen', 'from', 'behind']],
  ['called', ['called']],
  ['background', ['behind', 'the', 'play']],
] as const;

/** Reads an action of a man whose number has been read. */
export function readAction(r: Reader, by: PlayerId, court: Court, wording: Wording): ActionRead {
  const start = r.place;
  const done = readVerb(r, wording);
  r.mark('verb', start);
  const read: Record<string, unknown> = { by, ...done, ...object(r, done, court, wording) };
  while (!r.over) {
    if (!r.punct(',')) r.fail('A comma stands before what is said more of it.');
    modifier(r, read, court, wording);
  }
  return read as ActionRead;
}

function readVerb(r: Reader, wording: Wording): Done {
  const token = r.peek();
  if (token?.type !== 'word')
    return r.fail('What does he do? Say “passes to 4”, “cuts to rim”, “screens for 2”.');
  const found = wording.phrases.get(lower(token.text))?.find((p) => p.words.every((w, i) => r.isWord(i, w)));
  if (found) {
    const start = r.place;
    r.word(...found.words);
    const [only, ...others] = found.says;
    if (others.length === 0) return only;
    const last = r.peek(-1)!;
    r.back(start);
    const both = found.says.map((d) => wording.plainly(d)).filter((w) => w !== null);
    return r.fail(
      `“${found.words.join(' ')}” is your word for two things${both.length > 1 ? `: ${both.join(', or ')}?` : '.'}`,
      { ...token, to: last.to },
      ...both,
    );
  }
  const fix = nearest(token.text, wording.phrases.keys());
  return r.fail(
    `“${token.text}” is nothing anybody does here.${fix ? ` ${fix.charAt(0).toUpperCase()}${fix.slice(1)}?` : ''}`,
    token,
    fix,
  );
}

function object(r: Reader, { does }: Done, court: Court, wording: Wording): object {
  switch (does) {
    case 'pass':
    case 'handoff':
      return { to: man(r, 'to', `To whom? Say “to 4”.`) };
    case 'cut':
    case 'dribble': {
      const path = readWay(r, court, wording);
      return path.length > 0 ? { path } : r.fail('Where to? Say “to rim”, or “to (4.5, 24.5)”.');
    }
    case 'screen':
      return { for: man(r, 'for', 'For whom? Say “for 2”.'), path: readWay(r, court, wording) };
    case 'fake': {
      r.word('the');
      const of = FAKES.find((f) => r.word(f));
      if (of === undefined) return r.fail('What is faked: the pass, the handoff, the screen or the shot?');
      return { of, ...(r.word('to') ? { to: man(r, 'to', 'To whom?', true) } : {}) };
    }
    case 'hold': {
      const seconds = r.number();
      if (seconds === null) return {};
      if (!r.word('s') && !r.word('seconds') && !r.word('second')) r.fail('Seconds: “holds 2 s”.');
      return { seconds };
    }
    case 'seal': {
      if (r.word('there')) return { path: [] };
      const path = readWay(r, court, wording);
      return path.length > 0 ? { path } : {};
    }
    case 'shot':
      return {};
  }
}

function man(r: Reader, joined: string, missing: string, said = false): PlayerId {
  if (!said) r.word(joined);
  return r.man() ?? r.fail(missing);
}

function modifier(r: Reader, read: Record<string, unknown>, court: Court, wording: Wording): void {
  const start = r.place;
  const not = r.word('not');
  for (const [key, words] of FLAGS)
    if (r.word(...words)) {
      read[key] = !not;
      return;
    }
  if (not) r.fail('Not what?');
  const tempo = TEMPOS.find((t) => r.word(t));
  if (tempo !== undefined) {
    r.mark(tempo, start);
    return pace(r, read, tempo);
  }
  if (r.word('one', 'pace')) return void (read.stretches = []);
  if (r.word('as')) return void (read.kind = kindOf(r, read.does as Action['does'], wording));
  if (r.word('facing')) return void (read.facing = numberOf(r, 'degrees'));
  if (r.word('back', 'to')) return void (read.angle = numberOf(r, 'degrees'));
  if (r.word('held')) {
    read.hold = numberOf(r, 'seconds');
    r.word('s');
    return;
  }
  if (r.word('note')) return void (read.note = r.text() ?? r.fail('A note stands in quotation marks.'));
  if (r.isWord(0, 'on') && !r.isWord(1, 'the')) {
    r.word('on');
    read.on = r.defender() ?? r.fail('On whom of theirs? Say “on x4”.');
    return;
  }
  const cue = readCue(r, court, wording);
  if (cue) {
    r.mark('cue', start);
    return void (read.cue = cue);
  }
  const token = r.peek();
  const fix = token?.type === 'word' ? nearest(token.text, MODIFIERS) : undefined;
  r.fail(
    `“${token?.text ?? ''}” says nothing here: a tempo, what is waited for, “behind the play”, or a note.`,
    token,
    fix,
  );
}
const MODIFIERS = [...TEMPOS, 'when', 'behind', 'facing', 'called', 'slipping', 'note', 'as'];

function pace(r: Reader, read: Record<string, unknown>, tempo: Tempo): void {
  if (!r.word('until')) return void (read.tempo = tempo);
  const share = r.percent() ?? r.number() ?? r.fail('Until where? Say “walk until 40%”.');
  read.stretches = [...((read.stretches as object[] | undefined) ?? []), { to: share, tempo }];
}

const numberOf = (r: Reader, what: string): number => r.number() ?? r.fail(`How many ${what}?`);

function kindOf(r: Reader, does: Action['does'], wording: Wording): string {
  const start = r.place;
  const words: string[] = [];
  for (let word = r.anyWord(); word !== null; word = r.anyWord()) words.push(word);
  const kind =
    wording.kindNamed(does, words.join(' ')) ??
    (does === 'shot' ? SHOT_KINDS.find((k) => k === words.join(' ')) : undefined);
  if (kind !== undefined) return kind;
  r.back(start);
  return r.fail(`No ${does} is called “${words.join(' ')}”.`);
}
