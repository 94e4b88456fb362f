/*
 * The engine, held against what stands outside it: published optima of job shops, optima of neutral kennel instances
 * proven by a constraint solver (with the instances), and a mixed-integer solver side by side on tiny kennels.
 */
import { readFileSync } from 'node:fs';
import path from 'node:path';
import * as highsModule from 'highs';
import type { LegacyHighs } from 'highs/legacy-types';
import { copies } from '../../bench/copies.mjs';
import { lpOf } from '../../bench/timeIndexed.mjs';
import {
  checkInstancePlan,
  modelOfInstance,
  modelOfJobShop,
  rowsOfJobShop,
  rowsOfSchedule,
} from '../src/adapters/index.js';
import type { KennelInstance } from '../src/adapters/index.js';
import { DragWindows, boundOf, isJobShop, repair, solve, searchMakespan } from '../src/index.js';
import type { Model, Assignment, Schedule } from '../src/index.js';
import { quiet, tinyModel, untilOptimal } from './fitWorld.js';

// The package is CommonJS: depending on the loader its function is the module or its default.
const loadHighs = ((highsModule as { default?: unknown }).default ?? highsModule) as () => Promise<LegacyHighs>;

const BENCH = path.join(__dirname, '../../bench');
const instanceOf = (name: string): KennelInstance =>
  JSON.parse(readFileSync(path.join(BENCH, 'instances', `${name}.json`), 'utf8')) as KennelInstance;

describe('job shops: published optima (Fisher and Thompson 1963, Lawrence 1984)', () => {
  it.each([
    ['ft06', 55, 3000],
    ['la01', 666, 3000],
    ['la02', 655, 60_000],
    ['la06', 926, 3000],
  ])('%s is solved to %i', (name, optimum, rounds) => {
    const model = modelOfJobShop(readFileSync(path.join(BENCH, 'jobshop', `${name}.txt`), 'utf8'));
    expect(isJobShop(model)).toBe(true);
    expect(endOf(model, searchMakespan(model, untilOptimal(1, rounds, optimum)).schedule)).toBe(optimum);
  });

  it('ft10 comes within 2 % of 930', () => {
    const model = modelOfJobShop(readFileSync(path.join(BENCH, 'jobshop', 'ft10.txt'), 'utf8'));
    const end = endOf(model, searchMakespan(model, quiet(1, 60_000)).schedule);
    expect(end).toBeGreaterThanOrEqual(930);
    expect(end).toBeLessThanOrEqual(948);
  });

  it('says which line is no job', () => {
    expect(() => modelOfJobShop('2 2\n0 3 1 2\n0 3 1')).toThrow('line 3');
    expect(() => modelOfJobShop('2 2\n0 3 1 2\n0 3 5 1')).toThrow('machines are 0 to 1');
    expect(() => modelOfJobShop('nothing')).toThrow('line 1');
  });
});

/** Latest end of a shop's plan, after a look of its own at order and machines. */
function endOf(model: Model, schedule: Schedule): number {
  const rows = rowsOfJobShop(model, schedule);
  const onMachine = new Map<number, [number, number][]>();
  let end = 0;
  model.chains.forEach((c, j) => {
    let free = 0;
    c.acts.forEach((i, k) => {
      const a = model.activities[i]!;
      const start = rows[j]?.[k] ?? -1;
      expect(start).toBeGreaterThanOrEqual(free);
      free = start + a.duration;
      onMachine.set(a.kind, [...(onMachine.get(a.kind) ?? []), [start, free]]);
    });
    end = Math.max(end, free);
  });
  for (const times of onMachine.values()) {
    times.sort((x, y) => x[0] - y[0]);
    times.slice(1).forEach(([start], k) => expect(start).toBeGreaterThanOrEqual(times[k]?.[1] ?? 0));
  }
  return end;
}

