/*
 * Chains without a place in a plan, each with its reason and what would help. Asking is the slowest part of planning a large kennel, so the
 * plan asks for a limited number and the rest is asked by itself, when somebody looks.
 */
import type { KennelFile } from '../../kennel/kennelFile.js';
import type { StepId } from '../../kennel/vocabulary.js';
import type { CareLibrary } from '../../programs/careLibrary.js';
import { SLOT_MIN } from '../../time/slotGrid.js';
import { localDayOf, msToInstant } from '../../time/zone.js';
import type { DogId, EntryId, StationId } from '../../units/ids.js';
import type { Assembled } from '../assemble/assemble.js';
import type { ChainDraft } from '../assemble/chains.js';
import { assembledFor, personId, scheduleOf } from '../placedPlan.js';
import type { Plan, Remedy, UnplacedChain, WhyNot } from '../plan.js';
import { makePlanInput } from '../assemble/planInput.js';
import type { Task } from '../problem.js';
import { DEMAND_PER_AMP } from '../problem.js';
import type { SearchResult } from '../search/searchPlan.js';
import type { SlotRemedy } from './slotRemedy.js';
import type { SlotWhyNot } from './whyNot.js';
import { plainWhyNot, whyNot } from './whyNot.js';

type WhyNotCode = WhyNot['code'];

/** How asking may be ended and watched. */
export interface AskOptions {
  readonly shouldStop?: () => boolean;
  /** Told after each chain that was asked: how many of how many. */
  readonly onExplained?: (asked: number, of: number) => void;
}

/**
 * How many chains are asked why they have no place: each question tries dozens of plans, each as long as the problem is large,
 * so the work is limited, never the seconds (engineering default: on 250 activities 48 chains, on 2,000 six).
 */
const EXPLAIN_WORK = 12_000;
const LEAST_EXPLAINED = 4;
/** So many of them are asked with room for rivals to move, which takes many times as long; the others when somebody looks. */
const MOST_MOVING = 3;

/**
 * Chains without a place, with why and what would help; of a large plan only some are looked into, the others are
 * asked on demand.
 */
export function unplacedChains(assembled: Assembled, found: SearchResult, options: AskOptions): UnplacedChain[] {
  const { problem, drafts } = assembled;
  const { schedule, unplaced } = found;
  const most = Math.max(LEAST_EXPLAINED, Math.floor(EXPLAIN_WORK / Math.max(1, problem.activities.length)));
  const isHard = (c: number): boolean => plainWhyNot(problem, schedule, c) === null;
  // Entries before keep-up work: what keeps a dog from its ring is read first.
  const hard = unplaced.filter(isHard);
  const byKind = [...hard.filter((c) => isShow(drafts[c])), ...hard.filter((c) => !isShow(drafts[c]))].slice(0, most);
  const asked = new Map<number, SlotWhyNot>();
  for (const c of byKind) {
    if (options.shouldStop?.() === true) break;
    asked.set(c, whyNot(problem, schedule, c, asked.size < MOST_MOVING));
    options.onExplained?.(asked.size, byKind.length);
  }
  return unplaced.map((c) => {
    const why = asked.get(c) ?? plainWhyNot(problem, schedule, c);
    return unplacedChain(assembled, c, why ?? { code: 'notAsked', blocked: -1, remedies: [], together: [] });
  });
}

const isShow = (draft: ChainDraft | undefined): boolean => draft?.kind === 'show';

/** A reason that nobody has asked for yet, beside those of `whyNot`. */
type AskedOrNot = SlotWhyNot | (Omit<SlotWhyNot, 'code'> & { readonly code: 'notAsked' });

function unplacedChain(assembled: Assembled, chain: number, why: AskedOrNot): UnplacedChain {
  const { problem, drafts, input } = assembled;
  const draft = drafts[chain];
  const list = problem.chains[chain]?.acts ?? [];
  let end = 0;
  const waiting = list.flatMap((i) => {
    const a = problem.activities[i];
    if (a === undefined || a.fixed !== null) return [];
    const aim = a.follows ? Math.max(a.earliestStart, Math.min(end, a.latestEnd - a.duration)) : a.idealStart;
    end = aim + a.duration;
    return [{ key: a.key, step: a.step, aim: msToInstant(input.grid.msOf(aim)), blocked: i === why.blocked }];
  });
  return {
    key: draft?.key ?? '',
    kind: draft?.kind ?? 'keepUp',
    dogId: draft?.dogId as DogId,
    entryId: draft?.entryId ?? null,
    step: problem.activities[why.blocked]?.step ?? null,
    reason: wordedWhy(assembled, chain, why),
    waiting,
  };
}

