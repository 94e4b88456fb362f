/* The outline's balance: the same optimum as a reference solver, and what has to hold of any dog. */
import * as highsModule from 'highs';
import type { Highs } from 'highs';
import { addDays, outlineProblem, solveOutline, stationCuts, tipAt, zoneCuts } from '@loyal-mane/core';
import type { OutlineAsk } from '@loyal-mane/core';
import { TODAY, randomDog } from './outlineDogs.js';

// The package is CommonJS: depending on the loader its function is the module or its default.
const loadHighs = ((highsModule as { default?: unknown }).default ?? highsModule) as () => Promise<Highs>;

const DOGS = 300;

/** Least sum of squares by the reference solver: half of x'Qx + c'x within bounds, over the variables that may move. */
function referenceOf(highs: Highs, ask: OutlineAsk): number[] {
  const { rows, low, high } = outlineProblem(ask).problem;
  const free = low.flatMap((l, i) => (l < (high[i] as number) - 1e-9 ? [i] : []));
  const place = new Map(free.map((i, k) => [i, k]));
  const cost = new Float64Array(free.length);
  const columns = free.map(() => new Map<number, number>());
  for (const { at } of rows) {
    const fixed = at.reduce((sum, [j, a]) => (place.has(j) ? sum : sum + a * (low[j] as number)), 0);
    const moving = at.flatMap(([j, a]) => (place.has(j) ? [[place.get(j) as number, a] as const] : []));
    for (const [i, a] of moving) {
      cost[i] = (cost[i] as number) + 2 * a * fixed;
      for (const [j, b] of moving) {
        const column = columns[j] as Map<number, number>;
        if (i >= j) column.set(i, (column.get(i) ?? 0) + 2 * a * b);
      }
    }
  }
  const starts = [0];
  const [indices, values]: [number[], number[]] = [[], []];
  for (const column of columns) {
    for (const [i, v] of [...column].sort((x, y) => x[0] - y[0])) {
      indices.push(i);
      values.push(v);
    }
    starts.push(indices.length);
  }
  const n = free.length;
  const moved = highs.withModel(
    {
      numCols: n,
      numRows: 0,
      colCost: cost,
      colLower: Float64Array.from(free, (i) => low[i] as number),
      colUpper: Float64Array.from(free, (i) => high[i] as number),
      rowLower: [],
      rowUpper: [],
      matrix: { format: 'csc', numRows: 0, numCols: n, starts: new Int32Array(n + 1), indices: [], values: [] },
      hessian: {
        format: 'triangular',
        dimension: n,
        starts: Int32Array.from(starts),
        indices: Int32Array.from(indices),
        values: Float64Array.from(values),
      },
    } as never,
    (model) => {
      model.options.set({ output_flag: false, qp_regularization_value: 0 });
      model.run();
      return [...model.getSolution().colValue];
    },
  );
  return low.map((l, i) => (place.has(i) ? (moved[place.get(i) as number] as number) : l));
}

/** The same length found by growing a day at a time with a growth of its own: even, then an exponential approach. */
function grownByDay(mm: number, days: number, mmPerDay: number, mostMm: number): number {
  let length = mm;
  const parts = 24;
  for (let k = 0; k < days * parts; k++) {
    const room = Math.max(0, mostMm - length) / (mostMm * 0.2);
    length += (mmPerDay / parts) * Math.min(1, room);
  }
  return length;
}

it('has the optimum of a reference solver on 300 random dogs over all breeds', async () => {
  const highs = await loadHighs();
  let worst = 0;
  for (let seed = 1; seed <= DOGS; seed++) {
    const ask = randomDog(seed);
    const { problem } = outlineProblem(ask);
    const found = solveOutline(ask);
    const x = referenceOf(highs, ask);
    const reference = problem.rows.reduce((sum, { at }) => {
      const r = at.reduce((s, [j, a]) => s + a * (x[j] as number), 0);
      return sum + r * r;
    }, 0);
    worst = Math.max(worst, Math.abs(found.objective - reference) / Math.max(reference, 1));
    expect(found.residualMm).toBeLessThanOrEqual(1e-6);
  }
  expect(worst).toBeLessThanOrEqual(1e-6);
}, 120_000);

