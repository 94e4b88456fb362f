/*
 * The view of an owner: the own dogs, their entries, their work. Everything about other dogs, and what is the crew's own,
 * is left out before it leaves the server.
 */
import { NIL } from 'uuid';
import type { KennelFile, Plan, UnplacedChain } from '@loyal-mane/core';
import type { StoredPlanDto } from '../plan/dto.js';
import type { PublishedPlan } from '../plan/planInForce.js';

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
    people: kennel.people
      .filter((p) => p.role !== 'owner' || (ownerId !== null && p.ownerId === ownerId))
      .map(({ id, name, signIn, role }) => ({ id, name, signIn, role, skills: [] })),
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

/** A chain without a place, its remedies naming no rival dog: whom a handler shows then is another owner's. */
function withoutRival(chain: UnplacedChain, own: OwnDogs): UnplacedChain {
  const remedies = chain.reason.remedies.map((r) =>
    r.code === 'otherHandler' && r.rivalDogId !== null && !own.has(r.rivalDogId)
      ? { ...r, rivalDogId: null, rivalEntryId: null }
      : r,
  );
  return { ...chain, reason: { ...chain.reason, remedies } };
}

/** A plan as far as it concerns some dogs. Reasons that name another dog or its entry name none any more. */
export function ownPlan(plan: Plan, own: OwnDogs): Plan {
  const rivals = [...plan.activities, ...plan.unplaced, ...plan.leftOut, ...plan.calendar].filter(
    (x) => !own.has(x.dogId),
  );
  const others = new Set<string | null>(rivals.flatMap((x) => [x.dogId, x.entryId]));
  const { odds: _, ...rest } = plan;
  const mine = {
    ...rest,
    activities: plan.activities.filter((a) => own.has(a.dogId)),
    unplaced: plan.unplaced.filter((u) => own.has(u.dogId)).map((u) => withoutRival(u, own)),
    leftOut: plan.leftOut.filter((x) => own.has(x.dogId)),
    calendar: plan.calendar.filter((c) => own.has(c.dogId)),
    notes: plan.notes.filter((n) => own.has(n.dogId)),
    ...(plan.ways === undefined ? {} : { ways: plan.ways.filter((w) => own.has(w.dogId)) }),
  };
  // Ids stand in keys of tasks too, so the text is gone through.
  return JSON.parse(JSON.stringify(mine).replace(UUID, (id) => (others.has(id) ? NIL : id))) as Plan;
}

/** The published plan as far as it concerns an owner's dogs, with a summary of those alone. */
export function ownStoredPlan(published: PublishedPlan, own: OwnDogs): StoredPlanDto {
  const plan = ownPlan(published.plan, own);
  const out = plan.unplaced.filter((u) => u.kind === 'show').length;
  const ready = new Set(plan.activities.flatMap((a) => (a.entryId === null ? [] : [a.entryId]))).size;
  const { id, madeAt } = published.stored;
  const summary = { ready, of: ready + out, tasks: plan.activities.length, moved: 0, added: 0, removed: 0 };
  return { id, madeAt: madeAt.toISOString(), summary, plan: plan as unknown as StoredPlanDto['plan'] };
}