function wordedWhy(assembled: Assembled, chain: number, why: AskedOrNot): WhyNot {
  const { problem, drafts } = assembled;
  const draft = drafts[chain];
  const worded = (r: SlotRemedy): Remedy => remedyOf(assembled, draft?.entryId ?? null, r);
  return {
    code: why.code === 'notAsked' ? why.code : barredOr(why.code, draft, problem.activities[why.blocked]),
    remedies: why.remedies.map(worded),
    ...(why.together.length === 0 ? {} : { together: why.together.map(worded) }),
  };
}

/** Why a chain of a plan has no place, and the step that finds none. */
export interface ChainWhy {
  readonly step: StepId | null;
  readonly reason: WhyNot;
}

/** Asks by itself why a chain has no place in a plan; null when the plan leaves no such chain out. */
export function chainWhy(
  kennel: KennelFile,
  library: CareLibrary,
  plan: Plan,
  nowMs: number,
  key: string,
): ChainWhy | null {
  if (!plan.unplaced.some((u) => u.key === key)) return null;
  // Its dog's own keep-up work, which it would cover, is not in its way.
  const others = { ...plan, unplaced: plan.unplaced.filter((u) => u.key !== key) };
  const assembled = assembledFor(makePlanInput(kennel, library, nowMs), others);
  const chain = assembled.drafts.findIndex((d) => d.key === key);
  if (chain < 0) return null;
  const why = whyNot(assembled.problem, scheduleOf(assembled, plan), chain);
  return { step: assembled.problem.activities[why.blocked]?.step ?? null, reason: wordedWhy(assembled, chain, why) };
}

/** "Nobody can" is said more exactly where people have the skill but not the practice, or not the tool. */
function barredOr(code: SlotWhyNot['code'], draft: ChainDraft | undefined, a: Task | undefined): WhyNotCode {
  if (code !== 'noSkill') return code;
  return draft?.steps.find((s) => s.key === a?.key)?.barred ?? code;
}

function remedyOf(assembled: Assembled, entryId: EntryId | null, r: SlotRemedy): Remedy {
  const { input, drafts } = assembled;
  const at = (slot: number) => msToInstant(input.grid.msOf(slot));
  const stationId = (s: number) => input.units[s]?.id as StationId;
  switch (r.code) {
    case 'otherHandler':
      return {
        code: r.code,
        entryId: entryId as EntryId,
        handlerId: personId(assembled, r.handler),
        otherId: personId(assembled, r.other),
        rivalDogId: drafts[r.rival]?.dogId ?? null,
        rivalEntryId: drafts[r.rival]?.entryId ?? null,
      };
    case 'stay':
      return { code: r.code, personId: personId(assembled, r.person), until: at(r.until), minutes: r.slots * 5 };
    case 'unpin': {
      const a = assembled.problem.activities[r.activity] as Task;
      return { code: r.code, key: a.key, step: a.step, start: at(a.earliestStart) };
    }
    case 'moveBreak':
      return { code: r.code, personId: personId(assembled, r.person), from: at(r.from), to: at(r.to) };
    case 'present': {
      const day = localDayOf(input.grid.msOf(r.at), input.kennel.settings.timeZone);
      return { code: r.code, personId: personId(assembled, r.person), day };
    }
    case 'beginEarlier':
      return { code: r.code, personId: personId(assembled, r.person), from: at(r.from), minutes: r.slots * SLOT_MIN };
    case 'moreAmps': {
      const circuit = input.kennel.circuits[r.supply] as KennelFile['circuits'][number];
      return { code: r.code, circuitId: circuit.id, amps: Math.ceil(r.demand / DEMAND_PER_AMP), present: circuit.amps };
    }
    case 'openStation':
      return { code: r.code, stationId: stationId(r.station), from: at(r.from) };
    case 'freePerson':
      return { code: r.code, personId: personId(assembled, r.person) };
    case 'without':
      return { code: r.code, dogId: drafts[r.chain]?.dogId as DogId };
    case 'moreStanding':
    case 'extraStation':
      return r;
  }
}
