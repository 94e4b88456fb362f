/*
 * The zones in numbers: now, on the day if left, wanted, and what is done about it. What is wanted is typed by a lead.
 */
import { App as AntApp, InputNumber } from 'antd';
import { useState } from 'react';
import type { CutAsk, MmRange, ZoneCut, ZoneId } from '@loyal-mane/core';
import { ZONE_NAMES } from '@loyal-mane/library';
import type { CutKit } from '@loyal-mane/library';
import { mmWords, zoneCutWords } from '@loyal-mane/library/words';
import { recordOf, useDogRecord } from '../../parts/dogRecord';
import type { Dog } from '../../parts/dogRecord';
import { useRooms } from '../../parts/useRooms';
import { ZoneLength } from '../dogs/ZoneLength';
import { shownCuts } from './outlineOf';
import type { WayToShow } from './outlineOf';
import { kitOf, zoneToolWords } from './zoneTool';

interface Props {
  readonly dog: Dog;
  readonly asks: readonly CutAsk[];
  readonly cuts: readonly ZoneCut[];
  readonly way: WayToShow | null;
  readonly chosen: ZoneId | null;
  readonly onChoose: (zone: ZoneId) => void;
}

/** The list, and the zone that was touched with its measures. */
export function ZoneCuts({ dog, asks, cuts, way, chosen, onChoose }: Props) {
  const ask = asks.find((a) => a.zone === chosen);
  const cut = cuts.find((c) => c.row.zone === chosen);
  const { shown, unmeasured } = shownCuts(cuts);
  const { kennel } = useRooms();
  const who = kennel.people.find((p) => p.id === way?.session?.people[0]);
  const kit = kitOf(kennel, way?.session?.people[0] ?? null);
  return (
    <>
      {ask !== undefined && (
        <section aria-label="Zone" className="outline-zone">
          <h2 className="serif">{nameOf(ask.zone)}</h2>
          {cut !== undefined && <p>{zoneCutWords(cut)}</p>}
          <p className="soft">
            Grows {ask.growth.mmPerDay.toFixed(2)} mm a day ({ask.growth.low.toFixed(2)} to {ask.growth.high.toFixed(2)}
            ), {ask.growth.spans === 0 ? 'as such coats do' : `learned from ${String(ask.growth.spans)} measured spans`}
            .
          </p>
          <ZoneLength key={ask.zone} dog={dog} zone={ask.zone} />
        </section>
      )}
      {way !== null && (
        <div className="outline-table" role="region" aria-label="Cut list" tabIndex={0}>
          <table>
            <thead>
              <tr>
                <th scope="col">Zone</th>
                <th scope="col">At the cut</th>
                <th scope="col">On the day</th>
                <th scope="col">Wanted</th>
                <th scope="col">What to do</th>
              </tr>
            </thead>
            <tbody>
              {shown.map((c) => (
                <Row
                  key={c.row.zone}
                  dog={dog}
                  cut={c}
                  setMm={asks.find((a) => a.zone === c.row.zone)?.wantedMm ?? null}
                  kit={kit}
                  isChosen={c.row.zone === chosen}
                  onChoose={onChoose}
                />
              ))}
            </tbody>
          </table>
        </div>
      )}
      {unmeasured.length > 0 && (
        <p className="soft">
          Not measured yet:{' '}
          {unmeasured.map(({ row }, i) => (
            <span key={row.zone}>
              {i > 0 && ', '}
              <button type="button" className="plain outline-name" onClick={() => onChoose(row.zone)}>
                {ZONE_NAMES[row.zone]}
              </button>
            </span>
          ))}
          .
        </p>
      )}
      {who !== undefined && way !== null && (
        <p className="soft">
          {`Blades and comb are those of ${who.name}, who cuts; each clipper and hand is calibrated on an inner thigh first.`}
        </p>
      )}
      <p className="soft">
        Lengths are of stretched hair at one fixed spot: the middle of the zone, feather, beard and tail where they are
        longest; the small ones are the zone’s shortest and longest. How it moves, and hands on the dog, tell the rest;
        rules of the show come first.
      </p>
    </>
  );
}

