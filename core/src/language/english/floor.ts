import type { PlayerId } from '../../alignment/library.ts';
import type { Verb } from '../../play/document.ts';
import type { PassKind } from '../../motion/level.ts';
import type { Teller } from '../teller.ts';

type One = { who: PlayerId };
/** What a pass of a kind is called in a sentence about one. */
const kindOf = (kind: PassKind, t: Teller): string =>
  kind === 'chest' ? 'chest pass' : t.words[`pass.${kind}`].word;

type Two = { a: PlayerId; b: PlayerId };
type None = Record<never, never>;

const CAN: Partial<Record<Verb, string>> = {
  pass: 'pass',
  dribble: 'dribble',
  handoff: 'hand off',
  shot: 'shoot',
};

/** What breaks, costs or is good to know about our five and the ball. Feet and seconds. */
export const FLOOR_SENTENCES = {
  'ball-not-his': ({ who, does, holder }: One & { does: Verb; holder: PlayerId | null }) =>
    `${who} can't ${CAN[does] ?? does}: ${holder ? `${holder} has it` : 'the shot is up'}.`,
  'dead-dribble': ({ who }: One, t: Teller) =>
    `${who} has picked up ${t.his} dribble and can't start another.`,
  'to-himself': ({ who, does }: One & { does: Verb }, t: Teller) =>
    `${who} can't ${CAN[does] ?? does} to ${t.himself}.`,
  'receiver-not-there': ({ a, b, feet }: Two & { feet: number }, t: Teller) =>
    `${b} isn't there for the ${t.words.handoff.word}: ${t.he} comes no nearer than ${t.about(feet)} to ${a}.`,
  'ball-misses': ({ who, feet }: One & { feet: number }, t: Teller) =>
    `The ball comes down ${t.about(feet)} from ${who}: ${t.he} is elsewhere by then.`,
  'idle-ball': ({ who, seconds }: One & { seconds: number }, t: Teller) =>
    `${who} holds the ball for ${t.seconds(seconds)}: five is the count when ${t.he} is closely guarded.`,
  'three-seconds': ({ who, seconds }: One & { seconds: number }, t: Teller) =>
    `${who} is in the lane for ${t.seconds(seconds)}; three is the limit.`,
  'starts-out': ({ who }: One) => `${who} starts out of bounds.`,
  'goes-out': ({ who, ball }: One & { ball: boolean }) =>
    `${who} ${ball ? 'takes the ball' : 'runs'} out of bounds.`,
  'one-place': ({ a, b }: Two) => `${a} and ${b} stand in one place.`,
  'closely-guarded': ({ who, dribbles, seconds }: One & { dribbles: boolean; seconds: number }, t: Teller) =>
    `${who} ${dribbles ? 'dribbles' : 'holds the ball'} closely guarded for ${t.seconds(seconds)}: five seconds is a violation.`,
  'blind-screen': ({ who, on, feet }: One & { on: number; feet: number }, t: Teller) =>
    `${who} screens ${t.theirs(on)} from behind at ${t.about(feet)}, middle to middle: one ${t.he} cannot see must leave ${t.him} a step, and may be called.`,
  'screen-late': ({ a, b, late }: Two & { late: number }, t: Teller) =>
    `${b} is gone ${t.seconds(late)} before ${a} has set the ${t.words.screen.word}.`,
  'moving-screen': ({ a, b, late }: Two & { late: number }, t: Teller) =>
    `${a} still moves when ${b} comes off ${t.him}: the ${t.words.screen.word} is set ${t.seconds(late)} late.`,
  'screen-left': ({ a, b, early }: Two & { early: number }, t: Teller) =>
    `${a} leaves ${t.his} ${t.words.screen.word} ${t.seconds(early)} before ${b} comes by.`,
  'screen-angle': ({ a, b, degrees }: Two & { degrees: number }) =>
    `${a}'s back is ${Math.round(degrees)}° off the way ${b} goes.`,
  'screen-wide': ({ a, b, feet }: Two & { feet: number }, t: Teller) =>
    `${b} passes ${t.about(feet)} wide of ${a}: ${t.his} ${t.man} slips through.`,
  'screen-unused': ({ a, b }: Two, t: Teller) =>
    `Nobody uses ${a}'s ${t.words.screen.word}: ${b} comes no nearer.`,
  'pass-long': ({ a, b, feet, safe }: Two & { feet: number; safe: number }, t: Teller) =>
    `${a}'s pass to ${b} is ${t.about(feet)}; at this level ${t.about(safe)} is safe.`,
  'pass-kind': (
    {
      a,
      b,
      kind,
      why,
      feet,
      limit,
    }: Two & { kind: PassKind; why: 'short' | 'long' | 'rim' | 'dribble'; feet: number; limit: number },
    t: Teller,
  ) =>
    why === 'rim'
      ? `${a} ${t.words['pass.lob'].third} to ${b} ${t.about(feet)} from the ${t.words['spot.rim'].word}: a ${t.words['pass.lob'].word} is for a ${t.man} at the ${t.words['spot.rim'].word}.`
      : why === 'dribble'
        ? `${a}'s ${kindOf('pocket', t)} to ${b} comes off no dribble.`
        : why === 'short'
          ? `${a}'s ${kindOf(kind, t)} to ${b} is ${t.about(feet)}: too near for one.`
          : `${a}'s ${kindOf(kind, t)} to ${b} is ${t.about(feet)}: beyond ${t.about(limit)} it gets there too late.`,
  'pass-early': ({ who, early }: One & { early: number }, t: Teller) =>
    `The ball is there ${t.seconds(early)} before ${who}.`,
  'pass-late': ({ who, late }: One & { late: number }, t: Teller) =>
    `${who} waits ${t.seconds(late)} for the ball: ${t.his} ${t.man} is back by then.`,
  'entry-angle': ({ a, b, across }: Two & { across: boolean }, t: Teller) =>
    `${a} feeds ${b} ${across ? 'from the other side' : 'from above the key'}: the ${t.words['spot.wing'].word} gives the angle past a ${t.man} in front.`,
  crowded: ({ a, b, feet }: Two & { feet: number }, t: Teller) =>
    `${a} and ${b} are ${t.about(feet)} apart: one ${t.man} guards both.`,
  'drive-open-side': ({ who }: One, t: Teller) =>
    `${who} ${t.words['dribble.drive'].third} to an open side: no help stands there.`,
  'drive-gap': (
    { who, side, to, feet }: One & { side: 'left' | 'right'; to: PlayerId; feet: number },
    t: Teller,
  ) =>
    `${who} ${t.words['dribble.drive'].third} ${side} into a single gap: ${to} is ${t.about(feet)} along, ${t.his} ${t.man} a step from helping.`,
  'lane-crowded': ({ who, inside }: One & { inside: readonly PlayerId[] }, t: Teller) =>
    `${t.all(inside)} ${inside.length > 1 ? 'are' : 'is'} in the lane while ${who} ${t.words['dribble.drive'].third}.`,
  'lane-stays': ({ who, driver }: One & { driver: PlayerId }, t: Teller) =>
    `${who} stays in the lane while ${driver} ${t.words['dribble.drive'].third}: ${t.his} ${t.man} is in the way.`,
  'lane-runs': ({ who, driver }: One & { driver: PlayerId }, t: Teller) =>
    `${who} runs into ${driver}'s ${t.words['dribble.drive'].word} and clogs it: ${t.he} leaves too soon.`,
  'post-side': ({ a, b }: Two, t: Teller) => `${a} dives into ${b}'s side: ${t.his} ${t.man} helps on ${b}.`,
  'screen-missed': ({ a, b, passer, late }: Two & { passer: PlayerId; late: number }, t: Teller) =>
    `${b} comes off ${a}'s ${t.words.screen.word} ${t.seconds(late)} after ${passer} has thrown elsewhere: nobody can find ${t.him}.`,
  'corner-drift': (
    { who, driver, feet, was, is }: One & { driver: PlayerId; feet: number; was: number; is: number },
    t: Teller,
  ) =>
    `${who} ${t.words['cut.drift'].third} ${t.about(feet)} up from the ${t.words['spot.corner'].word} while ${driver} ${t.words['dribble.drive'].third}: the gap shrinks from ${was.toFixed(1)} spots to ${is.toFixed(1)}.`,
  overload: (_: None, t: Teller) =>
    `All five are on the ball's side: their ${t.words['spot.weakSide'].word} can all help.`,
  standing: ({ who, seconds }: One & { seconds: number }, t: Teller) =>
    `${who} stands for ${t.seconds(seconds)}: ${t.his} ${t.man} may watch the ball.`,
  'no-job': ({ who, from, to }: One & { from: number; to: number }) =>
    `${who} has nothing to do in frames ${from} to ${to}.`,
  'feet-on-line': ({ who }: One) => `${who}'s feet are on the line: a three for the price of a two.`,
  rebounders: ({ count, sent }: { count: number; sent: number }, t: Teller) =>
    `${count === 0 ? 'Nobody is' : count === 1 ? `One ${t.man} is` : `${count} ${t.men} are`} near the boards when the shot comes off; you send ${sent}.`,
  'long-rebound': ({ feet }: { feet: number }, t: Teller) =>
    `A shot from ${t.about(feet)} comes off long; nobody is at the foul line for it.`,
  'zone-middle': (_: None, t: Teller) =>
    `The ball never touches the ${t.words['spot.highPost'].word}: a zone is beaten from its middle.`,
  'zone-inside': ({ seconds }: { seconds: number }, t: Teller) =>
    `Nobody is inside for ${t.seconds(seconds)}: the zone may step out.`,
  'zone-behind': ({ seconds }: { seconds: number }, t: Teller) =>
    `Nobody is along the baseline for ${t.seconds(seconds)}: the back line need not look behind.`,
  'zone-still': ({ passes }: { passes: number }) =>
    `${passes} passes and nobody else moves: a zone shifts with the ball alone.`,
  'zone-dribble': ({ who }: One) =>
    `${who}'s dribble neither attacks nor moves a defender: a pass is quicker.`,
};
