/*
 * The bench's first line: who, where, what has reached the server, what time it is.
 */
import { Link } from 'react-router';
import { clockWords } from '@loyal-mane/library/words';
import type { Outbox } from '../../api/outbox';
import { Waiting } from '../../parts/Waiting';
import { waitingWords } from '../../parts/orderWords';
import type { BenchView } from './benchView';
import type { BenchTask } from './myTasks';

/** Records that wait longer are told of; most have arrived by then. */
const SOON_MS = 1500;

/** Says whether the records have reached the server: nothing is called saved that has not. */
export function outboxWords(outbox: Outbox, isAway: boolean, now: number): { words: string; isFine: boolean } {
  const [oldest] = outbox.waiting;
  if (oldest === undefined)
    return isAway ? { words: 'no connection', isFine: false } : { words: 'saved', isFine: true };
  const isLate = outbox.isAway || now - Date.parse(oldest.at) > SOON_MS;
  return isLate ? { words: waitingWords(outbox.waiting.length), isFine: false } : { words: 'sending', isFine: true };
}

interface Props extends BenchView {
  readonly personId: string;
  readonly task: BenchTask | null;
  readonly outbox: Outbox;
  readonly isAway: boolean;
}

/** Who stands here, where, what time it is, and what waits for the server. */
export function BenchTop({ personId, task, outbox, isAway, names, now }: Props) {
  const { words, isFine } = outboxWords(outbox, isAway, now);
  const stationId = task?.activity.stationId ?? null;
  return (
    <div className="bench-top">
      <b>{names.first(personId)}</b>
      <span className="soft">{stationId === null ? '' : names.station(stationId)}</span>
      <span className="right">
        {isFine || outbox.waiting.length === 0 ? (
          <span role="status" className={isFine ? 'fine' : 'warn'}>
            {words}
          </span>
        ) : (
          <Waiting orders={outbox.waiting} words={words} names={names} />
        )}
        <b>{clockWords(now, names.zone, names.clock)}</b>
        <Link to="/day" className="leave">
          Leave
        </Link>
      </span>
    </div>
  );
}
