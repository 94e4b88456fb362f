/* Edits of programs, the chain that people are shown, and the effect of a change in figures. */
import { REFERENCE_KG, applyEdits, bodySurfaceM2, mayCut, planEffect } from '../src/index.js';
import { crewMinutes } from '../src/plan/suppose/planEffect.js';
import type { CareProgram, Plan, PlannedActivity, ProgramEdit, ProgramStep, StepId } from '../src/index.js';

function step(id: StepId, more: Partial<ProgramStep> = {}): ProgramStep {
  return {
    step: id,
    row: id,
    share: 1,
    factor: 1,
    plusMin: 0,
    perDayMin: null,
    times: 'once',
    skill: null,
    tools: null,
    from: { of: 'prepDay', day: -3, at: 'start' },
    to: { of: 'prepDay', day: -1, at: 'end' },
    aim: { of: 'follow' },
    anchor: false,
    lagMin: 0,
    lagMaxMin: null,
    since: [],
    when: [],
    restMin: 0,
    skipWhenPast: false,
    careful: false,
    ...more,
  };
}

const PROGRAM: CareProgram = {
  coat: 'drop',
  version: 1,
  calendar: [],
  keepUp: [],
  preparation: [
    step('brushOut1'),
    step('preTreat', { when: ['whitesOnly'] }),
    step('bath', { since: [{ step: 'preTreat', min: 20, max: 120 }] }),
    step('heatDry'),
  ],
  between: [step('touchUp')],
  showMorning: [step('finish'), step('gate')],
  after: [step('takedown')],
};

const ids = (steps: readonly ProgramStep[]): StepId[] => steps.map((s) => s.step);
const edited = (...edits: ProgramEdit[]): CareProgram => applyEdits(PROGRAM, edits, (c) => c === 'fringed');

describe('an edit', () => {
  it('drops, moves, inserts, replaces and carries steps, in order', () => {
    expect(ids(edited({ edit: 'drop', steps: ['preTreat'] }).preparation)).toEqual(['brushOut1', 'bath', 'heatDry']);
    expect(ids(edited({ edit: 'move', step: 'heatDry', before: 'bath' }).preparation)).toEqual([
      'brushOut1',
      'preTreat',
      'heatDry',
      'bath',
    ]);
    expect(ids(edited({ edit: 'insert', before: 'bath', steps: [step('glands')] }).preparation)).toEqual([
      'brushOut1',
      'preTreat',
      'glands',
      'bath',
      'heatDry',
    ]);
    expect(ids(edited({ edit: 'replace', step: 'touchUp', by: [step('bath'), step('towel')] }).between)).toEqual([
      'bath',
      'towel',
    ]);
    const carried = edited({ edit: 'carry', steps: ['bath', 'heatDry'], to: 'showMorning', before: 'finish' });
    expect(ids(carried.preparation)).toEqual(['brushOut1', 'preTreat']);
    expect(ids(carried.showMorning)).toEqual(['bath', 'heatDry', 'finish', 'gate']);
  });

  it('changes minutes, lags, windows, skills and daily limits of the steps it names only', () => {
    const p = edited(
      { edit: 'factor', steps: ['bath'], factor: 0.9 },
      { edit: 'factor', steps: ['bath'], factor: 0.5 },
      { edit: 'longer', steps: ['bath'], minutes: -2 },
      { edit: 'since', step: 'bath', since: 'preTreat', min: 0, max: 30 },
      { edit: 'lag', step: 'heatDry', min: 20, max: 40 },
      { edit: 'perDay', steps: ['brushOut1'], minutes: 5 },
      { edit: 'skill', steps: ['heatDry'], skill: 'harshDryer' },
      { edit: 'row', steps: ['heatDry'], row: 'heatDryWhites' },
    ).preparation;
    expect(p[2]).toMatchObject({ factor: 0.45, plusMin: -2, since: [{ step: 'preTreat', min: 0, max: 30 }] });
    expect(p[3]).toMatchObject({ lagMin: 20, lagMaxMin: 40, skill: 'harshDryer', row: 'heatDryWhites' });
    expect(p[0]).toMatchObject({ perDayMin: 5, factor: 1 });
    expect(p[1]).toEqual(PROGRAM.preparation[1]);
  });

  it('decides a condition: steps become unconditional, or drop', () => {
    const on = edited({ edit: 'assume', condition: 'whitesOnly', value: true }).preparation;
    expect(on.find((s) => s.step === 'preTreat')?.when).toEqual([]);
    expect(ids(edited({ edit: 'assume', condition: 'whitesOnly', value: false }).preparation)).not.toContain(
      'preTreat',
    );
  });

  it('holds only where it says: part, coat, condition of the dog', () => {
    const drop: ProgramEdit = { edit: 'drop', steps: ['bath', 'gate'] };
    expect(ids(edited({ ...drop, parts: ['showMorning'] }).preparation)).toContain('bath');
    expect(ids(edited({ ...drop, coats: ['wire'] }).preparation)).toContain('bath');
    expect(ids(edited({ ...drop, when: ['hasMats'] }).preparation)).toContain('bath');
    expect(ids(edited({ ...drop, coats: ['drop'], when: ['fringed'] }).preparation)).not.toContain('bath');
  });

  it('never changes the program it was given', () => {
    const before = JSON.stringify(PROGRAM);
    edited({ edit: 'drop', steps: ['bath'] }, { edit: 'move', step: 'heatDry', before: 'brushOut1' });
    expect(JSON.stringify(PROGRAM)).toBe(before);
  });
});

