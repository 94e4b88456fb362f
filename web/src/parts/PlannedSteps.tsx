/*
 * A dog's planned steps by day: when, what, whose hands, where, and why then. Touching one opens it.
 */
import { instantToMs, localDayOf } from '@loyal-mane/core';
import type { PlannedActivity } from '@loyal-mane/core';
import { clockWords, dayWords, isTelling, lowerFirst, reasonWords } from '@loyal-mane/library/words';
import { StepGlyph } from './Glyph';
import { stepName } from './stepName';
import { useRooms } from './useRooms';
import { taskStates, useWork } from './useWork';

interface Props {
  /** In the order of their starts. */
  readonly steps: readonly PlannedActivity[];
  readonly onOpen: (step: PlannedActivity) => void;
}

/** The planned steps of a dog, day by day. */
export function PlannedSteps({ steps, onOpen }: Props) {
  const { names } = useRooms();
  const states = useWork(taskStates);
  let day = '';
  return (
    <>
      {steps.map((a) => {
        const ms = instantToMs(a.start);
        const here = localDayOf(ms, names.zone);
        const head = here === day ? null : dayWords(ms, names.zone);
        day = here;
        return (
          <div key={a.key}>
            {head !== null && (
              <h3 style={{ margin: '14px 0 4px', fontSize: 16 }}>
                {head} {Number(here.slice(8))}
              </h3>
            )}
            <button
              className="plain"
              style={{ display: 'grid', gridTemplateColumns: '48px 24px 1fr', gap: 8, padding: '3px 0', width: '100%' }}
              onClick={() => onOpen(a)}
            >
              <b>{clockWords(ms, names.zone, names.clock)}</b>
              <StepGlyph step={a.step} size={16} />
              <span>
                {stepName(a)}
                <span className="soft">
                  {a.people.length > 0 && `, ${a.people.map((p) => names.first(p)).join(' and ')}`}
                  {a.stationId !== null && `, ${lowerFirst(names.station(a.stationId))}`}
                  {states[a.key] !== undefined
                    ? `, ${states[a.key] ?? ''}`
                    : isTelling(a)
                      ? `. ${reasonWords(a, names)}`
                      : ''}
                </span>
              </span>
            </button>
          </div>
        );
      })}
    </>
  );
}
