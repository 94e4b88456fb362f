/*
 * Lines that only this dog has on this day: where it is cut and what is left, what its bath takes, what its recipe says.
 */
import {
  BATHS,
  BLADES,
  DEFAULT_PUPPY_DAYS,
  coatClassOf,
  daysBetween,
  firstSide,
  removalList,
  trimDogOf,
  trimZonesOf,
  zonesOfColor,
} from '@loyal-mane/core';
import type { KennelDog, PageLine, StepId } from '@loyal-mane/core';
import { bagList } from '../bag.js';
import { PRODUCTS } from '../products.js';
import { bathAdvice } from './bathAdvice.js';
import { workParts } from './workParts.js';
import type { OwnAsk } from './ownAsk.js';
import { PRODUCT_NAMES, whereWords, zonesWords } from '../words/productWords.js';
import { lowerFirst } from '../words/lowerFirst.js';
import { strippingWords } from '../words/programWords.js';
import { dogNoteWords } from '../words/dogNoteWords.js';
import { sideFirstWords } from '../words/sideWords.js';

/** Lines of this dog alone, which come before those of its coat; in a guided finish its recipe is gone through line by line. */
export function ownLines(ask: OwnAsk): PageLine[] {
  const texts = [...noteTexts(ask), ...ownTexts(ask), ...sideTexts(ask)];
  const products = BATHED.has(ask.step) ? bathTexts(ask) : [];
  const id = (text: string, i: number): string => (products.includes(text) ? PRODUCTS_LINE : `own.${String(i + 1)}`);
  return [...texts.map((text, i) => ({ id: id(text, i), text, when: {} })), ...recipeSequence(ask)];
}

/** The line of a bath's page that names its products: who shows them one by one leaves it out. */
export const PRODUCTS_LINE = 'own.products';

/** Steps whose page names products. */
const BATHED: ReadonlySet<StepId> = new Set<StepId>([...BATHS, 'condition']);

/** Steps at which every note of a dog is read: they begin the handling of a day, or look at it all over. */
const READ_ALL: ReadonlySet<StepId> = new Set(['inspection', 'skinLook']);

/** Steps at which an idea for the trim is read. */
const READ_IDEAS: ReadonlySet<StepId> = new Set<StepId>([...BLADES, 'strip', 'clip', 'tidies', 'outlineCheck']);

/** Notes of others that concern a step: those of zones that it goes over, and of the whole dog. */
function noteTexts({ step, dog }: OwnAsk): string[] {
  const zones = new Set(workParts(step, new Set()).flatMap((p) => p.zones));
  const isHere = (n: NonNullable<KennelDog['notes']>[number]): boolean =>
    (n.kind !== 'trimIdea' || READ_IDEAS.has(step)) && (n.zones.length === 0 || n.zones.some((z) => zones.has(z)));
  return (dog.notes ?? []).filter((n) => READ_ALL.has(step) || isHere(n)).map(dogNoteWords);
}

function sideTexts({ step, dog, library, chosen }: OwnAsk): string[] {
  const decided = chosen.find((c) => c.school.id === 'sideOrder' && c.by !== 'usual')?.side ?? null;
  const first = firstSide(step, coatClassOf(dog, library), dog, decided);
  return first === null ? [] : [sideFirstWords(first)];
}

function ownTexts(ask: OwnAsk): string[] {
  const { step, dog, library, at } = ask;
  const coat = coatClassOf(dog, library);
  switch (step) {
    case 'strip':
      return coat === 'wire' ? [strippingWords(at.day)] : cutTexts(ask);
    case 'bath':
    case 'trimBath':
    case 'condition':
      return bathTexts(ask);
    case 'bathWhites': {
      const white = zonesOfColor(dog, 'white');
      return white.length === 0 ? [] : [`White on this dog: ${zonesWords(white, 9)}.`];
    }
    case 'bag':
      return [`In the bag: ${bagList(coat, dog.recipe).join(', ')}.`];
    case 'takedown': {
      const out = removalList(dog.recipe ?? [], PRODUCTS);
      return out.length === 0 ? [] : [`Out: ${out.map(recipeWords).join(', ')}.`];
    }
    case 'outlineCheck': {
      const { stance } = library.breeds.get(dog.breed)?.styles ?? { stance: '' };
      return stance === '' ? [] : [`Set up: ${stance}.`];
    }
    default:
      return cutTexts(ask);
  }
}

function cutTexts({ step, dog, library, at }: OwnAsk): string[] {
  const breed = library.breeds.get(dog.breed);
  if (breed === undefined) return [];
  const own = trimDogOf(dog, daysBetween(dog.born, at.day) < DEFAULT_PUPPY_DAYS, at.day);
  const zones = trimZonesOf(step, own, breed, library);
  if (zones === null) return [];
  const said = (why: 'growingOn' | 'locked' | 'state', words: string): string[] => {
    const left = zonesWords(
      zones.leave.filter((z) => z.why === why).map((z) => z.zone),
      7,
    );
    return left === '' ? [] : [`${words}: ${left}.`];
  };
  return [
    ...said('locked', 'Locked, go around it'),
    ...said('state', 'Left alone for now'),
    ...said('growingOn', 'Left to grow'),
  ];
}

function bathTexts(ask: OwnAsk): string[] {
  const mine = bathAdvice(ask).filter((p) => (ask.step === 'condition') === p.product.endsWith('Conditioner'));
  if (mine.length === 0) return [];
  const told = mine.map((p) => `${PRODUCT_NAMES[p.product]}, ${whereWords(p)}`);
  return [`${told.map((t, k) => (k === 0 ? t : lowerFirst(t))).join('; ')}.`];
}

/** The finish by the dog's own recipe, in its order: each product where it goes. */
function recipeSequence({ step, dog }: OwnAsk): PageLine[] {
  if (step !== 'finish') return [];
  return (dog.recipe ?? []).map((l, i) => ({
    id: `showMorning.${String(i + 1)}`,
    text: `${PRODUCT_NAMES[l.product]}${l.zones.length === 0 ? '' : `: ${zonesWords(l.zones)}`}.`,
    look: l.note ?? 'It sits where it should; fingers still pass.',
    when: {},
    zones: l.zones,
    sequence: 'showMorning',
  }));
}

function recipeWords(line: NonNullable<KennelDog['recipe']>[number]): string {
  const where = line.zones.length === 0 ? '' : ` (${zonesWords(line.zones)})`;
  return `${PRODUCT_NAMES[line.product].toLowerCase()}${where}`;
}
