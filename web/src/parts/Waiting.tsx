/*
 * Records that wait on this device, in their order: nothing of them is lost, and nothing is called saved before the server has it.
 */
import type { Names } from '@loyal-mane/library/words';
import type { TaskOrder } from '../api/taskOrder';
import { orderWords } from './orderWords';

interface Props {
  readonly orders: readonly TaskOrder[];
  readonly words: string;
  readonly names: Names;
}

/** The count, opened by a touch. */
export function Waiting({ orders, words, names }: Props) {
  return (
    <details className="waiting-records">
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
