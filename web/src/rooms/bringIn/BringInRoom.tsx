/*
 * Bringing in a table: choose the file, say which column is what, see what each row would do, then save all rows or only
 * the good ones. Nothing is saved before.
 */
import { monthDay } from '@loyal-mane/library/words';
import { useQuery, useSuspenseQuery } from '@tanstack/react-query';
import { Alert, App as AntApp, Button, Select } from 'antd';
import { useMemo, useState } from 'react';
import { Link, Navigate, useSearchParams } from 'react-router';
import { v7 } from 'uuid';
import {
  IMPORT_FIELDS,
  IMPORT_KINDS,
  cellFaultWords,
  importRows,
  mapColumns,
  plainHeader,
  readTable,
  tableFaultWords,
} from '@loyal-mane/library/csv';
import type { CsvTable, ImportKind, ImportedRow, Mapping } from '@loyal-mane/library/csv';
import { command, useCommand } from '../../api/commands';
import { checkChanges, rowsQuery, saveChanges } from '../../api/rows';
import { countWords } from '../../parts/countWords';
import { problemWords } from '../../parts/ProblemNote';
import { RowTable } from '../../parts/rows/RowTable';
import { useRooms } from '../../parts/useRooms';
import { BringInShows } from './BringInShows';
import { FileDrop } from './FileDrop';
import { textOf } from './textOf';
import { WhatSelect } from './WhatSelect';
import { withFound } from './withFound';
import './bringIn.css';

const KIND_WORDS: Readonly<
  Record<ImportKind, { readonly title: string; readonly what: string; readonly back: string }>
> = {
  dogs: { title: 'Bring in dogs', what: 'dogs', back: '/dogs' },
  entries: { title: 'Bring in entries', what: 'entries', back: '/shows' },
  program: { title: 'Bring in a judging program', what: 'entries', back: '/shows' },
};
const STATE_WORDS: Readonly<Record<ImportedRow['state'], string>> = {
  new: 'new',
  changed: 'changes',
  same: 'there already',
  bad: 'not as it is',
};
const MEMORY = 'columns:';

/** Files that come in: dogs, entries, judging programs, shows. */
export default function BringInRoom() {
  const { lead } = useRooms();
  const [params] = useSearchParams();
  if (!lead) return <Navigate to="/" replace />;
  return params.get('what') === 'shows' ? <BringInShows /> : <BringIn />;
}

function BringIn() {
  const kennel = useSuspenseQuery(rowsQuery).data;
  const [params, setParams] = useSearchParams();
  const kind = IMPORT_KINDS.find((k) => k === params.get('what')) ?? 'dogs';
  const showId = params.get('show') ?? kennel.shows.at(-1)?.id ?? null;
  const [file, setFile] = useState<{ name: string; table: CsvTable; isOldCode: boolean } | null>(null);
  const [trouble, setTrouble] = useState<string | null>(null);
  const words = KIND_WORDS[kind];

  const take = async (chosen: File): Promise<void> => {
    setFile(null);
    const text = textOf(await chosen.arrayBuffer());
    if (!text.ok) {
      setTrouble(text.why);
      return;
    }
    const read = readTable(text.text);
    setTrouble(read.ok ? null : tableFaultWords(read.fault));
    if (read.ok) setFile({ name: chosen.name, table: read.table, isOldCode: text.isOldCode });
  };

  return (
    <div className="room">
      <div className="sheet-head">
        <h1>{words.title}</h1>
        <div className="days">
          {kind !== 'dogs' && (
            <Select
              aria-label="Show that rows without one are about"
              className="w-step"
              value={showId}
              options={kennel.shows.map((s) => ({
                value: s.id,
                label: `${s.name}, ${monthDay(s.firstDay)}`,
              }))}
              onChange={(id: string | null) => setParams({ what: kind, show: id ?? '' })}
            />
          )}
          <WhatSelect onChange={() => setFile(null)} />
        </div>
      </div>
      <FileDrop
        accept=".csv,.txt,.tsv,text/csv"
        title={
          file === null ? 'Choose a CSV file, or drop one here' : `${file.name}: ${String(file.table.rows.length)} rows`
        }
        onFile={take}
      >
        Columns in any order; needed:{' '}
        {IMPORT_FIELDS[kind]
          .filter((f) => f.needed)
          .map((f) => f.label.toLowerCase())
          .join(', ')}
        .
      </FileDrop>
      {trouble !== null && <Alert type="error" showIcon title={trouble} className="after-field" role="alert" />}
      {file?.isOldCode === true && (
        <Alert
          type="warning"
          showIcon
          className="after-field"
          title="The file is not UTF-8; it was read as the older Western code page. Look whether names with accents are right."
        />
      )}
      {file !== null && (
        <Preview
          key={`${file.name}${kind}`}
          kind={kind}
          table={file.table}
          showId={showId}
          onDone={() => setFile(null)}
        />
      )}
    </div>
  );
}

