/*
 * A person's pace by kind of work, learned from finished work; the plan counts with it.
 */
import { learnPace } from '@loyal-mane/core';
import type { PaceLog, StepId } from '@loyal-mane/core';
import { allWork, useWork } from '../../parts/useWork';

/** One step of each kind of work that is learned together. */
const KINDS: readonly (readonly [StepId, string])[] = [
  ['brushOut1', 'Brushing'],
  ['bath', 'Bathing'],
  ['heatDry', 'Drying'],
  ['fineTrim', 'Trims'],
  ['nails', 'Nails'],
  ['finish', 'Show-morning finish'],
];

/** How fast a person works, by kind of work. */
export function PersonPace({ personId }: { personId: string }) {
  const work = useWork(allWork);
  const logs = work.flatMap((w): PaceLog[] =>
    w.state === 'done' && w.expectedMin !== undefined
      ? [
          {
            dogId: w.dogId,
            personId: w.personId ?? null,
            step: w.step,
            expectedMin: w.expectedMin,
            actualMin: w.workedMs / 60_000,
          },
        ]
      : [],
  );
  const learned = learnPace(logs);
  const rows = KINDS.map(([step, name]) => ({ name, ...learned.person(personId, step) })).filter((r) => r.logs > 0);
  return (
    <section aria-label="Pace">
      <h3 style={{ fontSize: 16, marginTop: 24 }}>Pace</h3>
      {rows.length === 0 && <p className="soft">No finished task says anything yet.</p>}
      <ul className="did">
        {rows.map((r) => (
          <li key={r.name} style={{ gridTemplateColumns: '160px 1fr' }}>
            <span>{r.name}</span>
            <span className="soft">
              {paceWords(r.factor)}, from {r.logs} finished {r.logs === 1 ? 'task' : 'tasks'}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}

function paceWords(factor: number): string {
  const percent = Math.round((factor - 1) * 100);
  if (percent === 0) return 'as usual';
  return `${String(Math.abs(percent))} % ${percent > 0 ? 'slower' : 'faster'} than usual`;
}
