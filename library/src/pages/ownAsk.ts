/*
 * Questions of a page: whose it is, by what the work is done, on which day.
 */
import type { CareLibrary, Chosen, KennelDog, PageDay, StepId } from '@loyal-mane/core';

/** The dog, what it is done by, and when. */
export interface OwnAsk {
  readonly step: StepId;
  readonly dog: KennelDog;
  readonly library: CareLibrary;
  readonly chosen: readonly Chosen[];
  readonly at: PageDay;
}
