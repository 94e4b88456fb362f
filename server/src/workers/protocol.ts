/*
 * Messages to the planner's threads and back.
 */
import type { MessagePort } from 'node:worker_threads';
import type {
  ChainCheck,
  ChainWhy,
  KennelFile,
  Plan,
  PlanBreak,
  PlanEffect,
  SchoolId,
  SchoolRefusal,
  TaskKey,
  TaskSlack,
} from '@loyal-mane/core';

/** Asks for a plan. */
export interface PlanRequest {
  readonly kind: 'plan';
  readonly kennel: KennelFile;
  readonly nowMs: number;
  readonly seed: number;
  /** JSON of the published plan whose places are kept where they hold; null plans afresh. */
  readonly previous: string | null;
  /** JSON of the published plan that the summary compares with. */
  readonly published: string | null;
  readonly progress: MessagePort;
  /** Flag that ends the search with what it has, see `EnoughFlag`; null where nobody can raise it. */
  readonly enough: SharedArrayBuffer | null;
}

/** How far a planning is, as its thread tells it. */
export interface PlanProgress {
  readonly phase: 'search' | 'explain';
  /** Round of the search, or entries explained. */
  readonly round: number;
  readonly rounds: number;
  /** Entries with a place, and in all. */
  readonly placed: number;
  readonly of: number;
}

/** Asks how early and how late a task could be. */
export interface SlackRequest {
  readonly kind: 'slack';
  readonly kennel: KennelFile;
  readonly nowMs: number;
  readonly plan: string;
  readonly key: TaskKey;
}

/** Asks why work has no place. */
export interface WhyRequest {
  readonly kind: 'why';
  readonly kennel: KennelFile;
  readonly nowMs: number;
  readonly plan: string;
  /** Key of the chain that has no place. */
  readonly key: string;
}

/** Asks what of a plan no longer holds. */
export interface BreaksRequest {
  readonly kind: 'breaks';
  readonly kennel: KennelFile;
  readonly nowMs: number;
  readonly plan: string;
}

/** Asks what would help work that has no place; every change is planned with. */
export interface CheckRequest extends Omit<WhyRequest, 'kind'> {
  readonly kind: 'check';
}

/** Asks what changed methods would do. */
export interface PreviewRequest {
  readonly kind: 'preview';
  readonly kennel: KennelFile;
  /** The kennel as it would become. */
  readonly changed: KennelFile;
  readonly nowMs: number;
  /** JSON of the published plan, from which both are repaired; null plans both afresh. */
  readonly published: string | null;
}

/** A dog for which a changed choice is refused. */
export interface RefusedChoice {
  readonly dogId: string;
  readonly school: SchoolId;
  readonly why: SchoolRefusal;
}

/** Effect of changed methods, or the faults in them. */
export interface PreviewAnswer {
  readonly effect: PlanEffect;
  readonly refused: readonly RefusedChoice[];
}

/** Anything that a planner thread is asked. */
export type PlannerRequest = PlanRequest | SlackRequest | WhyRequest | BreaksRequest | CheckRequest | PreviewRequest;

/** In numbers and ids, what a plan says; enough to decide whether to publish it. */
export interface PlanSummary {
  readonly ready: number;
  readonly of: number;
  readonly tasks: number;
  readonly moved: number;
  readonly added: number;
  readonly removed: number;
}

/** A plan that was made. */
export interface PlanAnswer {
  readonly body: string;
  readonly inputHash: string;
  readonly summary: PlanSummary;
}

/** Anything that a planner thread answers. */
export type PlannerAnswer =
  PlanAnswer | TaskSlack | ChainWhy | readonly PlanBreak[] | ChainCheck | PreviewAnswer | null;

/** How dogs stand in a plan: a dog is ready when none of its show entries is out. */
export function readyDogs(plan: Plan, kennel: KennelFile): { ready: number; of: number } {
  const shown = new Set(
    kennel.entries
      .filter((e) => plan.activities.some((a) => a.entryId === e.id) || plan.unplaced.some((u) => u.entryId === e.id))
      .map((e) => e.dogId),
  );
  const out = new Set(plan.unplaced.filter((u) => u.kind === 'show').map((u) => u.dogId));
  return { ready: [...shown].filter((d) => !out.has(d)).length, of: shown.size };
}
