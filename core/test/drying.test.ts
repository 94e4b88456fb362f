/* Drying: the room's air against a reference package, and the curve of a coat in it. */
import fc from 'fast-check';
import psychrolib from 'psychrolib';
import {
  USUAL_AIR,
  airFactor,
  dampFactor,
  dryingIn,
  dryingShares,
  minutesByZone,
  withDampFinds,
} from '../src/index.js';
import type { LocalDay, WetDog, ZoneId } from '../src/index.js';
import { SEA_LEVEL_PA, deficitPa, humidityRatio, saturationPa, warmedDeficitPa } from '../src/drying/moistAir.js';

const dog: WetDog = { weightKg: 20, coat: 'scissored', density: 'normal', blowMin: 22, heatMin: 30 };
const air = fc.record({
  celsius: fc.double({ min: 5, max: 40, noNaN: true }),
  humidity: fc.double({ min: 0.1, max: 0.95, noNaN: true }),
});

describe('moist air (PUB-05)', () => {
  beforeAll(() => psychrolib.SetUnitSystem(psychrolib.SI));

  it('agrees with the package psychrolib from 5 to 40 degrees and 10 to 95 percent', () => {
    for (let celsius = 5; celsius <= 40; celsius += 2.5) {
      expect(saturationPa(celsius) / psychrolib.GetSatVapPres(celsius)).toBeCloseTo(1, 6);
      for (let humidity = 0.1; humidity <= 0.951; humidity += 0.05) {
        const ratio = psychrolib.GetHumRatioFromRelHum(celsius, humidity, SEA_LEVEL_PA);
        expect(humidityRatio(celsius, humidity) / ratio).toBeCloseTo(1, 6);
        const deficit = psychrolib.GetVaporPressureDeficit(celsius, ratio, SEA_LEVEL_PA);
        expect(deficitPa(celsius, humidity) / deficit).toBeCloseTo(1, 5);
      }
    }
  });

  it('is refused outside the formula’s range', () => {
    expect(() => saturationPa(-1)).toThrow('0 to 200 degrees');
    expect(() => saturationPa(201)).toThrow('0 to 200 degrees');
  });

  it('warmed air could hold more, and holds what the room’s held', () => {
    expect(warmedDeficitPa({ celsius: 20, humidity: 0.5 }, 42)).toBeGreaterThan(deficitPa(20, 0.5));
    expect(warmedDeficitPa({ celsius: 45, humidity: 0.5 }, 42)).toBeCloseTo(deficitPa(45, 0.5), 9);
  });
});

