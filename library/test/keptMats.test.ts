/* Light webs kept for the ring: only where the school of the coat allows it, only loose ones, only until two days after the show. */
import { readFileSync } from 'node:fs';
import { isKept, keptUntil, planKennel, wallToMs } from '@loyal-mane/core';
import type { KennelDog, KennelFile, KnownMat, LocalDay, WallTime } from '@loyal-mane/core';
import { CARE_LIBRARY } from '../src/index.js';

const DEMO = JSON.parse(readFileSync(`${__dirname}/../demo/demo-kennel.json`, 'utf8')) as KennelFile;
const day = (text: string): LocalDay => text as LocalDay;
const TODAY = DEMO.startDay;
const dogOf = (name: string): KennelDog => DEMO.dogs.find((d) => d.name === name) as KennelDog;
const fenn = dogOf('Fenn');
const lastRing = DEMO.entries
  .filter((e) => e.dogId === fenn.id && e.day < '2026-06-30')
  .map((e) => e.day)
  .sort()
  .at(-1);

describe('the day by which they are out', () => {
  it('is two days after the last ring day of the show ahead, on the coats whose school keeps them', () => {
    expect(lastRing).toBeDefined();
    const until = keptUntil(fenn, DEMO, CARE_LIBRARY, TODAY);
    expect((Date.parse(until ?? '') - Date.parse(lastRing ?? '')) / 86_400_000).toBe(2);
    expect(keptUntil(dogOf('Lovage'), DEMO, CARE_LIBRARY, TODAY)).toBeNull();
  });

  it('is none where the kennel or the dog has them out, or no show is ahead', () => {
    const methods = { number: 1, schools: { tanglesAtShow: 'a' as const } };
    expect(keptUntil(fenn, { ...DEMO, methods }, CARE_LIBRARY, TODAY)).toBeNull();
    expect(keptUntil({ ...fenn, schools: { tanglesAtShow: 'a' } }, DEMO, CARE_LIBRARY, TODAY)).toBeNull();
    expect(keptUntil(fenn, { ...DEMO, entries: [] }, CARE_LIBRARY, TODAY)).toBeNull();
    expect(keptUntil(fenn, DEMO, CARE_LIBRARY, day('2027-01-01'))).toBeNull();
  });
});

it('only a loose one is kept, and only until its day is over', () => {
  const web: KnownMat = { zone: 'flank', tightness: 'loose', keptUntil: day('2026-06-22') };
  expect(isKept(web, day('2026-06-22'))).toBe(true);
  expect(isKept(web, day('2026-06-23'))).toBe(false);
  expect(isKept({ ...web, tightness: 'tight' }, day('2026-06-20'))).toBe(false);
  expect(isKept({ zone: 'flank', tightness: 'loose' }, day('2026-06-20'))).toBe(false);
});

it('the plan takes a marked web out before the bath, a kept one only after the show', () => {
  const nowMs = wallToMs(TODAY, '07:00' as WallTime, DEMO.settings.timeZone);
  const knotsOf = (mat: KnownMat): readonly string[] => {
    const kennel: KennelFile = {
      ...DEMO,
      dogs: [{ ...fenn, mats: [mat] }],
      entries: DEMO.entries.filter((e) => e.dogId === fenn.id && e.day <= (lastRing ?? '')),
      transports: DEMO.transports.map((t) => ({ ...t, dogs: t.dogs.filter((d) => d === fenn.id) })),
      work: DEMO.work.filter((w) => w.dogId === fenn.id),
    };
    const plan = planKennel(kennel, CARE_LIBRARY, { nowMs, seed: 1, rounds: 1, unasked: true });
    return plan.activities.filter((a) => a.step === 'knots').map((a) => a.start.slice(0, 10));
  };
  const web: KnownMat = { zone: 'flank', tightness: 'loose', foundOn: TODAY };
  const marked = knotsOf(web);
  expect(marked.some((d) => d < (lastRing ?? ''))).toBe(true);
  const kept = knotsOf({ ...web, keptUntil: keptUntil(fenn, DEMO, CARE_LIBRARY, TODAY) as LocalDay });
  expect(kept.length).toBeGreaterThan(0);
  expect(kept.every((d) => d >= (lastRing ?? ''))).toBe(true);
});
