/*
 * Two devices offline at one task: in whatever order their commands reach the server, the record ends as it would have ended in some
 * order online, ticks and soaks of both are there, and the earlier finish counts.
 */
import fc from 'fast-check';
import {
  applyWorkCommand,
  instantToMs,
  msToInstant,
  withPauseCause,
  withSoak,
  withSoakEnded,
  withTick,
} from '@loyal-mane/core';
import type { DogId, PersonId, TaskKey, WorkRecord } from '@loyal-mane/core';

const BEGAN = Date.parse('2026-06-17T08:00:00Z');
const MINUTE_MS = 60_000;
const common = {
  ...{ taskKey: 'task' as TaskKey, dogId: 'dog' as DogId, step: 'bath' as const, stationId: null },
};

/** A command of one device, with the minute at which it was tapped. */
type Tap =
  | { readonly what: 'tick'; readonly line: string; readonly minute: number }
  | { readonly what: 'soak' | 'soakEnd'; readonly id: string; readonly minute: number }
  | { readonly what: 'finish'; readonly person: PersonId; readonly minute: number };

/** The record after a command; what the core refuses leaves it as it is, as the server does. */
function after(record: WorkRecord, tap: Tap): WorkRecord {
  const nowMs = BEGAN + tap.minute * MINUTE_MS;
  const at = msToInstant(nowMs);
  switch (tap.what) {
    case 'tick':
      return withTick(record, tap.line, true) ?? record;
    case 'soak':
      return withSoak(record, { id: tap.id, product: 'whiteningWash', at, leastMin: 5, mostMin: 10 }) ?? record;
    case 'soakEnd':
      return withSoakEnded(record, tap.id, at) ?? record;
    case 'finish': {
      const outcome = applyWorkCommand(record, 'finish', { ...common, personId: tap.person, nowMs });
      return outcome.ok ? outcome.record : record;
    }
  }
}

function started(): WorkRecord {
  const outcome = applyWorkCommand(null, 'start', { ...common, personId: 'tuva' as PersonId, nowMs: BEGAN });
  if (!outcome.ok) throw new Error('it could not be started');
  return outcome.record;
}

/** One device's taps in the order of its own clock: some ticks, a soak that it ends, a finish at the end. */
const device = (name: string) =>
  fc
    .record({
      lines: fc.uniqueArray(fc.constantFrom('a', 'b', 'c', 'd', 'e'), { maxLength: 5 }),
      soak: fc.integer({ min: 1, max: 20 }),
      minutes: fc.integer({ min: 1, max: 15 }),
      finish: fc.integer({ min: 40, max: 90 }),
    })
    .map(({ lines, soak, minutes, finish }): Tap[] => [
      ...lines.map((line, k): Tap => ({ what: 'tick', line, minute: k })),
      { what: 'soak', id: `${name}-soak`, minute: soak },
      { what: 'soakEnd', id: `${name}-soak`, minute: soak + minutes },
      { what: 'finish', person: name as PersonId, minute: finish },
    ]);

/** Two lists in one, each in its own order; `turns` says whose tap comes next. */
function merged(one: readonly Tap[], two: readonly Tap[], turns: readonly boolean[]): Tap[] {
  const [left, right] = [[...one], [...two]];
  const all: Tap[] = [];
  for (const isLeft of turns) {
    const next = (isLeft ? left : right).shift();
    if (next !== undefined) all.push(next);
  }
  return [...all, ...left, ...right];
}

const turns = fc.array(fc.boolean(), { minLength: 20, maxLength: 20 });
const told = ({ state, finishedAt, workedMs, ticked = [], soaks = [] }: WorkRecord) => ({
  ...{ state, finishedAt, workedMs, ticked: [...ticked].sort() },
  soaks: [...soaks].sort((x, y) => x.id.localeCompare(y.id)),
});

it('every order of arrival ends alike, as the order of the clock does', () => {
  fc.assert(
    fc.property(device('tuva'), device('asta'), turns, turns, (one, two, first, second) => {
      const online = [...one, ...two].sort((x, y) => x.minute - y.minute).reduce(after, started());
      for (const order of [merged(one, two, first), merged(one, two, second)]) {
        const late = order.reduce(after, started());
        expect(told(late)).toEqual(told(online));
      }
    }),
    { numRuns: 300 },
  );
});

it('the earlier of two finishes counts with its minutes, and nothing of either device is lost', () => {
  fc.assert(
    fc.property(device('tuva'), device('asta'), turns, (one, two, order) => {
      const record = merged(one, two, order).reduce(after, started());
      const finishes = [...one, ...two].flatMap((t) => (t.what === 'finish' ? [t.minute] : []));
      const first = Math.min(...finishes);
      expect(record.finishedAt).toBe(msToInstant(BEGAN + first * MINUTE_MS));
      expect(record.workedMs).toBe(first * MINUTE_MS);
      const lines = new Set([...one, ...two].flatMap((t) => (t.what === 'tick' ? [t.line] : [])));
      expect(new Set(record.ticked ?? [])).toEqual(lines);
      expect(record.soaks?.map((s) => s.id).sort()).toEqual(['asta-soak', 'tuva-soak']);
      for (const s of record.soaks ?? []) expect(instantToMs(s.endedAt ?? s.at)).toBeGreaterThan(instantToMs(s.at));
    }),
    { numRuns: 300 },
  );
});

it('commands that arrive twice change nothing the second time', () => {
  fc.assert(
    fc.property(device('tuva'), device('asta'), turns, (one, two, order) => {
      const taps = merged(one, two, order);
      const once = taps.reduce(after, started());
      expect(told(taps.reduce(after, once))).toEqual(told(once));
    }),
    { numRuns: 200 },
  );
});

it('clocks never drift: a task paused and resumed at any moments has worked the minutes between them', () => {
  const moments = fc.uniqueArray(fc.integer({ min: 1, max: 400 }), { minLength: 2, maxLength: 14 });
  fc.assert(
    fc.property(moments, (minutes) => {
      const sorted = [...minutes].sort((x, y) => x - y);
      let record = started();
      let worked = 0;
      let since: number | null = 0;
      for (const minute of sorted) {
        const command = since === null ? 'resume' : 'pause';
        const order = { ...common, personId: 'tuva' as PersonId, nowMs: BEGAN + minute * MINUTE_MS };
        const outcome = applyWorkCommand(record, command, order);
        if (!outcome.ok) throw new Error(outcome.refusal);
        record = withPauseCause(outcome.record, 'dog', []) ?? outcome.record;
        if (since !== null) worked += minute - since;
        since = since === null ? minute : null;
      }
      expect(record.workedMs).toBe(worked * MINUTE_MS);
    }),
  );
});
