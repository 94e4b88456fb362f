/*
 * Tints of the coat map, one for each thing that may be asked of it: a fill, a sign in the zone, and its words.
 */
import { DEFAULT_PUPPY_DAYS, KNOT_DAYS, daysBetween, mayCut, trimDogOf, undercoatLoadAt } from '@loyal-mane/core';
import type { CoatColor, LocalDay, ZoneId, ZoneRisk } from '@loyal-mane/core';
import { TRIM_MAPS } from '@loyal-mane/library';
import { monthDay } from '@loyal-mane/library/words';
import type { MapSide, ZoneTint } from '../../parts/coatMap/ZoneButton';
import { FOUND_TINTS, foundAt } from '../../parts/foundWords';
import { bornOf, libraryOf, recordOf } from '../../parts/dogRecord';
import type { Dog } from '../../parts/dogRecord';

/** Tints that the map may show. */
export const TINTS = [
  { id: 'found', name: 'What was found' },
  { id: 'cut', name: 'Cut and locks' },
  { id: 'brushed', name: 'Brushed' },
  { id: 'knots', name: 'Knots' },
  { id: 'undercoat', name: 'Undercoat' },
  { id: 'color', name: 'Color' },
  { id: 'length', name: 'Length' },
] as const;
/** One of `TINTS`. */
export type TintId = (typeof TINTS)[number]['id'];

/** Tints of colors. */
export const COLORS: Readonly<Record<CoatColor, ZoneTint>> = {
  white: { fill: 'var(--sheet)', mark: 'W', words: 'white' },
  pale: { fill: 'var(--brass-tint)', mark: 'P', words: 'pale' },
  dark: { fill: 'var(--worn)', mark: 'D', words: 'dark' },
  darkOverPale: { fill: 'var(--plum-tint)', mark: 'R', words: 'dark over pale roots: cut from beneath only' },
};
const NONE: ZoneTint = { fill: 'var(--sunk)', mark: '', words: 'not entered' };

/** Tints of one dog by what is asked; `knots` are its zones' chances of a knot, null for coats that do not knot. */
export function tintsOf(
  dog: Dog,
  today: LocalDay,
  kennel: Parameters<typeof libraryOf>[0],
  knots: readonly ZoneRisk[] | null,
): Readonly<Record<TintId, (zone: ZoneId, side: MapSide) => ZoneTint>> {
  const record = recordOf(dog);
  return {
    found: (zone, side) => FOUND_TINTS[foundAt(dog, zone, side)],
    cut: (zone) => cutTint(answerOf(dog, zone, today, kennel)),
    undercoat: (zone) => {
      const load = undercoatLoadAt(undercoatDog(dog), zone, today);
      if (load === null) return NONE;
      const percent = Math.round(load * 100);
      return {
        fill: `color-mix(in srgb, var(--brass) ${String(Math.round(load * 60))}%, var(--sheet))`,
        mark: percent >= 100 ? 'full' : String(percent),
        words: `${String(percent)} % loaded again since its last removal`,
      };
    },
    brushed: (zone) => brushedTint(knots?.find((k) => k.zone === zone)),
    knots: (zone) =>
      knotTint(
        dog,
        today,
        knots?.find((k) => k.zone === zone),
      ),
    color: (zone) => colorTint(record, zone),
    length: (zone) => lengthTint(record, zone),
  };
}

/** Days since a brushing that are tinted fully. */
const LONG_DAYS = 7;

function brushedTint(at: ZoneRisk | undefined): ZoneTint {
  if (at === undefined || at.days === null) return { ...NONE, words: 'not known when it was brushed' };
  // The forecast is for tomorrow.
  const days = Math.max(0, at.days - 1);
  const ago = days === 0 ? 'today' : days === 1 ? 'yesterday' : `${String(days)} days ago`;
  return {
    fill: `color-mix(in srgb, var(--brass) ${String(Math.round((Math.min(days, LONG_DAYS) / LONG_DAYS) * 60))}%, var(--sheet))`,
    mark: String(days),
    words: `brushed ${ago}`,
  };
}

/** Chance of a knot that is tinted fully. */
const LIKELY = 0.12;
/** Less is not written on the map: its words tell it. */
const FAINT = 0.02;

