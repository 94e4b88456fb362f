/* Order of steps on each coat, and its reasons: the trade's order of work as the programs and the plan have it. Common practice. */
import { COAT_CLASSES, addDays, instantToMs, localDayOf, wallToMs } from '@loyal-mane/core';
import type {
  CoatClass,
  Instant,
  KennelDog,
  KennelFile,
  Plan,
  PlannedActivity,
  StepId,
  WallTime,
  WorkRecord,
} from '@loyal-mane/core';
import { PROGRAMS, STEP_NEEDS } from '../src/index.js';
import { GOES_WRONG, METHODS } from '../src/words/index.js';
import { kennelOf } from './kennels/kennelOf.js';
import { SETTERS, TWO_PEOPLE } from './kennels/plots.js';
import { pageLines, told } from './pageLines.js';
import { sharedPlan } from './sharedPlan.js';

const idsOf = (coat: CoatClass): StepId[] => PROGRAMS[coat].preparation.map((s) => s.step);
const dryCoats = COAT_CLASSES.filter((c) => c !== 'smooth');

function planOf(kennel: KennelFile): Plan {
  const nowMs = wallToMs(kennel.startDay, '06:00' as WallTime, kennel.settings.timeZone);
  return sharedPlan(kennel, { nowMs, rounds: 40 });
}

const two = kennelOf(TWO_PEOPLE);
const plan = planOf(two);
const workOf = (p: Plan, kennel: KennelFile, name: string): PlannedActivity[] => {
  const dog = kennel.dogs.find((d) => d.name === name);
  return p.activities
    .filter((a) => a.dogId === dog?.id && a.kind === 'show')
    .sort((x, y) => x.start.localeCompare(y.start));
};

describe('standing', () => {
  it('is counted for trims and the outline check; brushing, drying, nails and clip work are not', () => {
    const standing = (Object.keys(STEP_NEEDS) as StepId[]).filter((s) => STEP_NEEDS[s].stands);
    expect(standing).toEqual(
      expect.arrayContaining(['roughTrim', 'fineTrim', 'naturalTrim', 'ears', 'strip', 'outlineCheck']),
    );
    for (const step of [
      'keepUpBrush',
      'brushOut1',
      'brushOut2',
      'lineBrush',
      'nails',
      'clip',
      'bath',
      'heatDry',
    ] as const)
      expect(standing).not.toContain(step);
  });
});

describe('long coats', () => {
  it.each(['heavySheepdog', 'drop', 'scissored'] as const)(
    '%s: one flank, pre-treat, the other flank, bath',
    (coat) => {
      const steps = idsOf(coat);
      const places = (['brushOut1', 'preTreat', 'brushOut2'] as const).map((s) => steps.lastIndexOf(s));
      expect(places).toEqual([...places].sort((x, y) => x - y));
      const bath = steps.findIndex((s, i) => i > (places[2] ?? 0) && (s === 'bath' || s === 'bathWhites'));
      expect(bath).toBeGreaterThan(places[2] ?? 0);
      const since = PROGRAMS[coat].preparation[bath]?.since.find((x) => x.step === 'preTreat');
      expect([since?.min, since?.max]).toEqual([20, 120]);
    },
  );

  it('in the plan the pre-treat works at least twenty minutes while the other flank and the nails are done', () => {
    const work = workOf(plan, two, 'Fable');
    const at = (step: StepId): PlannedActivity => {
      const found = work.filter((a) => a.step === step).at(-1);
      if (found === undefined) throw new Error(`no ${step}`);
      return found;
    };
    const treated = instantToMs(at('preTreat').end);
    const bath = instantToMs(at('bath').start);
    expect((bath - treated) / 60_000).toBeGreaterThanOrEqual(20);
    const meanwhile = work.filter((a) => instantToMs(a.start) >= treated && instantToMs(a.end) <= bath);
    expect(meanwhile.map((a) => a.step)).toEqual(expect.arrayContaining(['brushOut2', 'nails']));
  });

  it('dry and straight is tested after drying and before every clipper and blade; what fails goes back to heat', () => {
    for (const coat of ['heavySheepdog', 'drop', 'jacketedNatural'] as const) {
      const steps = idsOf(coat);
      const checked = steps.indexOf('dryCheck');
      expect(checked).toBeGreaterThan(steps.indexOf('heatDry'));
      for (const cut of ['clip', 'fineTrim', 'naturalTrim', 'roughTrim'] as const)
        if (steps.includes(cut)) expect([coat, steps.indexOf(cut) > checked]).toEqual([coat, true]);
    }
    for (const coat of dryCoats) {
      const again = PROGRAMS[coat].preparation.filter((s) => s.when.includes('unready')).map((s) => s.step);
      expect([coat, again]).toEqual([coat, ['heatDry', 'dryCheck']]);
    }
  });

  it('curl is dried in three: air until it is straight, the brush that opens it, heat', () => {
    const steps = PROGRAMS.scissored.preparation.filter((s) => !s.when.includes('unready')).map((s) => s.step);
    const heats = steps.flatMap((s, k) => (s === 'heatDry' ? [k] : []));
    expect(heats).toHaveLength(2);
    for (const k of heats) expect(steps.slice(k - 2, k + 2)).toEqual(['forceDry', 'lineBrush', 'heatDry', 'dryCheck']);
  });

  it('a comb that catches between air and heat is not straight yet, and no reason for mat work', () => {
    expect(told('Poodle (Standard)', 'forceDry')).toMatch(/catches the comb is not straight yet/);
    expect(METHODS.combThrough.done).toMatch(/nothing (catches|resists)/i);
  });
});

