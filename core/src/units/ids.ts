/*
 * Branded ids. Every row that people know by name has an id of its own kind, so that a dog's id can never be
 * handed to something that wants a person's. All are UUID strings in files, in the database and in the API.
 */

/** A string that only counts as an id of kind `K`. */
export type Id<K extends string> = string & { readonly __id: K };

export type DogId = Id<'dog'>;
export type PersonId = Id<'person'>;
export type EntryId = Id<'entry'>;
export type ShowId = Id<'show'>;
export type RingId = Id<'ring'>;
export type SiteId = Id<'site'>;
export type StationId = Id<'station'>;
export type CircuitId = Id<'circuit'>;
export type OwnerId = Id<'owner'>;
export type ShiftId = Id<'shift'>;
export type TransportId = Id<'transport'>;
export type AbsenceId = Id<'absence'>;

/**
 * Key of one planned activity: chain, step, occurrence and session, joined by `:`. It is the same after every
 * new plan, so that work records can refer to it.
 */
export type TaskKey = string & { readonly __key: 'task' };
