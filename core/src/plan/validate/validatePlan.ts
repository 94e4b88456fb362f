/*
 * The independent second opinion: checks a schedule against every hard rule, knowing nothing of how it was made.
 * Written without the engine, its masks or the search, slot by slot and pair by pair, so that a mistake in those cannot
 * hide here. No plan is saved that it finds fault with.
 */
import type { Assignment, Schedule } from '@loyal-mane/engine';
import type { Problem, Task } from '../problem.js';
import { DEMAND_PER_AMP } from '../problem.js';

/** Rules that every plan is held against, independently of the search. */
export const RULES = [
  'window',
  'whole',
  'needs',
  'order',
  'lag',
  'people',
  'skill',
  'shift',
  'personTwice',
  'personLimit',
  'station',
  'closed',
  'stationTwice',
  'circuit',
  'dogTwice',
  'transit',
  'standing',
  'fixed',
] as const;
/** One of `RULES`. */
export type RuleCode = (typeof RULES)[number];

/** A broken rule: which, and by which activities (indexes). */
export interface Fault {
  readonly rule: RuleCode;
  readonly activities: readonly number[];
  readonly detail: string;
}

interface Row {
  readonly a: Task;
  readonly at: Assignment;
  readonly end: number;
  readonly attEnd: number;
  readonly dog: number;
}

/** Every broken rule of a schedule; empty when the plan may be used. */
export function validatePlan(problem: Problem, schedule: Schedule): Fault[] {
  const faults: Fault[] = [];
  const rows: Row[] = [];
  for (const a of problem.activities) {
    const at = schedule[a.index] ?? null;
    if (at !== null) {
      const dog = problem.chains[a.chain]?.job ?? -1;
      rows.push({ a, at, end: at.start + a.duration, attEnd: at.start + a.attended, dog });
    }
  }
  checkWholeness(problem, schedule, faults);
  for (const row of rows) checkAlone(problem, row, faults);
  checkChains(problem, schedule, faults);
  checkPairs(rows, faults);
  checkDays(problem, rows, faults);
  checkCircuits(problem, rows, faults);
  return faults;
}

function checkWholeness(problem: Problem, schedule: Schedule, faults: Fault[]): void {
  const placed = (i: number): boolean => (schedule[i] ?? null) !== null;
  const ready = problem.chains.map((c) => c.acts.every(placed));
  for (const c of problem.chains) {
    const loose = c.acts.filter((i) => placed(i) && problem.activities[i]?.fixed === null);
    if (!ready[c.index] && loose.length > 0) fault(faults, 'whole', loose, `chain ${c.key} is only partly placed`);
    if (ready[c.index] && c.needs >= 0 && !ready[c.needs] && loose.length > 0) {
      fault(faults, 'needs', c.acts, `chain ${c.key} is placed without the one it needs`);
    }
  }
  for (const a of problem.activities) {
    const at = schedule[a.index] ?? null;
    const f = a.fixed;
    if (f === null) continue;
    if (at === null || at.start !== f.start || at.worker !== f.worker || at.machine !== f.machine) {
      fault(faults, 'fixed', [a.index], 'work that is done or running was moved');
    }
  }
}

function checkAlone(problem: Problem, row: Row, faults: Fault[]): void {
  const { a, at } = row;
  if (a.fixed !== null) return;
  const one = [a.index];
  if (at.start < Math.max(a.earliestStart, problem.now) || row.end > a.latestEnd || row.end > problem.horizon) {
    fault(
      faults,
      'window',
      one,
      `${String(at.start)} to ${String(row.end)} is outside ${String(a.earliestStart)} to ${String(a.latestEnd)}`,
    );
  }
  const needsFirst = a.skill !== null && a.attended > 0;
  if (
    needsFirst !== at.worker >= 0 ||
    (a.second !== null) !== at.second >= 0 ||
    (at.worker >= 0 && at.worker === at.second)
  ) {
    fault(faults, 'people', one, 'not exactly the people that it needs');
  }
  if (a.allowed !== null && at.worker >= 0 && !a.allowed.includes(at.worker)) {
    fault(faults, 'skill', one, 'somebody who has not practiced it or lacks the tool');
  }
  if (a.only >= 0 && at.worker !== a.only) fault(faults, 'people', one, 'not the handler who was named');
  const site = siteDuring(problem.jobs[row.dog]?.site, at.start, row.end);
  if (site < 0) fault(faults, 'transit', one, 'the dog is on the road');
  checkPerson(problem, row, at.worker, a.skill, site, faults);
  checkPerson(problem, row, at.second, a.second, site, faults);
  checkStation(problem, row, site, faults);
}

