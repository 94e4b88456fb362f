/*
 * Breaks of the plan in force, a line a cause: whose, what, since when and by whom; and the way out of it.
 */
import { useState } from 'react';
import { Button } from 'antd';
import { breakGroups, instantToMs } from '@loyal-mane/core';
import type { BreakGroup, ToldBreak } from '@loyal-mane/core';
import { breakLine, clockWords } from '@loyal-mane/library/words';
import type { Names } from '@loyal-mane/library/words';
import { useBreaks } from '../../parts/useBreaks';
import { useRooms } from '../../parts/useRooms';
import type { usePlanning } from './PlanBar';

const FIRST_LINES = 4;

interface Props {
  readonly breaks: readonly ToldBreak[];
  readonly planning: ReturnType<typeof usePlanning>;
  readonly onOpen: (dogId: string) => void;
}

/** "since 10:14, Maren", or nothing where no change is known. */
function sinceWords({ breaks }: BreakGroup<ToldBreak>, names: Names): string {
  const since = breaks.find((b) => b.since !== null)?.since ?? null;
  if (since === null) return '';
  const time = clockWords(instantToMs(since.at), names.zone, names.clock);
  return since.actorId === null ? `since ${time}` : `since ${time}, ${names.first(since.actorId)}`;
}

/** Breaks of one dog's plan, in its drawer; nothing while all of it holds. */
export function DogBreaks({ dogId }: { dogId: string }) {
  const { names } = useRooms();
  const groups = breakGroups(useBreaks(), names.zone).filter((g) => g.dogs.includes(dogId));
  if (groups.length === 0) return null;
  return (
    <section className="caution" aria-label="No longer holds">
      <b>The plan no longer holds.</b>
      {groups.map((g) => {
        const { who, what } = breakLine(g, names);
        return (
          <p key={`${g.of} ${g.id} ${g.day ?? ''}`} style={{ margin: '2px 0' }}>
            {who} {what} <span className="soft">{sinceWords(g, names)}</span>
          </p>
        );
      })}
    </section>
  );
}

/** Lines of what no longer holds; nothing while all of it does. */
export function NoLongerHolds({ breaks, planning, onOpen }: Props) {
  const { names, lead } = useRooms();
  const [all, setAll] = useState(false);
  if (breaks.length === 0) return null;
  const groups = breakGroups(breaks, names.zone);
  const shown = all ? groups : groups.slice(0, FIRST_LINES);
  return (
    <section className="broken" aria-label="No longer holds" role="status">
      <header>
        <b>The plan no longer holds.</b>
        {lead && planning.job === null && (
          <Button size="small" type="primary" loading={planning.asking} onClick={() => planning.plan('keep')}>
            Plan again
          </Button>
        )}
      </header>
      <ul>
        {shown.map((g) => {
          const line = breakLine(g, names);
          return (
            <li key={`${g.of} ${g.id} ${g.day ?? ''}`}>
              <button className="plain" onClick={() => onOpen(g.dogs[0] ?? '')}>
                <b>{line.who}</b>
              </button>{' '}
              {line.what} <span className="soft">{sinceWords(g, names)}</span>
            </li>
          );
        })}
      </ul>
      {groups.length > shown.length && (
        <Button type="link" size="small" onClick={() => setAll(true)}>
          {`and ${String(groups.length - shown.length)} more`}
        </Button>
      )}
    </section>
  );
}
