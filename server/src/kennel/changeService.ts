/*
 * Changes of a kennel's rows: fitted to what others did meanwhile, checked as a whole kennel is checked, written all or
 * none, and kept with their inverse. Undo is a change like any other.
 */
import { Injectable } from '@nestjs/common';
import type { Knex } from 'knex';
import type { EventKind, KennelFile, KennelList, KennelRow, LocalDay, RowChange } from '@loyal-mane/core';
import { fitChange, inverseOf, localDayOf, rowsOf, sameValue } from '@loyal-mane/core';
import { CARE_LIBRARY } from '@loyal-mane/library';
import { changeIssues } from '@loyal-mane/library/reader';
import { issueWords } from '@loyal-mane/library/words';
import pLimit from 'p-limit';
import type { Command } from '../auth/session.js';
import { Clock } from '../clock.js';
import { fromJson } from '../db/rows.js';
import type { Written } from '../events/eventStore.js';
import { EventStore } from '../events/eventStore.js';
import type { PublishedPlan } from '../plan/planInForce.js';
import { PlanInForce } from '../plan/planInForce.js';
import type { ProblemBody } from '../problem/problem.js';
import { Problem } from '../problem/problem.js';
import type { ChangedDto } from './changeDto.js';
import { KennelRepository } from './kennelRepository.js';
import type { Row } from './rowCodec.js';
import { ROW_CODECS } from './rowCodec.js';

type Errors = ProblemBody['errors'];
/** Names what stands in the way of a removal, by list. */
const WORK_COLUMN: Readonly<Partial<Record<KennelList, string>>> = {
  dogs: 'dog_id',
  people: 'person_id',
  stations: 'station_id',
};
const INSTEAD: Readonly<Partial<Record<KennelList, string>>> = {
  dogs: 'Enter since when it is no longer here instead: it then gets no work, and its records stay.',
  people: 'Take the shifts away and close the sign-in instead: no more work is given, and the records stay.',
  stations: 'Close it for the days to come instead, and plan again.',
};

/** Checks and saves changes of rows; merges what others changed beside them. */
@Injectable()
export class ChangeService {
  /**
   * Changes of a whole kennel lock its settings, so they follow each other anyway: waiting here, they hold one connection and
   * not all of them.
   */
  private readonly inTurn = pLimit(1);

  constructor(
    private readonly events: EventStore,
    private readonly kennels: KennelRepository,
    private readonly plans: PlanInForce,
    private readonly clock: Clock,
  ) {}

  /** Faults of changes; nothing is written. */
  async check(changes: readonly RowChange[]): Promise<Errors> {
    const kennel = await this.kennels.readWithoutWork();
    return changeIssues(kennel, fitted(kennel, changes), CARE_LIBRARY, this.today(kennel)).map(asError);
  }

  async change(given: Command, changes: readonly RowChange[]): Promise<ChangedDto> {
    return this.inTurn(() => this.events.run(given, (trx) => this.write(trx, changes, 'kennel.changed')));
  }

  /** Takes an event's changes back, as far as nobody has changed the same fields since. */
  async undo(given: Command, number: number): Promise<ChangedDto> {
    return this.inTurn(() => this.events.run(given, (trx) => this.takeBack(trx, number)));
  }

  private async takeBack(trx: Knex.Transaction, number: number): Promise<Written<ChangedDto>> {
    const row = await trx('events').where({ number }).first('change');
    if (row === undefined)
      throw new Problem('notFound', 'This change is not on the trail any more. Nothing was saved.');
    const { rows } = fromJson(row.change) as Written<unknown>['change'];
    if (rows === undefined || rows.length === 0) throw new Problem('notNow', 'This cannot be undone here.');
    const written = await this.write(trx, inverseOf(rows), 'kennel.undone');
    if (written.result.rows === 0) throw new Problem('notNow', 'It is as it was before already.');
    return written;
  }

  /** Writes changes inside a transaction and tells what its event shall keep. */
  async write(trx: Knex.Transaction, asked: readonly RowChange[], kind: EventKind): Promise<Written<ChangedDto>> {
    // One after the other: two changes that are each right may be wrong together.
    await trx('settings').where({ id: 1 }).forUpdate().first('id');
    await this.lock(trx, asked);
    const kennel = await this.kennels.readIn(trx, false);
    const changes = fitted(kennel, asked).filter((c) => !sameValue(c.from, c.to));
    const issues = changeIssues(kennel, changes, CARE_LIBRARY, this.today(kennel));
    if (issues.length > 0) throw wrong(issues.map(asError));
    await this.mayGo(trx, changes);
    await this.kennels.put(trx, changes);
    const subjects = changes.map((c) => c.id);
    const change = { before: null, after: null, rows: changes };
    return { kind, subject: subjects[0] ?? '', subjects, change, result: { rows: changes.length } };
  }