function siteDuring(sites: Int8Array | undefined, from: number, to: number): number {
  const first = sites?.[from] ?? -1;
  for (let t = from; t < to; t++) if (sites?.[t] !== first) return -1;
  return first;
}

function checkPerson(
  problem: Problem,
  row: Row,
  who: number,
  skill: Task['skill'],
  site: number,
  faults: Fault[],
): void {
  if (who < 0) return;
  const person = problem.workers[who];
  if (person === undefined || skill === null || !person.skills.has(skill)) {
    fault(faults, 'skill', [row.a.index], `person ${String(who)} cannot do it`);
  }
  if (siteDuring(person?.site, row.at.start, row.attEnd) !== site) {
    fault(faults, 'shift', [row.a.index], `person ${String(who)} is not there`);
  }
}

function checkStation(problem: Problem, row: Row, site: number, faults: Fault[]): void {
  const { a, at } = row;
  const one = [a.index];
  if ((a.station !== null) !== at.machine >= 0) fault(faults, 'station', one, 'not the station that it needs');
  if (a.at >= 0 && at.machine !== a.at) fault(faults, 'station', one, 'not the station that was named');
  if (at.machine < 0) return;
  const s = problem.machines[at.machine];
  if (s === undefined || s.kind !== a.station || s.site !== site || (a.ramp && !s.ramp) || s.lengthCm < a.lengthCm) {
    fault(faults, 'station', one, `station ${String(at.machine)} does not serve`);
  }
  for (let t = at.start; t < row.end; t++) {
    if (s?.closed[t] === 1) {
      fault(faults, 'closed', one, `station ${String(at.machine)} is closed`);
      return;
    }
  }
}

function checkChains(problem: Problem, schedule: Schedule, faults: Fault[]): void {
  for (const c of problem.chains) {
    for (let k = 1; k < c.acts.length; k++) {
      const a = problem.activities[c.acts[k] ?? -1];
      const prev = problem.activities[c.acts[k - 1] ?? -1];
      if (a === undefined || prev === undefined) continue;
      checkLag(schedule, prev, a, a.lagMin, a.lagMax, faults);
      for (const s of a.since) {
        const earlier = problem.activities[s.activity];
        if (earlier !== undefined) checkLag(schedule, earlier, a, s.min, s.max, faults);
      }
    }
  }
}

function checkLag(schedule: Schedule, x: Task, y: Task, min: number, max: number, faults: Fault[]): void {
  const from = schedule[x.index] ?? null;
  const to = schedule[y.index] ?? null;
  if (from === null || to === null || (x.fixed !== null && y.fixed !== null)) return;
  const lag = to.start - (from.start + x.duration);
  if (lag < 0) fault(faults, 'order', [x.index, y.index], 'starts before the step before it ends');
  else if (lag < min || (max >= 0 && lag > max)) {
    fault(faults, 'lag', [x.index, y.index], `${String(lag)} slots after, allowed ${String(min)} to ${String(max)}`);
  }
}

