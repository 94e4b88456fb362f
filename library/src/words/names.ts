/*
 * Names of what ids stand for, in the words of one kennel.
 */
import type { KennelFile } from '@loyal-mane/core';

/** Looks up names by id; an id that is gone reads as what it was ("a dog"). */
export interface Names {
  readonly dog: (id: string | null) => string;
  readonly person: (id: string | null) => string;
  /** First name only. */
  readonly first: (id: string | null) => string;
  readonly station: (id: string | null) => string;
  readonly circuit: (id: string | null) => string;
  /** "she" or "he" for a dog. */
  readonly pronoun: (id: string) => 'she' | 'he';
  readonly ring: (entryId: string | null) => string;
  readonly ringTime: (entryId: string | null) => string;
  readonly zone: string;
  readonly clock: '24h' | '12h';
}

type Named = Pick<KennelFile, 'people' | 'stations' | 'rings'> & {
  readonly dogs: readonly { readonly id: string; readonly name: string; readonly sex: 'dog' | 'bitch' }[];
  readonly entries: readonly { readonly id: string; readonly ringId: string; readonly ringTime: string }[];
  readonly settings: { readonly timeZone: string; readonly clock: '24h' | '12h' };
};

/** Names of a kennel. */
export function namesOf(
  kennel: Pick<Named, 'dogs' | 'entries' | 'settings'> & {
    readonly people: readonly { readonly id: string; readonly name: string }[];
    readonly stations: readonly { readonly id: string; readonly name: string }[];
    readonly rings: readonly { readonly id: string; readonly name: string }[];
    readonly circuits?: readonly { readonly id: string; readonly name: string }[];
  },
): Names {
  const map = (rows: readonly { readonly id: string; readonly name: string }[]) =>
    new Map(rows.map((r) => [r.id, r.name]));
  const dogs = map(kennel.dogs);
  const people = map(kennel.people);
  const stations = map(kennel.stations);
  const rings = map(kennel.rings);
  const circuits = map(kennel.circuits ?? []);
  const entries = new Map(kennel.entries.map((e) => [e.id, e]));
  const sexes = new Map(kennel.dogs.map((d) => [d.id, d.sex]));
  const person = (id: string | null): string => people.get(id ?? '') ?? 'somebody';
  return {
    dog: (id) => dogs.get(id ?? '') ?? 'a dog',
    person,
    first: (id) => person(id).split(' ')[0] ?? '',
    circuit: (id) => circuits.get(id ?? '') ?? 'a circuit',
    station: (id) => stations.get(id ?? '') ?? 'a station',
    pronoun: (id) => (sexes.get(id) === 'bitch' ? 'she' : 'he'),
    ring: (id) => rings.get(entries.get(id ?? '')?.ringId ?? '') ?? 'the ring',
    ringTime: (id) => entries.get(id ?? '')?.ringTime ?? '',
    zone: kennel.settings.timeZone,
    clock: kennel.settings.clock,
  };
}
