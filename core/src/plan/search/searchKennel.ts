/*
 * The searches that make one plan: until minutes are those of whoever does the work, until dogs without a place have their
 * keep-up work back, and until nobody works too long without a rest.
 */
import type { Schedule } from '@loyal-mane/engine';
import type { Assembled } from '../assemble/assemble.js';
import { assembleProblem } from '../assemble/assemble.js';
import type { PlanInput, Rest } from '../assemble/planInput.js';
import type { StepId } from '../../kennel/vocabulary.js';
import type { EntryId } from '../../units/ids.js';
import { workLimits } from '../../kennel/limits.js';
import { SLOT_MIN } from '../../time/slotGrid.js';
import { BATHS, BRUSHED_THROUGH, WET_RUN } from '../../programs/stepGroups.js';
import type { TriedInVain } from '../explain/handedOver.js';
import { assembledAgain, personId, scheduleOf } from '../placedPlan.js';
import { dayOfSlot } from '../problem.js';
import type { Plan } from '../plan.js';
import type { ChainDraft } from '../assemble/chains.js';
import type { Way } from '../assemble/ways.js';
import { USUAL_WAY } from '../assemble/ways.js';
import { OTHER_WAYS, couldBeDone, wayOf } from './otherWays.js';
import { assigneesAfter } from './assignees.js';
import { restsLacking } from './rests.js';
import { mendedForLead } from './leadMending.js';
import type { PlaceAnew } from './leadMending.js';
import type { SearchOptions, SearchProgress, SearchResult } from './searchPlan.js';
import { DEFAULT_ROUNDS, searchPlan, withAside } from './searchPlan.js';

/** How long a plan may be searched for, and what it begins with. */
export interface SearchKennelOptions {
  readonly rounds?: number;
  readonly onProgress?: (progress: SearchProgress) => void;
  /** Asked now and then; true ends the search with what it has. */
  readonly shouldStop?: () => boolean;
  /** The published plan: what still holds in it stays where it is. */
  readonly previous?: Plan | null;
}

/** A problem, and the best schedule that was found for it. */
export interface Found {
  readonly assembled: Assembled;
  readonly found: SearchResult;
}

/** The plan that was found at last. */
export interface Searched extends Found {
  /** By activity index: hands that are changed although one pair of them was tried. */
  readonly inVain: ReadonlyMap<number, TriedInVain>;
  /** As it was before the keep-up work of dogs without a place came in: what is in an entry's way is asked of this. */
  readonly before: Found;
}

/** Searches with ever better known assignees; what still has no place then is left at the middle pace. */
const MOST_PASSES = 3;
/** Kennels with at most so many entries are searched twice as long: a small crew feels each odd hour (engineering default). */
const SMALL_ENTRIES = 12;
/** Work that is placed again may fall on another day of brushing: so often merging is looked for again. */
const MERGE_PASSES = 3;
/** Every mending moves what the next one can bring together: so often it is tried. */
const MEND_PASSES = 2;
/** Rests that are laid may make another stretch too long: so often they are looked for again. */
const REST_PASSES = 2;

/** Searches for a plan of a whole kennel. The same input, options and seed give the same. */
export function searchKennel(input: PlanInput, options: SearchKennelOptions, seed: number): Searched {
  return new KennelSearch(options, seed).search(input);
}

type SearchMore = Omit<SearchOptions, 'seed' | 'rounds' | 'shouldStop' | 'onProgress'>;

class KennelSearch {
  private readonly options: SearchKennelOptions;
  private readonly seed: number;

  constructor(options: SearchKennelOptions, seed: number) {
    this.options = options;
    this.seed = seed;
  }

  search(input: PlanInput): Searched {
    const first = this.byAssignee(input);
    // Somebody takes the plan as it is: it breaks no rule, and the rest only makes it better.
    if (this.isEnough()) return { ...first, before: first, inVain: new Map() };
    const [now, before] = this.shownAgain(first);
    const found = this.atOwnPace(this.inOtherWays(this.upToRing(now)), now);
    return { ...this.readByLead(this.rested(this.mended(this.merged(this.withKeepUpBack(found))))), before };
  }

  private isEnough(): boolean {
    return this.options.shouldStop?.() === true;
  }

  /** Searches until the minutes of every task are those of whoever does it, see `assignees`. */
  private byAssignee(input: PlanInput): Found {
    const plan = this.options.previous ?? null;
    let assembled = assembledAgain(input, plan);
    let previous = plan === null ? null : scheduleOf(assembled, plan);
    for (let pass = 1; ; pass++) {
      // The first pass has looked at plans made afresh; the later ones only take the minutes of who does the work.
      const found = this.once(assembled, previous, { alsoAfresh: pass === 1, mends: true });
      const assignees = pass < MOST_PASSES && !this.isEnough() ? assigneesAfter(assembled, found.schedule) : null;
      if (assignees === null) return { assembled, found };
      [assembled, previous] = reassembled(assembled, found.schedule, { ...assembled.input, assignees });
    }
  }

