/* A day around its tasks, and how work is spread: rides, rings, baths, who waits where, hours beside shifts. */
import { readFileSync } from 'node:fs';
import { addDays, careRounds, dayFacts, instantToMs, loadsOf, localDayOf, wallToMs } from '@loyal-mane/core';
import type { CareRound, KennelFile, WallTime } from '@loyal-mane/core';
import { lackingWords, roundWords } from '../src/words/index.js';
import { sharedPlan } from './sharedPlan.js';

const DEMO = JSON.parse(readFileSync(`${__dirname}/../demo/demo-kennel.json`, 'utf8')) as KennelFile;
const zone = DEMO.settings.timeZone;
const plan = sharedPlan(DEMO, { nowMs: wallToMs(DEMO.startDay, '07:00' as WallTime, zone), rounds: 4 });
const days = Array.from({ length: 7 }, (_, k) => addDays(DEMO.startDay, k));

it('every ride, ring and bath of a day is told, in order of time', () => {
  let rides = 0;
  let rings = 0;
  let baths = 0;
  for (const day of days) {
    const facts = dayFacts(DEMO, plan, day);
    expect(facts.rides).toHaveLength(DEMO.transports.filter((t) => t.day === day).length);
    expect(facts.rings.map((r) => r.entryId).sort()).toEqual(
      DEMO.entries.flatMap((e) => (e.day === day ? [e.id as string] : [])).sort(),
    );
    const times = facts.rings.map((r) => r.ringMs);
    expect(times).toEqual([...times].sort((x, y) => x - y));
    for (const b of facts.baths) expect(localDayOf(instantToMs(b.start), zone)).toBe(day);
    rides += facts.rides.length;
    rings += facts.rings.length;
    baths += facts.baths.length;
  }
  expect(Math.min(rides, rings, baths)).toBeGreaterThan(0);
});

it('a dog waits on the days on which nobody works on it and no ring calls it, where its rides have left it', () => {
  for (const day of days) {
    const { waiting, rings, baths } = dayFacts(DEMO, plan, day);
    const idle = waiting.flatMap((w) => w.dogs);
    expect(new Set(idle).size).toBe(idle.length);
    for (const r of rings) expect(idle).not.toContain(r.dogId);
    for (const b of baths) expect(idle).not.toContain(b.dogId);
    for (const w of waiting) expect(DEMO.sites.map((s) => s.id as string)).toContain(w.siteId);
  }
  const show = DEMO.sites.find((s) => !s.home && DEMO.transports.some((t) => t.toSiteId === s.id));
  const away = days.flatMap((day) => dayFacts(DEMO, plan, day).waiting.filter((w) => w.siteId === show?.id));
  expect(away.length).toBeGreaterThan(0);
});

it('hours by day are those of the plan, each person’s attended time once, beside shifts without breaks and absences', () => {
  const loads = loadsOf(DEMO, plan, DEMO.startDay, 7);
  const total = loads.people.reduce((sum, r) => sum + r.minutes.reduce((x, y) => x + y, 0), 0);
  const asked = plan.activities
    .filter((a) => days.includes(localDayOf(instantToMs(a.start), zone)))
    .reduce((sum, a) => sum + (a.people.length * (instantToMs(a.attendedUntil) - instantToMs(a.start))) / 60_000, 0);
  expect(total).toBeCloseTo(asked, 6);
  expect(total).toBeGreaterThan(600);
  const person = DEMO.people.find((p) => p.name.startsWith('Asta'));
  const sick = { ...DEMO, absences: [{ personId: person?.id ?? '', day: DEMO.startDay, reason: 'ill' as const }] };
  const row = (k: Parameters<typeof loadsOf>[0]) =>
    loadsOf(k, plan, DEMO.startDay, 7).people.find((r) => r.id === person?.id)?.shift[0];
  expect(row(DEMO)).toBeGreaterThan(300);
  expect(row(sick)).toBe(0);
  for (const s of loads.stations) expect(s.minutes.some((m) => m > 0)).toBe(true);
});

