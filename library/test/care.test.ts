/*
 * Consequences of a coat for the plan: jackets under towels, ears before a show, trims long overdue, first trims of a
 * puppy, what a show allows, which shears a school asks for. Common practice; figures with their numbers in brackets.
 */
import { readFileSync } from 'node:fs';
import {
  COAT_CLASSES,
  addDays,
  applyEdits,
  assembleProblem,
  barOf,
  dogProgram,
  makePlanInput,
  mattedZones,
  needsOfCoat,
  programFaults,
  wallToMs,
  instantToMs,
} from '@loyal-mane/core';
import type {
  KennelDog,
  KennelFile,
  KennelShow,
  LocalDay,
  Plan,
  PlannedActivity,
  ProgramStep,
  StepId,
  WallTime,
} from '@loyal-mane/core';
import { CARE_LIBRARY, PROGRAMS, RULE_SETS, SCHOOLS, STEP_NEEDS } from '../src/index.js';
import { readKennel } from '../src/reader/index.js';
import { noteWords } from '../src/words/index.js';
import { kennelOf } from './kennels/kennelOf.js';
import { SETTERS, TWO_PEOPLE } from './kennels/plots.js';
import { entryFacts } from './kennels/entryFacts.js';
import { sharedPlan } from './sharedPlan.js';

const AWAY = 12;

/** One dog of a kennel of spaniels and setters, shown on the Saturday. */
function oneDog(more: Partial<KennelDog>, breed = 'English Springer Spaniel', weightKg = 23): KennelFile {
  return kennelOf({ ...SETTERS, dogs: [{ dog: 'Meadow', breed, weightKg, rings: [[0, 0, '10:00', 0]], more }] });
}

function planOf(kennel: KennelFile): Plan {
  const nowMs = wallToMs(kennel.startDay, '06:00' as WallTime, kennel.settings.timeZone);
  return sharedPlan(kennel, { nowMs, rounds: 2 });
}

const doing = (plan: Plan, ...steps: StepId[]): PlannedActivity[] =>
  plan.activities.filter((a) => steps.includes(a.step));
const dayOf = (a: PlannedActivity): string => a.start.slice(0, 10);
const minutesOf = (a: PlannedActivity): number => (instantToMs(a.attendedUntil) - instantToMs(a.start)) / 60_000;

describe('a jacket that will not lie', () => {
  const kennel = oneDog({ jacketLies: false, towelSets: 2 }, 'Irish Setter', 30);
  const plan = planOf(kennel);
  const kindOf = (a: PlannedActivity | undefined): string | undefined =>
    kennel.stations.find((s) => s.id === a?.stationId)?.kind;

  it('is soaked in a tub before each set, lies about a day in a pen, and is not cut before its release', () => {
    const order = doing(plan, 'towelSoak', 'towelSet', 'towelRelease', 'fineTrim').map((a) => a.step);
    const set: StepId[] = ['towelSoak', 'towelSet', 'towelRelease'];
    expect(order).toEqual([...set, ...set, 'fineTrim']);
    const soaks = doing(plan, 'towelSoak');
    const sets = doing(plan, 'towelSet');
    expect(soaks.map(kindOf)).toEqual(['tub', 'tub']);
    expect(sets.map(kindOf)).toEqual(['pen', 'pen']);
    soaks.forEach((soak, i) => {
      const wait = (instantToMs(sets[i]?.start ?? soak.end) - instantToMs(soak.end)) / 60_000;
      expect(wait).toBeLessThanOrEqual(10);
      // Ten minutes of soaking and five of pinning are the table's fifteen.
      expect(minutesOf(soak) + minutesOf(sets[i] ?? soak)).toBeLessThanOrEqual(20);
    });
  });
});

it('a washed jacket is set once more where somebody asks for it, a day before leaving', () => {
  const again = planOf(oneDog({ jacketLies: false, towelAfterBath: true }, 'Irish Setter', 30));
  const order = doing(again, 'bath', 'towelSet', 'towelRelease', 'load').map((a) => a.step);
  expect(order).toEqual(['towelSet', 'towelRelease', 'bath', 'towelSet', 'towelRelease', 'load']);
  expect(again.unplaced.filter((u) => u.kind === 'show')).toEqual([]);
  const lies = planOf(oneDog({ jacketLies: true, towelAfterBath: true }, 'Irish Setter', 30));
  expect(doing(lies, 'towelSet')).toEqual([]);
});

