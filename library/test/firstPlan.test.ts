/* The first plan of an own kennel: what is missing is named by its cause, filled at a press, and then every dog has a place. */
import { addDays, dayFacts, kennelGaps, planKennel, wallToMs, withGapFilled, withGapsFilled } from '@loyal-mane/core';
import type { KennelFile, KennelGap, LocalDay, StepId, WallTime } from '@loyal-mane/core';
import { CARE_LIBRARY, PLAIN_DOG, emptyKennel } from '../src/index.js';
import { gapButtons, gapWords, namesOf } from '../src/words/index.js';

const TODAY = '2026-12-01' as LocalDay;
const ZONE = 'Europe/Oslo';
const NOW_MS = wallToMs(TODAY, '08:00' as WallTime, ZONE);
const STEPS: readonly StepId[] = ['load', 'ring', 'bath', 'brushOut1', 'finish', 'outlineCheck', 'dryCheck'];

let ids = 0;
const newId = (): string => `00000000-0000-7000-8000-${String(++ids).padStart(12, '0')}`;

/** A kennel as it is after its first five minutes: two people, stations, three dogs, a show on Saturday, no more. */
function bare(): KennelFile {
  const empty = emptyKennel({ name: 'Fell', timeZone: ZONE, today: TODAY, newId });
  const home = empty.sites[0]?.id;
  const away = newId();
  const show = newId();
  const ring = newId();
  const dogs = ['Pell', 'Skerry', 'Tansy'].map((name) => ({
    ...PLAIN_DOG,
    ...{ id: newId(), name, breed: 'Samoyed', sex: 'dog', born: '2022-03-01', weightKg: 22 },
  }));
  const station = (kind: string, name: string, more: object = {}) => ({
    ...{ id: newId(), siteId: home, kind, name, closures: [], ...more },
  });
  return {
    ...empty,
    sites: [...empty.sites, { id: away, name: 'Fen hall', home: false }],
    people: [
      { ...empty.people[0], name: 'Anna Moor', skills: ['bath', 'dry', 'brush', 'scissor', 'ring', 'decide'] },
      { id: newId(), name: 'Ben Skye', signIn: 'ben', role: 'bather', skills: ['bath', 'dry', 'brush'] },
    ],
    stations: [
      station('tub', 'Tub 1', { ramp: true }),
      station('forceDryer', 'Force dryer'),
      station('standDryer', 'Stand dryer'),
      station('table', 'Table 1'),
      station('table', 'Table 2'),
      station('pen', 'Pens', { places: 4 }),
    ],
    dogs,
    shows: [{ id: show, name: 'Fen show', siteId: away, firstDay: '2026-12-05', lastDay: '2026-12-05' }],
    rings: [{ id: ring, showId: show, name: 'Ring 1' }],
    entries: dogs.map((d, k) => ({
      ...{ id: newId(), dogId: d.id, showId: show, ringId: ring, day: '2026-12-05', importance: 2 },
      ringTime: `1${String(k)}:30`,
    })),
  } as unknown as KennelFile;
}

const gapsOf = (k: KennelFile): KennelGap[] => kennelGaps(k, CARE_LIBRARY.steps, STEPS, TODAY);

it('names what is missing by its cause, each with its button', () => {
  const kennel = bare();
  const gaps = gapsOf(kennel);
  expect(gaps.map((g) => g.code)).toEqual(['noShift', 'noRide', 'noTable', 'noSkill']);
  const site = (id: string): string => kennel.sites.find((s) => s.id === id)?.name ?? '';
  const words = gaps.map((g) => gapWords(g, namesOf(kennel), site));
  expect(words).toEqual([
    'Nobody works on Fri 4 Dec and Sat 5 Dec.',
    'Nothing takes Pell, Skerry and Tansy to Fen hall and back.',
    'There is no table at Fen hall.',
    expect.stringMatching(/^Nobody has the skill for .*holding and carrying/),
  ]);
  expect(gaps.flatMap((g) => gapButtons(g, namesOf(kennel)).map((b) => b.label))).toEqual([
    ...['Add shifts', 'Add a van there and back', 'Add two tables', 'Let Anna do it', 'Let Ben do it'],
  ]);
});

