/*
 * Mending for whoever leads: where a lead would hand a new plan back, the dog's work is placed again with fewer people, with one
 * pair of scissors, at one table or with a walk in it, and stays so where nothing loses its place by it.
 */
import type { Schedule } from '@loyal-mane/engine';
import { WET_RUN } from '../../programs/stepGroups.js';
import { SLOT_MIN } from '../../time/slotGrid.js';
import type { Assembled } from '../assemble/assemble.js';
import { walkOf } from '../assemble/walks.js';
import { DEFAULT_LEAD_LIMITS } from '../measure/leadLimits.js';
import type { Problem, Task } from '../problem.js';
import { dayOfSlot } from '../problem.js';
import type { LeadFault, Placed } from './leadFaults.js';
import type { TriedInVain } from '../explain/handedOver.js';
import { attendedEnd, leadFaults, peopleAt } from './leadFaults.js';
import type { SearchResult } from './searchPlan.js';

/** A schedule of a problem, some chains of which are placed anew; everything else may make room. */
export type PlaceAnew = (problem: Problem, schedule: Schedule, chains: readonly number[]) => SearchResult;

/** So many changes are tried at most: each takes about as long as ten rounds of the search. */
const MOST_TRIALS = 80;
/** With more chains out than this the crew has too many dogs: who is ready matters then, and each trial takes long. */
const MOST_OUT = 8;
/** Of one fault so many are tried. */
const TRIALS_A_FAULT = 4;
/** Of a fault that mending another has made so many. */
const TRIALS_AFTER = 2;
/** Every mending moves what the next one can bring together: so often all that is left is looked at. */
const PASSES = 2;

/** Work that is moved to make a day lighter takes at least so many slots: half an hour. */
const LEAST_MOVED = 6;

/** Stricter forms of some tasks, by activity index. */
type Stricter = ReadonlyMap<
  number,
  Partial<Pick<Task, 'allowed' | 'seconds' | 'at' | 'lagMin' | 'since' | 'latestEnd'>>
>;

/** A result mended, and by activity index where one pair of hands was tried in vain. */
export interface Mended {
  readonly found: SearchResult;
  readonly inVain: ReadonlyMap<number, TriedInVain>;
}

/**
 * The result with fewer faults where some can be mended; no chain loses its place by it. `shouldStop` is asked between trials;
 * true ends it with what it has.
 */
export function mendedForLead(
  assembled: Assembled,
  found: SearchResult,
  placeAnew: PlaceAnew,
  shouldStop: () => boolean = () => false,
): Mended {
  if (found.unplaced.length > MOST_OUT) return { found, inVain: new Map() };
  const mending = new LeadMending(assembled, placeAnew, shouldStop);
  let now: Read = { found, faults: leadFaults(assembled, found.schedule) };
  for (let pass = 0; pass < PASSES; pass++) {
    const next = mending.passed(now);
    if (next === now) break;
    now = next;
  }
  return { found: { ...now.found, rounds: found.rounds }, inVain: mending.inVainOf(now.faults) };
}

/** A result with what a lead would say of it. */
interface Read {
  readonly found: SearchResult;
  readonly faults: readonly LeadFault[];
}

class LeadMending {
  private trials = 0;
  /** By name of a fault: what each trial of one pair of hands would have cost. */
  private readonly inVain = new Map<string, TriedInVain>();

  constructor(
    private readonly assembled: Assembled,
    private readonly placeAnew: PlaceAnew,
    private readonly shouldStop: () => boolean,
  ) {}

  /** Each fault looked at once; the same where none could be mended. */
  passed(before: Read): Read {
    let now = before;
    const seen = new Set<string>();
    for (;;) {
      const fault = now.faults.find((f) => !seen.has(nameOf(f)));
      if (fault === undefined || this.trials >= MOST_TRIALS || this.shouldStop()) return now;
      seen.add(nameOf(fault));
      now = this.mended(now, fault) ?? now;
    }
  }

  /** The first trial that leaves fewer faults; null where none does. */
  mended(now: Read, fault: LeadFault): Read | null {
    const trials = trialsOf(this.assembled, fault).slice(0, TRIALS_A_FAULT);
    let isOut = true;
    for (const keepsPeople of [true, false])
      for (const stricter of trials) {
        if (this.shouldStop()) return null;
        const tried = this.tried(now, stricter, keepsPeople);
        isOut &&= tried === null;
        if (tried === null) continue;
        const better = tried.faults.length < now.faults.length ? tried : this.followed(now, tried);
        if (better !== null) return better;
      }
    this.inVain.set(nameOf(fault), isOut ? 'elseOut' : 'elseWorse');
    return null;
  }

