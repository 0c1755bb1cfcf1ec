import {
  DEFENDERS,
  chasedBy,
  type Court,
  courtFor,
  defendersOn,
  floorOf,
  type Level,
  levelRecord,
  NONE,
  type Option,
  optionsOf,
  PLAYERS,
  type Point,
  chasersLate,
  putAttackers,
  standApart,
  schemeOf,
  SEATS,
  settled,
  situationAt,
  type SoftSpot,
  softSpotsOf,
  type Split,
  spotByCode,
  SPOTS,
  worstSplit,
  zoneByKey,
  ZONES,
  spotSaid,
} from '@corkscrew/core';
import { readFileSync } from 'node:fs';

export interface SoftAsked {
  readonly zone: string;
  readonly ball: string;
  readonly schools: readonly string[];
  readonly places?: string | undefined;
  readonly court: 'nfhs' | 'ncaa' | 'fiba' | 'usPro';
  readonly level: Level;
}
export interface SoftAnswer {
  readonly zone: string;
  readonly ball: string;
  readonly defenders: readonly Point[];
  readonly spots: readonly SoftSpot[];
  readonly options: readonly Option[];
  readonly split: Split | null;
}
type Result = { ok: true; answer: SoftAnswer } | { ok: false; sentence: string };

/** Where a zone is soft with the ball at a place, with or without five attackers. */
export function softAnswer(asked: SoftAsked): Result {
  const court = courtFor({ court: asked.court });
  const table = zoneByKey(asked.zone);
  if (!table) return no(`There is no zone "${asked.zone}": ${ZONES.map((z) => z.key).join(', ')}.`);
  const wrong = asked.schools.find((s) => !table.alternatives.some((a) => a.key === s));
  if (wrong)
    return no(`A ${table.key} knows no "${wrong}": ${table.alternatives.map((a) => a.key).join(', ')}.`);
  const ball = placeNamed(court, asked.ball);
  if (!ball) return no(`"${asked.ball}" is no place: say it like left-wing, or by its code, lw.`);
  const read = asked.places === undefined ? { ok: true as const, places: [] } : placesIn(court, asked.places);
  if (!read.ok) return read;
  const level = levelRecord(asked.level);
  const f = floorOf(court, level);
  const { places } = read;
  f.bx = ball.x;
  f.by = ball.y;
  putAttackers(f, places);
  f.holder =
    SEATS.find((j) => places[j] && Math.hypot(places[j].x - ball.x, places[j].y - ball.y) < 2.5) ?? NONE;
  const chases = chasedBy(table, court, places, ball);
  chasersLate(f, chases);
  const situation = situationAt(places, ball, chases);
  settled(schemeOf(table, asked.schools, court), level, situation, f.dx, f.dy);
  standApart(f.dx, f.dy, f.ox, f.oy, f.players);
  const options = optionsOf(f);
  return {
    ok: true,
    answer: {
      zone: table.key,
      ball: asked.ball,
      defenders: defendersOn(f),
      spots: softSpotsOf(f),
      options,
      split: worstSplit(f),
    },
  };
}

const no = (sentence: string): { ok: false; sentence: string } => ({ ok: false, sentence });

/** A place by its words ("left wing", left-wing) or its code. */
function placeNamed(court: Court, name: string): Point | undefined {
  const words = name.trim().toLowerCase().replaceAll(/[-_]+/g, ' ');
  return (SPOTS.find((s) => s.words.replaceAll('-', ' ') === words) ?? spotByCode(name.trim()))?.at(court);
}

/** Five places from a file: a play (its set), or an object from 1 to 5 with x and y or a place's name. */
function placesIn(
  court: Court,
  file: string,
): { ok: true; places: Point[] } | { ok: false; sentence: string } {
  let value: unknown;
  try {
    value = JSON.parse(readFileSync(file, 'utf8'));
  } catch {
    return no(`${file} is not there, or is no JSON.`);
  }
  const all = (value as { start?: { places?: unknown } }).start?.places ?? value;
  const places: Point[] = [];
  for (const p of PLAYERS) {
    const at = (all as Record<string, unknown> | null)?.[p];
    if (at === undefined) return no(`${file} has no place for ${p}.`);
    const named = typeof at === 'string' ? placeNamed(court, at) : undefined;
    const { x, y } = (named ?? at) as Partial<Point>;
    if (typeof x !== 'number' || typeof y !== 'number' || !Number.isFinite(x + y))
      return no(`${file}: the place of ${p} is neither x and y in feet nor a place's name.`);
    places.push({ x, y });
  }
  return { ok: true, places };
}

/** The answer as it goes into a file: players and defenders by what they are called. */
export const softJson = ({ spots, options, split, ...rest }: SoftAnswer): object => ({
  ...rest,
  spots: spots.map(({ who, ...s }) => ({ ...s, ...(DEFENDERS[who] ? { who: DEFENDERS[who] } : {}) })),
  options: options.map(({ player, defender, laneMan, ...o }) => ({
    ...o,
    player: PLAYERS[player],
    defender: DEFENDERS[defender],
    ...(DEFENDERS[laneMan] ? { laneMan: DEFENDERS[laneMan] } : {}),
  })),
  split: split && {
    ...split,
    defender: DEFENDERS[split.defender],
    players: split.players.map((j) => PLAYERS[j]),
  },
});

export function softText({ zone, ball, spots, options, split }: SoftAnswer): string {
  return [
    `A ${zone}, ball at the ${ball.replaceAll('-', ' ')}:`,
    ...spots.map(
      (s) =>
        `  ${spotSaid(s.spot).padEnd(18)} ${Math.max(0, s.late).toFixed(2)} s late, score ${s.score.toFixed(2)}, nearest x${s.who + 1}${s.tooLong ? ', too long for this level' : ''}`,
    ),
    ...options.map(
      (o) =>
        `  ${PLAYERS[o.player]}: x${o.defender + 1} from ${o.closeOut.toFixed(1)} ft, ${o.late > 0 ? `${o.late.toFixed(2)} s late` : 'contested'}${o.margin < 0 ? `, x${o.laneMan + 1} in the lane` : ''}`,
    ),
    ...(split
      ? [
          `  split: x${split.defender + 1} has ${split.players.map((j) => PLAYERS[j]).join(' and ')}, the other is ${split.margin.toFixed(2)} s free (${split.grade})`,
        ]
      : []),
  ].join('\n');
}
