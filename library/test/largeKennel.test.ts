/* More dogs than a crew can ready: the plan still ends, entries are explained first, and what was not asked is asked by itself. */
import { readFileSync } from 'node:fs';
import { chainWhy, planKennel, wallToMs } from '@loyal-mane/core';
import type { KennelFile, UnplacedChain, WallTime } from '@loyal-mane/core';
import { CARE_LIBRARY } from '../src/index.js';

const DEMO = JSON.parse(
  readFileSync(new URL('../demo/demo-kennel.json', import.meta.url), 'utf8'),
) as unknown as KennelFile;
/** Everybody's dogs several times over, with their entries, for one crew. */
function crowdOf(times: number): KennelFile {
  const copies = Array.from({ length: times }, (_, n) => n);
  return {
    ...DEMO,
    work: [],
    dogs: copies.flatMap((n) => DEMO.dogs.map((d) => ({ ...d, id: again(d.id, n) }))),
    entries: copies.flatMap((n) => DEMO.entries.map((e) => ({ ...e, id: again(e.id, n), dogId: again(e.dogId, n) }))),
  };
}
const nowMs = wallToMs(DEMO.startDay, '07:00' as WallTime, DEMO.settings.timeZone);

/** The id of the n-th copy. */
function again<Id extends string>(id: Id, n: number): Id {
  return `${String(n)}${id.slice(1)}` as Id;
}

const isAsked = (u: UnplacedChain): boolean => u.reason.code !== 'notAsked';

it('explains some chains without a place, entries first; the others are explained when they are asked for', () => {
  const crowd = crowdOf(3);
  const plan = planKennel(crowd, CARE_LIBRARY, { nowMs, rounds: 1 });
  const silent = plan.unplaced.filter((u) => !isAsked(u));
  expect(silent.length).toBeGreaterThan(10);
  expect(plan.unplaced.some((u) => isAsked(u) && u.kind === 'show')).toBe(true);
  // Keep-up work has been asked only when no entry was left.
  if (silent.some((u) => u.kind === 'show'))
    expect(plan.unplaced.filter((u) => u.kind === 'keepUp' && u.reason.remedies.length > 0)).toEqual([]);
  const why = chainWhy(crowd, CARE_LIBRARY, plan, nowMs, silent[0]!.key);
  expect(why?.reason.code).not.toBe('notAsked');
  expect(why?.step).not.toBeNull();
  expect(chainWhy(crowd, CARE_LIBRARY, plan, nowMs, 'no such chain')).toBeNull();
});

it('stops while it explains', () => {
  let asked = 0;
  const plan = planKennel(crowdOf(2), CARE_LIBRARY, {
    nowMs,
    rounds: 1,
    onExplained: () => asked++,
    shouldStop: () => asked >= 2,
  });
  expect(asked).toBe(2);
  expect(plan.unplaced.length).toBeGreaterThan(10);
});
