/*
 * The cut list of a dog by zone: how long the hair is at the session, how long it would be on the day of the show, what is wanted then,
 * and so what is left at the session. Hair that is cut too short does not grow back in time: it is told with the day on which it does.
 */
import type { CutAnswer, CutRefusal } from '../coat/trimMap.js';
import type { ZoneId } from '../coat/zones.js';
import type { LocalDay } from '../time/localDay.js';
import { addDays, daysBetween } from '../time/localDay.js';
import type { Growth, MeasuredHair } from './hairGrowth.js';
import { daysUntilMm, grownMm, ungrownMm } from './hairGrowth.js';

/** Hair of a zone, and what is wanted of it. */
export interface CutAsk {
  readonly zone: ZoneId;
  /** Last measured; null where nobody has. */
  readonly measured: MeasuredHair | null;
  readonly growth: Growth;
  /** Wanted on the day of the show, mm; null where nobody has said. */
  readonly wantedMm: number | null;
  readonly answer: CutAnswer;
}

/** States of a zone on its way to the show. */
export type CutState = 'takeOff' | 'right' | 'missing' | 'locked' | 'unknown';

/** One zone of the list; lengths in mm, unrounded. */
export interface CutRow {
  readonly zone: ZoneId;
  readonly state: CutState;
  readonly why: CutRefusal | null;
  /** At the session, and on the day of the show if it is left alone; null where nobody has measured. */
  readonly atSessionMm: number | null;
  readonly onDayMm: number | null;
  /** The same with the slower and the faster end of the growth's range. */
  readonly onDayRange: readonly [number, number] | null;
  readonly wantedMm: number | null;
  /** Left at the session, and in its rough pass. */
  readonly cutToMm: number | null;
  readonly roughToMm: number | null;
  readonly takeOffMm: number;
  readonly missingMm: number;
  /** Day on which a missing zone is long enough; null where it never is, or nothing is missing. */
  readonly longEnoughOn: LocalDay | null;
}

/** Less than this is right: no hand cuts finer, no judge sees it. */
const RIGHT_MM = 0.5;
/** Hair that covers the skin stays, whatever is wanted. */
const SKIN_COVER_MM = 0.5;
/** The rough pass leaves so much for the fine one: a share of the length, at least so many millimeters (engineering defaults). */
const RESERVE_SHARE = 0.1;
const LEAST_RESERVE_MM = 2;

/** The list, in the order in which zones are asked. `sessionDay` is not after `showDay`. */
export function cutList(asks: readonly CutAsk[], sessionDay: LocalDay, showDay: LocalDay): CutRow[] {
  return asks.map((ask) => cutRow(ask, sessionDay, showDay));
}

function cutRow({ zone, measured, growth, wantedMm, answer }: CutAsk, sessionDay: LocalDay, showDay: LocalDay): CutRow {
  const why = answer.ok ? null : answer.why;
  const none = { cutToMm: null, roughToMm: null, takeOffMm: 0, missingMm: 0, longEnoughOn: null };
  if (measured === null)
    return {
      zone,
      state: answer.ok ? 'unknown' : 'locked',
      why,
      atSessionMm: null,
      onDayMm: null,
      onDayRange: null,
      wantedMm,
      ...none,
    };
  const from = measured.day > sessionDay ? measured.day : sessionDay;
  const atSessionMm = grownMm(measured.mm, daysBetween(measured.day, from), growth);
  const days = Math.max(0, daysBetween(from, showDay));
  const left = (mmPerDay: number): number =>
    grownMm(measured.mm, daysBetween(measured.day, from) + days, { ...growth, mmPerDay });
  const onDayMm = left(growth.mmPerDay);
  const known = {
    zone,
    why,
    atSessionMm,
    onDayMm,
    onDayRange: [left(growth.low), left(growth.high)] as const,
    wantedMm,
  };
  if (wantedMm === null) return { ...known, state: answer.ok ? 'unknown' : 'locked', ...none };
  const missingMm = wantedMm - onDayMm;
  if (missingMm > RIGHT_MM) {
    const wait = daysUntilMm(atSessionMm, wantedMm, growth);
    const longEnoughOn = wait === null ? null : addDays(from, wait);
    return { ...known, state: 'missing', ...none, missingMm, longEnoughOn };
  }
  if (!answer.ok) return { ...known, state: 'locked', ...none };
  if (missingMm >= -RIGHT_MM) return { ...known, state: 'right', ...none };
  const cutToMm = Math.max(SKIN_COVER_MM, ungrownMm(wantedMm, days, growth));
  // Hair that only just covers the skin is left, although it will be longer than is wanted.
  if (cutToMm >= atSessionMm) return { ...known, state: 'right', ...none };
  const reserve = Math.max(LEAST_RESERVE_MM, cutToMm * RESERVE_SHARE);
  const roughToMm = Math.min(atSessionMm, cutToMm + reserve);
  return { ...known, state: 'takeOff', ...none, cutToMm, roughToMm, takeOffMm: atSessionMm - cutToMm };
}
