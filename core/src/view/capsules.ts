/*
 * Steps that would collide on a strand form a capsule at their mean place: up to four glyphs, else three and "+n". Order
 * is kept and nothing is lost; what is running, without a place, or to be decided is never bundled.
 */

/** Something on a strand: where it is, px, and whether it stands alone. */
export interface StrandMark<T> {
  /** Center, px. */
  readonly x: number;
  /** Never bundled. */
  readonly solo: boolean;
  readonly item: T;
}

/** Marks that lie too near to each other, drawn as one. */
export interface Capsule<T> {
  /** Center, px. */
  readonly x: number;
  readonly widthPx: number;
  /** In order of time; all of them, also those beyond the shown ones. */
  readonly items: readonly T[];
  /** How many glyphs are drawn; the rest is "+n". */
  readonly shown: number;
}

const GLYPH_PX = 16;
const GAP_PX = 2;
const SMALL_GLYPH_PX = 15;
const PAD_PX = 10;
const MORE_PX = 20;
const MOST_GLYPHS = 4;

function widthOf(count: number): { widthPx: number; shown: number } {
  if (count === 1) return { widthPx: GLYPH_PX, shown: 1 };
  const shown = count <= MOST_GLYPHS ? count : MOST_GLYPHS - 1;
  return { widthPx: PAD_PX + shown * SMALL_GLYPH_PX + (shown < count ? MORE_PX : 0), shown };
}

interface Group<T> {
  marks: StrandMark<T>[];
  solo: boolean;
}

function center<T>(g: Group<T>): number {
  return g.marks.reduce((sum, m) => sum + m.x, 0) / g.marks.length;
}

/** Lays marks (in order of time) out as capsules, left to right, none over another while [from, to] px has room. */
export function layoutCapsules<T>(marks: readonly StrandMark<T>[], from = -Infinity, to = Infinity): Capsule<T>[] {
  const groups: Group<T>[] = [];
  for (const mark of marks) {
    groups.push({ marks: [mark], solo: mark.solo });
    while (mergeLast(groups)) continue;
  }
  const capsules = groups.map((g) => {
    const { widthPx, shown } = widthOf(g.marks.length);
    return { x: center(g), widthPx, shown, items: g.marks.map((m) => m.item) };
  });
  return spread(capsules, from, to);
}

/** Pushes what overlaps apart: first from the right edge leftward, then from the left edge rightward, which wins. */
function spread<T>(capsules: readonly Capsule<T>[], from: number, to: number): Capsule<T>[] {
  const xs = capsules.map((c) => c.x);
  let right = to;
  for (let i = capsules.length - 1; i >= 0; i--) {
    const half = (capsules[i]?.widthPx ?? 0) / 2;
    xs[i] = Math.min(xs[i] ?? 0, right - half);
    right = (xs[i] ?? 0) - half - GAP_PX;
  }
  let left = from;
  for (let i = 0; i < capsules.length; i++) {
    const half = (capsules[i]?.widthPx ?? 0) / 2;
    xs[i] = Math.max(xs[i] ?? 0, left + half);
    left = (xs[i] ?? 0) + half + GAP_PX;
  }
  return capsules.map((c, i) => ({ ...c, x: xs[i] ?? c.x }));
}

/** Merges the last two groups when they collide and neither must stand alone. */
function mergeLast<T>(groups: Group<T>[]): boolean {
  const last = groups[groups.length - 1];
  const before = groups[groups.length - 2];
  if (last === undefined || before === undefined || last.solo || before.solo) return false;
  const room = center(last) - center(before);
  const need = (widthOf(last.marks.length).widthPx + widthOf(before.marks.length).widthPx) / 2 + GAP_PX;
  if (room >= need) return false;
  groups.pop();
  groups[groups.length - 1] = { marks: [...before.marks, ...last.marks], solo: false };
  return true;
}
