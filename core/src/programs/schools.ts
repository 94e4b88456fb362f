/*
 * Schools: questions on which good practitioners disagree. Each has two sides with their reasons, a default by coat, and
 * an effect on the order of work. A kennel chooses, a dog may differ; a choice that would hurt in context is refused.
 */
import type { CoatClass } from '../coat/coatClass.js';
import type { SchoolId, Side } from '../kennel/choices.js';
import type { KennelDog } from '../kennel/dogRecord.js';
import type { KennelFile } from '../kennel/kennelFile.js';
import type { Skill } from '../kennel/vocabulary.js';
import type { Condition } from './careProgram.js';
import { hasPaleRoots } from './paleRoots.js';
import type { ProgramEdit } from './programEdit.js';

/** Why a side is refused for a dog; the other side is used instead. */
export type SchoolRefusal =
  /** Tight or solid mats: water sets them, fighting them hurts. */
  | 'tightMats'
  /** Mats come out a few minutes a day, and until then there is no bath. */
  | 'noBathUntilClear'
  /** Damp undercoat flattens or waves a coat that should lie. */
  | 'notDouble'
  /** Nobody here is trained for it. */
  | 'nobodyTrained'
  /** Scissors need the clean dry coat the day before. */
  | 'scissorsNeedCleanCoat'
  /** The dog travels to a show that has no tub. */
  | 'noTubThere'
  /** Paler roots would show. */
  | 'paleRoots';

/** One answer to a school's question, with what it changes and its reason. */
export interface SchoolSide {
  readonly edits: readonly ProgramEdit[];
  /** Conditions under which the side is refused. */
  readonly refusedWhen: readonly SchoolRefusal[];
  /** Skill that somebody must have. */
  readonly needsSkill?: Skill;
}

/** One question. Words stand in the library. */
export interface School {
  readonly id: SchoolId;
  /** Coats that the question is asked of; absent = all. */
  readonly coats?: readonly CoatClass[];
  readonly usual: Side;
  /** Coats with the other default. */
  readonly otherUsual: readonly CoatClass[];
  /** Condition of a dog under which the other side is usual. */
  readonly otherWhen?: Condition;
  /** Coats for which that condition counts; absent = all. */
  readonly otherWhenOn?: readonly CoatClass[];
  readonly a: SchoolSide;
  readonly b: SchoolSide;
}

/** Where a side in force comes from. */
export type ChosenBy = 'dog' | 'kennel' | 'usual';

/** The side in force for a dog, and the one that somebody wanted where that was refused. */
export interface Chosen {
  readonly school: School;
  readonly side: Side;
  readonly by: ChosenBy;
  readonly refused: { readonly side: Side; readonly why: SchoolRefusal } | null;
}

/** Facts that decide about the answers for one dog. */
export interface SchoolContext {
  readonly coat: CoatClass;
  readonly dog: Pick<KennelDog, 'schools' | 'mats' | 'paleRoots' | 'colors'>;
  readonly kennel: Pick<KennelFile, 'methods'> & { readonly people: readonly { readonly skills: readonly Skill[] }[] };
  readonly isMet: (condition: Condition) => boolean;
}

/** The side that is usual on a coat (for a dog of which `isMet` tells). */
export function usualSide(school: School, coat: CoatClass, isMet: (c: Condition) => boolean): Side {
  const counts = school.otherWhenOn === undefined || school.otherWhenOn.includes(coat);
  const other =
    school.otherUsual.includes(coat) || (counts && school.otherWhen !== undefined && isMet(school.otherWhen));
  return other ? otherSide(school.usual) : school.usual;
}

/** The answer that was not chosen. */
export function otherSide(side: Side): Side {
  return side === 'a' ? 'b' : 'a';
}

/** The side in force for every question that is asked of a dog's coat. */
export function chooseSides(schools: readonly School[], c: SchoolContext): Chosen[] {
  return schools
    .filter((s) => s.coats === undefined || s.coats.includes(c.coat))
    .map((school) => {
      const own = c.dog.schools?.[school.id];
      const kennel = c.kennel.methods?.schools[school.id];
      const by: ChosenBy = own !== undefined ? 'dog' : kennel !== undefined ? 'kennel' : 'usual';
      const wanted = own ?? kennel ?? usualSide(school, c.coat, c.isMet);
      const why = refusalOf(school[wanted], c);
      return why === null
        ? { school, side: wanted, by, refused: null }
        : { school, side: otherSide(wanted), by, refused: by === 'usual' ? null : { side: wanted, why } };
    });
}

/** Coats whose trims are done, and looked at, before the show bath: a morning bath takes nothing from the scissors. */
export const BATHED_AFTER_TRIM: readonly CoatClass[] = ['smooth', 'jacketedTrimmed'];

/** Why a side cannot be used for a dog, or null. */
export function refusalOf(side: SchoolSide, c: SchoolContext): SchoolRefusal | null {
  return side.refusedWhen.find((why) => refuses(why, side, c)) ?? null;
}

/** The side of the question how fast mats come out that a dog's tolerance asks for. */
function minutesADay(c: SchoolContext): Side {
  return c.isMet('bearsLittle') ? 'b' : 'a';
}

function refuses(why: SchoolRefusal, side: SchoolSide, c: SchoolContext): boolean {
  switch (why) {
    case 'tightMats':
      return (c.dog.mats ?? []).some((m) => m.tightness !== 'loose');
    case 'noBathUntilClear':
      return (c.dog.schools?.matsAndTime ?? c.kennel.methods?.schools.matsAndTime ?? minutesADay(c)) === 'b';
    case 'notDouble':
      return c.coat !== 'double' && c.coat !== 'heavySheepdog';
    case 'nobodyTrained':
      return !c.kennel.people.some((p) => side.needsSkill !== undefined && p.skills.includes(side.needsSkill));
    case 'scissorsNeedCleanCoat':
      // A double coat whose trim a show shortly before has done needs no scissors after this bath.
      return !BATHED_AFTER_TRIM.includes(c.coat) && !(c.coat === 'double' && c.isMet('trimDone'));
    case 'noTubThere':
      return c.isMet('travels') && !c.isMet('siteTub');
    case 'paleRoots':
      return hasPaleRoots(c.dog);
  }
}
