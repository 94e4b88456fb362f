/* The outline file and its answer, the picture that carries it, the bodies of all breeds, and what the planner makes of an outline. */
import { readFileSync } from 'node:fs';
import {
  NUDGED_MEASURES,
  assembleProblem,
  bodyRings,
  dogBody,
  makePlanInput,
  measureOf,
  outlineDataOf,
  outlineFactor,
  solveOutline,
  stationsOf,
  wallToMs,
} from '@loyal-mane/core';
import type { KennelFile, OutlineFile, Point, WallTime, ZoneCut, ZoneId } from '@loyal-mane/core';
import { BODY_SHAPES, BREED_ROWS, CARE_LIBRARY, readOutline, reckonOutline } from '../src/index.js';
import { randomDog } from './outlineDogs.js';

const BRISK = {
  format: 'loyal-mane-outline',
  version: 1,
  dog: 'Brisk & <son>',
  breed: 'Kerry Blue Terrier',
  measures: [
    { what: 'height', mm: 482 },
    { what: 'bodyLength', mm: 505 },
  ],
  lengths: [
    { zone: 'back', day: '2026-06-10', mm: 40 },
    { zone: 'hock', day: '2026-06-10', mm: 11 },
    { zone: 'crest', day: '2026-06-10', mm: 44 },
  ],
  locked: ['crest'],
  sessionDay: '2026-06-18',
  showDay: '2026-06-20',
} as OutlineFile;

const read = (file: unknown): OutlineFile => {
  const found = readOutline(JSON.stringify(file));
  if (!found.ok) throw new Error(JSON.stringify(found.faults));
  return found.file;
};
const stateOf = (cuts: readonly ZoneCut[], zone: ZoneId): string | undefined =>
  cuts.find((c) => c.row.zone === zone)?.row.state;

