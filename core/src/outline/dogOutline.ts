/*
 * A dog in side view: the body line and the line of its coat for each part, and both as SVG paths.
 */
import type { BodyRow } from './bodyRow.js';
import { hairAt, hangingAir } from './hairPlace.js';
import type { Point } from './spline.js';
import { closedSpline, counterclockwise, outwardNormals } from './spline.js';
import { PART_IDS, landmarksOf } from './template.js';
import type { Landmark, PartId } from './template.js';

const PER_SEGMENT = 8;
/** Lines of body and coat by part, closed polygons in body units (height at the withers = 1, y up). */
export interface DogOutline {
  readonly row: BodyRow;
  readonly body: ReadonlyMap<PartId, readonly Point[]>;
  readonly coat: ReadonlyMap<PartId, readonly Point[]>;
  /** Box of the coat's lines: [x from, y from, x to, y to]. */
  readonly box: readonly [number, number, number, number];
}

/** Draws the lines of a body's row: splines through its landmarks, hair added outward. */
export function dogOutline(row: BodyRow): DogOutline {
  const body = new Map<PartId, readonly Point[]>();
  const coat = new Map<PartId, readonly Point[]>();
  for (const [part, marks] of landmarksOf(row)) {
    body.set(
      part,
      closedSpline(
        marks.map((l) => l.at),
        PER_SEGMENT,
      ),
    );
    coat.set(part, closedSpline(coatMarks(marks, row), PER_SEGMENT));
  }
  const all = [...coat.values()].flat();
  const [xs, ys] = [all.map((p) => p[0]), all.map((p) => p[1])];
  return { row, body, coat, box: [Math.min(...xs), Math.min(...ys), Math.max(...xs), Math.max(...ys)] };
}

/** Tips of the hair: out along the normal, and down where there is air beneath. */
function coatMarks(marks: readonly Landmark[], row: BodyRow): Point[] {
  const normals = outwardNormals(marks.map((l) => l.at));
  return marks.map((l, i): Point => {
    const [nx, ny] = normals[i] as Point;
    const [stands, hangs] = hairAt(row.hair, l.place);
    const air = hangingAir(ny);
    const y = l.at[1] + ny * stands * l.share - hangs * air * l.share;
    return [l.at[0] + nx * stands * l.share, Math.max(row.floor, y)];
  });
}

/** Where a dog is drawn: pixels a height, and the pixel of (0, 0). */
export interface View {
  readonly scale: number;
  readonly x: number;
  readonly y: number;
  /** Mirrored: the dog faces left and shows its left side, the judge's. */
  readonly mirrored: boolean;
}

/** The largest view of an outline in a box of pixels, standing on its lower edge. */
export function viewIn(outline: DogOutline, width: number, height: number, mirrored = false): View {
  const [x0, , x1, y1] = outline.box;
  const scale = Math.min(width / (x1 - x0), height / y1);
  const left = (width - (x1 - x0) * scale) / 2;
  return { scale, x: mirrored ? width - left + x0 * scale : left - x0 * scale, y: height, mirrored };
}

/** A closed SVG path of points in a view; always in one direction, so that overlapping parts fill. */
export function pathOf(points: readonly Point[], view: View): string {
  const sign = view.mirrored ? -1 : 1;
  const line = counterclockwise(points).map(
    ([x, y]) => `${(view.x + sign * x * view.scale).toFixed(1)} ${(view.y - y * view.scale).toFixed(1)}`,
  );
  return `M${line.join('L')}Z`;
}

const FAR: readonly PartId[] = ['farHind', 'farFore'];
/** Points of a part that a small picture keeps: one in three. */
const SMALL_PX = 60;

/** Paths of a whole silhouette: far legs, and the rest, thinned for small pictures. */
export function silhouettePaths(
  outline: DogOutline,
  width: number,
  height: number,
): { readonly far: string; readonly near: string } {
  const view = viewIn(outline, width, height);
  const thin = (line: readonly Point[]): readonly Point[] =>
    width > SMALL_PX ? line : line.filter((_, i) => i % 3 === 0);
  const paths = (parts: readonly PartId[]): string =>
    parts
      .map((part) => outline.coat.get(part))
      .map((line) => (line === undefined ? '' : pathOf(thin(line), view)))
      .join('');
  return { far: paths(FAR), near: paths(PART_IDS.filter((p) => !FAR.includes(p))) };
}
