/*
 * A list of the kennel: search, sort, filter, and out as CSV. Columns say how a row reads as text; that text is searched,
 * sorted and written out.
 */
import DownloadOutlined from '@ant-design/icons/DownloadOutlined';
import { Button, Input, Table } from 'antd';
import type { TableProps } from 'antd';
import type { KeyboardEvent, ReactNode } from 'react';
import { useState } from 'react';
import { csvOf } from '@loyal-mane/library/csv';
import { useJustChanged } from '../justChanged';
import { download } from '../download';
import { nearest } from '../nearest';
import './rows.css';

/** A column of a list. */
export interface Column<R> {
  readonly name: string;
  readonly text: (row: R) => string;
  /** Sorts by this instead of the text. */
  readonly by?: (row: R) => number | string;
  readonly show?: (row: R) => ReactNode;
  /** Offers the texts that occur as a filter. */
  readonly filter?: boolean;
  readonly width?: number;
}

/** Rows on one page: a whole kennel of forty dogs is one page. */
const PAGE = 40;

interface Props<R> {
  readonly rows: readonly R[];
  readonly columns: readonly Column<R>[];
  readonly idOf: (row: R) => string;
  readonly onOpen?: (row: R) => void;
  /** Name of the list: label, and name of the file. */
  readonly name: string;
  readonly empty: ReactNode;
  readonly tools?: ReactNode;
}

/** A list that can be searched, sorted, filtered and written out. */
export function RowTable<R extends object>({ rows, columns, idOf, onOpen, name, empty, tools }: Props<R>) {
  const [find, setFind] = useState('');
  const wanted = find.trim().toLowerCase();
  const shown = rows.filter((row) => columns.some((c) => c.text(row).toLowerCase().includes(wanted)));
  const [sorted, setSorted] = useState<readonly R[] | null>(null);
  const changed = useJustChanged();
  const firsts = rows.map((row) => columns[0]?.text(row) ?? '');
  const near = shown.length === 0 && wanted !== '' ? nearest(wanted, firsts) : [];
  const nothing = rows.length === 0 ? empty : <NothingCalled typed={find.trim()} near={near} onFind={setFind} />;
  const writeOut = (): void => {
    const out = (sorted ?? shown).filter((row) => shown.includes(row));
    const text = csvOf(
      columns.map((c) => c.name),
      out.map((r) => columns.map((c) => c.text(r))),
    );
    download(`${name.toLowerCase().replace(/\W+/g, '-')}.csv`, text);
  };
  return (
    <section aria-label={name}>
      <div className="list-tools">
        <Input
          aria-label={`Find in ${name.toLowerCase()}`}
          placeholder="Find"
          allowClear
          className="w-find"
          value={find}
          onChange={(e) => setFind(e.target.value)}
        />
        <span className="soft">
          {shown.length === rows.length ? String(rows.length) : `${String(shown.length)} of ${String(rows.length)}`}
        </span>
        <Button type="text" icon={<DownloadOutlined />} onClick={writeOut}>
          CSV
        </Button>
        <span className="push">{tools}</span>
      </div>
      <Table<R>
        size="small"
        rowKey={idOf}
        dataSource={[...shown]}
        pagination={shown.length > PAGE ? { pageSize: PAGE, showSizeChanger: false } : false}
        locale={{ emptyText: nothing }}
        onChange={(_, __, ___, { currentDataSource }) => setSorted(currentDataSource)}
        rowClassName={(row) => (changed.has(idOf(row)) ? 'just-changed' : '')}
        onRow={(row) => (onOpen === undefined ? {} : opening(row, onOpen))}
        columns={columns.map((c) => tableColumn(c, rows))}
      />
    </section>
  );
}

/** A row that opens with a press or with Enter. */
function opening<R>(row: R, onOpen: (row: R) => void) {
  return {
    onClick: () => onOpen(row),
    onKeyDown: (e: KeyboardEvent<HTMLElement>) => {
      if (e.key === 'Enter' && e.target === e.currentTarget) onOpen(row);
    },
    tabIndex: 0,
    className: 'opens',
  };
}

function tableColumn<R extends object>(
  c: Column<R>,
  rows: readonly R[],
): NonNullable<TableProps<R>['columns']>[number] {
  const filters = (): { text: string; value: string }[] =>
    [...new Set(rows.map(c.text))].sort().map((t) => ({ text: t === '' ? 'none' : t, value: t }));
  return {
    title: c.name,
    key: c.name,
    ...(c.width === undefined ? {} : { width: c.width }),
    render: (_: unknown, row: R) => (c.show === undefined ? c.text(row) : c.show(row)),
    sorter: (x: R, y: R) => {
      const [a, b] = [(c.by ?? c.text)(x), (c.by ?? c.text)(y)];
      return typeof a === 'number' && typeof b === 'number' ? a - b : String(a).localeCompare(String(b));
    },
    ...(c.filter === true ? { filters: filters(), onFilter: (value: unknown, row: R) => c.text(row) === value } : {}),
  };
}

/** Nothing is called so; what is called nearly so is one touch away. */
function NothingCalled({
  typed,
  near,
  onFind,
}: {
  typed: string;
  near: readonly string[];
  onFind: (name: string) => void;
}) {
  return (
    <span>
      Nothing here matches “{typed}”.{' '}
      {near.map((name) => (
        <Button key={name} size="small" type="link" onClick={() => onFind(name)}>
          {name}?
        </Button>
      ))}
      <Button size="small" type="link" onClick={() => onFind('')}>
        Show all
      </Button>
    </span>
  );
}
