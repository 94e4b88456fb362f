/* The tracing of side photos: known silhouettes painted on plain grounds, found again. */
import { bodyRings, coatRings, stationsOf, tracePhoto } from '@loyal-mane/core';
import type { Pixels, Point } from '@loyal-mane/core';
import { BODY_SHAPES } from '../src/index.js';

const [WIDTH, HEIGHT] = [640, 480];

/** A mask of rings that overlap: a pixel is in where any ring has it (even-odd a ring, scanline by scanline). */
function maskOf(rings: readonly (readonly Point[])[], width: number, height: number): Uint8Array {
  const mask = new Uint8Array(width * height);
  for (const ring of rings) {
    const ys = ring.map((p) => p[1]);
    const last = Math.min(height - 1, Math.ceil(Math.max(...ys)));
    for (let y = Math.max(0, Math.floor(Math.min(...ys))); y <= last; y++) {
      const xs: number[] = [];
      ring.forEach((a, i) => {
        const b = ring[(i + 1) % ring.length] as Point;
        const [p, q] = [y + 0.5 - a[1], y + 0.5 - b[1]];
        if (p >= 0 !== q >= 0) xs.push(a[0] + (p / (p - q)) * (b[0] - a[0]));
      });
      xs.sort((x, z) => x - z);
      for (let k = 0; k + 1 < xs.length; k += 2)
        for (
          let x = Math.max(0, Math.ceil((xs[k] as number) - 0.5));
          x + 0.5 < Math.min(width, xs[k + 1] as number);
          x++
        )
          mask[y * width + x] = 1;
    }
  }
  return mask;
}

/** A dog of a shape in pixels, near legs only. */
function dogMask(badge: string, width: number, height: number): Uint8Array {
  const shape = BODY_SHAPES[badge];
  if (shape === undefined) throw new Error(`no shape ${badge}`);
  const stations = stationsOf(shape, 'scissored', 1);
  const depths = stations.map((s) => s.breedDepth);
  const scale = height * 0.55;
  const toPixels = ([x, y]: Point): Point => [width * 0.5 + (x + 0.15) * scale, height * 0.88 - y * scale];
  return maskOf(
    [...bodyRings(stations), ...coatRings(stations, depths)].map((r) => r.map(toPixels)),
    width,
    height,
  );
}

type Paint = (x: number, y: number, isDog: boolean) => readonly [number, number, number];

function painted(mask: Uint8Array, width: number, height: number, paint: Paint, noise = 6): Pixels {
  const data = new Uint8ClampedArray(width * height * 4);
  let grain = 1;
  for (let y = 0; y < height; y++) {
    for (let x = 0; x < width; x++) {
      const i = y * width + x;
      const [r, g, b] = paint(x / width, y / height, mask[i] === 1);
      // Park and Miller 1988: grain that is the same each time.
      grain = (grain * 16807) % 2147483647;
      const by = (grain / 2147483647 - 0.5) * 2 * noise;
      data[i * 4] = r + by;
      data[i * 4 + 1] = g + by;
      data[i * 4 + 2] = b + by;
      data[i * 4 + 3] = 255;
    }
  }
  return { data, width, height };
}

/** Overlap over union of a mask and what was traced. */
function overlap(mask: Uint8Array, picture: Pixels, block: number): number {
  const found = tracePhoto(picture, block);
  if (!found.ok) return 0;
  const traced = maskOf([found.ring], picture.width, picture.height);
  let [both, either] = [0, 0];
  for (let i = 0; i < mask.length; i++) {
    both += mask[i] === 1 && traced[i] === 1 ? 1 : 0;
    either += mask[i] === 1 || traced[i] === 1 ? 1 : 0;
  }
  return both / either;
}

const grey = (v: number): readonly [number, number, number] => [v, v, v];

describe('a silhouette on a plain ground is found again', () => {
  it.each([
    ['clean', 'kerry-blue', (_x, _y, dog) => (dog ? grey(40) : grey(210)), 0.99],
    ['light fall-off', 'samoyed', (x, y, dog) => (dog ? grey(235) : grey(70 + 60 * x + 20 * y)), 0.98],
    ['light dog on grey', 'bichon-frise', (_x, y, dog) => (dog ? grey(240) : grey(150 + 20 * y)), 0.98],
    ['dark dog on dark', 'newfoundland', (x, _y, dog) => (dog ? grey(20) : grey(90 + 15 * x)), 0.98],
    [
      'as bright as the ground, of another color',
      'irish-setter',
      (_x, _y, dog) => (dog ? [165, 82, 42] : [90, 118, 150]),
      0.98,
    ],
    [
      'a soft shadow',
      'golden-retriever',
      (x, y, dog) =>
        dog ? [205, 160, 95] : grey(200 - 45 * Math.exp(-(((x - 0.5) / 0.25) ** 2) - ((y - 0.9) / 0.05) ** 2)),
      0.97,
    ],
  ] as [string, string, Paint, number][])('%s (%s)', (_, badge, paint, least) => {
    const mask = dogMask(badge, WIDTH, HEIGHT);
    expect(overlap(mask, painted(mask, WIDTH, HEIGHT, paint), 1)).toBeGreaterThanOrEqual(least);
  });

  it('in twelve megapixels, as a camera takes them', () => {
    const [width, height] = [4000, 3000];
    const mask = dogMask('poodle-standard', width, height);
    const picture = painted(mask, width, height, (_x, _y, dog) => (dog ? grey(40) : grey(210)));
    expect(tracePhoto(picture).ok).toBe(true);
    expect(overlap(mask, picture, 4)).toBeGreaterThanOrEqual(0.99);
  });

  it('and says so where nothing stands out', () => {
    const empty = painted(new Uint8Array(WIDTH * HEIGHT), WIDTH, HEIGHT, () => grey(128), 0);
    expect(tracePhoto(empty, 1)).toEqual({ ok: false, why: 'nothing' });
  });
});
