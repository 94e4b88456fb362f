/*
 * Entering dogs: choose them, the day, the ring, when the block starts and each dog's place in the ring. The ring time
 * follows from how many dogs an hour are judged.
 */
import { App as AntApp, Button, InputNumber, Input, Select } from 'antd';
import { useState } from 'react';
import { v7 } from 'uuid';
import { DOGS_PER_HOUR, addDays, ringTimeAt } from '@loyal-mane/core';
import type { KennelFile, KennelRow, LocalDay, RowChange, WallTime } from '@loyal-mane/core';
import { command, useCommand } from '../../api/commands';
import { saveChanges } from '../../api/rows';
import { monthDay } from '../../parts/monthDay';
import { problemWords } from '../../parts/ProblemNote';
import { wallTyped } from '../../parts/rows/fieldSpec';

interface Props {
  readonly kennel: KennelFile;
  readonly show: { readonly id: string; readonly firstDay: string; readonly lastDay: string };
  readonly onDone: () => void;
}

/** A block of judging with the dogs that go in in it. */
export interface Block {
  readonly showId: string;
  readonly days: readonly string[];
  readonly ringId: string;
  readonly start: string;
  readonly dogsPerHour: number;
  readonly handlerId: string | undefined;
  readonly showClass: string;
  /** By dog: its place in the ring, 1 = first. */
  readonly places: ReadonlyMap<string, number>;
}

/** The changes that enter a block's dogs; dogs whose time makes no sense are left out. */
export function blockChanges(block: Block, newId: () => string): RowChange[] {
  const { showId, days, ringId, start, dogsPerHour, handlerId, showClass, places } = block;
  return days.flatMap((day) =>
    [...places].flatMap(([dogId, place]): RowChange[] => {
      const ringTime = ringTimeAt(wallTyped(start) as WallTime, place, dogsPerHour);
      if (ringTime === null) return [];
      const id = newId();
      const to = {
        ...{ id, dogId, showId, ringId, day, ringTime, importance: 2 },
        ...(handlerId === undefined ? {} : { handlerId }),
        ...(showClass.trim() === '' ? {} : { showClass: showClass.trim() }),
      } as KennelRow;
      return [{ list: 'entries', id, from: null, to }];
    }),
  );
}

export function EntriesForm({ kennel, show, onDone }: Props) {
  const { message } = AntApp.useApp();
  const send = useCommand(saveChanges);
  const rings = kennel.rings.filter((r) => r.showId === show.id);
  const length = Math.round((Date.parse(show.lastDay) - Date.parse(show.firstDay)) / 86_400_000) + 1;
  const showDays = Array.from({ length }, (_, k) => addDays(show.firstDay as LocalDay, k));
  const [days, setDays] = useState<readonly string[]>(showDays.slice(0, 1));
  const [ringId, setRingId] = useState<string>(rings[0]?.id ?? '');
  const [start, setStart] = useState('09:00');
  const [rate, setRate] = useState(DOGS_PER_HOUR);
  const [handlerId, setHandlerId] = useState<string | undefined>(undefined);
  const [showClass, setShowClass] = useState('');
  const [places, setPlaces] = useState<ReadonlyMap<string, number>>(new Map());

  const choose = (ids: readonly string[]): void => {
    const kept = [...places].filter(([id]) => ids.includes(id));
    let next = Math.max(0, ...kept.map(([, n]) => n)) + 1;
    setPlaces(new Map([...kept, ...ids.filter((id) => !places.has(id)).map((id) => [id, next++] as const)]));
  };
  const block: Block = { showId: show.id, days, ringId, start, dogsPerHour: rate, handlerId, showClass, places };
  const isTime = /^([01]\d|2[0-3]):[0-5]\d$/.test(wallTyped(start));
  const changes = isTime ? blockChanges(block, v7) : [];
  const enter = (): void =>
    send.mutate(command(changes), {
      onSuccess: () => {
        void message.success(`${String(changes.length)} entered. Plan again to work by them.`);
        onDone();
      },
      onError: (error) => void message.error(problemWords(error), 10),
    });
  const here = kennel.dogs.filter((d) => d.leftOn === undefined);
  return (
    <div className="row-fields">
      <label className="wide">
        <span>Dogs</span>
        <Select
          mode="multiple"
          aria-label="Dogs"
          showSearch={{ optionFilterProp: 'label' }}
          value={[...places.keys()]}
          options={here.map((d) => ({ value: d.id, label: `${d.name}, ${d.breed}` }))}
          onChange={choose}
        />
      </label>
      <label className="wide">
        <span>Days</span>
        <Select
          mode="multiple"
          aria-label="Days"
          value={[...days]}
          options={showDays.map((d) => ({ value: d, label: monthDay(d) }))}
          onChange={(chosen: string[]) => setDays([...chosen].sort())}
        />
      </label>
      <label>
        <span>Ring</span>
        <Select
          aria-label="Ring"
          value={ringId}
          options={rings.map((r) => ({ value: r.id, label: r.name }))}
          onChange={setRingId}
        />
      </label>
      <label>
        <span>Block starts</span>
        <Input
          aria-label="Block starts"
          value={start}
          status={isTime ? '' : 'error'}
          onChange={(e) => setStart(e.target.value)}
          onBlur={(e) => setStart(wallTyped(e.target.value))}
        />
      </label>
      <label>
        <span>Dogs judged an hour</span>
        <InputNumber
          aria-label="Dogs judged an hour"
          min={5}
          max={60}
          value={rate}
          onChange={(n) => setRate(n ?? DOGS_PER_HOUR)}
        />
      </label>
      <label>
        <span>Shown by</span>
        <Select
          allowClear
          aria-label="Shown by"
          value={handlerId ?? null}
          placeholder="anybody who can"
          options={kennel.people.filter((p) => p.skills.includes('ring')).map((p) => ({ value: p.id, label: p.name }))}
          onChange={(id: string | null | undefined) => setHandlerId(id ?? undefined)}
        />
      </label>
      <label>
        <span>Class</span>
        <Input aria-label="Class" value={showClass} maxLength={60} onChange={(e) => setShowClass(e.target.value)} />
      </label>
      {places.size > 0 && (
        <table className="wide places" aria-label="Places in the ring">
          <thead>
            <tr>
              <th scope="col">Dog</th>
              <th scope="col">Place in the ring</th>
              <th scope="col">Goes in at</th>
            </tr>
          </thead>
          <tbody>
            {[...places].map(([id, place]) => (
              <tr key={id}>
                <th scope="row">{kennel.dogs.find((d) => d.id === id)?.name}</th>
                <td>
                  <InputNumber
                    size="small"
                    aria-label={`Place of ${kennel.dogs.find((d) => d.id === id)?.name ?? ''}`}
                    min={1}
                    max={400}
                    value={place}
                    onChange={(n) => setPlaces(new Map([...places, [id, n ?? 1]]))}
                  />
                </td>
                <td>
                  <b>{isTime ? (ringTimeAt(wallTyped(start) as WallTime, place, rate) ?? 'after midnight') : ''}</b>
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      <p className="soft wide">25 dogs an hour is the usual rate; the show’s own program counts.</p>
      <div className="wide form-end">
        <Button type="primary" disabled={changes.length === 0} loading={send.isPending} onClick={enter}>
          {changes.length === 0 ? 'Enter' : `Enter ${String(changes.length)}`}
        </Button>
      </div>
    </div>
  );
}
