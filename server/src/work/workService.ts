/*
 * Tasks at the bench: commands run the core's state machine on the row, in a transaction that locks it. What a task is (its
 * dog, its step, its minutes) is told by its record or by the plan in force, never by the sender. Of two people who finish
 * the same task one wins and the other is told who.
 */
import { Inject, Injectable } from '@nestjs/common';
import type { Knex } from 'knex';
import {
  applyWorkCommand,
  instantToMs,
  msToInstant,
  withPauseCause,
  withSoak,
  withSoakEnded,
  withTick,
  ticksBeforeFinish,
} from '@loyal-mane/core';
import type {
  DogId,
  EventKind,
  Instant,
  MatPlace,
  StationId,
  StepId,
  TaskKey,
  WorkCommand,
  WorkRecord,
  WorkRefusal,
} from '@loyal-mane/core';
import type { Command } from '../auth/session.js';
import { Clock } from '../clock.js';
import { EventStore } from '../events/eventStore.js';
import { workFromRow, workToRow } from '../kennel/kennelRepository.js';
import { PlanInForce } from '../plan/planInForce.js';
import { happenedMs } from '../contract/happened.js';
import { Problem } from '../problem/problem.js';
import { KNEX } from '../tokens.js';
import type { PauseCauseDto, SoakEndDto, SoakStartDto, TaskCommandDto, TickDto, WorkDto } from './dto.js';
import { TaskCoats } from './taskCoats.js';
import type { MarksChange, UsesChange } from './taskCoats.js';
import { TaskGates } from './taskGates.js';

type Versioned = WorkRecord & { version: number };

/** The facts of a task, from its record or from the plan. */
interface TaskFacts {
  readonly dogId: DogId;
  readonly step: StepId;
  readonly stationId: StationId | null;
  /** Minutes expected of any dog and person; kept when it starts. */
  readonly expectedMin: number | null;
  readonly flank: 1 | 2 | null;
}

const REFUSED: Readonly<Record<WorkRefusal, string>> = {
  alreadyOver: 'Somebody has finished or skipped it.',
  notStarted: 'It has not been started.',
  notRunning: 'It is not running.',
  notPaused: 'It is not paused.',
  alreadyStarted: 'Somebody has started it.',
  reasonMissing: 'Say why it is skipped.',
};
/** A command that is older was given without a network. */
const LATE_MS = 60_000;
/** Days of finished work that the rooms look at. */
const SHOWN_DAYS = 35;

/** Records what is done of tasks, by the rules of the core. */
@Injectable()
export class WorkService {
  constructor(
    @Inject(KNEX) private readonly knex: Knex,
    private readonly events: EventStore,
    private readonly plans: PlanInForce,
    private readonly clock: Clock,
    private readonly gates: TaskGates,
    private readonly coats: TaskCoats,
  ) {}

  async list(): Promise<WorkDto[]> {
    const since = new Date(this.clock.nowMs() - SHOWN_DAYS * 86_400_000);
    const rows = await this.knex('task_work')
      .where((w) => void w.whereNull('finished_at').orWhere('finished_at', '>', since))
      .orderBy('task_key');
    return rows.map((r) => workFromRow(r) as WorkDto);
  }

  async command(key: TaskKey, command: WorkCommand, given: Command, dto: TaskCommandDto): Promise<WorkDto> {
    return this.events.run(given, async (trx) => {
      const before = await this.locked(trx, key);
      const task = await this.taskOf(trx, key, before);
      mustBeMeant(task, dto);
      const outcome = applyWorkCommand(before, command, {
        taskKey: key,
        dogId: task.dogId,
        step: task.step,
        stationId: dto.stationId === undefined ? task.stationId : (dto.stationId as StationId | null),
        personId: given.actorId,
        nowMs: this.happenedMs(dto, before),
        ...(task.expectedMin === null ? {} : { expectedMin: task.expectedMin }),
        ...(task.flank === null ? {} : { flank: task.flank }),
        ...(dto.reason === undefined ? {} : { reason: dto.reason }),
      });
      if (!outcome.ok) return this.refuse(trx, outcome.refusal, before);
      // An earlier finish of what is finished already counts, whatever its sender saw of it.
      const isKnown = before?.state === 'done' || (before?.version ?? 0) === dto.version;
      if (!isKnown) return this.refuse(trx, null, before);
      if (command === 'start') await this.gates.mayCut(trx, task);
      if ((command === 'start' || command === 'resume') && dto.anyway !== true)
        await this.gates.mustBeFree(trx, key, task, this.isLate(dto) ? null : given.actorId);
      const exit =
        command === 'finish' ? await this.gates.leaving(trx, key, task, outcome.record, dto.confirmed) : outcome.record;
      const record = dto.doneBefore === true ? { ...exit, workedMs: 0 } : exit;
      const after = await this.save(trx, key, record, before);
      const matsOut = (dto.matsOut ?? []) as MatPlace[];
      const marks = command === 'finish' ? await this.coats.mark(trx, task, matsOut) : null;
      const uses = command === 'finish' ? await this.coats.noteUses(trx, task.dogId, dto.used ?? [], record) : null;
      const anyway = dto.anyway === true ? { anyway: true } : {};
      const change = {
        before,
        after,
        ...anyway,
        ...(marks === null ? {} : { marks }),
        ...(uses === null ? {} : { uses }),
      };
      return {
        kind: marks === null && uses === null ? `task.${command}` : 'task.finishCoat',
        subject: key,
        change,
        result: after as WorkDto,
      };
    });
  }

