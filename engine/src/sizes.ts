/*
 * Sizes that the engine's tables are made for. What is larger is refused in words when a model is made ready, never computed
 * wrongly.
 */
import type { Model } from './model.js';

/** Largest sizes of a model: tables are keyed by them, and holders are 16-bit. */
export const LIMITS = {
  workers: 1024,
  machines: 1024,
  jobs: 32_000,
  chains: 32_000,
  days: 32_000,
  slots: 4095,
} as const;

/** @throws RangeError that names what is too large, how large it is and what the limit is */
export function assertSizes(model: Model): void {
  const longest = model.activities.reduce((most, a) => Math.max(most, a.duration, a.attended), 0);
  const sizes: readonly (readonly [keyof typeof LIMITS, number, string])[] = [
    ['workers', model.workers.length, 'workers'],
    ['machines', model.machines.length, 'machines'],
    ['jobs', model.jobs.length, 'jobs'],
    ['chains', model.chains.length, 'chains'],
    ['days', model.dayStarts.length, 'days'],
    ['slots', longest, 'slots in its longest activity'],
  ];
  for (const [of, size, words] of sizes)
    if (size > LIMITS[of])
      throw new RangeError(`The model has ${String(size)} ${words}; the engine takes ${String(LIMITS[of])} at most.`);
}
