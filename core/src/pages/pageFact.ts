/*
 * The facts by which lines of a step's page are chosen: of the coat, the breed's shape, the dog's stage and state, the sides
 * of schools in force, and the day. A fact holds or does not; a page never asks for a number.
 */
import type { CoatClass } from '../coat/coatClass.js';
import type { SchoolId, Side } from '../kennel/choices.js';
import type { DogStateKind, Flank, TrimBeginning } from '../kennel/vocabulary.js';
import type { EarKind, FootKind, HeadKind, TailKind, ThroatKind } from '../programs/breedStyles.js';
import type { CoatStage } from '../programs/dogFacts.js';
import type { BathPurpose } from '../programs/products.js';

/** One thing that is true of a dog on a day. */
export type PageFact =
  | `coat:${CoatClass}`
  | `feet:${FootKind}`
  | `ears:${EarKind}`
  | `throat:${ThroatKind}`
  | `head:${HeadKind}`
  | `tail:${TailKind}`
  | `stage:${CoatStage}`
  | `state:${DogStateKind}`
  | `school:${SchoolId}:${Side}`
  | `bath:${BathPurpose}`
  /** Of work that goes flank by flank. */
  | `flank:${Flank}`
  /** Where whoever is at the dog begins a trim. */
  | `begin:${TrimBeginning}`
  /** Nothing may look cut, or crisp edges (by the coat's class). */
  | 'finish:natural'
  | 'finish:crisp'
  | 'male'
  | 'bitch'
  | 'fringed'
  | 'wrapped'
  /** White or pale zones, which burn and stain; dark hair over paler roots. */
  | 'white'
  | 'paleRoots'
  | 'heavyLoad'
  | 'lightLoad'
  | 'thinCoat'
  | 'lies'
  | 'turns'
  | 'fearsDryer'
  | 'mats'
  | 'towel'
  | 'teased'
  | 'weakLegs'
  | 'growing'
  | 'firstTrim'
  | 'mayShaveOut'
  | 'underSixMonths'
  | 'showDay'
  /** Coats are revived at the ground's own dryer before the finish. */
  | 'siteDryer'
  | 'shaped';

/** All facts of one dog on one day. */
export type PageFacts = ReadonlySet<PageFact>;
