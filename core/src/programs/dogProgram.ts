/*
 * The order of work for one dog at one show: the program of its coat, changed by the schools in force, the show's rules,
 * the dog's age and state. What drops out is named with its reason; what people should mind is noted.
 */
import type { CoatClass } from '../coat/coatClass.js';
import { RULES_OF_SHOWS } from '../kennel/choices.js';
import type { RuleValue, SchoolId, ShowRule, Side } from '../kennel/choices.js';
import type { KennelDog } from '../kennel/dogRecord.js';
import type { KennelFile, KennelShow } from '../kennel/kennelFile.js';
import type { ConsentKind, DogStateKind, StepId } from '../kennel/vocabulary.js';
import type { LocalDay } from '../time/localDay.js';
import { addDays, daysBetween } from '../time/localDay.js';
import type { CareLibrary } from './careLibrary.js';
import type { CareProgram } from './careProgram.js';
import type { EntryFacts } from './dogFacts.js';
import { DEFAULT_PUPPY_DAYS, coatClassOf, isMet } from './dogFacts.js';
import { falsePregnancyAbout, isIn, stateHolds } from './dogStates.js';
import { changedProgram } from './programChange.js';
import type { ProgramEdit } from './programEdit.js';
import { applyEdits } from './programEdit.js';
import { ruleEdits, rulesOf } from './ruleSet.js';
import type { Chosen, SchoolRefusal } from './schools.js';
import { chooseSides } from './schools.js';
import { regrowthDays, regrowthEdit } from './regrowth.js';
import { settlingEdits } from './settling.js';
import { trimDogOf, trimZonesOf } from './trimZones.js';

/** Why a step drops out of a dog's order of work. */
export type DropReason =
  /** Its days had passed before the plan began. */
  | { readonly code: 'past' }
  /** A step that follows it was done first. */
  | { readonly code: 'passedOver' }
  | { readonly code: 'showRules'; readonly rule: ShowRule; readonly value: RuleValue }
  /** Whiskers stay on young dogs (a school). */
  | { readonly code: 'tooYoung' }
  | { readonly code: 'state'; readonly state: DogStateKind }
  /** The owner's consent is not recorded. */
  | { readonly code: 'noConsent'; readonly what: ConsentKind }
  /** Every zone that the trim would cut is locked or left to grow. */
  | { readonly code: 'allLocked' }
  /** A show shortly before trims for this one as well. */
  | { readonly code: 'sharedTrim'; readonly day: LocalDay };

/** A caution about a dog's work. */
export type ProgramNote =
  | { readonly code: 'schoolRefused'; readonly school: SchoolId; readonly side: Side; readonly why: SchoolRefusal }
  | { readonly code: 'underAge'; readonly leastMonths: number }
  /** A fine trim lies no further before the ring: how fast its hair grows is not known better. */
  | { readonly code: 'regrowth'; readonly mostDays: number }
  /** Nobody has entered what the show's rules say of these. */
  | { readonly code: 'checkRules'; readonly rules: readonly ShowRule[] }
  /** The show's rule on a thing that no step can decide. */
  | { readonly code: 'ruleSays'; readonly rule: ShowRule; readonly value: RuleValue }
  | { readonly code: 'state'; readonly state: DogStateKind }
  /** A false pregnancy may show about that day. */
  | { readonly code: 'falsePregnancyAbout'; readonly about: LocalDay };

/** A step that falls away for a dog, and why. */
export interface DroppedStep {
  readonly step: StepId;
  readonly why: DropReason;
}

/** A coat's program as it holds for one dog and one entry: what is done, and what falls away. */
export interface DogProgram {
  readonly coat: CoatClass;
  readonly program: CareProgram;
  readonly chosen: readonly Chosen[];
  readonly dropped: readonly DroppedStep[];
  readonly notes: readonly ProgramNote[];
}

/** Rules that people must mind themselves: of what they ask for, the order of work does not show all. */
const TOLD_RULES: readonly ShowRule[] = ['productsLeft', 'alteredShown', 'whiskersRemoved', 'dryersOnGround'];

/** Steps that wet the coat: treatments keep their distance from them. */
export const WASH_STEPS: readonly StepId[] = ['trimBath', 'bath', 'bathWhites', 'spotWash', 'towelSoak'];

/** Steps that an injury forbids until a vet has looked: cutting, hard air, the tub. */
const NOT_INJURED: readonly StepId[] = [
  ...WASH_STEPS,
  'preTreat',
  'condition',
  'towel',
  'blowOut',
  'forceDry',
  'heatDry',
  'dryCheck',
  'towelSet',
  'towelRelease',
  'clip',
  'whiskers',
  'strip',
  'upperEars',
  'ears',
  'throat',
  'shapeTrim',
  'roughTrim',
  'fineTrim',
  'naturalTrim',
  'tidies',
];

/** Nothing goes neat onto the skin of a dog on medicine unless label and vet allow it. */
const NOT_ON_MEDICINE: ProgramEdit = { edit: 'drop', steps: ['preTreat'] };