  /**
   * When a command happened. A tablet that was cut off sends later what was tapped then: its word is taken for a day back, and
   * never for a moment before what is on record already.
   */
  private happenedMs({ at }: { readonly at?: string }, before: WorkRecord | null): number {
    const ms = happenedMs(at, this.clock.nowMs());
    const known = before?.runningSince ?? before?.startedAt;
    return at === undefined || known === undefined ? ms : Math.max(instantToMs(known), ms);
  }

  /** Whether a command arrives long after it was given: from a tablet that was cut off. */
  private isLate({ at }: { readonly at?: string }): boolean {
    return at !== undefined && this.clock.nowMs() - instantToMs(at as Instant) > LATE_MS;
  }

  /** Ticks a line: whoever ticks, whenever it arrives, so that two devices at one task both count. */
  tick(key: TaskKey, given: Command, { line, ticked }: TickDto): Promise<WorkDto> {
    return this.note(key, given, 'task.tick', 'This task is not being worked on. The tick was not kept.', (before) =>
      withTick(before, line, ticked),
    );
  }

  /** Says why a task was paused last: whoever says it, whenever it arrives. */
  pauseCause(key: TaskKey, given: Command, { cause, zones }: PauseCauseDto): Promise<WorkDto> {
    return this.note(key, given, 'task.pauseCause', 'This task was not paused. Nothing was recorded.', (before) =>
      withPauseCause(before, cause, zones ?? []),
    );
  }

  /** Begins a soak; its clock counts from when it was put on. */
  soak(key: TaskKey, given: Command, dto: SoakStartDto): Promise<WorkDto> {
    if (dto.mostMin < dto.leastMin)
      throw new Problem('badInput', 'Nothing was recorded: the label’s most is below its least.', {
        errors: [{ path: 'mostMin', detail: 'must be at least leastMin' }],
      });
    const { product, leastMin, mostMin } = dto;
    const no = 'This task was not begun. The soak was not kept.';
    return this.note(key, given, 'task.soak', no, (before) =>
      withSoak(before, { id: given.id, product, at: this.happenedAt(dto), leastMin, mostMin }),
    );
  }

  /** Ends a soak: of two who end it the earlier counts. */
  soakEnd(key: TaskKey, given: Command, dto: SoakEndDto): Promise<WorkDto> {
    return this.note(key, given, 'task.soakEnd', 'This soak is not known here. Nothing was recorded.', (before) =>
      withSoakEnded(before, dto.soak, this.happenedAt(dto)),
    );
  }

  /** Keeps something beside a task's states: in whatever order two devices send it, both count. */
  private note(
    key: TaskKey,
    given: Command,
    kind: EventKind,
    refusal: string,
    change: (before: Versioned | null) => WorkRecord | null,
  ): Promise<WorkDto> {
    return this.events.run(given, async (trx) => {
      const before = await this.locked(trx, key);
      const record = change(before);
      if (before === null || record === null) throw new Problem('notNow', refusal, { current: before });
      await trx('task_work').where({ task_key: key }).update(workToRow(record));
      const after = { ...record, version: before.version };
      return { kind, subject: key, change: { before, after }, result: after };
    });
  }

  private happenedAt(dto: { readonly at?: string }): Instant {
    return msToInstant(this.happenedMs(dto, null));
  }

