/** One arm as a figure seen from the front holds it: angles of upper and lower arm (degrees, 0 hangs down, 90 out to the side, 180 up). */
export interface Arm {
  readonly upper: number;
  readonly lower: number;
  readonly hand: 'fist' | 'flat' | 'open' | 'point' | 'two' | 'three' | 'thumbUp' | 'thumbDown';
}
export interface Figure {
  readonly key: string;
  readonly words: string;
  /** His left arm, on the right as he is seen, and his right one. */
  readonly left: Arm;
  readonly right: Arm;
}

const rest: Arm = { upper: 12, lower: 4, hand: 'open' };
const figure = (key: string, words: string, right: Arm, left: Arm = rest): Figure => ({
  key,
  words,
  left,
  right,
});
const both = (key: string, words: string, arm: Arm): Figure => figure(key, words, arm, arm);
const arm = (upper: number, lower: number, hand: Arm['hand']): Arm => ({ upper, lower, hand });

/** Our own small set of signals: what arms and hands do, as the far corner sees it. */
export const FIGURES: readonly Figure[] = [
  figure('fistUp', 'Fist up', arm(165, 175, 'fist')),
  both('fistsUp', 'Both fists up', arm(160, 175, 'fist')),
  both('fistsLow', 'Both fists low', arm(25, 20, 'fist')),
  figure('fistChest', 'Fist on the chest', arm(35, -120, 'fist')),
  figure('openUp', 'Open hand up', arm(165, 175, 'open')),
  both('armsUp', 'Both arms up', arm(160, 172, 'open')),
  both('armsOut', 'Arms out', arm(90, 90, 'flat')),
  figure('armOut', 'One arm out', arm(90, 90, 'flat')),
  figure('palmUp', 'Flat hand, palm up', arm(45, 95, 'flat')),
  figure('brow', 'Hand at the brow', arm(82, -150, 'flat')),
  figure('head', 'Hand on the head', arm(142, -128, 'flat')),
  both('temples', 'Two fists at the temples', arm(110, -165, 'fist')),
  both('crossed', 'Wrists crossed', arm(30, -75, 'fist')),
  both('forearms', 'Forearms together', arm(40, -140, 'fist')),
  both('circle', 'Circle overhead', arm(122, -135, 'open')),
  figure('thumbUp', 'Thumb up', arm(30, 110, 'thumbUp')),
  figure('thumbDown', 'Thumb down', arm(30, 70, 'thumbDown')),
  figure('pointUp', 'One finger up', arm(160, 175, 'point')),
  figure('twoUp', 'Two fingers up', arm(160, 175, 'two')),
  figure('threeUp', 'Three fingers up', arm(160, 175, 'three')),
  figure('pointSide', 'Point to the side', arm(88, 92, 'point')),
  figure('rope', 'Pulls a rope', arm(150, 120, 'fist')),
  figure('roll', 'Hand rolls forward', arm(60, 130, 'open')),
  both('clap', 'Claps', arm(45, -60, 'flat')),
  figure('elbow', 'Taps the elbow', arm(40, -100, 'flat'), arm(55, 20, 'fist')),
  figure('shoulder', 'Taps the shoulder', arm(50, -150, 'flat')),
];
const BY_KEY = new Map(FIGURES.map((f) => [f.key, f]));
export const figureByKey = (key: string | undefined): Figure | undefined =>
  key === undefined ? undefined : BY_KEY.get(key);

/** From the far corner arms within this (degrees) are held alike, and hands are told apart only by whether they are shut. */
const HELD = 25;
const SHUT: ReadonlySet<Arm['hand']> = new Set(['fist', 'thumbUp', 'thumbDown']);
/** Fingers that are counted are told apart. */
const COUNTED: ReadonlySet<Arm['hand']> = new Set(['point', 'two', 'three', 'thumbUp', 'thumbDown']);

const turn = (a: number, b: number): number => Math.abs(((a - b + 540) % 360) - 180);
const armsAlike = (a: Arm, b: Arm): boolean =>
  turn(a.upper, b.upper) <= HELD &&
  turn(a.lower, b.lower) <= HELD &&
  (a.hand === b.hand ||
    (!COUNTED.has(a.hand) && !COUNTED.has(b.hand) && SHUT.has(a.hand) === SHUT.has(b.hand)));

/** Whether two figures look the same from the far corner; which arm it is nobody sees. */
export const figuresAlike = (a: Figure, b: Figure): boolean =>
  (armsAlike(a.left, b.left) && armsAlike(a.right, b.right)) ||
  (armsAlike(a.left, b.right) && armsAlike(a.right, b.left));

interface Signal {
  readonly figure?: string | undefined;
  readonly words?: string | undefined;
}
const plain = (s: string | undefined): string =>
  (s ?? '')
    .toLocaleLowerCase()
    .replace(/[^\p{L}\p{N}]+/gu, ' ')
    .trim();

/** Whether two signals are taken for each other: by their figures, else by their words. */
export function signalsAlike(a: Signal, b: Signal): boolean {
  const [x, y] = [figureByKey(a.figure), figureByKey(b.figure)];
  if (x && y) return figuresAlike(x, y);
  return plain(a.words) !== '' && plain(a.words) === plain(b.words);
}
