/*
 * The basis of this dog's estimates: minutes by step as the plan has them, and what finished work has taught of the dog and
 * of the people who did it.
 */
import {
  DEFAULT_FACTORS,
  DEFAULT_PUPPY_DAYS,
  STEP_IDS,
  bodySurfaceM2,
  daysBetween,
  estimateFacts,
  localDayOf,
  overgrownFactor,
} from '@loyal-mane/core';
import type { LocalDay, PlannedActivity, StepId } from '@loyal-mane/core';
import { METHODS, restsOnWords } from '@loyal-mane/library/words';
import type { Kennel } from '../../api/queries';
import { serverNowMs } from '../../api/serverClock';
import { StepGlyph } from '../../parts/Glyph';
import { bornOf, kennelDogOf, libraryOf } from '../../parts/dogRecord';
import type { Dog } from '../../parts/dogRecord';
import { useRooms } from '../../parts/useRooms';
import { useDogWork } from '../../parts/useWork';

const OVER = 'It is finished; the next estimate rests on it as well.';

const times = (factor: number): string => `times ${String(Math.round(factor * 100) / 100)}`;

/** The basis of all minutes of a dog, in words: its size, and what makes its work longer or shorter. */
export function factWords(dog: Dog, kennel: Kennel, day: LocalDay): string[] {
  const puppy = daysBetween(bornOf(dog), day) < DEFAULT_PUPPY_DAYS;
  const f = estimateFacts(kennelDogOf(dog), libraryOf(kennel), day, puppy);
  const { density, coatChange, puppy: young } = DEFAULT_FACTORS;
  const length = f.length ?? 1;
  return [
    `${String(dog.weightKg)} kg, about ${bodySurfaceM2(dog.weightKg).toFixed(2)} m² of skin`,
    ...(f.density === 'normal' ? [] : [`${f.density} coat, washing, drying and brushing ${times(density[f.density])}`]),
    ...(Math.abs(length - 1) < 0.005 ? [] : [`hair ${length > 1 ? 'longer' : 'shorter'} than usual, ${times(length)}`]),
    ...(f.coatChange ? [`the coat drops, brushing ${times(coatChange)}`] : []),
    ...(f.puppy ? [`a puppy, ${times(young)}`] : []),
    ...(f.cooperation === 1
      ? []
      : [`it ${f.cooperation > 1 ? 'makes it hard' : 'makes it easy'}, ${times(f.cooperation)}`]),
    ...(f.overgrownWeeks < 1
      ? []
      : [
          `${String(Math.round(f.overgrownWeeks))} weeks beyond its trim, trims ${times(overgrownFactor(f.overgrownWeeks))}`,
        ]),
  ];
}

/** Minutes of each step, and what they rest on. */
export function EstimatesPart({ dog }: { dog: Dog }) {
  const { kennel, plan, names } = useRooms();
  const work = useDogWork(dog.id);
  const rows = new Map<StepId, PlannedActivity>();
  // Planned work says more than finished work: its estimate has learned from the latter.
  for (const a of plan?.activities ?? [])
    if (a.dogId === dog.id && (rows.get(a.step)?.state ?? 'done') === 'done') rows.set(a.step, a);
  const list = [...rows.values()].sort((x, y) => STEP_IDS.indexOf(x.step) - STEP_IDS.indexOf(y.step));
  if (list.length === 0)
    return <p className="soft">Nothing is planned for {dog.name}, so there is nothing to estimate.</p>;
  const facts = factWords(dog, kennel, localDayOf(serverNowMs(), names.zone));
  return (
    <>
      <p>Times are worked out for {facts.join('; ')}.</p>
      <table className="rules">
        <thead>
          <tr>
            <th scope="col">Step</th>
            <th scope="col">About</th>
            <th scope="col">Usually</th>
            <th scope="col">Last times</th>
            <th scope="col">Worked out from</th>
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
              <td className="soft">{a.state === 'done' ? OVER : restsOnWords(a.minutes)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </>
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
