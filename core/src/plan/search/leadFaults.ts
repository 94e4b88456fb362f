/*
 * A schedule read as a lead handler reads a plan, while it is searched for: dogs that go through many hands, scissors and baths
 * that change hands without need, dogs on many tables, dogs and people that rest too little. The report on a finished plan reads
 * the same (`leadReport`).
 */
import type { Assignment, Schedule } from '@loyal-mane/engine';
import { BATHS, BLADES, BRUSH_OUTS, NO_WORK, WET_RUN } from '../../programs/stepGroups.js';
import { workLimits } from '../../kennel/limits.js';
import type { StepId } from '../../kennel/vocabulary.js';
import { SLOT_MIN } from '../../time/slotGrid.js';
import type { Assembled } from '../assemble/assemble.js';
import { walkOf } from '../assemble/walks.js';
import { handOversOf } from '../explain/handedOver.js';
import { DEFAULT_LEAD_LIMITS } from '../measure/leadLimits.js';
import type { Problem, Task } from '../problem.js';
import { dayOfSlot } from '../problem.js';
import { WorkingSchedule } from '../workingSchedule.js';
import { restsLacking } from './rests.js';

/** A task with its place. */
export interface Placed {
  readonly task: Task;
  readonly place: Assignment;
}

/** Something for which a lead would hand a plan back, with the placed tasks that it is about, in order of time. */
export interface LeadFault {
  readonly kind:
    'crowded' | 'hands' | 'tables' | 'longWork' | 'unrested' | 'brushedLongAgo' | 'busyDay' | 'withoutCare';
  readonly tasks: readonly Placed[];
}

const RING_FINISH: ReadonlySet<StepId> = new Set(['finish', 'tidies']);
/** Steps of a show morning and of the ring: a puppy's own limit does not hold on the way there. */
const MORNING: ReadonlySet<StepId> = new Set(['touchUp', 'revive', 'finish', 'tidies', 'gate', 'winnersHold']);

/** Everything in a schedule for which a lead would hand it back. */
export function leadFaults(assembled: Assembled, schedule: Schedule): LeadFault[] {
  const placed = placedFromToday(assembled, schedule);
  const days = dogDays(assembled, placed);
  const working = new WorkingSchedule(assembled.problem, schedule);
  const { settings } = assembled.input.kennel;
  return [
    ...days.flatMap((day) => [...crowded(day), ...onManyTables(day), ...longWork(assembled, day), ...longBrushed(day)]),
    ...handsChanged(assembled, working, days),
    ...restsLacking(assembled.problem, schedule, workLimits(settings)).map(() => ofNoTask('unrested')),
    ...busyDay(assembled, placed),
    ...withoutCare(assembled, placed),
  ];
}

/** A fault that no task is to blame for. */
function ofNoTask(kind: LeadFault['kind']): LeadFault {
  return { kind, tasks: [] };
}

/** Everything that has a place, in order of time; what was done before today is no part of a day ahead. */
function placedFromToday({ problem }: Assembled, schedule: Schedule): Placed[] {
  const placed = problem.activities.flatMap((task): Placed[] => {
    const place = schedule[task.index] ?? null;
    return place === null || place.start < 0 ? [] : [{ task, place }];
  });
  return placed.sort((x, y) => x.place.start - y.place.start);
}

/** A dog and a day, as a key. */
function dogDayOf({ problem }: Assembled, { task, place }: Placed): string {
  return `${String(problem.chains[task.chain]?.job)} ${String(dayOfSlot(problem, place.start))}`;
}

/** Each dog's days with something still to be done, its placed tasks in order of time. */
function dogDays(assembled: Assembled, placed: readonly Placed[]): Placed[][] {
  const days = new Map<string, Placed[]>();
  for (const p of placed) {
    const key = dogDayOf(assembled, p);
    const list = days.get(key);
    if (list === undefined) days.set(key, [p]);
    else list.push(p);
  }
  return [...days.values()].filter((list) => list.some((p) => p.task.fixed === null));
}

/** Days of the keep-up window on which nobody does anything for a dog. */
function withoutCare(assembled: Assembled, placed: readonly Placed[]): LeadFault[] {
  const { problem, input } = assembled;
  const seen = new Set(placed.map((p) => dogDayOf(assembled, p)));
  const days = Math.min(input.kennel.settings.keepUpDaysAhead, problem.dayStarts.length - 1);
  return problem.jobs.flatMap((_, job) =>
    Array.from({ length: days }, (__, day) => `${String(job)} ${String(day)}`)
      .filter((key) => !seen.has(key))
      .map(() => ofNoTask('withoutCare')),
  );
}

/** Indexes of the people at a task. */
export function peopleAt({ place }: Placed): readonly number[] {
  return [place.worker, place.second].filter((p) => p >= 0);
}

function isWork({ task }: Placed): boolean {
  return !NO_WORK.has(task.step);
}

function crowded(day: readonly Placed[]): LeadFault[] {
  const tasks = day.filter(isWork);
  const people = new Set(tasks.flatMap(peopleAt));
  return people.size > DEFAULT_LEAD_LIMITS.peopleADay ? [{ kind: 'crowded', tasks }] : [];
}

function onManyTables(day: readonly Placed[]): LeadFault[] {
  const tasks = day.filter((p) => p.task.station === 'table' && p.place.machine >= 0);
  const tables = new Set(tasks.map((p) => p.place.machine));
  return tables.size > DEFAULT_LEAD_LIMITS.tablesADay ? [{ kind: 'tables', tasks }] : [];
}

