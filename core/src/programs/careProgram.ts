/*
 * Care programs as data: the order of work on one class of coat, its windows counted from marks, and the table of minutes.
 */
import type { ToolNeed } from './mayTrim.js';
import type { CoatClass, CoatColumn } from '../coat/coatClass.js';
import type { Flank, Skill, StepId } from '../kennel/vocabulary.js';

/** How minutes grow with the dog: with its surface, with the square root of it, or not at all. */
export type MinuteScale = 'whole' | 'zone' | 'fixed';

/** One row of the table of starting minutes, for the reference dog of 0.75 m2. */
export interface MinutesRow {
  readonly scale: MinuteScale;
  /** Minutes by coat column; a column that is absent is not done. */
  readonly by: Readonly<Partial<Record<CoatColumn, number>>>;
  /** Brushing rows take longer in coat change. */
  readonly brushing: boolean;
  /** Rows that grow with the coat's density and length. */
  readonly dense: boolean;
  /** Trim rows that grow with the weeks since the last trim. */
  readonly trim: boolean;
  /** Washing and drying rows feel how well the step before them was done. */
  readonly wet: 'bath' | 'dry' | null;
}

/** A moment that windows count from. Minutes and days may be negative (before). */
export type Mark =
  /** Start or end of a day counted from the preparation's anchor: the earlier of ring day and departure day. */
  | { readonly of: 'prepDay'; readonly day: number; readonly at: 'start' | 'end' }
  /** End of a day of the show's own preparation, which is over before the dog leaves. */
  | { readonly of: 'prepEnd'; readonly day: number }
  /** Minutes from the ring time. */
  | { readonly of: 'ring'; readonly min: number }
  /** Start or end of the ring day, days added. */
  | { readonly of: 'ringDay'; readonly day: number; readonly at: 'start' | 'evening' | 'end' }
  /** Minutes from the departure to the show; without a transport, from the ring time less two hours. */
  | { readonly of: 'departure'; readonly min: number }
  /** Minutes from a later round. */
  | { readonly of: 'laterRound'; readonly min: number };

/** Where a step should sit when nothing is in the way. */
export type Aim =
  /** On a day counted from the preparation's anchor, at a wall time. */
  | { readonly of: 'prepDay'; readonly day: number; readonly time: string }
  /** At the latest moment of its window. */
  | { readonly of: 'latest' }
  /** At the earliest moment of its window. */
  | { readonly of: 'earliest' }
  /** Directly after the step before it. */
  | { readonly of: 'follow' };

/** Conditions under which a step belongs to the chain; all must hold. */
export type Condition =
  | 'undercoatHeavy'
  | 'undercoatLight'
  | 'jacketNeedsTowel'
  | 'jacketLies'
  | 'wholeBath'
  | 'whitesOnly'
  | 'bathed'
  | 'travels'
  | 'firstShowDay'
  | 'lastShowDay'
  | 'laterRound'
  | 'fringed'
  | 'notFringed'
  | 'hasMats'
  | 'bearsLittle'
  | 'soiled'
  | 'siteTub'
  | 'siteDryer'
  | 'noSiteDryer'
  | 'underNineMonths'
  | 'fromTenWeeks'
  | 'fromNineMonths'
  | 'unready'
  | 'wrapped'
  | 'cleanFaced'
  | 'outlineShaped'
  | 'earsTrimmed'
  | 'upperEarsClipped'
  | 'trimDone'
  | 'holdComesOut'
  | 'holdMayStay'
  | 'notCleanFaced'
  | 'towelTwice'
  | 'towelAfterBath';

/** A lag to an earlier step, end to start, minutes; max null = any. */
export interface StepLag {
  readonly step: StepId;
  readonly min: number;
  readonly max: number | null;
  /** A chain without that step is as right: the lag only counts where it is done. */
  readonly ifDone?: boolean;
}

/** One step of a care program. */
export interface ProgramStep {
  readonly step: StepId;
  /** Row of the minutes table. */
  readonly row: string;
  /** Share of the row's minutes that this step takes (a flank is half), 0 to 1. */
  readonly share: number;
  /** Of work that goes flank by flank: which of the two; they may fall on different days. */
  readonly flank?: Flank;
  /** Factor on the minutes, and minutes added after it; 1 and 0 unless a school says otherwise. */
  readonly factor: number;
  readonly plusMin: number;
  /** Most minutes on one day; the rest goes to further days. Null = no limit of its own. */
  readonly perDayMin: number | null;
  /** Counted once, once for each mat that is known, or once for each zone that failed a test. */
  readonly times: 'once' | 'mats' | 'unready';
  /** Skill asked for in place of the step's own; null = the step's. */
  readonly skill: Skill | null;
  /** Tools asked for in place of the step's own on this coat; null = the step's. */
  readonly tools: readonly ToolNeed[] | null;
  readonly from: Mark;
  readonly to: Mark;
  readonly aim: Aim;
  /** Weight of being off the aim: an anchor holds its chain in place, the others lean on it. */
  readonly anchor: boolean;
  /** Minutes after the end of the step before it: at least, and at most (null = any). */
  readonly lagMin: number;
  readonly lagMaxMin: number | null;
  /** Lags to earlier steps of the chain: the latest one of that name before this. */
  readonly since: readonly StepLag[];
  readonly when: readonly Condition[];
  /** Minutes that the dog goes on alone in a pen after the attended ones. */
  readonly restMin: number;
  /** Dropped without a word when its whole window is past at the plan's start (early work that is optional then). */
  readonly skipWhenPast: boolean;
  /** Planned at the 80th percentile: nothing may slip on a show morning. */
  readonly careful: boolean;
}

/** Work that comes back at an interval while no show chain covers it. */
export interface KeepUpRule {
  readonly id: string;
  readonly everyDays: number;
  /** Interval in coat change. */
  readonly everyDaysInChange: number;
  readonly when: readonly Condition[];
  /** Which of the dog's dates the interval counts from. */
  readonly since: 'lastBrush' | 'lastBath' | 'lastTrim' | 'none';
  /** Days before the show's preparation anchor and after the ring within which the rule rests. */
  readonly restDaysBefore: number;
  /** Days over which one round may be spread, its own day first; absent = 1. */
  readonly spreadDays?: number;
  /** Due once, as soon as it can be, not by an interval; and only for a dog that no show of the plan brings it to. */
  readonly once?: boolean;
  /** Rule whose round this one has in it: that one's rounds near it fall away. */
  readonly covers?: string;
  readonly steps: readonly ProgramStep[];
}

/** Work with a long lead that is a date for the calendar, not a slot in the plan. */
export interface CalendarRule {
  readonly step: StepId;
  /** Days before the first show. */
  readonly daysBefore: number;
  readonly words: string;
}

/** The whole order of work for one coat class. */
export interface CareProgram {
  readonly coat: CoatClass;
  readonly version: number;
  readonly calendar: readonly CalendarRule[];
  readonly keepUp: readonly KeepUpRule[];
  /** From the first trim bath to the journey. */
  readonly preparation: readonly ProgramStep[];
  /** Between two show days at one site. */
  readonly between: readonly ProgramStep[];
  readonly showMorning: readonly ProgramStep[];
  readonly after: readonly ProgramStep[];
}