describe('ears', () => {
  /** Over before the evening of the day before. */
  const inTime = (to: ProgramStep['to']): boolean =>
    (to.of === 'prepDay' && to.day <= -2) || (to.of === 'ringDay' && to.day <= -1 && to.at !== 'end');

  it('are never trimmed on a show day or the evening before, on any coat and by any school (CP-12)', () => {
    let found = 0;
    for (const coat of COAT_CLASSES) {
      for (const edits of [[], ...SCHOOLS.flatMap((s) => [s.a.edits, s.b.edits])]) {
        const program = applyEdits(PROGRAMS[coat], edits, () => true);
        expect(program.showMorning.map((s) => s.step)).not.toContain('ears');
        expect(program.between.map((s) => s.step)).not.toContain('ears');
        for (const s of program.preparation.filter((x) => x.step === 'ears')) {
          found++;
          expect(inTime(s.to)).toBe(true);
        }
      }
    }
    expect(found).toBeGreaterThan(3 * SCHOOLS.length);
  });

  it('a kennel that moves them to the day before is told why not', () => {
    const change = { coat: 'jacketedTrimmed', part: 'preparation', step: 'ears', nth: 1, toDay: -1 } as const;
    const people = [{ skills: ['scissor', 'bath', 'dry', 'brush', 'hand', 'ring'] as const }].map((p) => ({
      skills: [...p.skills],
    }));
    const codes = (toDay: number): string[] =>
      programFaults(CARE_LIBRARY, PROGRAMS.jacketedTrimmed, [{ ...change, toDay }], people).map((f) => f.code);
    expect(codes(-1)).toContain('earsTooLate');
    expect(codes(-2)).not.toContain('earsTooLate');
  });
});

describe('a spaniel not trimmed for two months', () => {
  const trims: StepId[] = ['roughTrim', 'fineTrim', 'ears', 'throat', 'outlineCheck'];
  const kennel = oneDog({ lastTrim: addDays(SETTERS.startDay, -12 * 7) });
  const plan = planOf(kennel);
  const byDay = new Map<string, number>();
  for (const a of doing(plan, ...trims).filter((x) => x.kind === 'show'))
    byDay.set(dayOf(a), (byDay.get(dayOf(a)) ?? 0) + minutesOf(a));
  const days = [...byDay.keys()].sort();

  it('is spread over three days or more, at most 45 standing minutes on each (CP-10, CP-11)', () => {
    expect(days.length).toBeGreaterThanOrEqual(3);
    for (const minutes of byDay.values()) expect(minutes).toBeLessThanOrEqual(45);
    expect([...byDay.values()].reduce((x, y) => x + y, 0)).toBeGreaterThan(90);
  });

  it('begins early enough: its first pass is at least four days before the ring, and in two parts on different days', () => {
    const rough = doing(plan, 'roughTrim').map(dayOf);
    expect(new Set(rough).size).toBe(rough.length);
    expect(rough.length).toBeGreaterThanOrEqual(2);
    const ring = addDays(SETTERS.startDay, AWAY);
    expect((days[0] ?? ring) <= addDays(ring, -4)).toBe(true);
    expect(doing(plan, 'ring')).toHaveLength(1);
  });
});

describe('mats of a dog that is not shown', () => {
  const home = (more: Partial<KennelDog>, breed = 'Samoyed'): Plan =>
    planOf(kennelOf({ ...TWO_PEOPLE, dogs: [{ dog: 'Bee', breed, weightKg: 22, rings: [], more }] }));
  const mats = [{ zone: 'armpit', tightness: 'loose' }] as const;

  it('come out today or tomorrow, once, before anything wets them', () => {
    const knots = doing(home({ mats: [...mats] }), 'knots');
    expect(knots).toHaveLength(1);
    expect(dayOf(knots[0] as PlannedActivity) <= addDays(TWO_PEOPLE.startDay, 1)).toBe(true);
    expect(doing(home({}), 'knots')).toEqual([]);
  });

  it('tight ones may not be wet; loose ones may, and nothing keeps a brush waiting', () => {
    const tight = { mats: [{ zone: 'armpit', tightness: 'tight' }] } as const;
    for (const step of ['bath', 'trimBath', 'bathWhites', 'towelSoak'] as const) {
      expect(mattedZones(step, { mats: [...tight.mats] })).toEqual(['armpit']);
      expect(mattedZones(step, { mats: [...mats] })).toEqual([]);
    }
    expect(mattedZones('lineBrush', { mats: [...tight.mats] })).toEqual([]);
  });
});

