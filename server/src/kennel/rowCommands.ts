/*
 * Commands on one row that is versioned: somebody who saw an older one is told what is there now. The event keeps both sides
 * of the row as a kennel file has it, so that the trail can tell and undo it.
 */
import { Injectable } from '@nestjs/common';
import type { EventKind, KennelList, KennelRow } from '@loyal-mane/core';
import type { Command } from '../auth/session.js';
import type { RowVersionDto } from '../contract/commandDto.js';
import { EventStore } from '../events/eventStore.js';
import { Problem } from '../problem/problem.js';
import type { Row } from './rowCodec.js';
import { ROW_CODECS } from './rowCodec.js';

/** A row with the version that a change must name. */
export type VersionedRow = Row & { readonly id: string; readonly version: number };

/** A command on a row: who gives it, which version of the row was seen (null = whichever is there). */
export interface RowCommand {
  readonly list: Exclude<KennelList, 'transports' | 'settings'>;
  readonly id: string;
  readonly given: Command;
  readonly version: number | null;
  readonly kind: EventKind;
}

/** Changes one versioned row within a transaction; a stale version is refused with the row as it is now. */
@Injectable()
export class RowCommands {
  constructor(private readonly events: EventStore) {}

  /** Changes columns of one row; `make` is given the row and answers the columns that change. */
  async change(command: RowCommand, make: (row: VersionedRow) => Row): Promise<RowVersionDto> {
    const { list, id, given, kind } = command;
    const { table, fromRow } = ROW_CODECS[list];
    return this.events.run(given, async (trx) => {
      const before = await trx<VersionedRow>(table).where({ id }).forUpdate().first<VersionedRow | undefined>();
      if (before === undefined) throw new Problem('notFound', 'It is not there any more. Nothing was changed.');
      if (command.version !== null && before.version !== command.version) {
        throw new Problem(
          'stale',
          'Somebody changed this while you were editing. Nothing of yours was saved. The present values are shown.',
          {
            current: { version: before.version, row: forEverybody(fromRow(before)) },
          },
        );
      }
      const after = { ...make(before), version: before.version + 1 };
      await trx(table).where({ id }).update(after);
      const rows = [{ list, id, from: fromRow(before), to: fromRow({ ...before, ...after }) }];
      return {
        kind,
        subject: id,
        change: { before: null, after: null, rows },
        result: { id, version: after.version },
      };
    });
  }
}

/** A row without what only leads read: whose dog it is. Refusals go to whoever asked. */
function forEverybody(row: KennelRow): KennelRow {
  const { ownerId: _, ...rest } = row;
  return rest;
}
