/*
 * One show: its entries day by day, ring times that can be typed over, pulling an entry, a later round, rings, rules.
 */
import PlusOutlined from '@ant-design/icons/PlusOutlined';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { App as AntApp, Button, Drawer } from 'antd';
import { useRef, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { removalOf } from '@loyal-mane/core';
import type { KennelFile, KennelRow, RowChange } from '@loyal-mane/core';
import { command, useCommand } from '../../api/commands';
import type { Kennel } from '../../api/queries';
import { rowsQuery, saveChanges } from '../../api/rows';
import { monthDay } from '../../parts/monthDay';
import { problemWords } from '../../parts/ProblemNote';
import type { FieldSpec } from '../../parts/rows/fieldSpec';
import { RowDrawer } from '../../parts/rows/RowDrawer';
import type { Opened } from '../../parts/rows/RowDrawer';
import { useSavedWithUndo } from '../../parts/useSavedWithUndo';
import { RowTable } from '../../parts/rows/RowTable';
import { useRooms } from '../../parts/useRooms';
import { ShowRules } from '../methods/ShowRules';
import { EntriesForm } from './EntriesForm';
import { sameRingAndTime } from './sameRingAndTime';
import { TimeCell } from './TimeCell';
import { daysWords } from './daysWords';

type Show = Kennel['shows'][number];
type Entry = Kennel['entries'][number];

const IMPORTANCE = [
  { value: 1, label: 'if it fits' },
  { value: 2, label: 'as usual' },
  { value: 3, label: 'must not be missed' },
] as const;

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
  { name: 'importance', required: true, label: 'How much it matters', kind: 'one', choices: IMPORTANCE },
  {
    name: 'laterRound',
    label: 'Held ready until',
    kind: 'wall',
    hint: 'after a win: the later round’s time; after-show work waits for it',
  },
];

const showFields = (kennel: KennelFile): readonly FieldSpec[] => [
  { name: 'name', required: true, label: 'Name', kind: 'text', wide: true },
  {
    name: 'siteId',
    required: true,
    label: 'Site',
    kind: 'one',
    choices: kennel.sites.map((s) => ({ value: s.id, label: s.name })),
  },
  { name: 'firstDay', required: true, label: 'First day', kind: 'day' },
  { name: 'lastDay', required: true, label: 'Last day', kind: 'day' },
];

const DOUBLE_PRESS_MS = 1000;

