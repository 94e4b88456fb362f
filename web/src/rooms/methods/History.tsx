/*
 * Versions of the kennel's methods, newest first; each can be taken up again.
 */
import { Popover } from 'antd';
import { useState } from 'react';
import { instantToMs } from '@loyal-mane/core';
import type { Instant } from '@loyal-mane/core';
import { clockWords, dayWords } from '@loyal-mane/library/words';
import type { Names } from '@loyal-mane/library/words';
import type { MethodsBody } from '../../api/commands';
import type { Methods } from '../../api/queries';
import { changeWords } from './effectWords';
import { NO_METHODS, bodyOf } from './useMethodsDraft';

/** Versions of the methods; each can be taken up again. */
export function History({
  methods,
  names,
  lead,
  plannedWith,
  onTake,
}: {
  methods: Methods;
  names: Names;
  lead: boolean;
  /** Version that the published plan was made with; null without a plan. */
  plannedWith: number | null;
  onTake: (body: MethodsBody) => void;
}) {
  const [open, setOpen] = useState(false);
  const take = (body: MethodsBody): void => {
    setOpen(false);
    onTake(body);
  };
  if (methods.history.length === 0) return <span className="soft">No changes yet</span>;
  const list = methods.history;
  const before = (i: number): MethodsBody => {
    const h = list[i + 1];
    return h === undefined ? NO_METHODS : bodyOf(h);
  };
  const lines = list.map((h, i) => ({ ...h, words: changeWords(before(i), bodyOf(h)) }));
  return (
    <Popover
      open={open}
      onOpenChange={setOpen}
      trigger="click"
      placement="bottomRight"
      content={
        <ul className="bundle-list history">
          {lines.map((h, i) => (
            <li key={h.number}>
              <span>
                <b>{`Version ${String(h.number)}`}</b>
                <span className="soft">
                  {', '}
                  {dayWords(instantToMs(h.madeAt as Instant), names.zone)}{' '}
                  {clockWords(instantToMs(h.madeAt as Instant), names.zone, names.clock)}
                  {h.madeBy !== null && `, ${names.first(h.madeBy)}`}
                </span>
                <br />
                {h.words === '' ? 'Nothing changed.' : h.words}
                {h.number === plannedWith && <span className="soft"> The plan in force was made with this.</span>}
              </span>
              {lead && i === 0 && (
                <button className="plain link" onClick={() => take(before(0))}>
                  Undo this
                </button>
              )}
              {lead && i > 0 && (
                <button className="plain link" onClick={() => take(bodyOf(h))}>
                  Work like this again
                </button>
              )}
            </li>
          ))}
        </ul>
      }
    >
      <button className="plain link">{`Version ${String(methods.number)}`}</button>
    </Popover>
  );
}
