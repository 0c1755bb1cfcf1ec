import { courtFor } from '../court/rulesets.ts';
import { looksIn } from '../answers/looks.ts';
import { captionOf } from '../language/caption.ts';
import { againstInFull } from '../language/labels.ts';
import { lineWords } from '../language/line.ts';
import { lookWords } from '../language/look.ts';
import { PLAIN, type Teller } from '../language/teller.ts';
import { compile } from '../motion/compile.ts';
import type { Play } from '../play/document.ts';
import { walkLine } from '../play/state.ts';
import { leaves, lineTo } from '../play/tree.ts';

/** A text in which nothing is taken for a sign of Markdown. */
const plain = (text: string): string =>
  text.replace(/\s+/g, ' ').replace(/[\\`*_{}[\]<>#|~]/g, (c) => (c === '<' ? '&lt;' : `\\${c}`));

/** A play as a sheet in Markdown: its head, its frames in words, every ending under what they do, and its looks. */
export function markdownSheet(play: Play, t: Teller = PLAIN): string {
  const court = courtFor(play);
  const facts = [
    play.call?.word && `Call “${plain(play.call.word)}”`,
    play.call?.signal && plain(play.call.signal),
    play.against.length > 0 &&
      `against ${play.against.map((a) => againstInFull(a).toLowerCase()).join(', ')}`,
  ].filter(Boolean);
  const out = [`# ${plain(play.name)}`, ''];
  if (facts.length > 0) out.push(`${facts.join(' · ')}`, '');
  const told = new Set<string>();
  for (const { id: leaf } of leaves(play)) {
    const line = lineTo(play, leaf);
    const walks = walkLine(play, line);
    const { timeline } = compile(play, leaf, court, play.level);
    if (told.size > 0) out.push('', `## ${plain(lineWords(play, leaf, t))}`, '');
    line.forEach((frame, i) => {
      if (told.has(frame.id)) return;
      told.add(frame.id);
      const start = timeline.bars.find((b) => b.frame === frame.id)?.start ?? 0;
      const words = frame.caption?.trim() || captionOf(court, walks[i]!, walks.slice(0, i), t) || 'The set.';
      const title = frame.title ? ` **${plain(frame.title)}**:` : '';
      out.push(`${i + 1}.${title} ${plain(words)} _(${start.toFixed(1)} s)_`);
    });
  }
  const looks = play.frames.flatMap((f) =>
    looksIn(play, f.id, court, (leaf) => compile(play, leaf, court, play.level).timeline),
  );
  if (looks.length > 0)
    out.push('', '## Looks', '', ...looks.map((l, i) => `${i + 1}. ${plain(lookWords(l.look, t))}`));
  if (play.notes) out.push('', plain(play.notes));
  return `${out.join('\n')}\n`;
}