interface PreviewProps {
  readonly kind: ImportKind;
  readonly table: CsvTable;
  readonly showId: string | null;
  readonly onDone: () => void;
}

/** The rows of a file as they would change the kennel, looked at by the server. */
function useRead(kind: ImportKind, table: CsvTable, mapping: Mapping, showId: string | null) {
  const kennel = useSuspenseQuery(rowsQuery).data;
  const read = useMemo(
    () => importRows(kind, table, mapping, { kennel, newId: v7, showId }),
    [kind, table, mapping, kennel, showId],
  );
  const changes = useMemo(() => read.flatMap((r) => r.changes), [read]);
  const checked = useQuery({
    queryKey: ['kennel', 'bring-in', changes],
    queryFn: () => (changes.length === 0 ? Promise.resolve([]) : checkChanges(changes)),
    staleTime: Infinity,
    gcTime: 0,
    queryKeyHashFn: () => `bring-in ${String(changes.length)} ${changes[0]?.id ?? ''} ${changes.at(-1)?.id ?? ''}`,
  });
  const rows = useMemo(() => withFound(read, checked.data ?? []), [read, checked.data]);
  return { rows, isChecking: checked.isFetching, error: checked.error };
}

function Preview({ kind, table, showId, onDone }: PreviewProps) {
  const { message } = AntApp.useApp();
  const send = useCommand(saveChanges);
  const [mapping, setMapping] = useState<Mapping>(() => mapColumns(kind, table.header, rememberedOf(kind)));
  const { rows, isChecking, error } = useRead(kind, table, mapping, showId);
  const save = (): void => {
    const good = rows.filter(isGood);
    send.mutate(command(good.flatMap((r) => r.changes)), {
      onSuccess: () => {
        remember(kind, table.header, mapping);
        void message.success(`${countWords(good.length, 'row')} saved. The trail can take them back.`);
        onDone();
      },
      onError: (trouble) => void message.error(problemWords(trouble), 10),
    });
  };
  return (
    <>
      <ColumnChoice kind={kind} header={table.header} mapping={mapping} onChange={setMapping} />
      <SaveBar rows={rows} isBusy={send.isPending} isChecking={isChecking} back={KIND_WORDS[kind].back} onSave={save} />
      {error !== null && <Alert type="error" showIcon title={problemWords(error)} />}
      <RowTable
        name="Rows of the file"
        rows={rows}
        idOf={(r) => String(r.line)}
        empty="No rows."
        columns={[
          { name: 'Line', text: (r) => String(r.line), by: (r) => r.line, width: 80 },
          { name: 'About', text: (r) => r.about, width: 260 },
          {
            name: 'What it does',
            text: (r) => STATE_WORDS[r.state],
            filter: true,
            width: 200,
            show: (r) => (
              <span className={r.state === 'bad' ? 'bad' : r.state === 'same' ? 'soft' : ''}>
                {STATE_WORDS[r.state]}
                {alongWords(r)}
              </span>
            ),
          },
          { name: 'What is wrong, and what to write instead', text: (r) => r.faults.map(cellFaultWords).join('; ') },
        ]}
      />
    </>
  );
}

