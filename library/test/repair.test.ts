/* A published plan made again after a small change: what the change does not touch stays where people know it to be. */
import { readFileSync } from 'node:fs';
import { comparePlans, planKennel, wallToMs } from '@loyal-mane/core';
import type { KennelFile, Plan, WallTime } from '@loyal-mane/core';
import { CARE_LIBRARY } from '../src/index.js';
import { sharedPlan } from './sharedPlan.js';

const DEMO = JSON.parse(readFileSync(`${__dirname}/../demo/demo-kennel.json`, 'utf8')) as KennelFile;
const NOW_MS = wallToMs(DEMO.startDay, '10:20' as WallTime, DEMO.settings.timeZone);
const ROUNDS = 4;
const plan = sharedPlan(DEMO, { nowMs: NOW_MS, rounds: ROUNDS });
const idOf = (name: string): string => DEMO.dogs.find((d) => d.name === name)?.id ?? '';
const again = (kennel: KennelFile): Plan =>
  planKennel(kennel, CARE_LIBRARY, { nowMs: NOW_MS, rounds: ROUNDS, previous: plan, unasked: true });
const open = plan.activities.filter((a) => a.state === 'planned').length;
const out = (p: Plan): string[] => p.unplaced.flatMap((u) => (u.kind === 'show' ? [u.key] : [])).sort();
const later = (time: string): WallTime =>
  `${String(Number(time.slice(0, 2)) + 1).padStart(2, '0')}${time.slice(2)}` as WallTime;

const changes: Readonly<Record<string, readonly [dog: string, kennel: KennelFile]>> = {
  'nothing at all': ['', DEMO],
  'a ring an hour later': [
    'Nemi',
    {
      ...DEMO,
      entries: DEMO.entries.map((e) => (e.dogId === idOf('Nemi') ? { ...e, ringTime: later(e.ringTime) } : e)),
    },
  ],
  'an entry pulled': ['Koro', { ...DEMO, entries: DEMO.entries.filter((e) => e.dogId !== idOf('Koro')) }],
  'a mat that was found': [
    'Nocci',
    {
      ...DEMO,
      dogs: DEMO.dogs.map((d) =>
        d.name === 'Nocci' ? { ...d, mats: [{ zone: 'behindEar' as const, tightness: 'loose' as const }] } : d,
      ),
    },
  ],
};

it.each(Object.entries(changes))('%s: at most one in twenty tasks of other dogs moves', (_, [dog, kennel]) => {
  const after = again(kennel);
  const moved = comparePlans(plan, after).updated.filter((u) => u.from.dogId !== idOf(dog));
  expect(moved.length / open).toBeLessThanOrEqual(0.05);
  // Nobody else loses a place by it, and a dog that nobody can show is still told as such.
  const others = (keys: string[]): string[] =>
    keys.filter((k) => !kennel.entries.some((e) => e.dogId === idOf(dog) && k.includes(e.id)));
  expect(others(out(after))).toEqual(others(out(plan)));
});
