/*
 * The check in movement: one person moves the dog, a second one watches. What was seen is kept with the dog, and where.
 */
import { Button, Input, Select } from 'antd';
import { useState } from 'react';
import { MOVEMENTS } from '@loyal-mane/core';
import type { Movement, ZoneId } from '@loyal-mane/core';
import { ZONES, ZONE_NAMES } from '@loyal-mane/library';
import { MOVEMENT_WORDS, monthDay } from '@loyal-mane/library/words';
import { recordOf, useDogRecord } from '../../parts/dogRecord';
import type { Dog } from '../../parts/dogRecord';
import { useRooms } from '../../parts/useRooms';

const MOST_ZONES = 12;

/** Buttons for what was seen; the last look. */
export function MovementCheck({ dog }: { readonly dog: Dog }) {
  const { names } = useRooms();
  const { log, busy } = useDogRecord(dog);
  const [zones, setZones] = useState<ZoneId[]>([]);
  const [text, setText] = useState('');
  const last = recordOf(dog).outline?.movements?.at(-1);
  const write = (seen: Movement): void => {
    const told = text.trim() === '' ? {} : { text: text.trim() };
    log({ what: 'moved', seen, zones, ...told }, `In movement ${MOVEMENT_WORDS[seen]}: written down.`, () => {
      setZones([]);
      setText('');
    });
  };
  return (
    <section className="trim-cuts" aria-label="In movement">
      <p>
        <b>In movement.</b> One moves the dog, a second watches: the outline has to hold at rest and in movement.
      </p>
      {last !== undefined && (
        <p className="soft">
          {monthDay(last.day)}: {MOVEMENT_WORDS[last.seen]}
          {last.zones.length === 0 ? '' : ` (${last.zones.map((z) => ZONE_NAMES[z]).join(', ')})`}
          {last.by === undefined ? '' : `, ${names.person(last.by)}`}
          {last.text === undefined ? '' : `: ${last.text}`}.
        </p>
      )}
      <div className="movement-tools">
        <Select
          mode="multiple"
          size="large"
          aria-label="Where"
          placeholder="where; all of it when empty"
          maxCount={MOST_ZONES}
          value={zones}
          onChange={setZones}
          options={ZONES.map((z) => ({ value: z.id, label: ZONE_NAMES[z.id] }))}
          showSearch={{ optionFilterProp: 'label' }}
        />
        <Input
          size="large"
          aria-label="What was seen"
          placeholder="what was seen"
          maxLength={200}
          value={text}
          onChange={(e) => setText(e.target.value)}
        />
        {MOVEMENTS.map((seen) => (
          <Button key={seen} size="large" disabled={busy} onClick={() => write(seen)}>
            {MOVEMENT_WORDS[seen].charAt(0).toUpperCase() + MOVEMENT_WORDS[seen].slice(1)}
          </Button>
        ))}
      </div>
    </section>
  );
}
