/*
 * How a dog bears its work, as finished work tells: overruns and breaks by kind of work with their trend, breaks by zone and
 * the minutes that plans give for them.
 */
import type { BorneWork, BorneZone, CooperationTrend } from '@loyal-mane/core';
import { borneWork, borneZones, workKind } from '@loyal-mane/core';
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
  return `a break in ${String(breaks)} of ${counted(tasks, 'task')}: plans give it ${String(percent)} % more time`;
}

/** Kinds of work that several steps share; others are called as their step. */
const KIND_NAMES: Readonly<Record<string, string>> = {
  brush: 'Brushing',
  bath: 'Bathing',
  dry: 'Drying',
  trim: 'Trims',
};

/** Fewer tasks than this say nothing yet, unless the dog asked for a break. */
const LEAST_TASKS = 3;

/** Zones of which the same is told, together. */
function together(zones: readonly BorneZone[]): BorneZone[][] {
  const groups = new Map<string, BorneZone[]>();
  for (const zone of zones) {
    const told = zoneWords(zone);
    groups.set(told, [...(groups.get(told) ?? []), zone]);
  }
  return [...groups.values()];
}

/** Told beneath what people have entered; nothing until something was finished. */
export function BorneWorkOf({ dogId }: { dogId: string }) {
  const work = useDogWork(dogId);
  const kinds = borneWork(dogId, work).filter((k) => k.tasks >= LEAST_TASKS || k.breaks > 0);
  const zones = together(borneZones(dogId, work));
  if (kinds.length === 0 && zones.length === 0) return null;
  return (
    <section aria-label="Learned from finished work">
      <h3>Learned from finished work</h3>
      <dl className="borne">
        {kinds.map((kind) => (
          <div key={kind.step}>
            <dt>{KIND_NAMES[workKind(kind.step)] ?? METHODS[kind.step].name}</dt>
            <dd>{workWords(kind)}</dd>
          </div>
        ))}
        {zones.map((alike) => (
          <div key={alike.map((z) => z.zone).join(' ')}>
            <dt>{alike.map((z) => ZONE_NAMES[z.zone]).join(', ')}</dt>
            <dd>{alike.slice(0, 1).map(zoneWords)}</dd>
          </div>
        ))}
      </dl>
      {zones.length > 0 && <p className="soft">A factor that is entered for a zone above counts instead.</p>}
    </section>
  );
}
