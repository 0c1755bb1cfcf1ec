/** What of a play a line says: it is known by this before and after a change. */
export type LineOf =
  | { readonly is: 'head'; readonly word: string }
  | { readonly is: 'place'; readonly man: string }
  | { readonly is: 'read' | 'frame' | 'caption' | 'looks' | 'end'; readonly frame: string }
  | { readonly is: 'action'; readonly frame: string; readonly action: string }
  | { readonly is: 'there'; readonly frame: string; readonly action: string; readonly defence: number }
  | { readonly is: 'look'; readonly frame: string; readonly look: string };

/** A word for what a line says that no other line of the same play has. */
export function lineKey(of: LineOf): string {
  switch (of.is) {
    case 'head':
      return `head ${of.word}`;
    case 'place':
      return `place ${of.man}`;
    case 'action':
      return `action ${of.action}`;
    case 'there':
      return `there ${of.defence} ${of.action}`;
    case 'look':
      return `look ${of.look}`;
    default:
      return `${of.is} ${of.frame}`;
  }
}

/** Words of the head of which there may be several lines are told apart by their place among each other. */
export class HeadWords {
  private readonly seen = new Map<string, number>();
  next(word: string): LineOf {
    const n = (this.seen.get(word) ?? 0) + 1;
    this.seen.set(word, n);
    return { is: 'head', word: n === 1 ? word : `${word} ${n}` };
  }
}
