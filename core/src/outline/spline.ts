/*
 * Smooth closed lines through landmarks: centripetal Catmull-Rom (Catmull and Rom 1974; centripetal knots after Yuksel,
 * Schaefer and Keyser 2011; evaluated as Barry and Goldman 1988), which neither loops nor overshoots at short segments.
 */

/** x forward, y up; fractions of the height at the withers. */
export type Point = readonly [x: number, y: number];

/** Shortest knot distance, so that landmarks which coincide do not divide by zero. */
const LEAST_KNOT = 1e-4;

function mix(p: Point, q: Point, t: number): Point {
  return [p[0] + (q[0] - p[0]) * t, p[1] + (q[1] - p[1]) * t];
}

function knot(p: Point, q: Point): number {
  return Math.max(LEAST_KNOT, Math.sqrt(Math.hypot(q[0] - p[0], q[1] - p[1])));
}

/**
 * Points of a closed line through at least three landmarks, `perSegment` for each: index i * perSegment is landmark i on
 * every dog, so that the same index always means the same place.
 */
export function closedSpline(landmarks: readonly Point[], perSegment: number): Point[] {
  const n = landmarks.length;
  if (n < 3) throw new Error(`closedSpline: at least three landmarks, got ${String(n)}`);
  const at = (i: number): Point => landmarks[(i + n) % n] as Point;
  const line: Point[] = [];
  for (let i = 0; i < n; i++) {
    const [a, b, c, d] = [at(i - 1), at(i), at(i + 1), at(i + 2)];
    const t1 = knot(a, b);
    const t2 = t1 + knot(b, c);
    const t3 = t2 + knot(c, d);
    for (let j = 0; j < perSegment; j++) {
      const t = t1 + ((t2 - t1) * j) / perSegment;
      const ab = mix(a, b, t / t1);
      const bc = mix(b, c, (t - t1) / (t2 - t1));
      const cd = mix(c, d, (t - t2) / (t3 - t2));
      line.push(mix(mix(ab, bc, t / t2), mix(bc, cd, (t - t1) / (t3 - t1)), (t - t1) / (t2 - t1)));
    }
  }
  return line;
}

/** Signed area of a closed line; positive when it runs counterclockwise. */
export function signedArea(line: readonly Point[]): number {
  let twice = 0;
  line.forEach((p, i) => {
    const q = line[(i + 1) % line.length] as Point;
    twice += p[0] * q[1] - q[0] * p[1];
  });
  return twice / 2;
}

/** The line running counterclockwise, so that parts that overlap fill without holes. */
export function counterclockwise(line: readonly Point[]): readonly Point[] {
  return signedArea(line) < 0 ? [...line].reverse() : line;
}

/** Unit normals that point outward, one a point. */
export function outwardNormals(line: readonly Point[]): Point[] {
  const n = line.length;
  const side = signedArea(line) > 0 ? 1 : -1;
  return line.map((_, i): Point => {
    const a = line[(i - 1 + n) % n] as Point;
    const b = line[(i + 1) % n] as Point;
    const [dx, dy] = [b[0] - a[0], b[1] - a[1]];
    const length = Math.hypot(dx, dy) || 1;
    return [(side * dy) / length, (-side * dx) / length];
  });
}