describe('care rounds', () => {
  const minutesOf = (r: CareRound): number => r.parts.reduce((sum, p) => sum + (p.toMs - p.fromMs) / 60_000, 0);
  const all = days.flatMap((day) => careRounds(DEMO, plan, day).map((r) => ({ day, ...r })));

  it('every dog is let out, fed and walked three times a day wherever it is, and unloaded where it arrives', () => {
    for (const day of days) {
      for (const kind of ['morning', 'midday', 'evening'] as const) {
        const dogs = all.filter((r) => r.day === day && r.kind === kind).flatMap((r) => r.dogs);
        expect(new Set(dogs).size).toBe(dogs.length);
        const onTheRoad = DEMO.transports.filter((t) => t.day === day).flatMap((t) => t.dogs as readonly string[]);
        for (const d of DEMO.dogs) if (!onTheRoad.includes(d.id)) expect(dogs).toContain(d.id);
      }
      const arrived = DEMO.transports.filter((t) => t.day === day && t.dogs.length > 0).length;
      expect(all.filter((r) => r.day === day && r.kind === 'unload')).toHaveLength(arrived);
    }
  });

  it('takes only time that shifts and tasks leave, of people who are there, and says what nobody has', () => {
    expect(all.length).toBeGreaterThan(20);
    for (const r of all) {
      expect(minutesOf(r) + r.lackingMin).toBeCloseTo(r.minutes, 0);
      for (const p of r.parts) {
        const busy = plan.activities.filter(
          (a) =>
            (a.people as readonly string[]).includes(p.personId) &&
            instantToMs(a.start) < p.toMs &&
            instantToMs(a.attendedUntil) > p.fromMs,
        );
        expect(busy).toEqual([]);
        const shift = DEMO.shifts.find((s) => s.personId === p.personId && s.day === r.day);
        expect(shift).toBeDefined();
        expect(p.fromMs).toBeGreaterThanOrEqual(wallToMs(r.day, shift?.start ?? ('24:00' as WallTime), zone));
        expect(p.toMs).toBeLessThanOrEqual(wallToMs(r.day, shift?.end ?? ('00:00' as WallTime), zone));
      }
    }
    const people = all.flatMap((r) => r.parts.map((p) => ({ ...p })));
    for (const x of people)
      for (const y of people)
        if (x !== y && x.personId === y.personId) expect(x.toMs <= y.fromMs || y.toMs <= x.fromMs).toBe(true);
  });

  it('nobody on shift: nobody has time, and the words say for how long', () => {
    const empty = { ...DEMO, shifts: [] };
    const [first] = careRounds(empty, plan, DEMO.startDay);
    expect(first).toMatchObject({ kind: 'morning', parts: [] });
    expect(first?.lackingMin).toBe(first?.minutes);
    if (first === undefined) throw new Error('no round');
    expect(roundWords(first)).toMatch(/^\d+ dogs: out, fed and watered$/);
    expect(lackingWords(first)).toMatch(/^nobody has time for \d+ h( \d+ min)?$/);
    expect(lackingWords({ minutes: 60, lackingMin: 15 })).toBe('nobody has time for 15 min of 1 h');
    expect(lackingWords({ minutes: 60, lackingMin: 0 })).toBe('');
  });

  it('a dog that is with its owner has none', () => {
    const [dog] = DEMO.dogs;
    const away = {
      ...DEMO,
      dogs: DEMO.dogs.map((d) => (d === dog ? { ...d, stays: [{ from: addDays(DEMO.startDay, 3) }] } : d)),
    };
    const of = (day: typeof DEMO.startDay) =>
      careRounds(away, plan, day)
        .filter((r) => r.kind === 'morning')
        .flatMap((r) => r.dogs);
    expect(of(DEMO.startDay)).not.toContain(dog?.id);
    expect(of(addDays(DEMO.startDay, 6))).toContain(dog?.id);
  });
});
