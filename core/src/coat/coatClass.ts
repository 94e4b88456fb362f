/*
 * Six coat types and two splits of them make the eight classes that care programs and starting minutes are written
 * for: heavy sheepdog coats are a kind of double coat, and jacketed coats are shown natural or trimmed.
 */

/** Classes of coat; each has a care program of its own. */
export const COAT_CLASSES = [
  'double',
  'heavySheepdog',
  'drop',
  'scissored',
  'jacketedNatural',
  'jacketedTrimmed',
  'wire',
  'smooth',
] as const;

/** Class of coat that a care program is written for. */
export type CoatClass = (typeof COAT_CLASSES)[number];

/** The seven columns of the table of starting minutes. */
export type CoatColumn = 'double' | 'heavySheepdog' | 'drop' | 'scissored' | 'jacketed' | 'wire' | 'smooth';

/** Column of the minutes table that a class reads. */
export function columnOf(coat: CoatClass): CoatColumn {
  return coat === 'jacketedNatural' || coat === 'jacketedTrimmed' ? 'jacketed' : coat;
}
