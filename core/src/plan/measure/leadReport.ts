/*
 * A plan read as a lead handler reads it: how often it changes hands, tables and days without need, who rests too little,
 * which blade comes too long after the dry check. Computed from the finished plan alone; it never changes it.
 */
import type { KennelFile } from '../../kennel/kennelFile.js';
import type { WorkLimits } from '../../kennel/limits.js';
import { workLimits } from '../../kennel/limits.js';
import type { StepId } from '../../kennel/vocabulary.js';
import type { CareLibrary } from '../../programs/careLibrary.js';
import { DEFAULT_PUPPY_DAYS, coatClassOf } from '../../programs/dogFacts.js';
import { withKennelBreeds } from '../../programs/kennelBreeds.js';
import { addDays, daysBetween } from '../../time/localDay.js';
import type { LocalDay } from '../../time/localDay.js';
import { BATHS, BLADES, BRUSHED_THROUGH, BRUSH_OUTS, NO_WORK, WET_RUN } from '../../programs/stepGroups.js';
import { instantToMs, localDayOf, wallTimeOf } from '../../time/zone.js';
import type { DogId, PersonId } from '../../units/ids.js';
import type { Plan, PlannedActivity } from '../plan.js';
import { DEFAULT_LEAD_LIMITS } from './leadLimits.js';

/** Reasons for which a lead would hand a plan back; figures come last. */
export const LEAD_CODES = [
  'scissorHands',
  'peopleADay',
  'tablesADay',
  'bathers',
  'withoutCare',
  'dogRest',
  'personRest',
  'nightRest',
  'checkToBlade',
  'brushToBath',
  'departureTrim',
  'floorFinish',
  'needlessCare',
  'minutesOver',
  'busiestDay',
] as const;
/** One of `LEAD_CODES`. */
export type LeadCode = (typeof LEAD_CODES)[number];

/** One place where a plan would be handed back. */
export interface LeadExample {
  readonly dogId: DogId | null;
  readonly day: LocalDay;
  readonly people: readonly PersonId[];
  /** Minutes that are too long; null where it is not about time. */
  readonly minutes: number | null;
}

/** One line of the report. */
export interface LeadLine {
  readonly code: LeadCode;
  /** How often; of `minutesOver` percent above the estimates, of `busiestDay` the largest day over the mean, times 10. */
  readonly count: number;
  readonly examples: readonly LeadExample[];
}

const MINUTE_MS = 60_000;
const RING_FINISH: ReadonlySet<StepId> = new Set(['finish', 'tidies']);
const CHECKS: ReadonlySet<StepId> = new Set(['dryCheck', 'towelRelease']);
/** Steps planned with care, at the 80th percentile. */
const CAREFUL: ReadonlySet<StepId> = new Set([
  ...(['load', 'spotWash', 'touchUp', 'revive', 'finish', 'tidies', 'gate', 'winnersHold'] as const),
]);

/** A plan with what the rules below look up again and again. */
class Reading {
  readonly kennel: KennelFile;
  readonly library: CareLibrary;
  readonly plan: Plan;
  readonly tasks: readonly PlannedActivity[];
  readonly home: ReadonlySet<string>;
  readonly limits: WorkLimits;
  private readonly zone: string;

  constructor(kennel: KennelFile, library: CareLibrary, plan: Plan) {
    this.kennel = kennel;
    this.library = withKennelBreeds(library, kennel.breeds);
    this.plan = plan;
    this.zone = kennel.settings.timeZone;
    this.limits = workLimits(kennel.settings);
    this.tasks = [...plan.activities].sort((x, y) => x.start.localeCompare(y.start));
    const homes = new Set<string>(kennel.sites.filter((s) => s.home).map((s) => s.id));
    this.home = new Set(kennel.stations.filter((s) => homes.has(s.siteId)).map((s) => s.id as string));
  }

  day(a: PlannedActivity): LocalDay {
    return localDayOf(instantToMs(a.start), this.zone);
  }

  /** Tasks in order of time, by a key of theirs. */
  by(key: (a: PlannedActivity) => string, tasks = this.tasks): PlannedActivity[][] {
    const groups = new Map<string, PlannedActivity[]>();
    for (const a of tasks) {
      const list = groups.get(key(a));
      if (list === undefined) groups.set(key(a), [a]);
      else list.push(a);
    }
    return [...groups.values()];
  }

