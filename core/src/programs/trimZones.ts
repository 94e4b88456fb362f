/*
 * Where a trim step cuts on one dog: the zones that are its business, less what the dog's trim map does not name, less
 * what is locked or left to grow. Every trim step asks here.
 */
import { mayCut } from '../coat/trimMap.js';
import type { CutKind } from '../coat/trimMap.js';
import { ZONE_IDS } from '../coat/zones.js';
import type { ZoneId } from '../coat/zones.js';
import type { KennelDog } from '../kennel/dogRecord.js';
import type { StepId } from '../kennel/vocabulary.js';
import type { LocalDay } from '../time/localDay.js';
import type { BreedFacts, CareLibrary } from './careLibrary.js';
import { zonesLeftAlone } from './dogStates.js';

/** Zones that a step cuts on a dog, and those that it leaves, with why. */
export interface TrimZones {
  readonly cut: readonly { readonly zone: ZoneId; readonly how: CutKind }[];
  /** Zones of the step that would be cut, were they not locked or left to grow. */
  readonly leave: readonly { readonly zone: ZoneId; readonly why: 'growingOn' | 'locked' | 'state' }[];
}

/** Facts of a dog that decide which zones are trimmed. `growsCoat` is true for puppies as well. */
export interface TrimDog {
  readonly locked: readonly ZoneId[];
  readonly growsCoat: boolean;
  /** Left alone by a state of the dog; none when absent. */
  readonly leftAlone?: readonly ZoneId[];
}

/** A dog's locks and states on a day; puppies grow coat, and a weak joint keeps its hair. */
export function trimDogOf(
  dog: Pick<KennelDog, 'locked' | 'weakLegs' | 'growsCoat' | 'states'>,
  puppy: boolean,
  day: LocalDay,
): TrimDog {
  const locked = [...(dog.locked ?? []), ...(dog.weakLegs ?? [])];
  return { locked, growsCoat: dog.growsCoat ?? puppy, leftAlone: zonesLeftAlone(dog, day) };
}

/** Zones that a step cuts on a dog of a breed, and those it leaves with the reason; null for a step that cuts nothing. */
export function trimZonesOf(
  step: StepId,
  dog: TrimDog,
  breed: Pick<BreedFacts, 'trimMap' | 'growOn' | 'fringes'>,
  library: Pick<CareLibrary, 'trimMaps' | 'stepZones'>,
): TrimZones | null {
  const business = library.stepZones(step);
  if (business === null) return null;
  const facts = {
    growsCoat: dog.growsCoat,
    growOn: breed.growOn,
    fringes: breed.fringes,
    locked: new Set(dog.locked),
    leftAlone: new Set(dog.leftAlone),
  };
  const cut: TrimZones['cut'][number][] = [];
  const leave: TrimZones['leave'][number][] = [];
  for (const zone of business === 'all' ? ZONE_IDS : business) {
    const answer = mayCut(library.trimMaps[breed.trimMap], zone, facts);
    if (answer.ok) cut.push({ zone, how: answer.how });
    else if (answer.why !== 'notInMap' && answer.why !== 'fringe') leave.push({ zone, why: answer.why });
  }
  return { cut, leave };
}

/** A trim whose zones are nearly all locked still takes its setting up and looking (engineering default). */
export const DEFAULT_LEAST_TRIM_SHARE = 0.25;

/** Share of a trim's minutes that is left when somebody has locked zones, or a state leaves some alone: by the hair of what is still cut. */
export function unlockedShare(zones: TrimZones, hairOf: (zone: ZoneId) => number): number {
  const sum = (list: readonly { readonly zone: ZoneId }[]): number => list.reduce((s, z) => s + hairOf(z.zone), 0);
  const cut = sum(zones.cut);
  const locked = sum(zones.leave.filter((z) => z.why !== 'growingOn'));
  return cut + locked === 0 ? 1 : Math.max(DEFAULT_LEAST_TRIM_SHARE, cut / (cut + locked));
}
