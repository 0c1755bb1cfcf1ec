import { DICTIONARY, groupOf, type PaperOrder, type TermKey } from '@corkscrew/core';
import type { PaperInput } from '../input.ts';
import type { Press } from '../press.ts';

const GROUPS: Readonly<Record<string, string>> = {
  place: 'Places',
  do: 'What we do',
  they: 'What they do',
  when: 'When we call it',
};

/** The team's words and what they mean, in the order of the alphabet within what they are about. */
export function glossary(press: Press, order: PaperOrder, input: PaperInput): void {
  press.begin({ title: 'Our words', right: [input.team] }, 'Our words');
  const rows = (input.words ?? []).map((w) => {
    const group = w.key !== undefined && w.key in DICTIONARY ? groupOf(w.key as TermKey) : 'own';
    const means =
      w.key !== undefined && w.key in DICTIONARY ? DICTIONARY[w.key as TermKey].word : (w.means ?? '');
    return {
      word: w.word,
      means,
      sign: order.signals ? (w.signal?.words ?? '') : '',
      group: GROUPS[group] ?? 'More',
    };
  });
  if (rows.length === 0) {
    press.block('The team uses the trade’s own words.', press.left, press.y, press.inner, {
      face: 'body',
      size: 12,
    });
    return;
  }
  const groups = [...new Set(rows.map((r) => r.group))].sort(
    (a, b) => Number(a === 'More') - Number(b === 'More'),
  );
  const columns = 2;
  const gap = 26;
  const width = (press.inner - gap) / columns;
  const top = press.y;
  let column = 0;
  const next = (): void => {
    column = (column + 1) % columns;
    if (column === 0) press.nextPage();
    press.y = top;
  };
  for (const group of groups) {
    if (press.room < 60) next();
    let left = press.left + column * (width + gap);
    press.put(group, left, press.y + 13, { face: 'item', size: 13 });
    press.y += 18;
    for (const r of rows
      .filter((x) => x.group === group)
      .sort((a, b) => a.word.localeCompare(b.word, 'en'))) {
      const words = [r.means, r.sign].filter(Boolean).join('. Sign: ');
      const lines = press.lines(words, 'body', 10, width - 110, 3);
      const tall = Math.max(17, lines.length * 13 + 4);
      if (press.room < tall) next();
      left = press.left + column * (width + gap);
      press.rule(0.5, 'line', left, left + width);
      press.line(r.word, left, press.y + 12, 104, { face: 'item', size: 11.5 });
      lines.forEach((l, i) => press.put(l, left + 110, press.y + 12 + i * 13, { face: 'body', size: 10 }));
      press.y += tall;
    }
    press.y += 12;
  }
}
