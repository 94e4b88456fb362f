/*
 * Entering dogs: choose them, the day, the ring, when the block starts and each dog's place in the ring. The ring time
 * follows from how many dogs an hour are judged.
 */
import { App as AntApp, Button, InputNumber, Input, Select } from 'antd';
import { useState } from 'react';
import { v7 } from 'uuid';
import { DOGS_PER_HOUR, addDays, ringTimeAt } from '@loyal-mane/core';
import type { KennelFile, KennelRow, LocalDay, RowChange, WallTime } from '@loyal-mane/core';
import { monthDay } from '@loyal-mane/library/words';
import { command, useCommand } from '../../api/commands';
import { saveChanges } from '../../api/rows';
import { problemWords } from '../../parts/ProblemNote';
import { isWallTime, wallTyped } from '../../parts/rows/fieldSpec';

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

interface Draft extends Omit<Block, 'showId' | 'dogsPerHour'> {
  readonly rate: number;
}

/** Dogs keep the places they have; new ones come after the last. */
function placesOf(places: Block['places'], ids: readonly string[]): Block['places'] {
  const kept = [...places].filter(([id]) => ids.includes(id));
  let next = Math.max(0, ...kept.map(([, n]) => n)) + 1;
  return new Map([...kept, ...ids.filter((id) => !places.has(id)).map((id) => [id, next++] as const)]);
}

function daysOf({ firstDay, lastDay }: Props['show']): LocalDay[] {
  const length = Math.round((Date.parse(lastDay) - Date.parse(firstDay)) / 86_400_000) + 1;
  return Array.from({ length }, (_, k) => addDays(firstDay as LocalDay, k));
}

/** Enters several dogs of a block of judging at once. */
export function EntriesForm({ kennel, show, onDone }: Props) {
  const { message } = AntApp.useApp();
  const send = useCommand(saveChanges);
  const rings = kennel.rings.filter((r) => r.showId === show.id);
  const [draft, setDraft] = useState<Draft>(() => ({
    days: daysOf(show).slice(0, 1),
    ringId: rings[0]?.id ?? '',
    start: '09:00',
    rate: DOGS_PER_HOUR,
    handlerId: undefined,
    showClass: '',
    places: new Map(),
  }));
  const set = (part: Partial<Draft>): void => setDraft((d) => ({ ...d, ...part }));
  const isTime = isWallTime(wallTyped(draft.start));
  const changes = isTime ? blockChanges({ ...draft, showId: show.id, dogsPerHour: draft.rate }, v7) : [];
  const enter = (): void =>
    send.mutate(command(changes), {
      onSuccess: () => {
        void message.success(`${String(changes.length)} entered. Plan again to work by them.`);
        onDone();
      },
      onError: (error) => void message.error(problemWords(error), 10),
    });
  return (
    <div className="row-fields">
      <DogsAndDays kennel={kennel} show={show} draft={draft} set={set} />
      <BlockFields kennel={kennel} rings={rings} draft={draft} set={set} isTime={isTime} />
      {draft.places.size > 0 && <Places kennel={kennel} draft={draft} set={set} isTime={isTime} />}
      <p className="soft wide">25 dogs an hour is the usual rate; the show’s own program counts.</p>
      <div className="wide form-end">
        <Button type="primary" disabled={changes.length === 0} loading={send.isPending} onClick={enter}>
          {changes.length === 0 ? 'Enter' : `Enter ${String(changes.length)}`}
        </Button>
      </div>
    </div>
  );
}

interface PartProps {
  readonly kennel: KennelFile;
  readonly draft: Draft;
  readonly set: (part: Partial<Draft>) => void;
}

function DogsAndDays({ kennel, show, draft, set }: PartProps & Pick<Props, 'show'>) {
  const here = kennel.dogs.filter((d) => d.leftOn === undefined);
  return (
    <>
      <label className="wide">
        <span>Dogs</span>
        <Select
          mode="multiple"
          aria-label="Dogs"
          showSearch={{ optionFilterProp: 'label' }}
          value={[...draft.places.keys()]}
          options={here.map((d) => ({ value: d.id, label: `${d.name}, ${d.breed}` }))}
          onChange={(ids: string[]) => set({ places: placesOf(draft.places, ids) })}
        />
      </label>
      <label className="wide">
        <span>Days</span>
        <Select
          mode="multiple"
          aria-label="Days"
          value={[...draft.days]}
          options={daysOf(show).map((d) => ({ value: d, label: monthDay(d) }))}
          onChange={(chosen: string[]) => set({ days: [...chosen].sort() })}
        />
      </label>
    </>
  );
}

type BlockProps = PartProps & { readonly rings: KennelFile['rings']; readonly isTime: boolean };

function BlockFields({ kennel, rings, draft, set, isTime }: BlockProps) {
  const handlers = kennel.people.filter((p) => p.skills.includes('ring'));
  return (
    <>
      <label>
        <span>Ring</span>
        <Select
          aria-label="Ring"
          value={draft.ringId}
          options={rings.map((r) => ({ value: r.id, label: r.name }))}
          onChange={(ringId: string) => set({ ringId })}
        />
      </label>
      <label>
        <span>Block starts</span>
        <Input
          aria-label="Block starts"
          value={draft.start}
          status={isTime ? '' : 'error'}
          onChange={(e) => set({ start: e.target.value })}
          onBlur={(e) => set({ start: wallTyped(e.target.value) })}
        />
      </label>
      <label>
        <span>Dogs judged an hour</span>
        <InputNumber
          aria-label="Dogs judged an hour"
          min={5}
          max={60}
          value={draft.rate}
          onChange={(n) => set({ rate: n ?? DOGS_PER_HOUR })}
        />
      </label>
      <label>
        <span>Shown by</span>
        <Select
          allowClear
          aria-label="Shown by"
          value={draft.handlerId ?? null}
          placeholder="anybody who can"
          options={handlers.map((p) => ({ value: p.id, label: p.name }))}
          onChange={(id: string | null | undefined) => set({ handlerId: id ?? undefined })}
        />
      </label>
      <label>
        <span>Class</span>
        <Input
          aria-label="Class"
          value={draft.showClass}
          maxLength={60}
          onChange={(e) => set({ showClass: e.target.value })}
        />
      </label>
    </>
  );
}

/** Each dog's place in the ring, and the ring time that follows from it. */
function Places({ kennel, draft, set, isTime }: PartProps & { readonly isTime: boolean }) {
  const nameOf = (id: string): string => kennel.dogs.find((d) => d.id === id)?.name ?? '';
  const timeOf = (place: number): string =>
    isTime ? (ringTimeAt(wallTyped(draft.start) as WallTime, place, draft.rate) ?? 'after midnight') : '';
  return (
    <table className="wide places" aria-label="Places in the ring">
      <thead>
        <tr>
          <th scope="col">Dog</th>
          <th scope="col">Place in the ring</th>
          <th scope="col">Goes in at</th>
        </tr>
      </thead>
      <tbody>
        {[...draft.places].map(([id, place]) => (
          <tr key={id}>
            <th scope="row">{nameOf(id)}</th>
            <td>
              <InputNumber
                size="small"
                aria-label={`Place of ${nameOf(id)}`}
                min={1}
                max={400}
                value={place}
                onChange={(n) => set({ places: new Map([...draft.places, [id, n ?? 1]]) })}
              />
            </td>
            <td>
              <b>{timeOf(place)}</b>
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
