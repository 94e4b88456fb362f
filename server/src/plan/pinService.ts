/*
 * Tasks that a lead sets: planning goes around them until they are let go. Only what is planned and not begun can be set.
 */
import { Inject, Injectable } from '@nestjs/common';
import type { Knex } from 'knex';
import type { Plan, TaskKey } from '@loyal-mane/core';
import { EventStore } from '../events/eventStore.js';
import { Problem } from '../problem/problem.js';
import { KNEX } from '../tokens.js';
import type { SetTaskDto } from './dto.js';
import { PlanRepository } from './planRepository.js';

@Injectable()
export class PinService {
  constructor(
    @Inject(KNEX) private readonly knex: Knex,
    private readonly events: EventStore,
    private readonly plans: PlanRepository,
  ) {}

  /** Sets a task of the published plan at a time, and with hands and a place where they are named. */
  async set(key: TaskKey, me: string, dto: SetTaskDto): Promise<void> {
    await this.mustBePlanned(key);
    await this.events.run(dto.commandId, me, async (trx) => {
      await mustExist(trx, 'people', dto.personId, 'personId', 'nobody has this id');
      await mustExist(trx, 'stations', dto.stationId, 'stationId', 'no station has this id');
      if ((await trx('task_work').where({ task_key: key }).first<object | undefined>('task_key')) !== undefined)
        throw new Problem('notNow', 'This task has begun already.');
      const before = await trx('task_pins').where({ task_key: key }).first<object | undefined>();
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

  async letGo(key: TaskKey, me: string, commandId: string): Promise<void> {
    await this.events.run(commandId, me, async (trx) => {
      const before = await trx('task_pins').where({ task_key: key }).forUpdate().first<object | undefined>();
      if (before === undefined) throw new Problem('notNow', 'This task is not set.');
      await trx('task_pins').where({ task_key: key }).delete();
      return { kind: 'pin.removed', subject: key, change: { before, after: null }, result: null };
    });
  }

  private async mustBePlanned(key: TaskKey): Promise<void> {
    const published = await this.plans.published();
    const plan = published === null ? null : (JSON.parse(published.body) as Plan);
    const known = plan?.activities.some((a) => a.key === key && a.state === 'planned') === true;
    if (
      !known &&
      (await this.knex('task_pins').where({ task_key: key }).first<object | undefined>('task_key')) === undefined
    )
      throw new Problem('notFound', 'That task is not in the published plan.');
  }
}

async function mustExist(
  trx: Knex.Transaction,
  table: string,
  id: string | undefined,
  path: string,
  detail: string,
): Promise<void> {
  if (id === undefined || (await trx(table).where({ id }).first<object | undefined>('id')) !== undefined) return;
  throw new Problem('badInput', 'That is not there any more.', { errors: [{ path, detail }] });
}
