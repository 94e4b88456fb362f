/*
 * Day sheet: who does what, where, in which order. A rope a person, the day's stations below; on a phone "my day".
 */
import { Button } from 'antd';
import { useCallback, useMemo, useState } from 'react';
import { addDays, bundlesOf, daySheet, localDayOf, wallToMs } from '@loyal-mane/core';
import type { DaySheet, Lane, PlannedActivity, WallTime } from '@loyal-mane/core';
import { clockWords, dayWords, durationWords } from '@loyal-mane/library/words';
import type { Names } from '@loyal-mane/library/words';
import type { Kennel } from '../../api/queries';
import { monthDay } from '../../parts/monthDay';
import { SignKey } from '../../parts/SignKey';
import { TaskDrawer } from '../../parts/TaskDrawer';
import { useDay } from '../../parts/useDay';
import { useNow } from '../../parts/useNow';
import { useRooms } from '../../parts/useRooms';
import { useShortcut } from '../../parts/useShortcut';
import { useWidth } from '../../parts/useWidth';
import { useWork } from '../../parts/useWork';
import { DraftBar, PlanButton, usePlanning } from '../countdown/PlanBar';
import { BundleView } from './BundleView';
import { MyAnswer, MyDay } from './MyDay';
import { PersonDrawer } from './PersonDrawer';
import './daySheet.css';

const LEFT = 132;
const RIGHT = 92;
const LEAST_HOUR_PX = 62;
const HOUR_MS = 3_600_000;
/** Narrower a block cannot be touched, px. */
const LEAST_BLOCK_PX = 18;

export default function DaySheetRoom() {
  const { session, kennel, view, plan, names, lead, looksAtDraft } = useRooms();
  const now = useNow(10_000);
  const today = localDayOf(now, names.zone);
  const [day, setDay] = useDay(today);
  const [task, setTask] = useState<PlannedActivity | null>(null);
  const [personId, setPersonId] = useState<string | null>(null);
  const [ref, width] = useWidth(1224);
  const planning = usePlanning(view);
  const sheet = useWork(useCallback((work) => daySheet(kennel, plan, work, day, now), [kennel, plan, day, now]));
  const mine = sheet.lanes.find((l) => l.personId === session.personId);
  const noon = wallToMs(day, '12:00' as WallTime, names.zone);
  const person = kennel.people.find((p) => p.id === personId) ?? null;
  useShortcut('[', () => setDay(addDays(day, -1)));
  useShortcut(']', () => setDay(addDays(day, 1)));
  return (
    <div className={looksAtDraft ? 'room looks-at-draft' : 'room'} ref={ref}>
      <div className="sheet-head">
        <h1>
          {dayWords(noon, names.zone)} {monthDay(day)}:{' '}
          <span className="wide-only">
            <Answer sheet={sheet} />
          </span>
          <span className="narrow-only">
            <MyAnswer lane={mine} names={names} />
          </span>
        </h1>
        <div className="days">
          <span className="wide-only">
            <SignKey />
          </span>
          <Button size="small" onClick={() => setDay(addDays(day, -1))} aria-label="Previous day">
            ‹
          </Button>
          <Button size="small" onClick={() => setDay(today)} disabled={day === today}>
            Today
          </Button>
          <Button size="small" onClick={() => setDay(addDays(day, 1))} aria-label="Next day">
            ›
          </Button>
          {lead && (
            <span style={{ marginLeft: 12 }}>
              <PlanButton planning={planning} />
            </span>
          )}
        </div>
      </div>
      {lead && view.draft !== null && <DraftBar draft={view.draft} names={names} />}
      <Ropes
        sheet={sheet}
        kennel={kennel}
        names={names}
        now={now}
        width={width}
        lead={lead}
        onTask={setTask}
        onPerson={setPersonId}
      />
      <MyDay lane={mine} names={names} onTask={setTask} />
      <TaskDrawer activity={task} onClose={() => setTask(null)} />
      <PersonDrawer
        dogs={kennel.dogs}
        person={person}
        absent={kennel.absences.some((a) => a.personId === personId && a.day === day)}
        day={day}
        dayName={dayWords(noon, names.zone)}
        onClose={() => setPersonId(null)}
        onPlan={() => planning.plan('keep')}
      />
    </div>
  );
}

function Answer({ sheet }: { sheet: DaySheet }) {
  if (sheet.tasks === 0 && sheet.withoutPlace === 0) return <>nothing is planned</>;
  if (sheet.withoutPlace === 0) {
    return (
      <>
        <b>all {sheet.tasks} tasks</b> have a place
      </>
    );
  }
  return (
    <>
      <b>{sheet.tasks} tasks</b> have a place, <b className="bad">{sheet.withoutPlace} have none</b>
    </>
  );
}

interface RopesProps {
  readonly sheet: DaySheet;
  readonly kennel: Kennel;
  readonly names: Names;
  readonly now: number;
  readonly width: number;
  readonly lead: boolean;
  readonly onTask: (a: PlannedActivity) => void;
  readonly onPerson: (id: string) => void;
}

