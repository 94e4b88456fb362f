import { wallToMs, planKennel } from '@loyal-mane/core';
import type { WallTime } from '@loyal-mane/core';
import { CARE_LIBRARY } from '@loyal-mane/library';
import { kennelOf } from './kennels/kennelOf.js';
import { SETTERS } from './kennels/plots.js';
it('x', () => {
  const dog = SETTERS.dogs[0]!;
  const kennel = kennelOf({ ...SETTERS, dogs: [dog] });
  const nowMs = wallToMs(kennel.startDay, '06:00' as WallTime, kennel.settings.timeZone);
  const t = Date.now();
  const plan = planKennel(kennel, CARE_LIBRARY, { nowMs, odds: false, bound: true });
  console.log(Date.now() - t, plan.bound, plan.cost, (plan as any).rounds);
}, 100000);