function knotTint(dog: Dog, today: LocalDay, at: ZoneRisk | undefined): ZoneTint {
  if (at === undefined) return NONE;
  const percent = (x: number): string => (x > 0 && x < 0.01 ? 'under 1' : String(Math.round(x * 100)));
  const found = dog.knotsFound.filter(
    (k) => k.zone === at.zone && daysBetween(k.day as LocalDay, today) <= KNOT_DAYS,
  ).length;
  const finds = found === 0 ? '' : `; ${String(found)} found in ${String(KNOT_DAYS)} days`;
  return {
    fill: at.risk < FAINT ? 'var(--sunk)' : knotFill(at.risk),
    mark: at.risk < FAINT ? '' : percent(at.risk),
    words: `of 100 such places ${percent(at.risk)} will have a knot by tomorrow (${percent(at.low)} to ${percent(at.high)})${finds}`,
  };
}

function knotFill(risk: number): string {
  const share = Math.min(risk, LIKELY) / LIKELY;
  return `color-mix(in srgb, var(--clay) ${String(Math.round(share * 70))}%, var(--sheet))`;
}

function colorTint(record: ReturnType<typeof recordOf>, zone: ZoneId): ZoneTint {
  const color = record.colors?.find((c) => c.zone === zone)?.color;
  return color === undefined ? NONE : COLORS[color];
}

/** Hair that is tinted fully, mm. */
const LONG_MM = 150;

function lengthTint(record: ReturnType<typeof recordOf>, zone: ZoneId): ZoneTint {
  const newest = lengthsOf(record, zone)[0];
  if (newest === undefined) return { ...NONE, words: 'not measured' };
  const share = Math.min(1, newest.mm / LONG_MM);
  return {
    fill: `color-mix(in srgb, var(--tarn) ${String(Math.round(10 + share * 50))}%, var(--sheet))`,
    mark: String(newest.mm),
    words: `${String(newest.mm)} mm on ${monthDay(newest.day)}`,
  };
}

/** Measures of a zone, newest first. */
export function lengthsOf(record: ReturnType<typeof recordOf>, zone: ZoneId) {
  return (record.lengths ?? []).filter((l) => l.zone === zone).sort((x, y) => y.day.localeCompare(x.day));
}

function undercoatDog(dog: Dog): Parameters<typeof undercoatLoadAt>[0] {
  return recordOf(dog);
}

/** Whether a zone of a dog may be cut; null where its breed is not known. */
export function answerOf(
  dog: Dog,
  zone: ZoneId,
  today: LocalDay,
  kennel: Parameters<typeof libraryOf>[0],
): ReturnType<typeof mayCut> | null {
  const breed = libraryOf(kennel).breeds.get(dog.breed);
  if (breed === undefined) return null;
  const own = trimDogOf(recordOf(dog), daysBetween(bornOf(dog), today) < DEFAULT_PUPPY_DAYS, today);
  const sets = { locked: new Set(own.locked), leftAlone: new Set(own.leftAlone) };
  return mayCut(TRIM_MAPS[breed.trimMap], zone, {
    growsCoat: own.growsCoat,
    growOn: breed.growOn,
    fringes: breed.fringes,
    ...sets,
  });
}

/** Tints of what may be cut. */
export const CUT_TINTS: Readonly<Record<string, ZoneTint>> = {
  shaped: { fill: 'var(--plum-tint)', mark: 'S', words: 'may be shaped' },
  thinned: { fill: 'var(--tarn-tint)', mark: 'T', words: 'thinned only' },
  strays: { fill: 'var(--moss-tint)', mark: '~', words: 'stray hairs only' },
  byHand: { fill: 'var(--brass-tint)', mark: 'H', words: 'by hand, on the stripping calendar' },
  notInMap: { fill: 'var(--sunk)', mark: '', words: 'never cut on this trim' },
  fringe: { fill: 'var(--clay-tint)', mark: 'F', words: 'a fringe that is never cut' },
  growingOn: { fill: 'var(--sheet)', mark: 'G', words: 'left to grow' },
  locked: { fill: 'var(--clay-tint)', mark: 'L', words: 'locked by somebody' },
  state: { fill: 'var(--clay-tint)', mark: 'A', words: 'left alone while its state lasts' },
};

/** The tint of an answer whether a zone may be cut. */
export function cutTint(answer: ReturnType<typeof answerOf>): ZoneTint {
  if (answer === null) return NONE;
  return CUT_TINTS[answer.ok ? answer.how : answer.why] ?? NONE;
}
