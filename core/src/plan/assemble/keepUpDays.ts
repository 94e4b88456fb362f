/*
 * When keep-up work falls due: by its interval since it was last done, shorter in coat change, resting while a show covers
 * the dog.
 */
import type { KennelDog } from '../../kennel/dogRecord.js';
import type { WorkRecord } from '../../kennel/kennelFile.js';
import type { KeepUpRule } from '../../programs/careProgram.js';
import { isDropping } from '../../programs/dogStates.js';
import { addDays } from '../../time/localDay.js';
import type { LocalDay } from '../../time/localDay.js';
import { instantToMs, localDayOf } from '../../time/zone.js';
import type { PlanInput } from './planInput.js';

/** The planning input, and its work by task key. */
export interface KeepUpContext {
  readonly input: PlanInput;
  readonly work: ReadonlyMap<string, WorkRecord>;
}

/** Which steps of finished work count as the rule's own: a brush-out resets the brushing interval. */
const COUNTS_AS: Readonly<Record<KeepUpRule['since'], readonly string[]>> = {
  lastBrush: ['keepUpBrush', 'brushOut1', 'lineBrush'],
  lastBath: ['bath', 'bathWhites', 'trimBath'],
  lastTrim: ['shapeTrim', 'roughTrim', 'fineTrim', 'naturalTrim', 'strip'],
  none: [],
};

/**
 * Days on which a rule falls due from today on: rounds that were begun, then by its interval from the last time, never
 * while it rests; and those days of waiting at a show on which it is wanted.
 */
export function keepUpDays(
  at: KeepUpContext,
  dog: KennelDog,
  rule: KeepUpRule,
  show: { readonly rests: (day: LocalDay) => boolean; readonly waiting: readonly LocalDay[] },
): LocalDay[] {
  const { input } = at;
  const today = input.grid.firstDay;
  const begun = begunRounds(at, dog, rule);
  const every = isDropping(dog, today) ? rule.everyDaysInChange : rule.everyDays;
  const last = lastDone(at, dog, rule);
  const days: LocalDay[] = begun.filter((d) => d.open).map((d) => d.day);
  let due = last === null ? today : addDays(last, every);
  if (due < today) due = today;
  const end = addDays(today, input.kennel.settings.keepUpDaysAhead);
  for (; due < end; due = addDays(due, every)) {
    if (!begun.some((b) => b.day === due) && !show.rests(due)) days.push(due);
    if (rule.once === true && (days.length > 0 || due > today)) break;
  }
  const wanted = show.waiting.filter(
    (d) => d >= today && d < end && !days.includes(d) && !begun.some((b) => b.day === d),
  );
  return [...days, ...wanted].sort();
}

/** Rounds of a rule that somebody has begun: open while a step of them is not over and their days are not. */
function begunRounds(at: KeepUpContext, dog: KennelDog, rule: KeepUpRule): { day: LocalDay; open: boolean }[] {
  const prefix = `k:${dog.id}:${rule.id}:`;
  const byDay = new Map<LocalDay, Set<string>>();
  for (const [key, w] of at.work) {
    if (!key.startsWith(prefix)) continue;
    const day = key.slice(prefix.length, prefix.length + 10) as LocalDay;
    const over = byDay.get(day) ?? new Set();
    if (w.state === 'done' || w.state === 'skipped') over.add(w.step);
    byDay.set(day, over);
  }
  const spread = (rule.spreadDays ?? 1) - 1;
  return [...byDay].map(([day, over]) => ({
    day,
    open: over.size < rule.steps.length && addDays(day, spread) >= at.input.grid.firstDay,
  }));
}

function lastDone(at: KeepUpContext, dog: KennelDog, rule: KeepUpRule): LocalDay | null {
  const zone = at.input.kennel.settings.timeZone;
  const counts = rule.since === 'none' ? rule.steps.map((s) => s.step as string) : COUNTS_AS[rule.since];
  let last: LocalDay | null = rule.since === 'none' ? null : (dog[rule.since] ?? null);
  for (const w of at.work.values()) {
    if (w.dogId !== dog.id || w.state !== 'done' || w.finishedAt === undefined || !counts.includes(w.step)) continue;
    const day = localDayOf(instantToMs(w.finishedAt), zone);
    if (last === null || day > last) last = day;
  }
  return last;
}
