/*
 * What this dog's estimates rest on: minutes by step as the plan has them, and what finished work has taught of the dog and
 * of the people who did it.
 */
import { STEP_IDS } from '@loyal-mane/core';
import type { PlannedActivity, StepId } from '@loyal-mane/core';
import { METHODS, restsOnWords } from '@loyal-mane/library/words';
import { StepGlyph } from '../../parts/Glyph';
import type { Dog } from '../../parts/dogRecord';
import { useRooms } from '../../parts/useRooms';

export function EstimatesPart({ dog }: { dog: Dog }) {
  const { plan, work, names } = useRooms();
  const rows = new Map<StepId, PlannedActivity>();
  for (const a of plan?.activities ?? []) if (a.dogId === dog.id && !rows.has(a.step)) rows.set(a.step, a);
  const list = [...rows.values()].sort((x, y) => STEP_IDS.indexOf(x.step) - STEP_IDS.indexOf(y.step));
  if (list.length === 0)
    return <p className="soft">Nothing is planned for {dog.name}, so there is nothing to estimate.</p>;
  return (
    <table className="rules">
      <thead>
        <tr>
          <th scope="col">Step</th>
          <th scope="col">About</th>
          <th scope="col">Usually</th>
          <th scope="col">Last times</th>
          <th scope="col">What it rests on</th>
        </tr>
      </thead>
      <tbody>
        {list.map((a) => (
          <tr key={a.step}>
            <th scope="row">
              <StepGlyph step={a.step} size={16} /> {METHODS[a.step].name}
            </th>
            <td>{Math.round(a.minutes.middle)} min</td>
            <td>
              {Math.round(a.minutes.p20)} to {Math.round(a.minutes.p80)}
            </td>
            <td>{lastTimes(a.step)}</td>
            <td className="soft">{restsOnWords(a.minutes)}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );

  function lastTimes(step: StepId): string {
    return work
      .filter((w) => w.dogId === dog.id && w.step === step && w.state === 'done' && w.finishedAt !== undefined)
      .sort((x, y) => (y.finishedAt ?? '').localeCompare(x.finishedAt ?? ''))
      .slice(0, 3)
      .map(
        (w) =>
          `${String(Math.round(w.workedMs / 60_000))}${w.personId === undefined ? '' : ` ${names.first(w.personId)}`}`,
      )
      .join(', ');
  }
}
