/*
 * Where to brush when there is only part of the time: the parts in which a minute takes the most chance of a knot away.
 */
import type { ZoneId } from '../coat/zones.js';
import type { ZonePart } from './zoneDays.js';
import type { ZoneRisk } from './knotForecast.js';

/** Parts for the time there is, and the share of all expected knots that lie in them, 0 to 1. */
export interface ShortBrush<P extends ZonePart> {
  readonly parts: readonly P[];
  readonly share: number;
}

/** Parts that fit in a share of the whole brushing's time (0 to 1), chosen by expected knots a minute, told in their own order. */
export function shortBrush<P extends ZonePart>(
  parts: readonly P[],
  risks: readonly ZoneRisk[],
  hairShares: ReadonlyMap<ZoneId, number>,
  timeShare: number,
): ShortBrush<P> {
  const byZone = new Map(risks.map((r) => [r.zone, r.risk]));
  const weighed = parts.map((part) => ({
    part,
    knots: part.zones.reduce((sum, z) => sum + (byZone.get(z) ?? 0), 0),
    time: part.zones.reduce((sum, z) => sum + (hairShares.get(z) ?? 0), 0),
  }));
  const all = weighed.reduce((sum, w) => sum + w.knots, 0);
  const whole = weighed.reduce((sum, w) => sum + w.time, 0);
  const chosen = new Set<P>();
  let left = timeShare * whole;
  let knots = 0;
  for (const w of [...weighed].sort((x, y) => y.knots / (y.time + 1e-9) - x.knots / (x.time + 1e-9))) {
    if (w.time > left + 1e-9) continue;
    chosen.add(w.part);
    left -= w.time;
    knots += w.knots;
  }
  return { parts: parts.filter((p) => chosen.has(p)), share: all === 0 ? 0 : knots / all };
}