it('first lessons begin at ten weeks (CP-18), not before', () => {
  const lessons = (days: number): number => {
    const more = { born: addDays(TWO_PEOPLE.startDay, -days) };
    const plan = planOf(
      kennelOf({ ...TWO_PEOPLE, dogs: [{ dog: 'Bee', breed: 'Samoyed', weightKg: 6, rings: [], more }] }),
    );
    return doing(plan, 'lesson').length;
  };
  expect(lessons(60)).toBe(0);
  expect(lessons(75)).toBeGreaterThan(0);
});

describe('first trims of a puppy', () => {
  const atHome = (breed: string, weightKg: number, more: Partial<KennelDog>): Plan =>
    planOf(puppyKennel(breed, weightKg, more));
  const puppyKennel = (breed: string, weightKg: number, more: Partial<KennelDog>): KennelFile =>
    kennelOf({ ...TWO_PEOPLE, dogs: [{ dog: 'Bee', breed, weightKg, rings: [], more }] });
  const born = { born: addDays(TWO_PEOPLE.startDay, -120) };

  it('on a coat that is scissored: feet, first lines and nails, a few minutes of standing a day', () => {
    const plan = atHome('Lagotto Romagnolo', 11, born);
    expect(doing(plan, 'clip').length).toBeGreaterThan(0);
    const lines = doing(plan, 'shapeTrim');
    expect(lines.length).toBeGreaterThan(1);
    for (const day of new Set(lines.map(dayOf)))
      expect(lines.filter((a) => dayOf(a) === day).reduce((sum, a) => sum + minutesOf(a), 0)).toBeLessThanOrEqual(15);
  });

  it('what was begun goes on the next day, and is not begun again within its interval', () => {
    const kennel = puppyKennel('Lagotto Romagnolo', 11, born);
    const sittings = planOf(kennel).activities.filter((a) => a.step === 'clip');
    const day = sittings.map((a) => a.start.slice(0, 10))[0] ?? '';
    const clips = sittings
      .filter((a) => a.start.startsWith(day))
      .map((a) => ({
        ...{ taskKey: a.key, dogId: a.dogId, step: a.step, state: 'done' as const },
        ...{ startedAt: a.start, finishedAt: a.attendedUntil, workedMs: minutesOf(a) * 60_000 },
      }));
    expect(clips.length).toBeGreaterThan(0);
    const nowMs = wallToMs(addDays(kennel.startDay, 1), '06:00' as WallTime, kennel.settings.timeZone);
    const next = sharedPlan({ ...kennel, work: clips }, { nowMs });
    expect(doing(next, 'shapeTrim').length).toBeGreaterThan(1);
    expect(doing(next, 'nails')).toHaveLength(1);
    expect(doing(next, 'clip').every((a) => a.state === 'done')).toBe(true);
  });

  it('on others feet and nails only; grown dogs have none of it', () => {
    expect(doing(atHome('Samoyed', 14, born), 'nails').length).toBeGreaterThan(0);
    expect(doing(atHome('Samoyed', 14, born), 'shapeTrim')).toEqual([]);
    expect(doing(atHome('Samoyed', 24, {}), 'nails')).toEqual([]);
  });
});

