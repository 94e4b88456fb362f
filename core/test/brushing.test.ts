/* Knots: what makes them likelier, what a dog's own finds teach, and where half an hour is best spent. */
import fc from 'fast-check';
import {
  ZONE_IDS,
  addDays,
  knotForecast,
  lastBrushedByZone,
  lineCount,
  makeRng,
  shortBrush,
  withFinds,
} from '../src/index.js';
import type { KnotDog, LocalDay, StepId, ZoneFacts, ZoneId } from '../src/index.js';
import { gammaQuantile } from '../src/brushing/gammaQuantile.js';
import { DEFAULT_AT_INTERVAL, knotFactor } from '../src/brushing/knotForecast.js';

const DAY = '2026-06-17' as LocalDay;
const zone = (id: ZoneId, friction: boolean): ZoneFacts => ({
  ...{ id, name: id, region: 'body', paired: false, friction, share: 0.1 },
});
/** A dozen rubbed zones among fifty, as on the coat map. */
const RUBBED: readonly ZoneId[] = ['behindEar', 'armpit', 'collarSeat', 'earUnder', 'innerForeleg', 'innerThigh'];
const ZONES = ZONE_IDS.map((id, k) => zone(id, RUBBED.includes(id) || k % 8 === 0));
const usual: KnotDog = {
  density: 'normal',
  everyDays: 2,
  everyDaysInChange: 1,
  inChange: false,
  brushed: new Map(),
  found: [],
  watchedDays: 0,
  damp: new Set(),
  isEased: false,
};
const brushedAgo = (days: number): KnotDog['brushed'] => new Map(ZONES.map((z) => [z.id, addDays(DAY, -days)]));
const risk = (more: Partial<KnotDog>, id: ZoneId = 'armpit'): number =>
  knotForecast({ ...usual, ...more }, ZONES, DAY).find((r) => r.zone === id)?.risk ?? NaN;

describe('the chance of a knot', () => {
  it('is the default in a rubbed zone of a usual coat at the end of its interval, less elsewhere, none right after brushing', () => {
    expect(risk({ brushed: brushedAgo(2) })).toBeCloseTo(DEFAULT_AT_INTERVAL, 6);
    expect(risk({ brushed: brushedAgo(2) }, 'back')).toBeLessThan(DEFAULT_AT_INTERVAL / 4);
    expect(risk({ brushed: brushedAgo(0) })).toBe(0);
  });

  it('a coat in change keeps it when it is brushed as often as such coats are (CP-09)', () => {
    expect(risk({ inChange: true, brushed: brushedAgo(1) })).toBeCloseTo(DEFAULT_AT_INTERVAL, 6);
    expect(risk({ inChange: true, brushed: brushedAgo(2) })).toBeGreaterThan(2.5 * DEFAULT_AT_INTERVAL);
  });

  it('rises with days, density, damp and a knot at the place; falls where the coat was conditioned', () => {
    const two = { brushed: brushedAgo(2) };
    const plain = risk(two);
    expect(risk({ ...two, density: 'heavy' })).toBeGreaterThan(plain);
    expect(risk({ ...two, damp: new Set(['armpit']) })).toBeGreaterThan(plain);
    expect(risk({ ...two, isEased: true })).toBeLessThan(plain);
    const found = [{ zone: 'armpit' as const, day: addDays(DAY, -20) }];
    expect(risk({ ...two, found })).toBeGreaterThan(plain);
    expect(risk({ ...two, found: [{ zone: 'armpit', day: addDays(DAY, -120) }] })).toBeCloseTo(plain, 9);
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 60 }), (days) => {
        expect(risk({ brushed: brushedAgo(days + 1) })).toBeGreaterThanOrEqual(risk({ brushed: brushedAgo(days) }));
      }),
    );
  });

  it('stays between 0 and 1, inside its range', () => {
    fc.assert(
      fc.property(fc.nat(400), fc.nat(60), fc.nat(365), (days, knots, watchedDays) => {
        const found = Array.from({ length: knots }, (_, k) => ({
          zone: 'back' as const,
          day: addDays(DAY, -(k % 90)),
        }));
        for (const r of knotForecast({ ...usual, brushed: brushedAgo(days), found, watchedDays }, ZONES, DAY)) {
          expect(r.low).toBeGreaterThanOrEqual(0);
          expect(r.low).toBeLessThanOrEqual(r.risk);
          expect(r.risk).toBeLessThanOrEqual(r.high);
          expect(r.high).toBeLessThanOrEqual(1);
        }
      }),
    );
  });
});

