/*
 * How a dog's cooperation changes the minutes of a step: by the step where that is known, and by the zones that it touches,
 * each with the share of hair that it has in the step's business.
 */
import { ZONE_IDS } from '../coat/zones.js';
import type { ZoneId } from '../coat/zones.js';
import type { KennelDog } from '../kennel/dogRecord.js';
import type { StepId } from '../kennel/vocabulary.js';
import { BATHS, BLOWN } from './stepGroups.js';

/** A dog that turns in the tub is washed sooner; one that does not stand for the dryer takes longer (engineering defaults). */
const DEFAULT_TURNS = 0.95;
const DEFAULT_FEARS_DRYER = 1.2;

function skillFactor(dog: Pick<KennelDog, 'turnsInTub' | 'standsForDryer'>, step: StepId): number {
  if (dog.turnsInTub === true && BATHS.has(step)) return DEFAULT_TURNS;
  return dog.standsForDryer === false && BLOWN.has(step) ? DEFAULT_FEARS_DRYER : 1;
}

/** Factor on the minutes of a step (0.8 easy to 1.6 hard); `zones` is what the step touches, null = nowhere in particular. */
export function cooperationFactor(
  dog: Pick<KennelDog, 'cooperation' | 'cooperationAt' | 'cooperationZones' | 'turnsInTub' | 'standsForDryer'>,
  step: StepId,
  zones: readonly ZoneId[] | 'all' | null,
  hairOf: (zone: ZoneId) => number,
): number {
  const usual = dog.cooperationAt?.find((c) => c.step === step)?.factor ?? dog.cooperation * skillFactor(dog, step);
  const borne = new Map((dog.cooperationZones ?? []).map((c) => [c.zone, c.factor]));
  if (borne.size === 0 || zones === null) return usual;
  let hair = 0;
  let weighed = 0;
  for (const zone of zones === 'all' ? ZONE_IDS : zones) {
    hair += hairOf(zone);
    weighed += hairOf(zone) * (borne.get(zone) ?? usual);
  }
  return hair === 0 ? usual : weighed / hair;
}
