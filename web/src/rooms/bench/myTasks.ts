/*
 * One person's tasks of the day at the bench, in order: what runs or waits paused first, then what is next, then what is over.
 */
import { instantToMs, localDayOf } from '@loyal-mane/core';
import type { Plan, PlannedActivity } from '@loyal-mane/core';
import type { Work } from '../../api/queries';

/** A task of today with its record; start in Unix milliseconds. */
export interface BenchTask {
  readonly activity: PlannedActivity;
  readonly work: Work | null;
  readonly startMs: number;
}

/** Tasks of a person on the day of `nowMs`, by time. */
export function myTasks(
  plan: Plan | null,
  work: readonly Work[],
  personId: string,
  zone: string,
  nowMs: number,
): BenchTask[] {
  const today = localDayOf(nowMs, zone);
  const records = new Map(work.map((w) => [w.taskKey, w]));
  return (plan?.activities ?? [])
    .map((activity): BenchTask => {
      const record = records.get(activity.key) ?? null;
      const at = record?.startedAt ?? activity.start;
      return { activity, work: record, startMs: instantToMs(at) };
    })
    .filter((t) => {
      const mine =
        t.work?.personId === undefined ? t.activity.people.includes(personId as never) : t.work.personId === personId;
      const open = t.work?.state === 'running' || t.work?.state === 'paused';
      return mine && (open || localDayOf(t.startMs, zone) === today);
    })
    .sort((x, y) => x.startMs - y.startMs);
}

/** The task to look at: the one that runs, else the paused, else the first that nobody has touched. */
export function currentTask(tasks: readonly BenchTask[]): BenchTask | null {
  return (
    tasks.find((t) => t.work?.state === 'running') ??
    tasks.find((t) => t.work?.state === 'paused') ??
    tasks.find((t) => t.work === null) ??
    null
  );
}

/** Whether nothing more is to do: finished or skipped. */
export function isOver(task: BenchTask): boolean {
  return task.work?.state === 'done' || task.work?.state === 'skipped';
}

/** The first planned task of a person that begins after a moment, on whichever day; null when there is none. */
export function laterTask(
  plan: Plan | null,
  personId: string,
  nowMs: number,
): Pick<BenchTask, 'activity' | 'startMs'> | null {
  const mine = (plan?.activities ?? [])
    .filter((a) => a.state === 'planned' && (a.people as readonly string[]).includes(personId))
    .map((activity) => ({ activity, startMs: instantToMs(activity.start) }))
    .filter((t) => t.startMs > nowMs)
    .sort((x, y) => x.startMs - y.startMs);
  return mine[0] ?? null;
}
