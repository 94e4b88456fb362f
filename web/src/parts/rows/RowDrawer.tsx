/*
 * A row's form in a drawer, with its trail beneath.
 */
import { Drawer } from 'antd';
import type { ReactNode } from 'react';
import type { KennelFile, KennelList, KennelRow, RowChange } from '@loyal-mane/core';
import type { FieldSpec } from './fieldSpec';
import { RowForm } from './RowForm';
import { Trail } from './Trail';

/** Which row a drawer shows: one that is there, or a new one. */
export interface Opened {
  readonly list: KennelList;
  readonly row: KennelRow | null;
  readonly title: string;
  readonly specs: readonly FieldSpec[];
  readonly blank?: Readonly<Record<string, unknown>>;
  readonly beside?: (row: KennelRow) => readonly RowChange[];
  /** What stands between the form and the trail. */
  readonly more?: ReactNode;
}

export function RowDrawer({
  opened,
  kennel,
  onClose,
}: {
  opened: Opened | null;
  kennel: KennelFile;
  onClose: () => void;
}) {
  return (
    <Drawer open={opened !== null} onClose={onClose} title={opened?.title ?? ''} size={560} destroyOnHidden>
      {opened !== null && (
        <>
          <RowForm
            key={opened.row?.id ?? `new ${opened.list}`}
            list={opened.list}
            row={opened.row}
            specs={opened.specs}
            kennel={kennel}
            onDone={onClose}
            {...(opened.blank === undefined ? {} : { blank: opened.blank })}
            {...(opened.beside === undefined ? {} : { beside: opened.beside })}
          />
          {opened.more}
          {opened.row !== null && <Trail subject={opened.row.id} kennel={kennel} />}
        </>
      )}
    </Drawer>
  );
}
