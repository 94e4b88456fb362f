/*
 * Branded ids. Every row that people know by name has an id of its own kind, so that a dog's id can never be
 * handed to something that wants a person's. All are UUID strings in files, in the database and in the API.
 */

/** A string that only counts as an id of kind `K`. */
export type Id<K extends string> = string & { readonly __id: K };

/** Id of a dog. */
export type DogId = Id<'dog'>;
/** Id of a person. */
export type PersonId = Id<'person'>;
/** Id of an entry. */
export type EntryId = Id<'entry'>;
/** Id of a show. */
export type ShowId = Id<'show'>;
/** Id of a ring. */
export type RingId = Id<'ring'>;
/** Id of a site. */
export type SiteId = Id<'site'>;
/** Id of a station. */
export type StationId = Id<'station'>;
/** Id of a circuit. */
export type CircuitId = Id<'circuit'>;
/** Id of an owner. */
export type OwnerId = Id<'owner'>;
/** Id of a shift. */
export type ShiftId = Id<'shift'>;
/** Id of a note that a tool was cared for. */
export type CareId = Id<'care'>;
/** Id of a ride. */
export type TransportId = Id<'transport'>;
/** Id of a day away. */
export type AbsenceId = Id<'absence'>;
/** A bottle of a product. */
export type BottleId = Id<'bottle'>;

/**
 * Key of one planned activity: chain, step, occurrence and session, joined by `:`. It is the same after every
 * new plan, so that work records can refer to it.
 */
export type TaskKey = string & { readonly __key: 'task' };
