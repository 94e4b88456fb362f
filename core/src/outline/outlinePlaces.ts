/*
 * Zones of the coat along the body line: each place of the template, in its part, belongs to one zone.
 */
import type { ZoneId } from '../coat/zones.js';
import type { PartId } from './template.js';

/** Parts whose hair is reckoned; far legs are only painted. */
export const NEAR_PARTS = ['trunk', 'hind', 'fore', 'tail', 'ear'] as const satisfies readonly PartId[];
/** One of `NEAR_PARTS`. */
export type NearPart = (typeof NEAR_PARTS)[number];

const ZONE_OF: Readonly<Record<NearPart, Readonly<Record<string, ZoneId>>>> = {
  trunk: {
    withers: 'withers',
    back: 'back',
    loin: 'loin',
    croup: 'croup',
    rump: 'breeches',
    flank: 'flank',
    belly: 'underline',
    chest: 'forechest',
    bib: 'forechest',
    throat: 'throat',
    latch: 'throat',
    jaw: 'beard',
    chin: 'beard',
    lip: 'beard',
    nose: 'muzzle',
    muzzle: 'muzzle',
    stop: 'stop',
    brow: 'brow',
    skull: 'skull',
    crest: 'crest',
  },
  hind: {
    in: 'outerThigh',
    stifle: 'stifle',
    hockF: 'hock',
    hindleg: 'hock',
    hock: 'hock',
    foot: 'hindfoot',
    sole: 'hindfoot',
    breech: 'breeches',
  },
  fore: {
    in: 'upperArm',
    foreF: 'foreleg',
    foreB: 'foreFeather',
    pastern: 'pastern',
    foot: 'forefoot',
    sole: 'forefoot',
  },
  tail: { tailT: 'tail', tailB: 'tail', plume: 'tail', tailTip: 'tailTip' },
  ear: { ear: 'earSurface', earT: 'earSurface' },
};

/** Places at which the line has a corner that nobody smooths. */
const CORNERS: ReadonlySet<string> = new Set(['nose', 'lip', 'sole', 'tailTip']);

/** Zone of a place; throws for a place that the part does not have. */
export function zoneOfPlace(part: NearPart, place: string): ZoneId {
  const zone = ZONE_OF[part][place];
  if (zone === undefined) throw new Error(`zoneOfPlace: ${part} has no ${place}`);
  return zone;
}

/** Whether the line has a corner here. */
export function isCorner(part: NearPart, place: string): boolean {
  return CORNERS.has(place) || part === 'ear';
}