describe('the effect of a change', () => {
  const task = (key: string, dogId: string, from: number, minutes: number, people = ['p']): PlannedActivity =>
    ({
      key,
      dogId,
      step: 'bath',
      kind: 'show',
      state: 'planned',
      start: new Date(from * 60_000).toISOString(),
      attendedUntil: new Date((from + minutes) * 60_000).toISOString(),
      end: new Date((from + minutes) * 60_000).toISOString(),
      people,
      stationId: null,
    }) as unknown as PlannedActivity;
  const plan = (activities: PlannedActivity[], out: string[] = []): Plan =>
    ({
      now: new Date(0).toISOString(),
      activities,
      unplaced: out.map((dogId) => ({ dogId, kind: 'show' })),
    }) as unknown as Plan;

  it('counts moved, new and gone tasks, their dogs, and crew minutes for each pair of hands', () => {
    const before = plan([task('a', 'x', 10, 20), task('b', 'y', 40, 10), task('c', 'z', 60, 15)], ['w']);
    const after = plan([task('a', 'x', 15, 20), task('c', 'z', 60, 15), task('d', 'w', 90, 30, ['p', 'q'])], ['y']);
    expect(planEffect(before, after)).toEqual({
      moved: 1,
      added: 1,
      removed: 1,
      dogs: ['w', 'y', 'x'],
      crewMin: 60 - 10,
      gained: ['w'],
      lost: ['y'],
    });
    expect(crewMinutes(before)).toBe(45);
    expect(planEffect(before, before)).toMatchObject({ moved: 0, dogs: [], crewMin: 0 });
  });
});

it('the reference weight has the reference surface', () => {
  expect(bodySurfaceM2(REFERENCE_KG)).toBeCloseTo(0.75, 10);
});

describe('what may be cut', () => {
  const map = { id: 'scissored', finish: 'crisp', cut: new Map([['skull', 'shaped'] as const]) } as const;
  const facts = { growsCoat: false, growOn: new Set(['skull' as const]), locked: new Set<'skull'>() };

  it('nothing the map does not name, nothing locked, nothing left to grow on a dog that grows coat', () => {
    expect(mayCut(map, 'tail', facts)).toEqual({ ok: false, why: 'notInMap' });
    expect(mayCut(map, 'skull', facts)).toEqual({ ok: true, how: 'shaped' });
    expect(mayCut(map, 'skull', { ...facts, growsCoat: true })).toEqual({ ok: false, why: 'growingOn' });
    expect(mayCut(map, 'skull', { ...facts, locked: new Set(['skull']) })).toEqual({ ok: false, why: 'locked' });
  });
});
