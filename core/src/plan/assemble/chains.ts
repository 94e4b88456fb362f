/*
 * Counting back: from entries, dogs and care programs to chains of steps with their windows as instants. One chain an
 * entry (the first show day of a dog at a show carries its whole preparation; later days carry touch-ups and need the
 * first), and one a round of keep-up work that no show covers.
 */
import type { KennelDog } from '../../kennel/dogRecord.js';
import type { KennelEntry, KennelShow } from '../../kennel/kennelFile.js';
import type { LocalDay, WallTime } from '../../time/localDay.js';
import { addDays, daysBetween } from '../../time/localDay.js';
import { wallToMs } from '../../time/zone.js';
import type { StepId } from '../../kennel/vocabulary.js';
import type { DogId, EntryId } from '../../units/ids.js';
import type { KeepUpRule } from '../../programs/careProgram.js';
import { coatClassOf, isHere, isMet, noEntry, shapeFacts } from '../../programs/dogFacts.js';
import type { EntryFacts } from '../../programs/dogFacts.js';
import type { DogProgram } from '../../programs/dogProgram.js';
import { dogProgram } from '../../programs/dogProgram.js';
import { AT_THE_RING } from '../../programs/stepGroups.js';
import { keepUpDays } from './keepUpDays.js';
import type { MarkContext } from './marks.js';
import type { CalendarItem, LeftOut, PlanNote } from '../plan.js';
import type { PlanInput } from './planInput.js';
import type { ChainKind } from '../problem.js';
import { draftSteps } from './stepDrafts.js';
import type { DraftContext, RunMinutes, StepDraft } from './stepDrafts.js';
import { USUAL_WAY, programByWay } from './ways.js';

/**
 * A chain as its program asks for it, before days and people of the plan are known; cost of leaving it out included.
 */
export interface ChainDraft {
  readonly key: string;
  readonly kind: ChainKind;
  readonly dogId: DogId;
  readonly entryId: EntryId | null;
  readonly weightKg: number;
  /** Does not stand for the force dryer: somebody holds it there. */
  readonly fearsDryer: boolean;
  readonly cost: number;
  readonly needs: string | null;
  readonly steps: readonly StepDraft[];
}

/** Cost of an entry that is not ready, by importance 1 to 3, and of missed keep-up (engineering choice). */
const SHOW_COST: readonly number[] = [0, 20_000, 40_000, 80_000];
const KEEP_UP_COST = 600;

interface Drafted {
  readonly chains: readonly ChainDraft[];
  readonly leftOut: readonly LeftOut[];
  readonly calendar: readonly CalendarItem[];
  readonly notes: readonly PlanNote[];
}

/** Chains of every entry and every keep-up round within reach, needed ones before those that need them. */
export function draftChains(input: PlanInput): Drafted {
  const context: DraftContext = {
    input,
    work: new Map(input.kennel.work.map((w) => [w.taskKey as string, w])),
    leftOut: [],
    calendar: [],
    notes: [],
  };
  const chains = input.kennel.dogs.flatMap((dog) => [...showChains(context, dog), ...keepUpChains(context, dog)]);
  const { leftOut, calendar, notes } = context;
  return { chains: chains.filter((c) => c.steps.length > 0), leftOut, calendar, notes };
}

/** The dog's entries at one show, in order of time, that are not over when the plan begins or are within reach. */
function entriesAt(input: PlanInput, dog: KennelDog, show: KennelShow): KennelEntry[] {
  return input.kennel.entries
    .filter((e) => e.dogId === dog.id && e.showId === show.id)
    .sort((x, y) => `${x.day}${x.ringTime}`.localeCompare(`${y.day}${y.ringTime}`));
}

function showChains(context: DraftContext, dog: KennelDog): ChainDraft[] {
  const { input } = context;
  const last = addDays(input.grid.firstDay, input.grid.dayCount - 1);
  const chains: ChainDraft[] = [];
  const shows = [...input.kennel.shows].sort((x, y) => x.firstDay.localeCompare(y.firstDay));
  for (const show of shows) {
    const nextShow = chains.length === 0;
    const trimmedOn = sharedTrim(input, dog, show, shows);
    const entries = entriesAt(input, dog, show);
    const first = entries[0];
    if (first === undefined) continue;
    addCalendar(context, dog, first);
    const final = entries[entries.length - 1];
    if (first.day > last || final === undefined || addDays(final.day, 1) < input.grid.firstDay) continue;
    entries.forEach((entry, k) => {
      const part = k === 0 ? 'first' : 'later';
      const needs = k === 0 ? null : `e:${entries[k - 1]?.id ?? ''}`;
      chains.push(
        entryChain(
          context,
          dog,
          show,
          entry,
          part,
          { firstShowDay: k === 0, lastShowDay: entry === final, nextShow, trimmedOn },
          needs,
        ),
      );
    });
  }
  return chains;
}

/** Shows at most so far apart share the first one's trim (common practice: a fortnight). */
const DEFAULT_SHARED_TRIM_DAYS = 15;

