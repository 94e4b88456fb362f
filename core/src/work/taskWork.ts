/*
 * States of a task at the bench, as a pure state machine: start, pause, resume, finish, skip. The server, the
 * demo and the interface all ask this one. A finished or skipped task takes no more commands but undo, which restores
 * the record as it was, and a finish that happened before the one on record.
 */
import type { ZoneId } from '../coat/zones.js';
import { MOST_PAUSES } from '../kennel/kennelFile.js';
import type { WorkRecord } from '../kennel/kennelFile.js';
import type { Flank, PauseCause, StepId } from '../kennel/vocabulary.js';
import { instantToMs, msToInstant } from '../time/zone.js';
import type { DogId, PersonId, StationId, TaskKey } from '../units/ids.js';

/** Commands that the bench gives of a task. */
export const WORK_COMMANDS = ['start', 'pause', 'resume', 'finish', 'skip'] as const;
/** One of `WORK_COMMANDS`. */
export type WorkCommand = (typeof WORK_COMMANDS)[number];

/** The task that a command is about, and who gives it when. */
export interface WorkOrder {
  readonly taskKey: TaskKey;
  readonly dogId: DogId;
  readonly step: StepId;
  readonly stationId: StationId | null;
  readonly personId: PersonId;
  readonly nowMs: number;
  /** Minutes expected of any dog and person; kept at the start, so that pace can be learned from it. */
  readonly expectedMin?: number;
  /** Flank that is worked, of work that goes flank by flank; kept at the start. */
  readonly flank?: Flank;
  /** Why a task is skipped; only for `skip`. */
  readonly reason?: string;
}

/** Why a command is refused. */
export const WORK_REFUSALS = [
  'alreadyOver',
  'notStarted',
  'notRunning',
  'notPaused',
  'alreadyStarted',
  'reasonMissing',
] as const;
/** One of `WORK_REFUSALS`. */
export type WorkRefusal = (typeof WORK_REFUSALS)[number];

/** The record after a command, or why it was refused. */
export type WorkOutcome =
  { readonly ok: true; readonly record: WorkRecord } | { readonly ok: false; readonly refusal: WorkRefusal };

/** The record after a command; `before` is null for a task that nobody has touched. */
export function applyWorkCommand(before: WorkRecord | null, command: WorkCommand, order: WorkOrder): WorkOutcome {
  if (command === 'finish' && isEarlier(before, order)) return { ok: true, record: finishedEarlier(before, order) };
  if (before?.state === 'done' || before?.state === 'skipped') return { ok: false, refusal: 'alreadyOver' };
  switch (command) {
    case 'start':
      return before === null ? { ok: true, record: started(order) } : { ok: false, refusal: 'alreadyStarted' };
    case 'pause':
      return before?.state === 'running'
        ? { ok: true, record: withPause(paused(before, order), order.nowMs) }
        : { ok: false, refusal: 'notRunning' };
    case 'resume':
      return before?.state === 'paused'
        ? { ok: true, record: { ...before, state: 'running', runningSince: msToInstant(order.nowMs) } }
        : { ok: false, refusal: 'notPaused' };
    case 'finish':
      return before === null ? { ok: false, refusal: 'notStarted' } : { ok: true, record: over(before, order, 'done') };
    case 'skip':
      if ((order.reason ?? '').trim() === '') return { ok: false, refusal: 'reasonMissing' };
      return {
        ok: true,
        record: { ...over(before ?? blank(order), order, 'skipped'), reason: (order.reason ?? '').trim() },
      };
  }
}

/** Whether a finished task was finished earlier on a device that could not say so: the earlier of two finishes counts. */
function isEarlier(before: WorkRecord | null, { nowMs }: WorkOrder): before is Finished {
  return before?.state === 'done' && before.finishedAt !== undefined && nowMs < instantToMs(before.finishedAt);
}

type Finished = WorkRecord & Required<Pick<WorkRecord, 'finishedAt'>>;

/** The minutes after the earlier finish were not worked; the task was never finished before it began. */
function finishedEarlier(before: Finished, { nowMs }: WorkOrder): WorkRecord {
  const endMs = Math.max(nowMs, before.startedAt === undefined ? 0 : instantToMs(before.startedAt));
  const tooLong = instantToMs(before.finishedAt) - endMs;
  return { ...before, finishedAt: msToInstant(endMs), workedMs: Math.max(0, before.workedMs - tooLong) };
}

function blank(order: WorkOrder): WorkRecord {
  const { taskKey, dogId, step, personId, stationId } = order;
  return { taskKey, dogId, step, state: 'paused', personId, ...(stationId === null ? {} : { stationId }), workedMs: 0 };
}

function started(order: WorkOrder): WorkRecord {
  const now = msToInstant(order.nowMs);
  const expected = order.expectedMin === undefined ? {} : { expectedMin: order.expectedMin };
  const flank = order.flank === undefined ? {} : { flank: order.flank };
  return { ...blank(order), state: 'running', startedAt: now, runningSince: now, ...expected, ...flank };
}

/** The present run closed and added up. */
function paused(before: WorkRecord, order: WorkOrder): WorkRecord {
  const { runningSince, ...rest } = before;
  const run = runningSince === undefined ? 0 : Math.max(0, order.nowMs - instantToMs(runningSince));
  return { ...rest, state: 'paused', workedMs: before.workedMs + run };
}

function withPause(record: WorkRecord, nowMs: number): WorkRecord {
  const pauses = [...(record.pauses ?? []), { at: msToInstant(nowMs) }];
  return { ...record, pauses: pauses.slice(-MOST_PAUSES) };
}

function over(before: WorkRecord, order: WorkOrder, state: 'done' | 'skipped'): WorkRecord {
  return { ...paused(before, order), state, finishedAt: msToInstant(order.nowMs) };
}

/** A record with the cause of its last pause, and where the dog asked for it; null for a task that was never paused. */
export function withPauseCause(
  record: WorkRecord | null,
  cause: PauseCause,
  zones: readonly ZoneId[],
): WorkRecord | null {
  const last = record?.pauses?.at(-1);
  if (record === null || last === undefined) return null;
  const told = { at: last.at, cause, ...(zones.length === 0 ? {} : { zones: [...zones] }) };
  return { ...record, pauses: [...(record.pauses ?? []).slice(0, -1), told] };
}
