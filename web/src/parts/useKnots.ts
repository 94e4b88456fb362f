/*
 * One dog's chances of a knot by tomorrow, zone by zone, from the records of work and from what was found in its coat.
 */
import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import {
  addDays,
  changedProgram,
  daysBetween,
  instantToMs,
  isDropping,
  knotForecast,
  lastBrushedByZone,
  localDayOf,
} from '@loyal-mane/core';
import type { Instant, LocalDay, ProductId, ZoneRisk } from '@loyal-mane/core';
import { CARE_LIBRARY, DOG_PARTS, ZONES } from '@loyal-mane/library';
import { methodsQuery } from '../api/queries';
import type { Methods, Work } from '../api/queries';
import { kennelDogOf } from './dogRecord';
import type { Dog } from './dogRecord';
import { useRooms } from './useRooms';
import { useDogWork } from './useWork';

/** Products that keep hair from tangling while they are in it. */
const EASING: readonly ProductId[] = ['richConditioner', 'lightConditioner', 'leaveIn', 'loosening', 'dressing'];
const EASES_DAYS = 3;

/** Chances by zone, in the order of the map; null for owners, and for coats that are not brushed for knots. */
export function useKnots(dog: Dog, today: LocalDay): readonly ZoneRisk[] | null {
  const { names, crew } = useRooms();
  // Owners do not read the house's methods, and are not asked to brush.
  const methods = useQuery({ ...methodsQuery, enabled: crew }).data;
  const work = useDogWork(dog.id);
  return useMemo(
    () => (crew ? knotsOf(dog, work, methods, names.zone, today) : null),
    [dog, work, methods, names.zone, today, crew],
  );
}

/** The forecast for the day after `today`; null for smooth coats, and where no rule of the coat brushes. */
export function knotsOf(
  dog: Dog,
  work: readonly Work[],
  methods: Methods | undefined,
  zone: string,
  today: LocalDay,
): readonly ZoneRisk[] | null {
  const program = changedProgram(CARE_LIBRARY.programs[dog.coat], methods);
  const rule = program.keepUp.find((r) => r.id === 'brush');
  if (dog.coat === 'smooth' || rule === undefined) return null;
  const record = kennelDogOf(dog);
  const dayOf = (at: string): LocalDay => localDayOf(instantToMs(at as Instant), zone);
  const brushed = work.flatMap((w) =>
    w.startedAt === undefined
      ? []
      : [{ step: w.step, state: w.state, day: dayOf(w.startedAt), ticks: new Set(w.ticked ?? []) }],
  );
  const found = dog.knotsFound.map((k) => ({ zone: k.zone, day: k.day as LocalDay }));
  const first = [...brushed, ...found].map((x) => x.day).sort()[0];
  const isFlanked = program.preparation.some((s) => s.step === 'brushOut2');
  const forecast = {
    density: record.density,
    everyDays: rule.everyDays,
    everyDaysInChange: rule.everyDaysInChange,
    inChange: isDropping(record, today),
    brushed: lastBrushedByZone(record.lastBrush, brushed, DOG_PARTS, isFlanked),
    found,
    watchedDays: first === undefined ? 0 : Math.max(0, daysBetween(first, today)),
    damp: new Set(dog.marks.unready.filter((u) => u.test === 'damp').map((u) => u.zone)),
    isEased: (record.uses ?? []).some((u) => EASING.includes(u.product) && daysBetween(u.day, today) <= EASES_DAYS),
  };
  return knotForecast(forecast, ZONES, addDays(today, 1));
}
