import { bodyAt, PLAYERS, stepOf, timeOf, type AgainstView, type Openness } from '@corkscrew/core';
import { shieldItems } from './bodies.ts';
import { sceneSize, toScene, type Scale, type SceneItem } from './scene.ts';
import { lateWords, splitLines, splitRings } from './split.ts';
import { circle } from './strokes.ts';
import { trailItems } from './trail.ts';
import { words } from './words.ts';

/** The moment each of the ten is shown at, seconds: five of ours, then theirs. */
export type Instants = readonly number[];

/** The five who defend, each at his moment. */
export function defenderItems(against: AgainstView, at: Instants, scale: Scale): SceneItem[] {
  const bodies = PLAYERS.map((_, d) => {
    const k = stepOf(against, at[5 + d]!);
    return { at: bodyAt(against, k, 5 + d), facing: against.facing[k * 10 + 5 + d]! };
  });
  return shieldItems(bodies, scale, true);
}

/** Steps after which a way slid is worth drawing. */
const TRAIL_FROM = 6;

/** The way each of them has slid between two moments, seconds. */
export function slidItems(against: AgainstView, since: number, now: number, scale: Scale): SceneItem[] {
  const [from, to] = [stepOf(against, since), stepOf(against, now)];
  if (to - from < TRAIL_FROM) return [];
  return PLAYERS.flatMap((_, d) =>
    trailItems(
      Array.from({ length: 9 }, (__, i) =>
        toScene(scale, bodyAt(against, Math.round(from + ((to - from) * i) / 8), 5 + d)),
      ),
    ),
  );
}

/** How open each is as quarters of a ring: none is 0–2 ft, a whole one 6 ft and more; heavy when he can be hit as well. */
export const openItems = (against: AgainstView, at: Instants, scale: Scale): SceneItem[] =>
  PLAYERS.flatMap((_, j) => {
    const t = at[j]!;
    const o = against.seeing.openness[timeOf(against, t)]?.[j];
    return o ? openRing(o, toScene(scale, bodyAt(against, stepOf(against, t), j)), scale.mark) : [];
  });

function openRing(o: Openness, c: { x: number; y: number }, k: number): SceneItem[] {
  const quarters = Math.min(4, Math.max(0, Math.floor((o.pass === null ? o.jumper : o.atShot) / 2)));
  const r = 20.5 * k;
  if (quarters === 0) return [];
  const end = (quarters / 4) * 2 * Math.PI - 0.001;
  const [x, y] = [c.x + r * Math.sin(end), c.y - r * Math.cos(end)];
  return [
    {
      shape: 'path',
      part: 'open',
      stroke: 'ink',
      width: o.open ? 3 : 1.4,
      cap: 'butt',
      ...(o.open ? {} : { dash: '2 2.4' }),
      d: `M${c.x} ${c.y - r}A${r} ${r} 0 ${end > Math.PI ? 1 : 0} 1 ${x} ${y}`,
    },
  ];
}

/** The man who must account for two at a moment: a line to each, with the seconds he is late to either. */
export function splitItems(against: AgainstView, now: number, at: Instants, scale: Scale): SceneItem[] {
  const split = against.seeing.splitAt[timeOf(against, now)];
  if (!split) return [];
  const body = (b: number) => toScene(scale, bodyAt(against, stepOf(against, at[b]!), b));
  const d = body(5 + split.defender);
  const [a, b] = split.players;
  const ways = [
    { to: body(a), text: lateWords(split.late[0]) },
    { to: body(b), text: lateWords(split.late[1]) },
  ];
  const men = at.map((_, man) => body(man));
  return [...splitRings(d, scale.mark), ...splitLines(d, ways, { men, size: sceneSize(scale) }, scale.mark)];
}

/** The lane of a pass: how long the ball beats the nearest hand, and whose that is. */
export function laneItems(against: AgainstView, action: string, scale: Scale): SceneItem[] {
  const pass = against.seeing.passes.find((p) => p.action === action);
  if (!pass) return [];
  const k = stepOf(against, pass.at);
  const a = toScene(scale, bodyAt(against, k, PLAYERS.indexOf(pass.passer)));
  const b = toScene(scale, bodyAt(against, k, PLAYERS.indexOf(pass.receiver)));
  const bad = pass.margin < 0;
  const who = pass.laneMan < 0 ? null : toScene(scale, bodyAt(against, k, 5 + pass.laneMan));
  const far = Math.hypot(b.x - a.x, b.y - a.y) || 1;
  const [nx, ny] = [-((b.y - a.y) / far) * 9, ((b.x - a.x) / far) * 9];
  const text = Number.isFinite(pass.margin)
    ? bad
      ? `x${pass.laneMan + 1} ${(-pass.margin).toFixed(1)} s early`
      : `clear by ${Math.min(9.9, pass.margin).toFixed(1)} s`
    : 'clear';
  return [
    {
      shape: 'path',
      part: 'lane',
      fill: bad ? 'gapWash' : 'penWash',
      fillOpacity: 0.75,
      stroke: bad ? 'gap' : 'pen',
      width: 1.2,
      ...(bad ? { dash: '4 3' } : {}),
      d: `M${a.x + nx} ${a.y + ny}L${b.x} ${b.y}L${a.x - nx} ${a.y - ny}Z`,
    },
    ...(bad && who
      ? [{ shape: 'path', part: 'lane-man', stroke: 'gap', width: 2, d: circle(who, 22) } as const]
      : []),
    words(text, { x: (a.x + b.x) / 2 + 12, y: (a.y + b.y) / 2 - 8 }, bad ? 'gap' : 'pen', {
      anchor: 'start',
      part: 'lane-words',
    }),
  ];
}
