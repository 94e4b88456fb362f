/* Breaks of a plan as an owner reads them: of the own dogs only, and nothing of the crew or of other dogs. */
import { ownBreaks } from '../src/plan/breakService.js';
import type { PlanBreakDto } from '../src/plan/dto.js';

const told = (dogId: string): PlanBreakDto => ({
  ...{ code: 'twice', key: `e:${dogId}:bath:1:1`, dogId, entryId: null, step: 'bath', mark: null },
  ...{ start: '2026-06-18T06:00:00Z', end: '2026-06-18T06:20:00Z', personId: 'tuva', stationId: null },
  other: { key: 'x', dogId: 'another', step: 'bath', personId: 'tuva', until: '2026-06-18T06:20:00Z' },
  since: { at: '2026-06-17T08:14:00Z', actorId: 'maren' },
});

it('names no other dog and nobody of the crew', () => {
  const all = { planId: 'p', breaks: [told('own'), told('another')] };
  const own = ownBreaks(all, new Set(['own']));
  expect(own.planId).toBe('p');
  expect(own.breaks).toHaveLength(1);
  expect(JSON.stringify(own)).not.toMatch(/another|tuva|maren/);
  expect(own.breaks[0]).toMatchObject({ dogId: 'own', start: '2026-06-18T06:00:00Z' });
  expect(ownBreaks(all, new Set()).breaks).toEqual([]);
});
