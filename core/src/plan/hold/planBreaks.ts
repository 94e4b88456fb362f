/*
 * The plan that people work by, held against the kennel as it is now: the tasks that no longer hold, and by whose hands. The same
 * validator that looked at the plan when it was made looks again, and the plan is played on from this moment, so that lateness that its slack
 * still carries is nobody's trouble.
 */
import type { Assignment, Schedule } from '@loyal-mane/engine';
import { playOdds } from '@loyal-mane/engine';
import type { KennelFile } from '../../kennel/kennelFile.js';
import type { StepId } from '../../kennel/vocabulary.js';
import type { CareLibrary } from '../../programs/careLibrary.js';
import type { Instant } from '../../time/localDay.js';
import { msToInstant } from '../../time/zone.js';
import type { DogId, EntryId, PersonId, StationId, TaskKey } from '../../units/ids.js';
import type { Assembled } from '../assemble/assemble.js';
import { makePlanInput } from '../assemble/planInput.js';
import { DEADLINES, playedAsPlanned } from '../measure/measure.js';
import { assembledFor, personId, scheduleOf } from '../placedPlan.js';
import type { Plan, TaskName } from '../plan.js';
import type { Chain, Problem, Task } from '../problem.js';
import type { Fault, RuleCode } from '../validate/validatePlan.js';
import { validatePlan } from '../validate/validatePlan.js';

/** How a planned task can stop holding. Words are made at the edge. */
export const BREAK_CODES = [
  /** As work stands, the dog will not leave, or be at the gate or in the ring, in time. */
  'late',
  /** It ends after it must, or begins before it may: a ring, a departure or a rule was changed. */
  'tooLate',
  'tooEarly',
  /** A lead has set it at another time since. */
  'set',
  /** It had to follow the step before it sooner: a wet dog waits. */
  'gap',
  /** Its person is not there then. */
  'away',
  /** Its person may not do it, or another handler was named. */
  'cannot',
  'closed',
  /** Its station does not serve, or stands elsewhere. */
  'station',
  'amperes',
  'onTheRoad',
  /** Two tasks for one person, dog or station. */
  'twice',
  /** The dog would stand, or the person scissor or hear noise, longer than a day allows. */
  'limit',
  /** Work that the dog needs now and that the plan does not have. */
  'missing',
] as const;
/** One of `BREAK_CODES`. */
export type BreakCode = (typeof BREAK_CODES)[number];

/** A task of the plan in force that no longer holds, or one that it lacks. */
export interface PlanBreak {
  readonly code: BreakCode;
  readonly key: TaskKey;
  readonly dogId: DogId;
  readonly entryId: EntryId | null;
  readonly step: StepId;
  /** Planned start and end; null for work that the plan does not have. */
  readonly start: Instant | null;
  readonly end: Instant | null;
  /** The moment that is missed: by when it must end, from when it may begin, since when the dog waits. */
  readonly mark: Instant | null;
  readonly personId: PersonId | null;
  readonly stationId: StationId | null;
  /** The other task where two want one person, dog or station. */
  readonly other: TaskName | null;
}

/** A break with the change of the kennel that made it, where one is known. */
export interface ToldBreak extends PlanBreak {
  readonly since: { readonly at: Instant; readonly actorId: PersonId | null } | null;
}

/** Rounding of windows and minutes between one moment and the next, in slots. */
const ROUNDING = 1;
/** Slots that a dog may wait past the lag before it is said: work that ends early is not trouble yet. */
const GAP_GRACE = 3;

/** Tasks of a plan that no longer hold at a moment, in order of time; empty while all of it holds. */
export function planBreaks(kennel: KennelFile, library: CareLibrary, plan: Plan, nowMs: number): PlanBreak[] {
  // A pace that was learned overnight changes what is expected, not what was planned.
  const assembled = assembledFor({ ...makePlanInput(kennel, library, nowMs), keepsMinutes: true }, plan);
  return new Holding(assembled, scheduleOf(assembled, plan)).breaks();
}

