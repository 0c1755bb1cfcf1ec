import { alignmentByKey } from '../alignment/library.ts';
import type { PlanMove } from '../install/apply.ts';
import type { Letting } from '../install/gives.ts';
import type { Gives } from '../install/plan/gives.ts';
import type { BlockStage, InstallStage, Progress, Went } from '../install/stages.ts';
import type { Ready, Short } from '../install/ready.ts';
import type { Reason } from '../install/reason.ts';
import { isTermKey } from './dictionary.ts';
import { PLAIN, type Teller } from './teller.ts';

/** How far a line is. */
const INSTALL_WORDS: Readonly<Record<InstallStage, string>> = {
  drawn: 'Drawn',
  introduced: 'Introduced',
  reviewed: 'Reviewed',
  live: 'Live',
  settled: 'Settled',
};
/** How a block is run. */
export const BLOCK_WORDS: Readonly<Record<BlockStage, string>> = {
  walk: 'Walk through, 5 on 0',
  guided: 'Guided, defence gives way',
  breakdown: 'In parts, twos and threes',
  live: 'Live, 5 on 5',
  situation: 'Situation, score and clock',
};
export const BLOCK_SHORT: Readonly<Record<BlockStage, string>> = {
  walk: 'Walk',
  guided: 'Guided',
  breakdown: 'Parts',
  live: 'Live',
  situation: 'Situation',
};
export const WENT_WORDS: Readonly<Record<Went, string>> = { well: 'Well', mixed: 'So-so', badly: 'Badly' };

const minutes = (n: number): string => `${Math.round(n * 10) / 10} min`;

/** A concept as a coach says it: "pin-down", "reading the switch off the ball". */
export function conceptWords(key: string, t: Teller = PLAIN): string {
  const [head = '', rest = ''] = key.split(/:(.*)/s);
  const word = (k: string): string | undefined => (isTermKey(k) ? t.words[k].word : undefined);
  switch (head) {
    case 'alignment':
      return `${alignmentByKey(rest)?.name ?? rest} alignment`;
    case 'throwIn':
      return rest === 'baseline' ? 'Baseline throw-in' : 'Sideline throw-in';
    case 'call':
      return `the call “${rest}”`;
    case 'screen':
      return rest === 'ball'
        ? 'screening the ball'
        : rest === 'off'
          ? 'screening off the ball'
          : (word(`screen.${rest}`) ?? rest);
    case 'way':
    case 'cut':
    case 'screener':
    case 'spacing':
      return word(`cut.${rest}`) ?? rest;
    case 'handoff':
      return rest ? `${t.words.handoff.word} at the ${word(`spot.${rest}`) ?? rest}` : t.words.handoff.word;
    case 'entry':
      return rest === 'elbow' ? 'entry to the elbow' : 'entry to the post';
    case 'seal':
      return t.words.sealOff.word;
    case 'pass':
      return word(`pass.${rest}`) ?? rest;
    case 'drive':
      return word('dribble.drive') ?? 'drive';
    case 'read':
      return `reading: ${word(`coverage.${rest}`) ?? word(`read.${rest}`) ?? rest}`;
    case 'on':
      return READ_ON[rest] ?? rest;
    default:
      return 'a movement';
  }
}
const READ_ON: Readonly<Record<string, string>> = {
  onBall: 'reading the ball screen',
  offBall: 'reading a screen off the ball',
  handoff: 'reading the handoff',
  drive: 'reading the drive',
  help: 'reading the help',
  zone: 'reading the zone',
  backCut: 'reading a back cut',
  pass: 'reading the pass',
};

/** What is missing before a game, the worst first. */
export function shortWords(short: readonly Short[]): string {
  const [first, second] = short;
  if (!first) return '';
  if (first.is === 'introduce') return 'nothing planned';
  const one = (s: Short): string => {
    switch (s.is) {
      case 'introduce':
        return 'not introduced';
      case 'review':
        return 'no review';
      case 'live':
        return `${minutes(s.by)} live short`;
      case 'clean':
        return s.by === 1 ? '1 clean rep short' : `${s.by} clean reps short`;
      case 'fresh':
        return `last time ${s.by} days before`;
    }
  };
  return [first, second].flatMap((s) => (s ? [one(s)] : [])).join(', ');
}

