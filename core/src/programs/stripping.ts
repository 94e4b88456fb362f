/*
 * Harsh jackets are stripped by area on a rolling calendar: one area at each session, so that the whole jacket comes round
 * in eight to twelve weeks and new hair is always at every stage (common practice).
 */
import type { ZoneId } from '../coat/zones.js';
import type { LocalDay } from '../time/localDay.js';
import { daysBetween } from '../time/localDay.js';

/** Areas in the order in which they are worked: what must be longest at a show is stripped first. */
export const STRIPPING_AREAS: readonly (readonly ZoneId[])[] = [
  ['back', 'loin', 'croup', 'withers'],
  ['crest', 'neckSide'],
  ['ribs', 'flank'],
  ['shoulder', 'upperArm'],
  ['outerThigh'],
  ['tail', 'tailSet'],
  ['throat', 'forechest'],
  ['skull', 'cheek', 'earSurface'],
];

const EPOCH = '2020-01-01' as LocalDay;

/** Area whose turn it is on a day at one session every so many days. */
export function strippingArea(day: LocalDay, everyDays: number): readonly ZoneId[] {
  const turn = Math.floor(daysBetween(EPOCH, day) / everyDays);
  const area = STRIPPING_AREAS[((turn % STRIPPING_AREAS.length) + STRIPPING_AREAS.length) % STRIPPING_AREAS.length];
  return area ?? [];
}
