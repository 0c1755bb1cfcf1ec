import { PLAYERS, type PlayerId } from '../alignment/library.ts';
import type { Defence, Read } from '../play/document.ts';
import { DEFENDERS, type DefenderId } from '../play/vocabulary.ts';
import { zoneActors } from './zone-points.ts';
import type { PointKind, PointOnLine, Reaction } from './points.ts';

/** What the defence does at each place where it has a choice, by the place's id; what is not named is as it plays all. */
export type Told = Readonly<Record<string, Reaction>>;

/** Whose man a player is to a defence. */
const manOf = (defence: Defence, player: PlayerId): DefenderId =>
  DEFENDERS.find((d) => defence.matchup?.[d] === player) ?? DEFENDERS[PLAYERS.indexOf(player)]!;

/** A defence that does at these points what is told. */
export function asTold(defence: Defence, points: readonly PointOnLine[], told: Told): Defence {
  let d = defence;
  for (const p of points) {
    const does = told[p.id];
    if (does !== undefined) d = one(d, p, does);
  }
  return d;
}

function one(d: Defence, p: PointOnLine, does: Reaction): Defence {
  const old = d.overrides?.[p.action];
  const override = (more: object): Defence => ({
    ...d,
    overrides: { ...d.overrides, [p.action]: { ...(old ?? { does: 'own' }), ...more } },
  });
  switch (p.kind) {
    case 'onBall':
    case 'offBall':
    case 'handoff':
      return override({ does });
    case 'tag':
      return override({ help: does });
    case 'drive':
      return does === 'helps'
        ? { ...override({ help: undefined }), driveHelp: true }
        : override({ help: 'none' });
    case 'entry':
      return override({ post: does });
    case 'pass': {
      const man = manOf(d, p.user);
      const others = (d.deny ?? []).filter((x) => x !== man);
      return { ...d, deny: does === 'deny' ? [...others, man] : others };
    }
    case 'zone':
      return does === p.zone?.usual ? d : override({ does, who: zoneActors(p, does) });
  }
}

/** What a defence does at a point when nothing is told: one of the point's reactions. */
export function usualAt(defence: Defence, p: PointOnLine): Reaction {
  const own = defence.overrides?.[p.action];
  const word = (w: Reaction | undefined, usual: Reaction): Reaction =>
    w !== undefined && p.reactions.includes(w) ? w : usual;
  switch (p.kind) {
    case 'onBall':
      return word(own?.does, word(defence.onBall, 'drop'));
    case 'handoff':
      return word(own?.does, word(defence.handoff ?? defence.onBall, 'drop'));
    case 'offBall':
      return word(own?.does, word(defence.offBall, 'trail'));
    case 'tag':
      return word(own?.help, word(defence.help, 'weakCorner'));
    case 'drive':
      return own?.help === 'none' || defence.driveHelp === false ? 'stays' : 'helps';
    case 'entry':
      return word(own?.post as Reaction | undefined, word(defence.post as Reaction | undefined, 'behind'));
    case 'pass':
      return defence.deny?.includes(manOf(defence, p.user)) ? 'deny' : 'stays';
    case 'zone':
      return p.zone?.usual ?? 'stays';
  }
}

/** Words of reads that mean a reaction at a kind of point, beside the reaction's own. */
const ALSO: Readonly<Partial<Record<PointKind, Readonly<Partial<Record<Reaction, readonly Reaction[]>>>>>> = {
  onBall: { drop: ['over'], level: ['over'], show: ['over'] },
  handoff: { drop: ['over'], show: ['over'] },
  offBall: { under: ['cheats'], trail: ['over'] },
  drive: { helps: ['weakCorner', 'strongCorner', 'top', 'rotation'], stays: ['none', 'stay'] },
  tag: { weakCorner: ['helps'] },
  zone: { goes: ['stepsUp'], stepsUp: ['goes'], stays: ['late'] },
};

/** Whether the read of an ending is of this reaction at this kind of point. */
export const answersTo = (kind: PointKind, reaction: Reaction, read: Read): boolean =>
  read.does === reaction || (ALSO[kind]?.[reaction]?.includes(read.does) ?? false);

/** Who does it, for the words of it: the user's man, the screener's, or all of them. */
export function whoDoes(defence: Defence, p: PointOnLine, does: Reaction): DefenderId[] {
  const user = manOf(defence, p.user);
  const screener = manOf(defence, p.by);
  switch (p.kind) {
    case 'onBall':
    case 'handoff':
      return does === 'switch' || does === 'trap'
        ? []
        : does === 'under' || does === 'push'
          ? [user]
          : [screener];
    case 'offBall':
      return does === 'switch' ? [] : does === 'bump' || does === 'stay' ? [screener] : [user];
    case 'pass':
    case 'entry':
      return [user];
    case 'zone':
      return zoneActors(p, does);
    default:
      return [];
  }
}
