/*
 * Gates between a command at the bench and its record: a dog that somebody works on, a coat that may not be cut or wetted, a
 * dog that has not been looked over at the tub. Rules are the core's; here they are asked of the rows as they are.
 */
import { Injectable } from '@nestjs/common';
import type { Knex } from 'knex';
import {
  MOST_TICKS,
  conditionerAfter,
  exitChecks,
  exitTick,
  gatedZones,
  instantToMs,
  TOWEL_ZONES,
  mattedZones,
  openChecks,
  openTowels,
  upsetZones,
  wallTimeOf,
  withKennelBreeds,
  withSoaksEnded,
} from '@loyal-mane/core';
import type {
  CareLibrary,
  DogId,
  ExitCheck,
  Instant,
  KennelBreed,
  KennelDog,
  StepId,
  TaskKey,
  WorkRecord,
} from '@loyal-mane/core';
import { CARE_LIBRARY, ZONE_NAMES } from '@loyal-mane/library';
import { EXIT_WORDS, METHODS } from '@loyal-mane/library/words';
import { Clock } from '../clock.js';
import { fromJson } from '../db/rows.js';
import { workFromRow } from '../kennel/kennelRepository.js';
import { PlanInForce } from '../plan/planInForce.js';
import { Problem } from '../problem/problem.js';

/** The task that is asked about. */
export interface GatedTask {
  readonly dogId: DogId;
  readonly step: StepId;
}

/** Refuses, in words, what would hurt a dog or spoil a coat. */
@Injectable()
export class TaskGates {
  constructor(
    private readonly plans: PlanInForce,
    private readonly clock: Clock,
  ) {}

  /**
   * Asks before a dog is worked on twice at once, and before somebody leaves a dog at a station for another; `actorId` is null where
   * the work has long begun and nobody is left to ask. The dog's row is locked, so that two who start together meet here.
   */
  async mustBeFree(trx: Knex.Transaction, key: TaskKey, task: GatedTask, actorId: string | null): Promise<void> {
    const dog = await trx('dogs').where({ id: task.dogId }).forUpdate().first('name');
    const running = () => trx('task_work').where({ state: 'running' }).whereNot({ task_key: key });
    const there = await running().where({ dog_id: task.dogId }).first();
    if (there !== undefined) {
      const other = workFromRow(there);
      const who = await this.nameOf(trx, other.personId);
      throw new Problem(
        'askFirst',
        `${who} is still working on ${dog?.name ?? 'this dog'} (${await this.sinceWords(trx, other)}). Nothing was started. Finish or pause that first, or start anyway.`,
        { current: other },
      );
    }
    const elsewhere =
      actorId === null ? undefined : await running().where({ person_id: actorId }).whereNotNull('station_id').first();
    if (elsewhere === undefined) return;
    const other = workFromRow(elsewhere);
    const left = await trx('dogs').where({ id: other.dogId }).first('name');
    throw new Problem(
      'askFirst',
      `You are still working on ${left?.name ?? 'another dog'} (${await this.sinceWords(trx, other)}). Nothing was started. A dog is never left alone on a table or in a tub: finish or pause that first, or start anyway.`,
      { current: other },
    );
  }

  /** "natural trim since 10:36". */
  private async sinceWords(trx: Knex.Transaction, { step, startedAt }: WorkRecord): Promise<string> {
    const name = METHODS[step].name.toLowerCase();
    if (startedAt === undefined) return name;
    const settings = await trx('settings').where({ id: 1 }).first('time_zone');
    return `${name} since ${wallTimeOf(instantToMs(startedAt), settings?.time_zone ?? 'UTC')}`;
  }

  /** Refuses to cut what lies under a towel, or the wedge before it, until the release. */
  private async towelIsOff(
    trx: Knex.Transaction,
    { dogId, step }: GatedTask,
    name: string,
    dog: Pick<KennelDog, 'breed'> & Partial<KennelDog>,
    library: CareLibrary,
  ): Promise<void> {
    const rows = await trx('task_work').where({ dog_id: dogId }).whereIn('step', ['towelSet', 'towelRelease']);
    const [towel] = openTowels(rows.map(workFromRow), this.clock.nowMs());
    if (towel === undefined) return;
    const unready = TOWEL_ZONES.map((zone) => ({ zone, test: 'damp' as const }));
    const zones = gatedZones(step, { ...dog, unready }, library);
    if (zones.length === 0) return;
    const settings = await trx('settings').where({ id: 1 }).first('time_zone');
    const since = wallTimeOf(instantToMs(towel.since), settings?.time_zone ?? 'UTC');
    throw new Problem(
      'notNow',
      `${name}: the towel has been on since ${since} (${zones.map((z) => ZONE_NAMES[z]).join(', ')}). Nothing was started. Release it first: what lies under it is not cut.`,
    );
  }

