/*
 * Messages to the browser's planning worker and back. Each question carries a number; its answer carries the same.
 */
import type { KennelFile, Plan, TaskKey, TaskStarts, WhatIf, WhatIfChange } from '@loyal-mane/core';

/** The published plan and the kennel that it was made for; asked about until another is opened. */
export interface OpenPlan {
  readonly kind: 'open';
  readonly kennel: KennelFile;
  readonly plan: Plan;
  readonly nowMs: number;
}

export interface AskWindows {
  readonly kind: 'windows';
  readonly key: TaskKey;
}

export interface AskWhatIf {
  readonly kind: 'whatIf';
  readonly changes: readonly WhatIfChange[];
}

export type DeskQuestion = OpenPlan | AskWindows | AskWhatIf;

/** Windows with the milliseconds they took, measured in the worker. */
export interface TimedStarts {
  readonly starts: TaskStarts | null;
  readonly tookMs: number;
}

/** A comparison without the plan itself, which stays in the worker. */
export type WhatIfAnswer = Omit<WhatIf, 'plan'>;

export type DeskAnswer = TimedStarts | WhatIfAnswer | null;

export interface Numbered<T> {
  readonly number: number;
  readonly body: T;
}

/** An answer, or what went wrong. */
export type DeskReply = Numbered<DeskAnswer> | { readonly number: number; readonly trouble: string };