it('filled one after the other nothing is missing, and every dog has a place in the first plan', () => {
  let kennel = bare();
  for (let gap = gapsOf(kennel)[0]; gap !== undefined; gap = gapsOf(kennel)[0]) {
    const before = gapsOf(kennel).length;
    kennel = withGapFilled(kennel, gap, newId);
    expect(gapsOf(kennel).length).toBeLessThan(before);
  }
  const plan = planKennel(kennel, CARE_LIBRARY, { nowMs: NOW_MS });
  expect(plan.unplaced.filter((u) => u.kind === 'show')).toEqual([]);
  expect(dayFacts(kennel, plan, '2026-12-05' as LocalDay).rides).toHaveLength(2);
});

it('a van that leaves before all shifts: when those who load begin is offered, and then every dog has a place', () => {
  const weekly = ['2026-12-01', '2026-12-02', '2026-12-03', '2026-12-04', '2026-12-05'];
  const empty = bare();
  const shifts = empty.people.flatMap((p) =>
    weekly.map((day) => ({
      ...{ id: newId(), personId: p.id, day, start: '08:00', end: '16:00', overtimeEnd: '17:00' },
      pauses: [],
    })),
  ) as unknown as KennelFile['shifts'];
  const start = { ...empty, shifts };
  expect(gapsOf(start).map((g) => g.code)).not.toContain('lateShift');
  const [ride] = gapsOf(start).filter((g) => g.code === 'noRide');
  const [hand] = gapsOf(start).filter((g) => g.code === 'noSkill');
  if (ride === undefined || hand === undefined) throw new Error('no ride is missing');
  const driven = withGapFilled(withGapFilled(start, ride, newId), hand, newId);
  const late = gapsOf(driven).find((g) => g.code === 'lateShift');
  if (late === undefined) throw new Error('nobody loads, and it is not said');
  expect(gapWords(late, namesOf(driven), () => '')).toBe(
    'Nobody is at work in time to load: Van leaves at 06:30 on Sat 5 Dec.',
  );
  expect(gapButtons(late, namesOf(driven))).toEqual([{ label: 'Begin at 05:30' }]);
  // A ride that is over is nobody's gap any more.
  const sunday = { ...driven, shows: driven.shows.map((s) => ({ ...s, lastDay: '2026-12-06' as LocalDay })) };
  const more = { ...sunday, entries: sunday.entries.map((e) => ({ ...e, day: '2026-12-06' as LocalDay })) };
  expect(kennelGaps(more, CARE_LIBRARY.steps, STEPS, '2026-12-06' as LocalDay).map((g) => g.code)).not.toContain(
    'lateShift',
  );
  const kennel = withGapsFilled(start, gapsOf, newId);
  expect(gapsOf(kennel)).toEqual([]);
  expect(kennel.shifts.filter((s) => s.day === '2026-12-05').map((s) => s.start)).toEqual(['05:30', '05:30']);
  expect(kennel.shifts.filter((s) => s.day === '2026-12-04').map((s) => s.start)).toEqual(['08:00', '08:00']);
  const plan = planKennel(kennel, CARE_LIBRARY, { nowMs: NOW_MS });
  expect(plan.unplaced.filter((u) => u.kind === 'show')).toEqual([]);
});

it('without it the plan names the early beginning that would do, at home', () => {
  const filled = withGapsFilled(bare(), gapsOf, newId);
  const late = filled.shifts.map((s) => (s.day === '2026-12-05' ? { ...s, start: '07:30' as WallTime } : s));
  const plan = planKennel({ ...filled, shifts: late }, CARE_LIBRARY, { nowMs: NOW_MS });
  const out = plan.unplaced.filter((u) => u.kind === 'show');
  expect(out.length).toBeGreaterThan(0);
  for (const u of out) {
    const [remedy] = u.reason.remedies.filter((r) => r.code === 'beginEarlier');
    expect(remedy?.from.slice(0, 13)).toBe('2026-12-05T05');
  }
});

it('says when a step needs two and only one can, and is quiet where no show is ahead', () => {
  const kennel = bare();
  const alone = { ...kennel, people: kennel.people.slice(0, 1) };
  const one = { ...alone, people: alone.people.map((p) => ({ ...p, skills: [...p.skills, 'hand' as const] })) };
  const two = {
    ...CARE_LIBRARY.steps,
    outlineCheck: { skill: 'scissor', second: 'hand' },
  } as typeof CARE_LIBRARY.steps;
  expect(kennelGaps(one, two, ['outlineCheck'], TODAY).map((g) => g.code)).toContain('noSecond');
  expect(kennelGaps({ ...kennel, entries: [] }, CARE_LIBRARY.steps, STEPS, TODAY)).toEqual([]);
  expect(kennelGaps(kennel, CARE_LIBRARY.steps, STEPS, addDays(TODAY, 30))).toEqual([]);
});
