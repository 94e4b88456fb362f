/*
 * Which facts of a record decide something for a dog: those that its coat's program asks about, that its sex can have, that
 * its trims touch. What decides nothing has no field on its page.
 */
import type { CoatClass } from '../coat/coatClass.js';
import type { KennelDog } from '../kennel/dogRecord.js';
import type { ConsentKind, DogStateKind, StepId } from '../kennel/vocabulary.js';
import { CONSENTS, DOG_STATES } from '../kennel/vocabulary.js';
import type { BreedFacts } from './careLibrary.js';
import type { CareProgram, Condition } from './careProgram.js';
import { PROGRAM_PARTS } from './programEdit.js';
import { BLOWN } from './stepGroups.js';

/** Conditions of programs that a field answers. */
const ASKED_BY: Readonly<Partial<Record<keyof KennelDog, readonly Condition[]>>> = {
  undercoat: ['undercoatHeavy', 'undercoatLight'],
  lastUndercoat: ['undercoatHeavy', 'undercoatLight'],
  jacketLies: ['jacketNeedsTowel', 'jacketLies'],
  towelSets: ['towelTwice'],
  towelAfterBath: ['towelAfterBath'],
  fringed: ['fringed', 'notFringed'],
  wrapped: ['wrapped'],
  wholeBath: ['wholeBath', 'whitesOnly'],
};

/** Fields that only some coats have. */
const OF_COATS: Readonly<Partial<Record<keyof KennelDog, (coat: CoatClass) => boolean>>> = {
  bathSkippedWhenClean: (coat) => coat === 'smooth',
  ground: (coat) => coat === 'smooth',
  liesForWork: (coat) => coat !== 'smooth',
  coatChange: (coat) => coat !== 'smooth',
  buildUp: (coat) => coat !== 'smooth',
  paleRoots: (coat) => coat === 'double' || coat.startsWith('jacketed'),
  weakLegs: (coat) => coat === 'double' || coat === 'jacketedNatural' || coat === 'jacketedTrimmed',
};

/** Steps that a consent is asked for. */
const CONSENT_STEPS: Readonly<Record<ConsentKind, readonly StepId[]>> = {
  shaveOut: ['knots'],
  strip: ['strip'],
  firstEars: ['ears'],
  whiskers: ['whiskers'],
};

/** States that only bitches come into. */
const OF_BITCHES: readonly DogStateKind[] = ['season', 'falsePregnancy', 'afterWhelping'];

/** Everything of a record that concerns one dog. */
export interface RecordFields {
  readonly has: (field: keyof KennelDog) => boolean;
  readonly states: readonly DogStateKind[];
  readonly consents: readonly ConsentKind[];
  /** Steps of its work, in the order of the program. */
  readonly steps: readonly StepId[];
}

/** Fields of the record that concern a dog of a breed; `program` is its coat's. */
export function recordFields(
  breed: Pick<BreedFacts, 'coat' | 'growOn'>,
  program: CareProgram,
  sex: KennelDog['sex'],
): RecordFields {
  const parts = PROGRAM_PARTS.flatMap((part) =>
    part === 'keepUp' ? program.keepUp.flatMap((rule) => rule.steps) : program[part],
  );
  const asked = new Set([...parts.flatMap((s) => s.when), ...program.keepUp.flatMap((rule) => rule.when)]);
  const steps = [...new Set(parts.map((s) => s.step))];
  return {
    has: (field) => {
      if (field === 'growsCoat') return breed.growOn.size > 0;
      if (field === 'standsForDryer') return steps.some((step) => BLOWN.has(step));
      const ofCoat = OF_COATS[field];
      if (ofCoat !== undefined) return ofCoat(breed.coat);
      return ASKED_BY[field]?.some((c) => asked.has(c)) ?? true;
    },
    states: DOG_STATES.filter((s) => sex === 'bitch' || !OF_BITCHES.includes(s)),
    consents: CONSENTS.filter((c) => CONSENT_STEPS[c].some((s) => steps.includes(s))),
    steps,
  };
}
