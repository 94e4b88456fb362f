/*
 * The day on which each zone of a coat was brushed last. A whole brushing counts everywhere, one that was broken off where
 * somebody ticked its parts.
 */
import type { ZoneId } from '../coat/zones.js';
import type { WorkRecord } from '../kennel/kennelFile.js';
import type { StepId } from '../kennel/vocabulary.js';
import { BRUSHED_THROUGH } from '../programs/stepGroups.js';
import type { LocalDay } from '../time/localDay.js';
import { partTick } from '../work/ticks.js';

/** Part of a dog that is ticked as a whole, or side by side. */
export interface ZonePart {
  readonly id: string;
  readonly zones: readonly ZoneId[];
  readonly isPaired: boolean;
}

/** Work on a dog as far as it brushed. */
export interface BrushedWork {
  readonly step: StepId;
  readonly state: WorkRecord['state'];
  readonly day: LocalDay;
  /** Ticks of lines and parts. */
  readonly ticks: ReadonlySet<string>;
}

/** Steps that brush or comb a zone to the skin; air alone does not. */
const BRUSHES: ReadonlySet<StepId> = new Set(
  [...BRUSHED_THROUGH, 'keepUpBrush' as const].filter((step) => step !== 'blowOut'),
);

/** Coats that go flank by flank are brushed through when the second is done. */
const FIRST_FLANK: StepId = 'brushOut1';

/**
 * Last day by zone; a zone that nobody is known to have brushed is not in it. `isFlanked`: the coat's brush-out has a step for
 * each flank.
 */
export function lastBrushedByZone(
  lastBrush: LocalDay | undefined,
  work: readonly BrushedWork[],
  parts: readonly ZonePart[],
  isFlanked: boolean,
): ReadonlyMap<ZoneId, LocalDay> {
  const last = new Map<ZoneId, LocalDay>();
  const note = (zones: readonly ZoneId[], day: LocalDay): void => {
    for (const z of zones) if (day > (last.get(z) ?? '')) last.set(z, day);
  };
  for (const part of parts) {
    if (lastBrush !== undefined) note(part.zones, lastBrush);
    for (const w of work) {
      const isWhole = BRUSHES.has(w.step) && !(isFlanked && w.step === FIRST_FLANK);
      if (isWhole && isBrushed(part, w, parts)) note(part.zones, w.day);
    }
  }
  return last;
}

/** Whether a task went over a part: where parts were ticked, those alone; else all of them once it is finished. */
function isBrushed(part: ZonePart, { state, ticks }: BrushedWork, parts: readonly ZonePart[]): boolean {
  const isTicked = (p: ZonePart): boolean =>
    ticks.has(partTick(p.id)) || (ticks.has(partTick(p.id, 'left')) && ticks.has(partTick(p.id, 'right')));
  if (parts.some(isTicked)) return isTicked(part);
  return state === 'done';
}
