/*
 * Problems with one thing different, to see whether that is what is in the way: somebody stays, a break is worked through, a
 * station is open, there is one more of a kind.
 */
import type { Schedule } from '@loyal-mane/engine';
import { SLOTS_A_DAY } from '@loyal-mane/engine';
import type { StationKind } from '../../kennel/vocabulary.js';
import type { Problem, ProblemPerson, ProblemStation, Task } from '../problem.js';

function withPerson(problem: Problem, p: number, person: ProblemPerson): Problem {
  return problem.with({ workers: problem.workers.map((x, k) => (k === p ? person : x)) });
}

/** The problem with a person staying so many slots after each shift, as overtime. */
export function stayLonger(problem: Problem, p: number, slots: number): Problem {
  const person = problem.workers[p] as ProblemPerson;
  const site = person.site.slice();
  const over = person.over.slice();
  for (const dayEnd of problem.dayStarts.slice(1)) {
    let last = dayEnd - 1;
    while (last > dayEnd - 288 && last >= 0 && person.site[last] === -1) last--;
    if (last <= dayEnd - 288 || last < 0) continue;
    for (let t = last + 1; t <= Math.min(last + slots, dayEnd - 1); t++) {
      site[t] = person.whereabouts?.[t] ?? person.site[last] ?? -1;
      over[t] = 1;
    }
  }
  return withPerson(problem, p, { ...person, site, over });
}

/** The problem with a person beginning so many slots before each shift, as overtime. */
export function beginEarlier(problem: Problem, p: number, slots: number): Problem {
  const person = problem.workers[p] as ProblemPerson;
  const site = person.site.slice();
  const over = person.over.slice();
  for (const dayStart of problem.dayStarts) {
    let first = dayStart;
    while (first < Math.min(dayStart + SLOTS_A_DAY, problem.horizon) && person.site[first] === -1) first++;
    if (person.site[first] === undefined || person.site[first] === -1) continue;
    for (let t = Math.max(dayStart, first - slots); t < first; t++) {
      // Who rides to the show begins at home.
      site[t] = person.whereabouts?.[t] ?? person.site[first] ?? -1;
      over[t] = 1;
    }
  }
  return withPerson(problem, p, { ...person, site, over });
}

/** The problem with a person there on the days on which they are away. */
export function present(problem: Problem, p: number): Problem {
  const person = problem.workers[p] as ProblemPerson;
  const { absent } = person;
  if (absent === undefined) return problem;
  return withPerson(problem, p, {
    ...person,
    site: person.site.map((here, t) => (here === -1 ? (absent[t] ?? -1) : here)),
  });
}

/** The problem with a circuit that carries whatever is asked of it. */
export function moreAmps(problem: Problem, supply: number): Problem {
  return problem.with({ supplies: problem.supplies.map((limit, k) => (k === supply ? ANY_DEMAND : limit)) });
}

const ANY_DEMAND = 1_000_000;

/** Longest gap in a shift that counts as a break, in slots. */
const LONGEST_BREAK = 12;

/** The problem with a person's breaks worked through: short gaps within a shift, at one site. */
export function withoutBreaks(problem: Problem, p: number): Problem {
  const person = problem.workers[p] as ProblemPerson;
  const site = person.site.slice();
  for (let t = 1; t < problem.horizon; t++) {
    const here = site[t - 1] ?? -1;
    if (site[t] !== -1 || here === -1) continue;
    let end = t;
    while (end < problem.horizon && site[end] === -1) end++;
    if (end - t <= LONGEST_BREAK && site[end] === here) site.fill(here, t, end);
    t = end;
  }
  return withPerson(problem, p, { ...person, site });
}

/** 1 where somebody of the crew closed a station: what a show's rules bar stays barred. */
function closedByUs(problem: Problem, s: number): Uint8Array {
  const { closed, barred } = problem.machines[s] as ProblemStation;
  return closed.map((c, t) => (barred[t] === 1 ? 0 : c));
}

/** A day on which the crew has a station closed: the station, and the first slot of that day that is closed. */
export interface ClosedDay {
  readonly station: number;
  readonly from: number;
}

