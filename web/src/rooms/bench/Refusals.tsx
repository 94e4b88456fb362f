/*
 * Records that the server did not take, each with why, until somebody has read it. A start that something speaks against can be
 * given all the same.
 */
import type { Names } from '@loyal-mane/library/words';
import { METHODS, clockWords } from '@loyal-mane/library/words';
import { instantToMs } from '@loyal-mane/core';
import type { Outbox } from '../../api/outbox';
import { dismiss } from '../../api/outbox';
import { COMMAND_WORDS } from '../../parts/orderWords';
import type { TaskOrder } from '../../api/taskOrder';

interface Props {
  readonly outbox: Outbox;
  readonly names: Names;
  readonly onAnyway: (order: TaskOrder) => void;
}

/** Records that the server refused, each with what can be done. */
export function Refusals({ outbox, names, onAnyway }: Props) {
  return outbox.refused.map((refused) => {
    const [first] = refused.orders;
    if (first === undefined) return null;
    const mayStart = refused.code === 'askFirst' && (first.command === 'start' || first.command === 'resume');
    const at = (order: TaskOrder): string => clockWords(instantToMs(order.at), names.zone, names.clock);
    const what = refused.orders.map((o) => `${COMMAND_WORDS[o.command]} ${at(o)}`).join(', ');
    return (
      <div key={first.commandId} className="bench-refused" role="alert">
        <span>
          <b>
            Not recorded: {names.dog(first.dogId)}, {METHODS[first.step].name.toLowerCase()} ({what}).
          </b>{' '}
          {refused.words}
        </span>
        {mayStart && (
          <button
            type="button"
            onClick={() => {
              dismiss(refused);
              onAnyway(first);
            }}
          >
            Start anyway
          </button>
        )}
        <button type="button" onClick={() => dismiss(refused)}>
          {mayStart ? 'Go back' : 'I have read it'}
        </button>
      </div>
    );
  });
}