  /** Work that found its place only in another way takes the minutes of whoever does it, as all other work does. */
  private atOwnPace(now: Found, before: Found): Found {
    const assignees = now === before ? null : assigneesAfter(now.assembled, now.found.schedule);
    if (assignees === null) return now;
    const paced = this.again(now, { ...now.assembled.input, assignees });
    return isNoWorse(paced, now) ? paced : now;
  }

  /** Chains without a place are tried in other ways, and a bath that would be stale at the show; each only where it helps. */
  private inOtherWays(before: Found): Found {
    let now = before;
    for (const way of OTHER_WAYS) {
      const out = now.found.unplaced.flatMap((c) => now.assembled.drafts[c] ?? []);
      const wanted = out.filter((d) => couldBeDone(now.assembled, d, way));
      if (wanted.length > 0) now = this.inWay(now, wanted, way);
    }
    now = this.driedSoon(now);
    // A plan that people go by keeps its baths where they are.
    return (this.options.previous ?? null) === null ? this.freshlyBathed(now) : now;
  }

  /** Some chains in another way: those to which it gives a place, where nothing that weighs as much loses its own. */
  private inWay(before: Found, wanted: readonly ChainDraft[], way: Way): Found {
    const all = this.withWays(before, wanted, way);
    const still = new Set(all.found.unplaced.map((c) => all.assembled.drafts[c]?.key));
    const helped = wanted.filter((d) => !still.has(d.key));
    if (helped.length === 0) return before;
    const some = helped.length === wanted.length ? all : this.withWays(before, helped, way);
    return weightOut(some) < weightOut(before) ? some : before;
  }

  /** A dog that would wait wet for a heat dryer is blown dry before, where that costs nothing its place. */
  private driedSoon(before: Found): Found {
    const way: Way = { ...USUAL_WAY, heatLater: true };
    const wet = leftWet(before).filter((d) => couldBeDone(before.assembled, d, way));
    return wet.reduce((now, draft) => {
      const tried = this.withWays(now, [draft], way);
      return isNoWorse(tried, now) ? tried : now;
    }, before);
  }

  private freshlyBathed(before: Found): Found {
    const way: Way = { ...USUAL_WAY, bath: 'siteDayBefore' };
    const stale = staleBaths(before).filter((d) => couldBeDone(before.assembled, d, way));
    return stale.slice(0, MOST_STALE).reduce((now, draft) => {
      const tried = this.withWays(now, [draft], way);
      return isNoWorse(tried, now) && tried.found.cost < now.found.cost ? tried : now;
    }, before);
  }

  private withWays(before: Found, drafts: readonly ChainDraft[], way: Way): Found {
    const { input } = before.assembled;
    const ways = new Map([...input.ways, ...drafts.map((d) => [d.key, wayOf(input, d, way)] as const)]);
    return this.again(before, { ...input, ways });
  }

  /**
   * Dogs that the previous plan only readied go into the ring where somebody can show them now. Second comes the plan in which
   * those whom nobody can show have no place, which says why.
   */
  private shownAgain(before: Found): [Found, Found] {
    const { input } = before.assembled;
    if (input.upToRing.size === 0) return [before, before];
    const all = this.again(before, { ...input, upToRing: new Set() });
    const still = new Set(all.found.unplaced.flatMap((c) => all.assembled.drafts[c]?.entryId ?? []));
    const left = new Set([...input.upToRing].filter((id) => still.has(id as EntryId)));
    if (left.size === 0) return [all, all];
    return [left.size === input.upToRing.size ? before : this.again(before, { ...input, upToRing: left }), all];
  }

  /** A dog that nobody can take into the ring is readied all the same: a handler may be found until the last hour. */
  private upToRing(before: Found): Found {
    const { problem, drafts, input } = before.assembled;
    const out = before.found.unplaced.filter((c) => problem.chains[c]?.kind === 'show' && problem.chains[c].needs < 0);
    const wanted = new Set<string>(out.flatMap((c) => drafts[c]?.entryId ?? []));
    if (wanted.size === 0) return before;
    const wantedNow = new Set([...input.upToRing, ...wanted]);
    const all = this.again(before, { ...input, upToRing: wantedNow }, this.options.previous ?? null);
    const still = new Set<string>(all.found.unplaced.map((c) => all.assembled.drafts[c]?.entryId ?? ''));
    const readied = new Set([...wanted].filter((id) => !still.has(id)));
    if (readied.size === 0 || !isNoWorse(all, before)) return before;
    const upToRing = new Set([...input.upToRing, ...readied]);
    return readied.size === wanted.size ? all : this.again(before, { ...input, upToRing }, null);
  }