/** A coat that is out is not softened for the ring: body is wanted all over (common practice). */
const NOT_OUT_OF_COAT: ProgramEdit = {
  edit: 'drop',
  steps: ['condition'],
  parts: ['preparation'],
  coats: ['double', 'heavySheepdog', 'scissored'],
};

/**
 * The condition of steps that cannot be undone: the owner's consent, which only those who may decide can record. Ears ask the
 * first time only.
 */
function consentsAsked(dog: KennelDog): readonly (readonly [StepId, ConsentKind])[] {
  const ears = dog.lastTrim === undefined ? ([['ears', 'firstEars']] as const) : [];
  return [['strip', 'strip'], ['whiskers', 'whiskers'], ...ears];
}

/** Days around the forecast of a false pregnancy in which it is worth a word (engineering default). */
const FORECAST_DAYS = 21;

interface Reasoned {
  readonly edits: readonly ProgramEdit[];
  readonly why: DropReason;
}

/** The order of work of a dog. `show` is null for keep-up work. */
export function dogProgram(
  dog: KennelDog,
  kennel: KennelFile,
  library: CareLibrary,
  show: KennelShow | null,
  facts: EntryFacts,
): DogProgram {
  const coat = coatClassOf(dog, library);
  const decides = (c: Parameters<typeof isMet>[0]): boolean => isMet(c, dog, facts);
  const chosen = chooseSides(library.schools, { coat, dog, kennel, isMet: decides });
  const schooled = applyEdits(
    changedProgram(library.programs[coat], kennel.methods),
    [...chosen.flatMap((c) => c.school[c.side].edits), ...settlingEdits(dog)],
    decides,
  );
  const breed = library.breeds.get(dog.breed);
  const mostDays = show === null || breed === undefined ? null : regrowthDays(dog, breed, library, facts.day);
  const held = mostDays === null ? null : regrowthEdit(schooled, mostDays);
  let program = held === null ? schooled : applyEdits(schooled, [held], decides);
  const dropped: DroppedStep[] = [];
  const reasons = [
    ...reasonedEdits(dog, show, facts, chosen),
    ...lockedTrims(dog, library, schooled, facts),
    ...sharedTrims(schooled, facts),
  ];
  for (const reasoned of reasons) {
    const before = stepsIn(program);
    program = applyEdits(program, reasoned.edits, decides);
    const left = stepsIn(program);
    for (const step of before) if (!left.has(step)) dropped.push({ step, why: reasoned.why });
  }
  const notes = notesOf(dog, show, facts, chosen);
  if (held !== null && mostDays !== null) notes.push({ code: 'regrowth', mostDays });
  return { coat, program, chosen, dropped, notes };
}

/**
 * Standing trim minutes a day: the coat's cap, or less where the dog bears less; by the dog's own tolerance alone where
 * that school holds. Puppies stand for minutes only.
 */
export function standMinutesOf(dog: KennelDog, kennel: KennelFile, library: CareLibrary, puppy: boolean): number {
  const coat = coatClassOf(dog, library);
  const chosen = chooseSides(
    library.schools.filter((s) => s.id === 'tableTime'),
    { coat, dog, kennel, isMet: () => false },
  );
  return standCapMin(dog, coat, library, puppy, chosen[0]?.side);
}

/** Minutes that a dog stands a day; with side b of *table time* its own tolerance counts, however long (CP-10). */
export function standCapMin(
  dog: Pick<KennelDog, 'standMinPerDay'>,
  coat: CoatClass,
  library: Pick<CareLibrary, 'standMinutes' | 'puppyStandMinutes'>,
  puppy: boolean,
  side: Side | undefined,
): number {
  const cap = puppy ? library.puppyStandMinutes : library.standMinutes[coat];
  const own = dog.standMinPerDay ?? cap;
  return side === 'b' ? own : Math.min(cap, own);
}

function stepsIn(program: CareProgram): Set<StepId> {
  const parts = [program.preparation, program.between, program.showMorning, program.after];
  return new Set(parts.flat().map((s) => s.step));
}

function reasonedEdits(
  dog: KennelDog,
  show: KennelShow | null,
  facts: EntryFacts,
  chosen: readonly Chosen[],
): Reasoned[] {
  const found: Reasoned[] = [];
  if (show !== null) {
    for (const { rule, value, edits } of ruleEdits(rulesOf(show)))
      found.push({ edits, why: { code: 'showRules', rule, value } });
  }
  const waits = chosen.some((c) => c.school.id === 'puppyWhiskers' && c.side === 'a');
  if (waits && isMet('underNineMonths', dog, facts)) {
    found.push({ edits: [{ edit: 'drop', steps: ['whiskers'] }], why: { code: 'tooYoung' } });
  }
  if (isIn(dog, 'injury', facts.day))
    found.push({ edits: [{ edit: 'drop', steps: NOT_INJURED }], why: { code: 'state', state: 'injury' } });
  if (isIn(dog, 'medicine', facts.day))
    found.push({ edits: [NOT_ON_MEDICINE], why: { code: 'state', state: 'medicine' } });
  if (show !== null && isIn(dog, 'outOfCoat', facts.day))
    found.push({ edits: [NOT_OUT_OF_COAT], why: { code: 'state', state: 'outOfCoat' } });
  for (const [step, what] of consentsAsked(dog)) {
    // A kennel that records consents at all means what is missing.
    if (dog.consents !== undefined && !dog.consents.some((c) => c.what === what)) {
      found.push({ edits: [{ edit: 'drop', steps: [step] }], why: { code: 'noConsent', what } });
    }
  }
  return found;
}

