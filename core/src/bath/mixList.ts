/*
 * The mix list: how much of each product the baths of a day take, dog by dog and in batches. Milliliters follow the body's surface
 * (PUB-01), the coat's class and density, the zones a product goes on, and how often it is washed with.
 */
import type { CoatClass } from '../coat/coatClass.js';
import { bodySurfaceM2 } from '../coat/bodySurface.js';
import type { ZoneId } from '../coat/zones.js';
import type { KennelDog } from '../kennel/dogRecord.js';
import type { ProductId } from '../kennel/vocabulary.js';
import type { Products } from '../programs/kennelProducts.js';
import { washVolumes } from '../programs/products.js';
import type { ProductAdvice } from '../programs/products.js';
import { mixture } from './dilution.js';

/** Mix for light and heavy coats beside a usual one (engineering default; large doubles stay within CP-35). */
const DEFAULT_BY_DENSITY: Readonly<Record<KennelDog['density'], number>> = { light: 0.85, normal: 1, heavy: 1.2 };

/** Tables that amounts come from. */
export interface MixTables {
  /** Liters of mix a square meter and wash at usual density. */
  readonly litersPerM2: Readonly<Record<CoatClass, number>>;
  /** Share of the coat by zone; sums to 1. */
  readonly hairShares: Readonly<Record<CoatClass, ReadonlyMap<ZoneId, number>>>;
  readonly products: Products;
}

/** One bath of one dog. */
export interface MixBath {
  readonly dogId: string;
  readonly weightKg: number;
  readonly coat: CoatClass;
  readonly density: KennelDog['density'];
  readonly washes: number;
  /** Products that are used, in the order of work. */
  readonly advice: readonly ProductAdvice[];
}

/** One product of one bath. Whole milliliters: neat and water add up to the mix. */
export interface MixPart {
  readonly dogId: string;
  readonly product: ProductId;
  readonly scope: ProductAdvice['scope'];
  readonly zones: readonly ZoneId[];
  readonly washes: number;
  readonly parts: number | null;
  readonly mixedMl: number;
  readonly neatMl: number;
  readonly waterMl: number;
}

/** Share of a coat that some zones are, 0 to 1; all of it where no zone is named. */
export function shareOf(
  shares: ReadonlyMap<ZoneId, number>,
  scope: ProductAdvice['scope'],
  zones: readonly ZoneId[],
): number {
  if (scope === 'whole') return 1;
  return zones.reduce((sum, z) => sum + (shares.get(z) ?? 0), 0);
}

/** The products of a bath that are mixed, in the order of work. Products used as they are from the bottle are part of it. */
export function mixParts(bath: MixBath, tables: MixTables): MixPart[] {
  const surface = bodySurfaceM2(bath.weightKg);
  const perWashMl = surface * tables.litersPerM2[bath.coat] * DEFAULT_BY_DENSITY[bath.density] * 1000;
  return bath.advice
    .filter((a) => a.use)
    .map(({ product, scope, zones }) => {
      const { parts } = tables.products[product];
      const share = shareOf(tables.hairShares[bath.coat], scope, zones);
      const volumes = washVolumes(product, bath.washes);
      const mixedMl = Math.round(perWashMl * share * volumes);
      const washes = Math.max(1, Math.round(volumes));
      return { dogId: bath.dogId, product, scope, zones, washes, parts, mixedMl, ...mixture(mixedMl, parts) };
    });
}

/** One mix for several dogs. */
export interface Batch {
  readonly product: ProductId;
  readonly parts: number | null;
  readonly dogIds: readonly string[];
  /** Milliliters that the dogs take, before waste. */
  readonly neededMl: number;
  readonly mixedMl: number;
  readonly neatMl: number;
  readonly waterMl: number;
}

/** How batches are made. */
export interface BatchChoice {
  /** Percent over what the dogs take: what stays in bottles and pitchers. */
  readonly wastePercent: number;
  /** Batches are rounded up to so many milliliters; 1 = not at all. */
  readonly stepMl: number;
}

/** Usual waste and rounding (engineering defaults). */
export const DEFAULT_BATCH: BatchChoice = { wastePercent: 10, stepMl: 50 };

/** Parts of one product together, in the order in which products first come. */
export function batchesOf(parts: readonly MixPart[], { wastePercent, stepMl }: BatchChoice = DEFAULT_BATCH): Batch[] {
  const products = [...new Set(parts.map((p) => p.product))];
  return products.map((product) => {
    const mine = parts.filter((p) => p.product === product);
    const neededMl = mine.reduce((sum, p) => sum + p.mixedMl, 0);
    const water = mine[0]?.parts ?? null;
    // A hundredth more than a whole step is rounding of the machine, not need.
    const mixedMl = Math.ceil((neededMl * (1 + wastePercent / 100)) / stepMl - 1e-9) * stepMl;
    const dogIds = [...new Set(mine.map((p) => p.dogId))];
    return { product, parts: water, dogIds, neededMl, mixedMl, ...mixture(mixedMl, water) };
  });
}