describe('an outline file', () => {
  it('is answered with what comes off, what is missing with its day, and what is locked', () => {
    const { answer } = reckonOutline(read(BRISK));
    expect(stateOf(answer.cutList, 'back')).toBe('takeOff');
    expect(stateOf(answer.cutList, 'hock')).toBe('missing');
    expect(stateOf(answer.cutList, 'crest')).toBe('locked');
    expect(answer.cutList.find((c) => c.row.zone === 'hock')?.row.longEnoughOn).toMatch(/^2026-0[6-9]-\d\d$/);
    expect(answer.residualMm).toBeLessThan(1e-6);
    expect(answer.stations.length).toBeGreaterThan(150);
  });

  it('comes back from its picture without loss, whatever the dog is called', () => {
    const file = read(BRISK);
    const { svg, answer } = reckonOutline(file);
    expect(svg).not.toContain('<son>');
    const data = outlineDataOf(svg) ?? '';
    expect(read(JSON.parse(data))).toEqual(file);
    expect(reckonOutline(read(JSON.parse(data))).answer).toEqual(answer);
    expect(outlineDataOf('<svg></svg>')).toBeNull();
  });

  it('of a dog that is measured on both sides: the cut list of a mirrored dog mirrors', () => {
    const sided = BRISK.lengths.flatMap((l) => [
      { ...l, side: 'left' as const },
      { ...l, side: 'right' as const, mm: l.mm * 1.4 },
    ]);
    const other = { left: 'right', right: 'left' } as const;
    const mirrored = sided.map((l) => ({ ...l, side: other[l.side] }));
    const cuts = (lengths: OutlineFile['lengths'], side: 'left' | 'right') =>
      reckonOutline(read({ ...BRISK, lengths, side })).answer.cutList;
    for (const side of ['left', 'right'] as const) expect(cuts(mirrored, side)).toEqual(cuts(sided, other[side]));
    expect(cuts(sided, 'right')).not.toEqual(cuts(sided, 'left'));
  });

  it('with a line set by hand: more hair is left along it, and it comes back from the picture', () => {
    const lines = [{ what: 'topline' as const, near: 5, far: 5 }];
    const off = (file: OutlineFile): number =>
      reckonOutline(read(file)).answer.cutList.find((c) => c.row.zone === 'back')?.row.takeOffMm ?? NaN;
    expect(off({ ...BRISK, lines })).toBeLessThan(off(BRISK) - 3);
    const { svg } = reckonOutline(read({ ...BRISK, lines }));
    expect(read(JSON.parse(outlineDataOf(svg) ?? '')).lines).toEqual(lines);
    expect(readOutline(JSON.stringify({ ...BRISK, lines: [{ what: 'topline', near: 90, far: 0 }] })).ok).toBe(false);
  });

  it.each([
    ['no JSON', '{', 'file'],
    ['another format', JSON.stringify({ ...BRISK, format: 'x' }), 'format'],
    ['a breed nobody knows', JSON.stringify({ ...BRISK, breed: 'Zork' }), 'breed'],
    ['a show before the cut', JSON.stringify({ ...BRISK, showDay: '2026-06-17' }), 'showDay'],
    ['hair measured after the cut', JSON.stringify({ ...BRISK, sessionDay: '2026-06-01' }), 'lengths[0].day'],
    [
      'a measure told twice',
      JSON.stringify({ ...BRISK, measures: [BRISK.measures[0], BRISK.measures[0]] }),
      'measures[1]',
    ],
    [
      'a length below nothing',
      JSON.stringify({ ...BRISK, lengths: [{ zone: 'back', day: '2026-06-10', mm: -1 }] }),
      'lengths[0].mm',
    ],
    ['a field that is none', JSON.stringify({ ...BRISK, more: 1 }), 'more'],
  ])('%s is refused with its place', (_, text, path) => {
    const found = readOutline(text);
    expect(found.ok ? [] : found.faults.map((f) => f.path)).toContain(path);
  });

  it('says what must be there instead, in words', () => {
    const { version: _, ...old } = BRISK;
    const told = (data: object): string[] => {
      const found = readOutline(JSON.stringify(data));
      return found.ok ? [] : found.faults.map((f) => `${f.path} ${f.detail}`);
    };
    expect(told(old)).toEqual(['version is missing']);
    expect(told({ ...BRISK, format: 'x' })).toEqual(['format must be "loyal-mane-outline"']);
    expect(told({ ...BRISK, more: 1 })).toEqual(['more is not a field of an outline file']);
    expect(told({ ...BRISK, showDay: 'Sunday' })).toEqual(['showDay must be a day such as 2026-07-04']);
    expect(told({ ...BRISK, lengthPull: 3 })).toEqual(['lengthPull must be at most 1']);
    expect(told({ ...BRISK, side: 'top' })).toEqual(['side must be one of left, right']);
    expect(told({ ...BRISK, lengths: 'long' })).toEqual(['lengths must be a list']);
  });
});

/** Whether two pieces of line cross in their insides (orientation test, any computational geometry text). */
function isCrossing([a, b]: readonly [Point, Point], [c, d]: readonly [Point, Point]): boolean {
  const side = (p: Point, q: Point, r: Point): number =>
    Math.sign((q[0] - p[0]) * (r[1] - p[1]) - (q[1] - p[1]) * (r[0] - p[0]));
  return side(a, b, c) * side(a, b, d) < 0 && side(c, d, a) * side(c, d, b) < 0;
}

function crossings(ring: readonly Point[]): number {
  const pieces = ring.map((p, i) => [p, ring[(i + 1) % ring.length] as Point] as const);
  let count = 0;
  for (let i = 0; i < pieces.length; i++)
    for (let j = i + 2; j < pieces.length; j++)
      if ((j + 1) % pieces.length !== i && isCrossing(pieces[i] as never, pieces[j] as never)) count++;
  return count;
}

