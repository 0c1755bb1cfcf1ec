import { PLAYERS, type PlayerId } from '../alignment/library.ts';
import type { Play } from '../play/document.ts';
import { mainLine } from '../play/tree.ts';
import { needsOf } from './needs.ts';

/** What a play gives its numbers and asks of them. */
export interface NumberLooks {
  /** A look that comes first, or second. */
  readonly first: boolean;
  readonly second: boolean;
  /** Screens he sets on any line, and feet he runs on the play as drawn. */
  readonly screens: number;
  readonly feet: number;
}

/** Who gets the first and the second look of a play: by the coach's looks, else by the shots as they are drawn. */
export function looksOf(play: Play): Readonly<Record<PlayerId, NumberLooks>> {
  const order = [...play.frames.flatMap((f) => f.looks ?? [])]
    .sort((a, b) => a.order - b.order)
    .map((l) => l.player);
  const main = new Set(mainLine(play).map((f) => f.id));
  const shots = [...play.frames]
    .sort((a, b) => Number(main.has(b.id)) - Number(main.has(a.id)))
    .flatMap((f) => f.actions.flatMap((a) => (a.does === 'shot' ? [a.by] : [])));
  const [first, second] = [...new Set([...order, ...shots])];
  const needs = needsOf(play);
  return Object.fromEntries(
    PLAYERS.map((p): [PlayerId, NumberLooks] => [
      p,
      {
        ...{ first: p === first, second: p === second, feet: needs[p].feet },
        screens: play.frames.reduce(
          (n, f) => n + f.actions.filter((a) => a.does === 'screen' && a.by === p).length,
          0,
        ),
      },
    ]),
  ) as Record<PlayerId, NumberLooks>;
}

/** Looks, screens and feet of a man over some plays, each by the number he has in it; −1 he is not in it. */
export interface ManLooks {
  readonly first: number;
  readonly second: number;
  readonly screens: number;
  readonly feet: number;
}
export function looksByMan(
  plays: readonly { readonly play: Play; readonly five: readonly number[] }[],
  man: number,
): ManLooks {
  const sum = { first: 0, second: 0, screens: 0, feet: 0 };
  for (const { play, five } of plays) {
    const number = PLAYERS[five.indexOf(man)];
    if (!number) continue;
    const looks = looksOf(play)[number];
    sum.first += Number(looks.first);
    sum.second += Number(looks.second);
    sum.screens += looks.screens;
    sum.feet += looks.feet;
  }
  return sum;
}
