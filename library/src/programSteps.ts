/*
 * How steps of a program are written: a window that steps share, and what each has of its own.
 */
import type { Aim, Condition, Mark, ProgramStep, StepId } from '@loyal-mane/core';
import type { MinutesKey } from './minutes.js';

/** Fields of a step besides its name and minutes; the rest is as usual. */
export interface Extra {
  readonly share?: number;
  readonly flank?: ProgramStep['flank'];
  readonly times?: ProgramStep['times'];
  readonly from?: Mark;
  readonly to?: Mark;
  readonly aim?: Aim;
  readonly anchor?: boolean;
  readonly lag?: readonly [min: number, max: number | null];
  readonly since?: readonly (readonly [step: StepId, min: number, max: number | null, when?: 'ifDone'])[];
  readonly when?: readonly Condition[];
  readonly restMin?: number;
  readonly skipWhenPast?: boolean;
}

/** The beginning of a day of preparation, counted back from the ring. */
export const dayStart = (day: number): Mark => ({ of: 'prepDay', day, at: 'start' });
/** The end of a day of preparation, counted back from the ring. */
export const dayEnd = (day: number): Mark => ({ of: 'prepDay', day, at: 'end' });
/** A step is wanted as soon as the one before it allows. */
export const follow: Aim = { of: 'follow' };
/** The moment at which a step is wanted: a day counted back from the ring, and a time. */
export const aimDay = (day: number, time = '08:00'): Aim => ({ of: 'prepDay', day, time });

/** Makes steps that share a window; each may narrow it. */
export function within(from: Mark, to: Mark, careful = false, skipWhenPast = false) {
  return (step: StepId, row: MinutesKey, extra: Extra = {}): ProgramStep => ({
    step,
    row,
    share: extra.share ?? 1,
    ...(extra.flank === undefined ? {} : { flank: extra.flank }),
    factor: 1,
    plusMin: 0,
    perDayMin: null,
    times: extra.times ?? 'once',
    skill: null,
    tools: null,
    from: extra.from ?? from,
    to: extra.to ?? to,
    aim: extra.aim ?? follow,
    anchor: extra.anchor ?? false,
    lagMin: extra.lag?.[0] ?? 0,
    lagMaxMin: extra.lag?.[1] ?? null,
    since: (extra.since ?? []).map(([since, min, max, when]) => ({
      ...{ step: since, min, max },
      ...(when === undefined ? {} : { ifDone: true }),
    })),
    when: extra.when ?? [],
    restMin: extra.restMin ?? 0,
    skipWhenPast: extra.skipWhenPast ?? skipWhenPast,
    careful,
  });
}

/** Show preparation: three days before to the day before, at home. */
export const prep = within(dayStart(-3), { of: 'prepEnd', day: -1 });

/** Tub to dryer within ten minutes, or the coat dries as it falls. */
export const WET: readonly [number, number] = [0, 10];
/** Force dryer to heat within fifteen. */
export const WARM: readonly [number, number] = [0, 15];
