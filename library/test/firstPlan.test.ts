/* The first plan of an own kennel: what is missing is named by its cause, filled at a press, and then every dog has a place. */
import { addDays, dayFacts, kennelGaps, planKennel, wallToMs, withGapFilled } from '@loyal-mane/core';
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
