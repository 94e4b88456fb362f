/*
 * Kennel: who and what do we have? People, their shifts as a calendar, stations, power, sites and travel, owners, settings.
 */
import { useSuspenseQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Navigate, useSearchParams } from 'react-router';
import { localDayOf } from '@loyal-mane/core';
import { rowsQuery } from '../../api/rows';
import { RowDrawer } from '../../parts/rows/RowDrawer';
import type { Opened } from '../../parts/rows/RowDrawer';
import { Trail } from '../../parts/rows/Trail';
import { useNow } from '../../parts/useNow';
import { useRooms } from '../../parts/useRooms';
import { SettingsPart } from './SettingsPart';
import { PeoplePart } from './PeoplePart';
import { OwnersPart, PowerPart, StationsPart, TravelPart } from './PlacesParts';
import { ToolsPart } from './ToolsPart';
import { ShiftsPart } from './ShiftsPart';
import { kennelAnswer } from './kennelAnswer';
import './kennel.css';

const PARTS = [
  { id: 'people', name: 'People' },
  { id: 'shifts', name: 'Shifts' },
  { id: 'stations', name: 'Stations' },
  { id: 'power', name: 'Power' },
  { id: 'tools', name: 'Tools' },
  { id: 'travel', name: 'Sites and travel' },
  { id: 'owners', name: 'Owners' },
  { id: 'settings', name: 'Settings' },
  { id: 'trail', name: 'Trail' },
] as const;

/** The kennel's people, places and days; leads only. */
export default function KennelRoom() {
  const { lead } = useRooms();
  return lead ? <KennelParts /> : <Navigate to="/" replace />;
}

function KennelParts() {
  const { plan, names } = useRooms();
  const kennel = useSuspenseQuery(rowsQuery).data;
  const [params, setParams] = useSearchParams();
  const today = localDayOf(useNow(60_000), names.zone);
  const [opened, setOpened] = useState<Opened | null>(null);
  const part = PARTS.find((p) => p.id === params.get('part'))?.id ?? 'people';
  const shared = { kennel, open: setOpened };
  return (
    <div className="room">
      <div className="sheet-head">
        <h1>{kennelAnswer(kennel, today)}</h1>
      </div>
      <nav className="parts" aria-label="Parts of the kennel">
        {PARTS.map((p) => (
          <button
            key={p.id}
            className="plain"
            aria-current={p.id === part ? 'page' : undefined}
            onClick={() => setParams(p.id === 'people' ? {} : { part: p.id })}
          >
            {p.name}
          </button>
        ))}
      </nav>
      {part === 'people' && <PeoplePart {...shared} today={today} />}
      {part === 'shifts' && <ShiftsPart {...shared} today={today} />}
      {part === 'stations' && <StationsPart {...shared} today={today} plan={plan} />}
      {part === 'power' && <PowerPart {...shared} plan={plan} />}
      {part === 'tools' && <ToolsPart />}
      {part === 'travel' && <TravelPart {...shared} />}
      {part === 'owners' && <OwnersPart {...shared} />}
      {part === 'settings' && <SettingsPart kennel={kennel} />}
      {part === 'trail' && <Trail subject={null} kennel={kennel} />}
      <RowDrawer opened={opened} kennel={kennel} onClose={() => setOpened(null)} />
    </div>
  );
}
