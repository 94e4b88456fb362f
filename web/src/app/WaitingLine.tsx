/*
 * Records that wait on this device, under the tabs of every room: what was done shows already, and is not yet the server's.
 */
import { useOutbox } from '../api/outbox';
import { Waiting } from '../parts/Waiting';
import { waitingWords } from '../parts/orderWords';
import { useRooms } from '../parts/useRooms';

/** The line; nothing while the server has everything, or will have in a moment. */
export function WaitingLine() {
  const { waiting, isAway } = useOutbox();
  const { names } = useRooms();
  if (waiting.length === 0 || !isAway) return null;
  return (
    <section className="waiting-line" aria-label="Waiting on this device">
      <Waiting orders={waiting} words={waitingWords(waiting.length)} names={names} />
    </section>
  );
}
