/*
 * A command on a task as it is given at the bench, and what the list of work will be once it has arrived.
 */
import type { MatPlace, StationId, StepId, TaskKey, WorkCommand, DogId, PersonId } from '@loyal-mane/core';
import { applyWorkCommand, instantToMs, withPauseCause, withSoak, withSoakEnded, withTick } from '@loyal-mane/core';
import type { ExitCheck, Instant, PauseCause, SoakRecord, WorkRecord, ZoneId } from '@loyal-mane/core';
import type { UsedProduct } from '@loyal-mane/library/pages';
import type { MarkGiven } from '../parts/marksWith';
import { marksWith } from '../parts/marksWith';
import { foundAt } from '../parts/foundWords';
import { ProblemError, post } from './client';
import type { ProblemBody } from './client';
import type { CoatLog } from './commands';
import { failStation, logCoat, setMarks } from './commands';
import { dogNow, overOthers } from './overOthers';
import type { Kennel, Work } from './queries';

type Dog = Kennel['dogs'][number];

/** Commands beside a task's states. */
export type NoteCommand = 'tick' | 'pauseCause' | 'soak' | 'soakEnd' | ApartCommand;

/** Commands that are given at a task and no part of it: they stand when one of the task's own is refused. */
export type ApartCommand = 'coatLog' | 'mark' | 'stationFailed';

/** Everything that is needed to send it, now or later. */
export interface TaskOrder {
  readonly commandId: string;
  readonly key: TaskKey;
  readonly command: WorkCommand | 'undo' | NoteCommand;
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
  /** Of a finish at the tub: what was looked at. */
  readonly confirmed?: readonly ExitCheck[];
  /** Of a finish: products that went into the coat. */
  readonly used?: readonly UsedProduct[];
  /** Of a soak: the product and its label's minutes; its id is the command's. */
  readonly soak?: Pick<SoakRecord, 'product' | 'leastMin' | 'mostMin'>;
  /** Of the end of a soak: which. */
  readonly soakId?: string;
  /** Of a pause's cause: why, and where the dog asked for it. */
  readonly pause?: { readonly cause: PauseCause; readonly zones: readonly ZoneId[] };
  /** Of a coat log: what was seen or measured on the dog. */
  readonly log?: CoatLog;
  /** Of a mark: what was found in a zone of the dog's coat. */
  readonly mark?: MarkGiven;
}

