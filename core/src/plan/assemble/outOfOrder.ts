/*
 * People do not always work in order: what that does to the steps of a chain that are still to do.
 */
import type { WorkRecord } from '../../kennel/kennelFile.js';
import type { StepId } from '../../kennel/vocabulary.js';
import type { ProgramStep } from '../../programs/careProgram.js';
import { BATHS, BLADES, WET_RUN } from '../../programs/stepGroups.js';
import { AGAIN } from './freshChecks.js';
import type { Estimate } from '../../programs/estimate.js';
import type { Instant } from '../../time/localDay.js';
import type { TaskKey } from '../../units/ids.js';

/** When one session of a step may be done, and how long all its sessions take. Milliseconds since the epoch. */
export interface StepTimes {
  readonly key: TaskKey;
  readonly sessions: number;
  readonly minutes: Estimate;
  readonly fromMs: number;
  readonly toMs: number;
  readonly wanted: { readonly fromMs: number; readonly toMs: number };
  /** Minutes that the steps before it in its run have too many, and the most that a day allows. */
  readonly carriedMin: number;
  readonly mostMin: number;
}

/** A step that belongs to the chain, before its place in it is settled. */
export interface WantedStep {
  readonly step: ProgramStep;
  readonly times: StepTimes;
  readonly record: WorkRecord | undefined;
  readonly who: WhoMay;
  /** Attended slots by person index, see `PacedSession`. */
  readonly attended: ReadonlyMap<number, number>;
  /** Put before a blade on another day: where it is passed over, nothing of the program is left out. */
  readonly isPutIn: boolean;
}

/** Who may do a step. */
export interface WhoMay {
  /** Indexes of the people who have the skill, the practice and the tools. */
  readonly may: readonly number[];
  /** The same, where practice or tools bar somebody; null = everybody with the skill. */
  readonly allowed: readonly number[] | null;
  /** Where nobody may: what is missing. */
  readonly barred: 'notPracticed' | 'noTool' | null;
}

/** Work that is still worth doing when what follows it was done first; any other step then counts as passed over. */
const STILL_WANTED: readonly StepId[] = [
  ...(['knots', 'nails', 'clip', 'whiskers', 'upperEars', 'ears', 'throat', 'naturalTrim', 'fineTrim'] as const),
  ...(['undercoat', 'outlineCheck', 'bag', 'wraps'] as const),
];

/**
 * People do not always work in order: what was done or begun stands, and what should have come before it is done next or
 * passed over. Nothing that happened can leave a dog without a plan.
 */
export function splitPassedOver(
  wanted: readonly WantedStep[],
  today: Instant,
  recordOf: (key: TaskKey) => WorkRecord | undefined,
): { todo: WantedStep[]; passedOver: WantedStep[] } {
  const last = wanted.findLastIndex((w) => w.record?.startedAt !== undefined);
  const begun = wanted.slice(0, last + 1).filter((w) => w.record?.startedAt !== undefined);
  const late = wanted.slice(0, last + 1).filter((w) => w.record?.startedAt === undefined);
  const next = late.filter((w) => STILL_WANTED.includes(w.step.step));
  const rest = wanted.slice(last + 1);
  const dry = isWet(wanted[last]) ? nextCheck(rest) : 0;
  const [blades, others] = [next.filter(isBlade), next.filter((w) => !isBlade(w))];
  const [blade] = blades;
  // A coat that was tested on an earlier day is tested again before a blade: with what comes anyway, or for it.
  const isTested = blade === undefined || dry > 0 || (wanted[last]?.record?.startedAt ?? '') >= today;
  const soon = isTested || isWashedBefore(rest, nextCheck(rest)) ? dry : nextCheck(rest);
  const tests = isTested || soon > dry ? [] : testsBefore(blade, wanted, recordOf);
  return {
    todo: [
      ...[...begun, ...rest.slice(0, dry), ...others.map(atOnce), ...rest.slice(dry, soon)],
      ...[...tests, ...blades.map(afterTest), ...rest.slice(soon)],
    ],
    passedOver: late.filter((w) => !STILL_WANTED.includes(w.step.step)),
  };
}

const isBlade = (w: WantedStep): boolean => BLADES.has(w.step.step);

/** Number of tests that are put in for work that is late; no chain has so many of its own. */
const PUT_IN = 90;

/** A comb-through and the two tests, as the chain has them, in the days of a blade that is late. */
function testsBefore(
  { times: { fromMs, toMs, wanted: days } }: WantedStep,
  wanted: readonly WantedStep[],
  recordOf: (key: TaskKey) => WorkRecord | undefined,
): WantedStep[] {
  return AGAIN.flatMap((id) => {
    const like = wanted.find((w) => w.step.step === id);
    if (like === undefined) return [];
    const key = like.times.key.replace(/:\d+:\d+$/, `:${String(PUT_IN)}:1`) as TaskKey;
    return [
      {
        ...atOnce(like),
        isPutIn: true,
        record: recordOf(key),
        times: { ...like.times, key, fromMs, toMs, wanted: days },
      },
    ];
  });
}

/** Place after the next dry check; 0 = there is none. */
function nextCheck(steps: readonly WantedStep[]): number {
  return steps.findIndex((w) => w.step.step === 'dryCheck') + 1;
}

function isWashedBefore(steps: readonly WantedStep[], end: number): boolean {
  return steps.slice(0, end).some((w) => BATHS.has(w.step.step));
}

/** A wet coat is dried before anything else is made good: nothing comes between the tub and the dry check. */
function isWet(begun: WantedStep | undefined): boolean {
  return begun !== undefined && WET_RUN.has(begun.step.step);
}

/** A blade out of its order waits for nothing but the tests of its day. */
function afterTest(w: WantedStep): WantedStep {
  return { ...w, step: { ...atOnce(w).step, since: w.step.since.filter((s) => s.step === 'dryCheck') } };
}

/** A step out of its order follows nothing closely. */
function atOnce(w: WantedStep): WantedStep {
  return { ...w, step: { ...w.step, lagMin: 0, lagMaxMin: null, since: [] } };
}
