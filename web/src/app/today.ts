/** Today where the coach is, as days are written: "2026-12-04". */
export const today = (): string => {
  const now = new Date();
  const two = (n: number): string => String(n).padStart(2, '0');
  return `${now.getFullYear()}-${two(now.getMonth() + 1)}-${two(now.getDate())}`;
};

const date = (day: string): Date => new Date(`${day}T12:00:00`);
const short = new Intl.DateTimeFormat('en', { weekday: 'short', day: 'numeric' });
const withMonth = new Intl.DateTimeFormat('en', { weekday: 'short', day: 'numeric', month: 'short' });
const month = new Intl.DateTimeFormat('en', { day: 'numeric', month: 'long' });
const parts = (format: Intl.DateTimeFormat, day: string, order: readonly string[]): string => {
  const all = format.formatToParts(date(day));
  return order.flatMap((t) => all.find((p) => p.type === t)?.value ?? []).join(' ');
};
/** "Mon 7". */
export const dayShort = (day: string): string => parts(short, day, ['weekday', 'day']);
/** "Mon 7 Dec". */
export const dayLong = (day: string): string => parts(withMonth, day, ['weekday', 'day', 'month']);
/** "7 December". */
export const dayOfMonth = (day: string): string => parts(month, day, ['day', 'month']);