  private async lock(trx: Knex.Transaction, changes: readonly RowChange[]): Promise<void> {
    for (const list of new Set(changes.map((c) => c.list))) {
      const ids = changes.filter((c) => c.list === list && c.list !== 'settings').map((c) => c.id);
      if (ids.length > 0) await trx(ROW_CODECS[list].table).whereIn('id', ids).forUpdate().select('id');
    }
  }

  /** Rows that are on record, or in the published plan, stay. */
  private async mayGo(trx: Knex.Transaction, changes: readonly RowChange[]): Promise<void> {
    const gone = changes.filter((c) => c.to === null && c.list in WORK_COLUMN);
    if (gone.length === 0) return;
    const planned = plannedOf(await this.plans.read(trx));
    for (const { list, id, from } of gone) {
      const column = WORK_COLUMN[list] ?? '';
      const row = await trx<Row>('task_work')
        .where({ [column]: id })
        .count<{ n: number }[]>({ n: '*' });
      const acted = list === 'people' ? await this.hasActed(trx, id) : false;
      const done = row[0]?.n ?? 0;
      const ahead = list === 'dogs' ? 0 : (planned.get(id) ?? 0);
      if (done === 0 && ahead === 0 && !acted) continue;
      const why = [
        ...(done > 0 ? [`${counted(done, 'task')} on record`] : []),
        ...(ahead > 0 ? [`${counted(ahead, 'task')} in the published plan`] : []),
        ...(done === 0 && ahead === 0 ? ['changes in the trail'] : []),
      ];
      const name = String((from as Row)['name']);
      throw new Problem('notNow', `${name} has ${why.join(' and ')}. ${INSTEAD[list] ?? ''}`);
    }
  }

  private async hasActed(trx: Knex.Transaction, id: string): Promise<boolean> {
    for (const [table, column] of [
      ['events', 'actor_id'],
      ['plans', 'made_by'],
      ['plan_jobs', 'asked_by'],
      ['methods', 'made_by'],
    ] as const)
      if (
        (await trx(table)
          .where({ [column]: id })
          .first(column)) !== undefined
      )
        return true;
    return false;
  }

  private today(kennel: KennelFile): LocalDay {
    return localDayOf(this.clock.nowMs(), kennel.settings.timeZone);
  }
}

function counted(n: number, what: string): string {
  return `${String(n)} ${what}${n === 1 ? '' : 's'}`;
}

/** Tasks still to come by person and by station. */
function plannedOf(published: PublishedPlan | null): Map<string, number> {
  const counts = new Map<string, number>();
  for (const a of published?.plan.activities ?? []) {
    if (a.state !== 'planned') continue;
    for (const id of [...a.people, a.stationId]) if (id !== null) counts.set(id, (counts.get(id) ?? 0) + 1);
  }
  return counts;
}

/** Changes fitted to the rows as they are, or a problem that shows what is there now. */
function fitted(kennel: KennelFile, changes: readonly RowChange[]): RowChange[] {
  const lists = new Map<KennelList, Map<string, KennelRow>>();
  const currentOf = (list: KennelList, id: string): KennelRow | null => {
    let rows = lists.get(list);
    if (rows === undefined) lists.set(list, (rows = new Map(rowsOf(kennel, list).map((r) => [r.id, r]))));
    return rows.get(id) ?? null;
  };
  return changes.map((change, k) => {
    const fit = fitChange(change, currentOf(change.list, change.id));
    if (fit.ok) return fit.change;
    const errors = fit.fields.map((f) => ({
      path: `changes[${String(k)}].${f}`,
      detail: `is ${JSON.stringify(fit.current?.[f] ?? null)} now`,
    }));
    const words =
      fit.current === null
        ? 'It was removed. What you typed is kept.'
        : 'What you typed is kept; what is there now is shown.';
    throw new Problem('stale', words, { errors, current: fit.current });
  });
}

function asError(issue: Parameters<typeof issueWords>[0]): Errors[number] {
  return { path: issue.path, detail: issueWords(issue) };
}

function wrong(errors: Errors): Problem {
  const first = errors[0];
  const more = errors.length > 1 ? ` (and ${String(errors.length - 1)} more)` : '';
  const place = first?.path.replace(/^changes\[\d+\]\.?/, '') ?? '';
  const words = first === undefined ? '' : ` ${place === '' ? '' : `${place}: `}${first.detail}${more}.`;
  return new Problem('badInput', `Nothing was saved.${words}`, { errors });
}
