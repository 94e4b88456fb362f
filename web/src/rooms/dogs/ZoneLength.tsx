/*
 * Hair lengths measured in a zone, by whom and why they were left so, and a field for today's: the next trim shows them.
 */
import { Button, Input, InputNumber, Segmented } from 'antd';
import { useState } from 'react';
import type { BodySide, ZoneId } from '@loyal-mane/core';
import { ZONES, ZONE_NAMES } from '@loyal-mane/library';
import { monthDay } from '@loyal-mane/library/words';
import { recordOf, useDogRecord } from '../../parts/dogRecord';
import type { Dog } from '../../parts/dogRecord';
import { useRooms } from '../../parts/useRooms';
import { lengthsOf } from './coatTints';

const SHOWN_LENGTHS = 3;
const MOST_MM = 600;
const PAIRED: ReadonlySet<ZoneId> = new Set(ZONES.filter((z) => z.paired).map((z) => z.id));

/** The last lengths of a zone; whoever measures writes the next one down. */
export function ZoneLength({ dog, zone }: { readonly dog: Dog; readonly zone: ZoneId }) {
  const { names, crew } = useRooms();
  const { log, busy } = useDogRecord(dog);
  const [mm, setMm] = useState<number | null>(null);
  const [why, setWhy] = useState('');
  const [side, setSide] = useState<BodySide | 'both'>('both');
  const known = lengthsOf(recordOf(dog), zone);
  const isGood = mm !== null && mm >= 0 && mm <= MOST_MM;
  const note = (): void => {
    if (!isGood) return;
    const reason = why.trim() === '' ? {} : { text: why.trim() };
    const onSide = side === 'both' ? {} : { side };
    log({ what: 'length', zone, mm, ...onSide, ...reason }, `${String(mm)} mm: written down.`, () => {
      setMm(null);
      setWhy('');
    });
  };
  return (
    <>
      {known.slice(0, SHOWN_LENGTHS).map((l) => (
        <p className="soft" key={`${l.day} ${l.side ?? ''}`}>
          Hair{l.side === undefined ? '' : `, ${l.side}`}: {l.mm} mm on {monthDay(l.day)}
          {l.by === undefined ? '' : `, ${names.person(l.by)}`}
          {l.why === undefined ? '' : `; left so because ${l.why}`}.
        </p>
      ))}
      {crew && (
        <div className="zone-tools">
          {PAIRED.has(zone) && (
            <Segmented
              aria-label={`Side: ${ZONE_NAMES[zone]}`}
              value={side}
              onChange={setSide}
              options={[
                { value: 'both', label: 'Both' },
                { value: 'left', label: 'Left' },
                { value: 'right', label: 'Right' },
              ]}
            />
          )}
          <InputNumber
            aria-label={`Length of the hair, mm: ${ZONE_NAMES[zone]}`}
            placeholder="Length"
            suffix="mm"
            style={{ width: 120 }}
            value={mm}
            status={mm === null || isGood ? '' : 'error'}
            onChange={setMm}
            onPressEnter={note}
          />
          <Input
            aria-label={`Why it was left so: ${ZONE_NAMES[zone]}`}
            placeholder="because ... (where it helps)"
            maxLength={120}
            style={{ width: 220 }}
            value={why}
            onChange={(e) => setWhy(e.target.value)}
          />
          <Button disabled={busy || !isGood} onClick={note}>
            Measured today
          </Button>
          {mm !== null && !isGood && <span className="bad">0 to {MOST_MM} mm.</span>}
        </div>
      )}
    </>
  );
}
