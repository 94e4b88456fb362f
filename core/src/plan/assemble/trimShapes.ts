/*
 * A dog's trims on one day as its outline has them. They are asked again and again of the same dogs, while a plan is searched for and
 * with every question about it: so what was solved is kept, by all that it rests on.
 */
import type { CutAsk } from '../../outline/cutList.js';
import type { ZoneCut } from '../../outline/outlineCuts.js';
import { zoneCuts } from '../../outline/outlineCuts.js';
import { solveOutline } from '../../outline/outlineModel.js';
import type { KennelDog } from '../../kennel/dogRecord.js';
import type { BreedFacts, CareLibrary } from '../../programs/careLibrary.js';
import { outlineOfDog, zoneAsks } from '../../programs/outlineOfDog.js';
import type { LocalDay } from '../../time/localDay.js';

/** A dog's coat by zone, and what comes off on the day of the trim itself; none for a breed without a shape. */
export interface TrimShapes {
  readonly asks: readonly CutAsk[];
  /** Solved when it is first asked for: most chains have no trim. */
  readonly cuts: () => readonly ZoneCut[];
}

/** Shapes of so many dogs and days are kept: those of a large kennel over two shows. */
const MOST_KEPT = 400;

const kept = new Map<string, TrimShapes>();
const contents = new WeakMap<object, string>();

/** The shapes of a dog on one day; the same for the same record, breed, library and day. */
export function trimShapes(
  dog: KennelDog,
  breed: BreedFacts,
  library: CareLibrary,
  day: LocalDay,
  puppy: boolean,
): TrimShapes {
  const key = `${contentOf(dog)} ${contentOf(breed)} ${library.version} ${day} ${String(puppy)}`;
  const known = kept.get(key);
  if (known !== undefined) return known;
  if (kept.size >= MOST_KEPT) kept.clear();
  const asks = zoneAsks(dog, breed, library, day, puppy);
  let cuts: readonly ZoneCut[] | null = null;
  const shapes: TrimShapes = { asks, cuts: () => (cuts ??= trimCuts(dog, breed, library, asks, day)) };
  kept.set(key, shapes);
  return shapes;
}

/** Records are read, never changed: one is written out once. */
function contentOf(record: object): string {
  let content = contents.get(record);
  if (content === undefined) contents.set(record, (content = JSON.stringify(record)));
  return content;
}

function trimCuts(
  dog: KennelDog,
  breed: BreedFacts,
  library: CareLibrary,
  zones: readonly CutAsk[],
  day: LocalDay,
): readonly ZoneCut[] {
  const outline = outlineOfDog(dog, breed, library, zones, day);
  return outline === null ? [] : zoneCuts(solveOutline(outline.ask), outline.ask, day);
}
