/*
 * Shows: where and when is who shown? The list of shows, and a show's entries day by day.
 */
import PlusOutlined from '@ant-design/icons/PlusOutlined';
import { useQuery } from '@tanstack/react-query';
import { Button, Drawer } from 'antd';
import { useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import { localDayOf } from '@loyal-mane/core';
import type { Kennel } from '../../api/queries';
import { rowsQuery } from '../../api/rows';
import { RowTable } from '../../parts/rows/RowTable';
import type { Column } from '../../parts/rows/RowTable';
import { useNow } from '../../parts/useNow';
import { useRooms } from '../../parts/useRooms';
import { NewShowForm } from './NewShowForm';
import { daysWords } from './daysWords';
import { ShowPage } from './ShowPage';
import './shows.css';

type Show = Kennel['shows'][number];

/** All shows, or one of them. */
export default function ShowsRoom() {
  const { id } = useParams();
  const { kennel } = useRooms();
  const show = kennel.shows.find((s) => s.id === id);
  return show === undefined ? <ShowList /> : <ShowPage key={show.id} show={show} />;
}

function ShowList() {
  const { kennel, names, lead } = useRooms();
  const navigate = useNavigate();
  const [adding, setAdding] = useState(false);
  const rows = useQuery({ ...rowsQuery, enabled: lead }).data;
  const today = localDayOf(useNow(60_000), names.zone);
  const next = kennel.shows.filter((s) => s.lastDay >= today).sort((x, y) => x.firstDay.localeCompare(y.firstDay))[0];
  const entries = (s: Show) => kennel.entries.filter((e) => e.showId === s.id);
  return (
    <div className="room">
      <div className="sheet-head">
        <h1>{next === undefined ? 'No show is ahead.' : nextWords(next, entries(next).length, today)}</h1>
      </div>
      <RowTable
        name="Shows"
        rows={[...kennel.shows].sort((x, y) => y.firstDay.localeCompare(x.firstDay))}
        idOf={(s) => s.id}
        onOpen={(s) => void navigate(`/shows/${s.id}`)}
        empty="No show yet. Enter the next one: everything is counted back from its ring times."
        tools={
          lead ? (
            <>
              <Button onClick={() => void navigate('/bring-in?what=shows')}>Shows from a calendar</Button>
              <Button
                type="primary"
                icon={<PlusOutlined />}
                disabled={rows === undefined}
                onClick={() => setAdding(true)}
              >
                Add show
              </Button>
            </>
          ) : null
        }
        columns={showColumns(kennel, today)}
      />
      <Drawer open={adding} onClose={() => setAdding(false)} title="New show" size={560} destroyOnHidden>
        {rows !== undefined && (
          <NewShowForm
            kennel={rows}
            onDone={(showId) => {
              setAdding(false);
              void navigate(`/shows/${showId}`);
            }}
          />
        )}
      </Drawer>
    </div>
  );
}

function showColumns(kennel: Kennel, today: string): Column<Show>[] {
  const entries = (s: Show) => kennel.entries.filter((e) => e.showId === s.id);
  const site = (s: Show): string => kennel.sites.find((x) => x.id === s.siteId)?.name ?? '';
  return [
    { name: 'Name', text: (s) => s.name, show: (s) => <b>{s.name}</b> },
    { name: 'Days', text: (s) => daysWords(s), by: (s) => s.firstDay, width: 160 },
    { name: 'Site', text: site, filter: true },
    { name: 'Rings', text: (s) => String(kennel.rings.filter((r) => r.showId === s.id).length), width: 80 },
    { name: 'Entries', text: (s) => String(entries(s).length), by: (s) => entries(s).length, width: 90 },
    {
      name: 'Without a handler',
      text: (s) => String(entries(s).filter((e) => e.handlerId === undefined).length),
      by: (s) => entries(s).filter((e) => e.handlerId === undefined).length,
      width: 150,
    },
    { name: 'When', text: (s) => (s.lastDay < today ? 'over' : 'ahead'), filter: true, width: 80 },
  ];
}

function nextWords(s: Show, entries: number, today: string): string {
  const days = Math.round((Date.parse(s.firstDay) - Date.parse(today)) / 86_400_000);
  const when = days > 1 ? `in ${String(days)} days` : days === 1 ? 'tomorrow' : 'now';
  return `${s.name} is ${when}: ${String(entries)} ${entries === 1 ? 'entry' : 'entries'}.`;
}
