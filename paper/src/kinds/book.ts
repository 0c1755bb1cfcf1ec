import { type PaperOrder } from '@corkscrew/core';
import { dateWords, type PaperInput, type PaperPlay } from '../input.ts';
import type { Pages } from '../page.ts';
import type { Press } from '../press.ts';
import type { OnPlay } from '../make.ts';
import { playSheet } from './play-sheet.ts';

/** Rows of the contents on a page. */
const ROW = 17;

/** Plays in the order a coach looks for them: Quay 4, Quay 4A, Quay 10. */
export const byName = (plays: readonly PaperPlay[]): PaperPlay[] =>
  [...plays].sort((a, b) => a.play.name.localeCompare(b.play.name, 'en', { numeric: true }));

/** The plays in the sections of the book: by series, those of none behind. */
function sectionsOf(plays: readonly PaperPlay[]): { readonly title: string; readonly plays: PaperPlay[] }[] {
  const words = [...new Set(plays.map((p) => p.play.series ?? ''))].sort(
    (a, b) => Number(a === '') - Number(b === ''),
  );
  return words.map((word) => ({
    title: word || (words.length > 1 ? 'By themselves' : 'Plays'),
    plays: byName(plays.filter((p) => (p.play.series ?? '') === word)),
  }));
}

/** The whole playbook: contents with page numbers, then every play, series by series. */
export async function book(
  press: Press,
  order: PaperOrder,
  input: PaperInput,
  onPlay: OnPlay,
): Promise<Pages | null> {
  const sections = sectionsOf(input.plays);
  const rows = sections.reduce((n, s) => n + s.plays.length + 1.4, 0);
  press.begin({ title: 'Playbook', right: [input.team, dateWords(input.date)] }, 'Contents');
  // How many pages the contents take is known before any play is set.
  const perPage = Math.floor(press.room / ROW);
  const contents = Math.max(1, Math.ceil(rows / Math.max(1, perPage - 2)));
  for (let i = 1; i < contents; i++) press.nextPage();
  const at: { section: string; name: string; call: string; page: number }[] = [];
  let done = 0;
  for (const section of sections)
    for (const p of section.plays) {
      playSheet(press, p, order, input);
      at.push({
        section: section.title,
        name: p.play.name,
        call: p.play.call?.word ?? '',
        page: press.firstPage,
      });
      if (!(await onPlay(++done, input.plays.length))) return null;
    }
  press.goTo(0);
  let page = 0;
  let last = '';
  for (const row of at) {
    const head = row.section !== last;
    if (press.room < ROW * (head ? 2.4 : 1) && page + 1 < contents) press.goTo(++page);
    if (head) {
      press.y += last ? 7 : 0;
      press.put(row.section, press.left, press.y + 13, { face: 'item', size: 13 });
      press.y += ROW;
      last = row.section;
    }
    press.line(row.name, press.left + 10, press.y + 12, press.inner / 2 - 20, { face: 'item', size: 11.5 });
    press.line(row.call && `“${row.call}”`, press.left + press.inner / 2, press.y + 12, press.inner / 3, {
      ...{ face: 'body', size: 10 },
    });
    press.put(String(row.page + 1), press.right, press.y + 12, { face: 'item', size: 11.5, anchor: 'end' });
    press.y += 3;
    press.path(`M${press.left + 10} ${press.y + 13}H${press.right}`, { stroke: 'line', width: 0.4 });
    press.y += ROW - 3;
  }
  return press.finish();
}
