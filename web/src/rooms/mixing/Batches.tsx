/*
 * One batch for several dogs: product, water, for whom, from which bottle. A batch that is mixed is taken from its bottle.
 */
import { App as AntApp, Button } from 'antd';
import { useState } from 'react';
import { instantToMs, localDayOf, usableBottles } from '@loyal-mane/core';
import type { Batch, KennelBottle, LocalDay } from '@loyal-mane/core';
import { PRODUCT_NAMES, clockWords } from '@loyal-mane/library/words';
import type { Names } from '@loyal-mane/library/words';
import { command, takeFromBottle, useCommand } from '../../api/commands';
import { problemWords } from '../../parts/ProblemNote';
import { useRooms } from '../../parts/useRooms';
import type { Measure } from '../../parts/volumes';
import { volumeWords } from '../../parts/volumes';

interface Props {
  readonly batches: readonly Batch[];
  readonly bottles: readonly KennelBottle[];
  readonly names: Names;
  readonly day: LocalDay;
  readonly measure: Measure;
}

/** All batches of the day. */
export function Batches({ batches, bottles, names, day, measure }: Props) {
  return (
    <ul className="batches" aria-label="Batches">
      {batches.map((batch) => (
        <BatchRow key={batch.product} batch={batch} bottles={bottles} names={names} day={day} measure={measure} />
      ))}
    </ul>
  );
}

/** "1 : 10, one part to ten of water". */
export function dilutionWords(parts: number | null): string {
  return parts === null ? 'used as it is' : `1 : ${String(parts)}, one part to ${String(parts)} of water`;
}

/** "Tuva took 120 ml at 09:40"; null where the last mix was on another day. */
export function takenWords(
  { ml, at, by }: NonNullable<KennelBottle['taken']>,
  day: LocalDay,
  names: Names,
  measure: Measure,
): string | null {
  if (localDayOf(instantToMs(at), names.zone) !== day) return null;
  const who = by === undefined ? 'Somebody' : names.first(by);
  return `${who} took ${volumeWords(ml, measure)} at ${clockWords(instantToMs(at), names.zone, names.clock)}`;
}

function BatchRow({ batch, bottles, names, day, measure }: Omit<Props, 'batches'> & { readonly batch: Batch }) {
  const { message } = AntApp.useApp();
  const take = useCommand(takeFromBottle);
  const [bottle] = usableBottles(bottles, batch.product, day);
  const isShort = bottle !== undefined && bottle.leftMl < batch.neatMl;
  const [mixed, setMixed] = useState<{ readonly bottleId: string; readonly ml: number } | null>(null);
  const { kennel } = useRooms();
  const version = kennel.bottles.find((b) => b.id === bottle?.id)?.version;
  const takenBefore =
    bottle?.taken !== undefined && mixed === null ? takenWords(bottle.taken, day, names, measure) : null;
  const send = (bottleId: string, ml: number): void =>
    take.mutate(command({ bottleId, ml, ...(ml > 0 && version !== undefined ? { version } : {}) }), {
      onSuccess: () => {
        void message.success(ml > 0 ? 'Taken from the bottle.' : 'Put back.');
        setMixed(ml > 0 ? { bottleId, ml } : null);
      },
      onError: (error) => void message.error(problemWords(error), 8),
    });
  const volume = (ml: number): string => volumeWords(ml, measure);
  return (
    <li>
      <div className="batch-what">
        <b>{PRODUCT_NAMES[batch.product]}</b>
        <span className="soft">{dilutionWords(batch.parts)}</span>
      </div>
      <div className="batch-how">
        <b>{volume(batch.neatMl)}</b> from the bottle and <b>{volume(batch.waterMl)}</b> water make{' '}
        <b>{volume(batch.mixedMl)}</b>
        <span className="soft">
          for {batch.dogIds.map((id) => names.dog(id)).join(', ')}; they take {volume(batch.neededMl)}
        </span>
      </div>
      <div className="batch-do">
        {bottle === undefined ? (
          <span className="warn">No bottle of it is in stock.</span>
        ) : (
          <>
            {mixed === null ? (
              <Button disabled={isShort || take.isPending} onClick={() => send(bottle.id, batch.neatMl)}>
                {takenBefore === null ? 'Mixed' : 'Mixed again'}
              </Button>
            ) : (
              <Button disabled={take.isPending} onClick={() => send(mixed.bottleId, -mixed.ml)}>
                Not mixed after all
              </Button>
            )}
            <span className={isShort ? 'warn' : 'soft'}>
              {bottle.name}: {volume(bottle.leftMl)} left{isShort ? ', too little' : ''}
            </span>
            {takenBefore !== null && <span className="soft">{takenBefore}</span>}
          </>
        )}
      </div>
    </li>
  );
}
