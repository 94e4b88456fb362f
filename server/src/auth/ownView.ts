/*
 * What an owner sees: the own dogs, their entries, their work. Everything about other dogs, and what is the crew's own,
 * is left out before it leaves the server.
 */
import { NIL } from 'uuid';
import type { KennelFile, Plan } from '@loyal-mane/core';

const UUID = /[0-9a-f]{8}(?:-[0-9a-f]{4}){3}-[0-9a-f]{12}/g;

type OwnDogs = ReadonlySet<string>;

/** The kennel as far as it concerns some dogs. People keep their names only: they are who worked on the dog. */
export function ownKennel(kennel: KennelFile, ownerId: string | null): KennelFile {
  const dogs = kennel.dogs.filter((d) => ownerId !== null && d.ownerId === ownerId);
  const own: OwnDogs = new Set(dogs.map((d) => d.id));
  const entries = kennel.entries.filter((e) => own.has(e.dogId));
  const shows = new Set<string>(entries.map((e) => e.showId));
  return {
    ...kennel,
    dogs,
    entries,
    people: kennel.people.map(({ id, name, signIn, role }) => ({ id, name, signIn, role, skills: [] })),
    shows: kennel.shows.filter((s) => shows.has(s.id)),
    rings: kennel.rings.filter((r) => shows.has(r.showId)),
    shifts: [],
    absences: [],
    transports: [],
    owners: [],
    pins: [],
    work: [],
  };
}

/** A plan as far as it concerns some dogs. Reasons that name another dog name no dog any more. */
export function ownPlan(plan: Plan, own: OwnDogs): Plan {
  const all = [...plan.activities, ...plan.unplaced, ...plan.leftOut, ...plan.calendar].map((x) => x.dogId);
  const others = new Set<string>(all.filter((id) => !own.has(id)));
  const mine = {
    ...plan,
    activities: plan.activities.filter((a) => own.has(a.dogId)),
    unplaced: plan.unplaced.filter((u) => own.has(u.dogId)),
    leftOut: plan.leftOut.filter((x) => own.has(x.dogId)),
    calendar: plan.calendar.filter((c) => own.has(c.dogId)),
    notes: plan.notes.filter((n) => own.has(n.dogId)),
    odds: [],
  };
  // Ids stand in keys of tasks too.
  return JSON.parse(JSON.stringify(mine).replace(UUID, (id) => (others.has(id) ? NIL : id))) as Plan;
}