/** A dog's longest stretch without a walk; from the tub to the dry coat nothing is interrupted, and no single step is. */
function longWork({ input, drafts }: Assembled, day: readonly Placed[]): LeadFault[] {
  const tasks = day.filter(isWork);
  const dogId = drafts[tasks[0]?.task.chain ?? -1]?.dogId;
  if (dogId === undefined) return [];
  const walk = walkOf(input, dogId);
  const most = day.some((p) => MORNING.has(p.task.step)) ? workLimits(input.kennel.settings).dogWorkMin : walk.afterMin;
  const end = stretchEnd(tasks, most / SLOT_MIN, walk.min / SLOT_MIN);
  return end === null ? [] : [{ kind: 'longWork', tasks: tasks.slice(0, end + 1) }];
}

/** Position of the first task by which a dog has been worked on for too long without a pause; null where there is none. */
function stretchEnd(tasks: readonly Placed[], most: number, pause: number): number | null {
  let from = 0;
  const over = tasks.findIndex((p, k) => {
    const before = tasks[k - 1];
    if (before === undefined || p.place.start - attendedEnd(before) >= pause) from = p.place.start;
    const isWet = WET_RUN.has(p.task.step) || (before !== undefined && WET_RUN.has(before.task.step));
    const stretch = attendedEnd(p) - from;
    return !isWet && stretch > p.task.attended && stretch > most;
  });
  return over < 0 ? null : over;
}

/** Slot in which somebody's work at a task ends. */
export function attendedEnd({ task, place }: Placed): number {
  return place.start + task.attended;
}

/** The crew's busiest day of the keep-up window, with its tasks, where it is far above the mean of its days. */
function busyDay({ problem, input }: Assembled, placed: readonly Placed[]): LeadFault[] {
  const days = Math.min(input.kennel.settings.keepUpDaysAhead, problem.dayStarts.length - 1);
  const slots = Array.from({ length: days }, (_, day): number => (isWorked(problem, day) ? 0 : -1));
  for (const p of placed) {
    const day = dayOfSlot(problem, p.place.start);
    const before = slots[day] ?? -1;
    if (before >= 0) slots[day] = before + p.task.attended * Math.max(1, peopleAt(p).length);
  }
  const worked = slots.filter((n) => n >= 0);
  const mean = worked.reduce((sum, n) => sum + n, 0) / Math.max(1, worked.length);
  const busiest = slots.indexOf(Math.max(0, ...worked));
  if (busiest < 0 || (slots[busiest] ?? 0) <= DEFAULT_LEAD_LIMITS.busiestDay * mean) return [];
  return [{ kind: 'busyDay', tasks: placed.filter((p) => dayOfSlot(problem, p.place.start) === busiest) }];
}

/** Whether anybody has a shift on a day. */
function isWorked({ workers, dayStarts, horizon }: Problem, day: number): boolean {
  const [from, to] = [dayStarts[day] ?? 0, dayStarts[day + 1] ?? horizon];
  return workers.some((w) => w.site.subarray(from, to).some((site) => site >= 0));
}

function longBrushed(day: readonly Placed[]): LeadFault[] {
  const bath = day.find((p) => BATHS.has(p.task.step));
  const brush = day.findLast((p) => BRUSH_OUTS.has(p.task.step) && p.place.start < (bath?.place.start ?? 0));
  if (bath === undefined || brush === undefined) return [];
  const waits = (bath.place.start - brush.place.start - brush.task.duration) * SLOT_MIN;
  return waits > DEFAULT_LEAD_LIMITS.brushToBathMin ? [{ kind: 'brushedLongAgo', tasks: [brush, bath] }] : [];
}

/** Trims and ring finish of an entry, and each day's wet run, that go to other hands although nothing asks for it. */
function handsChanged(
  { problem }: Assembled,
  working: WorkingSchedule,
  days: readonly (readonly Placed[])[],
): LeadFault[] {
  const entries = problem.chains
    .filter((c) => c.kind === 'show')
    .map((c) =>
      c.acts.flatMap((i): Placed[] => {
        const [task, place] = [working.activity(i), working.placeOf(i)];
        return place !== null && (BLADES.has(task.step) || RING_FINISH.has(task.step)) ? [{ task, place }] : [];
      }),
    );
  const wet = days.map((day) => day.filter((p) => WET_RUN.has(p.task.step)));
  const needful = new Map<number, ReadonlySet<number>>();
  return [...entries, ...wet].flatMap((tasks): LeadFault[] => {
    const hands = new Set(tasks.map((p) => p.place.worker));
    if (hands.size < 2) return [];
    const isForced = ({ task }: Placed): boolean => {
      const of = needful.get(task.chain) ?? new Set(handOversOf(working, task.chain).keys());
      needful.set(task.chain, of);
      return of.has(task.index);
    };
    const begun = new Set(tasks.filter((p) => p.task.fixed !== null).map((p) => p.place.worker));
    const free = tasks.filter((p) => p.task.fixed === null && !isForced(p));
    const others = free.some((p) => begun.size > 0 && !begun.has(p.place.worker));
    return others || new Set(free.map((p) => p.place.worker)).size > 1 ? [{ kind: 'hands', tasks }] : [];
  });
}