interface ColumnProps {
  readonly kind: ImportKind;
  readonly header: readonly string[];
  readonly mapping: Mapping;
  readonly onChange: (mapping: Mapping) => void;
}

/** Which column of the file is which field. */
function ColumnChoice({ kind, header, mapping, onChange }: ColumnProps) {
  const choose = (field: string, at: number | null | undefined): void => {
    const rest = Object.fromEntries(Object.entries(mapping).filter(([name, k]) => name !== field && k !== at));
    onChange(at == null ? rest : { ...rest, [field]: at });
  };
  return (
    <section aria-label="Columns" className="columns-chosen">
      {IMPORT_FIELDS[kind].map((f) => (
        <label key={f.name}>
          <span className={f.needed && mapping[f.name] === undefined ? 'bad' : 'soft'}>{f.label}</span>
          <Select
            aria-label={`Column of ${f.label.toLowerCase()}`}
            allowClear
            size="small"
            placeholder={f.needed ? 'needed' : 'none'}
            value={mapping[f.name] ?? null}
            options={header.map((h, value) => ({ value, label: h }))}
            onChange={(at: number | null | undefined) => choose(f.name, at)}
          />
        </label>
      ))}
    </section>
  );
}

const isGood = (r: ImportedRow): boolean => r.state === 'new' || r.state === 'changed';

interface SaveBarProps {
  readonly rows: readonly ImportedRow[];
  readonly isBusy: boolean;
  readonly isChecking: boolean;
  readonly back: string;
  readonly onSave: () => void;
}

/** How many rows are new, change something or are wrong, and what can be saved of them. */
function SaveBar({ rows, isBusy, isChecking, back, onSave }: SaveBarProps) {
  const count = (state: ImportedRow['state']): number => rows.filter((r) => r.state === state).length;
  const good = rows.filter(isGood).length;
  const bad = count('bad');
  return (
    <div className="bring-bar" role="status">
      <b>{count('new')} new</b>, <b>{count('changed')}</b> change something, {count('same')} there already,{' '}
      <b className={bad > 0 ? 'bad' : ''}>{bad} not as they are</b>
      <span className="push">
        {bad > 0 && good > 0 && (
          <Button loading={isBusy} disabled={isChecking} onClick={onSave}>
            {good === 1 ? 'Save only the good one' : `Save only the ${String(good)} good ones`}
          </Button>
        )}
        <Button type="primary" loading={isBusy} disabled={bad > 0 || good === 0 || isChecking} onClick={onSave}>
          Save all {bad > 0 ? rows.length : good}
        </Button>
        <Link to={back}>Not now</Link>
      </span>
    </div>
  );
}

/** New rows that a row brings along: ", with Ring 9". */
function alongWords(r: ImportedRow): string {
  return r.changes
    .flatMap((c) => (c.from === null && c.to !== null && (c.list === 'rings' || c.list === 'owners') ? [c.to] : []))
    .map((row) => `, with ${String(row['name'])}`)
    .join('');
}

function rememberedOf(kind: ImportKind): Record<string, string> {
  return JSON.parse(localStorage.getItem(MEMORY + kind) ?? '{}') as Record<string, string>;
}

/** Which header was which field, for the next file. */
function remember(kind: ImportKind, header: readonly string[], mapping: Mapping): void {
  const chosen = Object.fromEntries(
    Object.entries(mapping).map(([field, at]) => [plainHeader(header[at] ?? ''), field]),
  );
  localStorage.setItem(MEMORY + kind, JSON.stringify({ ...rememberedOf(kind), ...chosen }));
}
