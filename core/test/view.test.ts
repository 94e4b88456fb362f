/* The count-back scale against its table, capsules that lose nothing, slack in words' numbers, the state machine of a task. */
import fc from 'fast-check';
import { applyWorkCommand, bundlesOf, countBackScale, layoutCapsules, ticksOf, workedMs } from '../src/index.js';
import type { Block, WorkRecord } from '../src/index.js';
import type { WorkOrder } from '../src/work/taskWork.js';

describe('the count-back scale', () => {
  // Design table: tau in hours, and the width of the last six hours, by reach in days.
  it.each([
    [3, 93.73, 11],
    [7, 12.66, 15],
    [14, 5.89, 17],
    [28, 3.2, 20],
    [60, 1.76, 22],
  ])('%d days: tau %d h, the last 6 h take %d %%', (days, tau, percent) => {
    const s = countBackScale(days * 24);
    expect(s.tauH).toBeCloseTo(tau, 1);
    expect(s.x(24)).toBeCloseTo(0.6, 6);
    expect(Math.round((1 - s.x(6)) * 100)).toBe(percent);
    expect([s.x(0), s.x(days * 24)].map((x) => Math.round(x * 1e6) / 1e6)).toEqual([1, 0]);
  });

  it('inverts, rises toward the ring, and goes on smoothly after it', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 61, max: 2000, noNaN: true }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (reach, part) => {
          const s = countBackScale(reach);
          const t = part * reach;
          expect(s.hours(s.x(t))).toBeCloseTo(t, 4);
          expect(s.x(t)).toBeGreaterThanOrEqual(s.x(t + 1));
        },
      ),
      { seed: 5, numRuns: 200 },
    );
    const s = countBackScale(168);
    expect(s.x(-2)).toBeGreaterThan(1);
    expect(s.hours(s.x(-2))).toBeCloseTo(-2, 6);
    expect(countBackScale(48).x(12)).toBeCloseTo(0.75, 9);
    expect(() => countBackScale(0)).toThrow(/above 0/);
  });

  it('drops labels that would touch, never the ring', () => {
    const ticks = ticksOf(countBackScale(168), 400);
    expect(ticks[ticks.length - 1]?.label).toBe('ring');
    ticks.slice(1).forEach((t, i) => expect((t.x - (ticks[i]?.x ?? 0)) * 400).toBeGreaterThanOrEqual(34));
  });
});

it('bundles what collides, keeps order, loses nothing and never bundles what must stand alone', () => {
  const marks = fc.array(fc.record({ x: fc.integer({ min: 0, max: 700 }), solo: fc.boolean() }), { maxLength: 30 });
  fc.assert(
    fc.property(marks, (list) => {
      const sorted = [...list].sort((a, b) => a.x - b.x).map((m, i) => ({ ...m, item: i }));
      const capsules = layoutCapsules(sorted, 0, 2000);
      expect(capsules.flatMap((c) => c.items)).toEqual(sorted.map((m) => m.item));
      for (const c of capsules) if (c.items.length > 1) expect(c.items.some((i) => sorted[i]?.solo)).toBe(false);
      for (let i = 1; i < capsules.length; i++) {
        const [a, b] = [capsules[i - 1], capsules[i]];
        if (a !== undefined && b !== undefined)
          expect(b.x - b.widthPx / 2).toBeGreaterThanOrEqual(a.x + a.widthPx / 2 - 1e-6);
      }
    }),
    { seed: 6, numRuns: 200 },
  );
});

it('shows up to four signs, else three and how many more', () => {
  const at = (n: number) =>
    layoutCapsules(Array.from({ length: n }, (_, i) => ({ x: 100 + i, solo: false, item: i })))[0];
  expect([at(1)?.shown, at(4)?.shown, at(5)?.shown, at(9)?.shown]).toEqual([1, 4, 3, 3]);
});

it('draws a dog’s short steps as one block and long or running work alone', () => {
  const MIN = 60_000;
  const block = (from: number, min: number, dogId: string, more: Partial<Block> = {}): Block => ({
    key: `${dogId}${String(from)}`,
    dogId,
    step: 'clip',
    startMs: from * MIN,
    endMs: (from + min) * MIN,
    stationId: null,
    state: 'planned',
    activity: null,
    ...more,
  });
  const blocks = [
    block(0, 10, 'a'),
    block(10, 5, 'a', { step: 'nails' }),
    block(20, 40, 'a'),
    block(60, 5, 'a', { state: 'running' }),
    block(70, 5, 'b'),
    block(76, 5, 'c'),
  ];
  const bundles = bundlesOf(blocks);
  expect(bundles.map((b) => b.blocks.length)).toEqual([2, 1, 1, 2]);
  expect(bundles.flatMap((b) => b.blocks)).toEqual(blocks);
});

describe('what may happen to a task', () => {
  const order = (nowMs: number, reason?: string): WorkOrder =>
    ({
      taskKey: 'k',
      dogId: 'd',
      step: 'bath',
      stationId: null,
      personId: 'p',
      nowMs,
      ...(reason === undefined ? {} : { reason }),
    }) as WorkOrder;
  const go = (
    before: WorkRecord | null,
    command: Parameters<typeof applyWorkCommand>[1],
    nowMs: number,
    reason?: string,
  ): WorkRecord => {
    const outcome = applyWorkCommand(before, command, order(nowMs, reason));
    if (!outcome.ok) throw new Error(outcome.refusal);
    return outcome.record;
  };

  it('adds up the runs and leaves pauses out', () => {
    const started = go(null, 'start', 1000);
    const paused = go(started, 'pause', 61_000);
    const resumed = go(paused, 'resume', 500_000);
    expect(workedMs(resumed, 510_000)).toBe(70_000);
    expect(go(resumed, 'finish', 530_000)).toMatchObject({ state: 'done', workedMs: 90_000 });
  });

  it.each([
    [null, 'finish', 'notStarted'],
    [null, 'pause', 'notRunning'],
    [null, 'skip', 'reasonMissing'],
    ['running', 'start', 'alreadyStarted'],
    ['running', 'resume', 'notPaused'],
    ['done', 'finish', 'alreadyOver'],
    ['done', 'start', 'alreadyOver'],
    ['skipped', 'skip', 'alreadyOver'],
  ] as const)('%s: %s is refused as %s', (state, command, refusal) => {
    const before = state === null ? null : ({ ...go(null, 'start', 0), state } as WorkRecord);
    expect(applyWorkCommand(before, command, order(5))).toEqual({ ok: false, refusal });
  });

  it('keeps why a task was skipped', () => {
    expect(go(null, 'skip', 9, ' owner did it ')).toMatchObject({ state: 'skipped', reason: 'owner did it' });
  });
});
