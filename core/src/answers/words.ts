import type { PlayerId } from '../alignment/library.ts';
import type { Judged } from './judge.ts';
import { OPEN } from '../look/chance.ts';
import { said, type Said } from '../language/said.ts';
import { readWords } from '../language/read.ts';
import type { Defence, Read } from '../play/document.ts';
import { FIRM, type Cell } from './cell.ts';
import type { PointOnLine, Reaction } from './points.ts';
import { usualAt, whoDoes, type Told } from './told.ts';

/** A point by what is done there. */
export const pointSaid = ({ kind, by, user }: PointOnLine): Said => said('answer-point', { kind, by, user });

/** A reaction at a point as a read, by whom it is done. */
export const readOf = (defence: Defence, p: PointOnLine, does: Reaction): Read => {
  const who = whoDoes(defence, p, does);
  return { does, ...(who.length > 0 ? { who } : {}) };
};

/** Why a cell is what it is, in the order in which it is told. */
export function whySaid(cell: Cell): Said[] {
  const { look, tried, boards, state } = cell;
  if (state === 'never') return [said('answer-never', undefined)];
  if (state === 'cant') return [said('answer-cant', undefined)];
  if (!look || !tried) return [said('answer-none', undefined)];
  const firm = boards > 1 ? [said('answer-firm', { open: Math.round(tried.share * boards), boards })] : [];
  const who = look.look.player;
  if (look.open && tried.worth < FIRM.worth)
    return [said('answer-cheap', { who, worth: tried.worth }), ...firm];
  if (look.open)
    return [
      said('answer-open', {
        who,
        at: look.judged.at,
        worth: tried.worth,
        early: look.inTime ? 0 : look.look.at - look.judged.at,
      }),
      ...firm,
    ];
  return [lacksSaid(look.judged, who, look.judged.open), ...firm];
}

function lacksSaid(j: Judged, who: PlayerId, open: boolean): Said {
  if (open) return said('answer-before', { who });
  switch (j.lacks) {
    case 'way':
      return said('answer-way', { who, by: j.way });
    case 'lane':
      return said('answer-lane', { who, by: j.laneMan, late: -j.margin });
    default:
      return said('answer-feet', { who, by: j.by, feet: j.feet, need: j.near ? OPEN.rim : OPEN.shot });
  }
}

/** Their choices that differ from what they do anyhow, in words: "if they switch 5's screen for 1". */
export const toldWords = (
  defence: Defence,
  points: readonly PointOnLine[],
  told: Told,
  point: (p: PointOnLine) => string,
): string[] =>
  points.flatMap((p) => {
    const does = told[p.id];
    return does === undefined || does === usualAt(defence, p)
      ? []
      : [`${readWords(readOf(defence, p, does))} (${point(p)})`];
  });
