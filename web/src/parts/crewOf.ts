/*
 * The people who work here: owners read about their dogs and are no staff.
 */
import type { Role } from '@loyal-mane/core';

/** Everybody but owners. */
export function crewOf<P extends { readonly role: Role }>(kennel: { readonly people: readonly P[] }): P[] {
  return kennel.people.filter((p) => p.role !== 'owner');
}
