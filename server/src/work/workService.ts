/*
 * Tasks at the bench: commands run the core's state machine on the row, in a transaction that locks it. Of two people who
 * finish the same task one wins and the other is told who.
 */
import { Inject, Injectable } from '@nestjs/common';
import type { Knex } from 'knex';
import { applyWorkCommand, coatAfter, gatedZones, withKennelBreeds } from '@loyal-mane/core';
import type {
  CoatMarks,
  DogId,
  KennelBreed,
  KennelDog,
  PersonId,
  StationId,
  TaskKey,
  WorkCommand,
  WorkRecord,
  WorkRefusal,
} from '@loyal-mane/core';
import { CARE_LIBRARY, ZONE_NAMES } from '@loyal-mane/library';
import { Clock } from '../clock.js';
import { fromJson } from '../db/rows.js';
import { EventStore } from '../events/eventStore.js';
import { workFromRow, workToRow } from '../kennel/kennelRepository.js';
import { Problem } from '../problem/problem.js';
import { KNEX } from '../tokens.js';
import type { TaskCommandDto, WorkDto } from './dto.js';

type Versioned = WorkRecord & { version: number };

interface DogRow {
  readonly name: string;
  readonly breed: string;
  readonly coat: unknown;
  readonly version: number;
}

/** What a finish changed in a dog's coat, so that taking it back puts that back too. */
interface MarksChange {
  readonly dogId: string;
  readonly before: CoatMarks;
}

const REFUSED: Readonly<Record<WorkRefusal, string>> = {
  alreadyOver: 'Somebody has finished or skipped it.',
  notStarted: 'It has not been started.',
  notRunning: 'It is not running.',
  notPaused: 'It is not paused.',
  alreadyStarted: 'Somebody has started it.',
  reasonMissing: 'Say why it is skipped.',
};
/** Ending of the events that changed a dog's coat as well: screens read the kennel again. */
const COAT_TOO = 'Coat';
/** Days of finished work that the rooms look at. */
const SHOWN_DAYS = 35;

@Injectable()
export class WorkService {
  constructor(
    @Inject(KNEX) private readonly knex: Knex,
    private readonly events: EventStore,
    private readonly clock: Clock,
  ) {}

  async list(): Promise<WorkDto[]> {
    const since = new Date(this.clock.nowMs() - SHOWN_DAYS * 86_400_000);
    const rows = await this.knex<Record<string, unknown>>('task_work')
      .where((w) => void w.whereNull('finished_at').orWhere('finished_at', '>', since))
      .orderBy('task_key');
    return rows.map((r) => workFromRow(r) as WorkDto);
  }

  async command(key: TaskKey, command: WorkCommand, me: PersonId, dto: TaskCommandDto): Promise<WorkDto> {
    return this.events.run(dto.commandId, me, async (trx) => {
      const before = await this.locked(trx, key);
      const outcome = applyWorkCommand(before, command, {
        taskKey: key,
        dogId: dto.dogId as DogId,
        step: dto.step,
        stationId: (dto.stationId ?? null) as StationId | null,
        personId: me,
        nowMs: this.clock.nowMs(),
        ...(dto.expectedMin === undefined ? {} : { expectedMin: dto.expectedMin }),
        ...(dto.reason === undefined ? {} : { reason: dto.reason }),
      });
      if (!outcome.ok) await this.refuse(trx, outcome.refusal, before);
      if ((before?.version ?? 0) !== dto.version) await this.refuse(trx, null, before);
      if (command === 'start') await this.mayCut(trx, dto);
      const record = outcome.ok ? outcome.record : null;
      const after = await this.save(trx, key, record, before);
      const marks = command === 'finish' ? await this.markCoat(trx, dto) : null;
      const change = { before, after, ...(marks === null ? {} : { marks }) };
      return {
        kind: `task.${command}${marks === null ? '' : COAT_TOO}`,
        subject: key,
        change,
        result: after as WorkDto,
      };
    });
  }

