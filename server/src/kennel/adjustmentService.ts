/*
 * Small changes between two plans: who shows a dog, who stays longer, what is open again, what was found in a coat. Each
 * change bumps the row's version; somebody who saw an older one is told what is there now.
 */
import { Inject, Injectable } from '@nestjs/common';
import type { Knex } from 'knex';
import {
  isMatAt,
  keptUntil,
  localDayOf,
  turnedHours,
  wallTimeOf,
  withDampFinds,
  withFinds,
  withFoundDays,
  withKennelBreeds,
} from '@loyal-mane/core';
import type { KennelDog, KennelStation, KnownMat, LocalDay, WallTime } from '@loyal-mane/core';
import { CARE_LIBRARY } from '@loyal-mane/library';
import type { Command } from '../auth/session.js';
import { Clock } from '../clock.js';
import type { RowVersionDto } from '../contract/commandDto.js';
import { fromJson } from '../db/rows.js';
import { Problem } from '../problem/problem.js';
import { KNEX } from '../tokens.js';
import type { CoatMarksCommandDto, HandlerDto, OvertimeDto, ReopenDto, ShowRulesCommandDto } from './adjustmentDto.js';
import { KennelRepository } from './kennelRepository.js';
import { RowCommands } from './rowCommands.js';

const END_OF_DAY = '24:00' as WallTime;

/** Makes those changes, each with its event. */
@Injectable()
export class AdjustmentService {
  constructor(
    @Inject(KNEX) private readonly knex: Knex,
    private readonly rows: RowCommands,
    private readonly clock: Clock,
    private readonly kennels: KennelRepository,
  ) {}

  async setHandler(entryId: string, given: Command, dto: HandlerDto): Promise<RowVersionDto> {
    const person = await this.knex('people').where({ id: dto.handlerId }).first('name', 'skills');
    if (person === undefined)
      throw new Problem('badInput', 'This person is not in the kennel any more. Nothing was saved.', {
        errors: [{ path: 'handlerId', detail: 'nobody has this id' }],
      });
    if (!(fromJson(person.skills) as string[]).includes('ring')) {
      throw new Problem('badInput', `${person.name} does not show dogs.`, {
        errors: [{ path: 'handlerId', detail: 'has no skill "ring"' }],
      });
    }
    const command = { list: 'entries', id: entryId, given, version: dto.version, kind: 'entry.handler' } as const;
    return this.rows.change(command, () => ({ handler_id: dto.handlerId }));
  }

  /** Keeps a show's own rules, as somebody has read them. */
  async setRules(showId: string, given: Command, dto: ShowRulesCommandDto): Promise<RowVersionDto> {
    const { leastAgeMonths, ...rules } = dto.rules;
    const hours = turnedHours({ ...rules, leastAgeMonths });
    if (hours !== null)
      throw new Problem('badInput', 'Dryers have to start before they stop.', {
        errors: [{ path: 'rules.dryersUntil', detail: `they start at ${hours.from}` }],
      });
    const kept = { ...rules, ...(leastAgeMonths > 0 ? { leastAgeMonths } : {}) };
    const command = { list: 'shows', id: showId, given, version: dto.version, kind: 'show.rules' } as const;
    return this.rows.change(command, () => ({ rules: JSON.stringify(kept) }));
  }

  /** Keeps what somebody found in a dog's coat: soiled zones, mats, zones that failed a test. */
  async setMarks(dogId: string, given: Command, dto: CoatMarksCommandDto): Promise<RowVersionDto> {
    const { soiled, unready } = dto.marks;
    const mats = dto.marks.mats as KnownMat[];
    const settings = await this.knex('settings').where({ id: 1 }).first('time_zone');
    const today = localDayOf(this.clock.nowMs(), settings?.time_zone ?? 'UTC');
    if (mats.some((m) => m.keptUntil !== undefined)) await this.mustBeKeepable(dogId, mats, today);
    const command = { list: 'dogs', id: dogId, given, version: dto.version, kind: 'dog.marks' } as const;
    return this.rows.change(command, (row) => {
      const coat = fromJson(row['coat']) as Partial<KennelDog>;
      // The day is the server's to say: a tablet may have an old picture of the coat.
      const dated = withFoundDays(
        mats.map(({ foundOn: _said, ...mat }) => mat),
        coat.mats ?? [],
        today,
      );
      const knotsFound = withFinds(coat.knotsFound ?? [], coat.mats ?? [], dated, today);
      const dampFound = withDampFinds(coat.dampFound ?? [], coat.unready ?? [], unready, today);
      return { coat: JSON.stringify({ ...coat, soiled, mats: dated, unready, knotsFound, dampFound }) };
    });
  }

