/*
 * Mat work is finished zone by zone: each mat that is known is out or still in. What stays in stays marked, and is told the
 * next morning.
 */
import { Button, Modal } from 'antd';
import { useState } from 'react';
import { isMatAt } from '@loyal-mane/core';
import type { MatPlace } from '@loyal-mane/core';
import { ZONE_NAMES } from '@loyal-mane/library';
import type { Kennel } from '../../api/queries';
import type { BenchTask } from './myTasks';

type Mat = Kennel['dogs'][number]['marks']['mats'][number];

/** Mats that a task is there for; none on other tasks. */
export function matsOn(kennel: Kennel, { activity }: BenchTask): readonly Mat[] {
  if (activity.step !== 'knots') return [];
  return kennel.dogs.find((d) => d.id === activity.dogId)?.marks.mats ?? [];
}

interface Props {
  readonly mats: readonly Mat[];
  readonly name: string;
  readonly onCancel: () => void;
  readonly onDone: (matsOut: readonly MatPlace[]) => void;
}

/** Asks of each mat whether it is out. */
export function MatsDialog({ mats, name, onCancel, onDone }: Props) {
  const [out, setOut] = useState<readonly MatPlace[]>([]);
  const isOut = (mat: Mat): boolean => out.some((o) => isMatAt(placeOf(mat), o));
  const left = mats.filter((m) => !isOut(m)).length;
  return (
    <Modal open title={`${name}: which mats are out?`} footer={null} onCancel={onCancel}>
      <div className="mats-out">
        {mats.map((mat) => (
          <button
            key={`${mat.zone} ${mat.side ?? ''}`}
            type="button"
            role="checkbox"
            aria-checked={isOut(mat)}
            onClick={() => setOut(isOut(mat) ? out.filter((o) => !isMatAt(placeOf(mat), o)) : [...out, placeOf(mat)])}
          >
            <b>
              {ZONE_NAMES[mat.zone]}
              {mat.side === undefined ? '' : `, ${mat.side}`}
            </b>
            <span>{isOut(mat) ? 'out' : `still in, ${mat.tightness}`}</span>
          </button>
        ))}
      </div>
      <p className="soft">
        {left === 0
          ? 'All are out: the comb goes through to the skin.'
          : 'What is still in stays marked, and is told tomorrow morning.'}
      </p>
      <Button type="primary" block onClick={() => onDone(out)}>
        {left === 0 ? 'Finish, all are out' : `Finish, ${String(left)} still in`}
      </Button>
    </Modal>
  );
}

function placeOf({ zone, side }: Mat): MatPlace {
  return { zone, ...(side === undefined ? {} : { side }) };
}
