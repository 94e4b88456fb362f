/* Mats: the ladder of one, the guard at its place, the budget of all with its humane limits. */
import fc from 'fast-check';
import type { KnownMat, MatAsk, MatVerdict, ZoneId } from '../src/index.js';
import {
  MAT_RUNGS,
  MAT_VERDICTS,
  MOST_MAT_MIN,
  SKIN_STATES,
  SOLID_LARGE_CM,
  TIGHTNESSES,
  ZONE_IDS,
  burnGuard,
  isSkinUpset,
  matBudget,
  matLadder,
  upsetZones,
} from '../src/index.js';

const mat = (more: Partial<KnownMat> = {}): KnownMat => ({ zone: 'ribs', tightness: 'loose', ...more });
const waysOf = (m: KnownMat): string[] =>
  matLadder(m)
    .rungs.filter((r) => !r.isLeftOut)
    .map((r) => r.way);

const anyMat = fc.record(
  {
    zone: fc.constantFrom(...ZONE_IDS),
    tightness: fc.constantFrom(...TIGHTNESSES),
    cm: fc.integer({ min: 1, max: 30 }),
    atSkin: fc.boolean(),
    skin: fc.constantFrom(...SKIN_STATES),
  },
  { requiredKeys: ['zone', 'tightness'] },
) as fc.Arbitrary<KnownMat>;

describe('the ladder of a mat', () => {
  it('begins with fingers and spray, and goes up to the clipper only where it is tight', () => {
    expect(waysOf(mat())).toEqual(['fingers', 'corner', 'splitter']);
    expect(waysOf(mat({ tightness: 'tight' }))).toEqual(['fingers', 'corner', 'splitter', 'clipBeneath']);
  });

  it('leaves a small one in a tender place to fingers, and never splits on thin skin or at the skin', () => {
    expect(waysOf(mat({ zone: 'behindEar', cm: 2 }))).toEqual(['fingers']);
    expect(waysOf(mat({ zone: 'armpit', tightness: 'tight' }))).not.toContain('splitter');
    expect(waysOf(mat({ tightness: 'tight', atSkin: true }))).not.toContain('splitter');
  });

  it('solid felt is clipped beneath and not fought; upset skin stops everything', () => {
    expect(waysOf(mat({ tightness: 'solid' }))).toEqual(['clipBeneath']);
    for (const skin of ['red', 'wet', 'smells'] as const)
      expect(matLadder(mat({ skin }))).toEqual({ stop: true, rungs: [] });
    expect(matLadder(mat({ skin: 'calm' })).stop).toBe(false);
  });

  it('of any mat climbs: each way once, gentlest first, with a reason, unless a vet comes first', () => {
    fc.assert(
      fc.property(anyMat, (m) => {
        const { stop, rungs } = matLadder(m);
        expect(stop).toBe(isSkinUpset(m));
        expect(rungs.length > 0).toBe(!stop);
        const places = rungs.map((r) => MAT_RUNGS.indexOf(r.way));
        expect(places).toEqual([...new Set(places)].sort((x, y) => x - y));
        expect(rungs.some((r) => !r.isLeftOut)).toBe(!stop);
      }),
      { seed: 5, numRuns: 300 },
    );
  });

  it('is guarded more strictly on pale and on thin skin', () => {
    const usual = burnGuard({ zone: 'ribs' }, false);
    for (const strict of [burnGuard({ zone: 'ribs' }, true), burnGuard({ zone: 'belly' }, false)]) {
      expect(strict.strokes).toBeLessThan(usual.strokes);
      expect(strict.minutes).toBeLessThan(usual.minutes);
      expect(strict.restMin).toBeGreaterThan(usual.restMin);
    }
  });
});

