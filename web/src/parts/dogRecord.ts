/*
 * A dog's record as the interface reads and saves it: the same fields as in a kennel file.
 */
import { App as AntApp } from 'antd';
import type { CoatClass, DogId, DogRecordParts, KennelBreed, KennelDog, LocalDay, PersonParts } from '@loyal-mane/core';
import { withKennelBreeds } from '@loyal-mane/core';
import { CARE_LIBRARY } from '@loyal-mane/library';
import { command, logCoat, setDogRecord, useCommand } from '../api/commands';
import type { CoatLog } from '../api/commands';
import { overOthers } from '../api/overOthers';
import type { Kennel } from '../api/queries';
import { useKeep } from './keepContext';
import { problemWords } from './ProblemNote';

/** A dog as rooms read it. */
export type Dog = Kennel['dogs'][number];

/** The parts of a dog's record. */
export function recordOf(dog: Dog): DogRecordParts {
  return dog.record;
}

/** A dog as the core knows it: its row, its record, what was found in its coat. */
export function kennelDogOf(dog: Dog): KennelDog {
  const { id, name, breed, sex, born, weightKg, marks } = dog;
  const own = { id: id as DogId, name, breed, sex, born: born as LocalDay, weightKg };
  return { ...recordOf(dog), ...own, mats: marks.mats as NonNullable<KennelDog['mats']> };
}

/** The parts of a person's record. */
export function personRecordOf(person: Kennel['people'][number]): PersonParts {
  return person.record;
}

/** The kennel's own breeds. */
export function ownBreeds(kennel: Pick<Kennel, 'breeds'>): KennelBreed[] {
  return kennel.breeds.map((b) => b.facts);
}

/** The library with the kennel's own breeds. */
export function libraryOf(kennel: Pick<Kennel, 'breeds'>): typeof CARE_LIBRARY {
  return withKennelBreeds(CARE_LIBRARY, ownBreeds(kennel));
}

/** The class of a dog's coat. */
export function coatOf(dog: Dog): CoatClass {
  return dog.coat;
}

/** The day on which a dog was born. */
export function bornOf(dog: Dog): LocalDay {
  return dog.born as LocalDay;
}

/** Saves parts of a dog's record, and logs what was used or seen; what goes wrong is said. */
export function useDogRecord(dog: Dog) {
  const { message } = AntApp.useApp();
  const send = useCommand((record: object, commandId) =>
    overOthers({
      seen: dog,
      touched: (d) => Object.keys(record).map((field) => (recordOf(d) as Record<string, unknown>)[field] ?? null),
      send: (d) => setDogRecord({ dogId: d.id, version: d.version, record }, commandId),
    }),
  );
  const log = useCommand(logCoat);
  const keep = useKeep();
  const onError = (error: unknown): void => void message.error(problemWords(error), 8);
  // Told by the promise, which also holds when what asked is no longer on the screen by then.
  return {
    busy: send.isPending || log.isPending,
    save: (record: object, done?: () => void): void =>
      void send.mutateAsync(command(record)).then(() => {
        void message.success('Saved. Plan again to work by it.');
        done?.();
      }, onError),
    log: (entry: CoatLog, words: string, done?: () => void): void => {
      const said = (): void => {
        void message.success(words);
        done?.();
      };
      if (keep === null) void log.mutateAsync(command({ dogId: dog.id, log: entry })).then(said, onError);
      else if (keep({ command: 'coatLog', log: entry })) said();
    },
  };
}
