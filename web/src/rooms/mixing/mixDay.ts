/*
 * Baths of the plan with what each takes, day by day.
 */
import { BATHS, conditionerAfter, instantToMs, localDayOf } from '@loyal-mane/core';
import type { DayNeed, KennelBottle, LocalDay, MixPart, Plan, PlannedActivity } from '@loyal-mane/core';
import { bathAdvice } from '@loyal-mane/library/pages';
import type { Kennel, Methods } from '../../api/queries';
import { mixFor, tablesOf } from '../../parts/mixWords';
import { askOf } from '../../parts/pageOf';
import type { taskStates } from '../../parts/useWork';

/** A bath that is planned, and its products as they are mixed. */
export interface PlannedMix {
  readonly bath: PlannedActivity;
  readonly day: LocalDay;
  readonly startMs: number;
  /** Parts that are still to be mixed for it, as far as the floor is with it now. */
  readonly parts: readonly MixPart[];
  /** Bathed, and conditioned where that is planned; or skipped. */
  readonly isOver: boolean;
}

type TaskStates = ReturnType<typeof taskStates>;

/** Bottles in stock, as a kennel file has them. */
export function bottlesOf(kennel: Kennel): KennelBottle[] {
  return kennel.bottles.map(({ version: _, ...bottle }) => bottle as unknown as KennelBottle);
}

/** Whether a task is behind the floor, by its records or else by the plan. */
const isTaskOver = ({ key, state }: PlannedActivity, states: TaskStates): boolean =>
  ['done', 'skipped'].includes(states[key] ?? state);

/**
 * Baths of a plan in order, each with what it still takes: wash until it is bathed, conditioner where that is planned and not over,
 * nothing that is used neat.
 */
export function plannedMixes(
  plan: Plan | null,
  kennel: Kennel,
  zone: string,
  states: TaskStates,
  methods?: Methods,
): PlannedMix[] {
  const activities = plan?.activities ?? [];
  const open = activities.filter((a) => !isTaskOver(a, states));
  const tables = tablesOf(methods);
  return activities
    .filter((a) => BATHS.has(a.step))
    .flatMap((bath): PlannedMix[] => {
      const ask = askOf(bath, kennel, zone, methods);
      const dog = kennel.dogs.find((d) => d.id === bath.dogId);
      if (ask === null || dog === undefined) return [];
      const isBathed = isTaskOver(bath, states);
      const isConditioned = conditionerAfter(bath, open);
      const advice = bathAdvice(ask).filter(
        (a) =>
          tables.products[a.product].parts !== null && (a.product.endsWith('Conditioner') ? isConditioned : !isBathed),
      );
      const startMs = instantToMs(bath.start);
      const isOver = isBathed && !isConditioned;
      return [{ bath, startMs, day: localDayOf(startMs, zone), parts: mixFor(dog, ask, advice, methods), isOver }];
    })
    .sort((x, y) => x.startMs - y.startMs);
}

/** Neat product by day of all baths that are still to come. */
export function needsOf(mixes: readonly PlannedMix[], today: LocalDay): DayNeed[] {
  return mixes
    .filter((m) => m.day >= today)
    .flatMap(({ day, parts }) => parts.map(({ product, neatMl }) => ({ day, product, neatMl })));
}