export function ShowPage({ show }: { show: Show }) {
  const { kennel, lead } = useRooms();
  const { message } = AntApp.useApp();
  const navigate = useNavigate();
  const client = useQueryClient();
  const rows = useQuery({ ...rowsQuery, enabled: lead }).data ?? null;
  const [opened, setOpened] = useState<Opened | null>(null);
  const [entering, setEntering] = useState(false);
  const send = useCommand(saveChanges);
  const savedWithUndo = useSavedWithUndo();
  const entries = kennel.entries.filter((e) => e.showId === show.id);
  const days = [...new Set(entries.map((e) => e.day))].sort();
  const dogOf = (e: Entry) => kennel.dogs.find((d) => d.id === e.dogId);
  const ringOf = (e: Entry): string => kennel.rings.find((r) => r.id === e.ringId)?.name ?? '';
  const handlerOf = (e: Entry): string => kennel.people.find((p) => p.id === e.handlerId)?.name ?? '';
  const save = (changes: readonly RowChange[], words: string): void =>
    send.mutate(command(changes), {
      onSuccess: () => savedWithUndo(words, changes),
      onError: (error) => void message.error(problemWords(error), 8),
    });
  const rowOf = (e: Entry): KennelRow | null => rows?.entries.find((r) => r.id === e.id) ?? null;
  const edit = async (e: Entry): Promise<void> => {
    const there = await client.query(rowsQuery);
    const row = there.entries.find((r) => r.id === e.id);
    if (row !== undefined)
      setOpened({ list: 'entries', row, title: dogOf(e)?.name ?? 'Entry', specs: entryFields(there, show.id) });
  };
  // The row is gone after a pull and the next one stands under the finger: a second press is not meant for it.
  const lastPull = useRef(0);
  const pull = async (e: Entry): Promise<void> => {
    if (Date.now() - lastPull.current < DOUBLE_PRESS_MS) return;
    lastPull.current = Date.now();
    save(
      removalOf(await client.query(rowsQuery), 'entries', e.id),
      `${dogOf(e)?.name ?? 'The dog'} is pulled; only its own work goes.`,
    );
    lastPull.current = Date.now();
  };
  const twins = sameRingAndTime(entries);
  const openRing = async (ring: Kennel['rings'][number]): Promise<void> => {
    const there = await client.query(rowsQuery);
    const row = there.rings.find((x) => x.id === ring.id) ?? null;
    const specs: readonly FieldSpec[] = [{ name: 'name', label: 'Name', kind: 'text' }];
    setOpened({ list: 'rings', row, title: ring.name, specs });
  };
  const without = entries.filter((e) => e.handlerId === undefined).length;
  return (
    <div className="room">
      <div className="sheet-head">
        <h1>
          {show.name}:{' '}
          <b>
            {entries.length === 0
              ? 'nobody is entered yet'
              : `${String(entries.length)} ${entries.length === 1 ? 'entry' : 'entries'}`}
          </b>
          {without > 0 && `, ${String(without)} without a handler`}
        </h1>
        <span className="soft">
          {daysWords(show)}, {kennel.sites.find((s) => s.id === show.siteId)?.name}
        </span>
        <div className="days">
          <Link to="/shows">All shows</Link>
          {lead && (
            <>
              <Button onClick={() => void navigate(`/bring-in?what=entries&show=${show.id}`)}>Entries from CSV</Button>
              <Button onClick={() => void navigate(`/bring-in?what=program&show=${show.id}`)}>Judging program</Button>
            </>
          )}
          {rows !== null && (
            <Button
              onClick={() =>
                setOpened({
                  list: 'shows',
                  row: (rows.shows.find((s) => s.id === show.id) as KennelRow | null) ?? null,
                  title: show.name,
                  specs: showFields(rows),
                })
              }
            >
              Name and days
            </Button>
          )}
          {lead && (
            <Button type="primary" icon={<PlusOutlined />} onClick={() => setEntering(true)}>
              Enter dogs
            </Button>
          )}
        </div>
      </div>
      <RowTable
        name="Entries"
        rows={[...entries].sort((x, y) => `${x.day}${x.ringTime}`.localeCompare(`${y.day}${y.ringTime}`))}
        idOf={(e) => e.id}
        {...(lead ? { onOpen: (e: Entry) => void edit(e) } : {})}
        empty="Nobody is entered. Choose dogs, the block’s start and their place in the ring: the ring times follow."
        columns={[
          { name: 'Day', text: (e) => monthDay(e.day), by: (e) => e.day, filter: days.length > 1, width: 100 },
          {
            name: 'Goes in at',
            text: (e) => e.ringTime,
            width: 120,
            show: (e) => (
              <TimeCell
                label={`${dogOf(e)?.name ?? ''} goes in at`}
                value={e.ringTime}
                disabled={!lead || rowOf(e) === null || send.isPending}
                onChange={(ringTime) => {
                  const from = rowOf(e);
                  if (from !== null)
                    save(
                      [{ list: 'entries', id: e.id, from, to: { ...from, ringTime } }],
                      'Ring time changed. Plan again to work by it.',
                    );
                }}
              />
            ),
          },
          {
            name: 'Dog',
            text: (e) => dogOf(e)?.name ?? '',
            show: (e) => (
              <>
                <b>{dogOf(e)?.name}</b>
                {(twins.get(e.id) ?? []).map((other) => (
                  <span key={other.id} className="warn twin">
                    same ring and time as {dogOf(other)?.name}
                  </span>
                ))}
              </>
            ),
            width: 150,
          },
          { name: 'Breed', text: (e) => dogOf(e)?.breed ?? '' },
          { name: 'Ring', text: ringOf, filter: true, width: 90 },
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
          ...(lead
            ? [
                {
                  name: 'Pull',
                  text: () => '',
                  width: 90,
                  show: (e: Entry) => (
                    <Button
                      size="small"
                      disabled={send.isPending}
                      aria-label={`Pull ${dogOf(e)?.name ?? ''}`}
                      onClick={(event) => {
                        event.stopPropagation();
                        void pull(e);
                      }}
                    >
                      Pull
                    </Button>
                  ),
                },
              ]
            : []),
        ]}
      />
      <section aria-label="Rings" className="ring-list">
        <h2 className="serif">Rings</h2>
        {kennel.rings
          .filter((r) => r.showId === show.id)
          .map((r) => (
            <Button key={r.id} disabled={!lead} onClick={() => void openRing(r)}>
              {r.name}
            </Button>
          ))}
        {lead && (
          <Button
            type="dashed"
            icon={<PlusOutlined />}
            onClick={() =>
              setOpened({
                list: 'rings',
                row: null,
                title: 'Add a ring',
                specs: [{ name: 'name', label: 'Name', kind: 'text' }],
                blank: { showId: show.id },
              })
            }
          >
            Add ring
          </Button>
        )}
      </section>
      <h2 className="serif">What the show’s own rules say</h2>
      <ShowRules shows={[show]} mayChange={lead} />
      {rows !== null && (
        <RowDrawer
          opened={opened}
          kennel={rows}
          onClose={() => {
            setOpened(null);
            if (opened?.list === 'shows' && rows.shows.every((s) => s.id !== show.id)) void navigate('/shows');
          }}
        />
      )}
      <Drawer
        open={entering}
        onClose={() => setEntering(false)}
        title={`Enter dogs at ${show.name}`}
        size={620}
        destroyOnHidden
      >
        {rows !== null && <EntriesForm kennel={rows} show={show} onDone={() => setEntering(false)} />}
      </Drawer>
    </div>
  );
}
