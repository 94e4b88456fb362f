/*
 * Windows of one chain drawn tight: a step cannot start before the one before it could have ended, nor end after the
 * next one's latest start. Implied by order and lags, so nothing is lost; it keeps the search small and makes "latest"
 * mean something.
 */
import type { Task } from '../problem.js';

/** Lags over middle steps that are at most this long are shared out over the gaps between, in slots (10 h). */
const SHORT_LAG = 120;

/**
 * Shares a short lag over middle steps (pre-treat to bath, the second flank between) out over the gaps, so that keeping
 * each gap keeps the lag. Slightly stricter than the lag alone, and the chain can then be placed gap by gap.
 */
export function shareLags(list: readonly Task[]): Task[] {
  const shared = [...list];
  const first = list[0]?.index ?? 0;
  for (const a of list) {
    for (const since of a.since) {
      const from = since.activity - first;
      const to = a.index - first;
      if (since.max < 0 || since.max > SHORT_LAG || to - from < 1) continue;
      const middles = list.slice(from + 1, to);
      if (middles.some((m) => m.fixed !== null)) continue;
      const work = middles.reduce((sum, m) => sum + m.duration, 0);
      const gap = Math.max(0, Math.floor((since.max - work) / (to - from)));
      for (let i = from + 1; i <= to; i++) {
        const x = shared[i];
        if (x !== undefined) shared[i] = x.with({ lagMax: x.lagMax < 0 ? gap : Math.min(x.lagMax, gap) });
      }
      const last = shared[to];
      if (last === undefined) continue;
      const lagMin = Math.max(last.lagMin, since.min - work);
      shared[to] = last.with({ lagMin, lagMax: Math.max(lagMin, last.lagMax) });
    }
  }
  return shared;
}

/**
 * The activities of one chain, in order, with est, let and aim tightened through order and lags, between the slots `now`
 * and `horizon`.
 */
export function tightenWindows(list: readonly Task[], now: number, horizon: number): Task[] {
  const est = list.map((a) => (a.fixed === null ? Math.max(now, a.earliestStart) : a.earliestStart));
  const end = list.map((a) => a.latestEnd);
  for (let pass = 0; pass < 2; pass++) {
    list.forEach((a, i) => {
      const prev = list[i - 1];
      if (prev === undefined || a.fixed !== null) return;
      est[i] = Math.max(at(est, i), at(est, i - 1) + prev.duration + a.lagMin);
      if (a.lagMax >= 0) end[i] = Math.min(at(end, i), at(end, i - 1) + a.lagMax + a.duration);
    });
    for (let i = list.length - 2; i >= 0; i--) {
      const a = list[i];
      const next = list[i + 1];
      if (a === undefined || next === undefined || a.fixed !== null) continue;
      end[i] = Math.min(at(end, i), at(end, i + 1) - next.duration - next.lagMin);
      if (next.lagMax >= 0) est[i] = Math.max(at(est, i), at(est, i + 1) - next.lagMax - a.duration);
    }
  }
  return list.map((a, i) => {
    if (a.fixed !== null) return a;
    const from = at(est, i);
    const to = Math.min(horizon, at(end, i));
    // "As late as can be" hangs on the tightened end.
    const latestStart = to - a.duration;
    const aim =
      a.idealStart >= a.latestEnd - a.duration ? latestStart : Math.max(from, Math.min(latestStart, a.idealStart));
    return a.with({ earliestStart: from, latestEnd: to, idealStart: aim });
  });
}

function at(values: readonly number[], i: number): number {
  return values[i] ?? 0;
}