  /** Refuses to cut zones that failed the dry or the straight test, and to wet tight or solid mats. */
  async mayCut(trx: Knex.Transaction, { dogId, step }: GatedTask): Promise<void> {
    const row = await trx('dogs').where({ id: dogId }).first('name', 'breed', 'coat');
    if (row === undefined)
      throw new Problem('notFound', 'This dog is not in the kennel any more. Nothing was recorded.');
    const coat = fromJson(row.coat) as Partial<KennelDog>;
    const matted = mattedZones(step, coat);
    if (matted.length > 0)
      throw new Problem(
        'notNow',
        `${row.name}: tight or solid mats (${matted.map((z) => ZONE_NAMES[z]).join(', ')}). Nothing was started: water sets them. Take them out first, or clip beneath them if you may decide that.`,
      );
    const upset = upsetZones(step, coat);
    if (upset.length > 0)
      throw new Problem(
        'notNow',
        `${row.name}: the skin under a mat is upset (${upset.map((z) => ZONE_NAMES[z]).join(', ')}). Nothing was started: a vet looks first. Mark the skin calm when it is.`,
      );
    const library = await this.libraryOf(trx, row.breed);
    await this.towelIsOff(trx, { dogId, step }, row.name, { breed: row.breed, ...coat }, library);
    const zones = gatedZones(step, { breed: row.breed, ...coat }, library);
    if (zones.length === 0) return;
    const names = zones.map((z) => ZONE_NAMES[z]).join(', ');
    throw new Problem(
      'notNow',
      `${row.name}: ${names} ${zones.length === 1 ? 'is' : 'are'} still damp or kinked at the root. Nothing was started. Heat-dry first and check again, or mark it clear.`,
    );
  }

  /** A finished record with what was looked at before the dog left the tub. @throws where something was not */
  async leaving(
    trx: Knex.Transaction,
    key: TaskKey,
    { dogId, step }: GatedTask,
    record: WorkRecord,
    confirmed: readonly ExitCheck[] = [],
  ): Promise<WorkRecord> {
    const dog = await trx('dogs').where({ id: dogId }).first('name', 'breed');
    const coat = dog === undefined ? undefined : (await this.libraryOf(trx, dog.breed)).breeds.get(dog.breed)?.coat;
    if (dog === undefined || coat === undefined) return record;
    const checks = exitChecks(step, coat, await this.isConditioned(trx, key));
    if (checks.length === 0) return record;
    const ticked = [...new Set([...(record.ticked ?? []), ...confirmed.map(exitTick)])];
    const open = openChecks(checks, ticked);
    if (open.length > 0) {
      const words = open.map((c) => EXIT_WORDS[c].short).join(', ');
      throw new Problem('notNow', `${dog.name}: not confirmed yet: ${words}. Nothing was finished.`);
    }
    return withSoaksEnded({ ...record, ticked: ticked.slice(-MOST_TICKS) }, record.finishedAt as Instant);
  }

  /** Whether a conditioner follows in the same chain, which is still to be rinsed. */
  private async isConditioned(trx: Knex.Transaction, key: TaskKey): Promise<boolean> {
    const tasks = (await this.plans.read(trx))?.tasks;
    return tasks !== undefined && conditionerAfter(tasks.get(key), tasks.values());
  }

  private async libraryOf(trx: Knex.Transaction, breed: string): Promise<CareLibrary> {
    const own = await trx('breeds').where({ name: breed }).first('facts');
    return withKennelBreeds(CARE_LIBRARY, own === undefined ? [] : [fromJson(own.facts) as KennelBreed]);
  }

  /** Name of a person; somebody whose row is gone stays somebody. */
  async nameOf(trx: Knex.Transaction, personId: string | undefined): Promise<string> {
    const row = personId === undefined ? undefined : await trx('people').where({ id: personId }).first('name');
    return row?.name ?? 'Somebody else';
  }
}
