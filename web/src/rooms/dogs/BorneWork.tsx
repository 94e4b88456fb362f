/*
 * How a dog bears its work, as finished work tells: overruns and breaks by kind of work with their trend, breaks by zone and
 * the minutes that plans give for them.
 */
import type { BorneWork, BorneZone, CooperationTrend } from '@loyal-mane/core';
import { borneWork, borneZones } from '@loyal-mane/core';
import { ZONE_NAMES } from '@loyal-mane/library';
import { METHODS } from '@loyal-mane/library/words';
import { useDogWork } from '../../parts/useWork';

const TREND_WORDS: Readonly<Record<Exclude<CooperationTrend, null>, string>> = {
  better: 'better of late',
  worse: 'worse of late',
  steady: 'as it was',
};

function counted(n: number, one: string): string {
  return `${String(n)} ${one}${n === 1 ? '' : 's'}`;
}

function overrunWords(overrun: number): string {
  const percent = Math.round((overrun - 1) * 100);
  if (percent === 0) return 'in the minutes expected';
  return `${String(Math.abs(percent))} % ${percent > 0 ? 'over' : 'under'} the minutes expected`;
}

function workWords({ tasks, breaks, overrun, trend }: BorneWork): string {
  return [
    `${overrunWords(overrun)} in ${counted(tasks, 'task')}`,
    ...(breaks === 0 ? [] : [`asked for ${counted(breaks, 'break')}`]),
    ...(trend === null ? [] : [TREND_WORDS[trend]]),
  ].join(', ');
}

function zoneWords({ breaks, tasks, factor }: BorneZone): string {
  const percent = Math.round((factor - 1) * 100);
  return `a break in ${String(breaks)} of ${counted(tasks, 'task')}: plans give it ${String(percent)} % more`;
}

/** Told beneath what people have entered; nothing until something was finished. */
export function BorneWorkOf({ dogId }: { dogId: string }) {
  const work = useDogWork(dogId);
  const [kinds, zones] = [borneWork(dogId, work), borneZones(dogId, work)];
  if (kinds.length === 0 && zones.length === 0) return null;
  return (
    <section aria-label="Learned from finished work">
      <h3>Learned from finished work</h3>
      <dl className="borne">
        {kinds.map((kind) => (
          <div key={kind.step}>
            <dt>{METHODS[kind.step].name}</dt>
            <dd>{workWords(kind)}</dd>
          </div>
        ))}
        {zones.map((borne) => (
          <div key={borne.zone}>
            <dt>{ZONE_NAMES[borne.zone]}</dt>
            <dd>{zoneWords(borne)}</dd>
          </div>
        ))}
      </dl>
      {zones.length > 0 && <p className="soft">A factor that is entered for a zone above counts instead.</p>}
    </section>
  );
}