describe('the curve of a coat', () => {
  it('takes the plan’s minutes in usual air, more in damp air, less in dry', () => {
    expect(dryingIn(dog, USUAL_AIR)).toMatchObject({ blowMin: 22, heatMin: 30 });
    expect(airFactor(USUAL_AIR)).toBe(1);
    const damp = dryingIn(dog, { celsius: 20, humidity: 0.85 });
    expect(damp.heatMin).toBeGreaterThan(32);
    expect(damp.blowMin).toBe(22);
    expect(dryingIn(dog, { celsius: 20, humidity: 0.3 }).heatMin).toBeLessThan(30);
  });

  it('falls all the way, fastest under the blower, from the towel to dry', () => {
    fc.assert(
      fc.property(air, fc.integer({ min: 0, max: 60 }), fc.integer({ min: 1, max: 150 }), (room, blowMin, heatMin) => {
        const { curve, grams, ...phases } = dryingIn({ ...dog, blowMin, heatMin }, room);
        expect(curve[0]?.grams).toBeCloseTo(grams, 6);
        for (let k = 1; k < curve.length; k++)
          expect(curve[k]?.grams ?? NaN).toBeLessThanOrEqual((curve[k - 1]?.grams ?? NaN) + 1e-9);
        expect(curve.at(-1)?.min).toBeCloseTo(phases.blowMin + phases.heatMin, 6);
        // Three percent of what heat begins with.
        expect(curve.at(-1)?.grams ?? NaN).toBeLessThanOrEqual(grams * 0.0301);
      }),
    );
    const { curve } = dryingIn(dog, USUAL_AIR);
    expect((curve[0]?.grams ?? 0) - (curve[1]?.grams ?? 0)).toBeGreaterThan(
      (curve[40]?.grams ?? 0) - (curve[41]?.grams ?? 0),
    );
  });

  it('a damper room never dries a coat sooner', () => {
    fc.assert(
      fc.property(air, fc.double({ min: 0, max: 0.05, noNaN: true }), (room, more) => {
        expect(airFactor({ ...room, humidity: room.humidity + more })).toBeGreaterThanOrEqual(airFactor(room) - 1e-9);
      }),
    );
  });

  it('in air that is full of water it takes three times as long, never forever', () => {
    expect(airFactor({ celsius: 45, humidity: 1 })).toBe(3);
    expect(dryingIn(dog, { celsius: 60, humidity: 1 }).heatMin).toBe(90);
  });

  it('holds more water with more dog and more coat', () => {
    const grams = (more: Partial<WetDog>): number => dryingIn({ ...dog, ...more }, USUAL_AIR).grams;
    expect(grams({})).toBeCloseTo(0.745 * 600, -1);
    expect(grams({ weightKg: 40 })).toBeGreaterThan(grams({}));
    expect(grams({ density: 'heavy' }) / grams({})).toBeCloseTo(1.25, 9);
    expect(grams({ coat: 'smooth' })).toBeLessThan(60);
  });

  it('minutes of a phase go to zones by their hair, and add up', () => {
    const byZone = minutesByZone(
      30,
      new Map([
        ['ears', 0.1],
        ['trunk', 0.3],
      ]),
    );
    expect(byZone.get('ears')).toBeCloseTo(7.5, 9);
    expect([...byZone.values()].reduce((x, y) => x + y, 0)).toBeCloseTo(30, 9);
    expect([...minutesByZone(30, new Map<string, number>()).values()]).toEqual([]);
  });
});

describe('zones that dry slower than their hair', () => {
  const day = '2026-06-17' as LocalDay;

  it('are found once for each time that they fail, whatever else is marked', () => {
    const once = withDampFinds([], [], [{ zone: 'belly', test: 'damp' }], day);
    expect(once).toEqual([{ day, zone: 'belly' }]);
    const marked = [
      { zone: 'belly', test: 'damp' },
      { zone: 'flank', test: 'kinked' },
      { zone: 'tail', test: 'damp' },
    ] as const;
    expect(withDampFinds(once, [{ zone: 'belly', test: 'damp' }], marked, day)).toEqual([
      ...once,
      { day, zone: 'tail' },
    ]);
  });

  it('weigh more with each find, less with each check without one, and never without bounds', () => {
    expect(dampFactor(0, 0)).toBe(1);
    const finds = [0, 1, 2, 3, 5, 50].map((n) => dampFactor(n, 12));
    expect([...finds].sort((x, y) => x - y)).toEqual(finds);
    expect(dampFactor(1, 40)).toBeLessThan(dampFactor(1, 5));
    expect([dampFactor(0, 1000), dampFactor(1000, 1000)]).toEqual([0.8, 2.5]);
  });

  it('take more of the same minutes: all zones together still add up', () => {
    const shares = new Map<ZoneId, number>([
      ['belly', 0.2],
      ['flank', 0.8],
    ]);
    const found = [1, 2, 3].map(() => ({ day, zone: 'belly' as const }));
    const minutes = minutesByZone(30, dryingShares(shares, found, 10));
    expect(minutes.get('belly')).toBeGreaterThan(6);
    expect((minutes.get('belly') ?? 0) + (minutes.get('flank') ?? 0)).toBeCloseTo(30, 9);
  });
});
