/*
 * Stations as small kennels often have it: a start that is changed to what is really there.
 */
import type { RowChange, StationKind } from '@loyal-mane/core';

const USUAL: readonly (readonly [StationKind, string, Readonly<Record<string, unknown>>])[] = [
  ['tub', 'Tub 1', { ramp: true }],
  ['tub', 'Tub 2', {}],
  ['forceDryer', 'Force dryer', {}],
  ['standDryer', 'Stand dryer 1', {}],
  ['standDryer', 'Stand dryer 2', {}],
  ['table', 'Table 1', {}],
  ['table', 'Table 2', {}],
  ['table', 'Table 3', {}],
  ['pen', 'Pens', { places: 6 }],
];

/** The changes that add them at a site. */
export function usualStations(siteId: string, newId: () => string): RowChange[] {
  return USUAL.map(([kind, name, more]) => {
    const id = newId();
    return { list: 'stations', id, from: null, to: { id, siteId, kind, name, closures: [], ...more } };
  });
}