/** The preparation day of an earlier show whose trim still holds for this one; null where there is none. */
function sharedTrim(input: PlanInput, dog: KennelDog, show: KennelShow, shows: readonly KennelShow[]): LocalDay | null {
  const earlier = shows.filter((s) => s.lastDay < show.firstDay).flatMap((s) => entriesAt(input, dog, s).slice(-1));
  const last = earlier
    .map((e) => e.day)
    .sort()
    .at(-1);
  const first = entriesAt(input, dog, show)[0];
  if (last === undefined || first === undefined) return null;
  return daysBetween(last, first.day) <= DEFAULT_SHARED_TRIM_DAYS ? last : null;
}

function addCalendar(context: DraftContext, dog: KennelDog, first: KennelEntry): void {
  const { library } = context.input;
  for (const rule of library.programs[coatClassOf(dog, library)].calendar) {
    const day = addDays(first.day, -rule.daysBefore);
    if (day >= context.input.grid.firstDay) {
      context.calendar.push({ dogId: dog.id, entryId: first.id, step: rule.step, day });
    }
  }
}

function entryChain(
  context: DraftContext,
  dog: KennelDog,
  show: KennelShow,
  entry: KennelEntry,
  part: 'first' | 'later',
  place: Pick<EntryFacts, 'firstShowDay' | 'lastShowDay' | 'nextShow' | 'trimmedOn'>,
  needs: string | null,
): ChainDraft {
  const { input } = context;
  const marks = marksOf(input, dog, show, entry);
  const facts: EntryFacts = {
    day: entry.day,
    siteTub: marks.siteHasTub,
    siteDryer: input.kennel.stations.some((s) => s.siteId === show.siteId && s.kind === 'forceDryer'),
    travels: marks.departMs !== null,
    ...place,
    laterRound: entry.laterRound !== undefined,
    ...shapeFacts(input.library.breeds.get(dog.breed)),
  };
  const key = `e:${entry.id}`;
  const way = part === 'first' ? (input.ways.get(key) ?? USUAL_WAY) : USUAL_WAY;
  const washed = way.bath === 'siteMorning' ? { ...dog, schools: { ...dog.schools, whenToBathe: 'b' as const } } : dog;
  const planned = dogProgram(washed, input.kennel, input.library, show, facts);
  const met = planned.program.preparation.filter((s) => s.when.every((c) => isMet(c, dog, facts)));
  const own = { ...planned, program: programByWay({ ...planned.program, preparation: met }, way, marks) };
  if (part === 'first') noteProgram(context, dog, entry, own);
  const { program } = own;
  const before = part === 'first' ? program.preparation : program.between;
  const isReadied = input.upToRing.has(entry.id);
  const steps = [...before, ...program.showMorning, ...program.after].filter(
    (s) => s.when.every((c) => isMet(c, dog, facts)) && !(isReadied && AT_THE_RING.has(s.step)),
  );
  const handler = entry.handlerId === undefined ? -1 : (input.personIndex.get(entry.handlerId) ?? -1);
  return {
    key,
    kind: 'show',
    dogId: dog.id,
    entryId: entry.id,
    weightKg: dog.weightKg,
    fearsDryer: dog.standsForDryer === false,
    cost: SHOW_COST[entry.importance] ?? 0,
    needs,
    steps: draftSteps(
      context,
      { dog, key, entry, marks, handler, trimmedOn: facts.trimmedOn, run: { carriedMin: 0 } },
      steps,
    ),
  };
}

/** Steps that drop out of an entry's work, and cautions; each once a dog and show. */
function noteProgram(context: DraftContext, dog: KennelDog, entry: KennelEntry, own: DogProgram): void {
  for (const d of own.dropped) context.leftOut.push({ dogId: dog.id, entryId: entry.id, ...d });
  for (const note of own.notes) context.notes.push({ dogId: dog.id, entryId: entry.id, note });
}

function marksOf(input: PlanInput, dog: KennelDog, show: KennelShow, entry: KennelEntry): MarkContext {
  const { kennel } = input;
  const zone = kennel.settings.timeZone;
  const ringMs = wallToMs(entry.day, entry.ringTime, zone);
  const ride = kennel.transports.find(
    (t) =>
      t.toSiteId === show.siteId && t.dogs.includes(dog.id) && t.day <= entry.day && daysBetween(t.day, entry.day) < 10,
  );
  const departMs = ride === undefined ? null : wallToMs(ride.day, ride.depart, zone);
  return {
    zone,
    ringDay: entry.day,
    ringMs,
    prepDay: ride === undefined || ride.day > entry.day ? entry.day : ride.day,
    departMs,
    siteHasTub: kennel.stations.some((s) => s.siteId === show.siteId && s.kind === 'tub'),
    laterRoundMs: entry.laterRound === undefined ? null : wallToMs(entry.day, entry.laterRound, zone),
  };
}