  dogDays(tasks = this.tasks): PlannedActivity[][] {
    return this.by((a) => `${a.dogId} ${this.day(a)}`, tasks);
  }

  /** Dog-days on which something is still to be done. */
  dogDaysAhead(tasks = this.tasks): PlannedActivity[][] {
    return this.dogDays(tasks).filter((list) => list.some((a) => a.state === 'planned'));
  }

  kindOf(stationId: string | null): string | null {
    return this.kennel.stations.find((s) => s.id === stationId)?.kind ?? null;
  }

  example(list: readonly PlannedActivity[], minutes: number | null = null): LeadExample {
    const first = list[0] as PlannedActivity;
    const people = [...new Set(list.flatMap((a) => a.people))];
    return { dogId: first.dogId, day: this.day(first), people, minutes };
  }
}

const startOf = (a: PlannedActivity): number => instantToMs(a.start);
const attendedEnd = (a: PlannedActivity): number => instantToMs(a.attendedUntil);
const attendedMin = (a: PlannedActivity): number => (attendedEnd(a) - startOf(a)) / MINUTE_MS;
const people = (list: readonly PlannedActivity[]): number => new Set(list.flatMap((a) => a.people)).size;
const firsts = (list: readonly PlannedActivity[]): number => new Set(list.flatMap((a) => a.people.slice(0, 1))).size;

/** Counts and examples of all that a lead would hand back, `LEAD_CODES` in order. */
export function leadReport(kennel: KennelFile, library: CareLibrary, plan: Plan): LeadLine[] {
  const r = new Reading(kennel, library, plan);
  return LEAD_CODES.map((code) => {
    const found = RULES[code](r);
    return Array.isArray(found) ? { code, count: found.length, examples: found } : { code, ...found };
  });
}

type Figure = Pick<LeadLine, 'count' | 'examples'>;

const RULES: Readonly<Record<LeadCode, (r: Reading) => LeadExample[] | Figure>> = {
  scissorHands: (r) => {
    const tasks = r.tasks.filter((a) => a.entryId !== null && (BLADES.has(a.step) || RING_FINISH.has(a.step)));
    return r.by((a) => a.entryId ?? '', tasks).flatMap((list) => changesHands(r, list));
  },
  peopleADay: (r) => {
    const tasks = r.tasks.filter((a) => !NO_WORK.has(a.step));
    return r.dogDaysAhead(tasks).flatMap((l) => (people(l) > DEFAULT_LEAD_LIMITS.peopleADay ? [r.example(l)] : []));
  },
  tablesADay: (r) =>
    r.dogDaysAhead().flatMap((list) => {
      const tables = new Set(list.flatMap((a) => (r.kindOf(a.stationId) === 'table' ? [a.stationId] : [])));
      return tables.size > DEFAULT_LEAD_LIMITS.tablesADay ? [r.example(list)] : [];
    }),
  bathers: (r) =>
    wetRuns(r).flatMap((run) => {
      return changesHands(r, run);
    }),
  withoutCare,
  dogRest: (r) => r.dogDaysAhead(r.tasks.filter((a) => !NO_WORK.has(a.step))).flatMap((l) => dogRest(r, l)),
  personRest,
  nightRest,
  checkToBlade,
  brushToBath: (r) =>
    r.dogDaysAhead().flatMap((list) => {
      const bath = list.find((a) => BATHS.has(a.step));
      if (bath === undefined) return [];
      const before = list.filter((a) => BRUSH_OUTS.has(a.step) && a.start < bath.start).at(-1);
      if (before === undefined) return [];
      const minutes = (startOf(bath) - instantToMs(before.end)) / MINUTE_MS;
      return minutes > DEFAULT_LEAD_LIMITS.brushToBathMin ? [r.example([before, bath], minutes)] : [];
    }),
  departureTrim: (r) =>
    r.tasks.flatMap((a) => {
      if (!BLADES.has(a.step) || !r.home.has(a.stationId ?? '')) return [];
      const leaves = r.kennel.transports.some((t) => t.day === r.day(a) && t.dogs.includes(a.dogId));
      return leaves ? [r.example([a])] : [];
    }),
  floorFinish,
  needlessCare: (r) =>
    r.dogDaysAhead().flatMap((list) => {
      const dog = r.kennel.dogs.find((d) => d.id === list[0]?.dogId);
      const through = list.some((a) => BRUSHED_THROUGH.has(a.step));
      return list.flatMap((a) =>
        a.state !== 'done' && ((through && a.step === 'keepUpBrush') || (a.step === 'wraps' && dog?.wrapped !== true))
          ? [r.example([a])]
          : [],
      );
    }),
  minutesOver: (r) => {
    const planned = r.tasks.filter((a) => a.state === 'planned' && a.step !== 'ring');
    const asked = planned.reduce((sum, a) => sum + (CAREFUL.has(a.step) ? a.minutes.p80 : a.minutes.middle), 0);
    const taken = planned.reduce((sum, a) => sum + attendedMin(a), 0);
    return { count: asked === 0 ? 0 : Math.round((taken / asked - 1) * 100), examples: [] };
  },
  busiestDay,
};

