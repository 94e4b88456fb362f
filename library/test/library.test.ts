/* The library is whole and does not contradict itself. */
import { COAT_CLASSES, STEP_IDS } from '@loyal-mane/core';
import type { CareLibrary, StepId } from '@loyal-mane/core';
import { BREEDS, CARE_LIBRARY, METHODS, PROGRAMS, SCHOOLS, WHEN_FOUND, libraryFaults } from '../src/index.js';
import { CAUTIONS } from '../src/words/index.js';
import { STEP_LINES } from '../src/pages/index.js';

function stepsOf(): Set<StepId> {
  const found = new Set<StepId>(WHEN_FOUND.map((s) => s.step));
  for (const coat of COAT_CLASSES) {
    const p = PROGRAMS[coat];
    const all = [...p.keepUp.flatMap((k) => k.steps), ...p.preparation, ...p.between, ...p.showMorning, ...p.after];
    for (const s of all) found.add(s.step);
    for (const c of p.calendar) found.add(c.step);
  }
  // Steps that only one side of a school asks for.
  for (const edit of SCHOOLS.flatMap((s) => [...s.a.edits, ...s.b.edits])) {
    if (edit.edit === 'insert') for (const s of edit.steps) found.add(s.step);
  }
  return found;
}

it('has no faults', () => {
  expect(libraryFaults(CARE_LIBRARY)).toEqual([]);
});

it('sees a program that asks for minutes its coat does not have', () => {
  const smooth = PROGRAMS.smooth;
  const broken: CareLibrary = {
    ...CARE_LIBRARY,
    programs: { ...CARE_LIBRARY.programs, smooth: { ...smooth, preparation: PROGRAMS.drop.preparation } },
  };
  expect(libraryFaults(broken).join()).toMatch(/smooth, brushOut1: row "brushOut" has no minutes for smooth/);
});

it('knows every step of the order of work: none is missing from all programs', () => {
  const used = stepsOf();
  expect(STEP_IDS.filter((s) => !used.has(s))).toEqual([]);
});

it('has how-to text, an end check and cautions for every step of every program', () => {
  const used = [...stepsOf()];
  expect(used.length).toBe(STEP_IDS.length);
  for (const step of used) {
    const words = METHODS[step];
    expect(STEP_LINES[step].length).toBeGreaterThanOrEqual(3);
    expect(words.done.length).toBeGreaterThan(10);
    expect(words.cautions.length).toBeGreaterThanOrEqual(1);
    for (const id of words.cautions) expect(CAUTIONS[id]).toBeDefined();
  }
});

it('covers the order of work from keep-up to after-show for each of the eight classes of coat', () => {
  for (const coat of COAT_CLASSES) {
    const p = PROGRAMS[coat];
    expect(p.keepUp.map((k) => k.id)).toEqual(expect.arrayContaining(['inspection', 'brush']));
    const prep = p.preparation.map((s) => s.step);
    expect(prep).toContain('nails');
    expect(prep).toContain('outlineCheck');
    expect(prep.slice(-2)).toEqual(['bag', 'load']);
    // Double and jacketed coats are revived first, where the ground has a dryer.
    const dried = ['double', 'jacketedNatural', 'jacketedTrimmed'].includes(coat) ? ['revive'] : [];
    const morning = [...new Set(p.showMorning.map((s) => s.step))];
    expect(morning).toEqual(['spotWash', ...dried, 'finish', 'tidies', 'gate', 'ring']);
    expect(p.after.map((s) => s.step)).toEqual(expect.arrayContaining(['takedown', 'skinLook', 'winnersHold']));
  }
});

it('brushes long coats before the bath and smooth coats the other way round (common practice)', () => {
  const at = (coat: 'drop' | 'smooth' | 'scissored', step: StepId): number =>
    PROGRAMS[coat].preparation.findLastIndex((s) => s.step === step);
  expect(at('drop', 'brushOut2')).toBeLessThan(at('drop', 'bath'));
  expect(at('drop', 'preTreat')).toBeLessThan(at('drop', 'brushOut2'));
  expect(at('smooth', 'fineTrim')).toBeLessThan(at('smooth', 'bath'));
  expect(at('scissored', 'dryCheck')).toBeLessThan(at('scissored', 'fineTrim'));
});

it('has fifty-one breeds, each in a class that has a program', () => {
  expect(BREEDS.size).toBe(51);
  for (const b of BREEDS.values()) expect(COAT_CLASSES).toContain(b.coat);
});
