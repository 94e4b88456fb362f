/*
 * Outline: what comes off where, so that the day of the show finds the lengths that are wanted. Zone by zone: now, on the day if left,
 * wanted, cut to; what is missing with the day on which it is long enough.
 */
import { Select, Slider } from 'antd';
import { useState } from 'react';
import { Link, Navigate, useNavigate, useParams } from 'react-router';
import { addDays, daysBetween, localDayOf } from '@loyal-mane/core';
import type { CutAsk, CutRow, LocalDay, ZoneId } from '@loyal-mane/core';
import { BODY_SHAPES, ZONE_NAMES } from '@loyal-mane/library';
import { METHODS, cutRowWords, mmWords, monthDay, weekdayWords } from '@loyal-mane/library/words';
import { CoatMap } from '../../parts/coatMap/CoatMap';
import type { ZoneTint } from '../../parts/coatMap/ZoneButton';
import { countWords } from '../../parts/countWords';
import type { Dog } from '../../parts/dogRecord';
import { useNow } from '../../parts/useNow';
import { useRooms } from '../../parts/useRooms';
import { ZoneCuts } from './ZoneCuts';
import { cutAsks, cutRows, lengthOn, wayToShow } from './outlineOf';
import type { WayToShow } from './outlineOf';
import '../dogs/dogs.css';
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
  const way = wayToShow(dog, kennel, plan, names.zone, today);
  const asks = cutAsks(dog, kennel, today);
  const rows = way === null ? [] : cutRows(asks, way);
  const shape = BODY_SHAPES[dog.badge];
  const most = way === null ? 0 : daysBetween(today, way.showDay);
  const shown = ahead === null ? null : addDays(today, ahead);
  return (
    <div className="room outline">
      <div className="sheet-head">
        <h1>{answerWords(dog.name, rows, way)}</h1>
        <span className="toolbar">
          <Select
            aria-label="Dog"
            showSearch={{ optionFilterProp: 'label' }}
            style={{ width: 200 }}
            value={dog.id}
            options={kennel.dogs.map((d) => ({ value: d.id, label: d.name }))}
            onChange={(next) => void navigate(`/outline/${next}`)}
          />
        </span>
      </div>
      <p className="soft">
        {wayWords(way)} <Link to={`/dogs/${dog.id}`}>Coat file</Link>
      </p>
      {way !== null && most > 0 && (
        <div className="outline-day">
          <span>{shown === null ? 'Cut list' : `Left alone until ${weekdayWords(shown)} ${monthDay(shown)}`}</span>
          <Slider
            ariaLabelForHandle="Days from today"
            min={0}
            max={most}
            value={ahead ?? 0}
            tooltip={{ formatter: (n) => (n === undefined ? null : monthDay(addDays(today, n))) }}
            onChange={setAhead}
          />
          <button type="button" className="plain" disabled={ahead === null} onClick={() => setAhead(null)}>
            Show the cut list
          </button>
        </div>
      )}
      <div className="outline-main">
        {shape !== undefined && (
          <CoatMap
            shape={shape}
            tintOf={(zone) => tintOf(zone, asks, rows, shown)}
            chosen={at}
            chosenSide={null}
            onChoose={(zone) => setAt(zone)}
          />
        )}
        <ZoneCuts dog={dog} asks={asks} rows={rows} way={way} chosen={at} onChoose={setAt} />
      </div>
    </div>
  );
}

/** "Koro on Sat 20 Jun: 4 zones to cut, 1 too short." */
export function answerWords(name: string, rows: readonly CutRow[], way: WayToShow | null): string {
  if (way === null) return `${name} is not entered: there is no day to cut for.`;
  const count = (state: CutRow['state']): number => rows.filter((r) => r.state === state).length;
  const [cut, missing, right] = [count('takeOff'), count('missing'), count('right')];
  if (cut + missing + right === 0) return `${name}: measure the hair and say what is wanted.`;
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

const STATE_TINTS: Readonly<Record<CutRow['state'], Omit<ZoneTint, 'mark'>>> = {
  takeOff: { fill: 'var(--clay-tint)', words: 'comes off' },
  missing: { fill: 'var(--tarn-tint)', words: 'too short' },
  right: { fill: 'var(--moss-tint)', words: 'right' },
  locked: { fill: 'var(--sunk)', words: 'not cut here' },
  unknown: { fill: 'var(--sheet)', words: 'not known' },
};

function tintOf(zone: ZoneId, asks: readonly CutAsk[], rows: readonly CutRow[], shown: LocalDay | null): ZoneTint {
  const row = rows.find((r) => r.zone === zone);
  const ask = asks.find((a) => a.zone === zone);
  if (shown !== null) {
    const mm = ask === undefined ? null : lengthOn(ask, shown);
    return mm === null
      ? { fill: 'var(--sunk)', mark: '', words: `${ZONE_NAMES[zone]}: not measured` }
      : { fill: 'var(--moss-tint)', mark: String(Math.round(mm)), words: `${ZONE_NAMES[zone]}: ${mmWords(mm)}` };
  }
  if (row === undefined) return { fill: 'var(--sunk)', mark: '', words: 'not known' };
  const mm = row.state === 'takeOff' ? -row.takeOffMm : row.state === 'missing' ? row.missingMm : null;
  const mark = mm === null ? '' : String(Math.round(mm));
  return { fill: STATE_TINTS[row.state].fill, mark, words: cutRowWords(row) };
}