  /** Light webs are kept where the school of this coat allows it, for a show that is ahead, and never beyond its last days. */
  private async mustBeKeepable(dogId: string, mats: readonly KnownMat[], today: LocalDay): Promise<void> {
    const kennel = await this.kennels.readWithoutWork();
    const dog = kennel.dogs.find((d) => d.id === dogId);
    if (dog === undefined) throw new Problem('notFound', 'It is not there any more. Nothing was changed.');
    const until = keptUntil(dog, kennel, withKennelBreeds(CARE_LIBRARY, kennel.breeds), today);
    const errors = mats.flatMap((m, i) => {
      // A web that is kept already was decided on when it was marked.
      const isNew = !(dog.mats ?? []).some((k) => isMatAt(k, m) && k.keptUntil === m.keptUntil);
      if (m.keptUntil === undefined || !isNew) return [];
      const path = `marks.mats[${String(i)}].keptUntil`;
      if (until === null) return [{ path, detail: 'no show is ahead, or the school for this coat has tangles out' }];
      if (m.tightness !== 'loose') return [{ path, detail: 'only a loose one is kept' }];
      return m.keptUntil > until ? [{ path, detail: `at most until ${until}` }] : [];
    });
    if (errors.length > 0)
      throw new Problem('badInput', 'This cannot be kept for the ring. Nothing was saved.', { errors });
  }

  async setOvertime(shiftId: string, given: Command, dto: OvertimeDto): Promise<RowVersionDto> {
    const command = { list: 'shifts', id: shiftId, given, version: dto.version, kind: 'shift.overtime' } as const;
    return this.rows.change(command, (row) => {
      if (dto.overtimeEnd < String(row['end'])) {
        throw new Problem('badInput', 'That is before the shift ends.', {
          errors: [{ path: 'overtimeEnd', detail: `the shift ends at ${String(row['end'])}` }],
        });
      }
      return { overtime_end: dto.overtimeEnd };
    });
  }

  async reopen(stationId: string, given: Command, dto: ReopenDto): Promise<RowVersionDto> {
    const command = { list: 'stations', id: stationId, given, version: dto.version, kind: 'station.reopened' } as const;
    return this.rows.change(command, (row) => {
      const closures = fromJson(row['closures']) as { day: string }[];
      const kept = closures.filter((c) => c.day !== dto.day);
      if (kept.length === closures.length) throw new Problem('notNow', 'It is not closed on that day.');
      return { closures: JSON.stringify(kept) };
    });
  }

  /**
   * Closes a station from now to the end of the day. Whoever stands before it knows, and need not have seen the row's latest
   * version; a lead opens it again.
   */
  async closeFailed(stationId: string, given: Command): Promise<RowVersionDto> {
    const settings = await this.knex('settings').where({ id: 1 }).first('time_zone');
    const zone = settings?.time_zone ?? 'UTC';
    const nowMs = this.clock.nowMs();
    const [day, start] = [localDayOf(nowMs, zone), wallTimeOf(nowMs, zone)];
    const command = { list: 'stations', id: stationId, given, version: null, kind: 'station.failed' } as const;
    return this.rows.change(command, (row) => {
      const closures = fromJson(row['closures']) as KennelStation['closures'];
      if (closures.some((c) => c.day === day && c.start <= start && c.end === END_OF_DAY))
        throw new Problem('notNow', 'It is closed for today already.');
      return { closures: JSON.stringify([...closures, { day, start, end: END_OF_DAY, reason: 'failed at work' }]) };
    });
  }
}
