/*
 * The page of a task, composed for its dog on its day by what this kennel has decided.
 */
import {
  DEFAULT_PUPPY_DAYS,
  chooseSides,
  coatClassOf,
  daysBetween,
  instantToMs,
  isMet,
  localDayOf,
  noEntry,
  standCapMin,
} from '@loyal-mane/core';
import type { BathPurpose, Chosen, LocalDay, PlannedActivity, StepId } from '@loyal-mane/core';
import { soakChoices, stepPage, stepProducts } from '@loyal-mane/library/pages';
import type { OwnAsk, SoakChoice, StepPage, UsedProduct } from '@loyal-mane/library/pages';
import type { Kennel, Methods } from '../api/queries';
import { coatOf, kennelDogOf, libraryOf, personRecordOf } from './dogRecord';
import type { Dog } from './dogRecord';
import { productsOf } from './kennelProducts';

/** A task as its page asks of it. */
export type PageTask = Pick<PlannedActivity, 'dogId' | 'step' | 'kind' | 'start' | 'people' | 'entryId' | 'flank'>;

/** The page of a task; null where its dog is gone. */
export function pageOf(a: PageTask, kennel: Kennel, zone: string, methods?: Methods): StepPage | null {
  const ask = askOf(a, kennel, zone, methods);
  return ask === null ? null : stepPage(ask, methods?.lines);
}

/** Products that soak at a task, with their labels' minutes. */
export function soaksOf(a: PageTask, kennel: Kennel, zone: string, methods?: Methods): readonly SoakChoice[] {
  const ask = askOf(a, kennel, zone, methods);
  return ask === null ? [] : soakChoices(ask, productsOf(methods));
}

/** Products that go into the coat at a task, as its page advises them. */
export function productsAt(a: PageTask, kennel: Kennel, zone: string, methods?: Methods): readonly UsedProduct[] {
  const ask = askOf(a, kennel, zone, methods);
  return ask === null ? [] : stepProducts(ask);
}

/** Minutes that the dog of a task may stand a day; null where it is gone. */
export function standCapOf(a: PageTask, kennel: Kennel, zone: string, methods?: Methods): number | null {
  const ask = askOf(a, kennel, zone, methods);
  if (ask === null) return null;
  const { dog, library, chosen, at } = ask;
  const isPuppy = daysBetween(dog.born, at.day) < DEFAULT_PUPPY_DAYS;
  const side = chosen.find((c) => c.school.id === 'tableTime')?.side;
  return standCapMin(dog, coatClassOf(dog, library), library, isPuppy, side);
}

/** The question of a task's page, mix and soaks; null where its dog is gone. */
export function askOf(a: PageTask, kennel: Kennel, zone: string, methods: Methods | undefined): OwnAsk | null {
  const dog = kennel.dogs.find((d) => d.id === a.dogId);
  if (dog === undefined) return null;
  const day = localDayOf(instantToMs(a.start), zone);
  const entry = kennel.entries.find((e) => e.id === a.entryId);
  return {
    step: a.step,
    dog: kennelDogOf(dog),
    library: libraryOf(kennel),
    chosen: chosenFor(a, dog, kennel, methods, day),
    at: {
      day,
      purpose: purposeOf(a.kind, a.step),
      isShowDay: entry?.day === day,
      flank: a.flank,
      trimBegin: workerOf(a, kennel)?.trimBegin,
      hasSiteDryer: entry !== undefined && hasDryer(kennel, entry),
      isLaterShowDay: entry !== undefined && isLaterDay(kennel, entry),
    },
  };
}

/** Whether the dog is shown at the same show on an earlier day. */
function isLaterDay({ entries }: Kennel, entry: Kennel['entries'][number]): boolean {
  return entries.some((e) => e.dogId === entry.dogId && e.showId === entry.showId && e.day < entry.day);
}

/** Whether the ground of an entry's show has a force dryer. */
function hasDryer({ shows, stations }: Kennel, entry: Kennel['entries'][number]): boolean {
  const site = shows.find((s) => s.id === entry.showId)?.siteId;
  return stations.some((s) => s.siteId === site && s.kind === 'forceDryer');
}

/** The bath that a task belongs to. */
export function purposeOf(kind: PlannedActivity['kind'], step: StepId): BathPurpose {
  return kind === 'keepUp' ? 'keepUp' : step === 'trimBath' ? 'trim' : 'show';
}

/** The record of whoever does a task, as far as it is known. */
function workerOf({ people }: Pick<PageTask, 'people'>, kennel: Kennel): ReturnType<typeof personRecordOf> | undefined {
  const worker = kennel.people.find((p) => p.id === people[0]);
  return worker === undefined ? undefined : personRecordOf(worker);
}

/** The sides in force for a dog and whoever does the work. */
function chosenFor(
  a: Pick<PageTask, 'people'>,
  dog: Dog,
  kennel: Kennel,
  methods: Methods | undefined,
  day: LocalDay,
): Chosen[] {
  const own = methods?.dogs.find((d) => d.dogId === dog.id)?.schools ?? {};
  const route = workerOf(a, kennel)?.brushingRoute;
  const record = kennelDogOf(dog);
  return chooseSides(libraryOf(kennel).schools, {
    coat: coatOf(dog),
    dog: { ...record, schools: own },
    kennel: {
      people: kennel.people,
      methods: {
        number: Math.max(1, methods?.number ?? 1),
        schools: { ...methods?.schools, ...(route === undefined ? {} : { brushingRoute: route }) },
      },
    },
    isMet: (condition) => isMet(condition, record, { ...noEntry(day, undefined), nextShow: true }),
  });
}