  /** By activity index: tasks of the hands that are still changed although one pair of them was tried. */
  inVainOf(faults: readonly LeadFault[]): Map<number, TriedInVain> {
    return new Map(
      faults.flatMap((f) => {
        const cost = f.kind === 'hands' ? this.inVain.get(nameOf(f)) : undefined;
        return cost === undefined ? [] : f.tasks.map(({ task }) => [task.index, cost] as const);
      }),
    );
  }

  /** A trial that mends one fault and makes another: that one is mended in turn, where it can be. */
  private followed(now: Read, tried: Read): Read | null {
    const known = new Set(now.faults.map(nameOf));
    const added = tried.faults.filter((f) => !known.has(nameOf(f)));
    if (tried.faults.length > now.faults.length || added.length !== 1) return null;
    for (const next of trialsOf(this.assembled, added[0] as LeadFault).slice(0, TRIALS_AFTER)) {
      const again = this.tried(tried, next, true);
      if (again !== null && again.faults.length < now.faults.length) return again;
    }
    return null;
  }

  /** A schedule with some tasks stricter; null where something that weighs more loses its place. */
  private tried(now: Read, stricter: Stricter, keepsPeople: boolean): Read | null {
    this.trials++;
    const found = tryStricter(this.assembled, now.found, stricter, keepsPeople, this.placeAnew);
    if (weightOut(this.assembled, found) > weightOut(this.assembled, now.found)) return null;
    return { found, faults: leadFaults(this.assembled, found.schedule) };
  }
}

/** The same for a fault that stays while others are mended. */
function nameOf({ kind, tasks }: LeadFault): string {
  // A day stays as busy whichever task it begins with.
  return kind === 'busyDay' ? kind : `${kind} ${tasks[0]?.task.key ?? ''}`;
}

function weightOut({ problem }: Assembled, { unplaced }: SearchResult): number {
  return unplaced.reduce((sum, c) => sum + (problem.chains[c]?.cost ?? 0), 0);
}

/** Chains with some tasks stricter placed again. Where the rest keeps its people, a walk does not cost a dog its finisher. */
function tryStricter(
  { problem }: Assembled,
  now: SearchResult,
  stricter: Stricter,
  keepsPeople: boolean,
  placeAnew: PlaceAnew,
): SearchResult {
  const chains = [...new Set([...stricter.keys()].map((i) => (problem.activities[i] as Task).chain))];
  // Later days of a show stand on the first: they are placed again with it.
  const moved = new Set([...chains, ...problem.chains.filter((c) => chains.includes(c.needs)).map((c) => c.index)]);
  const activities = problem.activities.map((a) => {
    if (!moved.has(a.chain) || a.fixed !== null) return a;
    const worker = now.schedule[a.index]?.worker ?? -1;
    const kept = worker < 0 || !keepsPeople ? {} : { allowed: [worker] };
    return a.with({ ...kept, ...stricter.get(a.index) });
  });
  return placeAnew(problem.with({ activities }), now.schedule, chains);
}

function trialsOf(assembled: Assembled, fault: LeadFault): Stricter[] {
  switch (fault.kind) {
    case 'crowded':
      return withFewer(assembled.problem, fault.tasks);
    case 'hands':
      return withOne(fault.tasks);
    case 'tables':
      return atFewerTables(fault.tasks);
    case 'longWork':
      return withWalk(assembled, fault.tasks);
    case 'brushedLongAgo':
      return soonBathed(fault.tasks);
    case 'busyDay':
      return theDayBefore(assembled.problem, fault.tasks);
    case 'unrested':
    case 'withoutCare':
      return [];
  }
}

/** Slots of work by whoever has it, the most first. */
function byWork(tasks: readonly Placed[], of: (p: Placed) => readonly number[]): number[] {
  const slots = new Map<number, number>();
  for (const p of tasks) for (const who of of(p)) slots.set(who, (slots.get(who) ?? 0) + p.task.attended);
  return [...slots.keys()].sort((x, y) => (slots.get(y) as number) - (slots.get(x) as number) || x - y);
}

function isFree({ task }: Placed): boolean {
  return task.fixed === null && task.only < 0 && task.pinned === null;
}

/** Tasks of others than these people given to them, where one of them can do it as well. */
function allowedTo(
  tasks: readonly Placed[],
  people: readonly number[],
  isAble: (task: Task, who: number) => boolean = () => true,
): Stricter {
  const changes = new Map<number, Partial<Pick<Task, 'allowed' | 'seconds'>>>();
  for (const { task, place } of tasks.filter(isFree)) {
    const able = (task.workers ?? []).filter((w) => people.includes(w) && isAble(task, w));
    const seconds = (task.secondWorkers ?? []).filter((w) => people.includes(w));
    changes.set(task.index, {
      ...(able.length === 0 || people.includes(place.worker) ? {} : { allowed: able }),
      ...(seconds.length === 0 || place.second < 0 ? {} : { seconds }),
    });
  }
  return changes;
}

