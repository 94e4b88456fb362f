/*
 * A whole kennel file into a kennel that is still empty, while its lead is signed in. The lead becomes somebody of the file
 * and stays signed in; nobody else can sign in until the lead lets them.
 */
import { Injectable } from '@nestjs/common';
import type { Knex } from 'knex';
import type { KennelFile } from '@loyal-mane/core';
import { CARE_LIBRARY } from '@loyal-mane/library';
import { readKennel } from '@loyal-mane/library/reader';
import { issueWords } from '@loyal-mane/library/words';
import type { Command } from '../auth/session.js';
import { Clock } from '../clock.js';
import { EventStore } from '../events/eventStore.js';
import { Problem } from '../problem/problem.js';
import { KennelRepository } from './kennelRepository.js';

/** Rows that go, what leans on others first. */
const EMPTIED = [
  ...[
    'photos',
    'tool_care',
    'bottles',
    'task_pins',
    'task_work',
    'entries',
    'rings',
    'shows',
    'transport_people',
    'transport_dogs',
    'transports',
  ],
  ...['absences', 'shifts', 'stations', 'circuits', 'dogs', 'methods', 'breeds', 'plan_jobs'],
  ...['welcome_links', 'sign_in_sessions', 'sign_in_addresses', 'calendar_feeds', 'accounts', 'people'],
  ...['owners', 'sites', 'settings'],
] as const;
/** Ways in that the lead keeps. */
const KEPT = ['accounts', 'sign_in_sessions'] as const;

/** Faults of a file that are told at once. */
const MOST_TOLD = 10;

/** Counts of the rows that came in with a kennel file. */
export interface Opened {
  readonly dogs: number;
  readonly people: number;
}

/** Puts a whole kennel into an empty one. */
@Injectable()
export class OpenService {
  constructor(
    private readonly events: EventStore,
    private readonly kennels: KennelRepository,
    private readonly clock: Clock,
  ) {}

  /** Opens a file. `becomes`: the lead of the file that whoever opens it is. */
  async open(given: Command, file: unknown, becomes: string): Promise<Opened> {
    const kennel = this.readable(file);
    const lead = kennel.people.find((p) => p.id === becomes);
    if (lead?.role !== 'lead')
      throw new Problem('badInput', 'Nothing was changed. Say which lead of the file you are.');
    return this.events.run({ ...given, actorId: becomes }, async (trx) => {
      await this.mustBeEmpty(trx);
      await this.replace(trx, kennel, given.actorId, becomes);
      const result = { dogs: kennel.dogs.length, people: kennel.people.length };
      return {
        kind: 'kennel.opened',
        subject: becomes,
        change: { before: null, after: { name: kennel.name } },
        result,
      };
    });
  }

  private readable(file: unknown): KennelFile {
    const read = readKennel(JSON.stringify(file), CARE_LIBRARY);
    if (read.ok) return read.kennel;
    const errors = read.issues.slice(0, MOST_TOLD).map((issue) => ({ path: issue.path, detail: issueWords(issue) }));
    const more = read.issues.length - errors.length;
    const words = more > 0 ? ` The first ${String(MOST_TOLD)} of ${String(read.issues.length)} are named.` : '';
    throw new Problem('badInput', `The file cannot be opened; nothing was changed.${words}`, { errors });
  }

  private async mustBeEmpty(trx: Knex.Transaction): Promise<void> {
    await trx('settings').where({ id: 1 }).forUpdate().first('id');
    for (const table of ['dogs', 'shows', 'task_work']) {
      if ((await trx(table).first()) !== undefined)
        throw new Problem('notNow', 'This kennel has dogs or shows already. A file is opened in an empty kennel only.');
    }
  }

  private async replace(trx: Knex.Transaction, kennel: KennelFile, me: string, becomes: string): Promise<void> {
    const settings = await trx('settings').first<{ published_plan_id: string | null }>('published_plan_id');
    const acted = await trx('events').whereNotNull('actor_id').select<{ number: number }[]>('number');
    const kept = new Map<string, object[]>();
    for (const table of KEPT) kept.set(table, await trx(table).where({ person_id: me }).select<object[]>('*'));
    await trx('events').update({ actor_id: null });
    await trx('plans').update({ made_by: null });
    for (const table of EMPTIED) await trx(table).delete();
    await this.kennels.write(trx, kennel, new Date(this.clock.nowMs()));
    await trx('settings').update({ published_plan_id: settings.published_plan_id ?? null });
    // The lead did all work of the first minutes here; whoever else was written down is gone.
    await trx('events')
      .whereIn(
        'number',
        acted.map((e) => e.number),
      )
      .update({ actor_id: becomes });
    for (const [table, rows] of kept) await trx(table).insert(rows.map((row) => ({ ...row, person_id: becomes })));
  }
}
