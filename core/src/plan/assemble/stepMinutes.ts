/*
 * Minutes of a chain's steps for one dog, asked in the chain's order: how a coat was prepared tells on what follows.
 */
import { columnOf } from '../../coat/coatClass.js';
import type { CoatColumn } from '../../coat/coatClass.js';
import type { ZoneId } from '../../coat/zones.js';
import type { KennelDog } from '../../kennel/dogRecord.js';
import type { StepId } from '../../kennel/vocabulary.js';
import type { MinutesRow, ProgramStep } from '../../programs/careProgram.js';
import { cooperationFactor } from '../../programs/cooperation.js';
import { coatClassOf, estimateFacts, isPuppy, undercoatLoad } from '../../programs/dogFacts.js';
import { atPace, estimate } from '../../programs/estimate.js';
import type { Estimate, EstimateFacts } from '../../programs/estimate.js';
import { matsTogether } from '../../programs/matMinutes.js';
import { outlineFactor } from '../../programs/outlineMinutes.js';
import { trimDogOf, trimZonesOf, unlockedShare } from '../../programs/trimZones.js';
import type { LocalDay } from '../../time/localDay.js';
import { middlePace } from './assigneePace.js';
import type { WhoMay } from './outOfOrder.js';
import type { PlanInput } from './planInput.js';
import { trimShapes } from './trimShapes.js';

/** Whose minutes they are: the dog, the day of its preparation, and a trim that an earlier show in the plan has done. */
export interface MinutesOf {
  readonly dog: KennelDog;
  readonly marks: { readonly prepDay: LocalDay };
  readonly trimmedOn: LocalDay | null;
}

/** Minutes of each step for this dog; ask in the chain's order. */
export function stepMinutes(input: PlanInput, frame: MinutesOf): (step: ProgramStep, who: WhoMay) => Estimate {
  const { dog } = frame;
  const puppy = isPuppy(dog, input);
  const coat = coatClassOf(dog, input.library);
  const day = frame.marks.prepDay;
  const since = frame.trimmedOn === null ? dog : { ...dog, lastTrim: frame.trimmedOn };
  const facts = estimateFacts(since, input.library, day, puppy);
  const shaped = shapedShare(input, since, puppy, day, facts.overgrownWeeks);
  const preparing = preparation(columnOf(coat), undercoatLoad(dog, day) === 'heavy');
  return (step, who) => {
    const row = input.library.minutes[step.row];
    if (row === undefined) throw new Error(`stepMinutes: no row "${step.row}" in the minutes table`);
    const share = step.share * step.factor * timesOf(step, dog) * trimShare(input, step.step, dog, puppy, day);
    // The millimeters to come off by the outline stand in for the guess from the weeks since the last trim.
    const outlined = row.trim ? shaped(step.step) : null;
    const own: EstimateFacts = {
      ...facts,
      ...(outlined === null ? {} : { overgrownWeeks: 0 }),
      ...preparing(step.step, row),
      cooperation: cooperationFactor(dog, step.step, touched(input, step.step, row), (z) =>
        input.library.hairShare(coat, z),
      ),
    };
    const usual = longer(estimate(row, columnOf(coat), own, share * (outlined ?? 1)), step.plusMin);
    const crew = { factor: middlePace(input, step.step, who), logs: 0 };
    const paced = atPace(atPace(usual, crew), input.pace.dog(dog.id, step.step));
    if (step.flank !== 2) return paced;
    const second = input.pace.secondFlank(dog.id, step.step);
    return second.logs === 0 ? paced : atPace(paced, { factor: second.factor, logs: paced.logs });
  };
}

/** Zones that a step touches: those of its trim, or the whole coat where it goes over the whole coat. */
function touched(input: PlanInput, step: StepId, row: MinutesRow): readonly ZoneId[] | 'all' | null {
  return input.library.stepZones(step) ?? (row.scale === 'whole' ? 'all' : null);
}

