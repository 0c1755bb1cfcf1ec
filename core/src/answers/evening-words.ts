import { said, type Said } from '../language/said.ts';
import type { Duty, Leaves } from './evening.ts';
import type { Seat } from '../geometry/five.ts';

/** One duty as it is told. */
export function dutySaid(by: Seat, { does, player: who, other, much = 0 }: Duty): Said {
  switch (does) {
    case 'fights':
      return said('duty-fights', { by, who, lost: much });
    case 'takes':
      return said('duty-takes', { by, who });
    case 'tags':
      return said('duty-tags', { by, who });
    case 'helps':
      return said('duty-helps', { by, who });
    case 'closesOut':
      return said('duty-closes-out', { by, who, feet: much });
    case 'boxesOut':
      return said('duty-boxes-out', { by, who });
    case 'split':
      return said('duty-split', { by, a: who, b: other ?? who });
  }
}

/** What it costs when a helper goes; of one who helps for free, whom to move so that he does not. */
export const leavesSaid = ({ defender: by, own, to, opens }: Leaves): Said =>
  opens
    ? said('leaves-opens', { by, to, who: opens.player, late: opens.late })
    : said('leaves-free', { by, to, lift: own });
