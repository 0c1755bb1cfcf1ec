import {
  BLOCK_WORDS,
  CAUTIONS,
  clockOf,
  courtFor,
  cardOf,
  mainLine,
  minuteOf,
  walkLine,
  type Block,
  type PaperOrder,
  type Practice,
} from '@corkscrew/core';
import { frameScene, thumbScale } from '@corkscrew/diagram';
import { dateWords, type PaperInput } from '../input.ts';
import { n, type Press } from '../press.ts';

const TALL = 40;
const LOW = 25;
const PICTURE = 46;

/** A practice on a sheet for the side of the court: what is done when, room to count, and what stands on every sheet. */
export function practiceSheet(press: Press, practice: Practice, order: PaperOrder, input: PaperInput): void {
  const head = {
    title: `Practice, ${dateWords(practice.date)}`,
    right: [
      input.team,
      [`${practice.start}, ${practice.minutes} min`, practice.place ?? ''].filter(Boolean).join(', '),
    ],
  };
  press.begin(head, head.title);
  headRow(press);
  let at = minuteOf(practice.start);
  for (const block of practice.blocks) {
    const tall = block.item.is === 'other' ? LOW : TALL;
    if (press.room < tall) {
      press.nextPage();
      headRow(press);
    }
    row(press, block, clockOf(at), tall, order, input);
    at += block.minutes;
    press.y += tall;
  }
  press.put(clockOf(at), press.left, press.y + 14, { face: 'item', size: 11 });
  press.put('End', press.left + 52, press.y + 14, { face: 'body', size: 11 });
  press.y += 26;
  part(press, 'Not here, or spared', input.away ?? []);
  part(press, 'Notes', practice.notes ? [practice.notes] : []);
  part(press, 'Every practice', input.season?.expectations ?? []);
  part(press, 'Cautions', CAUTIONS);
}

function headRow(press: Press): void {
  const style = { face: 'label', size: 9 } as const;
  const y = press.y + 9;
  press.put('At', press.left, y, style);
  press.put('Min', press.left + 44, y, { ...style, anchor: 'end' });
  press.put('What', press.left + 66, y, style);
  press.put('Clean', press.right - 84, y, { ...style, anchor: 'middle' });
  press.put('Broke', press.right - 26, y, { ...style, anchor: 'middle' });
  press.y += 14;
  press.rule(1);
}

function row(
  press: Press,
  block: Block,
  at: string,
  tall: number,
  order: PaperOrder,
  input: PaperInput,
): void {
  const { item } = block;
  const mid = press.y + tall / 2;
  press.put(at, press.left, mid + 4, { face: 'item', size: 11 });
  press.put(String(block.minutes), press.left + 44, mid + 4, { face: 'item', size: 11, anchor: 'end' });
  if (item.is !== 'other') strip(press, block, press.left + 50, press.y, tall);
  let x = press.left + 66;
  const play = item.is === 'play' ? input.plays.find((p) => p.play.id === item.play)?.play : undefined;
  if (play && order.diagrams) {
    const card = cardOf(play);
    const court = courtFor(card);
    const [walk] = walkLine(card, mainLine(card));
    const scene = frameScene({ court, walk: walk!, scale: thumbScale(court, walk!), detail: false });
    press.scene(scene, x, press.y + 2, Math.min(PICTURE, ((tall - 4) * scene.width) / scene.height));
  }
  if (order.diagrams && item.is !== 'other') x += PICTURE + 8;
  const room = press.right - (item.is === 'other' ? 0 : 116) - x;
  const name = play?.name ?? item.name;
  const under = item.is === 'other' ? (block.note ?? '') : underOf(block);
  press.line(name, x, under ? mid - 1 : mid + 4, room, {
    face: item.is === 'other' ? 'body' : 'item',
    size: 12,
  });
  press.line(under, x, mid + 11, room, { face: 'body', size: 9.5 });
  if (item.is !== 'other')
    for (const at of [press.right - 110, press.right - 52])
      press.path(`M${n(at)} ${n(press.y + 6)}h52v${n(tall - 12)}h-52Z`, { stroke: 'line', width: 0.7 });
  press.path(`M${n(press.left)} ${n(press.y + tall)}H${n(press.right)}`, { stroke: 'line', width: 0.6 });
}

const SIDES = { both: 'both sides', asDrawn: 'as drawn', flipped: 'flipped' } as const;
const underOf = (b: Block): string =>
  [
    BLOCK_WORDS[b.stage],
    b.item.is === 'play' ? (b.item.words ?? '') : '',
    b.item.is === 'play' ? SIDES[b.side ?? 'both'] : '',
    b.reps ? `${b.reps} reps` : '',
    b.note ?? '',
  ]
    .filter(Boolean)
    .join('; ');

/** How it is run, as a texture: dots walked, hatch guided, solid live. */
function strip(press: Press, block: Block, x: number, y: number, tall: number): void {
  const box = `M${n(x)} ${n(y + 5)}h9v${n(tall - 10)}h-9Z`;
  if (block.stage === 'live' || block.stage === 'situation') {
    press.path(box, { fill: 'black' });
    return;
  }
  press.path(box, { stroke: 'black', width: 0.7 });
  const marks: string[] = [];
  for (let k = y + 8; k < y + tall - 6; k += 4)
    marks.push(
      block.stage === 'walk'
        ? `M${n(x + 2.5)} ${n(k)}h.01M${n(x + 6.5)} ${n(k)}h.01`
        : `M${n(x)} ${n(k + 2)}L${n(x + 9)} ${n(k - 3 < y + 5 ? y + 5 : k - 3)}`,
    );
  press.path(marks.join(''), { stroke: 'black', width: block.stage === 'walk' ? 1.5 : 0.8, cap: 'round' });
}

/** A heading and lines under it, on the next page where there is no room for them. */
function part(press: Press, title: string, lines: readonly string[]): void {
  if (lines.length === 0) return;
  const set = lines.flatMap((l) => press.lines(l, 'body', 10, press.inner - 12, 8));
  if (press.room < 26 + Math.min(3, set.length) * 14) press.nextPage();
  press.put(title, press.left, press.y + 12, { face: 'item', size: 12 });
  press.y += 18;
  for (const line of set) {
    if (press.room < 14) press.nextPage();
    press.put(line, press.left, press.y + 10, { face: 'body', size: 10 });
    press.y += 14;
  }
  press.y += 8;
}