describe('neutral instances', () => {
  // Optima proven by a constraint solver; figures come with the instances.
  it.each([
    ['S1', 78, 400],
    ['S2', 212, 4000],
    ['S3', 12_137, 800],
    ['S4', 296, 9000],
  ])(
    '%s is solved to its proven optimum %i',
    (name, optimum, rounds) => {
      const instance = instanceOf(name);
      const model = modelOfInstance(instance);
      const found = solve(model, untilOptimal(3, rounds, optimum));
      const checked = checkInstancePlan(instance, { starts: rowsOfSchedule(found.schedule) });
      expect(checked.faults).toEqual([]);
      expect(checked.cost).toBe(Math.round(found.cost));
      expect(checked.cost).toBe(optimum);
      expect(boundOf(model)).toBeLessThanOrEqual(optimum);
    },
    60_000,
  );

  it('M1 and M3 are planned below the best figures of the general solver, within their bound', () => {
    for (const [name, bar] of [
      ['M1', 2700],
      ['M3', 3344],
    ] as const) {
      const instance = instanceOf(name);
      const found = solve(modelOfInstance(instance), quiet(1, 700));
      const checked = checkInstancePlan(instance, { starts: rowsOfSchedule(found.schedule) });
      expect(checked.faults).toEqual([]);
      expect(checked.ready).toBe(instance.entries.length);
      expect(checked.cost).toBeLessThanOrEqual(bar);
      expect(boundOf(modelOfInstance(instance))).toBeLessThanOrEqual(checked.cost);
    }
  }, 60_000);

  it('the same instance, seed and rounds give the same plan', () => {
    const run = (): Schedule => solve(modelOfInstance(instanceOf('M2')), quiet(3, 150)).schedule;
    expect(run()).toEqual(run());
  });
});

describe('a crew of many', () => {
  // Eight small kennels side by side, 24 workers and 80 machines: the first plan looks at a few of them for each chain.
  const small = instanceOf('S4');
  const alone = solve(modelOfInstance(small), quiet(1, 0));
  const instance = copies(small, 8);

  it('is planned as well as the small kennels alone, and breaks no rule', () => {
    const found = solve(modelOfInstance(instance), quiet(1, 0));
    expect(checkInstancePlan(instance, { starts: rowsOfSchedule(found.schedule) }).faults).toEqual([]);
    expect(found.unplaced.length).toBeLessThanOrEqual(8 * alone.unplaced.length);
    expect(found.cost).toBeLessThanOrEqual(8 * alone.cost * 1.05);
  });

  it('is looked at whole where a few do not do', () => {
    // Everybody is away but the last three of the crew, whom the few of most chains leave out.
    const model = modelOfInstance(instance);
    const first = model.workers.length - small.persons.length;
    const workers = model.workers.map((p, k) =>
      k < first ? { ...p, site: new Int8Array(p.site.length).fill(-1) } : p,
    );
    const open = (m: Model): Assignment[] =>
      solve(m, quiet(1, 0)).schedule.filter((p, i) => p !== null && m.activities[i]?.fixed === null) as Assignment[];
    const placed = open({ ...model, workers });
    const fewest = open(modelOfInstance(small)).length;
    expect(placed.every((p) => p.worker >= first || p.worker < 0)).toBe(true);
    expect(fewest).toBeGreaterThan(0);
    expect(placed.length).toBeGreaterThanOrEqual(fewest);
  });
});