/** How a play stands on the way to its game, in a word. */
export function readyWords(r: Ready): string {
  if (r.is === 'notOnCourse') return shortWords(r.short);
  if (r.is === 'onPlan')
    return `on plan, ${minutes(r.planned.introduce + r.planned.review + r.planned.live)}`;
  return r.progress.faded ? `ready, last done ${r.progress.since} days ago` : 'ready';
}

/** How far a line is and since when: "Live, last done 19 days ago". */
export function progressWords(p: Progress): string {
  if (p.since === null) return 'Not taught yet';
  const ago =
    p.since === 0 ? 'done today' : p.since === 1 ? 'done yesterday' : `last done ${p.since} days ago`;
  return `${INSTALL_WORDS[p.stage]}, ${ago}`;
}

/** Why a block stands where it does, in a sentence. */
export function reasonWords(r: Reason): string {
  const inDays = (n: number): string => (n === 1 ? 'a day' : `${n} days`);
  switch (r.is) {
    case 'in':
      return `New here for ${r.game}, ${inDays(r.days)} later${r.weight === 3 ? '; it stands in a main section of the sheet' : ''}.`;
    case 'secondDay':
      return `The second day with it, ${inDays(r.since)} after it came in.`;
    case 'due':
      return `Due again: ${inDays(r.since)} since it came in.`;
    case 'fresh':
      return `Else it would be ${inDays(r.days)} old at ${r.game}.`;
    case 'live':
      return `Brings it to ${minutes(r.minutes)} of ${r.of} live before ${r.game}.`;
    case 'drill':
      return 'Taught by itself, so that the play it is for fits into a practice.';
  }
}

/** One thing that is otherwise in a plan: "Quay 4, walk: Mon 7 Dec → Tue 8 Dec". */
export function moveWords(m: PlanMove, dayName: (practice: string) => string): string {
  const what = `${m.name}, ${BLOCK_SHORT[m.stage].toLocaleLowerCase()}`;
  switch (m.is) {
    case 'added':
      return `${what}: ${minutes(m.minutes)} on ${dayName(m.to!)}`;
    case 'gone':
      return `${what}: no longer on ${dayName(m.from!)}`;
    case 'moved':
      return `${what}: ${dayName(m.from!)} → ${dayName(m.to!)}`;
    case 'longer':
      return `${what}: ${minutes(m.minutes)} now on ${dayName(m.to!)}, longer`;
    case 'shorter':
      return `${what}: ${minutes(m.minutes)} now on ${dayName(m.to!)}, shorter`;
  }
}

/** What a coach would let go: "Take 10 min from 5 on 5 on Thu 3 Dec for plays". */
export function lettingWords(
  { relax, practice, block }: Letting,
  newEach: number,
  dayName: (practice: string) => string,
): string {
  const day = practice === null ? '' : ` on ${dayName(practice)}`;
  if (relax.is === 'new') return `Let ${newEach + relax.by} new plays into one practice`;
  if (relax.is === 'unlock') return `Unlock ${block?.name ?? 'a block'}${day}`;
  return block
    ? `Take ${relax.by} min from ${block.name}${day} for plays`
    : `${relax.by} more minutes for plays${day}`;
}

/** What that gives: "Pilot 5A is 100 % ready for Gorsedale then, not 60 %". */
export const givesWords = (
  gives: Pick<Gives, 'ready'>,
  name: (option: number) => string,
  game: (game: number) => string,
): string[] =>
  gives.ready.map(
    (r) =>
      `${name(r.option)} is ${Math.round(100 * r.to)} % ready for ${game(r.game)} then, not ${Math.round(100 * r.from)} %`,
  );

/** What is done before, in and after work with contact: usual cautions, never advice. */
export const CAUTIONS: readonly string[] = [
  'Warm up before anything live. Water within reach; more breaks in the heat.',
  'Keep full-contact minutes of young players low.',
  'A sign of concussion or illness: the player stops at once and goes to medical staff, who say when he may come back.',
  'The rules of your league and medical staff decide. Minutes here are only counted.',
];