  /** A dog whose entry has no place is cared for all the same: keep-up work that the entry would have covered is placed too. */
  private withKeepUpBack(before: Found): Found {
    const { input } = before.assembled;
    const out = before.found.unplaced.flatMap((c) => before.assembled.drafts[c]?.entryId ?? []);
    const left = out.filter((id) => !input.upToRing.has(id));
    if (left.length === 0) return before;
    return this.again(before, { ...input, withoutPlace: new Set<string>(left) });
  }

  /** Keep-up work that other work of the day takes in anyway is part of that. */
  private merged(before: Found): Found {
    let now = before;
    for (let pass = 0; pass < MERGE_PASSES; pass++) {
      const { input } = now.assembled;
      const merged = doneAnyway(now);
      if (merged.length === 0) return now;
      now = this.again(now, { ...input, merged: new Set([...input.merged, ...merged]) });
    }
    return now;
  }

  /** Lays the rests that people lack; one that would cost something its place is not laid. */
  private rested(before: Found): Found {
    let now = before;
    for (let pass = 0; pass < REST_PASSES; pass++) {
      const lacking = restsLacking(
        now.assembled.problem,
        now.found.schedule,
        workLimits(now.assembled.input.kennel.settings),
      );
      if (lacking.length === 0) return now;
      const all = this.withRests(now, lacking);
      now = isNoWorse(all, now) ? all : lacking.reduce((x, rest) => this.restedBy(x, rest), now);
    }
    return now;
  }

  /** Faults that a lead would hand a plan back for are mended where that costs nothing its place; a plan that people go by stays. */
  private readByLead(before: Found): Omit<Searched, 'before'> {
    const { assembled, found } = before;
    const plan = this.options.previous ?? null;
    if (plan !== null) return { ...before, inVain: stillInVain(before, plan) };
    // How far the plan is was told by the search; mending tells nothing of its own.
    const options = {
      ...this.searchOptions(assembled, { previous: found.schedule }),
      onProgress: () => undefined,
    };
    const anew: PlaceAnew = (problem, schedule, chains) => withAside(problem, options, schedule, chains);
    return { assembled, ...mendedForLead(assembled, found, anew, options.shouldStop) };
  }

  private restedBy(now: Found, rest: Rest): Found {
    const tried = this.withRests(now, [rest]);
    return isNoWorse(tried, now) ? tried : now;
  }

  private withRests(now: Found, rests: readonly Rest[]): Found {
    const { input } = now.assembled;
    return this.again(now, { ...input, rests: [...input.rests, ...rests] });
  }

  /** The same plan in the problem of another input, mended; what it has no place for where `plan` had it. */
  private again(before: Found, input: PlanInput, plan: Plan | null = null): Found {
    const [assembled, kept] = reassembled(before.assembled, before.found.schedule, input);
    const old = plan === null ? null : scheduleOf(assembled, plan);
    const previous = old === null ? kept : kept.map((p, i) => p ?? old[i] ?? null);
    const found = this.once(assembled, previous, {});
    return { assembled, found: { ...found, rounds: before.found.rounds } };
  }

  /** Work that changes hands without need is brought together again, once: it takes longer than everything before it. */
  private mended(before: Found): Found {
    // A plan that people go by is left as it is.
    if ((this.options.previous ?? null) !== null) return before;
    const { assembled } = before;
    let found = before.found;
    for (let pass = 0; pass < MEND_PASSES; pass++) {
      const next = this.once(assembled, found.schedule, { mends: true });
      const isBetter = next.cost < found.cost - 1e-6;
      found = { ...next, rounds: found.rounds };
      if (!isBetter) break;
    }
    return { assembled, found };
  }

  private once(
    assembled: Assembled,
    previous: Schedule | null,
    { alsoAfresh = false, mends = false }: { readonly alsoAfresh?: boolean; readonly mends?: boolean },
  ): SearchResult {
    const { previous: plan } = this.options;
    return searchPlan(
      assembled.problem,
      this.searchOptions(assembled, {
        ...{ previous, alsoAfresh },
        mayHandOver: mends && (plan ?? null) === null,
        staysPut: (plan ?? null) !== null,
      }),
    );
  }

  private searchOptions(assembled: Assembled, more: SearchMore): SearchOptions {
    const { rounds, shouldStop, onProgress } = this.options;
    return {
      seed: this.seed,
      rounds: rounds ?? usualRounds(assembled),
      shouldStop: shouldStop ?? (() => false),
      onProgress: onProgress ?? (() => undefined),
      ...more,
    };
  }
}