/** Days with closed time, from now until a slot, of the stations that a chain's tasks could use. */
export function closedDays(problem: Problem, list: readonly Task[]): ClosedDay[] {
  const until = Math.max(...list.map((a) => a.latestEnd));
  return problem.machines.flatMap((s, station): ClosedDay[] => {
    if (!list.some((a) => a.station === s.kind)) return [];
    const closed = closedByUs(problem, station);
    return problem.dayStarts.slice(0, -1).flatMap((start, d): ClosedDay[] => {
      const end = Math.min(problem.dayStarts[d + 1] ?? problem.horizon, until);
      const from = closed.subarray(0, Math.max(0, end)).indexOf(1, Math.max(start, problem.now));
      return from < 0 ? [] : [{ station, from }];
    });
  });
}

/** The problem with a station open for the rest of the day that a slot is in, where a show’s rules do not bar it. */
export function openDay(problem: Problem, { station, from }: ClosedDay): Problem {
  const end = problem.dayStarts.find((t) => t > from) ?? problem.horizon;
  const machines = problem.machines.map((x, k) => {
    if (k !== station) return x;
    const closed = x.closed.slice();
    closed.set(x.barred.subarray(from, end), from);
    return { ...x, closed };
  });
  return problem.with({ machines });
}

/** The problem with a station open whenever a show’s rules do not bar it. */
export function openStation(problem: Problem, s: number): Problem {
  const stations = problem.machines.map((x, k) => (k === s ? { ...x, closed: x.barred } : x));
  return problem.with({ machines: stations });
}

/** One more station of a kind at every site that has one, on no circuit. */
export function extraStations(problem: Problem, kind: StationKind): Problem {
  const mine = problem.machines.filter((s) => s.kind === kind);
  const sites = [...new Set(mine.map((s) => s.site))];
  const added = sites.map((site): ProblemStation => ({
    name: kind,
    kind,
    site,
    supply: -1,
    ramp: true,
    lengthCm: Infinity,
    closed: new Uint8Array(problem.horizon + 1),
    barred: new Uint8Array(problem.horizon + 1),
  }));
  return problem.with({ machines: [...problem.machines, ...added] });
}

/** One more person with the skills and shifts of one person. */
export function extraPerson(problem: Problem, p: number): Problem {
  const twin = problem.workers.length;
  const activities = problem.activities.map((a) =>
    a.allowed?.includes(p) === true ? a.with({ allowed: [...a.allowed, twin] }) : a,
  );
  return problem.with({ workers: [...problem.workers, { ...(problem.workers[p] as ProblemPerson) }], activities });
}

/** The problem with dogs that stand as long as anybody likes. */
export function noStandingLimit(problem: Problem): Problem {
  return problem.with({ jobs: problem.jobs.map((d) => ({ ...d, strainCap: 10_000 })) });
}

/** The problem with a task let go that a lead has set. */
export function letGo(problem: Problem, index: number): Problem {
  const activities = problem.activities.map((a) => (a.index === index ? a.with({ ...a.pinned, pinned: null }) : a));
  return problem.with({ activities });
}

/** The problem with other people for whatever its handler alone may do in a dog's work; `shown` is the dog's ring. */
export function shownBy(
  problem: Problem,
  shown: Task,
  by: Pick<Task, 'only'> & Partial<Pick<Task, 'allowed'>>,
): Problem {
  const isTheirs = (a: Task): boolean => a.chain === shown.chain && a.only === shown.only && a.fixed === null;
  return problem.with({ activities: problem.activities.map((a) => (isTheirs(a) ? a.with(by) : a)) });
}

/** People who could show a dog instead of its handler. */
export function otherHandlers(problem: Problem, shown: Task): number[] {
  return problem.workers.flatMap((p, q) => (q !== shown.only && p.skills.has('ring') ? [q] : []));
}

/** The schedule without a chain, and without those that need it. */
export function without(problem: Problem, schedule: Schedule, chain: number): Schedule {
  const gone = new Set([chain, ...problem.chains.filter((c) => c.needs === chain).map((c) => c.index)]);
  return schedule.map((p, i) =>
    gone.has(problem.activities[i]?.chain ?? -1) && problem.activities[i]?.fixed === null ? null : p,
  );
}