describe('smooth coats go the other way round', () => {
  const steps = idsOf('smooth');

  it('mitt and curry, skirt and tufts, whiskers after them, then the bath or none; no dryness test', () => {
    expect(steps.indexOf('mittClean')).toBe(0);
    expect(steps.indexOf('bath')).toBeGreaterThan(steps.indexOf('fineTrim'));
    expect(steps.indexOf('whiskers')).toBeGreaterThan(steps.indexOf('fineTrim'));
    expect(steps.indexOf('bath')).toBeGreaterThan(steps.indexOf('whiskers'));
    for (const none of ['dryCheck', 'brushOut1', 'preTreat', 'forceDry', 'heatDry', 'condition'] as const)
      expect(steps).not.toContain(none);
    expect(PROGRAMS.smooth.preparation.find((s) => s.step === 'bath')?.when).toContain('bathed');
  });

  it('the shine comes on the show morning', () => {
    expect(PROGRAMS.smooth.showMorning.map((s) => s.step)).toContain('finish');
    const dog = two.dogs.find((d) => d.name === 'Vesper');
    if (dog === undefined) throw new Error('no dog');
    const rings = [[0, 0, '11:00', 0]] as const;
    const kennel = kennelOf({
      ...TWO_PEOPLE,
      dogs: [{ dog: 'Vesper', breed: dog.breed, weightKg: 26, rings, more: { bathSkippedWhenClean: true } }],
    });
    const work = workOf(planOf(kennel), kennel, 'Vesper');
    expect(work.map((a) => a.step)).not.toContain('bath');
    const zone = kennel.settings.timeZone;
    const dayOf = (step: StepId): string =>
      localDayOf(instantToMs(work.find((a) => a.step === step)?.start ?? ('1970-01-01T00:00:00Z' as never)), zone);
    expect(dayOf('finish') > dayOf('fineTrim')).toBe(true);
  });
});

describe('baths', () => {
  it('thick coats are washed in halves and twice; the check at the end names the places that are forgotten', () => {
    expect(told('Samoyed', 'bath')).toMatch(/Wash and rinse the front half, then the rear/);
    expect(told('Samoyed', 'bath')).toMatch(/Two washes/);
    expect(told('Irish Setter', 'bath')).not.toMatch(/front half|Two washes/);
    for (const place of ['vent', 'belly', 'tail', 'ears', 'cotton is out']) expect(METHODS.bath.done).toContain(place);
  });

  it('whites only is for harsh heavy coats', () => {
    for (const coat of COAT_CLASSES)
      expect([coat, idsOf(coat).includes('bathWhites')]).toEqual([coat, coat === 'heavySheepdog']);
  });

  it('undercoat is removed from a dry, checked coat only', () => {
    const steps = idsOf('double');
    const last = steps.lastIndexOf('undercoat');
    expect(last).toBeGreaterThan(steps.indexOf('dryCheck'));
    expect(told('Samoyed', 'undercoat') + GOES_WRONG.undercoat.join(' ')).toMatch(/dry|damp/i);
  });
});

describe('trims', () => {
  const daysOf = (coat: CoatClass, step: StepId): (readonly [number, number])[] =>
    PROGRAMS[coat].preparation.flatMap((s) =>
      s.step === step && 'day' in s.from && 'day' in s.to ? [[s.from.day, s.to.day] as const] : [],
    );

  it('rough passes lie ten to three days before, fine passes reach to the day before', () => {
    for (const coat of ['scissored', 'jacketedTrimmed'] as const) {
      const rough = daysOf(coat, 'roughTrim');
      expect(rough).toHaveLength(1);
      for (const [from, to] of rough) {
        expect(from).toBeGreaterThanOrEqual(-10);
        expect(to).toBeLessThanOrEqual(-3);
      }
    }
    for (const coat of COAT_CLASSES) for (const [, to] of daysOf(coat, 'fineTrim')) expect(to).toBeLessThanOrEqual(-1);
  });

  it('the wedge of neck and shoulder comes last', () => {
    const lines = pageLines('Irish Setter', 'fineTrim');
    // After it comes only a look and the care of the shears.
    expect(lines.findIndex((l) => /wedge last/i.test(l))).toBeGreaterThanOrEqual(lines.length - 3);
    expect(told('Irish Setter', 'towelSet')).toMatch(/alone until the towel is off/);
  });

  it('the show morning has tidies, and says what they may touch: ears, feet, whiskers, stray ends', () => {
    for (const coat of COAT_CLASSES) expect(PROGRAMS[coat].showMorning.map((s) => s.step)).toContain('tidies');
    const tidied = `${METHODS.tidies.done} ${told('Poodle (Standard)', 'tidies')}`.toLowerCase();
    for (const word of ['ears', 'feet', 'whiskers', 'stray ends', 'no new line']) expect(tidied).toContain(word);
  });
});

