/*
 * Faults of a kennel file, as data. Words are made at the edge.
 */
import type { KennelFile, ProductFault, ProgramFault } from '@loyal-mane/core';

/** Something wrong in a kennel file: code, path, and fields for its words. */
export type KennelIssue =
  | { readonly code: 'json'; readonly path: string; readonly detail: string }
  | { readonly code: 'schema'; readonly path: string; readonly keyword: string; readonly detail: string }
  | { readonly code: 'duplicateId'; readonly path: string; readonly id: string }
  | { readonly code: 'unknownId'; readonly path: string; readonly what: string; readonly id: string }
  | { readonly code: 'unknownZone'; readonly path: string; readonly zone: string }
  | { readonly code: 'unknownBreed'; readonly path: string; readonly breed: string; readonly nearest: string | null }
  | { readonly code: 'unknownBadge'; readonly path: string; readonly badge: string }
  | { readonly code: 'programFault'; readonly path: string; readonly fault: ProgramFault }
  | { readonly code: 'productFault'; readonly path: string; readonly fault: ProductFault }
  | { readonly code: 'endsBeforeStart'; readonly path: string; readonly start: string; readonly end: string }
  | { readonly code: 'overtimeBeforeEnd'; readonly path: string; readonly end: string; readonly overtimeEnd: string }
  | { readonly code: 'pauseOutside'; readonly path: string }
  | { readonly code: 'arrivesBeforeDeparting'; readonly path: string }
  | {
      readonly code: 'outsideShow';
      readonly path: string;
      readonly day: string;
      readonly first: string;
      readonly last: string;
    }
  | { readonly code: 'ringOfOtherShow'; readonly path: string }
  | { readonly code: 'twiceInRing'; readonly path: string; readonly dog: string; readonly day: string }
  | { readonly code: 'noHome'; readonly path: string }
  | {
      readonly code: 'nobodyCan';
      readonly path: string;
      readonly skill: string;
      readonly step: string;
      readonly dog: string;
    }
  | { readonly code: 'handlerCannotShow'; readonly path: string; readonly person: string }
  | { readonly code: 'sameSignIn'; readonly path: string; readonly signIn: string }
  | { readonly code: 'twoShifts'; readonly path: string; readonly person: string; readonly day: string }
  | { readonly code: 'chipCode'; readonly path: string; readonly digits: string }
  | { readonly code: 'sameChip'; readonly path: string; readonly other: string }
  | { readonly code: 'bornAfter'; readonly path: string; readonly born: string; readonly today: string }
  | { readonly code: 'dayPast'; readonly path: string; readonly day: string; readonly today: string }
  | { readonly code: 'overfull'; readonly path: string; readonly sizeMl: number }
  | { readonly code: 'noLead'; readonly path: string };

/** A kennel, or all that is wrong with the file. */
export type ReadResult =
  { readonly ok: true; readonly kennel: KennelFile } | { readonly ok: false; readonly issues: readonly KennelIssue[] };
