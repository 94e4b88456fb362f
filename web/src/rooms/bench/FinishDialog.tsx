/*
 * Before a task is finished: what was looked at, each confirmed by a touch, and what is not ticked on the dog. Asked only where
 * something is to be asked.
 */
import { Button, Modal } from 'antd';
import { useState } from 'react';
import type { ExitCheck } from '@loyal-mane/core';
import { conditionerAfter, exitChecks, openChecks } from '@loyal-mane/core';
import type { Plan } from '@loyal-mane/core';
import { EXIT_WORDS } from '@loyal-mane/library/words';
import type { StepPage, UsedProduct } from '@loyal-mane/library/pages';
import type { Kennel } from '../../api/queries';
import { coatOf } from '../../parts/dogRecord';
import type { BenchTask } from './myTasks';
import { ProductsUsed } from './ProductsUsed';
import { partStates, partsLeft, partsWords } from './partStates';

/** Questions before a task is finished. */
export interface FinishAsk {
  readonly checks: readonly ExitCheck[];
  /** Parts of the dog that are not ticked, in words; empty where all are, or nobody ticks them. */
  readonly left: string;
}

/** Checks of a task that nobody has confirmed, and parts that are left. */
export function finishAsk(task: BenchTask, page: StepPage | null, kennel: Kennel, plan: Plan | null): FinishAsk {
  const { activity, work } = task;
  const dog = kennel.dogs.find((d) => d.id === activity.dogId);
  const ticked = work?.ticked ?? [];
  const checks =
    dog === undefined ? [] : exitChecks(activity.step, coatOf(dog), conditionerAfter(activity, plan?.activities ?? []));
  const states = partStates(page?.parts ?? [], new Set(ticked), activity.flank !== undefined);
  return { checks: openChecks(checks, ticked), left: partsWords(partsLeft(states)) };
}

interface Props {
  readonly name: string;
  readonly ask: FinishAsk;
  /** Products of the page and of soaks; null where none go into the coat. */
  readonly products: readonly UsedProduct[] | null;
  /** Those of them that are known to be used. */
  readonly usedOf: (products: readonly UsedProduct[]) => readonly UsedProduct[];
  readonly onCancel: () => void;
  readonly onFinish: (confirmed: readonly ExitCheck[], used: readonly UsedProduct[] | null) => void;
}

/** Asks what is still to be confirmed. */
export function FinishDialog({ name, ask, products, usedOf, onCancel, onFinish }: Props) {
  const [used, setUsed] = useState(products === null ? null : usedOf(products));
  const [confirmed, setConfirmed] = useState<readonly ExitCheck[]>([]);
  const open = ask.checks.filter((c) => !confirmed.includes(c)).length;
  const toggle = (check: ExitCheck): void =>
    setConfirmed(confirmed.includes(check) ? confirmed.filter((c) => c !== check) : [...confirmed, check]);
  const words = open === 0 ? 'Finish' : `${String(open)} still to confirm`;
  return (
    <Modal open title={`${name}: before it is finished`} footer={null} width={720} onCancel={onCancel}>
      {ask.left !== '' && <p className="parts-left">Not ticked on the dog: {ask.left}.</p>}
      <div className="exit-checks">
        {ask.checks.map((check) => (
          <button
            key={check}
            type="button"
            role="checkbox"
            aria-checked={confirmed.includes(check)}
            onClick={() => toggle(check)}
          >
            <i aria-hidden>{confirmed.includes(check) ? '✓' : ''}</i>
            {EXIT_WORDS[check].ask}
          </button>
        ))}
      </div>
      {products !== null && used !== null && <ProductsUsed advised={products} used={used} onChange={setUsed} />}
      <div className="finish-row">
        <Button size="large" onClick={onCancel}>
          Go on working
        </Button>
        <Button type="primary" size="large" disabled={open > 0} onClick={() => onFinish(confirmed, used)}>
          {words}
        </Button>
      </div>
    </Modal>
  );
}