describe('bodies', () => {
  it('of every breed are shapes of their own, whose lines do not cross themselves', () => {
    const badges = BREED_ROWS.map((b) => b.badge);
    expect(new Set(badges).size).toBe(BREED_ROWS.length);
    for (const { badge, coat } of BREED_ROWS) {
      const shape = BODY_SHAPES[badge];
      if (shape === undefined) throw new Error(`no shape ${badge}`);
      for (const ring of bodyRings(stationsOf(shape, coat, 500))) expect([badge, crossings(ring)]).toEqual([badge, 0]);
    }
  });

  it('have the length that their standard asks for, where it is measured between forechest and rump', () => {
    for (const { name, badge, lengthToHeight, measured } of BREED_ROWS) {
      const [least, most] = lengthToHeight;
      const shape = BODY_SHAPES[badge];
      if (shape === undefined || measured[0] !== 'forechest' || measured[1] !== 'point of rump') continue;
      const near = shape.length >= (least ?? 0) - 0.17 && shape.length <= (most ?? 9) + 0.06;
      expect([name, shape.length, near]).toEqual([name, shape.length, true]);
    }
  });

  it('keep their line where a place is nudged to its end, and what lies further is left aside', () => {
    const HEIGHT_MM = 500;
    for (const { badge, coat } of BREED_ROWS) {
      const shape = BODY_SHAPES[badge];
      if (shape === undefined) throw new Error(`no shape ${badge}`);
      for (const what of NUDGED_MEASURES)
        for (const share of [0.81, 1.19]) {
          const mm = measureOf(shape, HEIGHT_MM, what) * share;
          const { body, leftAside } = dogBody(shape, HEIGHT_MM, { [what]: mm });
          expect([badge, what, leftAside]).toEqual([badge, what, []]);
          expect(measureOf(body, HEIGHT_MM, what)).toBeCloseTo(mm, 6);
          for (const ring of bodyRings(stationsOf(body, coat, HEIGHT_MM)))
            expect([badge, what, share, crossings(ring)]).toEqual([badge, what, share, 0]);
        }
      const far = measureOf(shape, HEIGHT_MM, 'stifleHeight') * 1.3;
      expect(dogBody(shape, HEIGHT_MM, { stifleHeight: far }).leftAside).toEqual(['stifleHeight']);
    }
  });

  it('of random dogs do not cross themselves either', () => {
    for (let seed = 1; seed <= 102; seed++) {
      for (const ring of bodyRings(solveOutline(randomDog(seed)).stations))
        expect([seed, crossings(ring)]).toEqual([seed, 0]);
    }
  });
});

describe('the planner', () => {
  const demo = JSON.parse(readFileSync(`${__dirname}/../demo/demo-kennel.json`, 'utf8')) as KennelFile;
  const dawn = wallToMs(demo.startDay, '00:00' as WallTime, demo.settings.timeZone);
  const minutesOf = (factor: number, step: string): number => {
    const dogs = demo.dogs.map((d) =>
      d.name === 'Lovage' ? { ...d, lengths: (d.lengths ?? []).map((l) => ({ ...l, mm: l.mm * factor })) } : d,
    );
    const lovage = demo.dogs.find((d) => d.name === 'Lovage');
    const { drafts } = assembleProblem(makePlanInput({ ...demo, dogs }, CARE_LIBRARY, dawn));
    const steps = drafts.filter((d) => d.dogId === lovage?.id).flatMap((d) => d.steps);
    return steps.find((s) => s.step.step === step)?.estimate.middleMin ?? 0;
  };

  it('gives a trim more minutes where more comes off, and less where hardly anything does', () => {
    expect(minutesOf(1.5, 'roughTrim')).toBeGreaterThan(minutesOf(1, 'roughTrim') * 1.05);
    expect(minutesOf(0.8, 'roughTrim')).toBeLessThan(minutesOf(1, 'roughTrim'));
    expect(minutesOf(1.5, 'nails')).toBe(minutesOf(1, 'nails'));
  });

  it('keeps the usual minutes where what comes off is what grows in the usual interval', () => {
    const cut = (mm: number): ZoneCut =>
      ({
        row: { zone: 'back', atSessionMm: 40, wantedMm: 30 },
        takeOffMm: mm === 0 ? null : [mm, mm],
      }) as unknown as ZoneCut;
    const usual = { intervalWeeks: 3, overgrownWeeks: 0 };
    const factor = (mm: number): number | null =>
      outlineFactor(
        [cut(mm)],
        ['back'],
        () => 0.35,
        () => 1,
        usual,
      );
    expect(factor(3 * 7 * 0.35)).toBeCloseTo(1, 9);
    expect(factor(0)).toBeCloseTo(0.4, 9);
    expect(factor(100)).toBe(1.8);
    expect(
      outlineFactor(
        [],
        ['back'],
        () => 0.35,
        () => 1,
        usual,
      ),
    ).toBeNull();
  });
});
