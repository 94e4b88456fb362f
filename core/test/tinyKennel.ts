/*
 * A tiny invented planning world, and random ones: people who share dogs, a tub, a dryer and tables.
 */
import fc from 'fast-check';
import { Activity, DEFAULT_WEIGHTS, Problem } from '../src/index.js';
import type {
  ActivityFields,
  Chain,
  ProblemDog,
  ProblemPerson,
  ProblemStation,
  Skill,
  StationKind,
  StepId,
  TaskKey,
} from '../src/index.js';

export const DAY = 288;

const BASE: ActivityFields = {
  index: 0,
  chain: 0,
  key: 'x' as TaskKey,
  step: 'bath',
  dur: 4,
  att: 4,
  est: 0,
  let: DAY,
  aim: 100,
  follows: false,
  early: 1,
  late: 1,
  skill: 'bath',
  second: null,
  only: -1,
  allowed: null,
  station: 'tub',
  ramp: false,
  lengthCm: 0,
  amps: 0,
  clean: 1,
  stands: false,
  noise: 0,
  scissors: false,
  lagMin: 0,
  lagMax: -1,
  since: [],
  fixed: null,
  overdue: false,
  at: -1,
  pinned: null,
};

export function person(skills: Skill[], from = 90, to = 200, overtime = 12, days = 1): ProblemPerson {
  const site = new Int8Array(days * DAY + 1).fill(-1);
  const over = new Uint8Array(days * DAY + 1);
  for (let d = 0; d < days; d++) {
    site.fill(0, d * DAY + from, d * DAY + to + overtime);
    over.fill(1, d * DAY + to, d * DAY + to + overtime);
  }
  return { name: skills.join('+'), skills: new Set(skills), site, over, scissorCap: 48, noiseCap: 10_000 };
}

export function station(kind: StationKind, days = 1, circuit = -1): ProblemStation {
  const never = new Uint8Array(days * DAY + 1);
  return { name: kind, kind, site: 0, circuit, ramp: true, lengthCm: Infinity, closed: never, barred: never };
}

export function dog(days = 1, standCap = 9): ProblemDog {
  return { name: 'dog', site: new Int8Array(days * DAY + 1), standCap };
}

export interface ChainSpec {
  readonly dog: number;
  readonly cost?: number;
  readonly needs?: number;
  readonly steps: readonly Partial<ActivityFields>[];
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
  const activities: Activity[] = [];
  const made = chains.map((spec, index): Chain => {
    const first = activities.length;
    spec.steps.forEach((step, k) => {
      activities.push(
        new Activity({
          ...BASE,
          let: (world.days ?? 1) * DAY,
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
      dog: spec.dog,
      cost: spec.cost ?? 20_000,
      needs: spec.needs ?? -1,
      activities: spec.steps.map((_, k) => first + k),
    };
  });
  const days = world.days ?? 1;
  return new Problem({
    horizon: days * DAY,
    now: world.now ?? 0,
    dayStarts: Array.from({ length: days + 1 }, (_, k) => k * DAY),
    people: world.people,
    stations: world.stations,
    circuits: world.circuits ?? [],
    dogs: world.dogs,
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
        steps: steps.map((s, k): Partial<ActivityFields> => {
          const [step, skill, kind, draw] = KINDS[s.kind] as (typeof KINDS)[number];
          const est = Math.max(now, s.est);
          const dur = s.dur + (k === 0 ? s.rest : 0);
          const end = Math.min(2 * DAY, est + Math.max(dur, s.width));
          return {
            step,
            skill,
            station: kind,
            amps: draw,
            dur,
            att: s.dur,
            est,
            let: end,
            aim: Math.max(est, Math.min(end - dur, s.aim)),
            follows: s.follows && k > 0,
            second: s.second && k % 3 === 2 ? 'hand' : null,
            lagMax: s.lag ?? -1,
            stands: step === 'fineTrim',
            scissors: step === 'fineTrim',
            noise: step === 'forceDry' ? 104 : 0,
            clean: kind === null ? 0 : 1,
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
