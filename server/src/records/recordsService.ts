/*
 * What is kept of dogs and people beyond who they are, and the kennel's own breeds. Each change bumps the row's version;
 * logs are appended, so that two people who write at once lose nothing.
 */
import { Inject, Injectable } from '@nestjs/common';
import type { Knex } from 'knex';
import type { DogParts, LocalDay } from '@loyal-mane/core';
import { DogRecord, localDayOf } from '@loyal-mane/core';
import { BODY_SHAPES, BREEDS } from '@loyal-mane/library';
import { readBreed, readDogParts, readPersonParts } from '@loyal-mane/library/reader';
import type { KennelIssue, RecordResult } from '@loyal-mane/library/reader';
import { issueWords } from '@loyal-mane/library/words';
import type { VersionedRow as Row } from '../changes/rowCommands.js';
import { RowCommands } from '../changes/rowCommands.js';
import { Clock } from '../clock.js';
import { fromJson } from '../db/rows.js';
import { EventStore } from '../events/eventStore.js';
import type { RowVersionDto } from '../people/dto.js';
import { Problem } from '../problem/problem.js';
import { KNEX } from '../tokens.js';
import type { BreedCommandDto, BreedRemoveDto, CoatLogDto, RecordCommandDto } from './dto.js';

type Parts = Record<string, unknown>;

/** Uses and observations that are kept; older ones give way. */
const MOST_LOGS = 100;
const MOST_USES = 400;

@Injectable()
export class RecordsService {
  constructor(
    @Inject(KNEX) private readonly knex: Knex,
    private readonly events: EventStore,
    private readonly clock: Clock,
    private readonly rows: RowCommands,
  ) {}

  async changeDog(id: string, me: string, dto: RecordCommandDto): Promise<RowVersionDto> {
    const { set, gone } = partsOf(dto.record);
    const parts = checked(readDogParts(set));
    mayGo(gone, MUST_STAY);
    return this.change('dogs', id, me, dto, 'dog.record', (row) => {
      const merged: Parts = { ...(fromJson(row['coat']) as Parts), ...parts };
      const coat = Object.fromEntries(Object.entries(merged).filter(([field]) => !gone.includes(field)));
      const whole = readDogParts(onlyRecord(coat));
      if (!whole.ok) throw unreadable(whole.issues);
      return { coat: JSON.stringify(coat) };
    });
  }

  async changePerson(id: string, me: string, dto: RecordCommandDto): Promise<RowVersionDto> {
    const { set, gone } = partsOf(dto.record);
    const parts = checked(readPersonParts(set));
    const { brushingRoute, ...lists } = parts;
    const { brushingRoute: noRoute, ...cleared } = pick(Object.fromEntries(gone.map((field) => [field, null])), [
      'learning',
      'kit',
      'brushingRoute',
    ]);
    const route = noRoute === null ? null : brushingRoute;
    return this.change('people', id, me, dto, 'person.record', () => ({
      ...Object.fromEntries(Object.entries(lists).map(([field, value]) => [field, JSON.stringify(value)])),
      ...cleared,
      ...(route === undefined ? {} : { brushing_route: route }),
    }));
  }

  /** Appends what was used or seen today. */
  async log(id: string, me: string, dto: CoatLogDto): Promise<RowVersionDto> {
    const day = await this.today();
    return this.rows.change(
      { list: 'dogs', id, me, kind: 'dog.log', commandId: dto.commandId, version: null },
      (row) => ({
        coat: JSON.stringify(logged(fromJson(row['coat']) as DogParts, dto, day)),
      }),
    );
  }

  async saveBreed(me: string, dto: BreedCommandDto): Promise<RowVersionDto> {
    const breed = checked(readBreed(dto.breed));
    if (!(breed.badge in BODY_SHAPES)) {
      const errors = [{ path: 'breed.badge', detail: `there is no silhouette "${breed.badge}"` }];
      throw new Problem('badInput', 'There is no such silhouette.', { errors });
    }
    return this.events.run(dto.commandId, me, async (trx) => {
      const before = await trx('breeds').where({ name: breed.name }).forUpdate().first<Row | undefined>();
      if ((before?.version ?? 0) !== dto.version) throw staleBreed(before);
      const version = dto.version + 1;
      const row = { name: breed.name, facts: JSON.stringify(breed), version };
      await trx('breeds').insert(row).onConflict('name').merge();
      const change = { before: before ?? null, after: row };
      return { kind: 'breed.saved', subject: breed.name, change, result: { id: breed.name, version } };
    });
  }

