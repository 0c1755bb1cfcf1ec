import type { PlayerId } from '../../alignment/library.ts';
import { pointWords } from '../verdict.ts';
import type { TermKey } from '../dictionary.ts';
import type { Teller } from '../teller.ts';

const first = (words: string): string => `${words[0]!.toLocaleUpperCase()}${words.slice(1)}`;
/** What a man does, as an answer is called by it. */
const does = (t: Teller, key: TermKey): string => first(t.words[key].base);

/** What an answer is called; of a pass, to whom. */
const RECIPES = {
  pullUp: () => 'Pull up',
  mid: () => 'Stop short and shoot',
  roll: (to: string, t: Teller) => `${does(t, 'cut.roll')}, ball to ${to}`,
  shortRoll: (to: string, t: Teller) => `${first(t.words['cut.shortRoll'].word)}, ball to ${to}`,
  pop: (to: string, t: Teller) => `${does(t, 'cut.pop')}, ball to ${to}`,
  ghost: (to: string, t: Teller) => `${does(t, 'screen.ghost')}, ball to ${to}`,
  slip: (to: string, t: Teller) => `${does(t, 'cut.slip')} it, ball to ${to}`,
  lower: () => 'Screen lower, shoot behind it',
  reject: () => 'Refuse the screen',
  curl: (to: string, t: Teller) => `${does(t, 'cut.curl')}, ball to ${to}`,
  rescreen: () => 'Screen again on the other side',
  turn: () => 'Turn the screen',
  seal: (to: string) => `Seal him inside, ball to ${to}`,
  dribbleAt: (to: string) => `Dribble at him, ball to ${to} behind`,
  dive: (to: string) => `${to} cuts in behind, ball to ${to}`,
  flash: (to: string, t: Teller) => `${to} ${t.words['cut.flash'].third} to the middle`,
  fade: (to: string, t: Teller) => `${does(t, 'cut.fade')}, ball to ${to}`,
  backCut: (to: string, t: Teller) => `${first(t.words['cut.back'].word)}, ball to ${to}`,
  outlet: (to: string) => `Ball to ${to}`,
  swing: (to: string) => `Swing it to ${to}`,
  keep: () => 'Keep it and go',
  lob: (to: string, t: Teller) => `${does(t, 'pass.lob')} to ${to}`,
  highLow: (to: string) => `High-low to ${to}`,
} as const;

/** Answers to what the defence does. Men of theirs by their index, feet and seconds, points as worth. */
export const ANSWER_SENTENCES = {
  'answer-point': (at: Parameters<typeof pointWords>[0]) => pointWords(at),
  'answer-recipe': ({ recipe, to }: { recipe: keyof typeof RECIPES; to: PlayerId }, t: Teller) =>
    RECIPES[recipe](to, t),
  'answer-open': (
    { who, at, worth, early }: { who: PlayerId; at: number; worth: number; early: number },
    t: Teller,
  ) =>
    `${who} is open at ${t.clock(at)}, worth ${worth.toFixed(2)}.${Math.abs(early) > 0.15 ? ` Let it go ${t.seconds(Math.abs(early))} ${early > 0 ? 'earlier' : 'later'}.` : ''}`,
  'answer-firm': ({ open, boards }: { open: number; boards: number }) =>
    `Open on ${open} of ${boards} boards a little off from this one.`,
  'answer-feet': (
    { who, by, feet, need }: { who: PlayerId; by: number; feet: number; need: number },
    t: Teller,
  ) =>
    `${who} is not open: ${t.theirs(by)} is ${need - feet < 0.5 ? `just inside the ${t.about(need)} that are open` : `${t.about(feet)} away when ${t.he} shoots, ${t.about(need)} are open`}.`,
  'answer-lane': ({ who, by, late }: { who: PlayerId; by: number; late: number }, t: Teller) =>
    late > 0
      ? `${t.theirs(by)} has a hand in the lane to ${who} ${t.seconds(late)} before the ball.`
      : `${t.theirs(by)} is too near to the lane to ${who}: the ball beats the hand by ${(-late).toFixed(2)} s.`,
  'answer-way': ({ who, by }: { who: PlayerId; by: number }, t: Teller) =>
    `${t.theirs(by)} is in ${who}'s way.`,
  'answer-cheap': ({ who, worth }: { who: PlayerId; worth: number }) =>
    `${who} is open, but it is worth ${worth.toFixed(2)} only.`,
  'answer-before': ({ who }: { who: PlayerId }) =>
    `The ball does not get to ${who}: a pass on the way is covered.`,
  'answer-none': () => 'No look comes after it.',
  'answer-never': () => 'They never do this: it is not judged, and not looked for.',
  'answer-cant': () => 'Nobody would stand elsewhere for it.',
  'duty-fights': ({ by, who, lost }: { by: number; who: PlayerId; lost: number }, t: Teller) =>
    `${t.theirs(by)} fights through to ${who}${lost > 0.05 ? `: ${t.seconds(lost)} lost` : ', and loses nothing'}.`,
  'duty-takes': ({ by, who }: { by: number; who: PlayerId }, t: Teller) =>
    `${t.theirs(by)} takes over ${who}.`,
  'duty-tags': ({ by, who }: { by: number; who: PlayerId }, t: Teller) => `${t.theirs(by)} tags ${who}.`,
  'duty-helps': ({ by, who }: { by: number; who: PlayerId }, t: Teller) => `${t.theirs(by)} helps on ${who}.`,
  'duty-closes-out': ({ by, who, feet }: { by: number; who: PlayerId; feet: number }, t: Teller) =>
    `${t.theirs(by)} closes out ${t.about(feet)} to ${who}.`,
  'duty-boxes-out': ({ by, who }: { by: number; who: PlayerId }, t: Teller) =>
    `${t.theirs(by)} boxes out ${who}.`,
  'duty-split': ({ by, a, b }: { by: number; a: PlayerId; b: PlayerId }, t: Teller) =>
    `${t.theirs(by)} has ${a} and ${b}.`,
  'leaves-opens': (
    { by, to, who, late }: { by: number; to: PlayerId; who: PlayerId; late: number },
    t: Teller,
  ) => `${t.theirs(by)} to ${to} leaves ${who}: everybody is ${t.seconds(late)} late for ${t.him}.`,
  'leaves-free': ({ by, to, lift }: { by: number; to: PlayerId; lift: PlayerId | null }, t: Teller) =>
    `${t.theirs(by)} can go to ${to} for free${lift ? `: move ${lift}` : ''}.`,
  'answer-worst': ({ worth, what }: { worth: number; what: readonly string[] }) =>
    what.length > 0
      ? `Worth ${worth.toFixed(2)} if ${what
          .map((w) =>
            w
              .replace(/^They /, 'they ')
              .replace(/^Help /, 'help comes ')
              .replace(/^No /, 'no '),
          )
          .join(' and ')}; nothing hurts more.`
      : `Worth ${worth.toFixed(2)} as they play it; nothing hurts more.`,
} as const;
