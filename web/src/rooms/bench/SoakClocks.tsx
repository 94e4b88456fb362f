/*
 * Soak clocks at the bench: all that soak now, whoever began them, each to be ended by one touch; and those that this task's own
 * products ask for.
 */
import { useEffect, useRef } from 'react';
import type { OpenSoak, SoakPhase } from '@loyal-mane/core';
import { isOpenSoak } from '@loyal-mane/core';
import type { SoakChoice } from '@loyal-mane/library/pages';
import type { Names } from '@loyal-mane/library/words';
import { PRODUCT_NAMES } from '@loyal-mane/library/words';
import { chime } from '../../parts/chime';
import { SoakDrop } from '../../parts/SoakDrop';
import { soakName, soakNow } from '../../parts/soaks';
import { ClockCard } from './ClockCard';
import type { BenchTask } from './myTasks';
import { isOver } from './myTasks';

interface ClocksProps {
  readonly soaks: readonly OpenSoak[];
  readonly names: Names;
  readonly now: number;
  readonly onEnd: (open: OpenSoak) => void;
}

/** All soaks of the kennel, those that are due first. */
export function SoakClocks({ soaks, names, now, onEnd }: ClocksProps) {
  useHeard(soaks, now);
  if (soaks.length === 0) return null;
  return (
    <section className="soak-clocks" aria-label="Soaking now">
      {soaks.map((open) => {
        const at = soakNow(open.soak, now);
        return (
          <ClockCard
            key={open.soak.id}
            phase={at.phase}
            picture={<SoakDrop soak={open.soak} now={at} size={56} />}
            name={soakName(open, names)}
            words={at.words}
            live={at.phase === 'over' ? 'assertive' : 'off'}
            answer="Rinsed"
            onAnswer={() => onEnd(open)}
          />
        );
      })}
    </section>
  );
}

/** A sound when a soak comes to its least, and when its most is over. */
function useHeard(soaks: readonly OpenSoak[], now: number): void {
  const known = useRef(new Map<string, SoakPhase>());
  useEffect(() => {
    for (const { soak } of soaks) {
      const { phase } = soakNow(soak, now);
      const before = known.current.get(soak.id);
      if (before !== undefined && before !== phase) chime();
      known.current.set(soak.id, phase);
    }
  }, [soaks, now]);
}

interface BeginProps {
  readonly task: BenchTask;
  readonly choices: readonly SoakChoice[];
  readonly onBegin: (choice: SoakChoice) => void;
}

/** Buttons that begin the clocks of this task's products; one that runs has none. */
export function BeginSoak({ task, choices, onBegin }: BeginProps) {
  if (task.work === null || isOver(task)) return null;
  const running = new Set((task.work.soaks ?? []).filter(isOpenSoak).map((s) => s.product as string));
  const open = choices.filter((c) => !running.has(c.product));
  if (open.length === 0) return null;
  return (
    <div className="begin-soak" role="group" aria-label="Soak clocks">
      {open.map((choice) => (
        <button key={choice.product} type="button" onClick={() => onBegin(choice)}>
          <b>{PRODUCT_NAMES[choice.product]} is on</b>
          <span>{minutesWords(choice)}</span>
        </button>
      ))}
    </div>
  );
}

function minutesWords({ leastMin, mostMin }: SoakChoice): string {
  return leastMin === mostMin ? `${String(mostMin)} min` : `${String(leastMin)} to ${String(mostMin)} min`;
}
