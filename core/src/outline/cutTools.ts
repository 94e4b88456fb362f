/*
 * Tools that leave a wanted length: blades and snap-on combs by their nominal lengths, shears over a comb that is tilted. Nominal
 * lengths are left with the growth, from memory; each clipper and hand is calibrated.
 */

/** A blade, or a comb that snaps onto one. */
export interface Blade {
  readonly name: string;
  /** Millimeters that it leaves with the growth. */
  readonly mm: number;
}

/** Against the growth a blade leaves roughly half (common practice). */
const AGAINST = 0.5;

/** A tool and how it is used. */
export type CutWith =
  | { readonly what: 'blade'; readonly blade: Blade; readonly against: boolean; readonly leavesMm: number }
  /** Shears over a comb, its teeth so many degrees off the skin; `toDegrees` at the longer end of a zone that tapers. */
  | { readonly what: 'comb'; readonly toothMm: number; readonly tiltDegrees: number; readonly toDegrees: number }
  /** Longer than any comb: by eye and hand. */
  | { readonly what: 'shears' };

/** How far a blade may miss the wanted length, mm: less is not seen. */
const CLOSE_MM = 0.75;

/** Degrees at which a comb with teeth of a length stands for hair of a length; null where the teeth are too short. */
export function combTilt(mm: number, toothMm: number): number | null {
  if (mm > toothMm || mm < 0) return null;
  return (Math.asin(mm / toothMm) * 180) / Math.PI;
}

/**
 * The tool for a length: a blade that leaves it with or against the growth, never shorter than is wanted by more than half a
 * millimeter; else a comb; else the eye. `isScissored`: a zone that no blade touches.
 */
export function cutWith(mm: number, blades: readonly Blade[], toothMm: number | null, isScissored: boolean): CutWith {
  if (!isScissored) {
    const ways = blades.flatMap((blade) => [
      { what: 'blade' as const, blade, against: false, leavesMm: blade.mm },
      { what: 'blade' as const, blade, against: true, leavesMm: blade.mm * AGAINST },
    ]);
    const near = ways
      .filter((w) => Math.abs(w.leavesMm - mm) <= CLOSE_MM && w.leavesMm >= mm - CLOSE_MM / 2)
      .sort(
        (x, y) => Number(x.against) - Number(y.against) || Math.abs(x.leavesMm - mm) - Math.abs(y.leavesMm - mm),
      )[0];
    if (near !== undefined) return near;
  }
  const tilt = toothMm === null ? null : combTilt(mm, toothMm);
  if (tilt === null || toothMm === null) return { what: 'shears' };
  const degrees = Math.round(tilt);
  return { what: 'comb', toothMm, tiltDegrees: degrees, toDegrees: degrees };
}

/**
 * The tool for a zone that tapers from the one length to the other: a blade leaves one length, so it serves only where both ends ask
 * for it; a comb is tilted further toward the longer end.
 */
export function cutAcross(
  [leastMm, mostMm]: readonly [number, number],
  blades: readonly Blade[],
  toothMm: number | null,
  isScissored: boolean,
): CutWith {
  const isBlade = (tool: CutWith, other: CutWith): boolean =>
    tool.what === 'blade' && other.what === 'blade' && tool.blade === other.blade && tool.against === other.against;
  const [least, most] = [cutWith(leastMm, blades, toothMm, isScissored), cutWith(mostMm, blades, toothMm, isScissored)];
  if (isBlade(least, most)) return least;
  const [low, high] = [cutWith(leastMm, [], toothMm, true), cutWith(mostMm, [], toothMm, true)];
  return low.what === 'comb' && high.what === 'comb' ? { ...low, toDegrees: high.tiltDegrees } : { what: 'shears' };
}