describe('examples of what shows allow', () => {
  const kennel = oneDog({});
  const [dog] = kennel.dogs;
  const [show] = kennel.shows;
  const noted = (rules: (typeof RULE_SETS)['open']) => {
    if (dog === undefined || show === undefined) throw new Error('no dog');
    const facts = entryFacts(show.firstDay, { siteTub: false });
    return dogProgram(dog, kennel, CARE_LIBRARY, { ...show, rules }, facts);
  };

  it('an open show leaves everything, a strict one takes the whiskers out and tells what people must mind', () => {
    expect(noted(RULE_SETS.open).dropped).toEqual([]);
    expect(noted(RULE_SETS.open).notes).toEqual([]);
    const strict = noted(RULE_SETS.strict);
    expect(strict.dropped.map((d) => d.step)).toContain('whiskers');
    const told = strict.notes.flatMap((n) => (n.code === 'ruleSays' ? [n.rule] : []));
    expect(told).toEqual(['productsLeft', 'alteredShown', 'dryersOnGround']);
    for (const n of strict.notes) expect(noteWords(n)).toMatch(/show/);
    expect(noted(RULE_SETS.restricted).notes).toContainEqual({
      code: 'ruleSays',
      rule: 'whiskersRemoved',
      value: 'restricted',
    });
  });
});

describe('a dog that is out of coat', () => {
  const stepsOf = (breed: string, states: KennelDog['states']) => {
    const kennel = oneDog({ ...(states === undefined ? {} : { states }) }, breed, 20);
    const [dog] = kennel.dogs;
    const [show] = kennel.shows;
    if (dog === undefined || show === undefined) throw new Error('no dog');
    return dogProgram(dog, kennel, CARE_LIBRARY, show, entryFacts(show.firstDay, { siteTub: false }));
  };
  const out = [{ kind: 'outOfCoat' as const, from: '2026-01-01' as LocalDay }];
  const conditions = (breed: string, states: KennelDog['states']): number =>
    stepsOf(breed, states).program.preparation.filter((s) => s.step === 'condition').length;

  it('is not conditioned for a show where coats stand up, and says why; silky coats are', () => {
    expect(conditions('Samoyed', undefined)).toBe(1);
    expect(conditions('Samoyed', out)).toBe(0);
    expect(stepsOf('Samoyed', out).dropped).toContainEqual({
      step: 'condition',
      why: { code: 'state', state: 'outOfCoat' },
    });
    expect(conditions('Yorkshire Terrier', out)).toBe(conditions('Yorkshire Terrier', undefined));
  });
});

describe('hours of dryers on a show’s ground', () => {
  const demo = JSON.parse(readFileSync(`${__dirname}/../demo/demo-kennel.json`, 'utf8')) as KennelFile;
  const [tornvik] = demo.shows;
  if (tornvik === undefined) throw new Error('no show');
  const at = (rules: KennelShow['rules']): KennelFile => ({
    ...demo,
    shows: demo.shows.map((s) => (s === tornvik && rules !== undefined ? { ...s, rules } : s)),
  });
  const nowMs = wallToMs(demo.startDay, '06:00' as WallTime, demo.settings.timeZone);
  const world = (rules: KennelShow['rules']) => {
    const { problem, input } = assembleProblem(makePlanInput(at(rules), CARE_LIBRARY, nowMs));
    const isOpen = (name: string, day: LocalDay, time: string): boolean =>
      problem.machines.find((s) => s.name === name)?.closed[input.grid.slotAt(day, time as WallTime, 'floor')] === 0;
    return { isOpen, problem };
  };

  it('close the dryers of that ground outside them, from the evening before; tables and home are as they were', () => {
    const { isOpen } = world(RULE_SETS.strict);
    for (const day of [tornvik.firstDay, addDays(tornvik.firstDay, 1), tornvik.lastDay]) {
      for (const name of ['Force dryer C', 'Stand dryer 3', 'Stand dryer 4']) {
        const times = ['05:00', '06:55', '07:00', '12:00', '19:55', '20:00', '23:55'];
        expect(times.filter((t) => isOpen(name, day, t))).toEqual(['07:00', '12:00', '19:55']);
      }
      expect(isOpen('Field table 1', day, '05:00')).toBe(true);
      expect(isOpen('Force dryer A', day, '05:00')).toBe(true);
    }
    const before = addDays(tornvik.firstDay, -1);
    expect(['05:00', '19:55', '20:00'].filter((t) => isOpen('Force dryer C', before, t))).toEqual(['05:00', '19:55']);
  });

  it('are nobody’s to open, end later where the show says so, and do not exist where it is open', () => {
    const { problem } = world(RULE_SETS.strict);
    const dryer = problem.machines.find((s) => s.name === 'Force dryer C');
    expect(dryer?.barred).toEqual(dryer?.closed);
    const friday = tornvik.firstDay;
    expect(world(RULE_SETS.restricted).isOpen('Force dryer C', friday, '20:30')).toBe(true);
    expect(world(RULE_SETS.open).isOpen('Force dryer C', friday, '03:00')).toBe(true);
    expect(world({ dryersOnGround: 'restricted' }).isOpen('Force dryer C', friday, '20:30')).toBe(false);
    expect(world({ dryersOnGround: 'forbidden' }).isOpen('Force dryer C', friday, '12:00')).toBe(false);
    expect(world(undefined).isOpen('Force dryer C', friday, '03:00')).toBe(true);
  });

  it('have to begin before they end', () => {
    const hours = { dryersOnGround: 'restricted', dryersFrom: '21:00', dryersUntil: '08:00' } as const;
    expect(readKennel(JSON.stringify(at(hours as never)), CARE_LIBRARY)).toMatchObject({
      ok: false,
      issues: [{ code: 'endsBeforeStart', path: 'shows[0].rules.dryersUntil', start: '21:00', end: '08:00' }],
    });
  });
});

