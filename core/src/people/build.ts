import type { Build } from '../motion/men.ts';
import type { Player, Skill } from './player.ts';

/** A skill of so much is as most of a level; each point beside it is worth this share of the makes (from memory). */
const AS_MOST = 3;
const A_POINT = 0.08;

/** What a man of the roster can do beside others of his level; a skill that nobody has rated changes nothing. */
export function buildOf({ speed, heightCm, skills }: Pick<Player, 'speed' | 'heightCm' | 'skills'>): Build {
  const share = (...of: Skill[]): number => {
    const rated = of.flatMap((s) => skills[s] ?? []);
    return rated.length === 0 ? 1 : 1 + A_POINT * (rated.reduce((n, v) => n + v, 0) / rated.length - AS_MOST);
  };
  return {
    speed,
    heightCm,
    makes: { rim: share('finish'), short: share('finish', 'mid'), mid: share('mid') },
    threes: { corner: share('shootCorner'), wing: share('shootWing'), top: share('shootTop') },
  };
}