describe('the mat budget', () => {
  const days = (count: number, handsMin = 60) =>
    Array.from({ length: count }, (_, k) => ({ day: `2026-06-${String(17 + k)}`, handsMin }));
  const ask = (more: Partial<MatAsk> = {}): MatAsk => ({
    mats: [mat()],
    knotMin: 5,
    cooperation: 1,
    bearsMin: 20,
    days: days(3),
    isEntered: true,
    ...more,
  });
  const verdictOf = (more: Partial<MatAsk>): MatVerdict => matBudget(ask(more)).verdict;

  it('a loose knot of two fingers in an easy place takes five minutes (common practice); lines add up', () => {
    const one = matBudget(ask());
    expect(one.needMin.middle).toBeCloseTo(5, 9);
    expect(one).toMatchObject({ verdict: 'workOut', limit: null, hasMin: 60, bearsMin: 20, days: 3 });
    const many = matBudget(
      ask({ mats: [mat(), mat({ zone: 'tail', cm: 6 }), mat({ zone: 'armpit', tightness: 'tight' })] }),
    );
    expect(many.lines.reduce((s, l) => s + l.minutes, 0)).toBeCloseTo(many.needMin.middle, 9);
  });

  it('goes from working it out over a decision to pulling the entry as mats grow; without a ring it is clipped', () => {
    const knots = (count: number) => Array.from({ length: count }, () => mat());
    expect(verdictOf({ mats: knots(8) })).toBe('workOut');
    expect(verdictOf({ mats: knots(11) })).toBe('decide');
    expect(verdictOf({ mats: knots(16) })).toBe('pull');
    expect(verdictOf({ mats: knots(16), isEntered: false })).toBe('clip');
  });

  it('has humane limits that no time lifts: upset skin, large solid felt, one mat of more than an hour', () => {
    const much = { days: days(14, 600), bearsMin: 600 };
    expect(matBudget(ask({ ...much, mats: [mat({ skin: 'wet' })] }))).toMatchObject({ verdict: 'vet', limit: 'skin' });
    const felt = mat({ tightness: 'solid', cm: SOLID_LARGE_CM });
    expect(matBudget(ask({ ...much, mats: [felt] }))).toMatchObject({ verdict: 'clip', limit: 'solidLarge' });
    const hard = mat({ tightness: 'tight', zone: 'armpit', cm: 12 });
    expect(matBudget(ask({ ...much, mats: [hard] }))).toMatchObject({ verdict: 'clip', limit: 'onePlace' });
    expect(matBudget(ask(much)).bearsMin).toBe(MOST_MAT_MIN);
  });

  it('counts no hands that are not there, and never more than the dog bears', () => {
    expect(matBudget(ask({ days: days(3, 8) })).hasMin).toBe(24);
    expect(matBudget(ask({ days: days(3, -30) })).hasMin).toBe(0);
    expect(verdictOf({ days: [] })).toBe('pull');
  });

  it('never gets better with another mat, a harder dog or a day less', () => {
    const rank = (v: MatVerdict): number => MAT_VERDICTS.indexOf(v);
    const mats = fc.array(anyMat, { minLength: 1, maxLength: 8 });
    const factors = fc.double({ min: 0.8, max: 1.6, noNaN: true });
    fc.assert(
      fc.property(mats, anyMat, fc.integer({ min: 0, max: 10 }), factors, (some, more, count, cooperation) => {
        const base = ask({ mats: some, days: days(count), cooperation });
        const before = matBudget(base);
        const worse = [
          { ...base, mats: [...some, more] },
          { ...base, days: days(Math.max(0, count - 1)) },
          { ...base, cooperation: cooperation * 1.2 },
        ].map(matBudget);
        for (const after of worse) {
          // A limit that is new has its own verdict: clipped, or a vet.
          if (after.limit === before.limit) expect(rank(after.verdict)).toBeGreaterThanOrEqual(rank(before.verdict));
          else expect(after.verdict).toBe(after.limit === 'skin' ? 'vet' : 'clip');
        }
      }),
      { seed: 8, numRuns: 400 },
    );
  });
});

it('upset skin keeps mat work and blades away, nothing else', () => {
  const dog = { mats: [mat({ zone: 'armpit' as ZoneId, skin: 'red' }), mat({ skin: 'calm' })] };
  expect(upsetZones('knots', dog)).toEqual(['armpit']);
  expect(upsetZones('fineTrim', dog)).toEqual(['armpit']);
  expect(upsetZones('inspection', dog)).toEqual([]);
});
