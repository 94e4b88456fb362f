/*
 * A dog's marks after one zone was marked, as it is given at the coat map.
 */
import type { KnownMat, Tightness, ZoneId } from '@loyal-mane/core';
import type { Kennel } from '../api/queries';
import type { MapSide } from './coatMap/ZoneButton';
import { onSide } from './foundWords';
import type { Found } from './foundWords';

type Dog = Kennel['dogs'][number];

/** The mark of one zone; the rest only of a mat. */
export interface ZoneFound extends Pick<KnownMat, 'cm' | 'atSkin' | 'skin' | 'keptUntil'> {
  readonly found: Found;
}

/** A zone with its mark; no side where it is on both. */
export interface MarkGiven {
  readonly zone: ZoneId;
  readonly side: MapSide;
  readonly is: ZoneFound;
}

/** A mat is on the side that was touched, the rest on both. */
export function marksWith({ marks }: Pick<Dog, 'marks'>, { zone, side, is }: MarkGiven): Dog['marks'] {
  const { found, keptUntil: kept, ...of } = is;
  const { soiled, mats, unready } = marks;
  const others = {
    soiled: soiled.filter((z) => z !== zone),
    mats: mats.filter((m) => m.zone !== zone || !onSide(m.side, side)),
    unready: unready.filter((u) => u.zone !== zone),
  };
  const here = side === null ? { zone } : { zone, side };
  // A mat that has closed further is kept no longer.
  const keeps = kept === undefined || found !== 'loose' ? {} : { keptUntil: kept };
  return {
    soiled: found === 'soiled' ? [...others.soiled, zone] : others.soiled,
    mats: isMat(found) ? [...others.mats, { ...here, tightness: found, ...of, ...keeps }] : others.mats,
    unready: found === 'damp' || found === 'kinked' ? [...others.unready, { zone, test: found }] : others.unready,
  };
}

/** Whether a mark is one of a mat. */
function isMat(found: Found): found is Tightness {
  return found === 'loose' || found === 'tight' || found === 'solid';
}