  /** Takes the last command on a task back: the record is as it was before it. */
  async undo(key: TaskKey, me: PersonId, commandId: string): Promise<WorkDto | null> {
    return this.events.run(commandId, me, async (trx) => {
      const before = await this.locked(trx, key);
      const done: { before: Versioned | null; marks: MarksChange | undefined }[] = [];
      for (const e of await this.events.changesOf(trx, key)) {
        if (e.kind.startsWith('task.undo')) done.pop();
        else {
          const { before, marks } = e.change as { before: Versioned | null; marks?: MarksChange };
          done.push({ before, marks });
        }
      }
      const last = done[done.length - 1];
      if (last === undefined)
        throw new Problem('notNow', 'There is nothing to take back on this task.', { current: before });
      const after = await this.save(trx, key, last.before, before);
      if (last.marks !== undefined) await this.setMarks(trx, last.marks.dogId, last.marks.before);
      const kind = `task.undo${last.marks === undefined ? '' : COAT_TOO}`;
      return { kind, subject: key, change: { before, after }, result: after as WorkDto | null };
    });
  }

  /** Refuses to cut zones that failed the dry or the straight test: they go back to heat first. */
  private async mayCut(trx: Knex.Transaction, dto: TaskCommandDto): Promise<void> {
    const row = await trx('dogs').where({ id: dto.dogId }).first<DogRow | undefined>('name', 'breed', 'coat');
    if (row === undefined) throw new Problem('notFound', 'There is no such dog.');
    const own = await trx('breeds').where({ name: row.breed }).first<{ facts: unknown } | undefined>('facts');
    const breeds = own === undefined ? [] : [fromJson(own.facts) as KennelBreed];
    const coat = fromJson(row.coat) as Partial<KennelDog>;
    const zones = gatedZones(dto.step, { breed: row.breed, ...coat }, withKennelBreeds(CARE_LIBRARY, breeds));
    if (zones.length === 0) return;
    const names = zones.map((z) => ZONE_NAMES[z]).join(', ');
    throw new Problem(
      'notNow',
      `${row.name}: ${names} ${zones.length === 1 ? 'is' : 'are'} still damp or kinked at the root. Back to heat first, then the check; or mark it clear.`,
    );
  }

  /** What a finished step does to what was found in the coat; null where it does nothing. */
  private async markCoat(trx: Knex.Transaction, dto: TaskCommandDto): Promise<MarksChange | null> {
    const row = await trx('dogs').where({ id: dto.dogId }).forUpdate().first<DogRow | undefined>('coat');
    if (row === undefined) return null;
    const { soiled, mats, unready } = fromJson(row.coat) as Partial<KennelDog>;
    const before: CoatMarks = { soiled: soiled ?? [], mats: mats ?? [], unready: unready ?? [] };
    const after = coatAfter(dto.step, before);
    const same = [before.soiled, before.mats, before.unready].every(
      (list, i) => list.length === [after.soiled, after.mats, after.unready][i]?.length,
    );
    if (same) return null;
    await this.setMarks(trx, dto.dogId, after);
    return { dogId: dto.dogId, before };
  }

  private async setMarks(trx: Knex.Transaction, dogId: string, marks: CoatMarks): Promise<void> {
    const row = await trx('dogs').where({ id: dogId }).forUpdate().first<DogRow | undefined>('coat', 'version');
    if (row === undefined) return;
    const coat = JSON.stringify({ ...(fromJson(row.coat) as object), ...marks });
    await trx('dogs')
      .where({ id: dogId })
      .update({ coat, version: row.version + 1 });
  }

  private async locked(trx: Knex.Transaction, key: TaskKey): Promise<Versioned | null> {
    const row = await trx<Record<string, unknown>>('task_work').where({ task_key: key }).forUpdate().first();
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
    const who =
      current?.personId === undefined
        ? undefined
        : await trx('people').where({ id: current.personId }).first<{ name: string } | undefined>('name');
    const name = who === undefined ? 'Somebody else' : who.name;
    if (refusal === 'alreadyOver') {
      throw new Problem('alreadyOver', `${name} was quicker: this task is ${current?.state ?? 'over'} already.`, {
        current,
      });
    }
    if (refusal === 'reasonMissing') {
      throw new Problem('badInput', REFUSED[refusal], { errors: [{ path: 'reason', detail: REFUSED[refusal] }] });
    }
    if (refusal !== null) throw new Problem('notNow', REFUSED[refusal], { current });
    throw new Problem('stale', `${name} changed this task meanwhile. Look again before you go on.`, { current });
  }
}