/** Counts only the work ahead: other hands than those that began, where nothing forces it. */
function changesHands(r: Reading, list: readonly PlannedActivity[]): LeadExample[] {
  const begun = new Set(list.filter((a) => a.state !== 'planned').flatMap((a) => a.people.slice(0, 1)));
  const ahead = list.filter((a) => a.state === 'planned');
  const free = ahead.filter((a) => a.handedOver === undefined);
  const others = free.some((a) => begun.size > 0 && !begun.has(a.people[0] as PersonId));
  return others || firsts(free) > 1 ? [r.example(list)] : [];
}

/** From bath to dry coat, each dog's runs of one day. */
function wetRuns(r: Reading): PlannedActivity[][] {
  return r.dogDays(r.tasks.filter((a) => WET_RUN.has(a.step)));
}

/** Days of the keep-up window, from today, on which a dog of the house has nothing at all. */
function withoutCare(r: Reading): LeadExample[] {
  const days = Array.from({ length: r.kennel.settings.keepUpDaysAhead }, (_, k) => addDays(r.plan.firstDay, k));
  const seen = new Set(r.tasks.map((a) => `${a.dogId} ${r.day(a)}`));
  return r.kennel.dogs
    .filter((d) => d.leftOn === undefined || d.leftOn > r.plan.firstDay)
    .flatMap((d) =>
      days
        .filter((day) => !seen.has(`${d.id} ${day}`) && (d.leftOn === undefined || day < d.leftOn))
        .map((day) => ({ dogId: d.id, day, people: [], minutes: null })),
    );
}

/**
 * The longest stretch of a dog's day without a pause. From the tub to the dry coat nothing is interrupted, and a single step is
 * not either: neither counts by itself.
 */
function dogRest(r: Reading, list: readonly PlannedActivity[]): LeadExample[] {
  const dog = r.kennel.dogs.find((d) => d.id === list[0]?.dogId);
  const isYoung = dog !== undefined && daysBetween(dog.born, r.plan.firstDay) < DEFAULT_PUPPY_DAYS;
  const { dogWorkMin, dogWalkMin, puppyWorkMin } = r.limits;
  // On the way to the ring a puppy's work is not split: the whole dog's limit holds there.
  const isMorning = list.some((a) => CAREFUL.has(a.step) && a.step !== 'load');
  const most = isYoung && !isMorning ? Math.min(dogWorkMin, puppyWorkMin) : dogWorkMin;
  let from = 0;
  let longest = 0;
  list.forEach((a, k) => {
    const before = list[k - 1];
    if (before === undefined || startOf(a) - attendedEnd(before) >= dogWalkMin * MINUTE_MS) from = startOf(a);
    const inRun = (b: PlannedActivity | undefined): boolean => b !== undefined && WET_RUN.has(b.step);
    const stretch = (attendedEnd(a) - from) / MINUTE_MS;
    if (!inRun(a) && !inRun(before) && stretch > attendedMin(a)) longest = Math.max(longest, stretch);
  });
  return longest > most ? [r.example(list, longest)] : [];
}

/** Days on which somebody works longer than is fair without a pause. */
function personRest(r: Reading): LeadExample[] {
  const { personWorkMin, personRestMin } = r.limits;
  return r.kennel.people.flatMap((p) => {
    const mine = r.tasks.filter((a) => a.people.includes(p.id));
    return r
      .by((a) => r.day(a), mine)
      .flatMap((list) => {
        let from = startOf(list[0] as PlannedActivity);
        let until = from;
        let longest = 0;
        for (const a of list) {
          if (startOf(a) - until >= personRestMin * MINUTE_MS) from = startOf(a);
          until = Math.max(until, attendedEnd(a));
          longest = Math.max(longest, until - from);
        }
        const minutes = longest / MINUTE_MS;
        return minutes > personWorkMin ? [{ ...r.example(list, minutes), people: [p.id], dogId: null }] : [];
      });
  });
}

