/*
 * Changes that give a dog its place: each here was planned with before it is offered, and says what it costs others.
 */
import { Button } from 'antd';
import type { CheckedRemedy, UnplacedChain } from '@loyal-mane/core';
import { checkedWords, remedyButton, remedyWords } from '@loyal-mane/library/words';
import { command, stopLooking, useCommand } from '../../api/commands';
import type { Checks } from '../../parts/useChecks';
import { useRooms } from '../../parts/useRooms';
import type { useRemedy } from './useRemedy';

interface Props {
  readonly chain: UnplacedChain;
  readonly checks: Checks;
  readonly remedy: ReturnType<typeof useRemedy>;
}

/** A chain with what was found out about it since its plan was made. */
export function known(chain: UnplacedChain, checks: Checks): UnplacedChain {
  const check = checks.byKey.get(chain.key);
  return check === undefined ? chain : { ...chain, step: check.step, reason: check.reason };
}

/** The best change, as a button, where it can be made from here and costs nobody more. */
export function FirstRemedy({ chain, checks, remedy }: Props) {
  const { names } = useRooms();
  const first = checks.byKey.get(chain.key)?.remedies[0];
  if (first === undefined || first.costsMore || !remedy.canTake(first)) return null;
  const label = first.changes.map((r) => remedyButton(r, names)).join(', and ');
  return (
    <Button size="small" loading={remedy.busy} onClick={() => remedy.take(first, chain.dogId)}>
      {label}
    </Button>
  );
}

/** All changes that help, each with what it does and a way to make it. */
export function AllRemedies({ chain, checks, remedy }: Props) {
  const { names } = useRooms();
  const check = checks.byKey.get(chain.key);
  if (check === undefined) return null;
  if (check.remedies.length === 0 && check.reason.code === 'noPlace')
    return <p className="soft">Nothing that was tried gives {names.dog(chain.dogId)} a place.</p>;
  return check.remedies.map((r) => <OneRemedy key={keyOf(r)} chain={chain} checked={r} remedy={remedy} />);
}

const keyOf = ({ changes }: CheckedRemedy): string => JSON.stringify(changes);

function OneRemedy({
  chain,
  checked,
  remedy,
}: {
  chain: UnplacedChain;
  checked: CheckedRemedy;
  remedy: Props['remedy'];
}) {
  const { names } = useRooms();
  return (
    <p className="remedy">
      {checked.changes.map((r) => remedyWords(r, chain.dogId, names)).join(' ')}{' '}
      <span className={checked.lost.length > 0 ? 'bad' : 'soft'}>{checkedWords(checked, names)}</span>{' '}
      {remedy.canTake(checked) && (
        <Button
          size="small"
          type={checked.lost.length > 0 ? 'default' : 'primary'}
          loading={remedy.busy}
          onClick={() => remedy.take(checked, chain.dogId)}
        >
          {checked.changes.map((r) => remedyButton(r, names)).join(', and ')}
        </Button>
      )}
    </p>
  );
}

/** How far the looking is, with a way to stop it. */
export function Looking({ checks }: { checks: Checks }) {
  const { stored } = useRooms();
  const stop = useCommand(stopLooking);
  if (!checks.isLooking || stored === null) return null;
  return (
    <p role="status" className="soft looking">
      Testing possible changes: {checks.done} of {checks.of} dogs done.{' '}
      <Button size="small" type="link" disabled={stop.isPending} onClick={() => stop.mutate(command(stored.id))}>
        Stop
      </Button>
    </p>
  );
}
