/*
 * Questions before a task is finished, one after the other and only those that it raises: was it done before, which mats are out,
 * what was looked at.
 */
import { Modal } from 'antd';
import { useEffect, useState } from 'react';
import type { Plan } from '@loyal-mane/core';
import { takesProducts } from '@loyal-mane/library/pages';
import type { StepPage } from '@loyal-mane/library/pages';
import { METHODS } from '@loyal-mane/library/words';
import type { Methods } from '../../api/queries';
import type { TaskOrder } from '../../api/taskOrder';
import type { BenchView } from './benchView';
import { FinishDialog, finishAsk } from './FinishDialog';
import { MatsDialog, matsOn } from './MatsDialog';
import type { BenchTask } from './myTasks';
import { usedAt, usedNow } from './ProductsUsed';
import { isTooSoon } from './useBench';

/** Answers that a finish carries; an answer that is there was given. */
export type FinishAnswers = Pick<TaskOrder, 'doneBefore' | 'matsOut' | 'confirmed' | 'used'>;

/** A finish that is under way, with the answers so far. */
export interface Finishing {
  readonly task: BenchTask;
  readonly page: StepPage | null;
  readonly answers: FinishAnswers;
  /** When it was begun: a question that was asked then stands until it is answered. */
  readonly atMs: number;
}

type Question = 'tooSoon' | 'mats' | 'leaving';

interface Asks extends BenchView {
  readonly plan: Plan | null;
  readonly methods: Methods | undefined;
}

/** The question that comes next; null = nothing more. */
function questionOf({ task, page, answers, atMs }: Finishing, { kennel, plan }: Asks): Question | null {
  if (answers.doneBefore === undefined && isTooSoon(task, atMs)) return 'tooSoon';
  if (answers.matsOut === undefined && matsOn(kennel, task).length > 0) return 'mats';
  const { checks, left } = finishAsk(task, page, kennel, plan);
  return answers.confirmed === undefined && (checks.length > 0 || left !== '') ? 'leaving' : null;
}

/** Nobody is asked for what the page advises: it is written down unless somebody has said otherwise. */
function withProducts({ task, answers }: Finishing, { kennel, names, methods }: Asks): FinishAnswers {
  if (!takesProducts(task.activity.step) || answers.used !== undefined) return answers;
  return { ...answers, used: usedNow(task, usedAt(task, kennel, names.zone, methods)) };
}

/** A finish with its questions: `begin` gives the command at once where there are none. */
export function useFinishing(asks: Asks, give: (task: BenchTask, answers: FinishAnswers) => void) {
  const [finishing, setFinishing] = useState<Finishing | null>(null);
  const go = (next: Finishing): void => {
    const isAsked = questionOf(next, asks) !== null;
    setFinishing(isAsked ? next : null);
    if (!isAsked) give(next.task, withProducts(next, asks));
  };
  // Another device may have answered meanwhile: nothing is left to ask then.
  const isAnswered = finishing !== null && questionOf(finishing, asks) === null;
  useEffect(() => {
    if (isAnswered) go(finishing);
  });
  return {
    finishing,
    begin: (task: BenchTask, page: StepPage | null) => go({ task, page, answers: {}, atMs: asks.now }),
    answer: (more: FinishAnswers) => {
      if (finishing !== null) go({ ...finishing, answers: { ...finishing.answers, ...more } });
    },
    cancel: () => setFinishing(null),
  };
}

interface Props extends Asks {
  readonly finishing: Finishing | null;
  readonly onAnswer: (more: FinishAnswers) => void;
  readonly onCancel: () => void;
}

/** The question that is open. */
export function FinishDialogs({ finishing, onAnswer, onCancel, ...asks }: Props) {
  if (finishing === null) return null;
  const { task, page } = finishing;
  const name = asks.names.dog(task.activity.dogId);
  switch (questionOf(finishing, asks)) {
    case 'tooSoon':
      return (
        <Modal
          open
          title="Was it done before you pressed Start?"
          okText="Yes, it was done before"
          cancelText="Go on working"
          onCancel={onCancel}
          onOk={() => onAnswer({ doneBefore: true })}
        >
          {`${name}, ${METHODS[task.activity.step].name.toLowerCase()}: started less than a minute ago. Its minutes will not count for later estimates.`}
        </Modal>
      );
    case 'mats':
      return (
        <MatsDialog
          mats={matsOn(asks.kennel, task)}
          name={name}
          onCancel={onCancel}
          onDone={(matsOut) => onAnswer({ matsOut })}
        />
      );
    case 'leaving':
      return (
        <FinishDialog
          name={name}
          ask={finishAsk(task, page, asks.kennel, asks.plan)}
          usedOf={(products) => usedNow(task, products)}
          products={takesProducts(task.activity.step) ? usedAt(task, asks.kennel, asks.names.zone, asks.methods) : null}
          onCancel={onCancel}
          onFinish={(confirmed, used) => onAnswer({ confirmed, ...(used === null ? {} : { used }) })}
        />
      );
    case null:
      return null;
  }
}
