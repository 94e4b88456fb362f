/*
 * People rest: whoever would work longer than is fair without a pause is given one, where it disturbs least. A pause is only
 * laid where somebody really works through, so that it costs no time where the day leaves time by itself.
 */
import type { Schedule } from '@loyal-mane/engine';
import { SLOT_MIN, slotsOf } from '../../time/slotGrid.js';
import type { Rest } from '../assemble/planInput.js';
import type { Problem } from '../problem.js';

/** Most minutes of work without a pause, and the shortest pause (a setting of the kennel; local law comes first). */
export const DEFAULT_REST = { afterMin: 270, min: 15 } as const;

interface Stretch {
  readonly from: number;
  readonly to: number;
}

/** Pauses that a schedule lacks, one for each stretch of work that is too long. */
export function restsLacking(problem: Problem, schedule: Schedule): Rest[] {
  const after = Math.floor(DEFAULT_REST.afterMin / SLOT_MIN);
  const min = slotsOf(DEFAULT_REST.min);
  const work = problem.workers.map((): Stretch[] => []);
  for (const a of problem.activities) {
    const place = schedule[a.index] ?? null;
    if (place === null) continue;
    for (const who of [place.worker, place.second])
      if (who >= 0 && place.start >= problem.now) work[who]?.push({ from: place.start, to: place.start + a.attended });
  }
  return work.flatMap((list, person) =>
    tooLong(list, after, min).flatMap((s) => restIn(problem, schedule, person, s, after, min)),
  );
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