  /** Takes the last command on a task back: the record is as it was before it, ticks and soaks aside. */
  async undo(key: TaskKey, given: Command): Promise<WorkDto | null> {
    return this.events.run(given, async (trx) => {
      const before = await this.locked(trx, key);
      const done: { before: Versioned | null; marks?: MarksChange; uses?: UsesChange }[] = [];
      for (const e of await this.events.changesOf(trx, key)) {
        if (!e.kind.startsWith('task.') || BESIDE.has(e.kind)) continue;
        if (e.kind.startsWith('task.undo')) done.pop();
        else done.push(e.change as (typeof done)[number]);
      }
      const last = done[done.length - 1];
      if (last === undefined)
        throw new Problem('notNow', 'There is nothing to take back on this task.', { current: before });
      const after = await this.save(trx, key, withNotesOf(last.before, before), before);
      if (last.marks !== undefined && before !== null) await this.coats.putMarksBack(trx, before.step, last.marks);
      if (last.uses !== undefined) await this.coats.takeUsesBack(trx, last.uses);
      const kind = last.marks === undefined && last.uses === undefined ? 'task.undo' : 'task.undoCoat';
      return { kind, subject: key, change: { before, after }, result: after as WorkDto | null };
    });
  }

  /** Reads a task from its record, or from the plan in force when it has none. */
  private async taskOf(trx: Knex.Transaction, key: TaskKey, record: WorkRecord | null): Promise<TaskFacts> {
    const planned = (await this.plans.read(trx))?.tasks.get(key);
    if (record === null && planned === undefined)
      throw new Problem('notFound', 'This task is not in the published plan any more. Nothing was recorded.');
    const usual = planned?.minutes.usual ?? 0;
    return {
      dogId: record?.dogId ?? (planned?.dogId as DogId),
      step: record?.step ?? (planned?.step as StepId),
      stationId: record?.stationId ?? planned?.stationId ?? null,
      expectedMin: usual > 0 ? usual : null,
      flank: record?.flank ?? planned?.flank ?? null,
    };
  }

  private async locked(trx: Knex.Transaction, key: TaskKey): Promise<Versioned | null> {
    const row = await trx('task_work').where({ task_key: key }).forUpdate().first();
    return row === undefined ? null : workFromRow(row);
  }

  private async save(
    trx: Knex.Transaction,
    key: TaskKey,
    record: WorkRecord | null,
    before: Versioned | null,
  ): Promise<Versioned | null> {
    if (record === null) {
      await trx('task_work').where({ task_key: key }).delete();
      return null;
    }
    const version = (before?.version ?? 0) + 1;
    const row = { ...workToRow(record), version };
    if (before === null) await trx('task_work').insert(row);
    else await trx('task_work').where({ task_key: key }).update(row);
    return { ...record, version };
  }

  private async refuse(trx: Knex.Transaction, refusal: WorkRefusal | null, current: Versioned | null): Promise<never> {
    const name = await this.gates.nameOf(trx, current?.personId);
    if (refusal === 'alreadyOver') {
      throw new Problem('alreadyOver', `${name} was quicker: this task is ${current?.state ?? 'over'} already.`, {
        current,
      });
    }
    if (refusal === 'reasonMissing') {
      throw new Problem('badInput', REFUSED[refusal], { errors: [{ path: 'reason', detail: REFUSED[refusal] }] });
    }
    if (refusal !== null) throw new Problem('notNow', REFUSED[refusal], { current });
    throw new Problem(
      'stale',
      `${name} changed this task a moment ago. Nothing was recorded. Look at the task and try again.`,
      { current },
    );
  }
}

/** Events that are kept beside a task's states: undo goes past them. */
const BESIDE: ReadonlySet<string> = new Set(['task.tick', 'task.pauseCause', 'task.soak', 'task.soakEnd']);

/** An earlier record with the ticks and soaks of now; what a finish that is taken back had confirmed is open again. */
function withNotesOf(record: WorkRecord | null, now: WorkRecord | null): WorkRecord | null {
  if (record === null) return null;
  const { ticked: then, soaks: _before, ...rest } = record;
  return {
    ...rest,
    ...(now?.soaks === undefined ? {} : { soaks: now.soaks }),
    ...(now?.ticked === undefined ? {} : { ticked: ticksBeforeFinish(now.ticked, then) }),
  };
}

/** Refuses a command whose sender takes the task for another one. */
function mustBeMeant(task: TaskFacts, { dogId, step }: TaskCommandDto): void {
  const errors = [
    ...(dogId === undefined || dogId === task.dogId ? [] : [{ path: 'dogId', detail: 'the task is of another dog' }]),
    ...(step === undefined || step === task.step ? [] : [{ path: 'step', detail: `the task is ${task.step}` }]),
  ];
  if (errors.length > 0)
    throw new Problem('notAsPlanned', 'Nothing was recorded. Load the page again to see the task as it is planned.', {
      errors,
    });
}
