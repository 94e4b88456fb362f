/*
 * Effects of a dog's state for a time: zones that are left alone, a coat that drops, what may come of a season. The days
 * and zones are common practice and engineering defaults; a vet comes before all of them.
 */
import type { ZoneId } from '../coat/zones.js';
import type { KennelDog } from '../kennel/dogRecord.js';
import type { DogStateKind } from '../kennel/vocabulary.js';
import type { LocalDay } from '../time/localDay.js';
import { addDays, daysBetween } from '../time/localDay.js';

/** Days after whelping between which the coat drops (common practice: two to four months). */
export const DEFAULT_DROP_DAYS = { from: 60, until: 120 } as const;
/** Days from a season to the false pregnancy that may follow (common practice: about two months). */
export const DEFAULT_FALSE_PREGNANCY_DAYS = 60;

/** Zones that no blade goes to while a state holds: skin that is tender there. */
const LEFT_ALONE: Readonly<Partial<Record<DogStateKind, readonly ZoneId[]>>> = {
  season: ['vent', 'mammaryLine'],
  falsePregnancy: ['mammaryLine', 'belly'],
  afterWhelping: ['mammaryLine', 'belly'],
};

type DogStates = Pick<KennelDog, 'states'>;

/** Whether a state holds on a day. */
export function stateHolds(state: NonNullable<KennelDog['states']>[number], day: LocalDay): boolean {
  return state.from <= day && (state.until === undefined || day <= state.until);
}

/** Whether a dog is in a state on a day. */
export function isIn(dog: DogStates, kind: DogStateKind, day: LocalDay): boolean {
  return (dog.states ?? []).some((s) => s.kind === kind && stateHolds(s, day));
}

/** Zones that a dog's states leave alone on a day. */
export function zonesLeftAlone(dog: DogStates, day: LocalDay): ZoneId[] {
  const held = (dog.states ?? []).filter((s) => stateHolds(s, day));
  return [...new Set(held.flatMap((s) => LEFT_ALONE[s.kind] ?? []))];
}

/** Whether a coat loosens on a day: in coat change, or some months after whelping. */
export function isDropping(dog: DogStates & Pick<KennelDog, 'coatChange'>, day: LocalDay): boolean {
  if (dog.coatChange) return true;
  return (dog.states ?? []).some((s) => {
    const since = daysBetween(s.from, day);
    return s.kind === 'afterWhelping' && since >= DEFAULT_DROP_DAYS.from && since <= DEFAULT_DROP_DAYS.until;
  });
}

/** About when a false pregnancy may follow a bitch's last season; null where none is known or she has whelped since. */
export function falsePregnancyAbout(dog: DogStates & Pick<KennelDog, 'sex'>): LocalDay | null {
  if (dog.sex !== 'bitch') return null;
  const lastOf = (kind: DogStateKind): LocalDay | null =>
    (dog.states ?? [])
      .flatMap((s) => (s.kind === kind ? [s.from] : []))
      .sort()
      .at(-1) ?? null;
  const season = lastOf('season');
  const whelped = lastOf('afterWhelping');
  if (season === null || (whelped !== null && whelped > season)) return null;
  return addDays(season, DEFAULT_FALSE_PREGNANCY_DAYS);
}
