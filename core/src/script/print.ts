import { ALIGNMENTS, alignmentPlaces, PLAYERS } from '../alignment/library.ts';
import { courtFor } from '../court/rulesets.ts';
import type { Action, Frame, Play } from '../play/document.ts';
import { DICTIONARY, type Dictionary } from '../language/dictionary.ts';
import { printAction } from './action.ts';
import { printDefence, printOverride } from './defence.ts';
import { printPlace } from './place.ts';
import { HeadWords, type LineOf } from './line-of.ts';
import { printRef } from './ref.ts';
import { printEnd, printLook, printOther, printRead } from './read.ts';
import { wordingOf, type Wording } from './words.ts';

const quoted = (s: string): string => JSON.stringify(s);
const word = (s: string): string => (/^\p{L}[\p{L}\p{N}'’-]*$/u.test(s) ? s : quoted(s));
const listed = (s: string): string => (/^\d-\d(-\d)?$/.test(s) ? s : word(s));

/** A play as it is written; with a team's dictionary in its words. Silences, what was turned down, needs, mistakes and the log of changes are not written. */
export const printScript = (play: Play, dictionary: Dictionary = DICTIONARY): string =>
  `${scriptLines(play, dictionary)
    .map((l) => l.text)
    .join('\n')}\n`;

/** A line of a written play, and what of the play it says; an empty one says nothing. */
export interface PrintedLine {
  readonly text: string;
  readonly of: LineOf | null;
}

/** A play as it is written, line by line. */
export function scriptLines(play: Play, dictionary: Dictionary = DICTIONARY): PrintedLine[] {
  const wording = wordingOf(dictionary);
  const words = new HeadWords();
  const head = headLines(play, wording).map((text): PrintedLine => {
    const man = /^  (\d) at/.exec(text)?.[1];
    const [word = ''] = text.startsWith('if nothing') ? ['if nothing'] : text.split(' ');
    return { text, of: man === undefined ? words.next(word) : { is: 'place', man } };
  });
  return [...head, ...frameLines(play, wording)];
}

/** What stands before the frames, a field a line. */
function headLines(play: Play, wording: Wording): string[] {
  const { call, origin, variantOf, start } = play;
  const out: string[] = [`play ${quoted(play.name)}`];
  if (call) {
    const parts = [
      ...(call.word === undefined ? [] : [quoted(call.word)]),
      ...(call.signal === undefined ? [] : [`sign ${quoted(call.signal)}`]),
      ...(call.figure === undefined ? [] : [`figure ${word(call.figure)}`]),
    ];
    out.push(`call ${parts.join(', ') || 'nothing'}`);
  }
  if (play.series !== undefined) out.push(`series ${quoted(play.series)}`);
  if (play.option !== undefined) out.push(`option ${quoted(play.option)}`);
  if (play.purpose !== undefined) out.push(`purpose ${quoted(play.purpose)}`);
  if (play.status !== undefined) out.push(`status ${play.status}`);
  if (origin)
    out.push(`origin ${quoted(origin.text)}${origin.on === undefined ? '' : `, on ${quoted(origin.on)}`}`);
  if (variantOf) out.push(`version of ${printOther(variantOf.name, variantOf.play)}, ${variantOf.kind}`);
  for (const c of play.counterTo ?? [])
    out.push(
      `counter to ${printOther(c.name, c.play)}${c.line === undefined ? '' : `, line ${quoted(c.line)}`}`,
    );
  if (play.counterTo?.length === 0) out.push('counter to nothing');
  out.push(`against ${play.against.map(listed).join(', ') || 'nothing'}`);
  if (play.situation.length > 0) out.push(`situation ${play.situation.map(listed).join(', ')}`);
  out.push(`court ${play.court}`);
  if (play.customCourt) out.push(`floor ${quoted(JSON.stringify(play.customCourt))}`);
  out.push(`level ${play.level}${play.women === undefined ? '' : play.women ? ', women' : ', men'}`);
  if (play.ifNothing) out.push(`if nothing, ${printEnd(play.ifNothing)}`);
  out.push(...(play.defences ?? []).map(printDefence));
  if (play.defences?.length === 0) out.push('defence none');
  if (play.notes !== undefined) out.push(`notes ${quoted(play.notes)}`);
  const side = standing(play);
  const set = [
    ...(start.alignment === undefined ? [] : [word(start.alignment)]),
    ...(side === 'flipped' ? ['flipped'] : []),
    `ball ${start.ball}`,
    ...(start.throwIn === undefined ? [] : [`throw-in ${start.throwIn}`]),
  ];
  out.push(`set ${set.join(', ')}`);
  if (side === null)
    out.push(...PLAYERS.map((p) => `  ${p} at ${printPlace(courtFor(play), start.places[p], wording)}`));
  return out;
}

/** Whether the five stand just as their alignment does. */
function standing({ start, ...play }: Play): 'drawn' | 'flipped' | null {
  const alignment = ALIGNMENTS.find((a) => a.key === start.alignment);
  if (!alignment) return null;
  const court = courtFor(play);
  const same = (flipped: boolean): boolean => {
    const places = alignmentPlaces(court, alignment, flipped);
    return PLAYERS.every((p) => {
      const [a, b] = [places[p], start.places[p]];
      return a.x === b.x && a.y === b.y && a.spot === b.spot;
    });
  };
  return same(false) ? 'drawn' : same(true) ? 'flipped' : null;
}

/** A frame with where it stands: its number on its line, and the actions of the frames before it. */
interface At {
  readonly frame: Frame;
  readonly line: readonly Frame[];
}

/** The frames in the order they are written: a line to its end, then what else goes on from where it forked last. */
export function inOrder(play: Play): At[] {
  const children = new Map<string | null, Frame[]>();
  for (const f of play.frames) children.set(f.parent, [...(children.get(f.parent) ?? []), f]);
  const out: At[] = [];
  const todo: At[] = (children.get(null) ?? []).map((frame) => ({ frame, line: [frame] })).reverse();
  for (let at = todo.pop(); at; at = todo.pop()) {
    out.push(at);
    const { line } = at;
    for (const frame of (children.get(at.frame.id) ?? []).toReversed())
      todo.push({ frame, line: [...line, frame] });
  }
  return out;
}

function frameLines(play: Play, wording: Wording): PrintedLine[] {
  const court = courtFor(play);
  const order = inOrder(play);
  const place = new Map(order.map((at, i) => [at.frame.id, i + 1]));
  const inFrame = (id: string): string => {
    const n = place.get(id);
    return n === undefined ? `@ ${quoted(id)}` : `@${n}`;
  };
  const where = new Map(
    order.flatMap(({ frame }, i) =>
      frame.actions.map((a, k) => [a.id, `elsewhere @${i + 1}.${k + 1}`] as const),
    ),
  );
  const elsewhere = (id: string): string | null => where.get(id) ?? null;
  return order.flatMap(({ frame, line }) => {
    const frames = line.map((f) => f.actions);
    const point = (id: string): string => printRef(id, { frames, elsewhere });
    const { id } = frame;
    const lineFor = (is: 'read' | 'frame' | 'caption' | 'looks' | 'end', text: string): PrintedLine => ({
      text,
      of: { is, frame: id },
    });
    return [
      { text: '', of: null },
      ...(frame.read ? [lineFor('read', `if ${printRead(frame.read, point)}`)] : []),
      lineFor('frame', `${line.length}:${frame.title === undefined ? '' : ` ${title(frame.title)}`}`),
      ...(frame.caption === undefined ? [] : [lineFor('caption', `  caption ${quoted(frame.caption)}`)]),
      ...frame.actions.flatMap((action, own) => [
        {
          text: `  ${printAction(action, { court, wording, frames, own, elsewhere })}`,
          of: { is: 'action', frame: id, action: action.id } as const,
        },
        ...playedAt(play, id, action),
      ]),
      ...(frame.looks ?? []).map((l) => ({
        text: `  ${printLook(l, point, inFrame)}`,
        of: { is: 'look', frame: id, look: l.id } as const,
      })),
      ...(frame.looks?.length === 0 ? [lineFor('looks', '  look at nothing')] : []),
      ...(frame.end ? [lineFor('end', `  then ${printEnd(frame.end)}`)] : []),
    ];
  });
}

const playedAt = (play: Play, frame: string, action: Action): PrintedLine[] =>
  (play.defences ?? []).flatMap((d, i) => {
    const o = d.overrides?.[action.id];
    return o
      ? [
          {
            text: `    ${printOverride(i + 1, o)}`,
            of: { is: 'there', frame, action: action.id, defence: i + 1 } as const,
          },
        ]
      : [];
  });

/** A title stands as it is where it is read back as it is. */
const title = (s: string): string =>
  /^\p{L}[\p{L}\p{N}\p{Zs}.,;:?!'’()–-]*$/u.test(s) && s === s.trim() && !/[\u00a0\u2028\u2029]/.test(s)
    ? s
    : quoted(s);
