/*
 * A dog's outline from its record: the hair of each zone with its growth, what a lead wants, and the body as it was measured.
 */
import { mayCut } from '../coat/trimMap.js';
import { ZONE_IDS } from '../coat/zones.js';
import type { ZoneId } from '../coat/zones.js';
import type { KennelDog } from '../kennel/dogRecord.js';
import type { CutAsk } from '../outline/cutList.js';
import type { CorrectionAmounts } from '../outline/corrections.js';
import type { SetLines } from '../outline/outlineLines.js';
import type { BodySide } from '../kennel/vocabulary.js';
import { DEFAULT_PULLS } from '../outline/balanceRows.js';
import { OUTLINE_MEASURES, dogBody } from '../outline/dogBody.js';
import type { OutlineMeasure } from '../outline/dogBody.js';
import { learnGrowth } from '../outline/hairGrowth.js';
import type { OutlineAsk } from '../outline/outlineModel.js';
import type { LocalDay } from '../time/localDay.js';
import type { BreedFacts, CareLibrary } from './careLibrary.js';
import { trimDogOf } from './trimZones.js';

/** A try, in place of the record. */
export interface OutlineTry {
  /** Millimeters. */
  readonly measures?: Readonly<Partial<Record<OutlineMeasure, number>>>;
  readonly corrections?: CorrectionAmounts;
  readonly lines?: SetLines;
  /** How hard the length to the height is kept, 0 to 1. */
  readonly lengthPull?: number;
}

/** A dog's outline as it is asked, and the measures that were left aside as too far from the breed. */
export interface OutlineOfDog {
  readonly ask: OutlineAsk;
  readonly leftAside: readonly OutlineMeasure[];
}

/** Height of a dog nobody measured, of a breed without a height, mm (engineering default: a middling dog). */
export const DEFAULT_HEIGHT_MM = 450;

/** Newest measures of a dog's outline, mm. */
export function outlineMeasures({
  measures = [],
}: Pick<KennelDog, 'measures'>): Partial<Record<OutlineMeasure, number>> {
  const byDay = [...measures].sort((x, y) => x.day.localeCompare(y.day));
  const newest = new Map(byDay.map((m) => [m.what, m.cm * 10]));
  return Object.fromEntries(
    OUTLINE_MEASURES.flatMap((what) => {
      const mm = newest.get(what);
      return mm === undefined ? [] : [[what, mm]];
    }),
  );
}

/** Lines that were set by hand on a dog. */
export function linesOf({ outline }: Pick<KennelDog, 'outline'>): SetLines {
  return Object.fromEntries((outline?.lines ?? []).map(({ what, near, far }) => [what, { near, far }]));
}

/**
 * Hair of every zone of one side with its growth and what is wanted; `day` decides what may be cut. Lengths that name no side are of
 * both.
 */
export function zoneAsks(
  dog: KennelDog,
  breed: BreedFacts,
  library: Pick<CareLibrary, 'trimMaps' | 'growthPrior'>,
  day: LocalDay,
  puppy: boolean,
  side: BodySide = 'left',
): CutAsk[] {
  const own = trimDogOf(dog, puppy, day);
  const facts = {
    growsCoat: own.growsCoat,
    growOn: breed.growOn,
    fringes: breed.fringes,
    locked: new Set(own.locked),
    leftAlone: new Set(own.leftAlone),
  };
  const lengths = new Map<ZoneId, NonNullable<KennelDog['lengths']>>();
  for (const l of (dog.lengths ?? []).filter((l) => (l.side ?? side) === side))
    lengths.set(l.zone, [...(lengths.get(l.zone) ?? []), l]);
  const wanted = new Map((dog.wanted ?? []).map((w) => [w.zone, w.mm]));
  return ZONE_IDS.map((zone): CutAsk => {
    const mine = [...(lengths.get(zone) ?? [])].sort((x, y) => x.day.localeCompare(y.day));
    return {
      zone,
      measured: mine.at(-1) ?? null,
      growth: learnGrowth(mine, library.growthPrior(breed.coat, zone)),
      wantedMm: wanted.get(zone) ?? null,
      answer: mayCut(library.trimMaps[breed.trimMap], zone, facts),
    };
  });
}

/** The outline of a dog on its way to a show; null for a breed without a shape. */
export function outlineOfDog(
  dog: KennelDog,
  breed: BreedFacts,
  library: Pick<CareLibrary, 'shapes'>,
  zones: readonly CutAsk[],
  showDay: LocalDay,
  tried: OutlineTry = {},
): OutlineOfDog | null {
  const shape = library.shapes[breed.badge];
  if (shape === undefined) return null;
  const breedHeightMm = breed.lengthCm === null ? DEFAULT_HEIGHT_MM : (breed.lengthCm * 10) / shape.length;
  const { body, heightMm, leftAside } = dogBody(shape, breedHeightMm, { ...outlineMeasures(dog), ...tried.measures });
  const asked = Object.fromEntries((dog.outline?.corrections ?? []).map((c) => [c.what, c.amount]));
  const pull = tried.lengthPull ?? dog.outline?.lengthPull ?? DEFAULT_PULLS.length;
  return {
    ask: {
      body,
      breed: shape,
      coat: breed.coat,
      heightMm,
      zones,
      showDay,
      corrections: tried.corrections ?? asked,
      lines: tried.lines ?? linesOf(dog),
      pulls: { ...DEFAULT_PULLS, length: pull },
    },
    leftAside,
  };
}
