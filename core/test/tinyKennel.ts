/*
 * A tiny invented planning world, and random ones: people who share dogs, a tub, a dryer and tables.
 */
import fc from 'fast-check';
import { Problem } from '../src/index.js';
import { DEFAULT_WEIGHTS, Task } from '../src/plan/problem.js';
import type { Skill, StationKind, StepId, TaskKey } from '../src/index.js';
import type { ChainFields, TaskFields, ProblemDog, ProblemPerson, ProblemStation } from '../src/plan/problem.js';

export const DAY = 288;

const BASE: TaskFields = {
  index: 0,
  chain: 0,
  key: 'x' as TaskKey,
  step: 'bath',
  duration: 4,
  attended: 4,
  earliestStart: 0,
  latestEnd: DAY,
  idealStart: 100,
  follows: false,
  earlyCost: 1,
  lateCost: 1,
  dayOffCost: -1,
  preferred: null,
  spared: null,
  own: -1,
  deputyCost: 0,
  skill: 'bath',
  second: null,
  only: -1,
  allowed: null,
  station: 'tub',
  ramp: false,
  lengthCm: 0,
  demand: 0,
  setup: 1,
  strains: false,
  exposure: 0,
  precision: 0,
  lagMin: 0,
  lagMax: -1,
  since: [],
  fixed: null,
  overdue: false,
  at: -1,
  pinned: null,
};

/** A task as it usually is, with what differs. */
export function task(more: Partial<TaskFields>): Task {
  return new Task({ ...BASE, ...more });
}

export function person(skills: Skill[], from = 90, to = 200, overtime = 12, days = 1): ProblemPerson {
  const site = new Int8Array(days * DAY + 1).fill(-1);
  const over = new Uint8Array(days * DAY + 1);
  for (let d = 0; d < days; d++) {
    site.fill(0, d * DAY + from, d * DAY + to + overtime);
    over.fill(1, d * DAY + to, d * DAY + to + overtime);
  }
  return {
    name: skills.join('+'),
    skills: new Set(skills),
    site,
    over,
    seams: [],
    precisionCap: 48,
    exposureCap: 10_000,
  };
}

export function station(kind: StationKind, days = 1, circuit = -1): ProblemStation {
  const never = new Uint8Array(days * DAY + 1);
  return { name: kind, kind, site: 0, supply: circuit, ramp: true, lengthCm: Infinity, closed: never, barred: never };
}

export function dog(days = 1, standCap = 9): ProblemDog {
  return { name: 'dog', site: new Int8Array(days * DAY + 1), strainCap: standCap };
}

export interface ChainSpec {
  readonly dog: number;
  readonly cost?: number;
  readonly needs?: number;
  readonly steps: readonly Partial<TaskFields>[];
}

/** Builds a problem from chains of steps; indexes are filled in. */
export function problemOf(
  chains: readonly ChainSpec[],
  world: {
    people: ProblemPerson[];
    stations: ProblemStation[];
    dogs: ProblemDog[];
    circuits?: number[];
    days?: number;
    now?: number;
  },
): Problem {
  const activities: Task[] = [];
  const made = chains.map((spec, index): ChainFields => {
    const first = activities.length;
    spec.steps.forEach((step, k) => {
      activities.push(
        new Task({
          ...BASE,
          latestEnd: (world.days ?? 1) * DAY,
          ...step,
          index: first + k,
          chain: index,
          key: `c${String(index)}:${String(k)}` as TaskKey,
        }),
      );
    });
    return {
      index,
      key: `c${String(index)}`,
      kind: 'show',
      continuities: [],
      job: spec.dog,
      cost: spec.cost ?? 20_000,
      needs: spec.needs ?? -1,
      acts: spec.steps.map((_, k) => first + k),
    };
  });
  const days = world.days ?? 1;
  return new Problem({
    horizon: days * DAY,
    now: world.now ?? 0,
    dayStarts: Array.from({ length: days + 1 }, (_, k) => k * DAY),
    workers: world.people,
    machines: world.stations,
    supplies: world.circuits ?? [],
    jobs: world.dogs,
    chains: made,
    activities,
    weights: DEFAULT_WEIGHTS,
  });
}

const KINDS: readonly [StepId, Skill, StationKind | null, number][] = [
  ['bath', 'bath', 'tub', 0],
  ['forceDry', 'dry', 'forceDryer', 9],
  ['heatDry', 'dry', 'standDryer', 7],
  ['lineBrush', 'brush', 'table', 0],
  ['fineTrim', 'scissor', 'table', 0],
  ['inspection', 'hand', null, 0],
];

/** Random kennels of two days: crowded enough that chains collide, circuits fill and dogs tire. */
export const kennels = fc
  .record({
    dogs: fc.integer({ min: 1, max: 5 }),
    people: fc.array(fc.subarray<Skill>(['bath', 'dry', 'brush', 'scissor', 'hand'], { minLength: 1 }), {
      minLength: 1,
      maxLength: 4,
    }),
    amps: fc.integer({ min: 7, max: 20 }),
    chains: fc.array(
      fc.array(
        fc.record({
          kind: fc.integer({ min: 0, max: KINDS.length - 1 }),
          dur: fc.integer({ min: 1, max: 14 }),
          est: fc.integer({ min: 0, max: 300 }),
          width: fc.integer({ min: 20, max: 500 }),
          aim: fc.integer({ min: 0, max: 500 }),
          follows: fc.boolean(),
          second: fc.boolean(),
          lag: fc.option(fc.integer({ min: 0, max: 6 })),
          rest: fc.integer({ min: 0, max: 10 }),
          since: fc.boolean(),
        }),
        { minLength: 1, maxLength: 5 },
      ),
      { minLength: 1, maxLength: 6 },
    ),
    needs: fc.boolean(),
    now: fc.integer({ min: 0, max: 120 }),
  })
  .map(({ dogs, people, amps, chains, needs, now }) =>
    problemOf(
      chains.map((steps, c) => ({
        dog: c % dogs,
        needs: needs && c === chains.length - 1 && c > 0 ? 0 : -1,
        steps: steps.map((s, k): Partial<TaskFields> => {
          const [step, skill, kind, draw] = KINDS[s.kind] as (typeof KINDS)[number];
          const est = Math.max(now, s.est);
          const dur = s.dur + (k === 0 ? s.rest : 0);
          const end = Math.min(2 * DAY, est + Math.max(dur, s.width));
          return {
            step,
            skill,
            station: kind,
            demand: draw,
            duration: dur,
            attended: s.dur,
            earliestStart: est,
            latestEnd: end,
            idealStart: Math.max(est, Math.min(end - dur, s.aim)),
            follows: s.follows && k > 0,
            second: s.second && k % 3 === 2 ? 'hand' : null,
            lagMax: s.lag ?? -1,
            strains: step === 'fineTrim',
            precision: step === 'fineTrim' ? 1 : 0,
            exposure: step === 'forceDry' ? 104 : 0,
            setup: kind === null ? 0 : 1,
          };
        }),
      })),
      {
        days: 2,
        now,
        dogs: Array.from({ length: dogs }, () => dog(2)),
        people: people.map((skills, k) => person(skills, 80 + k * 6, 180, 12, 2)),
        stations: [
          station('tub', 2),
          station('forceDryer', 2, 0),
          station('standDryer', 2, 0),
          station('table', 2),
          station('table', 2),
        ],
        circuits: [amps],
      },
    ),
  );
