/*
 * Stock by bottle: what is left, from which bottle the next mix comes, and when a product runs out by the baths that are planned,
 * with its range.
 */
import type { KennelBottle } from '../kennel/kennelFile.js';
import type { ProductId } from '../kennel/vocabulary.js';
import type { LocalDay } from '../time/localDay.js';

/** Neat product that a day takes, milliliters. */
export interface DayNeed {
  readonly day: LocalDay;
  readonly product: ProductId;
  readonly neatMl: number;
}

/** How much more or less than reckoned a day may take (engineering default: hands differ by about a quarter). */
const DEFAULT_SPREAD = 0.25;

/** When a product runs out; null = not within the planned days. */
export interface RunOut {
  readonly product: ProductId;
  readonly leftMl: number;
  /** Taken by the planned days together. */
  readonly neededMl: number;
  readonly day: LocalDay | null;
  /** Where hands take a quarter more, and a quarter less. */
  readonly earliest: LocalDay | null;
  readonly latest: LocalDay | null;
}

/** Bottles that a mix may come from on a day, the open one first, then the one that expires first. */
export function usableBottles(bottles: readonly KennelBottle[], product: ProductId, day: LocalDay): KennelBottle[] {
  return bottles
    .filter((b) => b.product === product && b.leftMl > 0 && !isExpired(b, day))
    .sort(
      (x, y) =>
        Number(y.openedOn !== undefined) - Number(x.openedOn !== undefined) ||
        (x.expiresOn ?? '9999').localeCompare(y.expiresOn ?? '9999') ||
        x.id.localeCompare(y.id),
    );
}

/** A bottle's part of a mix, milliliters. */
export interface BottleDraw {
  readonly bottle: KennelBottle;
  readonly ml: number;
}

/** Bottles that a mix is taken from, each emptied before the next is opened; less than asked for where all of them hold less. */
export function drawsFrom(bottles: readonly KennelBottle[], ml: number): BottleDraw[] {
  const draws: BottleDraw[] = [];
  let wanted = ml;
  for (const bottle of bottles) {
    if (wanted <= 0) break;
    draws.push({ bottle, ml: Math.min(bottle.leftMl, wanted) });
    wanted -= bottle.leftMl;
  }
  return draws;
}

/** Whether a bottle is over its day. */
export function isExpired({ expiresOn }: KennelBottle, day: LocalDay): boolean {
  return expiresOn !== undefined && expiresOn < day;
}

/** Run-out of every product that is in stock or needed, those that run out first. */
export function runOuts(bottles: readonly KennelBottle[], needs: readonly DayNeed[], today: LocalDay): RunOut[] {
  const products = new Set([...bottles.map((b) => b.product), ...needs.map((n) => n.product)]);
  return [...products]
    .map((product): RunOut => {
      const leftMl = usableBottles(bottles, product, today).reduce((sum, b) => sum + b.leftMl, 0);
      const mine = needs.filter((n) => n.product === product).sort((x, y) => x.day.localeCompare(y.day));
      const outAt = (factor: number): LocalDay | null => {
        let sum = 0;
        for (const n of mine) {
          sum += n.neatMl * factor;
          if (sum > leftMl + 1e-9) return n.day;
        }
        return null;
      };
      const neededMl = Math.round(mine.reduce((sum, n) => sum + n.neatMl, 0));
      return {
        ...{ product, leftMl, neededMl, day: outAt(1) },
        ...{ earliest: outAt(1 + DEFAULT_SPREAD), latest: outAt(1 - DEFAULT_SPREAD) },
      };
    })
    .sort((x, y) => (x.earliest ?? '9999').localeCompare(y.earliest ?? '9999') || x.product.localeCompare(y.product));
}

/** A product to order: so many bottles of the size that is used. */
export interface OrderLine {
  readonly product: ProductId;
  readonly bottles: number;
  readonly sizeMl: number;
  /** By when. */
  readonly by: LocalDay;
}

/** Size of a bottle where a kennel has none of a product (common practice: half a liter to a liter). */
const DEFAULT_BOTTLE_ML = 1000;

/** Bottles to order so that every planned bath has its product, a quarter more counted in. */
export function orderList(bottles: readonly KennelBottle[], outs: readonly RunOut[]): OrderLine[] {
  return outs.flatMap((o) => {
    if (o.earliest === null) return [];
    const sizeMl = bottles.find((b) => b.product === o.product)?.sizeMl ?? DEFAULT_BOTTLE_ML;
    const missing = o.neededMl * (1 + DEFAULT_SPREAD) - o.leftMl;
    return [{ product: o.product, bottles: Math.max(1, Math.ceil(missing / sizeMl)), sizeMl, by: o.earliest }];
  });
}
