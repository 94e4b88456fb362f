/*
 * People rest: whoever would work longer than is fair without a pause is given one, where it disturbs least. A pause is only
 * laid where somebody really works through, so that it costs no time where the day leaves time by itself.
 */
import type { Schedule } from '@loyal-mane/engine';
import type { WorkLimits } from '../../kennel/limits.js';
import { SLOT_MIN, slotsOf } from '../../time/slotGrid.js';
import type { Rest } from '../assemble/planInput.js';
import type { Problem } from '../problem.js';

interface Stretch {
  readonly from: number;
  readonly to: number;
}

type Limits = Pick<WorkLimits, 'personWorkMin' | 'personRestMin' | 'nightRestHours'>;

/** Pauses that a schedule lacks: one for each stretch of work that is too long, and one for each night that is too short. */
export function restsLacking(problem: Problem, schedule: Schedule, limits: Limits): Rest[] {
  const after = Math.floor(limits.personWorkMin / SLOT_MIN);
  const min = slotsOf(limits.personRestMin);
  const night = Math.ceil((limits.nightRestHours * 60) / SLOT_MIN);
  const work = problem.workers.map((): Stretch[] => []);
  for (const a of problem.activities) {
    const place = schedule[a.index] ?? null;
    if (place === null) continue;
    for (const who of [place.worker, place.second])
      if (who >= 0 && place.start >= problem.now) work[who]?.push({ from: place.start, to: place.start + a.attended });
  }
  return work.flatMap((list, person) => [
    ...tooLong(list, after, min).flatMap((s) => restIn(problem, schedule, person, s, after, min)),
    ...shortNights(problem, list, night).map((n) => ({ person, ...n })),
  ]);
}

/** The rest that lengthens each night which is too short: where the evening's or the morning's last minutes are fewer. */
function shortNights(problem: Problem, list: readonly Stretch[], night: number): Stretch[] {
  return problem.dayStarts.slice(1, -1).flatMap((midnight, d): Stretch[] => {
    const before = problem.dayStarts[d] ?? 0;
    const after = problem.dayStarts[d + 2] ?? problem.horizon;
    const evening = Math.max(...list.filter((s) => s.from >= before && s.from < midnight).map((s) => s.to));
    const morning = Math.min(...list.filter((s) => s.from >= midnight && s.from < after).map((s) => s.from));
    if (!Number.isFinite(evening) || !Number.isFinite(morning) || morning - evening >= night) return [];
    const worked = (from: number, to: number): number =>
      list.reduce((sum, s) => sum + Math.max(0, Math.min(to, s.to) - Math.max(from, s.from)), 0);
    const late = { from: morning - night, to: evening };
    const early = { from: morning, to: evening + night };
    return [worked(late.from, late.to) <= worked(early.from, early.to) ? late : early];
  });
}

/** Stretches of work without a pause that are longer than is fair. */
function tooLong(list: readonly Stretch[], after: number, min: number): Stretch[] {
  const found: Stretch[] = [];
  let now: Stretch | null = null;
  for (const s of [...list].sort((x, y) => x.from - y.from)) {
    if (now !== null && s.from - now.to < min) now = { from: now.from, to: Math.max(now.to, s.to) };
    else {
      if (now !== null && now.to - now.from > after) found.push(now);
      now = s;
    }
  }
  if (now !== null && now.to - now.from > after) found.push(now);
  return found;
}

/** The pause between two tasks that lies nearest the middle of a stretch, before a ring never. */
function restIn(
  problem: Problem,
  schedule: Schedule,
  person: number,
  stretch: Stretch,
  after: number,
  min: number,
): Rest[] {
  const bound = problem.activities.filter((a) => a.step === 'gate' || a.step === 'ring');
  const isHeld = (t: number): boolean =>
    bound.some((a) => {
      const place = schedule[a.index] ?? null;
      return place?.worker === person && t < place.start + a.attended && t + min > place.start;
    });
  const latest = Math.min(stretch.from + after, stretch.to);
  const middle = Math.min(latest, Math.floor((stretch.from + stretch.to - min) / 2));
  for (let off = 0; off < after; off++)
    for (const t of [middle - off, middle + off])
      if (t > stretch.from && t <= latest && !isHeld(t)) return [{ person, from: t, to: t + min }];
  return [];
}
