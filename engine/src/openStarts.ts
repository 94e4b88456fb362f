/*
 * Where one activity could start, with everything that is already placed in its way, and which workers and machines allow
 * each start. Rules can be relaxed one at a time, to find out what is in the way; the answer to "what would be possible"
 * and the answer to "why not" thus come from one place.
 */
import { max, min } from './numbers.js';
import { MaskArena } from './maskArena.js';
import type { Activity } from './model.js';
import type { Occupancy } from './occupancy.js';
import { bitAt } from './slotBits.js';
import type { Relaxable, StartWindow } from './startRules.js';
import { NOTHING_RELAXED, StartRules, windowFrom } from './startRules.js';

/** Starts that one worker or machine allows. */
interface Starter {
  /** Index of the worker or machine. */
  readonly index: number;
  readonly starts: Int32Array;
}

/** Starts of one activity; the sets begin at slot `base`, a multiple of 32. */
export interface OpenStarts {
  readonly base: number;
  /** Slots in which it can start, rising. */
  readonly slots: readonly number[];
  readonly workers: readonly Starter[];
  readonly secondWorkers: readonly Starter[];
  readonly machines: readonly Starter[];
}

const NONE: OpenStarts = { base: 0, slots: [], workers: [], secondWorkers: [], machines: [] };

/** Indexes of the starters that allow a start at a slot. */
export function startersAt(open: OpenStarts, which: readonly Starter[], slot: number): number[] {
  return which.filter((s) => bitAt(s.starts, slot - open.base)).map((s) => s.index);
}

/**
 * Starts of an activity that is not in the occupancy, from `from` to `to`. Other activities of its chain stand where they
 * stand; a job needs no setup after itself, so they lend their machines.
 */
export function openStarts(
  occupancy: Occupancy,
  activity: number,
  from: number,
  to: number,
  relaxed: ReadonlySet<Relaxable> = NOTHING_RELAXED,
): OpenStarts {
  const { model } = occupancy.tables;
  const a = model.activities[activity] as Activity;
  const [first, last] = [max(model.now, 0, from), min(to, model.horizon - a.duration)];
  return first > last ? NONE : look(occupancy, a, first, last, relaxed);
}

function look(
  occupancy: Occupancy,
  a: Activity,
  first: number,
  last: number,
  relaxed: ReadonlySet<Relaxable>,
): OpenStarts {
  const rules = new StartRules(occupancy, relaxed, true);
  const window = windowFrom(first, last);
  const { words } = window;
  const { workers, secondWorkers, machines } = a;
  const masks = new MaskArena(words * (1 + listed(workers) + listed(secondWorkers) + listed(machines)));
  /** A mask for each of a list, made by its rule; the offset of the first. */
  const masksOf = (list: readonly number[] | null, rule: (index: number, at: number) => void): number => {
    const from = masks.claim(words * listed(list));
    list?.forEach((index, k) => {
      rule(index, from + k * words);
    });
    return from;
  };
  const starters = (list: readonly number[] | null, from: number): Starter[] =>
    (list ?? []).map((index, k) => ({ index, starts: masks.bits.slice(from + k * words, from + (k + 1) * words) }));

  rules.forJob(occupancy.tables.model.chains[a.chain]?.job ?? -1);
  const any = masks.claim(words);
  rules.ofJob(a, masks, any, window);
  const seconds = masksOf(secondWorkers, (who, at) => {
    rules.ofWorker(a, who, false, masks, at, window);
  });
  const firsts = masksOf(workers, (who, at) => {
    rules.ofWorker(a, who, true, masks, at, window);
    if (secondWorkers !== null) masks.keepPairs(at, words, who, secondWorkers, seconds);
  });
  const served = masksOf(machines, (machine, at) => {
    rules.ofMachine(a, machine, masks, at, window);
  });
  if (workers !== null) masks.anyOf(any, firsts, words, workers.length);
  if (machines !== null) masks.anyOf(any, served, words, machines.length);
  return {
    base: window.word0 << 5,
    slots: slotsOf(masks.bits.slice(any, any + words), window),
    workers: starters(workers, firsts),
    secondWorkers: starters(secondWorkers, seconds),
    machines: starters(machines, served),
  };
}

function listed(list: readonly number[] | null): number {
  return list?.length ?? 0;
}

function slotsOf(bits: Int32Array, { lo, hi, word0 }: StartWindow): number[] {
  const slots: number[] = [];
  for (let t = lo; t <= hi; t++) if (bitAt(bits, t - (word0 << 5))) slots.push(t);
  return slots;
}
