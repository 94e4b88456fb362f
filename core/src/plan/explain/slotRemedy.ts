/*
 * A change that would give a chain a place, in the planner's indexes and slots.
 */
import type { StationKind } from '../../kennel/vocabulary.js';

/** One change that would give the chain a place. Indexes into the problem; slots are absolute. */
export type SlotRemedy =
  | { readonly code: 'otherHandler'; readonly handler: number; readonly other: number; readonly rival: number }
  | { readonly code: 'stay'; readonly person: number; readonly until: number; readonly slots: number }
  | { readonly code: 'unpin'; readonly activity: number }
  | { readonly code: 'moveBreak'; readonly person: number; readonly from: number; readonly to: number }
  /** Somebody who is away that day comes after all. */
  | { readonly code: 'present'; readonly person: number; readonly at: number }
  | { readonly code: 'beginEarlier'; readonly person: number; readonly from: number; readonly slots: number }
  /** A circuit carries so much demand. */
  | { readonly code: 'moreAmps'; readonly supply: number; readonly demand: number }
  | { readonly code: 'openStation'; readonly station: number; readonly from: number }
  | { readonly code: 'freePerson'; readonly person: number; readonly at: number }
  | { readonly code: 'moreStanding' }
  | { readonly code: 'extraStation'; readonly kind: StationKind }
  | { readonly code: 'without'; readonly chain: number };
