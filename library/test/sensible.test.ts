/*
 * Whole kennels, read as a lead handler reads a plan. Thresholds are what a lead would call sensible (common practice, our
 * figures); the plans' own figures are in the decision record on plans read by a lead.
 */
import type { KennelFile, Plan, WallTime } from '@loyal-mane/core';
import { kennelOf } from './kennels/kennelOf.js';
import type { LeadReads } from './kennels/leadReads.js';
import { leadReads } from './kennels/leadReads.js';
import { FORTY_DOGS, SETTERS, TWO_PEOPLE } from './kennels/plots.js';
import { sharedFixture } from './sharedPlan.js';

interface Read {
  readonly kennel: KennelFile;
  readonly plan: Plan;
  readonly reads: LeadReads;
}

function read(kennel: KennelFile): Read {
  const plan = sharedFixture(kennel);
  return { kennel, plan, reads: leadReads(kennel, plan) };
}

const kennels = { TWO_PEOPLE, SETTERS, FORTY_DOGS };
const plans = new Map(Object.entries(kennels).map(([name, plot]) => [name, read(kennelOf(plot))]));
const of = (name: keyof typeof kennels): Read => plans.get(name) as Read;

describe.each(Object.keys(kennels) as (keyof typeof kennels)[])('%s', (name) => {
  const { plan, reads } = of(name);

  it('has every show day ready and no keep-up left out, with next to no overtime', () => {
    expect(reads.ready).toBe(reads.of);
    expect(reads.ready).toBe(plan.bound?.ready);
    expect(reads.keepUpOut).toBe(0);
    expect(reads.overtimeMin).toBeLessThanOrEqual(30);
  });

  it('bathes within the working day, and no dog waits wet', () => {
    expect(reads.baths[0] >= '07:00').toBe(true);
    expect(reads.baths[1] <= '17:30').toBe(true);
    expect(reads.longestWetMin).toBeLessThanOrEqual(15);
  });

  it('does not leave everything to the last day, nor a brushed-out dog lying about', () => {
    expect(reads.lastDayShare).toBeLessThan(0.5);
    expect(reads.lastDayShare).toBeGreaterThan(0.05);
    expect(reads.longestTableGapMin).toBeLessThanOrEqual(60);
  });

  it('keeps a dog with few people, and people at their place', () => {
    expect(reads.handsADogDay).toBeLessThan(3);
    expect(reads.movesAnHour).toBeLessThan(2);
    expect(reads.evenness).toBeGreaterThan(0.15);
  });

  it('would hold when minutes vary as they do', () => {
    expect(plan.odds).toHaveLength(reads.of);
    expect(reads.leastOdds).toBeGreaterThan(0.7);
  });
});

it('two people: nobody is in two places on the show day, and the dog that stays at home has its keep-up', () => {
  const { kennel, plan } = of('TWO_PEOPLE');
  const home = kennel.dogs.find((d) => d.name === 'Vesper')?.id;
  expect(plan.activities.some((a) => a.dogId === home && a.kind === 'keepUp')).toBe(true);
  const rings = plan.activities.filter((a) => a.step === 'ring');
  expect(rings).toHaveLength(4);
  expect(new Set(rings.map((a) => a.people[0])).size).toBe(2);
});

it('setters: jackets that will not lie have their towel set between rough and fine trim, one of them twice', () => {
  const { kennel, plan } = of('SETTERS');
  for (const dog of kennel.dogs.filter((d) => !d.jacketLies)) {
    const mine = plan.activities.filter((a) => a.dogId === dog.id && a.kind === 'show');
    const at = (step: string): string[] => mine.filter((a) => a.step === step).map((a) => a.start);
    expect(at('towelSet')).toHaveLength(dog.towelSets ?? 1);
    expect(at('towelRelease')).toHaveLength(dog.towelSets ?? 1);
    expect((at('roughTrim').at(-1) ?? '') < (at('towelSet')[0] ?? '')).toBe(true);
    expect((at('towelRelease').at(-1) ?? '') < (at('fineTrim')[0] ?? '')).toBe(true);
    // About a day under the towel (common practice).
    const hours = (Date.parse(at('towelRelease')[0] ?? '') - Date.parse(at('towelSet')[0] ?? '')) / 3_600_000;
    expect(hours).toBeGreaterThanOrEqual(20);
    expect(hours).toBeLessThanOrEqual(30);
  }
  // Rough and fine passes of one dog fall on different days.
  for (const dog of kennel.dogs) {
    const day = (step: string): Set<string> =>
      new Set(plan.activities.filter((a) => a.dogId === dog.id && a.step === step).map((a) => a.start.slice(0, 10)));
    for (const d of day('roughTrim')) expect(day('fineTrim').has(d)).toBe(false);
  }
});

it('forty dogs: each van takes its own dogs, and nobody shows at both shows', () => {
  const { kennel, plan } = of('FORTY_DOGS');
  const showOf = new Map(kennel.entries.map((e) => [e.id, e.showId]));
  const shows = new Map<string, Set<string>>();
  for (const a of plan.activities.filter((x) => x.step === 'ring')) {
    const who = a.people[0] ?? '';
    shows.set(who, (shows.get(who) ?? new Set<string>()).add(showOf.get(a.entryId as never) ?? ''));
  }
  expect(shows.size).toBe(6);
  for (const s of shows.values()) expect(s.size).toBe(1);
});

it('a break over a ring time: the dog has no place, and moving the break is what helps', () => {
  const kennel = kennelOf(TWO_PEOPLE);
  const show = kennel.shows[0];
  const juniper = kennel.entries.find((e) => kennel.dogs.find((d) => d.id === e.dogId)?.name === 'Juniper');
  const resting = {
    ...kennel,
    entries: kennel.entries.filter((e) => e === juniper),
    shifts: kennel.shifts.map((s) =>
      s.day === show?.firstDay && s.personId === juniper?.handlerId
        ? { ...s, pauses: [{ start: '12:00' as WallTime, end: '12:30' as WallTime, what: 'break' as const }] }
        : s,
    ),
  };
  const { plan } = read(resting);
  const out = plan.unplaced.find((u) => u.entryId === juniper?.id);
  expect(out?.reason.remedies[0]).toMatchObject({ code: 'moveBreak', personId: juniper?.handlerId });
});
