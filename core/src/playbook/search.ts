/** Something the command search can find. */
export interface Findable {
  /** The same for the same thing, for what was used lately. */
  readonly id: string;
  readonly kind: 'play' | 'call' | 'series' | 'sheet' | 'word' | 'place' | 'room' | 'command';
  /** What it is called: what is typed is looked for here first. */
  readonly name: string;
  /** Other words it is found by, and what is shown beside its name. */
  readonly also: readonly string[];
}

export interface Hit<T extends Findable> {
  readonly of: T;
  /** Where in the name what was typed stands: from, to. Null when it was found by another word. */
  readonly at: readonly [number, number] | null;
}

const plain = (s: string): string => s.toLocaleLowerCase().normalize('NFKD').replace(/\p{M}/gu, '');

/** An index of all there is, made once and asked with every key. */
export class Search<T extends Findable> {
  readonly #items: readonly { readonly of: T; readonly name: string; readonly also: string }[];

  constructor(items: readonly T[]) {
    this.#items = items.map((of) => ({ of, name: plain(of.name), also: plain(of.also.join(' · ')) }));
  }

  /**
   * What was typed, the best first: a name that is it, that begins with it, of which a word begins with it, that has it
   * somewhere; then what is found by another word. Among equals what was used lately comes first, `recent` from the
   * latest on. Nothing typed is what was used lately.
   */
  find(typed: string, recent: readonly string[], most: number): Hit<T>[] {
    const words = plain(typed).split(/\s+/u).filter(Boolean);
    const lately = new Map(recent.map((id, i) => [id, i]));
    const age = (of: T): number => lately.get(of.id) ?? Number.MAX_SAFE_INTEGER;
    if (words.length === 0)
      return this.#items
        .filter(({ of }) => lately.has(of.id))
        .sort((a, b) => age(a.of) - age(b.of))
        .slice(0, most)
        .map(({ of }) => ({ of, at: null }));
    const whole = words.join(' ');
    const hits = this.#items.flatMap((item) => {
      const rank = rankOf(item.name, item.also, words, whole);
      return rank === null ? [] : [{ item, rank }];
    });
    return hits
      .sort(
        (a, b) =>
          a.rank - b.rank ||
          age(a.item.of) - age(b.item.of) ||
          a.item.name.length - b.item.name.length ||
          (a.item.name < b.item.name ? -1 : 1),
      )
      .slice(0, most)
      .map(({ item }) => {
        const from = item.name.indexOf(whole);
        // Letters whose accents fall away keep their number: the place in the name is the same.
        const fits = from >= 0 && item.name.length === item.of.name.length;
        return { of: item.of, at: fits ? ([from, from + whole.length] as const) : null };
      });
  }
}

/** How well something fits, 0 best; null when it does not. */
function rankOf(name: string, also: string, words: readonly string[], whole: string): number | null {
  if (name === whole) return 0;
  if (name.startsWith(whole)) return 1;
  if (words.every((w) => begins(name, w))) return 2;
  if (words.every((w) => name.includes(w))) return 3;
  if (words.every((w) => begins(name, w) || begins(also, w))) return 4;
  if (words.every((w) => name.includes(w) || also.includes(w))) return 5;
  return null;
}

/** A word of the text begins with these letters. */
const begins = (text: string, letters: string): boolean =>
  text.startsWith(letters) || text.includes(` ${letters}`);
