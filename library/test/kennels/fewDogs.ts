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
    transports: kennel.transports.map((t) => ({ ...t, dogs: t.dogs.filter((id) => stays.has(id)) })),
    work: kennel.work.filter((w) => stays.has(w.dogId)),
  };
}

/** The kennel without the dogs of these names. */
export function withoutDogs(kennel: KennelFile, names: readonly string[]): KennelFile {
  return fewDogs(
    kennel,
    kennel.dogs.map((d) => d.name).filter((name) => !names.includes(name)),
  );
}

/** Dogs of the demo kennel that no plan of it can make ready: a plan without them is made in a moment. */
export const WITHOUT_PLACE = ['Tamsin', 'Odran'];