/** Hair that may be wanted on the day. */
const WANTED_MM = { least: 0.5, most: 600 } as const;

function Row({
  dog,
  cut,
  setMm,
  kit,
  isChosen,
  onChoose,
}: {
  dog: Dog;
  cut: ZoneCut;
  /** Length that a lead has set; null where the breed decides. */
  setMm: number | null;
  /** Kit of whoever does the trim. */
  kit: CutKit;
  isChosen: boolean;
  onChoose: (zone: ZoneId) => void;
}) {
  const { lead } = useRooms();
  const { save, busy } = useDogRecord(dog);
  const { message } = AntApp.useApp();
  const [refused, setRefused] = useState(0);
  const { row } = cut;
  const { zone, state, onDayRange } = row;
  const others = (recordOf(dog).wanted ?? []).filter((w) => w.zone !== zone);
  const want = (mm: number | null): void => {
    if (mm === setMm) return;
    if (mm !== null && !(mm >= WANTED_MM.least && mm <= WANTED_MM.most)) {
      void message.error('Hair on the day is between 0.5 and 600 mm. Nothing was changed.', 6);
      setRefused(refused + 1);
      return;
    }
    save({ wanted: mm === null ? others : [...others, { zone, mm }] });
  };
  const tool = zoneToolWords(dog, cut, kit);
  const range = onDayRange === null ? '' : `, ${mmWords(onDayRange[0])} to ${mmWords(onDayRange[1])}`;
  return (
    <tr className={state} aria-current={isChosen ? 'true' : undefined}>
      <th scope="row">
        <button type="button" className="plain" onClick={() => onChoose(zone)}>
          {nameOf(zone)}
        </button>
      </th>
      <td>
        <ZoneHair spotMm={row.atSessionMm} along={cut.along?.atSession} />
      </td>
      <td title={range === '' ? undefined : `By the range of its growth${range}`}>
        <ZoneHair spotMm={row.onDayMm} along={cut.along?.onDay} />
      </td>
      <td>
        {lead ? (
          <InputNumber
            key={`${String(setMm)} ${String(refused)}`}
            aria-label={`Wanted on the day, mm: ${ZONE_NAMES[zone]}`}
            step={1}
            disabled={busy}
            {...(setMm === null ? {} : { defaultValue: setMm })}
            {...(row.wantedMm === null ? {} : { placeholder: String(Math.round(row.wantedMm)) })}
            onBlur={(e) => want(e.target.value.trim() === '' ? null : Number(e.target.value.replace(',', '.')))}
            onPressEnter={(e) => (e.target as HTMLInputElement).blur()}
            style={{ width: 84 }}
          />
        ) : (
          <ZoneHair spotMm={row.wantedMm} along={undefined} />
        )}
        {tapers(cut.along?.wanted) && <Along range={cut.along.wanted} />}
      </td>
      <td>
        {zoneCutWords(cut)}
        {tool !== '' && <span className="soft"> {tool}</span>}
      </td>
    </tr>
  );
}

/** Hair at the measuring spot, and from where to where it goes in a zone that tapers. */
function ZoneHair({ spotMm, along }: { readonly spotMm: number | null; readonly along: MmRange | undefined }) {
  if (spotMm === null) return null;
  return (
    <>
      {mmWords(spotMm)}
      {tapers(along) && <Along range={along} />}
    </>
  );
}

function Along({ range }: { readonly range: MmRange }) {
  const [least, most] = range.map((mm) => String(Math.round(mm)));
  return <small className="outline-along">{`${least ?? ''} to ${most ?? ''} mm`}</small>;
}

/** Less than this between a zone's ends is one length, mm. */
const TAPER_MM = 3;

function tapers(range: MmRange | undefined): range is MmRange {
  return range !== undefined && range[1] - range[0] >= TAPER_MM;
}

function nameOf(zone: ZoneId): string {
  const name = ZONE_NAMES[zone];
  return name.charAt(0).toUpperCase() + name.slice(1);
}
