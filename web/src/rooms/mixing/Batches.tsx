/*
 * One batch for several dogs: product, water, for whom, from which bottle. A batch that is mixed is taken from its bottle.
 */
import { App as AntApp, Button } from 'antd';
import { useState } from 'react';
import { drawsFrom, instantToMs, localDayOf, usableBottles } from '@loyal-mane/core';
import type { Batch, BottleDraw, KennelBottle, LocalDay } from '@loyal-mane/core';
import { PRODUCT_NAMES, clockWords } from '@loyal-mane/library/words';
import type { Names } from '@loyal-mane/library/words';
import { newCommandId } from '../../api/client';
import { command, takeFromBottles, useCommand } from '../../api/commands';
import type { BottleTake } from '../../api/commands';
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

/** "Heron: 380 ml left, then 40 ml of the next bottle". */
function drawWords(draws: readonly BottleDraw[], wantedMl: number, measure: Measure): string {
  const volume = (ml: number): string => volumeWords(ml, measure);
  const [first, ...more] = draws;
  if (first === undefined) return '';
  const leftMl = draws.reduce((sum, d) => sum + d.bottle.leftMl, 0);
  if (leftMl < wantedMl)
    return more.length === 0
      ? `${first.bottle.name}: ${volume(leftMl)} left, too little`
      : `${String(draws.length)} bottles: ${volume(leftMl)} left together, too little`;
  const then = more.map((d) => `, then ${volume(d.ml)} of the next bottle`).join('');
  return `${first.bottle.name}: ${volume(first.bottle.leftMl)} left${then}`;
}

/** Takes a batch from its bottles, and puts it back: what was taken here, and how. */
function useTaking(draws: readonly BottleDraw[]) {
  const { message } = AntApp.useApp();
  const { kennel } = useRooms();
  const take = useCommand(takeFromBottles);
  const [mixed, setMixed] = useState<readonly BottleTake[] | null>(null);
  const send = (takes: readonly BottleTake[], isBack: boolean): void =>
    take.mutate(command(takes), {
      onSuccess: () => {
        const from = takes.length === 1 ? 'the bottle' : 'the bottles';
        void message.success(isBack ? 'Put back.' : `Taken from ${from}.`);
        setMixed(isBack ? null : takes);
      },
      onError: (error) => void message.error(problemWords(error), 8),
    });
  const seen = (id: string): { version?: number } => {
    const version = kennel.bottles.find((b) => b.id === id)?.version;
    return version === undefined ? {} : { version };
  };
  return {
    mixed,
    isPending: take.isPending,
    take: () =>
      send(
        draws.map(({ bottle, ml }) => ({ bottleId: bottle.id, ml, commandId: newCommandId(), ...seen(bottle.id) })),
        false,
      ),
    putBack: () =>
      send(
        (mixed ?? []).map(({ bottleId, ml }) => ({ bottleId, ml: -ml, commandId: newCommandId() })),
        true,
      ),
  };
}

function BatchRow({ batch, bottles, names, day, measure }: Omit<Props, 'batches'> & { readonly batch: Batch }) {
  const draws = drawsFrom(usableBottles(bottles, batch.product, day), batch.neatMl);
  const isShort = draws.reduce((sum, d) => sum + d.ml, 0) < batch.neatMl;
  const { mixed, isPending, take, putBack } = useTaking(draws);
  const taken = draws[0]?.bottle.taken;
  const takenBefore = taken !== undefined && mixed === null ? takenWords(taken, day, names, measure) : null;
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
        {draws.length === 0 ? (
          <span className="warn">No bottle of it is in stock.</span>
        ) : (
          <>
            {mixed === null ? (
              <Button disabled={isShort || isPending} onClick={take}>
                {takenBefore === null ? 'Mixed' : 'Mixed again'}
              </Button>
            ) : (
              <Button disabled={isPending} onClick={putBack}>
                Not mixed after all
              </Button>
            )}
            <span className={isShort ? 'warn' : 'soft'}>{drawWords(draws, batch.neatMl, measure)}</span>
            {takenBefore !== null && <span className="soft">{takenBefore}</span>}
          </>
        )}
      </div>
    </li>
  );
}