describe('what a dog’s own knots teach', () => {
  /** Finds of ninety days in a coat that knots so many times as often as usual, brushed at its interval. */
  const simulated = (times: number, seed: number): KnotDog['found'] => {
    const rng = makeRng(seed);
    const at = new Map(knotForecast({ ...usual, brushed: brushedAgo(2) }, ZONES, DAY).map((r) => [r.zone, r.risk]));
    return Array.from({ length: 45 }, (_, k) => addDays(DAY, -2 * k)).flatMap((day) =>
      ZONES.filter((z) => rng.next() < 1 - (1 - (at.get(z.id) ?? 0)) ** times).map((z) => ({ zone: z.id, day })),
    );
  };

  it.each([0.5, 1, 2, 3])(
    'a simulated coat that knots %s times as often is told so, its truth mostly within the range',
    (times) => {
      const told = Array.from({ length: 100 }, (_, seed) =>
        knotFactor({ ...usual, watchedDays: 90 }, ZONES, simulated(times, seed + 1).length),
      );
      const mean = told.reduce((sum, f) => sum + f.middle, 0) / told.length;
      // Shrunk to the usual coat, and a place that has a knot is found once: the mean lies a little low.
      expect(Math.abs(mean / times - 1)).toBeLessThan(0.2);
      const inside = told.filter((f) => f.low <= times && times <= f.high).length;
      // Of a coat far from usual the range lies low with its mean.
      expect(inside).toBeGreaterThanOrEqual(times > 2 ? 30 : 65);
    },
  );

  it('nothing is concluded from days on which nobody wrote anything down', () => {
    const first = (dog: KnotDog) => knotForecast(dog, ZONES, DAY).find((r) => r.zone === 'armpit');
    const wide = first({ ...usual, brushed: brushedAgo(2) });
    const narrow = first({ ...usual, brushed: brushedAgo(2), watchedDays: 90 });
    expect(wide?.risk).toBeCloseTo(DEFAULT_AT_INTERVAL, 6);
    expect(narrow?.risk).toBeLessThan(0.5 * DEFAULT_AT_INTERVAL);
  });

  it('the quantile agrees with printed tables of chi-square (10 % and 90 % at 6, 10 and 20 degrees of freedom)', () => {
    // chi-square with n degrees of freedom is a gamma of shape n / 2 and rate 1 / 2; table values from memory.
    for (const [n, low, high] of [
      [6, 2.204, 10.645],
      [10, 4.865, 15.987],
      [20, 12.443, 28.412],
    ] as const) {
      expect(gammaQuantile(n / 2, 0.5, -1.2816) / low).toBeCloseTo(1, 1);
      expect(gammaQuantile(n / 2, 0.5, 1.2816) / high).toBeCloseTo(1, 2);
    }
    expect(() => gammaQuantile(0, 1, 0)).toThrow('above 0');
  });

  it('a mat is found once: what was marked at its place before is no new find', () => {
    const mat = { zone: 'armpit', side: 'left', tightness: 'loose' } as const;
    const first = withFinds([], [], [mat], DAY);
    expect(first).toEqual([{ day: DAY, zone: 'armpit' }]);
    expect(withFinds(first, [mat], [{ ...mat, tightness: 'tight' }], DAY)).toEqual(first);
    expect(withFinds(first, [mat], [mat, { ...mat, side: 'right' }], DAY)).toHaveLength(2);
  });
});

describe('days since each zone was brushed', () => {
  const parts = [
    { id: 'trunk', zones: ['back', 'loin'], isPaired: true },
    { id: 'tail', zones: ['tail'], isPaired: false },
  ] as const;
  const work = (step: StepId, state: 'done' | 'paused', ...ticks: string[]) => ({
    step,
    state,
    day: DAY,
    ticks: new Set(ticks),
  });

  it('a finished brushing counts everywhere, a broken one where its parts are ticked on both sides', () => {
    const before = addDays(DAY, -4);
    const last = (w: ReturnType<typeof work>) => {
      const days = lastBrushedByZone(before, [w], parts, true);
      return [days.get('back'), days.get('tail')];
    };
    expect(last(work('keepUpBrush', 'done'))).toEqual([DAY, DAY]);
    expect(last(work('keepUpBrush', 'paused'))).toEqual([before, before]);
    expect(last(work('lineBrush', 'paused', 'part.tail'))).toEqual([before, DAY]);
    expect(last(work('lineBrush', 'paused', 'part.trunk.left'))).toEqual([before, before]);
    expect(last(work('lineBrush', 'done', 'part.trunk.left', 'part.trunk.right'))).toEqual([DAY, before]);
    expect(last(work('blowOut', 'done'))).toEqual([before, before]);
    // One flank of two.
    expect(last(work('brushOut1', 'done'))).toEqual([before, before]);
    expect(last(work('brushOut2', 'done'))).toEqual([DAY, DAY]);
    expect(lastBrushedByZone(before, [work('brushOut1', 'done')], parts, false).get('tail')).toBe(DAY);
    expect(lastBrushedByZone(undefined, [], parts, true).size).toBe(0);
  });
});

describe('lines of a part', () => {
  it('come from its surface: more on a larger dog and a closer coat, one at least', () => {
    // 20 kg: 0.744 m2; a tenth of it is a square of 27 cm.
    expect(lineCount(20, 'drop', 0.1)).toBe(14);
    expect(lineCount(20, 'double', 0.1)).toBe(9);
    expect(lineCount(34, 'heavySheepdog', 0.15)).toBeGreaterThan(lineCount(8, 'heavySheepdog', 0.15));
    expect(lineCount(2, 'smooth', 0.0001)).toBe(1);
  });
});

describe('half the time', () => {
  it('goes where a minute takes most knots away, in the order of work', () => {
    const parts = [
      { id: 'trunk', zones: ['back', 'loin', 'ribs'], isPaired: true },
      { id: 'ears', zones: ['behindEar'], isPaired: true },
      { id: 'under', zones: ['armpit'], isPaired: false },
    ] as const;
    const shares = new Map<ZoneId, number>([
      ['back', 0.3],
      ['loin', 0.2],
      ['ribs', 0.2],
      ['behindEar', 0.1],
      ['armpit', 0.2],
    ]);
    const short = shortBrush(parts, knotForecast({ ...usual, brushed: brushedAgo(3) }, ZONES, DAY), shares, 0.5);
    expect(short.parts.map((p) => p.id)).toEqual(['ears', 'under']);
    expect(short.share).toBeGreaterThan(0.5);
    expect(shortBrush(parts, [], shares, 0.5).share).toBe(0);
  });
});
