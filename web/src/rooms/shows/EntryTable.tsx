/*
 * The entries of a show, day by day: ring times that can be typed over, pulling an entry, handlers, later rounds.
 */
import { useQueryClient } from '@tanstack/react-query';
import { App as AntApp, Button } from 'antd';
import { useRef } from 'react';
import { removalOf } from '@loyal-mane/core';
import type { KennelFile, KennelRow, RowChange } from '@loyal-mane/core';
import { monthDay } from '@loyal-mane/library/words';
import { command, useCommand } from '../../api/commands';
import type { Kennel } from '../../api/queries';
import { rowsQuery, saveChanges } from '../../api/rows';
import { problemWords } from '../../parts/ProblemNote';
import type { FieldSpec } from '../../parts/rows/fieldSpec';
import type { Opened } from '../../parts/rows/RowDrawer';
import { RowTable } from '../../parts/rows/RowTable';
import { useRooms } from '../../parts/useRooms';
import { useSavedWithUndo } from '../../parts/useSavedWithUndo';
import { sameRingAndTime } from './sameRingAndTime';
import { TimeCell } from './TimeCell';

type Entry = Kennel['entries'][number];

const IMPORTANCE = [
  { value: 1, label: 'if it fits' },
  { value: 2, label: 'as usual' },
  { value: 3, label: 'must not be missed' },
] as const;

/** Shares of what would flatter. */
const FLATTERY = [
  { value: 1, label: 'pays: as far as it helps' },
  { value: 0.5, label: 'some: half of it' },
  { value: 0, label: 'none: as the dog is' },
];

const entryFields = (kennel: KennelFile, showId: string): readonly FieldSpec[] => [
  { name: 'day', required: true, label: 'Day', kind: 'day' },
  { name: 'ringTime', required: true, label: 'Goes in at', kind: 'wall' },
  {
    name: 'ringId',
    required: true,
    label: 'Ring',
    kind: 'one',
    choices: kennel.rings.filter((r) => r.showId === showId).map((r) => ({ value: r.id, label: r.name })),
  },
  {
    name: 'handlerId',
    label: 'Shown by',
    kind: 'one',
    mayClear: true,
    hint: 'anybody who shows dogs when left empty',
    choices: kennel.people.filter((p) => p.skills.includes('ring')).map((p) => ({ value: p.id, label: p.name })),
  },
  { name: 'showClass', label: 'Class', kind: 'text' },
  { name: 'judge', label: 'Judge', kind: 'text', hint: 'who judges, and what is looked for' },
  {
    name: 'flattery',
    label: 'Flattery of the outline',
    kind: 'one',
    mayClear: true,
    hint: 'how far the outline corrects for this judge',
    choices: FLATTERY,
  },
  { name: 'importance', required: true, label: 'How much it matters', kind: 'one', choices: IMPORTANCE },
  {
    name: 'laterRound',
    label: 'Held ready until',
    kind: 'wall',
    hint: 'after a win: the later round’s time; after-show work waits for it',
  },
];

const DOUBLE_PRESS_MS = 1000;

/** Changes of entries that need no form. */
function useEntryChanges(dogName: (e: Entry) => string) {
  const { message } = AntApp.useApp();
  const client = useQueryClient();
  const send = useCommand(saveChanges);
  const savedWithUndo = useSavedWithUndo();
  const save = (changes: readonly RowChange[], words: string): void =>
    send.mutate(command(changes), {
      onSuccess: () => savedWithUndo(words, changes),
      onError: (error) => void message.error(problemWords(error), 8),
    });
  // The row is gone after a pull and the next one stands under the finger: a second press is not meant for it.
  const lastPull = useRef(0);
  const pull = async (e: Entry): Promise<void> => {
    if (Date.now() - lastPull.current < DOUBLE_PRESS_MS) return;
    lastPull.current = Date.now();
    const changes = removalOf(await client.query(rowsQuery), 'entries', e.id);
    save(changes, `${dogName(e)} is pulled; only its own work goes.`);
    lastPull.current = Date.now();
  };
  const move = (from: KennelRow, ringTime: string): void =>
    save(
      [{ list: 'entries', id: from.id, from, to: { ...from, ringTime } }],
      'Ring time changed. Plan again to work by it.',
    );
  return { isBusy: send.isPending, pull, move };
}

interface Props {
  readonly show: { readonly id: string };
  readonly entries: readonly Entry[];
  /** The kennel's rows as they are saved; null for those who may not change them. */
  readonly rows: KennelFile | null;
  readonly onOpen: (opened: Opened) => void;
}