describe('a school’s own tools', () => {
  const needsOf = (school: string, side: 'a' | 'b', coat: 'scissored' | 'smooth' | 'jacketedTrimmed', step: StepId) => {
    const found = SCHOOLS.find((s) => s.id === school);
    const program = applyEdits(PROGRAMS[coat], found?.[side].edits ?? [], () => true);
    const steps = [...program.preparation, ...program.keepUp.flatMap((r) => r.steps)];
    return steps.find((s) => s.step === step)?.tools ?? CARE_LIBRARY.tools(step, coat);
  };

  it('curved shears for all, the trimmer for tufts, the clipper for a throat with its blade', () => {
    expect(needsOf('bodyShears', 'a', 'scissored', 'fineTrim').map((n) => n.tool)).toContain('longStraight');
    expect(needsOf('bodyShears', 'b', 'scissored', 'fineTrim')).toEqual([{ tool: 'longCurved' }]);
    expect(needsOf('smallTrimsBy', 'b', 'smooth', 'whiskers')).toEqual([{ tool: 'trimmer' }]);
    const clipper = needsOf('throat', 'a', 'jacketedTrimmed', 'throat');
    expect(clipper).toEqual([{ tool: 'clipper', blade: 10, heavyBlade: 12 }]);
    const ten = { kit: [{ tool: 'clipper' as const, blade: '10 and 30' }] };
    const barred = (density: 'normal' | 'heavy') =>
      barOf(ten, 'throat', SETTERS.startDay, needsOfCoat(clipper, density))?.code;
    expect([barred('normal'), barred('heavy')]).toEqual([undefined, 'noTool']);
    expect(barOf({ kit: [{ tool: 'clipper', blade: '30' }] }, 'throat', SETTERS.startDay, clipper)?.code).toBe(
      'noTool',
    );
  });

  it('reach the plan: nobody without curved shears gets a body that is cut with them only', () => {
    const file = kennelOf({
      ...TWO_PEOPLE,
      dogs: [{ dog: 'Fable', breed: 'Bichon Frise', weightKg: 6, rings: [[0, 0, '10:40', 0]], more: {} }],
    });
    const kit = (['longStraight', 'slicker', 'wideComb', 'pinBrush', 'clipper', 'grinder', 'thinners'] as const).map(
      (tool) => ({ tool }),
    );
    const people = file.people.map((p) => ({ ...p, kit }));
    const schools = { bodyShears: 'b' as const };
    const curved = planOf({ ...file, people, dogs: file.dogs.map((d) => ({ ...d, schools })) });
    expect(curved.unplaced.some((u) => u.reason.code === 'noTool')).toBe(true);
  });
});

it('a dog is never left on a table or in a tub: only the pen’s step is worked without hands', () => {
  const alone = COAT_CLASSES.flatMap((c) => [...PROGRAMS[c].preparation]).filter((s) => s.restMin > 0);
  expect(alone.length).toBeGreaterThan(0);
  for (const s of alone) expect(STEP_NEEDS[s.step].station).toBe('pen');
});
