/** Measures of the slide sheet, pixels: five staves of theirs and the ball's. */
export const RULER = 24;
export const ROW = 19;
export const ROWS = 6;
export const BLOCK = 14;
export const HEIGHT = RULER + ROWS * ROW + 2;
const PAD = 10;
const SECOND = 96;

export const xOf = (t: number): number => PAD + t * SECOND;
export const timeAt = (x: number): number => (x - PAD) / SECOND;
export const top = (row: number): number => RULER + row * ROW;
export const stave = (row: number): number => top(row) + ROW - 2.5;
