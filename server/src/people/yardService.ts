/*
 * What a lead handler changes between two plans: who is away, who shows a dog, who stays longer, what is open again.
 * Each change bumps the row's version; somebody who saw an older one is told what is there now.
 */
import { Inject, Injectable } from '@nestjs/common';
import type { Knex } from 'knex';
import { turnedHours } from '@loyal-mane/core';
import { v7 } from 'uuid';
import { AccountService, oneTimePassword } from '../auth/accountService.js';
import type { RowCommand, VersionedRow as Row } from '../changes/rowCommands.js';
import { RowCommands } from '../changes/rowCommands.js';
import { fromJson } from '../db/rows.js';
import { ROW_CODECS } from '../kennel/rowCodec.js';
import { EventStore } from '../events/eventStore.js';
import { Problem } from '../problem/problem.js';
import { KNEX } from '../tokens.js';
import type {
  CoatMarksCommandDto,
  AbsenceCommandDto,
  AbsenceRemoveDto,
  HandlerDto,
  OneTimePasswordDto,
  OvertimeDto,
  ReopenDto,
  RowVersionDto,
  ShowRulesCommandDto,
  WelcomeLinkDto,
} from './dto.js';

const absence = ROW_CODECS.absences.fromRow;

@Injectable()
export class YardService {
  constructor(
    @Inject(KNEX) private readonly knex: Knex,
    private readonly events: EventStore,
    private readonly accounts: AccountService,
    private readonly rows: RowCommands,
  ) {}

  async addAbsence(personId: string, me: string, dto: AbsenceCommandDto): Promise<RowVersionDto> {
    return this.events.run(dto.commandId, me, async (trx) => {
      await this.mustExist(trx, 'people', personId);
      const row = { id: v7(), person_id: personId, day: dto.day, reason: dto.reason };
      await trx('absences').insert(row).onConflict(['person_id', 'day']).merge(['reason']);
      return {
        kind: 'person.away',
        subject: personId,
        change: { before: null, after: row, rows: [{ list: 'absences', id: row.id, from: null, to: absence(row) }] },
        result: { id: personId, version: 1 },
      };
    });
  }

  async removeAbsence(personId: string, me: string, dto: AbsenceRemoveDto): Promise<RowVersionDto> {
    return this.events.run(dto.commandId, me, async (trx) => {
      const before = await trx('absences').where({ person_id: personId, day: dto.day }).first<Row | undefined>();
      if (before === undefined) throw new Problem('notFound', 'That day is not marked.');
      await trx('absences').where({ id: before.id }).delete();
      return {
        kind: 'person.back',
        subject: personId,
        change: {
          before,
          after: null,
          rows: [{ list: 'absences', id: before.id, from: absence(before), to: null }],
        },
        result: { id: personId, version: 1 },
      };
    });
  }

  async setHandler(entryId: string, me: string, dto: HandlerDto): Promise<RowVersionDto> {
    const person = await this.knex('people')
      .where({ id: dto.handlerId })
      .first<{ name: string; skills: unknown } | undefined>('name', 'skills');
    if (person === undefined)
      throw new Problem('badInput', 'There is no such person.', {
        errors: [{ path: 'handlerId', detail: 'nobody has this id' }],
      });
    if (!(fromJson(person.skills) as string[]).includes('ring')) {
      throw new Problem('badInput', `${person.name} does not show dogs.`, {
        errors: [{ path: 'handlerId', detail: 'has no skill "ring"' }],
      });
    }
    return this.change('entries', entryId, me, dto, 'entry.handler', () => ({ handler_id: dto.handlerId }));
  }

  /** What a show's own rules say, as somebody read them. */
  async setRules(showId: string, me: string, dto: ShowRulesCommandDto): Promise<RowVersionDto> {
    const { leastAgeMonths, ...rules } = dto.rules;
    const hours = turnedHours({ ...rules, leastAgeMonths });
    if (hours !== null)
      throw new Problem('badInput', 'Dryers have to start before they stop.', {
        errors: [{ path: 'rules.dryersUntil', detail: `they start at ${hours.from}` }],
      });
    const kept = { ...rules, ...(leastAgeMonths > 0 ? { leastAgeMonths } : {}) };
    return this.change('shows', showId, me, dto, 'show.rules', () => ({ rules: JSON.stringify(kept) }));
  }

