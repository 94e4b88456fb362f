/*
 * Records that wait on this device, in their order: nothing of them is lost, and nothing is called saved before the server has it.
 */
import { instantToMs } from '@loyal-mane/core';
import { METHODS, clockWords } from '@loyal-mane/library/words';
import type { Names } from '@loyal-mane/library/words';
import type { TaskOrder } from '../../api/taskOrder';
import { COMMAND_WORDS } from './Refusals';

/** "Seraph, bath: finish 10:42". */
export function orderWords(order: TaskOrder, names: Names): string {
  const at = clockWords(instantToMs(order.at), names.zone, names.clock);
  const step = METHODS[order.step].name.toLowerCase();
  return `${names.dog(order.dogId)}, ${step}: ${COMMAND_WORDS[order.command]} ${at}`;
}

interface Props {
  readonly orders: readonly TaskOrder[];
  readonly words: string;
  readonly names: Names;
}

/** The count, opened by a touch. */
export function Waiting({ orders, words, names }: Props) {
  return (
    <details className="bench-waiting">
      <summary>
        <span role="status">{words}</span>
      </summary>
      <ol>
        {orders.map((order) => (
          <li key={order.commandId}>{orderWords(order, names)}</li>
        ))}
      </ol>
      <p className="soft">They are sent in this order as soon as the server answers. You can go on working.</p>
    </details>
  );
}
