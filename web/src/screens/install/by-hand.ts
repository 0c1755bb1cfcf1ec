import {
  changeBlock,
  moveBlock,
  takesToBringIn,
  type Block,
  type BlockItem,
  type InstallTeam,
  type Kept,
  type Practice,
} from '@corkscrew/core';
import { nanoid } from 'nanoid';
import type { Chosen } from './Weeks.tsx';

/** Minutes of a new block: of a play that is not read yet, and of what is no play. */
const WALK = 8;
const OTHER = 12;

/** Blocks as a coach moves, adds and takes them out by hand; what is changed is told in words, to be taken back. */
export function byHand({
  team,
  day,
  dayName,
  change,
  choose,
}: {
  readonly team: InstallTeam;
  readonly day: string;
  readonly dayName: (practice: string) => string;
  readonly change: (changed: readonly Kept<Practice | null>[], words?: string) => void;
  readonly choose: (chosen: Chosen) => void;
}) {
  const { practices } = team;
  const holder = (block: string): number =>
    practices.findIndex((p) => p.body.blocks.some((b) => b.id === block));
  const nameOf = (block: string): string =>
    practices.flatMap((p) => p.body.blocks).find((b) => b.id === block)?.item.name ?? '';
  const move = (id: string, to: string, place: number): void => {
    const moved = moveBlock(practices, id, to, place);
    if (!moved) return;
    change(moved, moved.length > 1 ? `${nameOf(id)} is on ${dayName(to)} now.` : undefined);
    choose({ is: 'block', practice: to, block: id });
  };
  return {
    move,
    step: (id: string, by: { readonly place?: number; readonly practice?: number }): void => {
      const from = holder(id);
      const there = practices[from + (by.practice ?? 0)];
      if (!there) return;
      const place = practices[from]!.body.blocks.findIndex((b) => b.id === id);
      if (by.practice) return move(id, there.id, Math.min(place, there.body.blocks.length));
      move(id, there.id, by.place! > 0 ? place + 2 : place - 1);
    },
    remove: (id: string): void => {
      const of = practices[holder(id)];
      if (!of) return;
      choose(null);
      change(
        [{ id: of.id, body: changeBlock(of.body, id, null) }],
        `${nameOf(id)} is out of ${dayName(of.id)}.`,
      );
    },
    /** A play comes early, with the minutes it takes to bring in; anything else at the end. */
    add: (practice: Kept<Practice>, what: { readonly play?: string; readonly name: string }): void => {
      const item: BlockItem = what.play
        ? { is: 'play', play: what.play, name: what.name }
        : { is: 'other', name: what.name };
      const known = what.play === undefined ? undefined : team.plays.get(what.play);
      const walk = known ? takesToBringIn({ play: known.id, leaf: null }, known, team, day) : WALK;
      const made: Block = {
        id: nanoid(8),
        item,
        stage: what.play ? 'walk' : 'guided',
        minutes: what.play ? walk : OTHER,
      };
      const blocks = [...practice.body.blocks];
      blocks.splice(what.play ? Math.min(1, blocks.length) : blocks.length, 0, made);
      change([{ id: practice.id, body: { ...practice.body, blocks } }]);
      choose({ is: 'block', practice: practice.id, block: made.id });
    },
  };
}