  async removeBreed(me: string, dto: BreedRemoveDto): Promise<RowVersionDto> {
    return this.events.run(dto.commandId, me, async (trx) => {
      const before = await trx('breeds').where({ name: dto.name }).forUpdate().first<Row | undefined>();
      if (before === undefined) throw new Problem('notFound', 'There is no such breed of your own.');
      if (before.version !== dto.version) throw staleBreed(before);
      const dogs = await trx('dogs').where({ breed: dto.name }).select<{ name: string }[]>('name');
      if (dogs.length > 0 && !BREEDS.has(dto.name)) {
        const names = dogs.map((d) => d.name).join(', ');
        throw new Problem('notNow', `${names} ${dogs.length === 1 ? 'is' : 'are'} of this breed. It stays.`);
      }
      await trx('breeds').where({ name: dto.name }).delete();
      const change = { before, after: null };
      return { kind: 'breed.removed', subject: dto.name, change, result: { id: dto.name, version: dto.version } };
    });
  }

  private async today(): Promise<LocalDay> {
    const row = await this.knex('settings').first<{ time_zone: string } | undefined>('time_zone');
    return localDayOf(this.clock.nowMs(), row?.time_zone ?? 'UTC');
  }

  private change(
    list: 'dogs' | 'people',
    id: string,
    me: string,
    dto: RecordCommandDto,
    kind: string,
    make: (row: Row) => Record<string, unknown>,
  ): Promise<RowVersionDto> {
    return this.rows.change({ list, id, me, kind, commandId: dto.commandId, version: dto.version }, make);
  }
}

/** Fields to set, and fields to take away (null). */
function partsOf(record: Parts): { set: Parts; gone: string[] } {
  const entries = Object.entries(record);
  return {
    set: Object.fromEntries(entries.filter(([, value]) => value !== null)),
    gone: entries.filter(([, value]) => value === null).map(([field]) => field),
  };
}

function pick(parts: Parts, fields: readonly string[]): Parts {
  const unknown = Object.keys(parts).find((f) => !fields.includes(f));
  if (unknown !== undefined) {
    throw new Problem('badInput', 'Not everything can be read. Nothing was changed.', {
      errors: [{ path: unknown, detail: 'is not a field of a kennel file' }],
    });
  }
  return parts;
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
  const others = ['schools', 'soiled', 'mats', 'unready'];
  return Object.fromEntries(Object.entries(coat).filter(([field]) => !others.includes(field)));
}

function checked<T>(result: RecordResult<T>): T {
  if (!result.ok) throw unreadable(result.issues);
  return result.record;
}

function unreadable(issues: readonly KennelIssue[]): Problem {
  const errors = issues.map((i) => ({ path: i.path, detail: issueWords(i) }));
  const first = errors[0];
  const words = first === undefined ? '' : ` ${first.path}: ${first.detail}.`;
  return new Problem('badInput', `Not everything can be read. Nothing was changed.${words}`, { errors });
}

function staleBreed(before: Row | undefined): Problem {
  const current = before === undefined ? null : fromJson(before['facts']);
  return new Problem('stale', 'Somebody changed this breed meanwhile. What is there now is shown.', { current });
}

function logged(coat: DogParts, dto: CoatLogDto, day: LocalDay): DogParts {
  const missing = (path: string): Problem =>
    new Problem('badInput', 'Something is missing. Nothing was changed.', { errors: [{ path, detail: 'is missing' }] });
  switch (dto.what) {
    case 'use': {
      if (dto.product === undefined) throw missing('product');
      const scope = dto.scope ?? (dto.zones === undefined ? 'whole' : 'zones');
      const use = { day, product: dto.product, scope, ...(dto.zones === undefined ? {} : { zones: dto.zones }) };
      const clears = dto.product === 'clarifyingWash' ? { buildUp: false } : {};
      return { ...coat, ...clears, uses: [...(coat.uses ?? []), use].slice(-MOST_USES) };
    }
    case 'settle':
      if (dto.right === undefined) throw missing('right');
      return { ...coat, settles: [...(coat.settles ?? []), { day, right: dto.right }].slice(-MOST_LOGS) };
    case 'hold':
      if (dto.minutes === undefined) throw missing('minutes');
      return { ...coat, holds: [...(coat.holds ?? []), { day, minutes: dto.minutes }].slice(-MOST_LOGS) };
  }
}
