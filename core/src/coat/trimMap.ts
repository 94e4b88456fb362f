/*
 * Zones that may be cut: a dog's trim map, its locks, its stage. Every trim step and every cut list asks
 * here; zones that a map does not name are locked.
 */
import type { ZoneId } from './zones.js';

/** Maps of what is cut on a coat at all; a breed names one. */
export const TRIM_MAP_IDS = [
  'naturalJacketed',
  'trimmedJacketed',
  'naturalDouble',
  'doubleShaped',
  'heavySheepdog',
  'drop',
  'scissored',
  'wire',
  'smooth',
] as const;
/** One of `TRIM_MAP_IDS`. */
export type TrimMapId = (typeof TRIM_MAP_IDS)[number];

/** How a zone is worked: strays only, shaped with thinners, by any tool, by hand on a calendar. */
export type CutKind = 'strays' | 'thinned' | 'shaped' | 'byHand';

/** `natural`: nothing may look cut; `crisp`: a clean line is wanted. */
export type Finish = 'natural' | 'crisp';

/** How each zone of a coat is cut. */
export interface TrimMap {
  readonly id: TrimMapId;
  readonly finish: Finish;
  readonly cut: ReadonlyMap<ZoneId, CutKind>;
}

/** Why a zone is not cut. */
export type CutRefusal =
  /** The trim map does not name it. */
  | 'notInMap'
  /** A fringe that must never be lost: ear edges, slippers, flags of fringed toys. */
  | 'fringe'
  /** Left to grow on this breed while the dog grows coat. */
  | 'growingOn'
  /** Somebody set a lock with a wanted length. */
  | 'locked'
  /** Left alone while a state of the dog lasts. */
  | 'state';

/** Whether a zone may be cut: how, or why not. */
export type CutAnswer = { readonly ok: true; readonly how: CutKind } | { readonly ok: false; readonly why: CutRefusal };

/** Facts that decide about one zone of one dog, besides the map. */
export interface CutFacts {
  /** Puppies, and dogs that are growing coat. */
  readonly growsCoat: boolean;
  readonly growOn: ReadonlySet<ZoneId>;
  readonly locked: ReadonlySet<ZoneId>;
  /** Fringes of the breed that are never cut; none when absent. */
  readonly fringes?: ReadonlySet<ZoneId>;
  /** Zones that a state of the dog leaves alone; none when absent. */
  readonly leftAlone?: ReadonlySet<ZoneId>;
}

/** Whether a zone may be cut, and how. */
export function mayCut(map: TrimMap, zone: ZoneId, facts: CutFacts): CutAnswer {
  const how = map.cut.get(zone);
  if (how === undefined) return { ok: false, why: 'notInMap' };
  if (facts.fringes?.has(zone) === true) return { ok: false, why: 'fringe' };
  if (facts.locked.has(zone)) return { ok: false, why: 'locked' };
  if (facts.leftAlone?.has(zone) === true) return { ok: false, why: 'state' };
  if (facts.growsCoat && facts.growOn.has(zone)) return { ok: false, why: 'growingOn' };
  return { ok: true, how };
}
