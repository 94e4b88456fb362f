/*
 * A dog's body held against its breed's, with the tolerance of a tape: what the coat should hide or show, and the correction that does it
 * by how much. Hair only helps so far: movement and hands on the dog tell the rest.
 */
import type { BodyRow } from './bodyRow.js';
import type { CorrectionId } from './corrections.js';

/** Faults of a body, as far as its measures tell. */
export const BODY_FAULTS = [
  'longBack',
  'lowOnLeg',
  'straightRear',
  'dip',
  'shortNeck',
  'lowCroup',
  'thinThigh',
  'sinkingHock',
  'narrowHead',
] as const;
/** One of `BODY_FAULTS`. */
export type BodyFault = (typeof BODY_FAULTS)[number];

/** A fault with its size and what flatters it. */
export interface FoundFault {
  readonly fault: BodyFault;
  /** Off the breed's own, mm. */
  readonly offMm: number;
  readonly correction: CorrectionId;
  /** How far to take the correction, 0 to 1. */
  readonly amount: number;
}

interface Rule {
  readonly off: (dog: BodyRow, breed: BodyRow) => number;
  /** Less than this is a tape's own error, heights (engineering default). */
  readonly tolerance: number;
  /** At this much the correction is taken as far as it goes, heights (engineering default). */
  readonly full: number;
  readonly correction: CorrectionId;
}

const RULES: Readonly<Record<BodyFault, Rule>> = {
  longBack: { off: (d, b) => d.length - b.length, tolerance: 0.015, full: 0.06, correction: 'shortBack' },
  lowOnLeg: { off: (d, b) => d.depth - b.depth, tolerance: 0.012, full: 0.05, correction: 'moreLeg' },
  straightRear: { off: (d, b) => b.rearAngle - d.rearAngle, tolerance: 0.008, full: 0.03, correction: 'moreRear' },
  dip: { off: (d, b) => d.dip - b.dip, tolerance: 0.006, full: 0.025, correction: 'hideDip' },
  shortNeck: { off: (d, b) => b.neckLength - d.neckLength, tolerance: 0.015, full: 0.06, correction: 'moreNeck' },
  thinThigh: { off: (d, b) => b.thighWidth - d.thighWidth, tolerance: 0.012, full: 0.05, correction: 'fullerThigh' },
  sinkingHock: { off: (d, b) => b.hockHeight - d.hockHeight, tolerance: 0.01, full: 0.04, correction: 'fullPastern' },
  narrowHead: { off: (d, b) => b.skullWidth - d.skullWidth, tolerance: 0.008, full: 0.03, correction: 'clearHead' },
  lowCroup: { off: (d, b) => b.croup - d.croup, tolerance: 0.01, full: 0.03, correction: 'levelTop' },
};

/**
 * Faults of a body against its breed's, the largest share of its full correction first. `flattery`, 0 to 1, says how much the judge of
 * the day lets the coat flatter.
 */
export function bodyFaults(dog: BodyRow, breed: BodyRow, heightMm: number, flattery = 1): FoundFault[] {
  return BODY_FAULTS.flatMap((fault): FoundFault[] => {
    const { off, tolerance, full, correction } = RULES[fault];
    const by = off(dog, breed);
    if (by <= tolerance) return [];
    return [{ fault, offMm: by * heightMm, correction, amount: Math.min(1, by / full) * flattery }];
  }).sort((x, y) => y.amount - x.amount);
}
