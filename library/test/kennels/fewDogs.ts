/* A kennel with some of its dogs: small enough to be planned in a moment, otherwise as it was. */
import type { KennelFile } from '@loyal-mane/core';

/** The kennel with the dogs of these names only, their entries and their work; everybody and everything else stays. */
export function fewDogs(kennel: KennelFile, names: readonly string[]): KennelFile {
  const dogs = kennel.dogs.filter((d) => names.includes(d.name));
  if (dogs.length !== names.length)
    throw new Error(`fewDogs: of ${names.join(', ')} only ${String(dogs.length)} are there`);
  const stays = new Set<string>(dogs.map((d) => d.id));
  return {
    ...kennel,
    dogs,
    entries: kennel.entries.filter((e) => stays.has(e.dogId)),
    work: kennel.work.filter((w) => stays.has(w.dogId)),
  };
}