/** Trims of which nothing may be cut: everything that is their business is locked or left to grow. */
function lockedTrims(dog: KennelDog, library: CareLibrary, program: CareProgram, facts: EntryFacts): Reasoned[] {
  const breed = library.breeds.get(dog.breed);
  if (breed === undefined) return [];
  const puppy = daysBetween(dog.born, facts.day) < DEFAULT_PUPPY_DAYS;
  const steps = [...stepsIn(program), ...program.keepUp.flatMap((r) => r.steps.map((s) => s.step))];
  const none = [...new Set(steps)].filter((step) => {
    const zones = trimZonesOf(step, trimDogOf(dog, puppy, facts.day), breed, library);
    return zones !== null && zones.cut.length === 0 && zones.leave.length > 0;
  });
  return none.map((step) => ({ edits: [{ edit: 'drop', steps: [step] }], why: { code: 'allLocked' } }));
}

/** Trims that a show shortly before has already done: the rough pass with its bath, and natural trims. */
function sharedTrims(program: CareProgram, facts: EntryFacts): Reasoned[] {
  if (facts.trimmedOn === null) return [];
  const why: DropReason = { code: 'sharedTrim', day: facts.trimmedOn };
  const rough = program.preparation.findIndex((s) => s.step === 'roughTrim' && s.skipWhenPast);
  const early = rough < 0 ? 0 : rough + 1 - firstEarly(program.preparation, rough);
  const edits: ProgramEdit[] = [{ edit: 'drop', steps: ['naturalTrim'] }];
  // A fine pass before the show bath needs its own: only the rough pass is shared.
  const fine = program.preparation.findIndex((s) => s.step === 'fineTrim');
  if (rough >= 0 && fine < program.preparation.findIndex((s) => s.step === 'bath'))
    edits.push({ edit: 'drop', steps: ['roughTrim'] });
  else if (early > 0) edits.push({ edit: 'cut', from: firstEarly(program.preparation, rough), count: early });
  return [{ edits, why }];
}

/** Index at which the steps up to the rough pass that share its days begin. */
function firstEarly(steps: CareProgram['preparation'], rough: number): number {
  let i = rough;
  while (i > 0 && steps[i - 1]?.skipWhenPast === true && steps[i - 1]?.step !== 'shapeCheck') i--;
  return i;
}

function notesOf(dog: KennelDog, show: KennelShow | null, facts: EntryFacts, chosen: readonly Chosen[]): ProgramNote[] {
  const notes: ProgramNote[] = chosen.flatMap((c) =>
    c.refused === null ? [] : [{ code: 'schoolRefused', school: c.school.id, ...c.refused } as const],
  );
  if (show !== null) {
    const { leastAgeMonths, ...rules } = rulesOf(show);
    const unknown = RULES_OF_SHOWS.filter((r) => rules[r] === 'unknown');
    if (unknown.length > 0) notes.push({ code: 'checkRules', rules: unknown });
    for (const rule of TOLD_RULES) {
      const value = rules[rule];
      if (value === 'restricted' || (value === 'forbidden' && rule !== 'whiskersRemoved'))
        notes.push({ code: 'ruleSays', rule, value });
    }
    if (leastAgeMonths !== null && addMonths(dog.born, leastAgeMonths) > facts.day) {
      notes.push({ code: 'underAge', leastMonths: leastAgeMonths });
    }
  }
  const states = new Set((dog.states ?? []).filter((s) => stateHolds(s, facts.day)).map((s) => s.kind));
  for (const state of states) notes.push({ code: 'state', state });
  const about = falsePregnancyAbout(dog);
  if (about !== null && Math.abs(daysBetween(about, facts.day)) <= FORECAST_DAYS && !states.has('falsePregnancy'))
    notes.push({ code: 'falsePregnancyAbout', about });
  return notes;
}

/** The day of the month some months later; the last of that month where it is shorter. */
function addMonths(day: LocalDay, months: number): LocalDay {
  const [y = 0, m = 1, d = 1] = day.split('-').map(Number);
  const index = y * 12 + (m - 1) + months;
  const first =
    `${String(Math.floor(index / 12)).padStart(4, '0')}-${String((index % 12) + 1).padStart(2, '0')}-01` as LocalDay;
  const wanted = addDays(first, d - 1);
  return wanted.slice(0, 7) === first.slice(0, 7)
    ? wanted
    : addDays(addDays(first, 31).slice(0, 8).concat('01') as LocalDay, -1);
}
