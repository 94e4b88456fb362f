/*
 * Which chains could be done in another way, and in which: two people at a tub without a ramp, the show's own tub the day
 * before or on the morning, a wet coat dried with the force dryer now and with heat later, days that are only wanted given way.
 */
import type { KennelStation } from '../../kennel/kennelFile.js';
import { workLimits } from '../../kennel/limits.js';
import type { Assembled } from '../assemble/assemble.js';
import type { ChainDraft } from '../assemble/chains.js';
import type { PlanInput } from '../assemble/planInput.js';
import type { Way } from '../assemble/ways.js';
import { USUAL_WAY, isRightAtOnce, mayLiftByTwo } from '../assemble/ways.js';
import { coatClassOf } from '../../programs/dogFacts.js';
import { BATHED_AFTER_TRIM } from '../../programs/schools.js';
import { forceBefore } from '../../programs/heatLater.js';
import { BATHS } from '../../programs/stepGroups.js';

/** Ways in the order in which they are tried, the least unusual first. */
export const OTHER_WAYS: readonly Way[] = [
  { ...USUAL_WAY, twoLift: true },
  { ...USUAL_WAY, heatLater: true },
  { ...USUAL_WAY, bath: 'siteDayBefore' },
  { ...USUAL_WAY, bath: 'siteDayBefore', twoLift: true },
  { ...USUAL_WAY, bath: 'siteMorning' },
  { ...USUAL_WAY, isWide: true },
  { ...USUAL_WAY, isWide: true, twoLift: true },
];

/** Whether a chain could be done in a way, and is not yet. A dog that only lacks somebody to show it is ready as it is. */
export function couldBeDone({ input }: Assembled, draft: ChainDraft, way: Way): boolean {
  if (input.upToRing.has(draft.entryId ?? '')) return false;
  const now = input.ways.get(draft.key) ?? USUAL_WAY;
  if (way.heatLater === true) return now.heatLater !== true && isWet(draft);
  if (now.bath === way.bath && now.twoLift === way.twoLift && now.isWide === way.isWide) return false;
  if (
    way.twoLift &&
    !(mayLiftByTwo(input.kennel.settings, draft.weightKg) && draft.steps.some((s) => BATHS.has(s.step.step)))
  )
    return false;
  if (draft.kind !== 'show') return way.bath === 'home' && !way.isWide;
  // A later day of a show waits for its first.
  if (draft.needs !== null) return false;
  return (
    (way.bath === 'home' || hasTubThere(input, draft, way)) && (way.bath !== 'siteMorning' || isRight(input, draft))
  );
}

/** Whether a dog is washed and not dry yet, and a force dryer stands between it and the heat. */
function isWet({ steps }: ChainDraft): boolean {
  const programSteps = steps.map((s) => s.step);
  const heat = steps.findIndex((s, k) => s.fixed === null && forceBefore(programSteps, k) !== null);
  const washed = programSteps.slice(0, Math.max(0, heat)).findLastIndex((s) => BATHS.has(s.step));
  return washed >= 0 && steps.slice(washed, heat).some((s) => s.fixed !== null);
}

/** A way as one chain takes it: a coat that is washed already stays washed as it was. */
export function wayOf(input: PlanInput, draft: ChainDraft, way: Way): Way {
  return way.heatLater === true ? { ...(input.ways.get(draft.key) ?? USUAL_WAY), heatLater: true } : way;
}

/** Whether a chain's show has a tub that the dog comes into. */
function hasTubThere({ kennel }: Assembled['input'], draft: ChainDraft, way: Way): boolean {
  const entry = kennel.entries.find((e) => e.id === draft.entryId);
  const show = kennel.shows.find((s) => s.id === entry?.showId);
  const isHeavy = draft.weightKg >= workLimits(kennel.settings).liftKg;
  const serves = (s: KennelStation): boolean =>
    s.kind === 'tub' && s.siteId === show?.siteId && (!isHeavy || way.twoLift || s.ramp === true);
  return kennel.stations.some(serves);
}

function isRight({ kennel, library }: Assembled['input'], draft: ChainDraft): boolean {
  const dog = kennel.dogs.find((d) => d.id === draft.dogId);
  if (dog === undefined || !BATHED_AFTER_TRIM.includes(coatClassOf(dog, library))) return false;
  return isRightAtOnce(dog) || dog.fringed;
}
