/*
 * The silhouette of a dog in a side photo on a plain ground: the background is fitted as a smooth surface to the picture's border and
 * subtracted in color, so that light and dark dogs come out alike; what differs enough is the dog (threshold by Otsu 1979), its outline
 * a contour at that level. Pixels; x to the right, y down.
 */
import { contours } from 'd3-contour';
import type { Point } from './spline.js';

/** A picture as a canvas gives it: red, green, blue, alpha for each pixel, row by row. */
export interface Pixels {
  readonly data: Uint8ClampedArray;
  readonly width: number;
  readonly height: number;
}

/** The outline that was found, or why none was. */
export type PhotoTrace =
  | { readonly ok: true; readonly ring: readonly Point[]; readonly share: number }
  /** Nothing stands out; or what stands out touches the border nearly everywhere. */
  | { readonly ok: false; readonly why: 'nothing' | 'noGround' };

/** Pixels of the side of a block that becomes one: a contour of millions of pixels is no truer and much slower. */
const BLOCK = 4;
/** Share of the picture's sides that is taken for background. */
const BORDER = 0.03;
/** A dog is at least and at most this share of a picture. */
const LEAST_SHARE = 0.005;
const MOST_SHARE = 0.8;
/** Points closer to the line than this are left out, pixels of the reduced picture. */
const SIMPLE = 0.4;

/** Traces the largest thing that stands out. `block` pixels become one; 1 for a picture that was reduced before. */
export function tracePhoto(picture: Pixels, block = BLOCK): PhotoTrace {
  const small = reduced(picture, block);
  const apart = blurred(apartFromGround(small), small.width, small.height);
  const level = otsu(apart);
  const [found] = contours().size([small.width, small.height]).thresholds([level])(apart as unknown as number[]);
  const rings = (found?.coordinates ?? []).map((polygon) => polygon[0] as [number, number][]);
  const largest = rings.map((ring) => ({ ring, area: Math.abs(area(ring)) })).sort((x, y) => y.area - x.area)[0];
  const share = (largest?.area ?? 0) / (small.width * small.height);
  if (largest === undefined || share < LEAST_SHARE) return { ok: false, why: 'nothing' };
  if (share > MOST_SHARE) return { ok: false, why: 'noGround' };
  const ring = simplified(largest.ring, SIMPLE).map(([x, y]): Point => [x * block, y * block]);
  return { ok: true, ring, share };
}

interface Small {
  readonly width: number;
  readonly height: number;
  /** Red, green and blue, a plane each, 0 to 255. */
  readonly planes: readonly Float32Array[];
}

function reduced({ data, width, height }: Pixels, block: number): Small {
  const [w, h] = [Math.floor(width / block), Math.floor(height / block)];
  const [red, green, blue] = [new Float32Array(w * h), new Float32Array(w * h), new Float32Array(w * h)];
  const share = 1 / (block * block);
  for (let y = 0; y < h; y++) {
    for (let x = 0; x < w; x++) {
      let [r, g, b] = [0, 0, 0];
      for (let dy = 0; dy < block; dy++) {
        const row = ((y * block + dy) * width + x * block) * 4;
        for (let from = row; from < row + block * 4; from += 4) {
          r += data[from] as number;
          g += data[from + 1] as number;
          b += data[from + 2] as number;
        }
      }
      const to = y * w + x;
      red[to] = r * share;
      green[to] = g * share;
      blue[to] = b * share;
    }
  }
  return { width: w, height: h, planes: [red, green, blue] };
}

/** Terms of the background's surface: even light, slopes, and a fall-off to the sides. */
function terms(x: number, y: number): number[] {
  return [1, x, y, x * x, x * y, y * y];
}

/** A pixel that is only darker than its ground, in this range of it, is rather a shadow; it counts less. */
const SHADOW_FROM = 0.6;
const SHADOW_WEIGHT = 0.4;
/** Color that differs counts more than light that does. */
const COLOR_WEIGHT = 2;

/** How far each pixel's color lies from the background fitted to the border. */
function apartFromGround({ width, height, planes }: Small): Float32Array {
  const [red, green, blue] = planes as [Float32Array, Float32Array, Float32Array];
  const grounds = planes.map((plane) => surface(borderFit(plane, width, height)));
  const [groundRed, groundGreen, groundBlue] = grounds as [Surface, Surface, Surface];
  const apart = new Float32Array(width * height);
  for (let y = 0; y < height; y++) {
    for (let x = 0; x < width; x++) {
      const at = y * width + x;
      const [u, v] = [x / width, y / height];
      const [gr, gg, gb] = [groundRed(u, v), groundGreen(u, v), groundBlue(u, v)];
      const [r, g, b] = [red[at] as number, green[at] as number, blue[at] as number];
      const square = gr * gr + gg * gg + gb * gb || 1;
      const ratio = (r * gr + g * gg + b * gb) / square;
      const color = Math.hypot(r - ratio * gr, g - ratio * gg, b - ratio * gb) * COLOR_WEIGHT;
      const light = Math.abs(1 - ratio) * Math.sqrt(square);
      apart[at] = Math.hypot(color, ratio > SHADOW_FROM && ratio < 1 ? light * SHADOW_WEIGHT : light);
    }
  }
  return apart;
}

