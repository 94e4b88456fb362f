/*
 * Order of work on one dog: what is still open of the work that a step rests on. Nothing is forbidden by it; somebody is asked.
 */
import type { StepId } from '../kennel/vocabulary.js';
import { BATHS, BLADES, BRUSH_OUTS } from '../programs/stepGroups.js';
import type { Instant } from '../time/localDay.js';
import { instantToMs } from '../time/zone.js';

/** Why a step rests on another. */
export const ORDER_WHYS = ['matsSet', 'unwashed', 'unconditioned', 'unblown', 'stillWet', 'untested', 'uncut'] as const;
/** One of `ORDER_WHYS`. */
export type OrderWhy = (typeof ORDER_WHYS)[number];

/** A task as the order is read from it. */
export interface OrderedTask {
  readonly key: string;
  readonly dogId: string;
  readonly step: StepId;
  readonly start: Instant;
}

/** Work that is open, and what its being open does. */
export interface OpenBefore<T extends OrderedTask> {
  readonly task: T;
  readonly why: OrderWhy;
}

/** Steps that rest on others, the first reason that holds is told (common practice). */
const ORDER: readonly {
  readonly why: OrderWhy;
  readonly open: readonly StepId[];
  readonly before: readonly StepId[];
}[] = [
  { why: 'matsSet', open: [...BRUSH_OUTS, 'knots'], before: [...BATHS, 'towelSoak'] },
  { why: 'unwashed', open: [...BATHS], before: ['condition', 'towel', 'forceDry', 'heatDry'] },
  { why: 'unconditioned', open: ['condition'], before: ['towel', 'forceDry', 'heatDry'] },
  { why: 'unblown', open: ['forceDry'], before: ['heatDry'] },
  { why: 'stillWet', open: ['forceDry', 'heatDry'], before: ['dryCheck', 'undercoat', 'clip', ...BLADES] },
  { why: 'untested', open: ['dryCheck'], before: ['undercoat', 'clip', ...BLADES] },
  { why: 'uncut', open: ['roughTrim'], before: ['fineTrim'] },
  { why: 'uncut', open: [...BLADES], before: ['outlineCheck'] },
];

/** A task that was planned longer before is no part of the same work. */
const SAME_WORK_MS = 24 * 3_600_000;

/**
 * The first open task that a task rests on, of the same dog within a day before it; null where all is done. `isOver`: done or skipped.
 */
export function openBefore<T extends OrderedTask>(
  task: T,
  tasks: readonly T[],
  isOver: (task: T) => boolean,
): OpenBefore<T> | null {
  const startMs = instantToMs(task.start);
  const open = tasks
    .filter((t) => t.dogId === task.dogId && t.key !== task.key && !isOver(t))
    .filter((t) => instantToMs(t.start) < startMs && startMs - instantToMs(t.start) < SAME_WORK_MS)
    .sort((x, y) => x.start.localeCompare(y.start));
  for (const rule of ORDER) {
    if (!rule.before.includes(task.step)) continue;
    const found = open.find((t) => rule.open.includes(t.step));
    if (found !== undefined) return { task: found, why: rule.why };
  }
  return null;
}
