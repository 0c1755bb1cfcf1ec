import { captionOf, PLAYERS, type PaperOrder, type PlayerId } from '@corkscrew/core';
import { frameScene } from '@corkscrew/diagram';
import { floorScale } from '../floor.ts';
import { tellerFor, type PaperInput, type PaperPlay } from '../input.ts';
import { PlayLines, type FrameCell } from '../line.ts';
import type { Press } from '../press.ts';

/** What one man does, frame by frame, and in every ending: "1: …; if they switch: …". */
export function jobSheets(press: Press, p: PaperPlay, order: PaperOrder, input: PaperInput): void {
  const all = order.number ? [order.number] : PLAYERS;
  for (const man of all) jobSheet(press, p, man, order, input);
}

function jobSheet(press: Press, p: PaperPlay, man: PlayerId, order: PaperOrder, input: PaperInput): void {
  const { play } = p;
  const t = tellerFor(play, order, input);
  const lines = new PlayLines(play, t);
  press.begin(
    {
      title: `${man} in ${play.name}`,
      right: [
        play.call?.word ? `Call “${play.call.word}”` : '',
        order.signals ? (play.call?.signal ?? '') : '',
      ].filter(Boolean),
    },
    `${play.name}: ${man}`,
  );
  const first = lines.trunk()[0] ?? lines.endings()[0]?.cells[0];
  const width = 150;
  if (first) {
    const scene = frameScene({
      court: lines.court,
      walk: { ...lines.walksTo(first.frame.id)[0]!, steps: [] },
      scale: floorScale(width, { wide: lines.wide, depth: 28 }),
    });
    const tall = press.scene(scene, press.right - width, press.y, width);
    const start = press.y;
    setJobs(press, lines, lines.trunk(), man, press.inner - width - 16);
    press.y = Math.max(press.y, start + tall + 8);
  }
  for (const ending of lines.endings()) {
    const text = jobsOf(lines, ending.cells, man)
      .map((j) => [j.words, j.time && `(${j.time})`].filter(Boolean).join(' '))
      .join('. ');
    if (text === '') continue;
    const words = `${ending.label}:`;
    const lead = press.lines(words, 'item', 12.5, press.inner, 2);
    const tall = lead.length * 16 + press.lines(text, 'body', 12, press.inner).length * 15.4 + 10;
    press.need(tall);
    press.rule(0.6);
    lead.forEach((l, i) => press.put(l, press.left, press.y + 15 + i * 16, { face: 'item', size: 12.5 }));
    press.block(text, press.left, press.y + 6 + lead.length * 16, press.inner, { face: 'body', size: 12 });
    press.y += tall;
  }
}

interface Job {
  readonly no: string;
  readonly title: string;
  readonly words: string;
  /** When it begins. */
  readonly time: string;
}

/** What he does in some frames, in words and with when; nothing where he has nothing to do. */
function jobsOf(lines: PlayLines, cells: readonly FrameCell[], man: PlayerId): Job[] {
  return cells.flatMap((cell): Job[] => {
    const walks = lines.walksTo(cell.frame.id);
    const at = Number(cell.no) - 1;
    const walk = walks[at]!;
    const his = walk.steps.find((s) => s.action.by === man);
    if (!his) return [];
    const words = captionOf(lines.court, walk, walks.slice(0, at), lines.t, man);
    const { timeline } = lines.line(cell.frame.id);
    const start = timeline.actions.find((a) => a.action.id === his.action.id)?.start;
    const time = start === undefined ? '' : `${start.toFixed(1)} s`;
    return [{ no: cell.no, title: cell.title, words, time }];
  });
}

function setJobs(
  press: Press,
  lines: PlayLines,
  cells: readonly FrameCell[],
  man: PlayerId,
  width: number,
): void {
  const jobs = jobsOf(lines, cells, man);
  const shown = jobs.length > 0 ? jobs : [{ no: '1', title: '', words: 'Stays where he is', time: '' }];
  for (const job of shown) {
    const tall = press.lines(job.words, 'body', 13, width - 70).length * 16.7 + 8;
    if (press.need(tall)) width = press.inner;
    press.box(job.no, press.left, press.y, 17);
    press.block(job.words, press.left + 26, press.y, width - 70, { face: 'body', size: 13 });
    press.put(job.time, press.left + width, press.y + 12.5, { face: 'item', size: 12, anchor: 'end' });
    press.y += Math.max(24, tall);
  }
}