/** Nights of a person that are shorter than the kennel allows. */
function nightRest(r: Reading): LeadExample[] {
  return r.kennel.people.flatMap((p) => {
    const days = r.by(
      (a) => r.day(a),
      r.tasks.filter((a) => a.people.includes(p.id)),
    );
    return days.slice(1).flatMap((list, k) => {
      const evening = Math.max(...(days[k] as PlannedActivity[]).map(attendedEnd));
      const minutes = (startOf(list[0] as PlannedActivity) - evening) / MINUTE_MS;
      const isShort = minutes < r.limits.nightRestHours * 60;
      return isShort ? [{ ...r.example(list, minutes), people: [p.id], dogId: null }] : [];
    });
  });
}

/** Blades on a coat that was not checked on the same day; wire and smooth coats are worked before their bath. */
function checkToBlade(r: Reading): LeadExample[] {
  return r
    .by((a) => a.dogId)
    .flatMap((list) => {
      const dog = r.kennel.dogs.find((d) => d.id === list[0]?.dogId);
      if (dog === undefined || ['wire', 'smooth'].includes(coatClassOf(dog, r.library))) return [];
      return list.flatMap((a, k) => {
        if (!BLADES.has(a.step) || a.state === 'done') return [];
        const check = list
          .slice(0, k)
          .filter((b) => CHECKS.has(b.step))
          .at(-1);
        if (check !== undefined && r.day(check) === r.day(a)) return [];
        return [r.example([a], check === undefined ? null : (startOf(a) - instantToMs(check.end)) / MINUTE_MS)];
      });
    });
}

/** Ring finishes by people who do not scissor while somebody who does is free at that place. */
function floorFinish(r: Reading): LeadExample[] {
  const scissors = r.kennel.people.filter((p) => p.skills.includes('scissor')).map((p) => p.id);
  const busy = (p: PersonId, a: PlannedActivity): boolean =>
    r.tasks.some((b) => b.people.includes(p) && b.start < a.attendedUntil && b.attendedUntil > a.start) ||
    !isOnShift(r.kennel, p, a);
  return r.tasks.flatMap((a) =>
    a.step === 'finish' && !a.people.some((p) => scissors.includes(p)) && scissors.some((p) => !busy(p, a))
      ? [r.example([a])]
      : [],
  );
}

function isOnShift(kennel: KennelFile, person: PersonId, a: PlannedActivity): boolean {
  const zone = kennel.settings.timeZone;
  const from = wallTimeOf(startOf(a), zone);
  const until = wallTimeOf(attendedEnd(a), zone);
  const day = localDayOf(startOf(a), zone);
  if (kennel.absences.some((x) => x.personId === person && x.day === day)) return false;
  return kennel.shifts.some(
    (s) =>
      s.personId === person &&
      s.day === day &&
      s.start <= from &&
      s.end >= until &&
      !s.pauses.some((x) => x.start < until && x.end > from),
  );
}

/** The busiest day of the crew over the mean of the days in the keep-up window on which the crew is at home. */
function busiestDay(r: Reading): Figure {
  const end = addDays(r.plan.firstDay, r.kennel.settings.keepUpDaysAhead);
  const days = new Map<LocalDay, number>();
  for (const s of r.kennel.shifts) if (s.day >= r.plan.firstDay && s.day < end) days.set(s.day, 0);
  for (const a of r.tasks) {
    const day = r.day(a);
    const before = days.get(day);
    if (before !== undefined) days.set(day, before + attendedMin(a) * Math.max(1, a.people.length));
  }
  const all = [...days.values()];
  const mean = all.reduce((x, y) => x + y, 0) / Math.max(1, all.length);
  const [day, most] = [...days].reduce<[LocalDay, number]>((x, y) => (y[1] > x[1] ? y : x), [r.plan.firstDay, 0]);
  const count = mean === 0 ? 0 : Math.round((most / mean) * 10);
  return { count, examples: [{ dogId: null, day, people: [], minutes: Math.round(most) }] };
}