it('meets the wanted line within half a millimeter when cut as listed and grown day by day', () => {
  let cuts = 0;
  for (let seed = 1; seed <= 52; seed++) {
    const ask = randomDog(seed);
    const session = addDays(TODAY, seed % 7);
    const showDay = ask.showDay > session ? ask.showDay : session;
    const answer = solveOutline({ ...ask, showDay });
    const days = Math.round((Date.parse(showDay) - Date.parse(session)) / 86_400_000);
    for (const cut of stationCuts(answer, ask.zones, session, showDay)) {
      const s = answer.stations[cut.index];
      if (cut.state !== 'takeOff' || cut.cutToMm === null || s?.hair == null) continue;
      // A zone whose growth would make it too long although nothing but cover is left is not met: told as what it is.
      if (cut.cutToMm <= 0.5) continue;
      const { mmPerDay, mostMm } = s.hair.growth;
      const shown = s.reach * grownByDay(cut.cutToMm, days, mmPerDay, mostMm);
      expect([seed, cut.zone, Math.abs(shown - s.depth) <= 0.5]).toEqual([seed, cut.zone, true]);
      cuts++;
    }
  }
  expect(cuts).toBeGreaterThan(1000);
});

describe('property: any dog of any breed', () => {
  const seeds = Array.from({ length: 52 }, (_, i) => 1000 + i);

  it('never has a depth that hair cannot have, nor a cut below zero, nor a tip below the ground', () => {
    for (const seed of seeds) {
      const ask = randomDog(seed);
      const answer = solveOutline(ask);
      for (const s of answer.stations) {
        if (s.hair === null || s.isHidden) continue;
        expect(s.depth).toBeGreaterThanOrEqual(-1e-9);
        expect(s.depth).toBeLessThanOrEqual(s.onDayDepth + 1e-9);
        expect(tipAt(s, s.depth)[1]).toBeGreaterThanOrEqual(Math.min(0, s.root[1]) - 1e-6);
      }
      for (const c of stationCuts(answer, ask.zones, TODAY, ask.showDay)) {
        expect(c.takeOffMm).toBeGreaterThanOrEqual(0);
        if (c.cutToMm !== null) expect(c.cutToMm).toBeGreaterThan(0);
      }
    }
  });

  it('is told by zone so that nothing comes off that is not there, and what is left was there', () => {
    let told = 0;
    for (const seed of seeds) {
      const ask = randomDog(seed);
      for (const { along, takeOffMm, cutToMm, row } of zoneCuts(solveOutline(ask), ask, TODAY)) {
        if (takeOffMm === null || cutToMm === null || along === null) continue;
        told++;
        expect(takeOffMm[1]).toBeLessThan(along.atSession[1] + 1e-9);
        expect(cutToMm[1]).toBeLessThan(along.atSession[1] + 1e-9);
        for (const [least, most] of [along.atSession, along.onDay, along.wanted])
          expect(least).toBeLessThanOrEqual(most);
        expect(along.onDay[0]).toBeGreaterThanOrEqual(along.atSession[0] - 1e-9);
        // Wanted at the measuring spot, where the zone's own shape is taken out of it.
        expect(row.wantedMm ?? -1).toBeGreaterThanOrEqual(0);
      }
    }
    expect(told).toBeGreaterThan(100);
  });

  it('is never worse balanced with more hair', () => {
    for (const seed of seeds) {
      const ask = randomDog(seed);
      const longer = {
        ...ask,
        zones: ask.zones.map((z) =>
          z.measured === null || !z.answer.ok ? z : { ...z, measured: { ...z.measured, mm: z.measured.mm * 1.2 } },
        ),
      };
      expect(solveOutline(longer).objective).toBeLessThanOrEqual(solveOutline(ask).objective + 1e-9);
    }
  });

  it('never waits shorter for a later show', () => {
    for (const seed of seeds) {
      const ask = randomDog(seed);
      const later = { ...ask, showDay: addDays(ask.showDay, 14) };
      const days = (a: OutlineAsk) =>
        new Map(
          stationCuts(solveOutline(a), a.zones, TODAY, a.showDay)
            .filter((c) => c.state === 'missing' && c.longEnoughOn !== null)
            .map((c) => [c.index, c.longEnoughOn as string]),
        );
      const [soon, late] = [days(ask), days(later)];
      for (const [index, day] of late)
        expect([seed, index, (soon.get(index) ?? 'none') <= day]).toEqual([seed, index, true]);
    }
  });

  it('is itself where the body is the standard’s and hair is long enough: nothing left to balance', () => {
    for (const seed of seeds) {
      const ask = randomDog(seed);
      const { body: _, ...rest } = ask;
      const zones = ask.zones.map((z) => ({
        ...z,
        answer: { ok: true, how: 'shaped' } as const,
        wantedMm: null,
        measured: { day: TODAY, mm: 900 },
        growth: { ...z.growth, mostMm: 2000 },
      }));
      const answer = solveOutline({ ...rest, body: ask.breed, zones, corrections: {} });
      expect(answer.stations.some((s) => s.boneMm > 0)).toBe(false);
      expect(answer.objective).toBeLessThan(1);
    }
  });
});
