/*
 * How a task is done, in order: the step's own lines, and what belongs to this dog on this day: where it is cut and what is
 * left, what its bath takes, what its recipe says.
 */
import {
  DEFAULT_PUPPY_DAYS,
  bathProducts,
  chooseSides,
  daysBetween,
  firstSide,
  instantToMs,
  localDayOf,
  removalList,
  trimDogOf,
  trimZonesOf,
  zonesOfColor,
} from '@loyal-mane/core';
import type { BathPurpose, Chosen, LocalDay, PlannedActivity, StepId } from '@loyal-mane/core';
import { PRODUCTS, bagList, productZones } from '@loyal-mane/library';
import {
  METHODS,
  PRODUCT_NAMES,
  schoolLines,
  sideFirstWords,
  strippingWords,
  whereWords,
  zonesWords,
} from '@loyal-mane/library/words';
import type { Names } from '@loyal-mane/library/words';
import type { Kennel, Methods } from '../api/queries';
import { bornOf, coatOf, libraryOf, personRecordOf, recordOf } from './dogRecord';
import type { Dog } from './dogRecord';

/** Lines of a task, what is this dog's own first. */
export function howLines(a: PlannedActivity, kennel: Kennel, names: Names, methods?: Methods): readonly string[] {
  const dog = kennel.dogs.find((d) => d.id === a.dogId);
  const how = METHODS[a.step].how;
  if (dog === undefined) return how;
  const day = localDayOf(instantToMs(a.start), names.zone);
  const chosen = chosenFor(a, dog, kennel, methods);
  return [...ownLines(a, dog, kennel, day), ...sideLines(a.step, dog, chosen), ...how, ...schoolLines(a.step, chosen)];
}

function sideLines(step: StepId, dog: Dog, chosen: readonly Chosen[]): string[] {
  const decided = chosen.find((c) => c.school.id === 'sideOrder')?.side ?? null;
  const first = firstSide(step, coatOf(dog), { liesForWork: recordOf(dog).liesForWork }, decided);
  return first === null ? [] : [sideFirstWords(first)];
}

/** The sides of questions that kennel, dog or whoever brushes has decided for this work. */
function chosenFor(a: PlannedActivity, dog: Dog, kennel: Kennel, methods: Methods | undefined): Chosen[] {
  if (methods === undefined) return [];
  const own = methods.dogs.find((d) => d.dogId === dog.id)?.schools ?? {};
  const brusher = kennel.people.find((p) => p.id === a.people[0]);
  const route = brusher === undefined ? undefined : personRecordOf(brusher).brushingRoute;
  const chosen = chooseSides(libraryOf(kennel).schools, {
    coat: coatOf(dog),
    dog: { ...recordOf(dog), schools: own, mats: dog.marks.mats },
    kennel: {
      people: kennel.people,
      methods: {
        number: Math.max(1, methods.number),
        schools: { ...methods.schools, ...(route === undefined ? {} : { brushingRoute: route }) },
      },
    },
    isMet: () => false,
  });
  return chosen.filter((c) => c.by !== 'usual' || c.refused !== null);
}

function ownLines(a: PlannedActivity, dog: Dog, kennel: Kennel, day: LocalDay): string[] {
  switch (a.step) {
    case 'strip':
      return dog.coat === 'wire' ? [strippingWords(day)] : cutLines(a, dog, kennel, day);
    case 'bath':
    case 'trimBath':
    case 'condition':
      return bathLines(a, dog, day);
    case 'bathWhites': {
      const white = zonesOfColor(recordOf(dog), 'white');
      return white.length === 0 ? [] : [`White on this dog: ${zonesWords(white, 9)}.`];
    }
    case 'finish':
      return recipeLines(dog);
    case 'bag':
      return [`In the bag: ${bagList(coatOf(dog), recordOf(dog).recipe).join(', ')}.`];
    case 'takedown': {
      const out = removalList(recordOf(dog).recipe ?? [], PRODUCTS);
      return out.length === 0 ? [] : [`Out: ${out.map(recipeWords).join(', ')}.`];
    }
    default:
      return cutLines(a, dog, kennel, day);
  }
}

function cutLines(a: PlannedActivity, dog: Dog, kennel: Kennel, day: LocalDay): string[] {
  const library = libraryOf(kennel);
  const breed = library.breeds.get(dog.breed);
  if (breed === undefined) return [];
  const own = trimDogOf(recordOf(dog), daysBetween(bornOf(dog), day) < DEFAULT_PUPPY_DAYS, day);
  const zones = trimZonesOf(a.step, own, breed, library);
  if (zones === null || zones.leave.length === 0) return [];
  const leave = (why: 'growingOn' | 'locked' | 'state'): string =>
    zonesWords(
      zones.leave.filter((z) => z.why === why).map((z) => z.zone),
      7,
    );
  const [locked, growing, tender] = [leave('locked'), leave('growingOn'), leave('state')];
  return [
    ...(locked === '' ? [] : [`Locked, go around it: ${locked}.`]),
    ...(tender === '' ? [] : [`Left alone for now: ${tender}.`]),
    ...(growing === '' ? [] : [`Left to grow: ${growing}.`]),
  ];
}

function bathLines(a: PlannedActivity, dog: Dog, day: LocalDay): string[] {
  const purpose: BathPurpose = a.kind === 'keepUp' ? 'keepUp' : a.step === 'trimBath' ? 'trim' : 'show';
  const coat = coatOf(dog);
  const record = recordOf(dog);
  const list = bathProducts(record, coat, purpose, day, productZones(coat));
  const mine = list.filter((p) => p.use && (a.step === 'condition') === p.product.endsWith('Conditioner'));
  if (mine.length === 0) return [];
  return [`${mine.map((p) => `${PRODUCT_NAMES[p.product]}, ${whereWords(p)}`).join('; ')}.`];
}

function recipeLines(dog: Dog): string[] {
  const recipe = recordOf(dog).recipe ?? [];
  return recipe.length === 0 ? [] : [`Recipe, in order: ${recipe.map(recipeWords).join('; ')}.`];
}

function recipeWords(line: {
  readonly product: keyof typeof PRODUCT_NAMES;
  readonly zones: Parameters<typeof zonesWords>[0];
}): string {
  const where = line.zones.length === 0 ? '' : ` (${zonesWords(line.zones)})`;
  return `${PRODUCT_NAMES[line.product].toLowerCase()}${where}`;
}
