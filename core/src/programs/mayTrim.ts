/*
 * Who may do a trim that cannot be undone: experienced people, and those who practiced it in time. And whose kit holds
 * what the work needs.
 */
import type { KennelPerson } from '../kennel/personRecord.js';
import { IRREVERSIBLE_TRIMS } from '../kennel/vocabulary.js';
import type { StepId, ToolKind } from '../kennel/vocabulary.js';
import type { LocalDay } from '../time/localDay.js';
import { daysBetween } from '../time/localDay.js';

/**
 * Days before the show by which a first practice must lie (common practice: about 60; this much early or late is still
 * "about", an engineering default).
 */
export const DEFAULT_PRACTICE_DAYS = 60;
export const DEFAULT_PRACTICE_SLACK_DAYS = 10;

/** Why somebody may not do a step. */
export type TrimBar =
  { readonly code: 'notPracticed' } | { readonly code: 'noTool'; readonly tools: readonly ToolKind[] };

/** Whether a step is one that only time brings back. */
export function isIrreversible(step: StepId): boolean {
  return (IRREVERSIBLE_TRIMS as readonly StepId[]).includes(step);
}

/** What keeps a person from a step for a show on a day, or null. `tools` is what the work needs on this coat. */
export function barOf(
  person: Pick<KennelPerson, 'learning' | 'kit'>,
  step: StepId,
  showDay: LocalDay | null,
  tools: readonly ToolKind[],
): TrimBar | null {
  const missing = person.kit === undefined ? [] : tools.filter((t) => person.kit?.some((k) => k.tool === t) !== true);
  if (missing.length > 0) return { code: 'noTool', tools: missing };
  if (showDay === null || !isIrreversible(step)) return null;
  const learning = person.learning?.find((l) => l.trim === step);
  if (learning === undefined) return null;
  const enough = DEFAULT_PRACTICE_DAYS - DEFAULT_PRACTICE_SLACK_DAYS;
  const early = learning.practiced.some((p) => p.outcome !== 'poor' && daysBetween(p.day, showDay) >= enough);
  return early ? null : { code: 'notPracticed' };
}
