import type { LocalDay, WallTime } from '@loyal-mane/core';

interface TimeZones {
  readonly wallToMs: (day: LocalDay, wall: WallTime, zone: string) => number;
  readonly localDayOf: (ms: number, zone: string) => LocalDay;
  readonly addDays: (day: LocalDay, days: number) => LocalDay;
  readonly weekday: (day: LocalDay) => number;
}
export const DEMO_MORNING: WallTime;
export function keptOffsetMs(dataDir: string): number | null;
export function keepOffsetMs(dataDir: string, offsetMs: number): void;
export function freshOffsetMs(
  core: TimeZones,
  file: { readonly startDay: LocalDay; readonly zone: string },
  nowMs: number,
): number;
