/*
 * Who may do a trim that cannot be undone: experienced people, and those who practiced it in time. And whose kit holds
 * what the work needs.
 */
import type { KennelDog } from '../kennel/dogRecord.js';
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
/** Days by which a practice may be nearer to the show or further from it. */
export const DEFAULT_PRACTICE_SLACK_DAYS = 10;

/** A tool that a step needs: a kind of tool, with a blade where the number decides. */
export interface ToolNeed {
  readonly tool: ToolKind;
  /** Number of the clipper blade, as it is stamped on it. */
  readonly blade?: number;
  /** The number that a heavy coat takes instead. */
  readonly heavyBlade?: number;
  /** Length of the blade, inches: at least, at most. */
  readonly lengthIn?: readonly [number, number];
  /** Teeth of thinners: at least, at most. */
  readonly teeth?: readonly [number, number];
}

/** The tool for a dog's coat: a heavy one may take another blade. */
export function needsOfCoat(needs: readonly ToolNeed[], density: KennelDog['density']): readonly ToolNeed[] {
  return density !== 'heavy'
    ? needs
    : needs.map((n) => (n.heavyBlade === undefined ? n : { ...n, blade: n.heavyBlade }));
}

/** Whether a kit holds something. A tool whose blades, length or teeth nobody wrote down counts as fitting. */
function holdsTool(kit: NonNullable<KennelPerson['kit']>, need: ToolNeed): boolean {
  return kit.some(
    (t) =>
      t.tool === need.tool &&
      (need.blade === undefined || t.blade === undefined || bladesOf(t.blade).has(need.blade)) &&
      fits(t.lengthIn, need.lengthIn) &&
      fits(t.teeth, need.teeth),
  );
}

function fits(size: number | undefined, wanted: readonly [number, number] | undefined): boolean {
  return size === undefined || wanted === undefined || (size >= wanted[0] && size <= wanted[1]);
}

/** Blade numbers in a text: "#10, 30 and 40f" names 10, 30 and 40. */
function bladesOf(text: string): ReadonlySet<number> {
  return new Set([...text.matchAll(/\d+/g)].map((m) => Number(m[0])));
}

/** Why somebody may not do a step. */
export type TrimBar =
  { readonly code: 'notPracticed' } | { readonly code: 'noTool'; readonly tools: readonly ToolKind[] };

/** Whether a step is one that only time brings back. */
export function isIrreversible(step: StepId): boolean {
  return (IRREVERSIBLE_TRIMS as readonly StepId[]).includes(step);
}

/** The reason why a person may not do a step for a show on a day, or null. `needs`: tools for this coat. */
export function barOf(
  person: Pick<KennelPerson, 'learning' | 'kit'>,
  step: StepId,
  showDay: LocalDay | null,
  needs: readonly ToolNeed[],
): TrimBar | null {
  const { kit } = person;
  const missing = kit === undefined ? [] : needs.filter((n) => !holdsTool(kit, n));
  if (missing.length > 0) return { code: 'noTool', tools: missing.map((n) => n.tool) };
  if (showDay === null || !isIrreversible(step)) return null;
  const learning = person.learning?.find((l) => l.trim === step);
  if (learning === undefined) return null;
  const enough = DEFAULT_PRACTICE_DAYS - DEFAULT_PRACTICE_SLACK_DAYS;
  const early = learning.practiced.some((p) => p.outcome !== 'poor' && daysBetween(p.day, showDay) >= enough);
  return early ? null : { code: 'notPracticed' };
}
