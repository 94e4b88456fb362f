/*
 * Commands on one row that is versioned: somebody who saw an older one is told what is there now. The event keeps both sides
 * of the row as a kennel file has it, so that the trail can tell and undo it.
 */
import { Injectable } from '@nestjs/common';
import type { KennelList } from '@loyal-mane/core';
import { EventStore } from '../events/eventStore.js';
import type { Row } from '../kennel/rowCodec.js';
import { ROW_CODECS } from '../kennel/rowCodec.js';
import { Problem } from '../problem/problem.js';

export interface RowVersion {
  readonly id: string;
  readonly version: number;
}

export type VersionedRow = Row & { readonly id: string; readonly version: number };

/** A command on a row: who gives it, which version of the row was seen (null = whichever is there). */
export interface RowCommand {
  readonly list: Exclude<KennelList, 'transports' | 'settings'>;
  readonly id: string;
  readonly me: string;
  readonly commandId: string;
  readonly version: number | null;
  readonly kind: string;
}

@Injectable()
export class RowCommands {
  constructor(private readonly events: EventStore) {}

  /** Changes columns of one row; `make` is given the row and answers the columns that change. */
  async change(command: RowCommand, make: (row: VersionedRow) => Row): Promise<RowVersion> {
    const { list, id, me, commandId, kind } = command;
    const { table, fromRow } = ROW_CODECS[list];
    return this.events.run(commandId, me, async (trx) => {
      const before = await trx(table).where({ id }).forUpdate().first<VersionedRow | undefined>();
      if (before === undefined) throw new Problem('notFound', 'It is not there any more.');
      if (command.version !== null && before.version !== command.version) {
        throw new Problem('stale', 'Somebody changed this meanwhile. What is there now is shown.', { current: before });
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
