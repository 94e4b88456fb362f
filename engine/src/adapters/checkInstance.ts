/*
 * An independent look at a plan for a neutral instance: written from the rules, it shares nothing with the fitter. Each
 * broken rule is named by its number; the cost is added up from the places alone.
 */
import type { InstanceActivity, KennelInstance } from './kennelInstance.js';

/** A plan as rows of [activity, start, person, second person, station]; -1 = nobody, nothing. */
export interface InstancePlan {
  readonly starts: readonly (readonly number[])[];
}

/** The checker's finding: broken rules, entries that are ready, and the cost by the instance's own weights. */
export interface CheckedPlan {
  /** Broken rules, `R1` to `R15`, with the activity, person or station that they concern. */
  readonly faults: readonly string[];
  readonly cost: number;
  /** Entries that are ready. */
  readonly ready: number;
}

interface Placed {
  readonly a: InstanceActivity;
  readonly start: number;
  readonly end: number;
  readonly busyUntil: number;
  readonly people: readonly number[];
  readonly first: number;
  readonly station: number;
}

/** Checks a plan against every rule and adds up what it costs. */
export function checkInstancePlan(instance: KennelInstance, plan: InstancePlan): CheckedPlan {
  const checker = new Checker(instance);
  checker.read(plan);
  checker.windowsAndPeople();
  checker.chains();
  checker.personRules();
  checker.stationRules();
  checker.dogRules();
  return { faults: checker.faults, cost: checker.cost(), ready: checker.readyEntries().size };
}

class Checker {
  readonly faults: string[] = [];
  private readonly instance: KennelInstance;
  private readonly placed = new Map<number, Placed>();

  constructor(instance: KennelInstance) {
    this.instance = instance;
  }

  private fail(rule: number, what: string): void {
    this.faults.push(`R${rule} ${what}`);
  }

  read(plan: InstancePlan): void {
    const { activities, persons, stations } = this.instance;
    for (const row of plan.starts) {
      const [id = -1, start = 0, first = -1, second = -1, station = -1] = row;
      const a = activities[id];
      const known = first < persons.length && second < persons.length && station < stations.length;
      if (row.length !== 5 || !row.every(Number.isInteger) || a === undefined || !known || this.placed.has(id)) {
        this.fail(1, `row ${JSON.stringify(row)}`);
        continue;
      }
      const people = [first, second].filter((p) => p >= 0);
      this.placed.set(id, { a, start, end: start + a.dur, busyUntil: start + a.att, people, first, station });
      if (a.skill >= 0 !== first >= 0 || a.skill2 >= 0 !== second >= 0) this.fail(6, `activity ${id}: people`);
      if (second >= 0 && !has(persons[second]?.skills, a.skill2))
        this.fail(6, `activity ${id}: second lacks the skill`);
    }
  }

  /** R2, R6, R7, R10, R15, and where dog, people and station are. */
  windowsAndPeople(): void {
    const { activities, persons, stations, entries, dogs, days } = this.instance;
    for (const [id, x] of this.placed) {
      const { a } = x;
      if (x.start < a.est || x.end > a.let || x.end > (days.at(-1) ?? 0)) this.fail(2, `activity ${id}`);
      if (x.first >= 0 && !has(persons[x.first]?.skills, a.skill)) this.fail(6, `activity ${id}: lacks the skill`);
      if (new Set(x.people).size < x.people.length) this.fail(6, `activity ${id}: one person twice`);
      const dogSite = this.siteOf(dogs[entries[a.entry]?.dog ?? -1]?.trips ?? [], x.start, x.end);
      if (dogSite === null) this.fail(13, `activity ${id}: on the road`);
      for (const p of x.people) if (!this.serves(p, x, dogSite)) this.fail(7, `activity ${id}: person ${p}`);
      const s = stations[x.station];
      if (a.kind >= 0 !== (s !== undefined)) this.fail(10, `activity ${id}: station`);
      const shut = s?.closed.some(([from, to]) => x.start < to && from < x.end) ?? false;
      if (s !== undefined && (s.kind !== a.kind || s.site !== dogSite || shut)) this.fail(10, `activity ${id}`);
    }
    for (const a of activities) {
      const x = this.placed.get(a.id);
      const now = x === undefined ? [] : [x.start, x.first, x.people.find((p) => p !== x.first) ?? -1, x.station];
      if (a.fixed !== null && a.fixed.join() !== now.join()) this.fail(15, `activity ${a.id}`);
    }
  }

  private serves(p: number, x: Placed, dogSite: number | null): boolean {
    const person = this.instance.persons[p];
    if (person === undefined || dogSite === null) return false;
    const inShift = person.shifts.some(([from, , to]) => x.start >= from && x.busyUntil <= to);
    const onBreak = person.breaks.some(([from, to]) => x.start < to && from < x.busyUntil);
    return inShift && !onBreak && this.siteOf(person.trips, x.start, x.busyUntil) === dogSite;
  }

  /** Site of a traveler over [from, to); null on the road. */
  private siteOf(own: readonly number[], from: number, to: number): number | null {
    let site = 0;
    let since = -1;
    for (const k of own) {
      const [, there, depart, arrive] = this.instance.trips[k] ?? [0, 0, 0, 0];
      if (from < arrive && depart < to) return null;
      if (arrive <= from && arrive > since) {
        site = there;
        since = arrive;
      }
    }
    return site;
  }

