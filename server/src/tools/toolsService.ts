/*
 * Care of tools: what is due is reckoned from all work on record, never from what a screen has read.
 */
import { Inject, Injectable } from '@nestjs/common';
import type { Knex } from 'knex';
import { caredTools, toolJobs, withKennelBreeds } from '@loyal-mane/core';
import type {
  KennelBreed,
  KennelPerson,
  PersonId,
  StationId,
  StationKind,
  StepId,
  ToolKind,
  ToolWork,
} from '@loyal-mane/core';
import { CARE_LIBRARY, CARE_RULES } from '@loyal-mane/library';
import type { Command } from '../auth/session.js';
import { Clock } from '../clock.js';
import { fromJson } from '../db/rows.js';
import { EventStore } from '../events/eventStore.js';
import { careFromRow } from '../kennel/kennelRepository.js';
import { Problem } from '../problem/problem.js';
import { KNEX } from '../tokens.js';
import type { CareDto, ToolJobDto } from './dto.js';

/** Work of so many days is counted: no job waits longer than a year. */
const COUNTED_DAYS = 400;
const DAY_MS = 86_400_000;

interface WorkSum {
  readonly person_id: string | null;
  readonly station_id: string | null;
  readonly step: string;
  readonly breed: string;
  readonly until: Date;
  readonly ms: number | string;
}

/** Tells what tools need, and notes what was done. */
@Injectable()
export class ToolsService {
  constructor(
    @Inject(KNEX) private readonly knex: Knex,
    private readonly events: EventStore,
    private readonly clock: Clock,
  ) {}

  async jobs(): Promise<ToolJobDto[]> {
    const nowMs = this.clock.nowMs();
    const [work, people, stations, done, settings] = await Promise.all([
      this.work(nowMs),
      this.knex('people').orderBy('name').select('id', 'role', 'kit'),
      this.knex('stations').orderBy('name').select('id', 'kind'),
      this.knex('tool_care').where('at', '>', new Date(nowMs - COUNTED_DAYS * DAY_MS)),
      this.knex('settings').where({ id: 1 }).first('time_zone'),
    ]);
    const kennel = {
      people: people.map(({ id, role, kit }) => ({
        ...{ id: id as PersonId, role: role as KennelPerson['role'] },
        ...(kit == null ? {} : { kit: fromJson(kit) as NonNullable<KennelPerson['kit']> }),
      })),
      stations: stations.map(({ id, kind }) => ({ id, kind: kind as StationKind })),
    };
    const at = { nowMs, zone: settings?.time_zone ?? 'UTC' };
    const jobs = toolJobs(
      caredTools(kennel, work),
      CARE_RULES,
      work,
      done.map((r) => careFromRow({ ...r })),
      at,
    );
    return jobs.map(({ tool: { key, kind, personId, stationId }, job, isDue, usedMin, lastMs, leftMin }) => ({
      ...{ tool: key, kind, job, isDue, usedMin: Math.round(usedMin) },
      ...(personId === null ? {} : { personId }),
      ...(stationId === null ? {} : { stationId }),
      ...(lastMs === null ? {} : { lastAt: new Date(lastMs).toISOString() }),
      ...(leftMin === null ? {} : { leftMin: Math.ceil(leftMin) }),
    }));
  }

  async care(given: Command, { tool, job }: CareDto): Promise<void> {
    const known = await this.jobs();
    if (!known.some((j) => j.tool === tool && j.job === job))
      throw new Problem(
        'badInput',
        'There is no such tool, or nothing of this kind is done to it. Nothing was noted.',
        {
          errors: [{ path: 'tool', detail: 'is not in anybody’s kit, and no station' }],
        },
      );
    await this.events.run(given, async (trx) => {
      const row = { id: given.id, tool, job, at: new Date(this.clock.nowMs()), person_id: given.actorId };
      await trx('tool_care').insert(row);
      return { kind: 'tool.cared', subject: tool, change: { before: null, after: row }, result: null };
    });
  }

  /** Work that was finished, summed by day, person, station, step and breed: few rows however many years there are. */
  private async work(nowMs: number): Promise<ToolWork[]> {
    const sums = (await this.knex('task_work as w')
      .join('dogs as d', 'd.id', 'w.dog_id')
      .where('w.state', 'done')
      .where('w.finished_at', '>', new Date(nowMs - COUNTED_DAYS * DAY_MS))
      .groupByRaw('w.person_id, w.station_id, w.step, d.breed, date(w.finished_at)')
      .select('w.person_id', 'w.station_id', 'w.step', 'd.breed')
      .max({ until: 'w.finished_at' })
      .sum({ ms: 'w.worked_ms' })) as unknown as WorkSum[];
    const own = await this.knex('breeds').select('facts');
    const library = withKennelBreeds(
      CARE_LIBRARY,
      own.map((b) => fromJson(b.facts) as KennelBreed),
    );
    const toolsOf = (step: string, breed: string): readonly ToolKind[] => {
      const coat = library.breeds.get(breed)?.coat;
      return coat === undefined ? [] : library.tools(step as StepId, coat).map((t) => t.tool);
    };
    return sums.map(({ person_id, station_id, step, breed, until, ms }) => ({
      ...(person_id === null ? {} : { personId: person_id as PersonId }),
      ...(station_id === null ? {} : { stationId: station_id as StationId }),
      minutes: Number(ms) / 60_000,
      untilMs: until.getTime(),
      tools: toolsOf(step, breed),
    }));
  }
}
