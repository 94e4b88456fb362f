import type { LocalDay, WallTime } from '@loyal-mane/core';

interface TimeZones {
  readonly wallToMs: (day: LocalDay, wall: WallTime, zone: string) => number;
  readonly localDayOf: (ms: number, zone: string) => LocalDay;
}
export const DEMO_MORNING: WallTime;
export function keptOffsetMs(dataDir: string): number | null;
export function keepOffsetMs(dataDir: string, offsetMs: number): void;
export function freshOffsetMs(core: TimeZones, zone: string, nowMs: number): number;