/** Those who must be there, and as many more as a dog's day should have: whoever has most of it, then each of the others. */
function withFewer({ workers }: Problem, tasks: readonly Placed[]): Stricter[] {
  const bound = new Set(tasks.filter((p) => !isFree(p) || p.task.own === p.place.worker).flatMap(peopleAt));
  const others = byWork(tasks, peopleAt).filter((p) => !bound.has(p));
  const room = DEFAULT_LEAD_LIMITS.peopleADay - bound.size;
  // Work that finishers should do does not go to others for the sake of fewer people.
  const isAble = (task: Task, who: number): boolean =>
    task.preferred === null || workers[who]?.skills.has(task.preferred) === true;
  if (room <= 0) return [allowedTo(tasks, [...bound], isAble)];
  const most = others.slice(0, room - 1);
  return others.slice(room - 1).map((last) => allowedTo(tasks, [...bound, ...most, last], isAble));
}

/** One person for all of it: whoever has begun it, or has most of it, first. */
function withOne(tasks: readonly Placed[]): Stricter[] {
  const begun = tasks.filter((p) => p.task.fixed !== null).map((p) => p.place.worker);
  const people = [...new Set([...begun, ...byWork(tasks, ({ place }) => [place.worker])])];
  return people.map((p) => allowedTo(tasks, [p]));
}

/** Work at the least used tables goes to one of the others. */
function atFewerTables(tasks: readonly Placed[]): Stricter[] {
  const tables = byWork(tasks, ({ place }) => [place.machine]).slice(0, DEFAULT_LEAD_LIMITS.tablesADay);
  const moved = tasks.filter((p) => isFree(p) && !tables.includes(p.place.machine));
  return tables.map(
    (table) =>
      new Map(
        moved.flatMap(({ task }) =>
          task.machines?.includes(table) === true ? [[task.index, { at: table }] as const] : [],
        ),
      ),
  );
}

/** The bath as soon after the brush-out as a lead wants it; a brush-out that is done leaves that to the day. */
function soonBathed(tasks: readonly Placed[]): Stricter[] {
  const [brush, bath] = tasks.map((p) => p.task);
  if (brush === undefined || bath === undefined || brush.chain !== bath.chain || brush.fixed !== null) return [];
  const max = DEFAULT_LEAD_LIMITS.brushToBathMin / SLOT_MIN;
  return [new Map([[bath.index, { since: [...bath.since, { activity: brush.index, min: 0, max }] }]])];
}

/** One chain's work of a busy day done by the day before, the shortest first: the least that helps is moved. */
function theDayBefore(problem: Problem, tasks: readonly Placed[]): Stricter[] {
  const day = problem.dayStarts[dayOfSlot(problem, tasks[0]?.place.start ?? 0)] ?? 0;
  const byChain = new Map<number, Placed[]>();
  for (const p of tasks) byChain.set(p.task.chain, [...(byChain.get(p.task.chain) ?? []), p]);
  const slots = (list: readonly Placed[]): number => list.reduce((sum, p) => sum + p.task.attended, 0);
  // Bag and journey stay on their day.
  const canMove = ({ task }: Placed): boolean => task.pinned === null && task.earliestStart + task.duration <= day;
  return [...byChain.values()]
    .filter((list) => list.every(({ task }) => task.fixed === null))
    .map((list) => list.filter(canMove))
    .filter((list) => slots(list) >= LEAST_MOVED)
    .sort((x, y) => slots(x) - slots(y))
    .map((list) => new Map(list.map(({ task }) => [task.index, { latestEnd: day }])));
}

/** A pause before one of the steps, as late as the limit lets it be. */
function withWalk({ problem, input, drafts }: Assembled, tasks: readonly Placed[]): Stricter[] {
  const dogId = drafts[tasks[0]?.task.chain ?? -1]?.dogId;
  if (dogId === undefined) return [];
  const pause = Math.ceil(walkOf(input, dogId).min / SLOT_MIN);
  const places = tasks.flatMap(({ task }, k): Stricter[] => {
    const before = tasks[k - 1];
    const acts = problem.chains[task.chain]?.acts ?? [];
    const follows = before !== undefined && acts[acts.indexOf(task.index) - 1] === before.task.index;
    const mayWait = task.fixed === null && (task.lagMax < 0 || task.lagMax >= pause);
    if (!follows || !mayWait || WET_RUN.has(before.task.step) || tasks[k]?.place.start === attendedEnd(before) + pause)
      return [];
    return [new Map([[task.index, { lagMin: Math.max(task.lagMin, pause) }]])];
  });
  return places.reverse();
}
