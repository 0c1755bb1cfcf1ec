export type Units = 'feet' | 'metres';

const METRES = 0.3048;

/** A distance in feet as a number of the reader's units. */
export const feetIn = (feet: number, units: Units): number => (units === 'metres' ? feet * METRES : feet);

/** A distance in the reader's units: "9 ft 6 in" or "2.9 m". */
export function sayDistance(feet: number, units: Units): string {
  if (units === 'metres') return `${(feet * METRES).toFixed(1)} m`;
  const inches = Math.round(feet * 12);
  const whole = Math.floor(inches / 12);
  const rest = inches % 12;
  return rest === 0 ? `${whole} ft` : whole === 0 ? `${rest} in` : `${whole} ft ${rest} in`;
}

const INCH = 2.54;
/** How tall somebody is, as the team measures: "6 ft 2", "188 cm". */
export function heightWords(cm: number, units: Units): string {
  if (units === 'metres') return `${Math.round(cm)} cm`;
  const inches = Math.round(cm / INCH);
  return `${Math.floor(inches / 12)} ft ${inches % 12}`;
}
