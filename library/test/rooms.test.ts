/* Readings of the rooms from a real kennel on a working morning: every figure is counted again another way. */
import { readFileSync } from 'node:fs';
import { bundlesOf, countdown, daySheet, instantToMs, localDayOf, wallToMs } from '@loyal-mane/core';
import type { Block, KennelFile, LocalDay, PlannedActivity, WallTime } from '@loyal-mane/core';
import { dayWords, durationWords, namesOf, reasonWords, spareWords, whyNotWords } from '../src/words/index.js';
import { sharedLiveDemo } from './sharedPlan.js';

const file = JSON.parse(readFileSync(`${__dirname}/../demo/demo-kennel.json`, 'utf8')) as KennelFile;
const zone = file.settings.timeZone;
const MIN = 60_000;
const HALF_STEP_MS = 2.5 * MIN;
const morning = wallToMs(file.startDay, '10:20' as WallTime, zone);
const { kennel, plan } = sharedLiveDemo(file, morning);
const names = namesOf(kennel);
const sheet = daySheet(kennel, plan, kennel.work, kennel.startDay, morning);

const isToday = (a: PlannedActivity): boolean => localDayOf(instantToMs(a.start), zone) === kennel.startDay;

describe('the day sheet', () => {
  it('has every planned task of the day once with each of its people, and no other', () => {
    const begun = new Set(kennel.work.filter((w) => w.startedAt !== undefined).map((w) => w.taskKey as string));
    for (const person of kennel.people) {
      const lane = sheet.lanes.find((l) => l.personId === person.id);
      const mine = plan.activities.filter(
        (a) => a.state === 'planned' && isToday(a) && a.people.includes(person.id) && !begun.has(a.key),
      );
      const shown = (lane?.blocks ?? []).filter((b) => b.state === 'planned' || b.state === 'late').map((b) => b.key);
      expect(shown.sort()).toEqual(mine.map((a) => a.key as string).sort());
    }
  });

  it('never has a person in two places, but for the rounding of minutes to steps of the plan', () => {
    for (const lane of sheet.lanes) {
      lane.blocks.slice(1).forEach((b, i) => {
        expect(b.startMs).toBeGreaterThanOrEqual((lane.blocks[i]?.endMs ?? 0) - HALF_STEP_MS);
      });
    }
  });

  it('adds up hours of work and of shift', () => {
    for (const lane of sheet.lanes) {
      const shift = kennel.shifts.find((s) => s.personId === lane.personId && s.day === kennel.startDay);
      const minutesOf = (s: { start: string; end: string }): number =>
        Number(s.end.slice(0, 2)) * 60 +
        Number(s.end.slice(3)) -
        Number(s.start.slice(0, 2)) * 60 -
        Number(s.start.slice(3));
      const pauses = (shift?.pauses ?? []).reduce((sum, p) => sum + minutesOf(p), 0);
      expect(lane.shiftMin).toBe(shift === undefined ? 0 : minutesOf(shift) - pauses);
      const load = lane.blocks.reduce((sum, b) => sum + (b.endMs - b.startMs), 0) / MIN;
      expect(Math.abs(lane.loadMin - load)).toBeLessThanOrEqual(0.5);
      expect(lane.loadMin).toBeLessThanOrEqual(lane.shiftMin);
    }
    expect(sheet.lanes.filter((l) => l.loadMin > 60).length).toBeGreaterThan(3);
  });

  it('shows what is done, what runs and what is to come around now', () => {
    const states = new Set(sheet.lanes.flatMap((l) => l.blocks.map((b) => b.state)));
    expect(states).toEqual(new Set(['done', 'running', 'planned']));
    for (const b of sheet.lanes.flatMap((l) => l.blocks)) {
      if (b.state === 'done') expect(b.endMs).toBeLessThanOrEqual(morning);
      if (b.state === 'planned') expect(b.startMs).toBeGreaterThanOrEqual(morning - 10 * MIN);
    }
  });

  it('counts what has no place on the day on which it would be done, and shows a closed station', () => {
    const days = [0, 1, 2, 3, 4].map(
      (k) => `${kennel.startDay.slice(0, 8)}${String(Number(kennel.startDay.slice(8)) + k)}`,
    );
    const without = days.map((day) => daySheet(kennel, plan, kennel.work, day as LocalDay, morning).withoutPlace);
    expect(without.reduce((x, y) => x + y, 0)).toBeGreaterThan(0);
    const closed = kennel.stations.flatMap((s) => s.closures.map((c) => ({ id: s.id, day: c.day })));
    expect(closed.length).toBeGreaterThan(0);
    for (const c of closed) {
      const that = daySheet(kennel, plan, kennel.work, c.day, morning).stations.find((s) => s.stationId === c.id);
      expect(that?.closed.length).toBe(
        kennel.stations.find((s) => s.id === c.id)?.closures.filter((x) => x.day === c.day).length,
      );
    }
  });

  it('draws no two blocks nearer than the narrowest that can be touched, and loses none', () => {
    const least = 13 * MIN;
    for (const lane of sheet.lanes) {
      const bundles = bundlesOf(lane.blocks, least);
      expect(bundles.flatMap((b) => b.blocks)).toEqual(lane.blocks);
      bundles.slice(1).forEach((b, i) => {
        const before = bundles[i];
        const open = [...b.blocks, ...(before?.blocks ?? [])].some((x: Block) => x.state === 'running');
        if (!open) expect(b.startMs - (before?.startMs ?? 0)).toBeGreaterThanOrEqual(least);
      });
    }
  });
});

