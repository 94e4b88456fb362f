/* An outline as a lead sets it, and the views across the body: lines, lift, widths, the throat's V, a fine trim that lies too early. */
import fc from 'fast-check';
import {
  BODY_FAULTS,
  OUTLINE_LINES,
  WIDTH_VIEWS,
  addDays,
  bodyFaults,
  bodyRow,
  grownMm,
  lineStations,
  liftsOf,
  solveOutline,
  widthMarks,
  widthSide,
  zoneCuts,
} from '@loyal-mane/core';
import type { CutAsk, OutlineAsk } from '@loyal-mane/core';
import { SHOW_DAY, dogAsk, zoneAsk as ask } from './outlineAsks.js';
import { applyEdits } from '../src/programs/programEdit.js';
import { regrowthEdit } from '../src/programs/regrowth.js';
import type { CareProgram, ProgramStep } from '../src/programs/careProgram.js';

const DAY = SHOW_DAY;
const BREED = bodyRow({ hair: { all: [0.05, 0], in: [0, 0], sole: [0, 0], belly: [0.02, 0.06] } });
const asked = (more: Partial<OutlineAsk> = {}): OutlineAsk => dogAsk(BREED, more);

describe('lines set by hand', () => {
  const plain = solveOutline(asked());

  it('move the target by what was set at each end, straight in between, and nothing else', () => {
    const moved = solveOutline(asked({ lines: { topline: { near: 6, far: -4 } } }));
    const run = lineStations(plain.target, 'topline');
    expect(run.length).toBeGreaterThan(8);
    const inLine = new Set(run.map((r) => r.index));
    for (const { index, share } of run)
      expect((moved.targetTips[index] as number) - (plain.targetTips[index] as number)).toBeCloseTo(6 - 10 * share, 9);
    plain.targetTips.forEach((tip, i) => {
      if (!inLine.has(i)) expect(moved.targetTips[i]).toBe(tip);
    });
  });

  it('each of them has a course, and asks for hair, never for less than none', () => {
    for (const line of OUTLINE_LINES) {
      if (line === 'floor') continue;
      const far = solveOutline(asked({ lines: { [line]: { near: -1000, far: -1000 } } }));
      for (const { index } of lineStations(plain.target, line)) {
        expect(far.targetTips[index]).toBeGreaterThanOrEqual(0);
        expect((plain.targetTips[index] as number) - (far.targetTips[index] as number)).toBeLessThanOrEqual(60);
      }
    }
  });

  it('a raised floor shortens what hangs below it', () => {
    const hanging = bodyRow({ hair: { ...BREED.hair, belly: [0.02, 1.2] } });
    const low = (near: number): number => {
      const { target, targetTips } = solveOutline(
        asked({ body: hanging, breed: hanging, coat: 'drop', lines: { floor: { near, far: 0 } } }),
      );
      return Math.min(
        ...target.flatMap((s, i) =>
          s.zone === 'underline' && !s.isHidden ? [s.root[1] + s.lie[1] * (targetTips[i] as number)] : [],
        ),
      );
    };
    expect(low(20) - low(0)).toBeCloseTo(20, 6);
  });
});

describe('lift', () => {
  it('is used only where hair is too short, stands, and never for more than a quarter of it', () => {
    const short = solveOutline(asked({ zones: [ask('back', 12), ask('underline', 5), ask('loin', 40)] }));
    const lifts = liftsOf(short);
    expect(lifts.map((l) => l.zone)).toEqual(['back']);
    const [back] = lifts;
    expect(back?.liftMm).toBeLessThanOrEqual(12 / 4);
    expect(back?.leftMm).toBeGreaterThan(0);
    expect(liftsOf(solveOutline(asked({ zones: [ask('back', 80)] })))).toEqual([]);
  });
});