/** A plan in the problem of the present moment. */
class Holding {
  private readonly assembled: Assembled;
  private readonly schedule: Schedule;
  private readonly problem: Problem;
  private readonly found = new Map<string, PlanBreak>();
  /** Chains of dogs that wait: all that follows is late by that alone. */
  private readonly waiting = new Set<number>();

  constructor(assembled: Assembled, schedule: Schedule) {
    this.assembled = assembled;
    this.problem = assembled.problem;
    this.schedule = schedule;
  }

  breaks(): PlanBreak[] {
    this.readGaps();
    for (const fault of validatePlan(this.problem, this.schedule)) this.readFault(fault);
    for (const chain of this.problem.chains) this.readWindows(chain);
    this.readMissing();
    this.readLateness();
    return [...this.found.values()].sort((x, y) => (x.start ?? '').localeCompare(y.start ?? ''));
  }

  private readFault(fault: Fault): void {
    const code = codeOf(fault.rule);
    // Work that runs over, or has not begun yet, pushes what follows: the play tells whether that still does.
    const drifts = fault.activities.some((i) => !this.isOpen(i) || this.isBehind(i));
    if (code === null || (drifts && (PUSHED.has(fault.rule) || fault.activities.length === 1))) return;
    for (const i of fault.activities) {
      const other = code === 'twice' ? (fault.activities.find((k) => k !== i) ?? -1) : -1;
      if (this.isOpen(i) && !this.isBehind(i)) this.add(this.activity(i), code, null, other);
    }
  }

  private readWindows(chain: Chain): void {
    for (const i of chain.acts) {
      const a = this.activity(i);
      const place = this.schedule[i] ?? null;
      if (place === null || !this.isOpen(i) || this.isBehind(i)) continue;
      if (place.start + a.duration > a.latestEnd + ROUNDING) {
        this.add(a, a.pinned === null ? 'tooLate' : 'set', a.pinned === null ? a.latestEnd : a.earliestStart);
      } else if (place.start < this.earliestOf(a) - ROUNDING) {
        this.add(a, a.pinned === null ? 'tooEarly' : 'set', this.earliestOf(a));
      }
    }
  }

  /** Slot from which a task may begin by its own rules: what has not been done yet before it moves it no further. */
  private earliestOf(a: Task): number {
    if (a.pinned !== null) return a.earliestStart;
    const draft = this.assembled.drafts[a.chain]?.steps.find((s) => s.key === a.key);
    return draft === undefined ? a.earliestStart : this.assembled.input.grid.slotOf(draft.fromMs, 'floor');
  }

  /** Work that had to follow sooner upon what really happened. */
  private readGaps(): void {
    for (const chain of this.problem.chains) {
      chain.acts.forEach((i, k) => {
        const a = this.activity(i);
        const before = chain.acts[k - 1];
        const prev = before === undefined ? null : this.activity(before);
        const place = this.schedule[i] ?? null;
        if (prev?.fixed == null || place === null || !this.isOpen(i)) return;
        const end = prev.fixed.start + prev.duration;
        const waits = place.start - end;
        const isOver = a.overdue && place.start > this.problem.now + GAP_GRACE;
        if (isOver || (a.lagMax >= 0 && waits > a.lagMax + GAP_GRACE)) {
          this.add(a, 'gap', end);
          this.waiting.add(a.chain);
        }
      });
    }
  }

  /** Steps that came to a dog's work since, as a mat that was found. */
  private readMissing(): void {
    for (const chain of this.problem.chains) {
      if (chain.kind !== 'show' || !chain.acts.some((i) => this.isOpen(i) && this.schedule[i] != null)) continue;
      for (const i of chain.acts) if (this.isOpen(i) && this.schedule[i] == null) this.add(this.activity(i), 'missing');
    }
  }

  /** Plays on from now with the minutes that are expected, and says which chains miss their dates. */
  private readLateness(): void {
    const { problem, schedule } = this;
    // A ride or a ring whose time is over has happened, whether or not somebody recorded it.
    const seen = problem.with({
      activities: problem.activities.map((a) => {
        const place = schedule[a.index] ?? null;
        const isSeen = place !== null && a.fixed === null && DEADLINES.has(a.step) && a.latestEnd <= problem.now;
        return isSeen ? a.fixedAt(place) : a;
      }),
    });
    const odds = playOdds(seen, schedule, playedAsPlanned(this.assembled, problem.now));
    for (const chain of problem.chains) {
      const last = odds.breaks[chain.index] ?? -1;
      if (chain.kind !== 'show' || last < 0 || !(odds.ready[chain.index] === 0) || this.hasBreak(chain)) continue;
      const a = this.activity(last);
      this.add(a, 'late', a.latestEnd);
    }
  }

