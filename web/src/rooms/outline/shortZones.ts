/*
 * Hair that will be too short on the day of a dog's next show, though it grows so long: a slip of the shears, a zone that was clipped.
 */
import type { LocalDay, Plan, ZoneCut } from '@loyal-mane/core';
import { ZONE_NAMES } from '@loyal-mane/library';
import { recordOf } from '../../parts/dogRecord';
import type { Dog } from '../../parts/dogRecord';
import type { Kennel } from '../../api/queries';
import { cutAsks, outlineAskOf, solvedOutline, wayToShow } from './outlineOf';
import { draftOf } from './useOutlineDraft';

/** Less than this of the outline is not seen from ringside, mm. */
const SEEN_MM = 3;

/** The kennel, its plan and the day that a dog's zones are told by. */
export interface ShortAsk {
  readonly kennel: Kennel;
  readonly plan: Plan | null;
  /** Time zone of the kennel. */
  readonly zone: string;
  readonly today: LocalDay;
}

/** Zones that are too short on the day, the worst first; none for a dog without a show, a shape or a measured length. */
export function shortZones(dog: Dog, { kennel, plan, zone, today }: ShortAsk): readonly ZoneCut[] {
  const { lengths = [], outline } = recordOf(dog);
  const way = lengths.length === 0 ? null : wayToShow(dog, kennel, plan, zone, today);
  if (way === null) return [];
  const sides = lengths.some((l) => l.side !== undefined) ? (['left', 'right'] as const) : (['left'] as const);
  const worst = new Map<string, ZoneCut>();
  for (const side of sides) {
    const asked = outlineAskOf(dog, kennel, cutAsks(dog, kennel, today, side), way.showDay, draftOf(dog));
    if (asked === null) continue;
    for (const cut of solvedOutline(asked.ask, way.sessionDay, outline?.movingTail ?? null).cuts) {
      const { zone: at, state, longEnoughOn } = cut.row;
      const isShort = state === 'missing' && longEnoughOn !== null && cut.outlineMm >= SEEN_MM;
      if (isShort && cut.outlineMm > (worst.get(at)?.outlineMm ?? 0)) worst.set(at, cut);
    }
  }
  return [...worst.values()].sort((x, y) => y.outlineMm - x.outlineMm);
}

/** "hock short", "2 zones short"; empty where all is long enough. */
export function shortWords(cuts: readonly ZoneCut[]): string {
  const [first] = cuts;
  if (first === undefined) return '';
  return cuts.length === 1 ? `${ZONE_NAMES[first.row.zone]} short` : `${String(cuts.length)} zones short`;
}
