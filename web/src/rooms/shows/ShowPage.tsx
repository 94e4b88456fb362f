/*
 * One show: its entries day by day, ring times that can be typed over, pulling an entry, a later round, rings, rules.
 */
import PlusOutlined from '@ant-design/icons/PlusOutlined';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { Button, Drawer } from 'antd';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import type { KennelFile, KennelRow } from '@loyal-mane/core';
import type { Kennel } from '../../api/queries';
import { rowsQuery } from '../../api/rows';
import { countWords } from '../../parts/countWords';
import type { FieldSpec } from '../../parts/rows/fieldSpec';
import { RowDrawer } from '../../parts/rows/RowDrawer';
import type { Opened } from '../../parts/rows/RowDrawer';
import { useRooms } from '../../parts/useRooms';
import { ShowRules } from '../methods/ShowRules';
import { EntriesForm } from './EntriesForm';
import { EntryTable } from './EntryTable';
import { daysWords } from './daysWords';

type Show = Kennel['shows'][number];
type Entry = Kennel['entries'][number];

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

const ringSpecs: readonly FieldSpec[] = [{ name: 'name', label: 'Name', kind: 'text' }];

/** One show, with everything that is entered in it. */
export function ShowPage({ show }: { show: Show }) {
  const { kennel, lead } = useRooms();
  const navigate = useNavigate();
  const client = useQueryClient();
  const rows = useQuery({ ...rowsQuery, enabled: lead }).data ?? null;
  const [opened, setOpened] = useState<Opened | null>(null);
  const [entering, setEntering] = useState(false);
  const entries = kennel.entries.filter((e) => e.showId === show.id);
  const openRing = async (ring: Kennel['rings'][number]): Promise<void> => {
    const there = await client.query(rowsQuery);
    const row = there.rings.find((x) => x.id === ring.id) ?? null;
    setOpened({ list: 'rings', row, title: ring.name, specs: ringSpecs });
  };
  const addRing = (): void =>
    setOpened({ list: 'rings', row: null, title: 'Add a ring', specs: ringSpecs, blank: { showId: show.id } });
  return (
    <div className="room">
      <ShowHead show={show} entries={entries} rows={rows} onOpen={setOpened} onEnter={() => setEntering(true)} />
      <EntryTable show={show} entries={entries} rows={rows} onOpen={setOpened} />
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
          <Button type="dashed" icon={<PlusOutlined />} onClick={addRing}>
            Add ring
          </Button>
        )}
      </section>
      <h2 className="serif">The show’s own rules</h2>
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

interface HeadProps {
  readonly show: Show;
  readonly entries: readonly Entry[];
  readonly rows: KennelFile | null;
  readonly onOpen: (opened: Opened) => void;
  readonly onEnter: () => void;
}

function entriesWords(entries: readonly Entry[]): string {
  return entries.length === 0 ? 'nobody is entered yet' : countWords(entries.length, 'entry', 'entries');
}

function ShowHead({ show, entries, rows, onOpen, onEnter }: HeadProps) {
  const { kennel, lead } = useRooms();
  const navigate = useNavigate();
  const without = entries.filter((e) => e.handlerId === undefined).length;
  return (
    <div className="sheet-head">
      <h1>
        {show.name}: <b>{entriesWords(entries)}</b>
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
            onClick={() => {
              const row = (rows.shows.find((s) => s.id === show.id) as KennelRow | null) ?? null;
              onOpen({ list: 'shows', row, title: show.name, specs: showFields(rows) });
            }}
          >
            Name and days
          </Button>
        )}
        {lead && (
          <Button type="primary" icon={<PlusOutlined />} onClick={onEnter}>
            Enter dogs
          </Button>
        )}
      </div>
    </div>
  );
}
