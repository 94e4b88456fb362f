/*
 * Tasks that a change of the outline would move in the plan, told before it is kept: the planning thread answers, nothing is saved.
 */
import { useMutation } from '@tanstack/react-query';
import { Button } from 'antd';
import type { DogId } from '@loyal-mane/core';
import type { Dog } from '../../parts/dogRecord';
import { useAskedPlan } from '../../parts/useAskedPlan';
import { planner } from '../../workers/plannerClient';
import type { AskedPlan } from '../../workers/plannerClient';
import { effectWords } from '../methods/effectWords';

interface Props {
  readonly dog: Dog;
  /** The parts of the dog's record as they would be. */
  readonly record: object;
}

/** A button, and its answer. */
export function WhatMoves({ dog, record }: Props) {
  const plan = useAskedPlan(true);
  const compare = useMutation({
    mutationFn: (asked: AskedPlan) =>
      planner.whatIf(asked, [{ kind: 'dogShaped', dogId: dog.id as DogId, record: record }]),
  });
  const { data } = compare;
  return (
    <>
      <Button
        disabled={plan === null}
        loading={compare.isPending}
        onClick={() => plan !== null && compare.mutate(plan)}
      >
        What moves in the plan?
      </Button>
      {compare.isError && <span className="bad">It could not be reckoned here. Nothing was changed.</span>}
      {data !== undefined && (
        <span role="status">
          {data.effect.moved + data.effect.added + data.effect.removed === 0
            ? 'No task moves.'
            : effectWords({
                ...data.effect,
                dogs: [...data.effect.dogs],
                gained: [...data.effect.gained],
                lost: [...data.effect.lost],
                refused: [],
              })}
          {data.after.ready < data.before.ready &&
            ` ${String(data.after.ready)} instead of ${String(data.before.ready)} would be ready.`}
        </span>
      )}
    </>
  );
}
