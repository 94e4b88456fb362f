/*
 * Lines of a step's page: each with the facts under which it is told, where on the dog it is, with what it is done, and what
 * shows that it is done where it is part of a guided sequence.
 */
import type { ZoneId } from '../coat/zones.js';
import type { StepId, ToolKind, TrimBeginning } from '../kennel/vocabulary.js';
import type { PageFact } from './pageFact.js';

/** When a line is told: all of, at least one of, and none of some facts. */
export interface PageWhen {
  readonly all?: readonly PageFact[];
  readonly any?: readonly PageFact[];
  readonly none?: readonly PageFact[];
}

/** Sequences that are guided step by step, ticked one by one. */
export const SEQUENCE_IDS = [
  'topknot',
  'parting',
  'sprayUp',
  'fringe',
  'earCleaning',
  'headFirst',
  'foot',
  'powder',
  'towelSet',
  'showMorning',
] as const;
/** One of `SEQUENCE_IDS`. */
export type SequenceId = (typeof SEQUENCE_IDS)[number];

/** One line of a page. */
export interface PageLine {
  /** Stays the same while the text is bettered: kennels refer to it. */
  readonly id: string;
  readonly text: string;
  readonly when: PageWhen;
  /** Lines of one topic are contrary to each other: a page holds one of them at most. */
  readonly topic?: string;
  readonly zones?: readonly ZoneId[];
  readonly tool?: ToolKind;
  /** Of a line of a sequence: what to look for before it is ticked. */
  readonly look?: string;
  /** Part of a trim that it is: what the trim begins with comes first. */
  readonly begins?: TrimBeginning;
  readonly sequence?: SequenceId;
  /** Whether a kennel has written it. */
  readonly own?: true;
}

/** The page of one step before it is composed: lines in working order. */
export type StepLines = Readonly<Record<StepId, readonly PageLine[]>>;
