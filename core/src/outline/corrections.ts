/*
 * Corrections that a lead handler asks for by name. Each changes the target only: hair by zone and measures of its body, bounded, and
 * linear, so that their order does not matter.
 */
import type { ZoneId } from '../coat/zones.js';
import type { BodyRow } from './bodyRow.js';

/** Corrections of an outline that a lead asks for by name. */
export const CORRECTION_IDS = [
  'moreNeck',
  'shortBack',
  'moreLeg',
  'moreRear',
  'levelTop',
  'hideDip',
  'clearHead',
  'fullerThigh',
  'fullPastern',
] as const;
/** One of `CORRECTION_IDS`. */
export type CorrectionId = (typeof CORRECTION_IDS)[number];

/** How far a correction is taken, 0 (not at all) to 1 (as far as it goes). */
export type CorrectionAmounts = Readonly<Partial<Record<CorrectionId, number>>>;

interface Correction {
  /** Change of the hair's depth by zone at full amount, a share of it. */
  readonly hair?: Readonly<Partial<Record<ZoneId, number>>>;
  /** Change of measures of the target at full amount, in heights or degrees. */
  readonly body?: Readonly<Partial<Record<'forechest' | 'length' | 'croup' | 'tuckUp' | 'rearAngle', number>>>;
}

/** Changes of each (engineering defaults after common practice). */
const CORRECTIONS: Readonly<Record<CorrectionId, Correction>> = {
  moreNeck: { hair: { throat: -0.35, crest: -0.15, forechest: -0.1 } },
  shortBack: { hair: { breeches: -0.35, forechest: -0.25 } },
  moreLeg: { hair: { underline: -0.4 }, body: { tuckUp: 0.01 } },
  moreRear: { body: { rearAngle: 0.025 }, hair: { hock: 0.15, stifle: 0.15 } },
  levelTop: { body: { croup: 0.012 }, hair: { loin: 0.1, croup: 0.15 } },
  hideDip: { hair: { back: 0.3, loin: 0.1 } },
  clearHead: { hair: { skull: -0.15, beard: -0.2, brow: -0.1, cheek: -0.4 } },
  fullerThigh: { hair: { breeches: 0.25, stifle: 0.25, outerThigh: 0.25 } },
  fullPastern: { hair: { pastern: 0.3, hock: 0.2, foreFeather: 0.1 } },
};

/** Hair is never asked for less or more than this share of the breed's. */
const LEAST_FACTOR = 0.2;
const MOST_FACTOR = 1.8;

function amountsOf(amounts: CorrectionAmounts): [Correction, number][] {
  return CORRECTION_IDS.map((id) => [CORRECTIONS[id], Math.min(1, Math.max(0, amounts[id] ?? 0))]);
}

/** The target's body with the corrections' measures. */
export function correctedBody(body: BodyRow, amounts: CorrectionAmounts): BodyRow {
  const changed = { ...body };
  for (const [{ body: change = {} }, v] of amountsOf(amounts))
    for (const [key, by] of Object.entries(change) as [keyof typeof change, number][]) changed[key] += by * v;
  return changed;
}

/** Factor on the breed's hair in a zone. */
export function hairFactor(zone: ZoneId, amounts: CorrectionAmounts): number {
  const factor = amountsOf(amounts).reduce((sum, [{ hair = {} }, v]) => sum + (hair[zone] ?? 0) * v, 1);
  return Math.min(MOST_FACTOR, Math.max(LEAST_FACTOR, factor));
}
