/*
 * Heights of the Countdown's rows, and where each strand's "now" is: pure arithmetic, so that the ragged front and the rows
 * always agree.
 */
import type { CountBackScale, CountdownDay } from '@loyal-mane/core';

/** Height of a row, px. */
export const ROW_PX = 23;
/** Height of a row that says what is in the way, px. */
export const TALL_ROW_PX = 43;
/** Height of a day's heading, px. */
export const HEAD_PX = 24;
/** Width of the names, px. */
export const LEFT_PX = 208;
/** Width of ring times and states, px. */
export const RIGHT_PX = 282;

/** Where a row or a day's heading stands, px. */
export interface RowBox {
  readonly kind: 'head' | 'row';
  readonly top: number;
  readonly height: number;
  readonly day: number;
  readonly row: number;
  /** Center line of the strand, px. */
  readonly mid: number;
  /** x of now on this strand, px from the left of the plot. */
  readonly nowX: number;
}

const HOUR_MS = 3_600_000;

/** Stacks rows and headings. */
export function layoutRows(
  days: readonly CountdownDay[],
  scale: CountBackScale,
  strandPx: number,
  nowMs: number,
): RowBox[] {
  const boxes: RowBox[] = [];
  let top = 0;
  const nowX = (ringMs: number): number =>
    LEFT_PX + Math.max(0, Math.min(1.03, scale.x((ringMs - nowMs) / HOUR_MS))) * strandPx;
  days.forEach((day, d) => {
    boxes.push({ kind: 'head', top, height: HEAD_PX, day: d, row: -1, mid: top + 14, nowX: nowX(day.firstRingMs) });
    top += HEAD_PX;
    day.rows.forEach((row, r) => {
      const height = row.problem === null ? ROW_PX : TALL_ROW_PX;
      boxes.push({ kind: 'row', top, height, day: d, row: r, mid: top + 11.5, nowX: nowX(row.ringMs) });
      top += height;
    });
  });
  return boxes;
}

/** The stepped front through all strands, as a path. */
export function frontPath(boxes: readonly RowBox[]): string {
  let path = '';
  for (const b of boxes) {
    path += path === '' ? `M${b.nowX.toFixed(1)} ${String(b.top)}` : `H${b.nowX.toFixed(1)}`;
    path += `V${String(b.top + b.height)}`;
  }
  return path;
}
