/*
 * Continuity: work of one chain that one worker, or one machine, should keep from its first step to its last. Given who
 * keeps it, each member done by another costs the same, wherever it is: the cost is then a sum over single steps.
 */
import type { Activity, Assignment, Chain, Continuity, Model } from './model.js';
import { max } from './numbers.js';

/** By continuity of a chain: who keeps it; -1 where nobody is chosen yet. */
export type Keepers = readonly number[];

/** The worker or machine of a place that a continuity looks at; -1 = none. */
export function keptBy(of: Continuity['of'], place: Assignment | null): number {
  if (place === null) return -1;
  return of === 'worker' ? place.worker : place.machine;
}

/** Members that others than the keeper have; places are the chain's, in its order. */
export function awayFrom(c: Continuity, places: readonly (Assignment | null)[], keeper: number): number {
  let away = 0;
  for (const k of c.members) {
    const who = keptBy(c.of, places[k] ?? null);
    if (who >= 0 && who !== keeper) away++;
  }
  return away;
}

/** Whichever has most members, the one of the earliest member among equals; -1 where none has any. */
export function keeperOf(c: Continuity, places: readonly (Assignment | null)[]): number {
  let best = -1;
  let most = 0;
  for (const k of c.members) {
    const who = keptBy(c.of, places[k] ?? null);
    if (who < 0 || who === best) continue;
    let has = 0;
    for (const m of c.members) if (keptBy(c.of, places[m] ?? null) === who) has++;
    if (has > most) {
      most = has;
      best = who;
    }
  }
  return best;
}

/** Cost of all continuities of a chain at these places. */
export function continuityCost(chain: Chain, places: readonly (Assignment | null)[]): number {
  let cost = 0;
  for (const c of chain.continuities) cost += c.cost * awayFrom(c, places, keeperOf(c, places));
  return cost;
}

/** Those who could keep a continuity: all who can serve two of its members or more; where nobody can, all who can serve one. */
export function keeperCandidates(model: Model, chain: Chain, c: Continuity): number[] {
  const serves = new Map<number, number>();
  for (const k of c.members) {
    const a = model.activities[chain.acts[k] as number] as Activity;
    const fixed = keptBy(c.of, a.fixed);
    const able = fixed >= 0 ? [fixed] : ((c.of === 'worker' ? a.workers : a.machines) ?? []);
    for (const who of able) serves.set(who, (serves.get(who) ?? 0) + 1);
  }
  const most = max(0, ...serves.values());
  return [...serves].filter(([, n]) => n > 1 || most < 2).map(([who]) => who);
}