/** Conflicts between two placed activities. Two that really happened are taken as they were. */
function checkPairs(rows: readonly Row[], faults: Fault[]): void {
  const sorted = [...rows].sort((x, y) => x.at.start - y.at.start);
  const longest = Math.max(0, ...sorted.map((r) => r.a.duration + r.a.setup));
  for (let i = 0; i < sorted.length; i++) {
    const x = sorted[i] as Row;
    for (let j = i + 1; j < sorted.length; j++) {
      const y = sorted[j] as Row;
      if (y.at.start >= x.at.start + longest) break;
      if (x.a.fixed !== null && y.a.fixed !== null) continue;
      checkPair(x, y, faults);
    }
  }
}

function checkPair(x: Row, y: Row, faults: Fault[]): void {
  const both = [x.a.index, y.a.index];
  if (x.dog === y.dog && y.at.start < x.end) fault(faults, 'dogTwice', both, 'one dog, two places');
  const shared = [x.at.worker, x.at.second].some((p) => p >= 0 && (p === y.at.worker || p === y.at.second));
  if (shared && y.at.start < x.attEnd && y.attEnd > y.at.start)
    fault(faults, 'personTwice', both, 'one person, two dogs');
  if (x.at.machine >= 0 && x.at.machine === y.at.machine) {
    const clean = x.dog === y.dog ? 0 : x.a.setup;
    if (y.at.start < x.end + clean) fault(faults, 'stationTwice', both, 'not free and clean yet');
  }
}

function checkDays(problem: Problem, rows: readonly Row[], faults: Fault[]): void {
  const day = (slot: number): number => problem.dayStarts.findLastIndex((s) => s <= slot);
  const sums = new Map<string, { sum: number; cap: number; rule: RuleCode; ids: number[]; free: boolean }>();
  const bump = (key: string, by: number, cap: number, rule: RuleCode, row: Row): void => {
    if (by === 0) return;
    const s = sums.get(key) ?? { sum: 0, cap, rule, ids: [], free: false };
    s.sum += by;
    s.ids.push(row.a.index);
    // A limit that what really happened has already passed is nobody's fault.
    s.free ||= row.a.fixed === null;
    sums.set(key, s);
  };
  for (const row of rows) {
    const d = String(day(row.at.start));
    if (row.a.strains) {
      bump(`dog ${String(row.dog)} ${d}`, row.a.duration, problem.jobs[row.dog]?.strainCap ?? 0, 'standing', row);
    }
    for (const who of [row.at.worker, row.at.second]) {
      if (who >= 0)
        bump(
          `noise ${String(who)} ${d}`,
          row.a.exposure * row.a.attended,
          problem.workers[who]?.exposureCap ?? 0,
          'personLimit',
          row,
        );
    }
    if (row.a.precision > 0 && row.at.worker >= 0) {
      bump(
        `cut ${String(row.at.worker)} ${d}`,
        row.a.precision * row.a.attended,
        problem.workers[row.at.worker]?.precisionCap ?? 0,
        'personLimit',
        row,
      );
    }
  }
  for (const [key, s] of sums) {
    if (s.free && s.sum > s.cap) fault(faults, s.rule, s.ids, `${key}: ${String(s.sum)}, allowed ${String(s.cap)}`);
  }
}

function checkCircuits(problem: Problem, rows: readonly Row[], faults: Fault[]): void {
  problem.supplies.forEach((limit, k) => {
    const on = rows.filter((r) => r.a.demand > 0 && problem.machines[r.at.machine]?.supply === k);
    for (const r of on) {
      const at = on.filter((o) => o.at.start <= r.at.start && o.end > r.at.start);
      const load = at.reduce((sum, o) => sum + o.a.demand, 0);
      if (load > limit && at.some((o) => o.a.fixed === null)) {
        fault(
          faults,
          'circuit',
          at.map((o) => o.a.index),
          `${ampsOf(load)} A on a circuit of ${ampsOf(limit)} A`,
        );
      }
    }
  });
}

const ampsOf = (demand: number): string => String(demand / DEMAND_PER_AMP);

function fault(faults: Fault[], rule: RuleCode, activities: readonly number[], detail: string): void {
  faults.push({ rule, activities, detail });
}