function keepUpChains(context: DraftContext, dog: KennelDog): ChainDraft[] {
  const { input } = context;
  const none = noEntry(input.grid.firstDay, input.library.breeds.get(dog.breed));
  const { program } = dogProgram(dog, input.kennel, input.library, null, none);
  const runs = new Map<LocalDay, RunMinutes>();
  const runOf = (day: LocalDay): RunMinutes => {
    const run = runs.get(day) ?? { carriedMin: 0 };
    runs.set(day, run);
    return run;
  };
  const rules = program.keepUp.filter((rule) => {
    // Mats that the next show would bring out are due at once where there is none.
    const facts = rule.once === true ? { ...none, nextShow: !isReadied(input, dog) } : none;
    return rule.when.every((c) => isMet(c, dog, facts));
  });
  const daysOf = new Map(rules.map((rule) => [rule.id, keepUpDays(context, dog, rule, showDays(input, dog, rule))]));
  return rules.flatMap((rule) =>
    (daysOf.get(rule.id) ?? [])
      .filter((day) => !input.merged.has(keepUpKey(dog, rule, day)) && !isCovered(rules, daysOf, rule, day))
      .map((day) => keepUpChain(context, dog, rule, day, runOf(day))),
  );
}

/** Whether another rule's round has a round in it, at most half an interval away: a trim is washed for, which is the bath. */
function isCovered(
  rules: readonly KeepUpRule[],
  daysOf: ReadonlyMap<string, readonly LocalDay[]>,
  rule: KeepUpRule,
  day: LocalDay,
): boolean {
  const near = Math.ceil(rule.everyDays / 2);
  return rules.some(
    (other) =>
      other.covers === rule.id && (daysOf.get(other.id) ?? []).some((d) => Math.abs(daysBetween(d, day)) <= near),
  );
}

/** Whether a show of the plan has the dog's work in it. */
function isReadied(input: PlanInput, dog: KennelDog): boolean {
  const last = addDays(input.grid.firstDay, input.grid.dayCount - 1);
  return input.kennel.entries.some(
    (e) => e.dogId === dog.id && e.day >= input.grid.firstDay && e.day <= last && !input.withoutPlace.has(e.id),
  );
}

function keepUpKey(dog: KennelDog, rule: KeepUpRule, day: LocalDay): string {
  return `k:${dog.id}:${rule.id}:${day}`;
}

function keepUpChain(
  context: DraftContext,
  dog: KennelDog,
  rule: KeepUpRule,
  day: LocalDay,
  run: RunMinutes,
): ChainDraft {
  const zone = context.input.kennel.settings.timeZone;
  const key = keepUpKey(dog, rule, day);
  const marks: MarkContext = {
    zone,
    ringDay: day,
    ringMs: wallToMs(day, '12:00' as WallTime, zone),
    prepDay: day,
    departMs: null,
    siteHasTub: false,
    laterRoundMs: null,
  };
  return {
    key,
    kind: 'keepUp',
    dogId: dog.id,
    entryId: null,
    weightKg: dog.weightKg,
    fearsDryer: dog.standsForDryer === false,
    // Sessions of several days follow each other by nights, which cost lateness: being done at all is worth more.
    cost: KEEP_UP_COST * (rule.spreadDays ?? 1),
    needs: null,
    steps: draftSteps(context, { dog, key, entry: null, marks, handler: -1, trimmedOn: null, run }, rule.steps),
  };
}

/** Rules that go on at a show while a dog waits for its ring: the others rest until it is over. */
const WHILE_WAITING: readonly KeepUpRule['since'][] = ['lastBrush'];
const WRAPS: StepId = 'wraps';

/** When a rule rests, and when it is wanted while a dog waits at a show. */
interface ShowDays {
  readonly rests: (day: LocalDay) => boolean;
  readonly waiting: readonly LocalDay[];
}

/**
 * A show covers the dog: its preparation, its rings, the journey. Looking the dog over goes on wherever it is, but for the days
 * of its rings, which end with a look at the skin; brushing and wraps go on where it waits for its ring.
 */
function showDays(input: PlanInput, dog: KennelDog, rule: KeepUpRule): ShowDays {
  const isLook = rule.restDaysBefore === 0;
  const goesOn = WHILE_WAITING.includes(rule.since) || rule.steps.some((s) => s.step === WRAPS);
  const rings = new Set<LocalDay>();
  const spans: { readonly from: LocalDay; readonly to: LocalDay }[] = [];
  const waiting: LocalDay[] = [];
  for (const show of input.kennel.shows) {
    const entries = entriesAt(input, dog, show).filter((e) => !input.withoutPlace.has(e.id));
    const first = entries[0];
    const final = entries[entries.length - 1];
    if (first === undefined || final === undefined) continue;
    const { prepDay } = marksOf(input, dog, show, first);
    for (const e of entries) rings.add(e.day);
    spans.push({ from: addDays(prepDay, -rule.restDaysBefore), to: isLook ? addDays(prepDay, -1) : final.day });
    if (!goesOn) continue;
    for (let day = addDays(prepDay, rule.everyDays); day < final.day; day = addDays(day, rule.everyDays))
      if (!entries.some((e) => e.day === day) && isHere(dog, day)) waiting.push(day);
  }
  return {
    rests: (day) => rings.has(day) || !isHere(dog, day) || (!isLook && spans.some((s) => day >= s.from && day <= s.to)),
    waiting,
  };
}