/** All entries of one show. */
export function EntryTable({ show, entries, rows, onOpen }: Props) {
  const { kennel, lead, names } = useRooms();
  const client = useQueryClient();
  const dogName = (e: Entry): string => names.dog(e.dogId);
  const { isBusy, pull, move } = useEntryChanges(dogName);
  const edit = async (e: Entry): Promise<void> => {
    const there = await client.query(rowsQuery);
    const row = there.entries.find((r) => r.id === e.id);
    if (row !== undefined) onOpen({ list: 'entries', row, title: dogName(e), specs: entryFields(there, show.id) });
  };
  const rowOf = (e: Entry): KennelRow | null => rows?.entries.find((r) => r.id === e.id) ?? null;
  return (
    <RowTable
      name="Entries"
      rows={[...entries].sort((x, y) => `${x.day}${x.ringTime}`.localeCompare(`${y.day}${y.ringTime}`))}
      idOf={(e) => e.id}
      {...(lead ? { onOpen: (e: Entry) => void edit(e) } : {})}
      empty="Nobody is entered. Choose dogs, the block’s start and their place in the ring: the ring times follow."
      columns={[
        ...timeColumns(entries, {
          dogName,
          isOpen: (e) => lead && rowOf(e) !== null && !isBusy,
          move: (e, ringTime) => {
            const from = rowOf(e);
            if (from !== null) move(from, ringTime);
          },
        }),
        ...whoColumns(kennel, entries, dogName),
        ...(lead ? [pullColumn(dogName, isBusy, (e) => void pull(e))] : []),
      ]}
    />
  );
}

type Column = Parameters<typeof RowTable<Entry>>[0]['columns'][number];

interface TimeWays {
  readonly dogName: (e: Entry) => string;
  readonly isOpen: (e: Entry) => boolean;
  readonly move: (e: Entry, ringTime: string) => void;
}

function timeColumns(entries: readonly Entry[], { dogName, isOpen, move }: TimeWays): Column[] {
  const isLong = new Set(entries.map((e) => e.day)).size > 1;
  return [
    { name: 'Day', text: (e) => monthDay(e.day), by: (e) => e.day, filter: isLong, width: 100 },
    {
      name: 'Goes in at',
      text: (e) => e.ringTime,
      width: 120,
      show: (e) => (
        <TimeCell
          label={`${dogName(e)} goes in at`}
          value={e.ringTime}
          disabled={!isOpen(e)}
          onChange={(ringTime) => move(e, ringTime)}
        />
      ),
    },
  ];
}

function whoColumns(kennel: Kennel, entries: readonly Entry[], dogName: (e: Entry) => string): Column[] {
  const twins = sameRingAndTime(entries);
  const handlerOf = (e: Entry): string => kennel.people.find((p) => p.id === e.handlerId)?.name ?? '';
  return [
    {
      name: 'Dog',
      text: dogName,
      show: (e) => (
        <>
          <b>{dogName(e)}</b>
          {(twins.get(e.id) ?? []).map((other) => (
            <span key={other.id} className="warn twin">
              same ring and time as {dogName(other)}
            </span>
          ))}
        </>
      ),
      width: 150,
    },
    { name: 'Breed', text: (e) => kennel.dogs.find((d) => d.id === e.dogId)?.breed ?? '' },
    { name: 'Ring', text: (e) => kennel.rings.find((r) => r.id === e.ringId)?.name ?? '', filter: true, width: 90 },
    { name: 'Class', text: (e) => e.showClass ?? '', width: 110 },
    {
      name: 'Shown by',
      text: handlerOf,
      filter: true,
      show: (e) => (e.handlerId === undefined ? <span className="warn">anybody who can</span> : handlerOf(e)),
    },
    {
      name: 'Later round',
      text: (e) => e.laterRound ?? '',
      width: 110,
      show: (e) => (e.laterRound === undefined ? '' : <b>until {e.laterRound}</b>),
    },
  ];
}

function pullColumn(dogName: (e: Entry) => string, isBusy: boolean, pull: (e: Entry) => void): Column {
  return {
    name: 'Pull',
    text: () => '',
    width: 90,
    show: (e) => (
      <Button
        size="small"
        disabled={isBusy}
        aria-label={`Pull ${dogName(e)}`}
        onClick={(event) => {
          event.stopPropagation();
          pull(e);
        }}
      >
        Pull
      </Button>
    ),
  };
}
