import type { Level } from '../play/document.ts';
import type { LevelRecord, PassRecord, ShotPlace, ZoneRecord } from './level.ts';

type Five = readonly [number, number, number, number, number];
type Row = Omit<LevelRecord['man'], 'makes'> & {
  makes: readonly [number, number, number, number];
  pass: Omit<PassRecord, 'speed' | 'rise'> & {
    speed: readonly [number, number, number, number];
    rise: readonly [number, number];
  };
  zone: Omit<ZoneRecord, 'worth' | 'late'> & { worth: Five; longTwo: number; late: Five };
};
const places = ([rim, floater, mid, corner3, above3]: Five): Record<ShotPlace, number> => ({
  rim,
  floater,
  mid,
  corner3,
  above3,
});
const record = ({ pass, makes, zone, ...man }: Row): LevelRecord => {
  const [chest, bounce, skip, lob] = pass.speed;
  const [plain, over] = pass.rise;
  const [rim, short, mid, three] = makes;
  const { worth, longTwo, late, ...figures } = zone;
  return {
    man: { ...man, makes: { rim, short, mid, three } },
    zone: { ...figures, worth: { ...places(worth), longTwo }, late: places(late) },
    pass: { ...pass, speed: { chest, bounce, pocket: bounce, skip, lob }, rise: { plain, over } },
  };
};

/** Every level's figures: all from memory, all meant to be edited. */
export const LEVELS: Readonly<Record<Level, LevelRecord>> = {
  youth: record({
    speed: 20.5,
    tau: 0.95,
    bend: 13,
    brake: 16,
    dribbling: 0.72,
    catchToPass: 0.35,
    catchToShot: 0.8,
    pullUp: 0.8,
    defend: 15.5,
    react: 1.35,
    makes: [0.68, 0.55, 0.5, 0.42],
    zone: {
      run: 13,
      push: 15,
      slide: 9,
      slidePush: 10,
      react: 0.3,
      reach: 2.4,
      reachRim: 1.6,
      drive: 11,
      drivePush: 12,
      deepFree: 1,
      deepZero: 6,
      longFree: 22,
      longEnd: 36,
      longLeft: 0.3,
      quickHold: 0.5,
      dribble: 0.7,
      worth: [1.05, 0.55, 0.48, 0.6, 0.55],
      longTwo: 0.38,
      late: [0.05, 0.12, 0.25, 0.4, 0.4],
    },
    pass: {
      speed: [29, 20, 28, 22],
      rise: [1, 5],
      safe: 22,
      hands: { shoulder: 4, stand: 6.5, jump: 0.9, out: 2.4, top: 13, push: 15, react: 0.3 },
    },
  }),
  highSchool: record({
    speed: 25.5,
    tau: 0.85,
    bend: 17,
    brake: 20,
    dribbling: 0.82,
    catchToPass: 0.28,
    catchToShot: 0.65,
    pullUp: 0.6,
    defend: 20.5,
    react: 1,
    makes: [0.86, 0.84, 0.84, 0.86],
    zone: {
      run: 16,
      push: 20,
      slide: 11,
      slidePush: 13,
      react: 0.2,
      reach: 3,
      reachRim: 2,
      drive: 14,
      drivePush: 16,
      deepFree: 2.5,
      deepZero: 10,
      longFree: 36,
      longEnd: 56,
      longLeft: 0.5,
      quickHold: 0.35,
      dribble: 0.6,
      worth: [1.25, 0.8, 0.74, 1.05, 1.0],
      longTwo: 0.62,
      late: [0, 0.05, 0.15, 0.25, 0.25],
    },
    pass: {
      speed: [38, 26, 36, 27],
      rise: [1, 5],
      safe: 30,
      hands: { shoulder: 4.6, stand: 7.6, jump: 1.6, out: 3, top: 16, push: 20, react: 0.2 },
    },
  }),
  college: record({
    speed: 28,
    tau: 0.78,
    bend: 19,
    brake: 22,
    dribbling: 0.87,
    catchToPass: 0.24,
    catchToShot: 0.58,
    pullUp: 0.55,
    defend: 22.5,
    react: 0.9,
    makes: [0.95, 0.94, 0.94, 0.95],
    zone: {
      run: 17,
      push: 22,
      slide: 12,
      slidePush: 14.5,
      react: 0.18,
      reach: 3.2,
      reachRim: 2.1,
      drive: 15,
      drivePush: 17.5,
      deepFree: 3,
      deepZero: 10,
      longFree: 39,
      longEnd: 59,
      longLeft: 0.5,
      quickHold: 0.3,
      dribble: 0.6,
      worth: [1.32, 0.84, 0.8, 1.12, 1.06],
      longTwo: 0.68,
      late: [0, 0.05, 0.13, 0.22, 0.22],
    },
    pass: {
      speed: [42, 30, 42, 30],
      rise: [1, 5],
      safe: 35,
      hands: { shoulder: 5, stand: 8.2, jump: 2, out: 3.2, top: 17, push: 22, react: 0.18 },
    },
  }),
  pro: record({
    speed: 29.5,
    tau: 0.75,
    bend: 21,
    brake: 24,
    dribbling: 0.9,
    catchToPass: 0.2,
    catchToShot: 0.52,
    pullUp: 0.5,
    defend: 24,
    react: 0.82,
    makes: [1, 1, 1, 1],
    zone: {
      run: 18,
      push: 24,
      slide: 13,
      slidePush: 16,
      react: 0.16,
      reach: 3.5,
      reachRim: 2.3,
      drive: 16,
      drivePush: 19,
      deepFree: 4,
      deepZero: 12,
      longFree: 42,
      longEnd: 60,
      longLeft: 0.5,
      quickHold: 0.25,
      dribble: 0.6,
      worth: [1.4, 0.9, 0.86, 1.2, 1.12],
      longTwo: 0.74,
      late: [0, 0.04, 0.11, 0.2, 0.2],
    },
    pass: {
      speed: [45, 33, 46, 32],
      rise: [1, 5],
      safe: 40,
      hands: { shoulder: 5.3, stand: 8.6, jump: 2.3, out: 3.4, top: 18, push: 24, react: 0.16 },
    },
  }),
};
