/*
 * Meters of the day so far: how long the dog has stood, the person's noise and scissor minutes, each with its limit; and what
 * to do about a dog that is too heavy for one. Only what this task adds to.
 */
import { DEFAULT_SCISSOR_MIN, noiseMinutesLeft, noiseToday, scissorMinutes, stoodMinutes } from '@loyal-mane/core';
import { CARE_LIBRARY } from '@loyal-mane/library';
import { liftWords } from '@loyal-mane/library/words';
import type { Methods, Work } from '../../api/queries';
import { standCapOf } from '../../parts/pageOf';
import type { BenchView } from './benchView';
import type { BenchTask } from './myTasks';

interface Props extends BenchView {
  readonly task: BenchTask;
  readonly personId: string;
  readonly work: readonly Work[];
  readonly methods: Methods | undefined;
}

/** One meter: share of its limit, 0 to 1 and over, and its words. */
interface Meter {
  readonly name: string;
  readonly share: number;
  readonly words: string;
}

/** Quieter work takes nothing off a day's hearing (PUB-03 counts from here on). */
const LOUD_DBA = 80;

/** Meters that a task adds to; empty at steps that add to none. */
export function metersOf({ task, personId, work, methods, kennel, names, now }: Props): Meter[] {
  const { dogId, step } = task.activity;
  const needs = CARE_LIBRARY.steps[step];
  const ask = { work, library: CARE_LIBRARY, zone: names.zone, nowMs: now };
  const meters: Meter[] = [];
  const cap = needs.stands ? standCapOf(task.activity, kennel, names.zone, methods) : null;
  if (cap !== null) {
    const stood = stoodMinutes(ask, dogId);
    const words = `stood ${whole(stood)} of ${whole(cap)} min`;
    meters.push({ name: names.dog(dogId), share: stood / Math.max(1, cap), words });
  }
  if (needs.scissors) {
    const person = kennel.people.find((p) => p.id === personId);
    const most = person?.scissorMinPerDay ?? DEFAULT_SCISSOR_MIN;
    const cut = scissorMinutes(ask, personId);
    meters.push({ name: 'Scissors', share: cut / Math.max(1, most), words: `${whole(cut)} of ${whole(most)} min` });
  }
  if (needs.noiseDba >= LOUD_DBA) {
    const { recommended, regulatory } = noiseToday(ask, personId);
    const left = noiseMinutesLeft(recommended, needs.noiseDba);
    const law = regulatory < 0.5 ? '' : `, ${whole(regulatory)} % of the legal limit`;
    const words = `${whole(recommended)} % of the day${law}; enough after ${whole(left)} min more`;
    meters.push({ name: 'Noise', share: recommended / 100, words });
  }
  return meters;
}

const whole = (n: number): string => String(Math.round(n));

/** The meters, and the lift. */
export function Meters(props: Props) {
  const { task, kennel } = props;
  const meters = metersOf(props);
  const lift = liftAdvice(task, kennel);
  if (meters.length === 0 && lift === '') return null;
  return (
    <section className="meters" aria-label="So far today">
      {lift !== '' && <p>{lift}</p>}
      {meters.map(({ name, share, words }) => (
        <div key={name} className={share >= 1 ? 'over' : undefined}>
          <b>{name}</b>
          <progress max={1} value={Math.min(1, share)} aria-label={`${name}: ${words}`} />
          <span>{words}</span>
        </div>
      ))}
    </section>
  );
}

/** Advice where the dog is lifted; a ramp spares it. */
function liftAdvice({ activity }: BenchTask, { dogs, stations }: BenchView['kennel']): string {
  const dog = dogs.find((d) => d.id === activity.dogId);
  if (dog === undefined || !CARE_LIBRARY.steps[activity.step].lifts) return '';
  const words = liftWords(dog.weightKg);
  const station = stations.find((s) => s.id === activity.stationId);
  if (words === '') return '';
  if (station?.ramp === true)
    return `${String(dog.weightKg)} kg: it walks in, ${station.name.toLowerCase()} has a ramp.`;
  return activity.people.length > 1 ? `${words} Two are planned for it.` : words;
}
