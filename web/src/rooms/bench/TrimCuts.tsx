/*
 * A trim at the table: each zone of the session with what comes off and what is left, ticked by the length that was measured after the
 * cut. A slip is told at once, with the day on which the hair is long enough again.
 */
import { Button, InputNumber } from 'antd';
import { useMemo, useState } from 'react';
import { localDayOf } from '@loyal-mane/core';
import type { BodySide, LocalDay, PersonId, Plan, StepId, ZoneCut, ZoneId } from '@loyal-mane/core';
import { STEP_ZONES, ZONE_NAMES } from '@loyal-mane/library';
import type { CutKit } from '@loyal-mane/library';
import { mmWords, zoneCutWords } from '@loyal-mane/library/words';
import type { Kennel } from '../../api/queries';
import { recordOf, useDogRecord } from '../../parts/dogRecord';
import type { Dog } from '../../parts/dogRecord';
import { useRooms } from '../../parts/useRooms';
import { cutAsks, outlineAskOf, solvedOutline, wayToShow } from '../outline/outlineOf';
import { draftOf } from '../outline/useOutlineDraft';
import { kitOf, zoneToolWords } from '../outline/zoneTool';
import { LastLengths } from './LastLengths';

interface Props {
  readonly dog: Dog;
  readonly step: StepId;
  /** Whoever cuts. */
  readonly personId: PersonId | null;
  readonly nowMs: number;
}

/** Zones of the session; the last lengths where the outline has nothing to say. */
export function TrimCuts({ dog, step, personId, nowMs }: Props) {
  const { kennel, names, plan } = useRooms();
  const today = localDayOf(nowMs, names.zone);
  // The bench's clock ticks by the second; the outline changes with what it is reckoned from.
  const cuts = useMemo(
    () => sessionCuts(dog, step, kennel, plan, names.zone, today),
    [dog, step, kennel, plan, names.zone, today],
  );
  const kit = kitOf(kennel, personId);
  if (cuts.length === 0) return <LastLengths dog={dog} step={step} />;
  return (
    <section className="trim-cuts" aria-label="What comes off">
      {cuts.map(({ cut, side }) => (
        <TrimZone key={`${cut.row.zone} ${side ?? ''}`} dog={dog} cut={cut} side={side} kit={kit} today={today} />
      ))}
      <p className="who-line">
        Comb up, cut rough, look at the whole, then fine. What is cut too short is not put back.
      </p>
    </section>
  );
}

/** A cut, and the side that it is of where the two differ. */
interface SideCut {
  readonly cut: ZoneCut;
  readonly side: BodySide | null;
}

/** Cuts of a step by side where one was measured otherwise than the other; none for one that cuts nothing, a dog without a show, or hair that nobody measured. */
function sessionCuts(
  dog: Dog,
  step: StepId,
  kennel: Kennel,
  plan: Plan | null,
  zone: string,
  today: LocalDay,
): readonly SideCut[] {
  const business = STEP_ZONES[step];
  const way = business === undefined ? null : wayToShow(dog, kennel, plan, zone, today);
  if (business === undefined || way === null) return [];
  const isHere = (id: ZoneId): boolean => business === 'all' || business.includes(id);
  const cutsOf = (side: BodySide): readonly ZoneCut[] => {
    const asked = outlineAskOf(dog, kennel, cutAsks(dog, kennel, today, side), way.showDay, draftOf(dog));
    if (asked === null) return [];
    return solvedOutline(asked.ask, today, recordOf(dog).outline?.movingTail ?? null).cuts.filter(
      (c) => isHere(c.row.zone) && c.row.atSessionMm !== null && c.row.state !== 'locked',
    );
  };
  const sided = new Set((recordOf(dog).lengths ?? []).flatMap((l) => (l.side === undefined ? [] : [l.zone])));
  const left = cutsOf('left');
  const right = sided.size === 0 ? left : cutsOf('right');
  const zones = [...new Set([...left, ...right].map((c) => c.row.zone))];
  return zones.flatMap((zone): SideCut[] => {
    const [one, other] = [left, right].map((list) => list.find((c) => c.row.zone === zone));
    if (!sided.has(zone)) return one === undefined ? [] : [{ cut: one, side: null }];
    return [
      ...(one === undefined ? [] : [{ cut: one, side: 'left' as const }]),
      ...(other === undefined ? [] : [{ cut: other, side: 'right' as const }]),
    ];
  });
}

const MOST_MM = 600;

interface ZoneProps extends SideCut {
  readonly dog: Dog;
  readonly kit: CutKit;
  readonly today: string;
}

function TrimZone({ dog, cut, side, kit, today }: ZoneProps) {
  const { log, busy } = useDogRecord(dog);
  const [mm, setMm] = useState<number | null>(null);
  const { zone } = cut.row;
  const name = side === null ? ZONE_NAMES[zone] : `${ZONE_NAMES[zone]}, ${side}`;
  const isMine = (l: { side?: BodySide }): boolean => side === null || l.side === undefined || l.side === side;
  const measured = (recordOf(dog).lengths ?? []).findLast((l) => l.zone === zone && l.day === today && isMine(l));
  const write = (length: number): void =>
    log(
      { what: 'length', zone, mm: length, ...(side === null ? {} : { side }) },
      `${name}: ${mmWords(length)}, written down.`,
      () => setMm(null),
    );
  const listed = cut.spotMm === null ? null : Math.round(cut.spotMm * 2) / 2;
  return (
    <div className={`trim-zone ${cut.row.state}`}>
      <span>
        <b>{name.charAt(0).toUpperCase() + name.slice(1)}</b> {zoneCutWords(cut)} {zoneToolWords(dog, cut, kit)}
        {measured !== undefined && <span className="soft"> Measured today: {mmWords(measured.mm)}.</span>}
      </span>
      <span className="trim-tools">
        {listed !== null && (
          <Button size="large" disabled={busy} onClick={() => write(listed)}>
            Cut to {mmWords(listed)}
          </Button>
        )}
        <InputNumber
          size="large"
          aria-label={`Measured after the cut, mm: ${name}`}
          placeholder="mm"
          min={0}
          max={MOST_MM}
          style={{ width: 92 }}
          value={mm}
          onChange={setMm}
          onPressEnter={() => mm !== null && write(mm)}
        />
        {mm !== null && (
          <Button size="large" disabled={busy} onClick={() => write(mm)}>
            Write down
          </Button>
        )}
      </span>
    </div>
  );
}