describe('a plan of forty jobs', () => {
  const instance = instanceOf('L2');
  const model = modelOfInstance(instance);
  const { schedule, unplaced } = solve(model, quiet(1, 120));

  it('has a place for every entry that can have one', () => {
    expect(checkInstancePlan(instance, { starts: rowsOfSchedule(schedule) }).faults).toEqual([]);
    expect(unplaced).toEqual([]);
  });

  it('is repaired with little moved when a worker falls ill for a day', () => {
    for (const worker of [0, 3, 5]) {
      const site = model.workers[worker]!.site.slice();
      site.fill(-1, model.dayStarts[4], model.dayStarts[5]);
      const ill = { ...model, workers: model.workers.map((p, k) => (k === worker ? { ...p, site } : p)) };
      const again = repair(ill, schedule, quiet(1, 60));
      const hit = new Set(
        model.activities.flatMap((a, i) => {
          const p = schedule[i];
          const theirs = p != null && (p.worker === worker || p.second === worker) && a.fixed === null;
          return theirs && p.start >= model.dayStarts[4]! && p.start < model.dayStarts[5]! ? [a.chain] : [];
        }),
      );
      const untouched = model.activities.flatMap((a, i) => (hit.has(a.chain) || schedule[i] == null ? [] : [i]));
      const moved = untouched.filter((i) => JSON.stringify(again.schedule[i]) !== JSON.stringify(schedule[i]));
      expect(hit.size).toBeGreaterThan(0);
      expect(moved.length / untouched.length).toBeLessThan(0.1);
      for (const [i, p] of again.schedule.entries()) {
        const busy = p !== null && model.activities[i]?.fixed === null && (p.worker === worker || p.second === worker);
        expect(busy && p.start >= model.dayStarts[4]! && p.start < model.dayStarts[5]!).toBe(false);
      }
    }
  });

  it('knows where a dragged task could go: each start, put in, breaks no rule', () => {
    const windows = new DragWindows(model, schedule);
    let tried = 0;
    for (let i = 0; i < model.activities.length; i += 17) {
      const place = schedule[i];
      const a = model.activities[i]!;
      if (place == null || a.fixed !== null) continue;
      const { open, alone } = windows.of(i);
      expect(open).toContain(place.start);
      expect(alone).toContain(place.start);
      const other = alone.find((t) => t !== place.start);
      if (other === undefined) continue;
      const rows = moves(model, i, other).map((p) => rowsOfSchedule(schedule.map((q, k) => (k === i ? p : q))));
      expect(rows.some((starts) => checkInstancePlan(instance, { starts }).faults.length === 0)).toBe(true);
      tried++;
    }
    expect(tried).toBeGreaterThan(8);
  });
});

/** Every way to do an activity at a start. */
function moves(model: Model, i: number, start: number) {
  const a = model.activities[i]!;
  return (a.workers ?? [-1]).flatMap((worker) =>
    (a.secondWorkers ?? [-1]).flatMap((second) =>
      (a.machines ?? [-1]).map((machine) => ({ start, worker, second, machine })),
    ),
  );
}

