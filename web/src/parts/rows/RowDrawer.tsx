/*
 * A row's form in a drawer, with its trail beneath.
 */
import { Drawer } from 'antd';
import { useRef } from 'react';
import type { ReactNode } from 'react';
import type { KennelFile, KennelList, KennelRow, RowChange } from '@loyal-mane/core';
import type { FieldSpec } from './fieldSpec';
import { useReturnFocus } from '../useReturnFocus';
import { RowForm } from './RowForm';
import { Trail } from './Trail';
import './rows.css';

/** Which row a drawer shows: one that is there, or a new one. */
export interface Opened {
  readonly list: KennelList;
  readonly row: KennelRow | null;
  readonly title: string;
  readonly specs: readonly FieldSpec[];
  readonly blank?: Readonly<Record<string, unknown>>;
  readonly beside?: (row: KennelRow) => readonly RowChange[];
  /** Fields that follow from what was typed, in a new row, as long as nobody has typed them. */
  readonly follows?: (typed: Readonly<Record<string, unknown>>) => Readonly<Record<string, unknown>>;
  /** Content between the form and the trail. */
  readonly more?: ReactNode;
}

/** A form for one row in a drawer. */
export function RowDrawer({
  opened,
  kennel,
  onClose,
}: {
  opened: Opened | null;
  kennel: KennelFile;
  onClose: () => void;
}) {
  const inside = useRef<HTMLDivElement>(null);
  useReturnFocus(opened !== null);
  return (
    <Drawer
      open={opened !== null}
      onClose={onClose}
      title={opened?.title ?? ''}
      size={560}
      destroyOnHidden
      afterOpenChange={(open) => {
        if (open) inside.current?.querySelector<HTMLElement>('input, textarea')?.focus();
      }}
    >
      {opened !== null && (
        <div ref={inside}>
          <RowForm
            key={opened.row?.id ?? `new ${opened.list}`}
            list={opened.list}
            row={opened.row}
            specs={opened.specs}
            kennel={kennel}
            onDone={onClose}
            {...(opened.blank === undefined ? {} : { blank: opened.blank })}
            {...(opened.beside === undefined ? {} : { beside: opened.beside })}
            {...(opened.follows === undefined ? {} : { follows: opened.follows })}
          />
          {opened.more}
          {opened.row !== null && <Trail subject={opened.row.id} kennel={kennel} />}
        </div>
      )}
    </Drawer>
  );
}