/** Follows through a chain whether the coat comes from the brush, or with its undercoat left in. */
function preparation(column: CoatColumn, loaded: boolean): (step: StepId, row: MinutesRow) => Partial<EstimateFacts> {
  let before: 'nothing' | 'brushed' | 'blown' = 'nothing';
  return (step, row) => {
    if (step === 'brushOut1' || step === 'brushOut2') before = 'brushed';
    if (step === 'blowOut' || (step === 'undercoat' && before === 'nothing')) before = 'blown';
    // A checked coat ends the bath; the next one begins anew.
    if (step === 'dryCheck') before = 'nothing';
    // Coats that are always brushed out first have that in their minutes already; double coats come either way.
    if (row.wet === null || before === 'blown' || column !== 'double') return {};
    if (before === 'brushed') return { prepared: 'brushedOut' };
    return loaded ? { prepared: 'undercoatIn' } : {};
  };
}

/** Share of a trim that is left when somebody has locked zones, or a state leaves some alone. */
function trimShare(input: PlanInput, step: StepId, dog: KennelDog, puppy: boolean, day: LocalDay): number {
  const breed = input.library.breeds.get(dog.breed);
  if (breed === undefined) return 1;
  const own = trimDogOf(dog, puppy, day);
  if (own.locked.length === 0 && (own.leftAlone ?? []).length === 0) return 1;
  const zones = trimZonesOf(step, own, breed, input.library);
  return zones === null ? 1 : unlockedShare(zones, (z) => input.library.hairShare(breed.coat, z));
}

/**
 * Factor on a trim by what comes off as the outline has it; null where its hair was not measured since the last trim. Solved when the
 * first trim of the chain asks: most chains have none.
 */
function shapedShare(
  input: PlanInput,
  dog: KennelDog,
  puppy: boolean,
  day: LocalDay,
  overgrownWeeks: number,
): (step: StepId) => number | null {
  const { library } = input;
  const breed = library.breeds.get(dog.breed);
  const isFresh = (dog.lengths ?? []).some((l) => dog.lastTrim === undefined || l.day > dog.lastTrim);
  if (breed === undefined || !isFresh) return () => null;
  const shapes = trimShapes(dog, breed, library, day, puppy);
  const own = trimDogOf(dog, puppy, day);
  const usual = { intervalWeeks: library.trimIntervalWeeks[breed.coat], overgrownWeeks };
  const growth = new Map(shapes.asks.map((z) => [z.zone, z.growth.mmPerDay]));
  const growthOf = (zone: ZoneId): number => growth.get(zone) ?? library.growthPrior(breed.coat, zone).mmPerDay;
  return (step) => {
    const cut = trimZonesOf(step, own, breed, library)?.cut.map((z) => z.zone) ?? [];
    return outlineFactor(shapes.cuts(), cut, growthOf, (zone) => library.hairShare(breed.coat, zone), usual);
  };
}

function timesOf(step: ProgramStep, dog: KennelDog): number {
  if (step.times === 'once') return 1;
  return step.times === 'mats' ? matsTogether(dog.mats ?? []) : Math.max(1, (dog.unready ?? []).length);
}

function longer(e: Estimate, minutes: number): Estimate {
  if (minutes === 0) return e;
  const middleMin = Math.max(1, e.middleMin + minutes);
  const ratio = middleMin / e.middleMin;
  return { ...e, middleMin, p20Min: e.p20Min * ratio, p80Min: e.p80Min * ratio, usualMin: middleMin };
}

/** Two estimates of work that is done as one. */
export function addEstimates(x: Estimate, y: Estimate): Estimate {
  return {
    middleMin: x.middleMin + y.middleMin,
    p20Min: x.p20Min + y.p20Min,
    p80Min: x.p80Min + y.p80Min,
    usualMin: x.usualMin + y.usualMin,
    logs: x.logs,
  };
}