type Surface = (u: number, v: number) => number;

function surface([a = 0, b = 0, c = 0, d = 0, e = 0, f = 0]: readonly number[]): Surface {
  return (u, v) => a + b * u + c * v + d * u * u + e * u * v + f * v * v;
}

/** Least squares over the picture's border: normal equations of six terms, solved by elimination. */
function borderFit(plane: Float32Array, width: number, height: number): number[] {
  const edge = Math.max(1, Math.round(Math.min(width, height) * BORDER));
  const n = 6;
  const matrix = Array.from({ length: n }, () => new Float64Array(n + 1));
  for (let y = 0; y < height; y++) {
    const isRow = y < edge || y >= height - edge;
    for (let x = 0; x < width; x++) {
      if (!isRow && x >= edge && x < width - edge) continue;
      const t = terms(x / width, y / height);
      const value = plane[y * width + x] as number;
      for (let i = 0; i < n; i++) {
        const row = matrix[i] as Float64Array;
        for (let j = 0; j < n; j++) row[j] = (row[j] as number) + (t[i] as number) * (t[j] as number);
        row[n] = (row[n] as number) + (t[i] as number) * value;
      }
    }
  }
  return eliminated(matrix, n);
}

function eliminated(matrix: Float64Array[], n: number): number[] {
  for (let i = 0; i < n; i++) {
    const row = matrix[i] as Float64Array;
    const pivot = (row[i] as number) || 1e-12;
    for (let r = 0; r < n; r++) {
      if (r === i) continue;
      const other = matrix[r] as Float64Array;
      const factor = (other[i] as number) / pivot;
      for (let c = i; c <= n; c++) other[c] = (other[c] as number) - factor * (row[c] as number);
    }
  }
  return matrix.map((row, i) => (row[n] as number) / ((row[i] as number) || 1e-12));
}

/** Mean over three by three; the border keeps its own. */
function blurred(values: Float32Array, width: number, height: number): Float32Array {
  const out = Float32Array.from(values);
  for (let y = 1; y < height - 1; y++) {
    for (let x = 1; x < width - 1; x++) {
      let sum = 0;
      for (let dy = -1; dy <= 1; dy++)
        for (let dx = -1; dx <= 1; dx++) sum += values[(y + dy) * width + x + dx] as number;
      out[y * width + x] = sum / 9;
    }
  }
  return out;
}

const BINS = 256;

/** Level that parts values best into two groups (Otsu 1979). */
function otsu(values: Float32Array): number {
  const most = values.reduce((m, v) => Math.max(m, v), 1e-6);
  const bins = new Float64Array(BINS);
  for (const v of values) {
    const bin = Math.min(BINS - 1, Math.floor((v / most) * BINS));
    bins[bin] = (bins[bin] as number) + 1;
  }
  const all = bins.reduce((s, count, i) => s + count * i, 0);
  let [best, bestAt, low, lowSum] = [-1, 0, 0, 0];
  for (let i = 0; i < BINS - 1; i++) {
    low += bins[i] as number;
    lowSum += (bins[i] as number) * i;
    const high = values.length - low;
    if (low === 0 || high === 0) continue;
    const between = low * high * (lowSum / low - (all - lowSum) / high) ** 2;
    if (between > best) [best, bestAt] = [between, i];
  }
  return ((bestAt + 1) / BINS) * most;
}

function area(ring: readonly (readonly number[])[]): number {
  let twice = 0;
  ring.forEach((p, i) => {
    const q = ring[(i + 1) % ring.length] as readonly number[];
    twice += (p[0] as number) * (q[1] as number) - (q[0] as number) * (p[1] as number);
  });
  return twice / 2;
}

/** The ring without points that lie on the line of their neighbors (Ramer 1972, Douglas and Peucker 1973). */
function simplified(ring: readonly (readonly [number, number])[], within: number): [number, number][] {
  const keep = new Uint8Array(ring.length);
  const open: [number, number][] = [[0, ring.length - 1]];
  keep[0] = keep[ring.length - 1] = 1;
  for (let part = open.pop(); part !== undefined; part = open.pop()) {
    const [from, to] = part;
    const [a, b] = [ring[from], ring[to]] as [[number, number], [number, number]];
    const length = Math.hypot(b[0] - a[0], b[1] - a[1]);
    let [far, farAt] = [within, -1];
    for (let i = from + 1; i < to; i++) {
      const p = ring[i] as readonly [number, number];
      const across = Math.abs((b[0] - a[0]) * (a[1] - p[1]) - (a[0] - p[0]) * (b[1] - a[1]));
      const gap = length < 1e-9 ? Math.hypot(p[0] - a[0], p[1] - a[1]) : across / length;
      if (gap > far) [far, farAt] = [gap, i];
    }
    if (farAt === -1) continue;
    keep[farAt] = 1;
    open.push([from, farAt], [farAt, to]);
  }
  return ring.filter((_, i) => keep[i] === 1).map((p) => [p[0], p[1]]);
}
