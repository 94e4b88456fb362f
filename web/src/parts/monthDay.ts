/*
 * A local day in short: "17 Jun".
 */
const MONTHS = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'];

/** Day and month of a local day, `YYYY-MM-DD`. */
export function monthDay(day: string): string {
  return `${String(Number(day.slice(8)))} ${MONTHS[Number(day.slice(5, 7)) - 1] ?? ''}`;
}