describe('the checker of instance plans names the rule that is broken', () => {
  const instance = instanceOf('S4');
  const { schedule } = solve(modelOfInstance(instance), quiet(1, 60));
  const good = rowsOfSchedule(schedule);
  const faultsOf = (rows: number[][], change: Partial<KennelInstance> = {}): string[] => [
    ...new Set(
      checkInstancePlan({ ...instance, ...change }, { starts: rows }).faults.map((f) => f.split(' ')[0] ?? ''),
    ),
  ];
  const edit = (which: (a: KennelInstance['activities'][number]) => boolean, change: (row: number[]) => number[]) => {
    const id =
      instance.activities.find((a) => a.fixed === null && good.some((r) => r[0] === a.id) && which(a))?.id ?? -1;
    return good.map((r) => (r[0] === id ? change([...r]) : r));
  };
  const set = (k: number, to: number) => (row: number[]) => row.map((x, n) => (n === k ? to : x));
  const every = instance.activities.map((a) => a);
  const withAll = (change: object): Partial<KennelInstance> => ({
    activities: every.map((a) => ({ ...a, ...change })),
  });

  it('finds nothing in a good plan', () => {
    expect(faultsOf(good)).toEqual([]);
  });

  it.each<[string, () => string[]]>([
    ['R1', () => faultsOf([...good, good[0] ?? []])],
    ['R2', () => faultsOf(edit(() => true, set(1, 0)))],
    [
      'R3',
      () => faultsOf(good.filter((r) => r[0] !== instance.activities.find((a) => a.omit < 0 && a.fixed === null)?.id)),
    ],
    [
      'R4',
      () =>
        faultsOf(good, {
          entries: instance.entries.map((e, k) => ({
            ...e,
            needs: k === 0 ? 1 : -1,
            acts: k === 1 ? [...e.acts, 999] : e.acts,
          })),
        }),
    ],
    [
      'R5',
      () =>
        faultsOf(good, {
          entries: instance.entries.map((e) => ({ ...e, lags: [[e.acts[0]!, e.acts.at(-1)!, 0, 0]] })),
        }),
    ],
    ['R6', () => faultsOf(edit((a) => a.skill >= 0, set(2, -1)))],
    ['R7', () => faultsOf(good, { persons: instance.persons.map((p) => ({ ...p, breaks: [[0, 576]] })) })],
    ['R8', () => faultsOf(good, withAll({ att: 40 }))],
    ['R9', () => faultsOf(good, { persons: instance.persons.map((p) => ({ ...p, noiseCap: 0 })) })],
    ['R10', () => faultsOf(edit((a) => a.kind >= 0, set(4, -1)))],
    ['R11', () => faultsOf(good, withAll({ clean: 200 }))],
    ['R12', () => faultsOf(good, { circuits: instance.circuits.map(() => ({ amps: 1 })) })],
    ['R13', () => faultsOf(good, withAll({ dur: 40 }))],
    ['R14', () => faultsOf(good, { dogs: instance.dogs.map((d) => ({ ...d, standCap: 0 })) })],
    ['R15', () => faultsOf(good.filter((r) => instance.activities[r[0] ?? 0]?.fixed === null))],
  ])('%s', (rule, broken) => {
    expect(broken()).toContain(rule);
  });
});

it('finds the optimum that a mixed-integer solver proves, on tiny kennels', async () => {
  const highs = await loadHighs();
  let unready = 0;
  for (let seed = 1; seed <= 14; seed++) {
    const model = tinyModel(seed);
    const solved = highs.solve(lpOf(model), { mip_rel_gap: 0, mip_abs_gap: 0, output_flag: false });
    expect(solved.Status).toBe('Optimal');
    const found = solve(model, untilOptimal(seed, 3000, Math.round(solved.ObjectiveValue)));
    expect([seed, Math.round(found.cost)]).toEqual([seed, Math.round(solved.ObjectiveValue)]);
    expect(boundOf(model)).toBeLessThanOrEqual(found.cost + 1e-6);
    unready += found.unplaced.length;
  }
  // Some of them have a real conflict, most do not.
  expect(unready).toBeGreaterThan(0);
}, 120_000);

describe('property: tiny kennels in exact mode', () => {
  it('one more worker or machine never makes the best plan dearer', () => {
    for (let seed = 20; seed < 32; seed++) {
      const model = tinyModel(seed);
      const before = solve(model, quiet(1, 500)).cost;
      const helper = { ...model.workers[1]!, exposureCap: 99, precisionCap: 99 };
      const helped = {
        ...model,
        workers: [...model.workers, helper],
        activities: model.activities.map((a) => ({ ...a, workers: a.workers === null ? null : [...a.workers, 3] })),
      };
      expect(solve(helped, quiet(1, 500)).cost).toBeLessThanOrEqual(before + 1e-6);
    }
  }, 60_000);

  it('without one entry the others never cost more', () => {
    for (let seed = 40; seed < 52; seed++) {
      const model = tinyModel(seed);
      const all = solve(model, quiet(1, 500)).cost;
      const last = model.chains.length - 1;
      const chains = model.chains.map((c, k) => (k === last ? { ...c, cost: 0 } : c));
      expect(solve({ ...model, chains }, quiet(1, 500)).cost).toBeLessThanOrEqual(all + 1e-6);
    }
  }, 60_000);
});
