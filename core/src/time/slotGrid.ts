/*
 * The planner's clock: slots of 5 elapsed minutes, slot 0 = local midnight of the plan's first day. Only the planner
 * sees slots. A day of 23 hours has 276 slots, one of 25 has 300; nothing else changes.
 */
import type { LocalDay, WallTime } from './localDay.js';
import { addDays, daysBetween } from './localDay.js';
import { wallToMs } from './zone.js';

/** Minutes of a slot of the planner. */
export const SLOT_MIN = 5;
/** Milliseconds of a slot. */
export const SLOT_MS = SLOT_MIN * 60_000;

/** Converts between milliseconds, local days and slots over a fixed run of days. */
export class SlotGrid {
  readonly firstDay: LocalDay;
  readonly dayCount: number;
  readonly zone: string;
  /** First slot of each day, and one more: the horizon. */
  readonly dayStarts: readonly number[];
  private readonly originMs: number;

  constructor(firstDay: LocalDay, dayCount: number, zone: string) {
    this.firstDay = firstDay;
    this.dayCount = dayCount;
    this.zone = zone;
    this.originMs = wallToMs(firstDay, '00:00' as WallTime, zone);
    const starts: number[] = [];
    for (let k = 0; k <= dayCount; k++) {
      const ms = wallToMs(addDays(firstDay, k), '00:00' as WallTime, zone);
      starts.push(Math.round((ms - this.originMs) / SLOT_MS));
    }
    this.dayStarts = starts;
  }

  /** Number of slots; every planned interval lies in [0, horizon). */
  get horizon(): number {
    return this.dayStarts[this.dayCount] ?? 0;
  }

  /** Slot that contains the instant (`floor`) or the first that starts at or after it (`ceil`). May lie outside. */
  slotOf(ms: number, round: 'floor' | 'ceil'): number {
    const exact = (ms - this.originMs) / SLOT_MS;
    return round === 'floor' ? Math.floor(exact) : Math.ceil(exact);
  }

  /** Start of a slot in milliseconds since the epoch. */
  msOf(slot: number): number {
    return this.originMs + slot * SLOT_MS;
  }

  /** Slot of a wall time on a local day, rounded outward as asked; clamped to the horizon. */
  slotAt(day: LocalDay, time: WallTime, round: 'floor' | 'ceil'): number {
    return Math.max(0, Math.min(this.horizon, this.slotOf(wallToMs(day, time, this.zone), round)));
  }

  /** First slot of a local day; days before the first give 0, days after the last the horizon. */
  dayStart(day: LocalDay): number {
    const k = daysBetween(this.firstDay, day);
    if (k <= 0) return 0;
    return this.dayStarts[Math.min(k, this.dayCount)] ?? this.horizon;
  }

  /** Index of the day that holds the slot, 0-based; the last day holds everything after. */
  dayOf(slot: number): number {
    let k = Math.min(this.dayCount - 1, Math.max(0, Math.floor(slot / 300)));
    while (k + 1 < this.dayCount && slot >= (this.dayStarts[k + 1] ?? Infinity)) k++;
    return k;
  }
}

/** Slots that hold a number of minutes, rounded up; at least one for anything above zero. */
export function slotsOf(minutes: number): number {
  return Math.max(0, Math.ceil(minutes / SLOT_MIN - 1e-9));
}
