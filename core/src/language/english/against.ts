import type { PlayerId } from '../../alignment/library.ts';
import type { PassKind } from '../../motion/level.ts';
import { spotSaid } from '../place.ts';
import type { Teller } from '../teller.ts';

/** The kind of pass that would get there. */
const better = (kind: PassKind, t: Teller): string => {
  const word = kind === 'chest' ? 'chest pass' : t.words[`pass.${kind}`].word;
  return `${/^[aeiou]/i.test(word) ? 'An' : 'A'} ${word} is there.`;
};

/** What the defence makes of it. Defenders by their index, spots by their keys, feet and seconds. */
export const AGAINST_SENTENCES = {
  'lane-contested': (
    {
      by,
      passer,
      receiver,
      early,
      better: kind,
    }: { by: number; passer: PlayerId; receiver: PlayerId; early: number; better: PassKind | null },
    t: Teller,
  ) =>
    `${t.theirs(by)} is in the lane of ${passer}'s pass to ${receiver}: ${t.his} hand is there ${t.seconds(early)} before the ball.${kind ? ` ${better(kind, t)}` : ''}`,
  'pass-window': (
    {
      receiver,
      by,
      verdict,
      from,
      to,
    }: { receiver: PlayerId; by: number; verdict: string; from: number; to: number },
    t: Teller,
  ) =>
    `The pass to ${receiver} comes ${t.seconds(by)} ${verdict}: ${t.he} is free from ${t.clock(from)} to ${t.clock(to)}.`,
  'look-open': (
    { who, by, feet, earlier }: { who: PlayerId; by: number; feet: number; earlier: number },
    t: Teller,
  ) =>
    `${who}'s shot is not open: ${t.theirs(by)} is ${t.about(feet)} away when it leaves ${t.his} hand.${earlier > 0 ? ` It was open ${t.seconds(earlier)} earlier.` : ''}`,
  'help-unseen': (
    { by, who, from, to }: { by: number; who: PlayerId; from: number; to: number },
    t: Teller,
  ) =>
    `${t.theirs(by)} helps and leaves ${who}: ${t.he} is open from ${t.clock(from)} to ${t.clock(to)}, and nobody looks for ${t.him}.`,
  'no-outlet': ({ who, seconds }: { who: PlayerId; seconds: number }, t: Teller) =>
    `Two are on ${who} for ${t.seconds(seconds)} and every lane is covered: nobody is an outlet.`,
  'soft-empty': ({ ball, soft }: { ball: string; soft: readonly string[] }, t: Teller) =>
    `Ball at the ${spotSaid(ball, t)}: the zone is soft at the ${soft.map((s) => spotSaid(s, t)).join(', ')}, and nobody is there.`,
  'wrong-shoulder': ({ who, receiver, by }: { who: PlayerId; receiver: PlayerId; by: number }, t: Teller) =>
    `${who} comes off ${receiver}'s wrong shoulder: ${t.theirs(by)} is on that side already, and nothing is between them.`,
  'mismatch-tall': (
    { who, by, ours, theirs }: { who: PlayerId; by: number; ours: number; theirs: number },
    t: Teller,
  ) =>
    `After the switch ${t.theirs(by)}, ${t.tall(theirs)}, is on ${who}, ${t.tall(ours)}: seal inside and throw it in to ${t.him}.`,
  'mismatch-fast': ({ who, by, percent }: { who: PlayerId; by: number; percent: number }, t: Teller) =>
    `After the switch ${t.theirs(by)} is on ${who}, who is ${Math.round(percent)} % faster: give ${t.him} the ball and let ${t.him} drive.`,
  backside: ({ soft, decisions }: { soft: string; decisions: number }, t: Teller) =>
    `The far side is soft at the ${spotSaid(soft, t)}, and for ${decisions} decisions nobody is there: the zone can load up on the ball.`,
  'close-out-unused': (
    { by, who, feet, late }: { by: number; who: PlayerId; feet: number; late: number },
    t: Teller,
  ) =>
    `${t.theirs(by)} is ${t.about(feet)} from ${who} and ${t.seconds(late)} late for ${t.his} shot; the ball never goes there.`,
};