  private hasBreak(chain: Chain): boolean {
    return chain.acts.some((i) => this.found.has(this.activity(i).key));
  }

  private activity(index: number): Task {
    const a = this.problem.activities[index];
    if (a === undefined) throw new Error(`planBreaks: no activity ${String(index)}`);
    return a;
  }

  /** Neither begun nor done. */
  private isOpen(index: number): boolean {
    return this.activity(index).fixed === null;
  }

  /** Planned to have begun by now. */
  private isBehind(index: number): boolean {
    return (this.schedule[index]?.start ?? this.problem.now) < this.problem.now;
  }

  /** A task's first break is told; `mark` is a slot, `other` the index of a task. */
  private add(a: Task, code: BreakCode, mark: number | null = null, other = -1): void {
    if (this.found.has(a.key) || this.waiting.has(a.chain)) return;
    const { input, drafts } = this.assembled;
    const place = this.schedule[a.index] ?? null;
    const draft = drafts[a.chain];
    if (draft === undefined) return;
    const at = (slot: number): Instant => msToInstant(input.grid.msOf(slot));
    const who = place === null ? -1 : this.concerned(a, place, code);
    const person = who < 0 ? null : personId(this.assembled, who);
    this.found.set(a.key, {
      code,
      key: a.key,
      dogId: draft.dogId,
      entryId: draft.entryId,
      step: a.step,
      start: place === null ? null : at(place.start),
      end: place === null ? null : at(place.start + a.duration),
      mark: mark === null ? null : at(mark),
      personId: person,
      stationId: place === null ? null : (input.units[place.machine]?.id ?? null),
      other: other < 0 ? null : this.nameOf(other),
    });
  }

  /** Whom a break is about: of two people the second where the first is there all the while. */
  private concerned(a: Task, place: Assignment, code: BreakCode): number {
    if (code !== 'away' || place.second < 0) return place.worker;
    const { workers, jobs, chains } = this.problem;
    const dog = jobs[chains[a.chain]?.job ?? -1]?.site;
    const slots = Array.from({ length: a.attended }, (_, k) => place.start + k);
    const isThere = slots.every((t) => workers[place.worker]?.site[t] === dog?.[t]);
    return isThere ? place.second : place.worker;
  }

  private nameOf(index: number): TaskName | null {
    const a = this.activity(index);
    const place = this.schedule[index] ?? null;
    const draft = this.assembled.drafts[a.chain];
    if (place === null || draft === undefined) return null;
    const person = place.worker < 0 ? null : personId(this.assembled, place.worker);
    const until = msToInstant(this.assembled.input.grid.msOf(place.start + a.duration));
    return { key: a.key, dogId: draft.dogId, step: a.step, personId: person, until };
  }
}

/** Rules that lateness alone can break for a while. */
const PUSHED: ReadonlySet<RuleCode> = new Set([
  'order',
  'lag',
  'personTwice',
  'stationTwice',
  'dogTwice',
  'shift',
  'transit',
  'closed',
  'circuit',
]);

/** The code of a broken rule; null for those that are read more exactly here. */
function codeOf(rule: RuleCode): BreakCode | null {
  switch (rule) {
    case 'shift':
      return 'away';
    case 'people':
    case 'skill':
      return 'cannot';
    case 'closed':
      return 'closed';
    case 'station':
      return 'station';
    case 'circuit':
      return 'amperes';
    case 'transit':
      return 'onTheRoad';
    case 'personTwice':
    case 'dogTwice':
    case 'stationTwice':
    case 'order':
      return 'twice';
    case 'standing':
    case 'personLimit':
      return 'limit';
    case 'window':
    case 'whole':
    case 'needs':
    case 'lag':
    case 'fixed':
      return null;
  }
}
