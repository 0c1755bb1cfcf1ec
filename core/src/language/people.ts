import type { Deed, Need, NumberNeeds } from '../people/needs.ts';
import type { Bar, Feat, Skill } from '../people/player.ts';
import type { TurnWarning } from '../people/turns.ts';

/** A skill, as it is rated. */
export const SKILL_WORDS: Readonly<Record<Skill, string>> = {
  shootCorner: 'Corner three',
  shootWing: 'Wing three',
  shootTop: 'Top three',
  mid: 'Mid-range',
  finish: 'Finishing',
  free: 'Free throws',
  pass: 'Passing',
  handle: 'Ball handling',
  screen: 'Screening',
  post: 'Post play',
  defend: 'Defence',
};

const FROM: Readonly<Partial<Record<Skill, string>>> = {
  shootCorner: 'is in the corner',
  shootWing: 'is on the wing',
  shootTop: 'is at the top',
};

/** What a man comes to in a turn of a continuity that he should not. */
export function turnWords({ turn, number, job, why }: TurnWarning, name: string): string {
  const who = `${name} (${number})`;
  if (why.is === 'clearance') return `${who} has ${job}'s job on turn ${turn}: ${barWords(why, job)}.`;
  const place = FROM[why.skill];
  return place === undefined
    ? `${who} has ${job}'s job on turn ${turn}: ${SKILL_WORDS[why.skill].toLowerCase()} ${why.score} of 5.`
    : `${who} ${place} on turn ${turn}, and does not shoot from there (${why.score} of 5).`;
}

/** What a number does, behind it: "3 comes off screens" is told by its skill. */
const DEED_WORDS: Readonly<Record<Deed, string>> = {
  shootCorner: 'shoots from the corner',
  shootWing: 'shoots from the wing',
  shootTop: 'shoots from the top',
  mid: 'shoots from mid-range',
  finish: 'finishes at the rim',
  screenBall: 'screens the ball',
  screenOff: 'screens off the ball',
  handoff: 'hands off',
  throwIn: 'throws it in',
  skip: 'throws a skip',
  lob: 'throws a lob',
  highPost: 'plays at the high post',
  seal: 'seals inside',
  drive: 'drives',
  pass: 'passes',
  handle: 'handles the ball',
  roll: 'rolls to the rim',
  cut: 'cuts to the rim',
  first: 'starts with the ball',
  space: 'holds the spacing',
};

/** What a clearance may be for, as it is chosen. */
export const DUTY_WORDS: Readonly<Record<Feat, string>> = {
  screenBall: 'Screens on the ball',
  screenOff: 'Screens off the ball',
  handoff: 'Handoffs',
  throwIn: 'Throw-ins',
  skip: 'Skips',
  lob: 'Lobs',
  highPost: 'High post',
  seal: 'Seals',
  drive: 'Drives',
  shootCorner: 'Corner threes',
  shootWing: 'Wing threes',
  shootTop: 'Top threes',
  mid: 'Mid-range',
};

/** What a number has to do, the most asked of first, each once. */
export function needWords({ needs }: NumberNeeds, most: number): string[] {
  const deeds = needs
    .flatMap((n: Need) => n.from.map((a) => ({ deed: a.deed, weight: a.weight })))
    .sort((a, b) => b.weight - a.weight);
  return [...new Set(deeds.map((d) => DEED_WORDS[d.deed]))].slice(0, most);
}

/** Why a man is not chosen, behind his name. */
export function barWords(bar: Bar, number: string): string {
  switch (bar.is) {
    case 'out':
      return 'out';
    case 'limited':
      return 'limited: ask the medical staff';
    case 'number':
      return `does not play ${number}`;
    case 'clearance':
      return bar.practice ? `${bar.name}: practice only` : `not cleared: ${bar.name}`;
  }
}