/** Sends an order; answers the record after it, null when there is none any more, undefined where it changes none. */
export async function sendOrder(order: TaskOrder): Promise<Work | null | undefined> {
  const { commandId, key, command, version, dogId, step, stationId, at } = order;
  const { reason, anyway, doneBefore, matsOut, confirmed, used } = order;
  const params = { path: { key } };
  if (command === 'undo') return (await post('/api/tasks/{key}/undo', { params, body: { commandId } })).work;
  if (isApart(command)) return sendApart(order, command);
  if (isNote(command)) return sendNote(order, command);
  const body = {
    ...{ commandId, version, dogId, step, stationId, at },
    ...(reason === undefined ? {} : { reason }),
    ...(anyway === undefined ? {} : { anyway }),
    ...(doneBefore === undefined ? {} : { doneBefore }),
    ...(matsOut === undefined ? {} : { matsOut: matsOut.map((m) => ({ ...m })) }),
    ...(confirmed === undefined ? {} : { confirmed: [...confirmed] }),
    ...(used === undefined
      ? {}
      : { used: used.map(({ zones, ...u }) => ({ ...u, ...(zones === undefined ? {} : { zones: [...zones] }) })) }),
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

const APART: readonly string[] = ['coatLog', 'mark', 'stationFailed'] satisfies ApartCommand[];
const NOTES: readonly string[] = ['tick', 'pauseCause', 'soak', 'soakEnd', ...APART];

/** Whether a command is no part of its task. */
export const isApart = (command: TaskOrder['command']): command is ApartCommand => APART.includes(command);

/** Whether a command stands beside a task's states. */
export const isNote = (command: TaskOrder['command']): command is NoteCommand => NOTES.includes(command);

async function sendNote(order: TaskOrder, command: Exclude<NoteCommand, ApartCommand>): Promise<Work | null> {
  const { commandId, key, at, tick, pause, soak, soakId } = order;
  const params = { path: { key } };
  switch (command) {
    case 'tick': {
      const { line, ticked } = tick ?? { line: '', ticked: false };
      return (await post('/api/tasks/{key}/tick', { params, body: { commandId, line, ticked } })).work;
    }
    case 'pauseCause': {
      const { cause, zones } = pause ?? { cause: 'other', zones: [] };
      const body = { commandId, cause, ...(zones.length === 0 ? {} : { zones: [...zones] }) };
      return (await post('/api/tasks/{key}/pause-cause', { params, body })).work;
    }
    case 'soak': {
      const { product, leastMin, mostMin } = soak ?? { product: 'cleansingWash', leastMin: 0, mostMin: 0 };
      const body = { commandId, at, product, leastMin, mostMin };
      return (await post('/api/tasks/{key}/soak', { params, body })).work;
    }
    case 'soakEnd':
      return (await post('/api/tasks/{key}/soak-end', { params, body: { commandId, at, soak: soakId ?? '' } })).work;
  }
}

async function sendApart(
  { commandId, at, dogId, stationId, log, mark }: TaskOrder,
  command: ApartCommand,
): Promise<undefined> {
  if (command === 'coatLog' && log !== undefined) await logCoat({ dogId, log: { ...log, at } }, commandId);
  if (command === 'stationFailed' && stationId !== null) await failStation(stationId, commandId);
  if (command === 'mark' && mark !== undefined) await sendMark({ commandId, dogId, mark });
}

const GONE: ProblemBody = {
  title: 'This does not exist',
  detail: 'The dog is not in the kennel any more.',
  status: 404,
  code: 'notFound',
  errors: [],
};

/** Marks the dog as it is now: others may have marked other zones while this waited. */
async function sendMark({
  commandId,
  dogId,
  mark,
}: {
  commandId: string;
  dogId: string;
  mark: MarkGiven;
}): Promise<void> {
  const seen = await dogNow(dogId);
  if (seen === null) throw new ProblemError(GONE);
  const { zone, side } = mark;
  await overOthers({
    seen,
    touched: (d) => foundAt(d, zone, side),
    send: (d) => setMarks({ dogId, version: d.version, marks: marksWith(d, mark) }, commandId),
  }).catch((error: unknown) => {
    // The same command with another version: it arrived before, and its answer was lost.
    if (!(error instanceof ProblemError) || error.body.code !== 'otherCommand') throw error;
  });
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
      if (isNote(order.command)) return withWaitingNote(work, before, order);
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

function withWaitingNote(list: readonly Work[], before: Work | null, order: TaskOrder): Work[] {
  const after = noted(before, order);
  return after === null || before === null
    ? [...list]
    : withAnswer(list, order.key, { ...after, version: before.version });
}

/** A dog with the marks that wait to be sent. */
export function withWaitingMarks(dog: Dog, orders: readonly TaskOrder[]): Dog {
  return orders.reduce(
    (d, { dogId, mark }) => (mark === undefined || dogId !== d.id ? d : { ...d, marks: marksWith(d, mark) }),
    dog,
  );
}

function noted(before: Work | null, { commandId, at, tick, pause, soak, soakId }: TaskOrder): WorkRecord | null {
  if (tick !== undefined) return withTick(before, tick.line, tick.ticked);
  if (pause !== undefined) return withPauseCause(before, pause.cause, pause.zones);
  if (soak !== undefined) return withSoak(before, { id: commandId, at, ...soak });
  return soakId === undefined ? null : withSoakEnded(before, soakId, at);
}
