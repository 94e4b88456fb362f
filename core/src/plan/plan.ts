/*
 * A plan as it leaves the planner: ids and instants instead of indexes and slots, every item with its reason as data.
 * This is what is saved, published, exported and put into words.
 */
import type { CircuitId, DogId, EntryId, PersonId, StationId, TaskKey } from '../units/ids.js';
import type { Instant, LocalDay } from '../time/localDay.js';
import type { Flank, StationKind, StepId } from '../kennel/vocabulary.js';
import type { DropReason, ProgramNote } from '../programs/dogProgram.js';
import type { ChainWay } from './assemble/ways.js';
import type { Blocker } from './explain/explain.js';
import type { HandOverCause } from './explain/handedOver.js';
import type { ChainKind } from './problem.js';

/** Another task named by a reason: "Asta has Tolle until then". */
export interface TaskName {
  readonly key: TaskKey;
  readonly dogId: DogId;
  readonly step: StepId;
  readonly personId: PersonId | null;
  readonly until: Instant;
}

/** Why a placed activity sits where it sits. Closed set; words are made at the edge. */
export type Reason =
  | { readonly code: 'done' | 'running' | 'pinned' | 'atAim' | 'overdue' | 'alone' | 'evenDays' }
  | { readonly code: 'follows' }
  | { readonly code: 'sameHands'; readonly personId: PersonId | null }
  | {
      readonly code: 'blocked';
      readonly by: Blocker;
      readonly towards: 'earlier' | 'later';
      readonly heldBy: TaskName | null;
    }
  | { readonly code: 'blockedTwice'; readonly by: readonly [Blocker, Blocker]; readonly towards: 'earlier' | 'later' };

/** One change that would give an entry its place. */
export type Remedy =
  | {
      readonly code: 'otherHandler';
      readonly entryId: EntryId;
      readonly handlerId: PersonId;
      readonly otherId: PersonId;
      readonly rivalDogId: DogId | null;
      readonly rivalEntryId: EntryId | null;
    }
  | { readonly code: 'stay'; readonly personId: PersonId; readonly until: Instant; readonly minutes: number }
  /** `to`: when the break could be instead; plans of earlier versions do not say it. */
  | { readonly code: 'moveBreak'; readonly personId: PersonId; readonly from: Instant; readonly to?: Instant }
  /** Somebody who is away that day comes after all. */
  | { readonly code: 'present'; readonly personId: PersonId; readonly day: LocalDay }
  | { readonly code: 'beginEarlier'; readonly personId: PersonId; readonly from: Instant; readonly minutes: number }
  /** A circuit that carries so many amperes, instead of those it has. */
  | { readonly code: 'moreAmps'; readonly circuitId: CircuitId; readonly amps: number; readonly present: number }
  /** A task that a lead has set stands in the way. */
  | { readonly code: 'unpin'; readonly key: TaskKey; readonly step: StepId; readonly start: Instant }
  | { readonly code: 'openStation'; readonly stationId: StationId; readonly from: Instant }
  | { readonly code: 'freePerson'; readonly personId: PersonId }
  | { readonly code: 'moreStanding' }
  | { readonly code: 'extraStation'; readonly kind: StationKind }
  | { readonly code: 'without'; readonly dogId: DogId };

/** Why an entry, or a round of keep-up work, has no place. */
export interface WhyNot {
  readonly code:
    | 'needsOther'
    | 'noSkill'
    | 'notPracticed'
    | 'noTool'
    | 'windowPast'
    /** In all the time of the step nobody with its skill is where the dog is, or there is no place of its kind there. */
    | 'nobodyThere'
    | 'noStationThere'
    /** It would have its place if the dog were in the kennel's care all the time. */
    | 'dogNotHere'
    | 'noPlace'
    /** Not looked into while the plan was made; `chainWhy` answers it by itself. */
    | 'notAsked';
  readonly remedies: readonly Remedy[];
  /** Where no single change helps: changes that help only together; absent where there are none. */
  readonly together?: readonly Remedy[];
}

/** Who should have kept a task, and what keeps them from it. */
export interface HandOver {
  readonly from: PersonId;
  readonly cause: HandOverCause;
  readonly heldBy: TaskName | null;
}

/** A task with its place: start, who, where, until when, minutes it may take, and why it is not elsewhere. */
export interface PlannedActivity {
  readonly key: TaskKey;
  readonly kind: ChainKind;
  readonly dogId: DogId;
  /** The entry that it readies; null for keep-up work. */
  readonly entryId: EntryId | null;
  readonly step: StepId;
  /** Of work that goes flank by flank: which of the two. */
  readonly flank?: Flank;
  readonly state: 'done' | 'running' | 'planned';
  readonly start: Instant;
  readonly end: Instant;
  /** Until when somebody is needed; the dog may rest alone after it. */
  readonly attendedUntil: Instant;
  readonly people: readonly PersonId[];
  readonly stationId: StationId | null;
  /** Middle estimate of the attended minutes, 20th and 80th percentile. */
  readonly minutes: {
    readonly middle: number;
    readonly p20: number;
    readonly p80: number;
    /** Middle estimate before this dog's own pace, and the finished tasks that its pace rests on. */
    readonly usual: number;
    readonly logs: number;
  };
  readonly aim: Instant;
  /** It must follow work that is running within a short time, so its own slack says nothing of the chain's. */
  readonly bound: boolean;
  /** Latest start with which the chain can still be finished, other dogs as they are; null for done work. */
  readonly latest: Instant | null;
  readonly reason: Reason;
  /** Why somebody else than the one who does most of this work has it; absent where nobody hands over, or nothing forces it. */
  readonly handedOver?: HandOver;
}

