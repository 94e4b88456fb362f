/*
 * How a dog bears its work, learned from what really happened: breaks that it asked for, by zone, and minutes over what was
 * expected, by kind of work, with their trend. Zones are what a pace by step cannot tell.
 */
import { ZONE_IDS } from '../coat/zones.js';
import type { ZoneId } from '../coat/zones.js';
import type { KennelDog } from '../kennel/dogRecord.js';
import type { WorkRecord } from '../kennel/kennelFile.js';
import type { StepId } from '../kennel/vocabulary.js';
import { median } from '../units/median.js';
import { workKind } from './pace.js';

/** Minutes added by a break in every task of a zone (engineering default: the end of the scale of cooperation, 1.6). */
const DEFAULT_ALWAYS_BREAKS = 0.6;
/** Tasks without a break that a zone is believed to have had before anybody looked: one break alone says little. */
const DEFAULT_PRIOR_TASKS = 2;
/** A factor nearer to 1 than this is noise, and is not used. */
const LEAST_SAID = 0.05;
/** Tasks from which a trend is told, and by how much the later half must differ, on the log scale (engineering defaults). */
const TREND_TASKS = 6;
const TREND_STEP = 0.1;
/** A break that the dog asks for, on the scale of log minutes (engineering default). */
const BREAK_WEIGHS = 0.1;

/** Whether a dog bears something better of late, worse, or as before; null = too few tasks to say. */
export type CooperationTrend = 'better' | 'worse' | 'steady' | null;

/** How a dog bears one kind of work. */
export interface BorneWork {
  /** A step of that kind. */
  readonly step: StepId;
  readonly tasks: number;
  /** Breaks that the dog asked for. */
  readonly breaks: number;
  /** Median of minutes over what was expected, 1 = as expected. */
  readonly overrun: number;
  readonly trend: CooperationTrend;
}

/** How a dog bears work at one zone. */
export interface BorneZone {
  readonly zone: ZoneId;
  /** Tasks with a break for this zone, and tasks of those kinds of work in all. */
  readonly breaks: number;
  readonly tasks: number;
  /** Factor on the minutes of the zone, 1 to 1.6. */
  readonly factor: number;
}

/** Finished tasks of one dog that say what was expected, in order of time. */
function finishedOf(dogId: string, work: readonly WorkRecord[]): WorkRecord[] {
  return work
    .filter((w) => w.dogId === dogId && w.state === 'done' && w.workedMs > 0 && w.finishedAt !== undefined)
    .sort((x, y) => (x.finishedAt ?? '').localeCompare(y.finishedAt ?? ''));
}

function breaksOf({ pauses = [] }: WorkRecord): NonNullable<WorkRecord['pauses']> {
  return pauses.filter((p) => p.cause === 'dog');
}

/** How a dog bears each kind of work that it has had, the most breaks and overruns first. */
export function borneWork(dogId: string, work: readonly WorkRecord[]): BorneWork[] {
  const kinds = new Map<string, WorkRecord[]>();
  for (const w of finishedOf(dogId, work)) {
    if (w.expectedMin === undefined) continue;
    const kind = workKind(w.step);
    kinds.set(kind, [...(kinds.get(kind) ?? []), w]);
  }
  return [...kinds.values()].map(borneKind).sort((x, y) => y.breaks - x.breaks || y.overrun - x.overrun);
}

function borneKind(tasks: readonly WorkRecord[]): BorneWork {
  const over = tasks.map((w) => w.workedMs / 60_000 / (w.expectedMin ?? 1));
  return {
    step: (tasks[0] as WorkRecord).step,
    tasks: tasks.length,
    breaks: tasks.reduce((sum, w) => sum + breaksOf(w).length, 0),
    overrun: median(over) ?? 1,
    trend: trendOf(tasks.map((w, i) => Math.log(over[i] ?? 1) + BREAK_WEIGHS * breaksOf(w).length)),
  };
}

/** The later half of the tasks held against the earlier; medians, so that one odd day makes no trend. */
function trendOf(hardness: readonly number[]): CooperationTrend {
  if (hardness.length < TREND_TASKS) return null;
  const half = Math.floor(hardness.length / 2);
  const change = (median(hardness.slice(-half)) ?? 0) - (median(hardness.slice(0, half)) ?? 0);
  if (Math.abs(change) < TREND_STEP) return 'steady';
  return change < 0 ? 'better' : 'worse';
}

/**
 * Zones for which a dog asked for breaks, and the factor that follows: the share of tasks with a break, shrunk toward none
 * (the mean of a beta distribution that has seen two tasks without), times what a break in every task would add.
 */
export function borneZones(dogId: string, work: readonly WorkRecord[]): BorneZone[] {
  const tasks = finishedOf(dogId, work);
  return ZONE_IDS.flatMap((zone) => {
    const withBreak = tasks.filter((w) => breaksOf(w).some((p) => p.zones?.includes(zone) === true));
    if (withBreak.length === 0) return [];
    const kinds = new Set(withBreak.map((w) => workKind(w.step)));
    const all = tasks.filter((w) => kinds.has(workKind(w.step))).length;
    const share = withBreak.length / (all + DEFAULT_PRIOR_TASKS);
    return [{ zone, breaks: withBreak.length, tasks: all, factor: 1 + DEFAULT_ALWAYS_BREAKS * share }];
  });
}

/** A dog with what was learned of its zones; what somebody has entered for a zone stays. */
export function withLearnedZones<D extends Pick<KennelDog, 'id' | 'cooperation' | 'cooperationZones'>>(
  dog: D,
  work: readonly WorkRecord[],
): D {
  if (!work.some((w) => w.dogId === dog.id && breaksOf(w).length > 0)) return dog;
  const entered = dog.cooperationZones ?? [];
  const learned = borneZones(dog.id, work)
    .filter(({ zone, factor }) => factor - 1 >= LEAST_SAID && !entered.some((c) => c.zone === zone))
    .map(({ zone, factor }) => ({ zone, factor: Math.min(MOST_FACTOR, dog.cooperation * factor) }));
  return learned.length === 0 ? dog : { ...dog, cooperationZones: [...entered, ...learned] };
}

/** The end of the scale of cooperation. */
const MOST_FACTOR = 1.6;
