/*
 * Ways of doing one chain where there is a choice: where its show bath is, how a heavy dog comes into the tub, whether its
 * windows may give way, and whether heat drying may wait, because it has no place else. The search tries them; a plan keeps what it was made with.
 */
import type { KennelDog } from '../../kennel/dogRecord.js';
import type { KennelFile } from '../../kennel/kennelFile.js';
import { workLimits } from '../../kennel/limits.js';
import type { CareProgram, Mark } from '../../programs/careProgram.js';
import type { DogId, EntryId } from '../../units/ids.js';
import { bathAtSite } from '../../programs/bathAtSite.js';
import { heatLater } from '../../programs/heatLater.js';
import { settlesWhen } from '../../programs/settling.js';
import { addDays, daysBetween } from '../../time/localDay.js';
import type { WallTime } from '../../time/localDay.js';
import { wallToMs } from '../../time/zone.js';
import type { MarkContext } from './marks.js';

/** Places of a show bath. */
export const BATH_PLACES = ['home', 'siteDayBefore', 'siteMorning'] as const;
/** One of `BATH_PLACES`. */
export type BathPlace = (typeof BATH_PLACES)[number];

/** How one chain is done. */
export interface Way {
  readonly bath: BathPlace;
  /** Two people lift the dog into a tub without a ramp. */
  readonly twoLift: boolean;
  /** Days that are only wanted have given way, so that the dog has a place at all. */
  readonly isWide: boolean;
  /** A washed coat is dried with the force dryer at once, and straightened with heat when a dryer for it is free. */
  readonly heatLater?: boolean;
}

/** A chain that is not done in the usual way, by its key. */
export interface ChainWay extends Way {
  readonly key: string;
  readonly dogId: DogId;
  readonly entryId: EntryId | null;
}

/** At home, by the ramp, on the days that are wanted, dried in one go. */
export const USUAL_WAY: Way = { bath: 'home', twoLift: false, isWide: false };

/** Of the sum of what two people lift alone, so much together: two thirds (guidance on team lifting, from memory). */
const TEAM_SHARE = 2 / 3;

/** Weight that two people lift together, kg. */
export function twoLiftKg(settings: KennelFile['settings']): number {
  return 2 * TEAM_SHARE * workLimits(settings).liftKg;
}

/** Whether a dog is too heavy for one to lift, and not for two. */
export function mayLiftByTwo(settings: KennelFile['settings'], weightKg: number): boolean {
  return weightKg >= workLimits(settings).liftKg && weightKg <= twoLiftKg(settings);
}

/** A dog whose bath is known to be right on the same day: by its own record, or by its fringes. */
export function isRightAtOnce(dog: KennelDog): boolean {
  return settlesWhen(dog) === 'sameDay';
}

/** The program of a chain as its way has it; the same where the way does not fit it. */
export function programByWay(program: CareProgram, way: Way, marks: MarkContext): CareProgram {
  const dried = way.heatLater === true ? heatLater(program) : program;
  if (way.bath !== 'siteDayBefore') return dried;
  const day = daysBetween(marks.prepDay, marks.ringDay) - 1;
  return day < 0 ? dried : (bathAtSite(dried, day) ?? dried);
}

/** Days by which a window that is only wanted gives way on either side (engineering default). */
export const DEFAULT_GIVE_DAYS = 2;

/** A stretch of time, Unix milliseconds. */
interface Window {
  readonly fromMs: number;
  readonly toMs: number;
}

/**
 * A window with its wanted days given way: it may begin earlier, and end as late as the day before the dog leaves. What counts
 * from the ring, the journey or a rule about the last moment stays: hair, damp and safety do not give way.
 */
export function widened(window: Window, step: { readonly from: Mark; readonly to: Mark }, marks: MarkContext): Window {
  const zone = marks.zone;
  const midnight = (day: number): number => wallToMs(addDays(marks.prepDay, day), '00:00' as WallTime, zone);
  const isWanted = (mark: Mark): boolean => mark.of === 'prepDay' || mark.of === 'prepEnd';
  if (!isWanted(step.from)) return window;
  const fromMs = midnight((step.from.of === 'prepDay' ? step.from.day : 0) - DEFAULT_GIVE_DAYS);
  const toMs = isWanted(step.to) ? Math.max(window.toMs, midnight(0)) : window.toMs;
  return { fromMs: Math.min(window.fromMs, fromMs), toMs };
}