describe('keep-up around a show', () => {
  const rings = [[0, 0, '11:00', 0]] as const;
  const [show] = two.shows;
  if (show === undefined) throw new Error('no show');
  const kennelWith = (more: Partial<KennelDog>, shown = true): KennelFile => {
    const made = kennelOf({
      ...TWO_PEOPLE,
      dogs: [{ dog: 'Linnet', breed: 'Yorkshire Terrier', weightKg: 4, rings, more }],
    });
    const ahead = { ...made, settings: { ...made.settings, keepUpDaysAhead: 7 } };
    return shown ? ahead : { ...ahead, entries: [] };
  };
  const keepUp = (kennel: KennelFile, ...steps: StepId[]): string[] =>
    planOf(kennel)
      .activities.filter((a) => a.kind === 'keepUp' && steps.includes(a.step) && a.state === 'planned')
      .map((a) => localDayOf(instantToMs(a.start), kennel.settings.timeZone));

  it('the show bath stands in for the weekly one, which comes without a show', () => {
    const lastBath = addDays(two.startDay, -4);
    expect(keepUp(kennelWith({ lastBath }, false), 'bath')).toEqual([addDays(two.startDay, 3)]);
    expect(keepUp(kennelWith({ lastBath }), 'bath')).toEqual([]);
  });

  it('a brush-out sets the brushing interval back', () => {
    const kennel = kennelOf({
      ...TWO_PEOPLE,
      dogs: [{ dog: 'Sorrel', breed: 'Samoyed', weightKg: 20, rings: [], more: { lastBrush: two.startDay } }],
    });
    const [dog] = kennel.dogs;
    if (dog === undefined) throw new Error('no dog');
    const stale = { ...kennel, dogs: [{ ...dog, lastBrush: addDays(two.startDay, -9) }] };
    const at = new Date(wallToMs(addDays(two.startDay, -1), '10:00' as WallTime, kennel.settings.timeZone));
    const brushOut: WorkRecord = {
      taskKey: `e:${dog.id}:brushOut1:1:1` as WorkRecord['taskKey'],
      dogId: dog.id,
      step: 'brushOut1',
      state: 'done',
      startedAt: at.toISOString() as Instant,
      finishedAt: new Date(at.getTime() + 1_200_000).toISOString() as Instant,
      workedMs: 1_200_000,
    };
    expect(keepUp(stale, 'keepUpBrush')[0]).toBe(two.startDay);
    expect(keepUp({ ...stale, work: [brushOut] }, 'keepUpBrush')[0]).toBe(addDays(two.startDay, 1));
  });

  it('coats in change are brushed sooner, on every coat that knots', () => {
    for (const coat of COAT_CLASSES) {
      const brush = PROGRAMS[coat].keepUp.find((r) => r.id === 'brush');
      const [usual, inChange] = [brush?.everyDays ?? 0, brush?.everyDaysInChange ?? 0];
      expect([coat, inChange < usual || usual === 1]).toEqual([coat, true]);
    }
  });
});

describe('what never stops', () => {
  it('misting: a treated, an injured and an out-of-coat dog are still misted, brushed and finished', () => {
    const from = two.startDay;
    const cases: NonNullable<KennelDog['states']> = [
      { kind: 'treatment', from, until: from, hours: 24 },
      { kind: 'injury', from },
      { kind: 'outOfCoat', from },
    ];
    for (const state of cases) {
      const { kind } = state;
      const states = [state];
      const kennel = { ...two, dogs: two.dogs.map((d) => (d.name === 'Juniper' ? { ...d, states } : d)) };
      const made = planOf(kennel);
      const steps = workOf(made, kennel, 'Juniper').map((a) => a.step);
      expect([kind, steps]).toEqual([kind, expect.arrayContaining(['lineBrush', 'finish', 'takedown'])]);
    }
    expect(told('Poodle (Standard)', 'finish')).toMatch(/[Mm]ist/);
  });

  it('the after-show: every dog that was in a ring is taken down within four hours or the next day', () => {
    const setters = kennelOf(SETTERS);
    for (const [kennel, made] of [[two, plan] as const, [setters, planOf(setters)] as const]) {
      const shown = [...new Set(kennel.entries.map((e) => e.dogId))];
      for (const id of shown) {
        const last = made.activities.filter((a) => a.dogId === id && a.step === 'ring').at(-1);
        const down = made.activities.filter((a) => a.dogId === id && a.step === 'takedown');
        if (last === undefined) continue;
        expect(down).toHaveLength(1);
        const hours = (instantToMs(down[0]?.start ?? last.end) - instantToMs(last.end)) / 3_600_000;
        expect(hours).toBeGreaterThanOrEqual(0);
        expect(hours).toBeLessThanOrEqual(36);
      }
    }
  });
});
