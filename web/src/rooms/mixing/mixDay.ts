/*
 * Baths of the plan with what each takes, day by day.
 */
import { BATHS, conditionerAfter, instantToMs, localDayOf, mixParts } from '@loyal-mane/core';
import type { DayNeed, KennelBottle, LocalDay, MixPart, MixTables, Plan, PlannedActivity } from '@loyal-mane/core';
import { HAIR_SHARES, LITERS_PER_M2 } from '@loyal-mane/library';
import { bathAdvice, washesOf } from '@loyal-mane/library/pages';
import type { Kennel, Methods } from '../../api/queries';
import { coatOf, kennelDogOf } from '../../parts/dogRecord';
import { productsOf } from '../../parts/kennelProducts';
import { askOf } from '../../parts/pageOf';

/** A bath that is planned, and its products as they are mixed. */
export interface PlannedMix {
  readonly bath: PlannedActivity;
  readonly day: LocalDay;
  readonly startMs: number;
  readonly parts: readonly MixPart[];
}

/** Bottles in stock, as a kennel file has them. */
export function bottlesOf(kennel: Kennel): KennelBottle[] {
  return kennel.bottles.map(({ version: _, ...bottle }) => bottle as unknown as KennelBottle);
}

/** Where amounts come from in this kennel. */
export const tablesOf = (methods: Methods | undefined): MixTables => ({
  litersPerM2: LITERS_PER_M2,
  hairShares: HAIR_SHARES,
  products: productsOf(methods),
});

/** Baths of a plan in order, each with what it takes; conditioner only where it is planned, nothing that is used neat. */
export function plannedMixes(plan: Plan | null, kennel: Kennel, zone: string, methods?: Methods): PlannedMix[] {
  const activities = plan?.activities ?? [];
  const tables = tablesOf(methods);
  return activities
    .filter((a) => BATHS.has(a.step))
    .flatMap((bath): PlannedMix[] => {
      const ask = askOf(bath, kennel, zone, methods);
      const dog = kennel.dogs.find((d) => d.id === bath.dogId);
      if (ask === null || dog === undefined) return [];
      const isConditioned = conditionerAfter(bath, activities);
      const advice = bathAdvice(ask).filter(
        (a) => tables.products[a.product].parts !== null && (isConditioned || !a.product.endsWith('Conditioner')),
      );
      const { density } = kennelDogOf(dog);
      const of = { dogId: dog.id, weightKg: dog.weightKg, coat: coatOf(dog), density, washes: washesOf(ask), advice };
      const startMs = instantToMs(bath.start);
      return [{ bath, startMs, day: localDayOf(startMs, zone), parts: mixParts(of, tables) }];
    })
    .sort((x, y) => x.startMs - y.startMs);
}

/** Neat product by day of all baths that are still to come. */
export function needsOf(mixes: readonly PlannedMix[], fromMs: number): DayNeed[] {
  return mixes
    .filter((m) => m.startMs >= fromMs && m.bath.state === 'planned')
    .flatMap(({ day, parts }) => parts.map(({ product, neatMl }) => ({ day, product, neatMl })));
}