  /** Entries whose mandatory activities are all placed. */
  readyEntries(): Set<number> {
    const { entries, activities } = this.instance;
    const ready = new Set<number>();
    entries.forEach((e, k) => {
      if (e.acts.every((i) => this.placed.has(i) || (activities[i]?.omit ?? -1) >= 0)) ready.add(k);
    });
    return ready;
  }

  /** R3, R4, R5. */
  chains(): void {
    const ready = this.readyEntries();
    this.instance.entries.forEach((e, k) => {
      const row = e.acts.flatMap((i) => this.placed.get(i) ?? []);
      if (!ready.has(k) && row.some((x) => x.a.fixed === null)) this.fail(3, `entry ${k}`);
      if (ready.has(k) && e.needs >= 0 && !ready.has(e.needs)) this.fail(4, `entry ${k}`);
      for (let n = 1; n < row.length; n++)
        if ((row[n]?.start ?? 0) < (row[n - 1]?.end ?? 0)) this.fail(5, `entry ${k}: order`);
      for (const [from, to, min, max] of e.lags) {
        const x = this.placed.get(from);
        const y = this.placed.get(to);
        if (x === undefined || y === undefined) continue;
        const gap = y.start - x.end;
        if (gap < min || (max >= 0 && gap > max)) this.fail(5, `entry ${k}: lag ${from} to ${to}`);
      }
    });
  }

  private day(slot: number): number {
    const { days } = this.instance;
    let k = 0;
    while (k + 2 < days.length && slot >= (days[k + 1] ?? 0)) k++;
    return k;
  }

  private byDay(list: readonly Placed[]): Map<number, Placed[]> {
    const days = new Map<number, Placed[]>();
    for (const x of list) {
      const day = this.day(x.start);
      days.set(day, [...(days.get(day) ?? []), x]);
    }
    return days;
  }

  /** R8, R9. */
  personRules(): void {
    this.instance.persons.forEach((person, p) => {
      const mine = this.sorted((x) => x.people.includes(p) && x.a.att > 0);
      for (let n = 1; n < mine.length; n++)
        if (mine.slice(0, n).some((x) => x.busyUntil > (mine[n]?.start ?? 0))) this.fail(8, `person ${p}`);
      for (const [, today] of this.byDay(mine)) {
        const noise = today.reduce((sum, x) => sum + x.a.noise * x.a.att, 0);
        const cut = today.reduce((sum, x) => sum + (x.first === p ? x.a.scissor * x.a.att : 0), 0);
        if (noise > person.noiseCap || cut > person.scissorCap) this.fail(9, `person ${p}`);
      }
    });
  }

  /** R11, R12. */
  stationRules(): void {
    const { stations, entries, circuits } = this.instance;
    const dogOf = (x: Placed): number => entries[x.a.entry]?.dog ?? -1;
    stations.forEach((_, s) => {
      const mine = this.sorted((x) => x.station === s);
      mine.forEach((x, n) => {
        const early = mine.slice(n + 1).some((y) => y.start < x.end + (dogOf(x) === dogOf(y) ? 0 : x.a.clean));
        if (early) this.fail(11, `station ${s}: activity ${x.a.id}`);
      });
    });
    circuits.forEach((c, k) => {
      const users = this.sorted((x) => x.a.amps > 0 && stations[x.station]?.circuit === k);
      for (const x of users) {
        const load = users.reduce((sum, y) => sum + (y.start <= x.start && x.start < y.end ? y.a.amps : 0), 0);
        if (load > c.amps) this.fail(12, `circuit ${k} at ${x.start}`);
      }
    });
  }

  /** R13, R14. */
  dogRules(): void {
    const { dogs, entries } = this.instance;
    dogs.forEach((dog, d) => {
      const mine = this.sorted((x) => entries[x.a.entry]?.dog === d);
      mine.forEach((x, n) => {
        if (mine.slice(n + 1).some((y) => y.start < x.end)) this.fail(13, `dog ${d}`);
      });
      for (const [, today] of this.byDay(mine.filter((x) => x.a.stand > 0)))
        if (today.reduce((sum, x) => sum + x.a.dur, 0) > dog.standCap) this.fail(14, `dog ${d}`);
    });
  }

  private sorted(which: (x: Placed) => boolean): Placed[] {
    return [...this.placed.values()].filter(which).sort((x, y) => x.start - y.start || x.a.id - y.a.id);
  }

  cost(): number {
    const { entries, activities, weights, persons } = this.instance;
    const ready = this.readyEntries();
    let cost = 0;
    entries.forEach((e, k) => {
      if (!ready.has(k)) {
        cost += e.cost;
        return;
      }
      let before: Placed | undefined;
      for (const i of e.acts) {
        const x = this.placed.get(i);
        if (x === undefined) {
          cost += activities[i]?.omit ?? 0;
          continue;
        }
        const off = x.start - x.a.aim;
        cost += off < 0 ? -off * x.a.early : off * x.a.late;
        if (before !== undefined && this.day(before.start) === this.day(x.start)) {
          if (x.first >= 0 && before.first >= 0 && x.first !== before.first) cost += weights.handover;
          if (x.station >= 0 && before.station >= 0 && x.station !== before.station) cost += weights.stationChange;
        }
        before = x;
      }
    });
    for (const x of this.placed.values()) {
      for (const p of x.people) {
        const shift = persons[p]?.shifts.find(([from, , to]) => x.start >= from && x.busyUntil <= to);
        if (shift !== undefined) cost += weights.overtime * Math.max(0, x.busyUntil - Math.max(x.start, shift[1]));
      }
    }
    return cost;
  }
}

function has(list: readonly number[] | undefined, item: number): boolean {
  return list?.includes(item) ?? false;
}