/** A step that waits because its entry has no place: drawn pale, where it should be. */
export interface WaitingStep {
  readonly key: TaskKey;
  readonly step: StepId;
  readonly aim: Instant;
  readonly blocked: boolean;
}

/** An entry's or a dog's work that has no place, and why. */
export interface UnplacedChain {
  readonly key: string;
  readonly kind: ChainKind;
  readonly dogId: DogId;
  readonly entryId: EntryId | null;
  /** First step that finds no place, when one can be named. */
  readonly step: StepId | null;
  readonly reason: WhyNot;
  readonly waiting: readonly WaitingStep[];
}

/** A step that drops out of a dog's work, with the reason. */
export interface LeftOut {
  readonly dogId: DogId;
  readonly entryId: EntryId | null;
  readonly step: StepId;
  readonly why: DropReason;
}

/** An unusual way of an entry's work, taken so that its dog has a place. */
export type WayNote =
  | { readonly code: 'bathAtSite'; readonly when: 'dayBefore' | 'morning' }
  /** Two people lift the dog into the tub. */
  | { readonly code: 'liftedByTwo' }
  /** Dried with the force dryer at once; misted and straightened with heat later. */
  | { readonly code: 'heatLater' }
  /** A step comes so many days before, or after, the days that are wanted for it. */
  | {
      readonly code: 'windowGave';
      readonly step: StepId;
      readonly towards: 'earlier' | 'later';
      readonly days: number;
    };

/** A caution about a dog's work for an entry. */
export interface PlanNote {
  readonly dogId: DogId;
  readonly entryId: EntryId;
  readonly note: ProgramNote | WayNote;
}

/** Work with a long lead: a date, not a slot. */
export interface CalendarItem {
  readonly dogId: DogId;
  readonly entryId: EntryId;
  readonly step: StepId;
  readonly day: LocalDay;
}

/** How likely an entry is to be ready, and the task that most often makes it late. */
export interface EntryOdds {
  readonly entryId: EntryId;
  /** Share of the plays in which it leaves, and is in the ring, in time; 0 to 1. */
  readonly ready: number;
  readonly breaks: TaskKey | null;
}

/** No plan can do better than this. */
export interface PlanBound {
  /** Show entries that have a place when they are alone, of all. */
  readonly ready: number;
  readonly of: number;
  readonly cost: number;
}

/** A plan: tasks in order of time, what has no place, what was left out, notes, odds; instants in UTC. */
export interface Plan {
  readonly format: 'loyal-mane-plan';
  readonly version: 1;
  /** The moment it was made for. */
  readonly now: Instant;
  readonly firstDay: LocalDay;
  readonly seed: number;
  readonly rounds: number;
  readonly inputHash: string;
  readonly libraryVersion: string;
  readonly cost: number;
  readonly activities: readonly PlannedActivity[];
  readonly unplaced: readonly UnplacedChain[];
  readonly leftOut: readonly LeftOut[];
  readonly calendar: readonly CalendarItem[];
  readonly notes: readonly PlanNote[];
  /** Work that is not done in the usual way; absent in plans of earlier versions. */
  readonly ways?: readonly ChainWay[];
  /** Computed when asked for; plans of earlier versions have neither. */
  readonly odds?: readonly EntryOdds[];
  readonly bound?: PlanBound;
  /** Version of the kennel's methods it was made with; 0 = as the library has it. */
  readonly methods: number;
}

/** The difference between one plan and the next. Its inverse swaps added with removed and the pairs. */
export interface PlanChange {
  readonly added: readonly TaskKey[];
  readonly removed: readonly TaskKey[];
  readonly updated: readonly { readonly key: TaskKey; readonly from: PlannedActivity; readonly to: PlannedActivity }[];
}

/** Compares two plans by task key. Time, people and place count; reasons do not. Done work is left aside. */
export function comparePlans(before: Plan | null, after: Plan): PlanChange {
  const old = new Map((before?.activities ?? []).map((a) => [a.key, a]));
  const added: TaskKey[] = [];
  const updated: { key: TaskKey; from: PlannedActivity; to: PlannedActivity }[] = [];
  for (const to of after.activities) {
    const from = old.get(to.key);
    old.delete(to.key);
    if (from === undefined) added.push(to.key);
    else if (to.state === 'planned' && !samePlace(from, to)) updated.push({ key: to.key, from, to });
  }
  const removed = [...old.values()].filter((a) => a.state === 'planned' && a.end > after.now).map((a) => a.key);
  return { added, removed, updated };
}

function samePlace(x: PlannedActivity, y: PlannedActivity): boolean {
  return x.start === y.start && x.stationId === y.stationId && x.people.join() === y.people.join();
}
