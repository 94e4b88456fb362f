/*
 * Tasks that a lead sets: planning goes around them until they are let go. Only what is planned and not begun can be set.
 */
import { Injectable } from '@nestjs/common';
import type { Knex } from 'knex';
import type { TaskKey } from '@loyal-mane/core';
import type { Command } from '../auth/session.js';
import { EventStore } from '../events/eventStore.js';
import { Problem } from '../problem/problem.js';
import type { SetTaskDto } from './dto.js';
import { PlanInForce } from './planInForce.js';

/** Sets starts of tasks, and lets them go. */
@Injectable()
export class PinService {
  constructor(
    private readonly events: EventStore,
    private readonly plans: PlanInForce,
  ) {}

  /** Sets a task of the published plan at a time, and with a person and a station where they are named. */
  async set(key: TaskKey, given: Command, dto: SetTaskDto): Promise<void> {
    await this.events.run(given, async (trx) => {
      await this.mustBePlanned(trx, key);
      await mustExist(trx, 'people', dto.personId, 'personId', 'nobody has this id');
      await mustExist(trx, 'stations', dto.stationId, 'stationId', 'no station has this id');
      if ((await trx('task_work').where({ task_key: key }).first('task_key')) !== undefined)
        throw new Problem('notNow', 'This task has begun already.');
      const before = await trx('task_pins').where({ task_key: key }).first();
      const after = {
        task_key: key,
        start: new Date(dto.start),
        person_id: dto.personId ?? null,
        station_id: dto.stationId ?? null,
      };
      await trx('task_pins').insert(after).onConflict('task_key').merge();
      return { kind: 'pin.set', subject: key, change: { before: before ?? null, after }, result: null };
    });
  }

  async letGo(key: TaskKey, given: Command): Promise<void> {
    await this.events.run(given, async (trx) => {
      const before = await trx('task_pins').where({ task_key: key }).forUpdate().first();
      if (before === undefined) throw new Problem('notNow', 'This task is not set.');
      await trx('task_pins').where({ task_key: key }).delete();
      return { kind: 'pin.removed', subject: key, change: { before, after: null }, result: null };
    });
  }

  private async mustBePlanned(trx: Knex.Transaction, key: TaskKey): Promise<void> {
    const isPlanned = (await this.plans.read(trx))?.tasks.get(key)?.state === 'planned';
    if (!isPlanned && (await trx('task_pins').where({ task_key: key }).first('task_key')) === undefined)
      throw new Problem('notFound', 'That task is not in the published plan.');
  }
}

async function mustExist(
  trx: Knex.Transaction,
  table: 'people' | 'stations',
  id: string | undefined,
  path: string,
  detail: string,
): Promise<void> {
  if (id === undefined || (await trx(table).where({ id }).first('id')) !== undefined) return;
  throw new Problem('badInput', 'That is not there any more.', { errors: [{ path, detail }] });
}