/** Where the plan that people go by says that one pair of hands was tried in vain, and they are the same hands still. */
function stillInVain({ assembled, found }: Found, plan: Plan): Map<number, TriedInVain> {
  const said = new Map(plan.activities.map((a) => [a.key, a]));
  return new Map(
    assembled.problem.activities.flatMap(({ index, key }) => {
      const before = said.get(key);
      const cause = before?.handedOver?.cause;
      const worker = found.schedule[index]?.worker ?? -1;
      if ((cause !== 'elseOut' && cause !== 'elseWorse') || worker < 0) return [];
      return before?.people[0] === personId(assembled, worker) ? [[index, cause] as const] : [];
    }),
  );
}

/**
 * Keys of keep-up rounds that nobody has begun and that other work of their dog's day takes in: brushing where the coat is
 * brushed through for a bath or a show, and the look over the coat where it is brushed at all (common practice).
 */
function doneAnyway({ assembled: { problem, drafts }, found: { schedule } }: Found): string[] {
  const through = new Set<string>();
  const brushed = new Set<string>();
  const rounds: { readonly key: string; readonly step: StepId; readonly at: string }[] = [];
  for (const a of problem.activities) {
    const place = schedule[a.index] ?? null;
    const draft = drafts[a.chain];
    if (place === null || place.start < 0 || draft === undefined) continue;
    const at = `${draft.dogId} ${String(dayOfSlot(problem, place.start))}`;
    if (BRUSHED_THROUGH.has(a.step)) through.add(at);
    if (BRUSHED_THROUGH.has(a.step) || a.step === 'keepUpBrush') brushed.add(at);
    if (draft.kind === 'keepUp' && a.fixed === null) rounds.push({ key: draft.key, step: a.step, at });
  }
  return rounds
    .filter((r) => (r.step === 'keepUpBrush' && through.has(r.at)) || (r.step === 'inspection' && brushed.has(r.at)))
    .map((r) => r.key);
}

/** A bath of so many hours before the ring is stale (common practice: three days). */
const STALE_HOURS = 84;
/** So many are tried with the show's own tub (engineering default). */
const MOST_STALE = 4;

/** Entries whose show bath would be stale at their ring. */
function staleBaths({ assembled: { problem, drafts }, found: { schedule } }: Found): ChainDraft[] {
  return drafts.filter((draft, c) => {
    const tasks = (problem.chains[c]?.acts ?? []).flatMap((i) => problem.activities[i] ?? []);
    const bath = tasks.findLast((a) => BATHS.has(a.step));
    const ring = tasks.find((a) => a.step === 'ring');
    const at = bath === undefined ? null : (schedule[bath.index] ?? null);
    const isOpen = draft.kind === 'show' && draft.needs === null && bath?.fixed === null;
    return isOpen && at !== null && ring !== undefined && ring.earliestStart - at.start > STALE_HOURS * SLOTS_AN_HOUR;
  });
}

const SLOTS_AN_HOUR = 60 / SLOT_MIN;
/** Hours for which a washed dog may wait for the next step of its drying (engineering default: the coat dries as it falls). */
const DEFAULT_WET_HOURS = 2;

/** Entries whose dog is washed, and waits longer than it should for what dries it. */
function leftWet({ assembled: { problem, drafts }, found: { schedule } }: Found): ChainDraft[] {
  return drafts.filter((draft, c) =>
    (problem.chains[c]?.acts ?? []).some((i) => {
      const a = problem.activities[i];
      const place = schedule[i] ?? null;
      const isDue = draft.kind === 'show' && a?.fixed === null && a.overdue && WET_RUN.has(a.step);
      return isDue && place !== null && place.start > problem.now + DEFAULT_WET_HOURS * SLOTS_AN_HOUR;
    }),
  );
}

function usualRounds({ problem }: Assembled): number {
  const entries = problem.chains.filter((c) => c.kind === 'show').length;
  return entries <= SMALL_ENTRIES ? 2 * DEFAULT_ROUNDS : DEFAULT_ROUNDS;
}

/** The same places in the problem of another input, by the keys of the tasks. */
function reassembled(before: Assembled, schedule: Schedule, input: PlanInput): [Assembled, Schedule] {
  const placed = new Map(before.problem.activities.map((a) => [a.key as string, schedule[a.index] ?? null]));
  const assembled = assembleProblem(input);
  return [assembled, assembled.problem.activities.map((a) => a.fixed ?? placed.get(a.key) ?? null)];
}

/** Whether what one plan leaves out weighs no more than what another does. */
function isNoWorse(x: Found, y: Found): boolean {
  return weightOut(x) <= weightOut(y);
}

function weightOut({ assembled, found }: Found): number {
  return found.unplaced.reduce((sum, c) => sum + (assembled.problem.chains[c]?.cost ?? 0), 0);
}