describe('the countdown', () => {
  const read = countdown(kennel, plan, kennel.work, morning);

  it('has each dog of the next show once, under the day of its first ring', () => {
    const rows = read.days.flatMap((d) => d.rows);
    const entered = new Set(kennel.entries.filter((e) => e.showId === read.show?.id).map((e) => e.dogId));
    expect(rows.map((r) => r.dogId).sort()).toEqual([...entered].map(String).sort());
    expect(read.of).toBe(18);
    for (const day of read.days) {
      for (const row of day.rows) {
        const first = kennel.entries
          .filter((e) => e.dogId === row.dogId && e.showId === read.show?.id)
          .map((e) => `${e.day} ${e.ringTime}`)
          .sort()[0];
        expect(`${row.entry.day} ${row.entry.ringTime}`).toBe(first);
        expect(row.entry.day).toBe(day.day);
      }
    }
  });

  it('does not call a dog ready that the plan does not know of', () => {
    const without = (id: string) => ({ ...plan, activities: plan.activities.filter((a) => a.dogId !== id) });
    const { dogId } = read.days.flatMap((d) => d.rows).find((r) => r.problem === null)!;
    const since = countdown(kennel, without(dogId), kennel.work, morning);
    expect(since).toMatchObject({ unplanned: 1, ready: read.ready - 1 });
    expect(countdown(kennel, null, kennel.work, morning)).toMatchObject({ unplanned: 18, ready: 0 });
    expect(read.unplanned).toBe(0);
  });

  it('names what a ready dog goes without: dropped for its state, missed, or skipped by somebody', () => {
    expect(read.readyWithout).toEqual([]);
    const row = read.days.flatMap((d) => d.rows).find((r) => r.problem === null)!;
    const left = { dogId: row.dogId, entryId: row.entry.id, step: 'fineTrim', why: { code: 'state', state: 'injury' } };
    const hurt = countdown(kennel, { ...plan, leftOut: [...plan.leftOut, left as never] }, kennel.work, morning);
    expect(hurt).toMatchObject({ ready: read.ready, readyWithout: [row.dogId] });
    expect(hurt.days.flatMap((d) => d.rows).find((r) => r.dogId === row.dogId)?.without).toEqual(['fineTrim']);
    const taskKey = `e:${row.entry.id}:nails:1:1` as never;
    const skipped = { taskKey, dogId: row.dogId, step: 'nails', state: 'skipped', workedMs: 0 } as const;
    expect(countdown(kennel, plan, [...kennel.work, skipped], morning).readyWithout).toEqual([row.dogId]);
    // A step that the show's rules forbid is no loss.
    const barred = { ...left, step: 'whiskers', why: { code: 'showRules', rule: 'whiskers', value: 'no' } };
    expect(countdown(kennel, { ...plan, leftOut: [barred as never] }, kennel.work, morning).readyWithout).toEqual([]);
  });

  it('puts problems first, the soonest decision first, and says each in a sentence', () => {
    const by = read.problems.map((p) => p.byMs);
    expect([...by].sort((x, y) => x - y)).toEqual(by);
    expect(read.ready + read.problems.length).toBe(read.of);
    for (const { row } of read.problems) {
      const words = row.problem === null ? '' : whyNotWords(row.problem, names);
      expect(words).toMatch(/^[A-Z].+\.$/);
      expect(words).not.toMatch(/undefined|null|[a-z]+:[a-z]/);
    }
  });

  it('gives no dog less than nothing to spare, and words for every place in the plan', () => {
    for (const row of read.days.flatMap((d) => d.rows)) {
      if (row.spareMs === null) continue;
      expect(row.spareMs).toBeGreaterThanOrEqual(0);
      expect(spareWords(row.spareMs)).toMatch(/to spare$/);
    }
    for (const a of plan.activities) {
      if (a.state === 'planned') expect(reasonWords(a, names)).toMatch(/^[A-Z][^{}]+\.$/);
    }
  });

  it('knows no show, no plan and a show that is over', () => {
    const bare = countdown({ ...kennel, shows: [], entries: [] }, null, [], morning);
    expect(bare).toMatchObject({ show: null, ready: 0, of: 0, days: [], problems: [] });
    const unplanned = countdown(kennel, null, [], morning);
    expect(unplanned.of).toBe(18);
    const lastDay = kennel.shows
      .map((s) => s.lastDay)
      .sort()
      .at(-1) as LocalDay;
    const after = wallToMs(lastDay, '12:00' as WallTime, zone) + 86_400_000;
    expect(countdown(kennel, plan, [], after).show).toBeNull();
  });
});

describe('time in words', () => {
  it.each([
    [0, '0 min'],
    [59, '59 min'],
    [60, '1 h'],
    [150, '2 h 30 min'],
    [24 * 60, '1 day'],
    [27 * 60, '1 day 3 h'],
  ])('%d min: %s', (min, words) => {
    expect(durationWords(min * MIN)).toBe(words);
  });

  it('names days of the week where the kennel is', () => {
    expect(dayWords(Date.parse('2026-06-17T22:30:00Z'), 'Europe/Oslo')).toBe('Thursday');
    expect(dayWords(Date.parse('2026-06-17T22:30:00Z'), 'America/New_York')).toBe('Wednesday');
  });
});
