/*
 * People of the kennel: who is away, how they sign in, what is kept of them.
 */
import { Inject, Injectable } from '@nestjs/common';
import type { Knex } from 'knex';
import { v7 } from 'uuid';
import { readPersonParts } from '@loyal-mane/library/reader';
import { AccountService } from '../auth/accountService.js';
import { oneTimePassword, setPassword } from '../auth/passwords.js';
import type { Command } from '../auth/session.js';
import type { RowVersionDto } from '../contract/commandDto.js';
import { EventStore } from '../events/eventStore.js';
import { checkedParts, patchOf } from '../kennel/recordPatch.js';
import { RowCommands } from '../kennel/rowCommands.js';
import { ROW_CODECS } from '../kennel/rowCodec.js';
import { Problem } from '../problem/problem.js';
import { KNEX } from '../tokens.js';
import type {
  AbsenceCommandDto,
  AbsenceRemoveDto,
  OneTimePasswordDto,
  PersonRecordDto,
  WelcomeLinkDto,
} from './dto.js';

const absence = ROW_CODECS.absences.fromRow;
const PARTS = ['learning', 'kit', 'brushingRoute', 'trimBegin'] as const;
/** Columns of what is not kept as JSON. */
const PLAIN = { brushingRoute: 'brushing_route', trimBegin: 'trim_begin' } as const;

/** Saves absences and records, and opens and closes sign-ins. */
@Injectable()
export class PeopleService {
  constructor(
    @Inject(KNEX) private readonly knex: Knex,
    private readonly events: EventStore,
    private readonly accounts: AccountService,
    private readonly rows: RowCommands,
  ) {}

  async addAbsence(personId: string, given: Command, dto: AbsenceCommandDto): Promise<RowVersionDto> {
    return this.events.run(given, async (trx) => {
      await mustExist(trx, personId);
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

  async removeAbsence(personId: string, given: Command, dto: AbsenceRemoveDto): Promise<RowVersionDto> {
    return this.events.run(given, async (trx) => {
      const before = await trx('absences').where({ person_id: personId, day: dto.day }).first();
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

  async newPassword(personId: string, given: Command): Promise<OneTimePasswordDto> {
    const password = oneTimePassword();
    const signIn = await this.events.run(given, async (trx) => {
      const row = await mustExist(trx, personId);
      return {
        kind: 'person.password',
        subject: personId,
        change: { before: null, after: null },
        result: row.sign_in,
      };
    });
    // Passwords are not kept, so a command that is sent again cannot answer the same one: it sets a new one.
    await this.knex.transaction((trx) => setPassword(trx, personId, password, true));
    return { signIn, password };
  }

  /** A link with which a person chooses a password, shown to the lead once. */
  async newLink(personId: string, given: Command): Promise<WelcomeLinkDto> {
    await this.events.run(given, async (trx) => {
      await mustExist(trx, personId);
      return { kind: 'person.link', subject: personId, change: { before: null, after: null }, result: null };
    });
    return { link: await this.accounts.newLink(this.knex, personId) };
  }

  /**
   * Ends somebody's sessions and takes password, PIN and calendar addresses away: nobody signs in by that name until a new
   * link is made.
   */
  async closeSignIn(personId: string, given: Command): Promise<void> {
    if (personId === given.actorId)
      throw new Problem('notNow', 'You would lock yourself out. Another lead can do this.');
    await this.events.run(given, async (trx) => {
      await mustExist(trx, personId);
      await trx('sign_in_sessions').where({ person_id: personId }).delete();
      await trx('welcome_links').where({ person_id: personId }).delete();
      await trx('calendar_feeds').where({ made_by: personId }).orWhere({ of: 'person', subject_id: personId }).delete();
      await trx('accounts').where({ person_id: personId }).delete();
      return { kind: 'person.closed', subject: personId, change: { before: null, after: null }, result: null };
    });
  }

  async changeRecord(id: string, given: Command, dto: PersonRecordDto): Promise<RowVersionDto> {
    const { set, gone } = patchOf(dto.record, PARTS);
    const parts = checkedParts(readPersonParts(set));
    const command = { list: 'people', id, given, version: dto.version, kind: 'person.record' } as const;
    return this.rows.change(command, () => ({
      ...Object.fromEntries(Object.entries(parts).map(([field, value]) => cellOf(field, value))),
      ...Object.fromEntries(gone.map((field) => cellOf(field, null))),
    }));
  }
}

/** The column of a part, and its value there. */
function cellOf(field: string, value: unknown): readonly [string, unknown] {
  if (field in PLAIN) return [PLAIN[field as keyof typeof PLAIN], value];
  return [field, value === null ? null : JSON.stringify(value)];
}

async function mustExist(trx: Knex.Transaction, personId: string): Promise<{ readonly sign_in: string }> {
  const row = await trx('people').where({ id: personId }).first('sign_in');
  if (row === undefined) throw new Problem('notFound', 'This person is not in the kennel any more. Nothing was saved.');
  return row;
}
