/*
 * No blade goes to a coat that was not tested the same day (common practice): dry and straight at the root. Where the trims of
 * a chain fall on several days, because the dog stands only so long or because the trim comes days after its bath, each day
 * begins with a comb-through and the two tests. A coat stays clean for one night; after two it is washed and dried again.
 */
import type { ProgramStep, StepLag } from '../../programs/careProgram.js';
import { BATHS, BLADES } from '../../programs/stepGroups.js';
import type { StepId } from '../../kennel/vocabulary.js';

const TESTS: ReadonlySet<StepId> = new Set(['dryCheck']);
/** Standing without a blade: on another day it needs no test. */
const STANDS: ReadonlySet<StepId> = new Set(['outlineCheck']);
/** Steps that come again on another day, each directly after the one before it. */
export const AGAIN: readonly StepId[] = ['combThrough', 'dryCheck'];
const AGAIN_LAG_MIN = 20;
/** From one day's last cut to the next day's first test, at least. */
const ANOTHER_DAY_MIN = 12 * 60;
/** Clean and dry since its bath: one night in a clean crate, and the tests again (CP-40). */
const ONE_NIGHT_MIN = 36 * 60;

/** A session with what comes before it. */
interface Tested {
  readonly tests: readonly ProgramStep[];
  readonly step: ProgramStep;
  /** Minutes that the day's standing leaves for it: where the minutes of a day fit, its slots do too. */
  readonly roomMin: number;
}

/** Follows a chain's sessions, and says which tests come before each. */
export class FreshChecks {
  private readonly templates: readonly ProgramStep[];
  /** From the first bath of the chain to its comb-through; empty where there is none before a test. */
  private readonly wash: readonly ProgramStep[];
  private readonly standMin: number;
  /** Step that the coat was last dried by, and the nights since. */
  private dried: StepId | null = null;
  private nights = 0;
  /** Last day before the show on which the coat's bath may be; null = none that counts days. */
  private bathDay: number | null = null;
  private tested = false;
  private isFresh = false;
  /** Estimated minutes that the dog has stood since the last test, and those of the slots that they were given. */
  private stoodMin = 0;
  private slotsMin = 0;

  /** `steps` are the chain's; `standMin` is how long the dog stands a day. */
  constructor(steps: readonly ProgramStep[], standMin: number) {
    this.templates = AGAIN.flatMap((id) => steps.filter((s) => s.step === id && s.when.length === 0).slice(0, 1));
    this.wash = washOf(steps, this.templates[0]);
    this.standMin = standMin;
  }

  /** Steps to be put before a session of so many minutes, and the session's step as it is then wanted. */
  before(step: ProgramStep, minutes: number): Tested {
    if (TESTS.has(step.step)) this.note();
    this.noteDried(step.step);
    if (BATHS.has(step.step)) this.bathDay = step.to.of === 'prepDay' ? step.to.day : null;
    // A step with an aim of its own begins another day's work.
    if (step.aim.of !== 'follow') this.isFresh = false;
    const isFull = this.isFresh && this.stoodMin + minutes > this.standMin + 1e-9;
    const room = isFull || !this.isFresh ? Infinity : this.standMin - this.slotsMin;
    if (STANDS.has(step.step))
      return { tests: [], step: isFull ? { ...step, lagMin: ANOTHER_DAY_MIN, lagMaxMin: null } : step, roomMin: room };
    if (!BLADES.has(step.step) || !this.tested || this.templates.length < AGAIN.length)
      return { tests: [], step, roomMin: Infinity };
    const isTested = this.isFresh && !isFull;
    if (!isTested) this.note();
    this.stoodMin += minutes;
    if (isTested) return { tests: [], step, roomMin: room };
    this.nights += 1;
    const isStale = this.nights > 1 || this.isDaysAfterBath(step);
    const isWashed = isStale && this.wash.length > 0 && this.dried !== TOWEL_RELEASE;
    if (isWashed) this.nights = 0;
    if (isWashed) this.bathDay = null;
    const tests = inDaysOf(step, isWashed ? this.wash : this.templates, isFull ? ANOTHER_DAY_MIN : 0);
    return { tests, step: { ...step, since: this.sinceDried(step), aim: FOLLOW, anchor: false }, roomMin: Infinity };
  }

  /** Notes the minutes of the slots that a blade was given. */
  gave(step: ProgramStep, minutes: number): void {
    if (BLADES.has(step.step)) this.slotsMin += minutes;
  }

  /** Notes that the work before was on an earlier day. */
  anotherDay(): void {
    this.isFresh = false;
  }

  /** Lags that a blade counts from, the night since the coat was dried included. */
  private sinceDried(step: ProgramStep): readonly StepLag[] {
    if (this.dried === null || this.nights > 1) return step.since;
    return [...step.since, { step: this.dried, min: 0, max: ONE_NIGHT_MIN, ifDone: true }];
  }

  /** Whether the days that a blade and the bath have leave more than a night between them. */
  private isDaysAfterBath({ from }: ProgramStep): boolean {
    return this.bathDay !== null && from.of === 'prepDay' && from.day - this.bathDay > 1;
  }

  private noteDried(step: StepId): void {
    if (step !== DRIED && step !== TOWEL_RELEASE) return;
    this.dried = step;
    this.nights = 0;
  }

  private note(): void {
    this.tested = true;
    this.isFresh = true;
    this.stoodMin = 0;
    this.slotsMin = 0;
  }
}

const FOLLOW: ProgramStep['aim'] = { of: 'follow' };
const DRIED: StepId = 'heatDry';
/** A jacket that lies is not washed again: it would have to be set again. */
const TOWEL_RELEASE: StepId = 'towelRelease';

/** The chain's own wash: its first bath and all that follows to the test, then the comb. */
function washOf(steps: readonly ProgramStep[], comb: ProgramStep | undefined): readonly ProgramStep[] {
  const from = steps.findIndex((s) => BATHS.has(s.step));
  const to = steps.findIndex((s, k) => k > from && TESTS.has(s.step));
  if (from < 0 || to < 0 || comb === undefined) return [];
  return [...steps.slice(from, to + 1).filter((s) => s.times === 'once'), comb];
}

/** Steps put before a blade, in the days that it has; the first is wanted when the blade was. */
function inDaysOf(blade: ProgramStep, steps: readonly ProgramStep[], lagMin: number): readonly ProgramStep[] {
  const { from, to, aim, anchor, skipWhenPast } = blade;
  return steps.map((s, k) => ({
    ...s,
    ...{ from, to, skipWhenPast, since: [] },
    ...(k === 0
      ? { aim, anchor, lagMin, lagMaxMin: null }
      : { aim: FOLLOW, anchor: false, lagMaxMin: s.lagMaxMin ?? AGAIN_LAG_MIN }),
  }));
}
