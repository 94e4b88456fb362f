/*
 * Outline: what comes off where, so that the day of the show finds the line that is wanted: the drawing, and beside it the cut list,
 * the dog's measures, what a lead wants the eye to see, and earlier outlines to compare with.
 */
import { Segmented, Select } from 'antd';
import { useState } from 'react';
import { Link, Navigate, useNavigate, useParams } from 'react-router';
import { addDays, daysBetween, localDayOf } from '@loyal-mane/core';
import type { LocalDay, ZoneCut, ZoneId } from '@loyal-mane/core';
import { METHODS, monthDay, weekdayWords } from '@loyal-mane/library/words';
import { countWords } from '../../parts/countWords';
import type { Dog } from '../../parts/dogRecord';
import { useNow } from '../../parts/useNow';
import { useRooms } from '../../parts/useRooms';
import { OutlineDay } from './OutlineDay';
import { OutlineWork } from './OutlineWork';
import type { OutlineView } from './OutlineWork';
import { wayToShow } from './outlineOf';
import type { WayToShow } from './outlineOf';
import './outline.css';

/** The outline of the dog that the address names, else of the one whose ring is next. */
export default function OutlineRoom() {
  const { id } = useParams();
  const { kennel, names } = useRooms();
  const today = localDayOf(useNow(60_000), names.zone);
  const dog = kennel.dogs.find((d) => d.id === id);
  if (dog === undefined) {
    const next = kennel.entries.filter((e) => e.day >= today).sort((x, y) => x.day.localeCompare(y.day))[0];
    const first = next?.dogId ?? kennel.dogs[0]?.id;
    return first === undefined ? (
      <p className="room">No dog is entered yet.</p>
    ) : (
      <Navigate to={`/outline/${first}`} replace />
    );
  }
  return <Outline key={dog.id} dog={dog} today={today} />;
}

function Outline({ dog, today }: { dog: Dog; today: LocalDay }) {
  const { kennel, names, plan } = useRooms();
  const navigate = useNavigate();
  const [at, setAt] = useState<ZoneId | null>(null);
  const [ahead, setAhead] = useState<number | null>(null);
  const [view, setView] = useState<OutlineView>('left');
  const way = wayToShow(dog, kennel, plan, names.zone, today);
  const most = way === null ? 0 : daysBetween(today, way.showDay);
  return (
    <OutlineWork
      dog={dog}
      way={way}
      today={today}
      shownDay={ahead === null ? null : addDays(today, ahead)}
      view={view}
      chosen={at}
      onChoose={setAt}
      head={(cuts) => (
        <>
          <div className="sheet-head">
            <h1>{answerWords(dog.name, cuts, way)}</h1>
            <span className="toolbar">
              <Segmented
                aria-label="View"
                value={view}
                onChange={setView}
                options={[
                  { value: 'left', label: 'Left' },
                  { value: 'right', label: 'Right' },
                  { value: 'front', label: 'Front' },
                  { value: 'rear', label: 'Rear' },
                  { value: 'head', label: 'Head' },
                  { value: 'map', label: 'All zones' },
                ]}
              />
              <Select
                aria-label="Dog"
                showSearch={{ optionFilterProp: 'label' }}
                style={{ width: 180 }}
                value={dog.id}
                options={kennel.dogs.map((d) => ({ value: d.id, label: d.name }))}
                onChange={(next) => void navigate(`/outline/${next}`)}
              />
            </span>
          </div>
          <p className="soft">
            {wayWords(way)} {way?.judge != null && `Judge: ${way.judge}. `}
            <Link to={`/dogs/${dog.id}`}>Coat file</Link>
          </p>
        </>
      )}
      foot={most > 0 && <OutlineDay today={today} most={most} ahead={ahead} onAhead={setAhead} />}
    />
  );
}

/** "Koro on Saturday: 4 zones to cut, 1 too short." */
export function answerWords(name: string, cuts: readonly ZoneCut[], way: WayToShow | null): string {
  if (way === null) return `${name} is not entered: there is no day to cut for.`;
  const cut = cuts.filter((c) => c.takeOffMm !== null && c.row.state !== 'missing').length;
  const missing = cuts.filter((c) => c.row.state === 'missing').length;
  const right = cuts.filter((c) => c.row.state === 'right').length;
  if (cut + missing + right === 0) return `${name}: measure the hair to see what comes off.`;
  const parts = [
    ...(cut === 0 ? [] : [`${countWords(cut, 'zone')} to cut`]),
    ...(missing === 0 ? [] : [`${String(missing)} too short`]),
    ...(right === 0 ? [] : [`${String(right)} right`]),
  ];
  return `${name} on ${weekdayWords(way.showDay)}: ${parts.join(', ')}.`;
}

function wayWords(way: WayToShow | null): string {
  if (way === null) return 'Enter the dog in a show to count back from it.';
  const { session, sessionDay, showDay } = way;
  const step = session === null ? 'today, since no trim is planned' : METHODS[session.step].name.toLowerCase();
  const when = `${weekdayWords(sessionDay)} ${monthDay(sessionDay)}`;
  const days = daysBetween(sessionDay, showDay);
  return `Cut on ${when} (${step}); ${days === 0 ? 'the ring is the same day' : `${countWords(days, 'day')} of growth to the ring`}.`;
}
