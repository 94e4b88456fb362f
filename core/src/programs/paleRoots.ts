/*
 * Coats whose roots are paler than their tips.
 */
import type { KennelDog } from '../kennel/dogRecord.js';

/** Whether a dark surface lies over paler roots, in any zone: bulk is then taken from beneath only. */
export function hasPaleRoots(dog: Pick<KennelDog, 'paleRoots' | 'colors'>): boolean {
  return dog.paleRoots === true || (dog.colors ?? []).some((c) => c.color === 'darkOverPale');
}
