/*
 * A command on a task as it is given at the bench, and what the list of work will be once it has arrived.
 */
import type { MatPlace, StationId, StepId, TaskKey, WorkCommand, DogId, PersonId } from '@loyal-mane/core';
import { applyWorkCommand, instantToMs, withPauseCause, withTick } from '@loyal-mane/core';
import type { Instant, PauseCause, ZoneId } from '@loyal-mane/core';
import { post } from './client';
import type { Work } from './queries';

/** Everything that is needed to send it, now or later. */
export interface TaskOrder {
  readonly commandId: string;
  readonly key: TaskKey;
  readonly command: WorkCommand | 'undo' | 'tick' | 'pauseCause';
  readonly version: number;
  readonly dogId: DogId;
  readonly step: StepId;
  readonly stationId: StationId | null;
  readonly personId: PersonId;
  /** When it was given, by the server's clock. */
  readonly at: Instant;
  readonly reason?: string;
  readonly anyway?: boolean;
  readonly doneBefore?: boolean;
  /** Of a finish of mat work: mats that are out. */
  readonly matsOut?: readonly MatPlace[];
  /** Of a tick: the line, and whether it is ticked or the tick taken off. */
  readonly tick?: { readonly line: string; readonly ticked: boolean };
  /** Of a pause's cause: why, and where the dog asked for it. */
  readonly pause?: { readonly cause: PauseCause; readonly zones: readonly ZoneId[] };
}

/** Sends an order; answers the record after it, null when there is none any more. */
export async function sendOrder(order: TaskOrder): Promise<Work | null> {
  const {
    commandId,
    key,
    command,
    version,
    dogId,
    step,
    stationId,
    at,
    reason,
    anyway,
    doneBefore,
    matsOut,
    tick,
    pause,
  } = order;
  const params = { path: { key } };
  if (command === 'undo') return (await post('/api/tasks/{key}/undo', { params, body: { commandId } })).work;
  if (command === 'tick')
    return (
      await post('/api/tasks/{key}/tick', { params, body: { commandId, ...(tick ?? { line: '', ticked: false }) } })
    ).work;
  if (command === 'pauseCause') {
    const { cause, zones } = pause ?? { cause: 'other', zones: [] };
    const body = { commandId, cause, ...(zones.length === 0 ? {} : { zones: [...zones] }) };
    return (await post('/api/tasks/{key}/pause-cause', { params, body })).work;
  }
  const body = {
    ...{ commandId, version, dogId, step, stationId, at },
    ...(reason === undefined ? {} : { reason }),
    ...(anyway === undefined ? {} : { anyway }),
    ...(doneBefore === undefined ? {} : { doneBefore }),
    ...(matsOut === undefined ? {} : { matsOut: matsOut.map((m) => ({ ...m })) }),
  };
  const sends = {
    start: () => post('/api/tasks/{key}/start', { params, body }),
    pause: () => post('/api/tasks/{key}/pause', { params, body }),
    resume: () => post('/api/tasks/{key}/resume', { params, body }),
    finish: () => post('/api/tasks/{key}/finish', { params, body }),
    skip: () => post('/api/tasks/{key}/skip', { params, body }),
  } as const;
  return (await sends[command]()).work;
}

/** The list of work with an answer in it. */
export function withAnswer(list: readonly Work[], key: TaskKey, work: Work | null): Work[] {
  const rest = list.filter((w) => w.taskKey !== key);
  return work === null ? rest : [...rest, work];
}

/**
 * The list of work as it will be once the waiting orders have arrived, so that the bench goes on without them. What the core
 * would refuse is left as it is: the server will say so.
 */
export function withWaiting(list: readonly Work[], orders: readonly TaskOrder[]): Work[] {
  return orders.reduce<Work[]>(
    (work, order) => {
      const before = work.find((w) => w.taskKey === order.key) ?? null;
      if (order.command === 'undo') return work;
      if (order.command === 'tick') return withWaitingTick(work, before, order);
      if (order.command === 'pauseCause') return withWaitingCause(work, before, order);
      const { key, dogId, step, stationId, personId, reason } = order;
      const outcome = applyWorkCommand(before, order.command, {
        ...{ taskKey: key, dogId, step, stationId, personId, nowMs: instantToMs(order.at) },
        ...(reason === undefined ? {} : { reason }),
      });
      if (!outcome.ok) return work;
      return withAnswer(work, key, { ...outcome.record, version: (before?.version ?? 0) + 1 });
    },
    [...list],
  );
}

function withWaitingTick(list: readonly Work[], before: Work | null, { key, tick }: TaskOrder): Work[] {
  const after = tick === undefined ? null : withTick(before, tick.line, tick.ticked);
  return after === null || before === null ? [...list] : withAnswer(list, key, { ...after, version: before.version });
}

function withWaitingCause(list: readonly Work[], before: Work | null, { key, pause }: TaskOrder): Work[] {
  const after = pause === undefined ? null : withPauseCause(before, pause.cause, pause.zones);
  return after === null || before === null ? [...list] : withAnswer(list, key, { ...after, version: before.version });
}
