import {
  courtOf,
  MEASURES,
  type Court,
  type CourtKey,
  type Measure,
  type MeasureKey,
  type RuleSet,
  type RuleSetKey,
} from './court.ts';

const FEET_PER_METRE = 1 / 0.3048;

const ft = (feet: number, inches: number, edge: string, source: string): Measure => ({
  ft: feet + inches / 12,
  stated: inches === 0 ? `${feet} ft` : `${feet} ft ${fraction(inches)} in`,
  edge,
  source,
});
const m = (metres: number, edge: string, source: string): Measure => ({
  ft: metres * FEET_PER_METRE,
  stated: `${metres} m`,
  edge,
  source,
});
function fraction(inches: number): string {
  const whole = Math.floor(inches);
  const eighths = Math.round((inches - whole) * 8);
  const parts: Record<number, string> = { 0: '', 1: '⅛', 2: '¼', 3: '⅜', 4: '½', 5: '⅝', 6: '¾', 7: '⅞' };
  return `${whole}${parts[eighths] ?? ''}`;
}

const NFHS = 'NFHS Basketball Rules Book, Rule 1 and court diagram (from memory)';
const NCAA = 'NCAA Basketball Rules, Rule 1 and court diagram (from memory)';
const FIBA = 'FIBA Official Basketball Rules, Art. 2 and diagrams 1–3 (from memory)';
const PRO = 'US professional rule book, Rule 1 and court diagram (from memory)';

const CENTRE = 'centre of the rim, from the inner edge of the baseline';
const FACE = 'face of the board, from the inner edge of the baseline';
const OUTER = 'outer edges of the lines';
const FAR = 'far edge of the line, from the inner edge of the baseline';
const INNER = 'inner edges of the boundary lines';
const ARC = 'outer edge of the line, from the centre of the rim';
const STRAIGHT = 'outer edge of the line, from the long axis of the court';
const CIRCLE = 'outer edge of the line';
const HASH = 'from the inner edge of the baseline';

export const RULE_SETS: Readonly<Record<RuleSetKey, RuleSet>> = {
  nfhs: {
    key: 'nfhs',
    name: 'High school',
    units: 'feet',
    measures: {
      length: ft(84, 0, INNER, NFHS),
      width: ft(50, 0, INNER, NFHS),
      rimY: ft(5, 3, CENTRE, NFHS),
      backboardY: ft(4, 0, FACE, NFHS),
      laneWidth: ft(12, 0, OUTER, NFHS),
      freeThrowY: ft(19, 0, FAR, NFHS),
      arcRadius: ft(19, 9, ARC, NFHS),
      cornerX: ft(19, 9, STRAIGHT, NFHS),
      circleRadius: ft(6, 0, CIRCLE, NFHS),
      hashY: ft(28, 0, HASH, NFHS),
    },
    restrictedRadius: null,
    shotClock: null,
  },
  ncaa: {
    key: 'ncaa',
    name: 'College',
    units: 'feet',
    measures: {
      length: ft(94, 0, INNER, NCAA),
      width: ft(50, 0, INNER, NCAA),
      rimY: ft(5, 3, CENTRE, NCAA),
      backboardY: ft(4, 0, FACE, NCAA),
      laneWidth: ft(12, 0, OUTER, NCAA),
      freeThrowY: ft(19, 0, FAR, NCAA),
      arcRadius: ft(22, 1.75, ARC, NCAA),
      // The book gives 3 ft 4⅛ in from the sideline: 25 ft less that.
      cornerX: ft(21, 7.875, STRAIGHT, NCAA),
      circleRadius: ft(6, 0, CIRCLE, NCAA),
      hashY: ft(28, 0, HASH, NCAA),
    },
    restrictedRadius: ft(4, 0, 'inner edge of the line, from the centre of the rim', NCAA),
    shotClock: { full: 30, afterRebound: 20 },
  },
  fiba: {
    key: 'fiba',
    name: 'International',
    units: 'metres',
    measures: {
      length: m(28, INNER, FIBA),
      width: m(15, INNER, FIBA),
      rimY: m(1.575, CENTRE, FIBA),
      backboardY: m(1.2, FACE, FIBA),
      laneWidth: m(4.9, OUTER, FIBA),
      freeThrowY: m(5.8, FAR, FIBA),
      arcRadius: m(6.75, ARC, FIBA),
      // The book gives 0.9 m from the sideline: 7.5 m less that.
      cornerX: m(6.6, STRAIGHT, FIBA),
      circleRadius: m(1.8, CIRCLE, FIBA),
      hashY: m(8.325, HASH, FIBA),
    },
    restrictedRadius: m(1.25, 'inner edge of the line, from the centre of the rim', FIBA),
    shotClock: { full: 24, afterRebound: 14 },
  },
  usPro: {
    key: 'usPro',
    name: 'US professional',
    units: 'feet',
    measures: {
      length: ft(94, 0, INNER, PRO),
      width: ft(50, 0, INNER, PRO),
      rimY: ft(5, 3, CENTRE, PRO),
      backboardY: ft(4, 0, FACE, PRO),
      laneWidth: ft(16, 0, OUTER, PRO),
      freeThrowY: ft(19, 0, FAR, PRO),
      arcRadius: ft(23, 9, ARC, PRO),
      // The book gives 3 ft from the sideline: 25 ft less that.
      cornerX: ft(22, 0, STRAIGHT, PRO),
      circleRadius: ft(6, 0, CIRCLE, PRO),
      hashY: ft(28, 0, HASH, PRO),
    },
    restrictedRadius: ft(4, 0, 'inner edge of the line, from the centre of the rim', PRO),
    shotClock: { full: 24, afterRebound: 14 },
  },
};

/** A league's own court: a published rule set with some numbers (feet) changed. */
export interface CustomCourt {
  base: RuleSetKey;
  name?: string | undefined;
  changes?: Partial<Record<MeasureKey | 'restrictedRadius', number>> | undefined;
}

export function customRuleSet(custom: CustomCourt): RuleSet {
  const base = RULE_SETS[custom.base];
  const own = (value: number, edge: string): Measure => ({
    ft: value,
    stated: `${Math.round(value * 100) / 100} ft`,
    edge,
    source: "changed by the coach for the team's league",
  });
  const measures = { ...base.measures };
  for (const k of MEASURES) {
    const value = custom.changes?.[k];
    if (value !== undefined) measures[k] = own(value, base.measures[k].edge);
  }
  const r = custom.changes?.restrictedRadius;
  return {
    ...base,
    key: 'custom',
    name: custom.name ?? `${base.name}, changed`,
    measures,
    restrictedRadius: r === undefined ? base.restrictedRadius : own(r, CIRCLE),
  };
}

const COURTS = Object.fromEntries(Object.entries(RULE_SETS).map(([k, r]) => [k, courtOf(r)])) as Record<
  RuleSetKey,
  Court
>;

/** The court a play is drawn on. A custom key without its changes is the high school court. */
export function courtFor(play: { court: CourtKey; customCourt?: CustomCourt | undefined }): Court {
  if (play.court !== 'custom') return COURTS[play.court];
  return play.customCourt ? courtOf(customRuleSet(play.customCourt)) : COURTS.nfhs;
}