  /** What somebody found in a dog's coat: soiled zones and mats. */
  async setMarks(dogId: string, me: string, dto: CoatMarksCommandDto): Promise<RowVersionDto> {
    const { soiled, mats, unready } = dto.marks;
    return this.change('dogs', dogId, me, dto, 'dog.marks', (row) => ({
      coat: JSON.stringify({ ...(fromJson(row['coat']) as object), soiled, mats, unready }),
    }));
  }

  async setOvertime(shiftId: string, me: string, dto: OvertimeDto): Promise<RowVersionDto> {
    return this.change('shifts', shiftId, me, dto, 'shift.overtime', (row) => {
      if (dto.overtimeEnd < String(row['end'])) {
        throw new Problem('badInput', 'That is before the shift ends.', {
          errors: [{ path: 'overtimeEnd', detail: `the shift ends at ${String(row['end'])}` }],
        });
      }
      return { overtime_end: dto.overtimeEnd };
    });
  }

  async reopen(stationId: string, me: string, dto: ReopenDto): Promise<RowVersionDto> {
    return this.change('stations', stationId, me, dto, 'station.reopened', (row) => {
      const closures = fromJson(row['closures']) as { day: string }[];
      const kept = closures.filter((c) => c.day !== dto.day);
      if (kept.length === closures.length) throw new Problem('notNow', 'It is not closed on that day.');
      return { closures: JSON.stringify(kept) };
    });
  }

  async newPassword(personId: string, me: string, commandId: string): Promise<OneTimePasswordDto> {
    const password = oneTimePassword();
    const seen = await this.knex('events').where({ command_id: commandId }).first<Row | undefined>('number');
    const signIn = await this.events.run(commandId, me, async (trx) => {
      const row = await trx('people').where({ id: personId }).first<{ sign_in: string } | undefined>('sign_in');
      if (row === undefined) throw new Problem('notFound', 'There is no such person.');
      await this.accounts.setPassword(trx, personId, password, true);
      return { kind: 'person.password', subject: personId, change: { before: null, after: null }, result: row.sign_in };
    });
    // Passwords are not kept, so a command that is sent again cannot answer the same one: it sets this one.
    if (seen !== undefined)
      await this.knex.transaction((trx) => this.accounts.setPassword(trx, personId, password, true));
    return { signIn, password };
  }

  /** A link with which a person chooses a password, shown to the lead once. */
  async newLink(personId: string, me: string, commandId: string): Promise<WelcomeLinkDto> {
    return this.events
      .run(commandId, me, async (trx) => {
        await this.mustExist(trx, 'people', personId);
        return { kind: 'person.link', subject: personId, change: { before: null, after: null }, result: null };
      })
      .then(async () => ({ link: await this.accounts.newLink(this.knex, personId) }));
  }

  /** Ends somebody's sessions and takes password and PIN away: nobody signs in by that name until a new link is made. */
  async closeSignIn(personId: string, me: string, commandId: string): Promise<void> {
    if (personId === me) throw new Problem('notNow', 'You would lock yourself out. Another lead can do this.');
    await this.events.run(commandId, me, async (trx) => {
      await this.mustExist(trx, 'people', personId);
      await trx('sign_in_sessions').where({ person_id: personId }).delete();
      await trx('welcome_links').where({ person_id: personId }).delete();
      await trx('accounts').where({ person_id: personId }).delete();
      return { kind: 'person.closed', subject: personId, change: { before: null, after: null }, result: null };
    });
  }

  private async change(
    list: RowCommand['list'],
    id: string,
    me: string,
    dto: { commandId: string; version: number },
    kind: string,
    make: (row: Row) => Record<string, unknown>,
  ): Promise<RowVersionDto> {
    return this.rows.change({ list, id, me, kind, commandId: dto.commandId, version: dto.version }, make);
  }

  private async mustExist(trx: Knex.Transaction, table: string, id: string): Promise<void> {
    if ((await trx(table).where({ id }).first<Row | undefined>('id')) === undefined)
      throw new Problem('notFound', 'It is not there any more.');
  }
}
