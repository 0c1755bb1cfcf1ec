import type { Court } from '../court/court.ts';
import { isSpotKey, nearestSpot, spotByKey, type Spot } from '../court/spots.ts';
import type { Place } from '../play/document.ts';
import { PLAIN, type Teller } from './teller.ts';

/** A man within this of a spot is at it, within this he is near it (feet); else he is between places. */
const AT = 2.7;
const NEAR = 6;

/** Where something is, as far as there is a name for it. */
export type SaidPlace =
  | { readonly is: 'at' | 'near'; readonly spot: string }
  | { readonly is: 'between'; readonly side: 'on the left' | 'on the right' | 'in the middle' };
/** Nearer to the middle line than this a place is on neither side (feet). */
const MIDDLE = 4;

/** A spot in the words of a team: "left jetty". */
const spotWords = ({ family, side }: Spot, t: Teller = PLAIN): string =>
  `${side ? `${side} ` : ''}${t.words[`spot.${family}`].word}`;

export function placeSaid(court: Court, place: Place, t: Teller = PLAIN): SaidPlace {
  if (place.spot && isSpotKey(place.spot)) return { is: 'at', spot: spotWords(spotByKey(place.spot)!, t) };
  const { spot, distance } = nearestSpot(court, place);
  if (distance > NEAR)
    return {
      is: 'between',
      side: Math.abs(place.x) <= MIDDLE ? 'in the middle' : place.x < 0 ? 'on the left' : 'on the right',
    };
  return { is: distance <= AT ? 'at' : 'near', spot: spotWords(spot, t) };
}

/** A spot by its key, as a team calls it; what is none as it is written. */
export function spotSaid(key: string, t: Teller = PLAIN): string {
  const known = spotByKey(key);
  return known ? spotWords(known, t) : key;
}

/** "the left wing", "near the left wing", "the floor on the left". */
export function placeWords(court: Court, place: Place, t: Teller = PLAIN): string {
  const p = placeSaid(court, place, t);
  if (p.is === 'between') return `the floor ${p.side}`;
  return p.is === 'at' ? `the ${p.spot}` : `near the ${p.spot}`;
}

/** Where something happens: "at the left wing", "near the left wing", "on the left". */
export const atPlace = (p: SaidPlace): string => (p.is === 'between' ? p.side : `${p.is} the ${p.spot}`);

/** How a verb is joined to where it leads: by a word, by nothing, or always to the rim. */
export type Lead = 'to' | 'at' | '' | 'rim';

/** What somebody does, and where that leads: "lifts to the left wing", "fills the top", "rolls to the rim". */
export function toPlace(verb: string, lead: Lead, p: SaidPlace, t: Teller = PLAIN): string {
  if (lead === 'rim') return `${verb} to the ${t.words['spot.rim'].word}`;
  if (p.is === 'near') return `${verb} near the ${p.spot}`;
  const where = p.is === 'between' ? `open floor ${p.side}` : `the ${p.spot}`;
  return lead ? `${verb} ${lead} ${where}` : `${verb} ${where}`;
}
