/*
 * The effect of finished work on marks in a coat, and which zones keep scissors and clippers waiting: two tests a zone,
 * dry and straight at the root.
 */
import type { ZoneId } from '../coat/zones.js';
import { MOST_KNOTS } from '../kennel/dogRecord.js';
import type { KennelDog } from '../kennel/dogRecord.js';
import type { StepId } from '../kennel/vocabulary.js';
import type { LocalDay } from '../time/localDay.js';
import { isKept } from '../mats/keptMats.js';
import { isSkinUpset } from '../mats/matLadder.js';
import { BATHS } from '../programs/stepGroups.js';
import type { CareLibrary } from '../programs/careLibrary.js';
import { trimZonesOf } from '../programs/trimZones.js';
import type { TrimDog } from '../programs/trimZones.js';

/** Marks in a coat since its last bath. */
export type CoatMarks = Required<Pick<KennelDog, 'soiled' | 'mats' | 'unready'>>;

/** A mat that came out: its zone, and its side where it has one. */
export type MatPlace = Pick<CoatMarks['mats'][number], 'zone' | 'side'>;

/** Whether a mat is the one at a place. */
export function isMatAt(mat: MatPlace, place: MatPlace): boolean {
  return mat.zone === place.zone && mat.side === place.side;
}

/**
 * The marks after a step is finished; the same object where it changes nothing. Of mats only those go that somebody has said
 * are out: what was not asked about stays.
 */
export function coatAfter(step: StepId, marks: CoatMarks, matsOut: readonly MatPlace[] = []): CoatMarks {
  switch (step) {
    case 'bath':
    case 'trimBath':
    case 'bathWhites':
      return { ...marks, soiled: [], unready: [] };
    case 'spotWash':
      return { ...marks, soiled: [] };
    case 'knots':
      return matsOut.length === 0
        ? marks
        : { ...marks, mats: marks.mats.filter((m) => !matsOut.some((out) => isMatAt(m, out))) };
    // Zones fail their test after drying, so the next heat is for them; the check after it says whether it helped.
    case 'heatDry':
      return marks.unready.length === 0 ? marks : { ...marks, unready: [] };
    default:
      return marks;
  }
}

/** Mats with the day on which each was found: what was known at a place keeps its day, what is new was found today. */
export function withFoundDays<M extends CoatMarks['mats'][number]>(
  mats: readonly M[],
  known: CoatMarks['mats'],
  today: LocalDay,
): (M & { readonly foundOn: LocalDay })[] {
  return mats.map((mat) => ({ ...mat, foundOn: known.find((k) => isMatAt(k, mat))?.foundOn ?? today }));
}

/** All finds of a dog with those that a day's marks add: what was marked before at its place is no new find. */
export function withFinds(
  found: NonNullable<KennelDog['knotsFound']>,
  known: CoatMarks['mats'],
  mats: CoatMarks['mats'],
  today: LocalDay,
): NonNullable<KennelDog['knotsFound']> {
  const fresh = mats.filter((mat) => !known.some((k) => isMatAt(k, mat)));
  return [...found, ...fresh.map(({ zone }) => ({ day: today, zone }))].slice(-MOST_KNOTS);
}

/** Mats that were found before a day and are not out, those that are kept for the ring aside: they are told in the morning. */
export function matsOver(mats: CoatMarks['mats'], day: LocalDay): CoatMarks['mats'] {
  return mats.filter((m) => m.foundOn !== undefined && m.foundOn < day && !isKept(m, day));
}

/** Steps that wet a coat through, and that set a mat in it. */
const WETS: readonly StepId[] = [...BATHS, 'towelSoak'];

/** Zones of tight and solid mats that a step would wet: water sets them (common practice). Loose ones may be blown out after. */
export function mattedZones(step: StepId, dog: Pick<KennelDog, 'mats'>): ZoneId[] {
  if (!WETS.includes(step)) return [];
  return [...new Set((dog.mats ?? []).flatMap((m) => (m.tightness === 'loose' ? [] : [m.zone])))];
}

/** Zones of mats whose skin is a vet's business first: nobody works on mats, or cuts, while one is known. */
export function upsetZones(step: StepId, dog: Pick<KennelDog, 'mats'>): ZoneId[] {
  if (step !== 'knots' && !GATED.includes(step)) return [];
  return [...new Set((dog.mats ?? []).flatMap((m) => (isSkinUpset(m) ? [m.zone] : [])))];
}

/** Steps that cut, and that a damp or kinked zone keeps waiting. */
const GATED: readonly StepId[] = [
  'clip',
  'upperEars',
  'ears',
  'throat',
  'naturalTrim',
  'roughTrim',
  'fineTrim',
  'shapeTrim',
  'tidies',
];

/**
 * Zones that a step would cut although they failed the dry or the straight test, or take undercoat from although they are damp
 * (common practice: bone-dry coats only); smooth coats have no such test.
 */
export function gatedZones(
  step: StepId,
  dog: Pick<KennelDog, 'breed' | 'unready' | 'locked' | 'growsCoat'>,
  library: CareLibrary,
): ZoneId[] {
  const breed = library.breeds.get(dog.breed);
  if (breed === undefined || breed.coat === 'smooth') return [];
  if (step === 'undercoat') return (dog.unready ?? []).flatMap((u) => (u.test === 'damp' ? [u.zone] : []));
  if (!GATED.includes(step)) return [];
  // A state that leaves a zone alone makes it no drier: asked as if there were none.
  const own: TrimDog = { locked: dog.locked ?? [], growsCoat: dog.growsCoat ?? false };
  const zones = trimZonesOf(step, own, breed, library);
  const cut = new Set(zones?.cut.map((z) => z.zone));
  return (dog.unready ?? []).flatMap((u) => (cut.has(u.zone) ? [u.zone] : []));
}
