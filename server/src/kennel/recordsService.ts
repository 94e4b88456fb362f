/*
 * Keeps what is known of dogs beyond who they are, and the kennel's own breeds. Each change bumps the row's version; logs are
 * appended, so that two people who write at once lose nothing.
 */
import { Inject, Injectable } from '@nestjs/common';
import type { Knex } from 'knex';
import type { DogParts, LocalDay } from '@loyal-mane/core';
import { DogRecord, localDayOf } from '@loyal-mane/core';
import { BODY_SHAPES, BREEDS } from '@loyal-mane/library';
import { readBreed, readDogParts } from '@loyal-mane/library/reader';
import type { Command } from '../auth/session.js';
import { Clock } from '../clock.js';
import type { RowVersionDto } from '../contract/commandDto.js';
import { happenedMs } from '../contract/happened.js';
import { fromJson } from '../db/rows.js';
import type { BreedsRow } from '../db/tables.gen.js';
import { EventStore } from '../events/eventStore.js';
import { Problem } from '../problem/problem.js';
import { KNEX } from '../tokens.js';
import { logged } from './coatLogs.js';
import type { BreedCommandDto, BreedRemoveDto, CoatLogDto, RecordCommandDto } from './recordDto.js';
import { checkedParts, patchOf, unreadable } from './recordPatch.js';
import { RowCommands } from './rowCommands.js';

type Parts = Record<string, unknown>;

/** Saves records, logs and own breeds, each with its event. */
@Injectable()
export class RecordsService {
  constructor(
    @Inject(KNEX) private readonly knex: Knex,
    private readonly events: EventStore,
    private readonly clock: Clock,
    private readonly rows: RowCommands,
  ) {}

  async changeDog(id: string, given: Command, dto: RecordCommandDto): Promise<RowVersionDto> {
    const { set, gone } = patchOf(dto.record, null);
    const parts = checkedParts(readDogParts(set));
    mayGo(gone, MUST_STAY);
    const command = { list: 'dogs', id, given, version: dto.version, kind: 'dog.record' } as const;
    return this.rows.change(command, (row) => {
      const merged: Parts = { ...(fromJson(row['coat']) as Parts), ...parts };
      const coat = Object.fromEntries(Object.entries(merged).filter(([field]) => !gone.includes(field)));
      const whole = readDogParts(onlyRecord(coat));
      if (!whole.ok) throw unreadable(whole.issues);
      return { coat: JSON.stringify(coat) };
    });
  }

  /** Appends what was used or seen. @throws Problem `badInput` for a moment that is more than a day ago */
  async log(id: string, given: Command, dto: CoatLogDto): Promise<RowVersionDto> {
    const day = await this.dayOf(happenedMs(dto.at, this.clock.nowMs()));
    return this.rows.change({ list: 'dogs', id, given, kind: 'dog.log', version: null }, (row) => ({
      coat: JSON.stringify(logged(fromJson(row['coat']) as DogParts, dto, { day, id: given.id, by: given.actorId })),
    }));
  }

  async saveBreed(given: Command, dto: BreedCommandDto): Promise<RowVersionDto> {
    const breed = checkedParts(readBreed(dto.breed));
    if (!(breed.badge in BODY_SHAPES)) {
      const errors = [{ path: 'breed.badge', detail: `there is no silhouette "${breed.badge}"` }];
      throw new Problem('badInput', 'The library has no silhouette of this name. Nothing was saved.', { errors });
    }
    return this.events.run(given, async (trx) => {
      const before = await trx('breeds').where({ name: breed.name }).forUpdate().first();
      if ((before?.version ?? 0) !== dto.version) throw staleBreed(before);
      const version = dto.version + 1;
      const row = { name: breed.name, facts: JSON.stringify(breed), version };
      await trx('breeds').insert(row).onConflict('name').merge();
      const change = { before: before ?? null, after: row };
      return { kind: 'breed.saved', subject: breed.name, change, result: { id: breed.name, version } };
    });
  }

  async removeBreed(given: Command, dto: BreedRemoveDto): Promise<RowVersionDto> {
    return this.events.run(given, async (trx) => {
      const before = await trx('breeds').where({ name: dto.name }).forUpdate().first();
      if (before === undefined)
        throw new Problem('notFound', 'The kennel has no own breed of this name. Nothing was changed.');
      if (before.version !== dto.version) throw staleBreed(before);
      const dogs = await trx('dogs').where({ breed: dto.name }).select('name');
      if (dogs.length > 0 && !BREEDS.has(dto.name)) {
        const names = dogs.map((d) => d.name).join(', ');
        throw new Problem('notNow', `${names} ${dogs.length === 1 ? 'is' : 'are'} of this breed. It stays.`);
      }
      await trx('breeds').where({ name: dto.name }).delete();
      const change = { before, after: null };
      return { kind: 'breed.removed', subject: dto.name, change, result: { id: dto.name, version: dto.version } };
    });
  }

  private async dayOf(ms: number): Promise<LocalDay> {
    const row = await this.knex('settings').first('time_zone');
    return localDayOf(ms, row?.time_zone ?? 'UTC');
  }
}

/** Fields that every dog has. */
const MUST_STAY: readonly string[] = DogRecord.required;

function mayGo(gone: readonly string[], must: readonly string[]): void {
  const errors = gone.filter((f) => must.includes(f)).map((path) => ({ path, detail: 'every dog has one: it stays' }));
  if (errors.length > 0)
    throw new Problem('badInput', 'Not everything can be taken away. Nothing was changed.', { errors });
}

/** A coat without what other commands keep in it. */
function onlyRecord(coat: Parts): Parts {
  const others = ['schools', 'soiled', 'mats', 'unready', 'knotsFound', 'dampFound'];
  return Object.fromEntries(Object.entries(coat).filter(([field]) => !others.includes(field)));
}

function staleBreed(before: BreedsRow | undefined): Problem {
  const current = before === undefined ? null : { version: before.version, breed: fromJson(before.facts) };
  return new Problem(
    'stale',
    'Somebody changed this breed while you were editing. Nothing of yours was saved. The present record is shown.',
    { current },
  );
}