function Ropes({ sheet, kennel, names, now, width, lead, onTask, onPerson }: RopesProps) {
  const hours = (sheet.toMs - sheet.fromMs) / HOUR_MS;
  const hourPx = Math.max(LEAST_HOUR_PX, (width - LEFT - RIGHT) / hours);
  const xOf = (ms: number): number => LEFT + ((ms - sheet.fromMs) / HOUR_MS) * hourPx;
  const marks = Array.from({ length: Math.round(hours) + 1 }, (_, k) => sheet.fromMs + k * HOUR_MS);
  const isNow = now >= sheet.fromMs && now <= sheet.toMs;
  return (
    <div className="sheet" role="region" aria-label="Ropes by person" tabIndex={0}>
      <div style={{ width: LEFT + hours * hourPx + RIGHT, position: 'relative', paddingTop: 18 }}>
        <div className="hours">
          {marks.map((ms) => (
            <span key={ms} style={{ left: xOf(ms) }}>
              {clockWords(ms, names.zone, names.clock)}
            </span>
          ))}
        </div>
        {isNow && (
          <span className="now-tag" style={{ left: xOf(now), top: 0 }}>
            now {clockWords(now, names.zone, names.clock)}
          </span>
        )}
        <div style={{ position: 'relative' }}>
          {marks.map((ms) => (
            <span key={ms} className="grid-line" style={{ left: xOf(ms) }} />
          ))}
          {isNow && <span className="now-line" style={{ left: xOf(now) }} />}
          {sheet.lanes.map((lane) => (
            <Rope
              key={lane.personId}
              lane={lane}
              kennel={kennel}
              names={names}
              xOf={xOf}
              hourPx={hourPx}
              lead={lead}
              onTask={onTask}
              onPerson={onPerson}
            />
          ))}
          <div style={{ borderTop: '1px solid var(--line)', paddingTop: 6 }}>
            {sheet.stations.map((s) => (
              <div key={s.stationId} className="station-row">
                {names.station(s.stationId)}
                {s.spans.map((b) => (
                  <span
                    key={`${b.dogId}${String(b.fromMs)}`}
                    className={`bar ${b.state}`}
                    style={{ left: xOf(b.fromMs), width: Math.max(3, xOf(b.toMs) - xOf(b.fromMs) - 2) }}
                    title={names.dog(b.dogId)}
                  />
                ))}
                {s.closed.map((c) => {
                  const x = xOf(Math.max(c.fromMs, sheet.fromMs));
                  return (
                    <span
                      key={c.fromMs}
                      className="closed"
                      style={{ left: x, width: Math.max(0, xOf(Math.min(c.toMs, sheet.toMs)) - x) }}
                    >
                      <span>{c.what}</span>
                    </span>
                  );
                })}
              </div>
            ))}
          </div>
        </div>
      </div>
    </div>
  );
}

interface RopeProps {
  readonly lane: Lane;
  readonly kennel: Kennel;
  readonly names: Names;
  readonly xOf: (ms: number) => number;
  readonly hourPx: number;
  readonly lead: boolean;
  readonly onTask: (a: PlannedActivity) => void;
  readonly onPerson: (id: string) => void;
}

const HM = (min: number): string => durationWords(min * 60_000);

function Rope({ lane, kennel, names, xOf, hourPx, lead, onTask, onPerson }: RopeProps) {
  const person = kennel.people.find((p) => p.id === lane.personId);
  const leastMs = ((LEAST_BLOCK_PX + 2) * HOUR_MS) / hourPx;
  const bundles = useMemo(() => bundlesOf(lane.blocks, leastMs), [lane.blocks, leastMs]);
  const name = (
    <>
      <b>{person?.name}</b>{' '}
      <span>{lane.absent === null ? person?.role : <span className="bad">{lane.absent} that day</span>}</span>
    </>
  );
  return (
    <section className="lane" aria-label={person?.name ?? ''}>
      {lead ? (
        <button className="plain lane-name" onClick={() => onPerson(lane.personId)} title="Ill, back, sign-in">
          {name}
        </button>
      ) : (
        <div className="lane-name">{name}</div>
      )}
      {lane.shift !== null && lane.absent === null && (
        <>
          <span
            className="rope"
            style={{ left: xOf(lane.shift.fromMs), width: xOf(lane.shift.toMs) - xOf(lane.shift.fromMs) }}
          />
          <span className="post" style={{ left: xOf(lane.shift.fromMs) }} />
          <span className="post" style={{ left: xOf(lane.shift.toMs) }} />
          {lane.pauses.map((p) => (
            <span
              key={p.fromMs}
              className="pause"
              style={{ left: xOf(p.fromMs), width: xOf(p.toMs) - xOf(p.fromMs) }}
              title={p.what === 'care' ? 'feeding and walks' : 'break'}
            >
              {p.what === 'care' ? 'walks' : 'break'}
            </span>
          ))}
          {lane.travel.map((t) => (
            <span key={t.fromMs} className="pause" style={{ left: xOf(t.fromMs), width: xOf(t.toMs) - xOf(t.fromMs) }}>
              {t.what.toLowerCase()}
            </span>
          ))}
        </>
      )}
      {bundles.map((b, i) => {
        const x = xOf(b.startMs);
        const room = xOf(bundles[i + 1]?.startMs ?? Infinity) - x - 2;
        return (
          <BundleView
            key={b.blocks[0]?.key}
            bundle={b}
            kennel={kennel}
            names={names}
            x={x}
            width={Math.min(room, Math.max(LEAST_BLOCK_PX, xOf(b.endMs) - x - 2))}
            room={room}
            onTask={onTask}
          />
        );
      })}
      {lane.absent === null && (
        <div className="lane-load">
          <b>{HM(lane.loadMin)}</b>
          <span>of {HM(lane.shiftMin)}</span>
        </div>
      )}
    </section>
  );
}
