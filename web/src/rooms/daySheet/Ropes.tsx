/*
 * The ropes of a day sheet: a lane a person with its bundles of tasks, the stations below, now as a line through all.
 */
import { useMemo } from 'react';
import { bundlesOf } from '@loyal-mane/core';
import type { DaySheet, Lane, PlannedActivity } from '@loyal-mane/core';
import { clockWords, durationWords, roundWords } from '@loyal-mane/library/words';
import type { Names } from '@loyal-mane/library/words';
import type { Kennel } from '../../api/queries';
import { BundleView } from './BundleView';
import { UNDER_ROW_PX, UNDER_TOP_PX, underLabels } from './underLabels';

const LEFT = 132;
const RIGHT = 92;
const LEAST_HOUR_PX = 62;
const HOUR_MS = 3_600_000;
/** Narrower a block cannot be touched, px. */
const LEAST_BLOCK_PX = 18;
/** Narrower there is no room for a word, px. */
const LEAST_WORD_PX = 36;
/** Room below the last row of words, px. */
const LANE_FOOT_PX = 5;

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

/** A rope a person over the hours of a day. */
export function Ropes({ sheet, kennel, names, now, width, lead, onTask, onPerson }: RopesProps) {
  const hours = (sheet.toMs - sheet.fromMs) / HOUR_MS;
  const hourPx = Math.max(LEAST_HOUR_PX, (width - LEFT - RIGHT) / hours);
  const xOf = (ms: number): number => LEFT + ((ms - sheet.fromMs) / HOUR_MS) * hourPx;
  const marks = Array.from({ length: Math.round(hours) + 1 }, (_, k) => sheet.fromMs + k * HOUR_MS);
  const isNow = now >= sheet.fromMs && now <= sheet.toMs;
  return (
    <div className="sheet" role="region" aria-label="Ropes by person" tabIndex={0}>
      <div className="ropes" style={{ width: LEFT + hours * hourPx + RIGHT }}>
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
        <div className="lanes">
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
          <Stations sheet={sheet} names={names} xOf={xOf} />
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
  const placed = bundles.map((bundle, i) => {
    const x = xOf(bundle.startMs);
    const room = xOf(bundles[i + 1]?.startMs ?? Infinity) - x - 2;
    return { bundle, x, width: Math.min(room, Math.max(LEAST_BLOCK_PX, xOf(bundle.endMs) - x - 2)) };
  });
  const labels = underLabels(placed, names);
  const rows = 1 + Math.max(0, ...labels.map((l) => l?.row ?? 0));
  const name = (
    <>
      <b>{person?.name}</b>{' '}
      <span>{lane.absent === null ? person?.role : <span className="bad">{lane.absent} that day</span>}</span>
    </>
  );
  return (
    <section
      className="lane"
      style={{ height: UNDER_TOP_PX + rows * UNDER_ROW_PX + LANE_FOOT_PX }}
      aria-label={person?.name ?? ''}
    >
      {lead ? (
        <button className="plain lane-name" onClick={() => onPerson(lane.personId)} title="Ill, back, sign-in">
          {name}
        </button>
      ) : (
        <div className="lane-name">{name}</div>
      )}
      {lane.shift !== null && lane.absent === null && <LaneHours lane={lane} shift={lane.shift} xOf={xOf} />}
      {placed.map(({ bundle, x, width }, i) => (
        <BundleView
          key={bundle.blocks[0]?.key}
          bundle={bundle}
          kennel={kennel}
          names={names}
          x={x}
          width={width}
          under={labels[i] ?? null}
          onTask={onTask}
        />
      ))}
      {lane.absent === null && (
        <div className="lane-load">
          <b>{HM(lane.loadMin)}</b>
          <span>of {HM(lane.shiftMin)}</span>
        </div>
      )}
    </section>
  );
}

/** Whether a part of a round lies in time that the shift keeps for care. */
function isKept({ pauses }: Lane, r: Lane['rounds'][number]): boolean {
  return pauses.some((p) => p.what === 'care' && p.fromMs <= r.fromMs && p.toMs >= r.toMs);
}

/** The shift as a rope between two posts, with what nobody works in. */
function LaneHours({
  lane,
  shift,
  xOf,
}: Pick<RopeProps, 'lane' | 'xOf'> & { readonly shift: NonNullable<Lane['shift']> }) {
  return (
    <>
      <span className="rope" style={{ left: xOf(shift.fromMs), width: xOf(shift.toMs) - xOf(shift.fromMs) }} />
      <span className="post" style={{ left: xOf(shift.fromMs) }} />
      <span className="post" style={{ left: xOf(shift.toMs) }} />
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
      {/* Time that a shift keeps for walks says so already. */}
      {lane.rounds
        .filter((r) => !isKept(lane, r))
        .map((r) => (
          <span
            key={`${r.round.kind} ${String(r.fromMs)}`}
            className="pause round"
            style={{ left: xOf(r.fromMs), width: xOf(r.toMs) - xOf(r.fromMs) }}
            title={roundWords(r.round)}
          >
            {xOf(r.toMs) - xOf(r.fromMs) < LEAST_WORD_PX ? '' : r.round.kind === 'unload' ? 'unload' : 'walks'}
          </span>
        ))}
      {lane.travel.map((t) => (
        <span key={t.fromMs} className="pause" style={{ left: xOf(t.fromMs), width: xOf(t.toMs) - xOf(t.fromMs) }}>
          {t.what.toLowerCase()}
        </span>
      ))}
    </>
  );
}

/** The day's stations: who is on them, and when they are closed. */
function Stations({ sheet, names, xOf }: Pick<RopesProps, 'sheet' | 'names'> & Pick<RopeProps, 'xOf'>) {
  return (
    <div className="stations">
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
  );
}