describe('views across the body', () => {
  const zones: CutAsk[] = (['cheek', 'shoulder', 'neckSide', 'outerThigh', 'foreleg', 'skull'] as const).map((z) =>
    ask(z, 60),
  );

  it('want nothing changed where the hair is as the breed has it: the balance is 0', () => {
    const answer = solveOutline(asked());
    for (const view of WIDTH_VIEWS) {
      const side = widthSide(asked(), answer, view);
      expect(side.objective).toBe(0);
      for (const p of side.places) expect(p.depth).toBe(p.targetDepth);
    }
  });

  it('take off what is too long and miss what is too short, on the side that was measured so', () => {
    const [long, short] = [asked({ zones }), asked({ zones: zones.map((z) => ask(z.zone, 6)) })];
    const answer = solveOutline(long);
    const at = (a: OutlineAsk) => widthSide(a, answer, 'front').places.filter((p) => p.zone === 'shoulder');
    for (const p of at(long)) {
      expect(p.onDayDepth).toBeGreaterThan(p.depth);
      expect(p.depth).toBeCloseTo(p.targetDepth, 6);
    }
    for (const p of at(short)) {
      expect(p.onDayDepth).toBeLessThan(p.targetDepth);
      expect(p.depth).toBeCloseTo(p.onDayDepth ?? NaN, 6);
    }
  });

  it('never want more than can be there, nor less than nothing, whatever was measured', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: 0, max: 200, noNaN: true }), { minLength: 6, maxLength: 6 }),
        fc.constantFrom(...WIDTH_VIEWS),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (lengths, view, moreNeck) => {
          const a = asked({ zones: zones.map((z, i) => ask(z.zone, lengths[i] as number)), corrections: { moreNeck } });
          for (const p of widthSide(a, solveOutline(a), view).places) {
            expect(p.depth).toBeGreaterThanOrEqual(0);
            if (p.onDayDepth !== null) expect(p.depth).toBeLessThanOrEqual(p.onDayDepth + 1e-9);
          }
        },
      ),
      { numRuns: 60 },
    );
  });

  it('a locked zone stays as it is', () => {
    const locked = asked({ zones: [ask('shoulder', 90, { answer: { ok: false, why: 'locked' } })] });
    for (const p of widthSide(locked, solveOutline(locked), 'front').places)
      if (p.zone === 'shoulder') expect([p.depth, p.isLocked]).toEqual([p.onDayDepth, true]);
  });

  it('a wedge head is straight from the nose to the back of the skull, or bone', () => {
    const wedge = asked({ coat: 'jacketedTrimmed' });
    const { places, isWedge } = widthSide(wedge, solveOutline(wedge), 'head');
    expect(isWedge).toBe(true);
    const [nose, back] = [places[0], places.at(-1)];
    if (nose === undefined || back === undefined) throw new Error('no places');
    const outer = (p: typeof nose): number => p.bodyMm + p.targetDepth;
    for (const p of places) {
      const line = outer(nose) + ((outer(back) - outer(nose)) * (p.at - nose.at)) / (back.at - nose.at);
      expect(p.targetDepth === 0 ? p.bodyMm : outer(p)).toBeLessThanOrEqual(Math.max(line, p.bodyMm) + 1e-9);
    }
    expect(widthSide(asked(), solveOutline(asked()), 'head').isWedge).toBe(false);
  });

  it('the tip of the throat’s V goes down with more neck, its limits stay', () => {
    const throat = (moreNeck: number) => {
      const a = asked({ corrections: { moreNeck } });
      return widthSide(a, solveOutline(a), 'front').throat;
    };
    expect((throat(0)?.tip ?? 0) - (throat(1)?.tip ?? 0)).toBeCloseTo(0.06 * 500, 9);
    expect(throat(1)?.half).toBe(throat(0)?.half);
    const locked = asked({ zones: [ask('throat', 30, { answer: { ok: false, why: 'locked' } })] });
    expect(widthSide(locked, solveOutline(locked), 'front').throat).toBeNull();
  });

  it('zones that only they show come into the cut list, and grow back to what is wanted', () => {
    const showDay = addDays(DAY, 6);
    const a = asked({ zones, showDay });
    const cuts = zoneCuts(solveOutline(a), a, DAY);
    const cheek = cuts.find((c) => c.row.zone === 'cheek');
    expect([cheek?.row.state, cheek?.isInView]).toEqual(['takeOff', false]);
    const growth = zones[0]?.growth;
    if (growth === undefined || cheek?.row.cutToMm == null) throw new Error('no cut');
    expect(grownMm(cheek.row.cutToMm, 6, growth)).toBeCloseTo(cheek.row.wantedMm ?? NaN, 9);
  });

  it('have their marks within the drawing, for every kind of ear', () => {
    for (const ear of ['drop', 'prick', 'fold'] as const)
      for (const view of WIDTH_VIEWS) {
        const marks = widthMarks(bodyRow({ ear }), 500, view);
        for (const [x, y] of marks.ear) expect([x > 0, y > 0 && y < 1000]).toEqual([true, true]);
        expect(marks.gap === null).toBe(view === 'head');
      }
  });
});

describe('faults', () => {
  it('each is found where the body is off by more than a tape’s error, and flattered as far as the judge lets it pay', () => {
    const off = bodyRow({
      ...BREED,
      ...{ length: BREED.length + 0.08, depth: BREED.depth + 0.04, rearAngle: BREED.rearAngle - 0.02, dip: 0.02 },
      ...{ neckLength: BREED.neckLength - 0.05, croup: BREED.croup - 0.02, thighWidth: BREED.thighWidth - 0.03 },
      ...{ hockHeight: BREED.hockHeight - 0.02, skullWidth: BREED.skullWidth - 0.02 },
    });
    const found = bodyFaults(off, BREED, 500);
    expect(new Set(found.map((f) => f.fault))).toEqual(new Set(BODY_FAULTS));
    expect(bodyFaults(BREED, BREED, 500)).toEqual([]);
    bodyFaults(off, BREED, 500, 0.5).forEach((f, i) => expect(f.amount).toBeCloseTo((found[i]?.amount ?? NaN) / 2, 9));
  });
});

describe('a fine trim held to the days for which growth is known', () => {
  const step = (day: number, to: number): ProgramStep =>
    ({
      step: 'fineTrim',
      from: { of: 'prepDay', day, at: 'start' },
      to: { of: 'prepDay', day: to, at: 'end' },
      aim: { of: 'prepDay', day, time: '10:00' },
      when: [],
    }) as unknown as ProgramStep;
  const program = (s: ProgramStep): CareProgram =>
    ({
      coat: 'scissored',
      keepUp: [],
      preparation: [s],
      between: [],
      showMorning: [],
      after: [],
    }) as unknown as CareProgram;
  const held = (s: ProgramStep, days: number): ProgramStep | undefined => {
    const edit = regrowthEdit(program(s), days);
    return edit === null ? s : applyEdits(program(s), [edit], () => true).preparation[0];
  };

  it('begins later with its aim; a window that is over by then, and one that is late enough, stay', () => {
    expect(held(step(-10, -1), 4)).toMatchObject({ from: { day: -4 }, aim: { day: -4, time: '10:00' } });
    expect(held(step(-10, -6), 4)).toMatchObject({ from: { day: -10 }, aim: { day: -10 } });
    expect(regrowthEdit(program(step(-3, -1)), 4)).toBeNull();
  });
});
