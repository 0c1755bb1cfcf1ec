export type Units = 'feet' | 'metres';

/** A distance in the reader's units: "9 ft 6 in" or "2.9 m". */
export function sayDistance(feet: number, units: Units): string {
  if (units === 'metres') return `${(feet * 0.3048).toFixed(1)} m`;
  const inches = Math.round(feet * 12);
  const whole = Math.floor(inches / 12);
  const rest = inches % 12;
  return rest === 0 ? `${whole} ft` : whole === 0 ? `${rest} in` : `${whole} ft ${rest} in`;
}
