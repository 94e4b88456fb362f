/*
 * The inspection walk of a day: who was looked over when, whom nobody has looked at, what is followed.
 */
import { useMemo } from 'react';
import { isHere, isLookDue, lastLooked, localDayOf, missedDays, openObservations } from '@loyal-mane/core';
import type { LocalDay, Observation } from '@loyal-mane/core';
import { kennelDogOf, recordOf } from './dogRecord';
import type { Dog } from './dogRecord';
import { useNow } from './useNow';
import { useRooms } from './useRooms';
import { allWork, useWork } from './useWork';

/** One dog on the walk. */
export interface DogOnWalk {
  readonly dog: Dog;
  /** Last day on which somebody looked it over; null where nobody has. */
  readonly last: LocalDay | null;
  readonly isDone: boolean;
  /** Days before today on which nobody looked, oldest first. */
  readonly missed: readonly LocalDay[];
  readonly open: readonly Observation[];
  /** Of those, what wants another look today. */
  readonly due: number;
}

/** Dogs that are here today, in the order of their runs. */
export function useInspections(): { readonly today: LocalDay; readonly walk: readonly DogOnWalk[] } {
  const { kennel, names } = useRooms();
  const work = useWork(allWork);
  const today = localDayOf(useNow(60_000), names.zone);
  const walk = useMemo(
    () =>
      kennel.dogs
        .filter((d) => isWithUs(d, today))
        .map((dog): DogOnWalk => {
          const record = kennelDogOf(dog);
          const last = lastLooked(record, work, names.zone);
          const open = openObservations(record);
          const missed = missedDays(record, work, names.zone, today);
          const due = open.filter((o) => isLookDue(o, today)).length;
          return { dog, last, isDone: last === today, missed, open, due };
        })
        .sort((x, y) => runOf(x.dog).localeCompare(runOf(y.dog)) || x.dog.name.localeCompare(y.dog.name)),
    [kennel.dogs, work, names.zone, today],
  );
  return { today, walk };
}

const runOf = (dog: Dog): string => recordOf(dog).run ?? '~';

function isWithUs(dog: Dog, today: LocalDay): boolean {
  const { leftOn, stays } = recordOf(dog);
  return (leftOn === undefined || leftOn > today) && isHere({ stays: stays ?? [] }, today);
}
