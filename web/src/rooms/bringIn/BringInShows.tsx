/*
 * Shows out of a calendar file: what each event would enter or move, then save those that are chosen.
 */
import { useQuery, useSuspenseQuery } from '@tanstack/react-query';
import { Alert, App as AntApp, Button, Checkbox } from 'antd';
import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import { v7 } from 'uuid';
import { changesOfShows, showsOf } from '@loyal-mane/library/calendar-in';
import type { CalendarShow, EventFault } from '@loyal-mane/library/calendar-in';
import { localDayOf } from '@loyal-mane/core';
import { command, useCommand } from '../../api/commands';
import { checkChanges, rowsQuery, saveChanges } from '../../api/rows';
import { countWords } from '../../parts/countWords';
import { problemWords } from '../../parts/ProblemNote';
import { RowTable } from '../../parts/rows/RowTable';
import type { Column } from '../../parts/rows/RowTable';
import { useNow } from '../../parts/useNow';
import { daysWords } from '../shows/daysWords';
import { FileDrop } from './FileDrop';
import { textOf } from './textOf';
import { WhatSelect } from './WhatSelect';

const FILE_FAULTS = {
  noCalendar: 'This is no calendar file (iCalendar, .ics). Export one from the calendar that has the shows.',
  noEvents: 'There is no event in this calendar.',
} as const;

const EVENT_FAULTS: Readonly<Record<EventFault, string>> = {
  noName: 'it has no name; give the event one',
  noDay: 'its days cannot be read, or it ends before it begins',
  repeats: 'it repeats; write each show as an event of its own',
  tooLong: 'it lasts longer than 14 days',
  past: 'it is over',
  'called off': 'it was called off',
};

const STATES: Readonly<Record<CalendarShow['state'], string>> = {
  new: 'new',
  changed: 'other days',
  same: 'there already',
  bad: 'left out',
};

/** Shows out of a calendar file. */
export function BringInShows() {
  const [text, setText] = useState<{ readonly name: string; readonly text: string } | null>(null);
  const [trouble, setTrouble] = useState<string | null>(null);
  const take = async (chosen: File): Promise<void> => {
    const read = textOf(await chosen.arrayBuffer());
    setTrouble(read.ok ? null : read.why);
    setText(read.ok ? { name: chosen.name, text: read.text } : null);
  };
  return (
    <div className="room">
      <div className="sheet-head">
        <h1>Bring in shows</h1>
        <div className="days">
          <WhatSelect />
        </div>
      </div>
      <FileDrop
        accept=".ics,text/calendar"
        title={text === null ? 'Choose a calendar file (.ics), or drop one here' : text.name}
        onFile={take}
      >
        Each event is a show: its name, its days, its place.
      </FileDrop>
      {trouble !== null && <Alert type="error" showIcon title={trouble} className="after-field" role="alert" />}
      {text !== null && <Shows key={text.text} text={text.text} onDone={() => setText(null)} />}
    </div>
  );
}

function Shows({ text, onDone }: { readonly text: string; readonly onDone: () => void }) {
  const { message } = AntApp.useApp();
  const kennel = useSuspenseQuery(rowsQuery).data;
  const send = useCommand(saveChanges);
  const nowMs = useNow(60_000);
  const today = localDayOf(nowMs, kennel.settings.timeZone);
  const read = useMemo(() => showsOf(text, { kennel, newId: v7, today }), [text, kennel, today]);
  const shows = useMemo(() => (read.ok ? read.shows : []), [read]);
  const [left, setLeft] = useState<ReadonlySet<string>>(new Set());
  const chosen = shows.filter((s) => s.changes.length > 0 && !left.has(s.key));
  const changes = changesOfShows(chosen);
  const checked = useQuery({
    queryKey: ['kennel', 'bring-in-shows', changes],
    queryFn: () => (changes.length === 0 ? Promise.resolve([]) : checkChanges(changes)),
    staleTime: Infinity,
    gcTime: 0,
  });
  if (!read.ok)
    return <Alert type="error" showIcon title={FILE_FAULTS[read.fault]} className="after-field" role="alert" />;
  const found = checked.data ?? [];
  const save = (): void => {
    send.mutate(command(changes), {
      onSuccess: () => {
        void message.success(`${countWords(chosen.length, 'show')} saved. Rings and entries come next.`);
        onDone();
      },
      onError: (error) => void message.error(problemWords(error), 10),
    });
  };
  return (
    <>
      <div className="bring-bar" role="status">
        <b>{chosen.filter((s) => s.state === 'new').length} new</b>,{' '}
        <b>{chosen.filter((s) => s.state === 'changed').length}</b> with other days,{' '}
        {shows.filter((s) => s.state === 'same').length} there already, {shows.filter((s) => s.state === 'bad').length}{' '}
        left out
        <span className="push">
          <Button
            type="primary"
            loading={send.isPending}
            disabled={chosen.length === 0 || checked.isFetching || found.length > 0}
            onClick={save}
          >
            {chosen.length === 1 ? 'Save the show' : `Save ${String(chosen.length)} shows`}
          </Button>
          <Link to="/shows">Not now</Link>
        </span>
      </div>
      {found.length > 0 && <Alert type="error" showIcon title={found.map((f) => f.detail).join('; ')} role="alert" />}
      {checked.error !== null && <Alert type="error" showIcon title={problemWords(checked.error)} />}
      <RowTable
        name="Events of the calendar"
        rows={shows}
        idOf={(s) => s.key}
        empty="No events."
        columns={eventColumns(left, (key) => setLeft(toggled(left, key)))}
      />
    </>
  );
}

function eventColumns(left: ReadonlySet<string>, onToggle: (key: string) => void): Column<CalendarShow>[] {
  return [
    {
      name: 'Take',
      text: (s) => (s.changes.length === 0 || left.has(s.key) ? 'no' : 'yes'),
      width: 80,
      show: (s) => (
        <Checkbox
          aria-label={`Take ${s.name}`}
          disabled={s.changes.length === 0}
          checked={s.changes.length > 0 && !left.has(s.key)}
          onChange={() => onToggle(s.key)}
        />
      ),
    },
    { name: 'Show', text: (s) => s.name, width: 260 },
    { name: 'Days', text: (s) => (s.firstDay === '' ? '' : daysWords(s)), by: (s) => s.firstDay, width: 180 },
    { name: 'Where', text: (s) => s.place, width: 220 },
    {
      name: 'What it does',
      text: (s) => (s.fault === null ? STATES[s.state] : `${STATES[s.state]}: ${EVENT_FAULTS[s.fault]}`),
    },
  ];
}

function toggled(keys: ReadonlySet<string>, key: string): ReadonlySet<string> {
  const next = new Set(keys);
  if (!next.delete(key)) next.add(key);
  return next;
}
