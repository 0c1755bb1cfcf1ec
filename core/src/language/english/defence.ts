import type { PlayerId } from '../../alignment/library.ts';
import type { Teller } from '../teller.ts';

const WHERE = {
  onBall: 'a screen on the ball',
  handoff: 'a handoff',
  offBall: 'a screen off the ball',
} as const;

/** What of a defence can't be played as it is written. Defenders and players by their index. */
export const DEFENCE_SENTENCES = {
  'no-coverage': ({ word, where, usual }: { word: string; where: keyof typeof WHERE; usual: string }) =>
    `"${word}" is no coverage for ${WHERE[where]}: ${usual} is played.`,
  'both-guard': ({ a, b, man, takes }: { a: number; b: number; man: number; takes: number }, t: Teller) =>
    `${t.theirs(a)} and ${t.theirs(b)} both guard ${t.ours(man)}: ${t.theirs(b)} takes ${t.ours(takes)}.`,
  'no-man': ({ who, takes }: { who: number; takes: number }, t: Teller) =>
    `${t.theirs(who)} has no ${t.man}: ${t.he} takes ${t.ours(takes)}.`,
  'screen-gone': ({ does }: { does: string }) =>
    `A coverage is kept for a screen that is no longer in the play (${does}): it is left out.`,
  'no-screen-coverage': ({ does, by }: { does: string; by: PlayerId }) =>
    `"${does}" is no coverage for a screen: the usual one is played on ${by}'s.`,
  'no-zone': ({ zone }: { zone: string }) => `No zone is called "${zone}": a 2-3 is played.`,
  'no-way': ({ zone, way }: { zone: string; way: string }) => `A ${zone} knows no "${way}": it is left out.`,
  'two-ways': ({ way }: { way: string }) => `Two ways of the same thing are on: "${way}" is left out.`,
};
