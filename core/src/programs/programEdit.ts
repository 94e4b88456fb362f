/*
 * Small named changes to a care program, as data: what a school, a show's rules or a dog's state does to the order of
 * work. Each is applied to a copy; the library's own programs never change.
 */
import type { CoatClass } from '../coat/coatClass.js';
import type { Skill, StepId } from '../kennel/vocabulary.js';
import type { Aim, CareProgram, Condition, Mark, ProgramStep } from './careProgram.js';
import type { ToolNeed } from './mayTrim.js';

/** Parts of a program in order. */
export const PROGRAM_PARTS = ['keepUp', 'preparation', 'between', 'showMorning', 'after'] as const;
/** One of `PROGRAM_PARTS`. */
export type ProgramPart = (typeof PROGRAM_PARTS)[number];

type Change =
  /** The steps are not done. */
  | { readonly edit: 'drop'; readonly steps: readonly StepId[] }
  /** Minutes times a factor. */
  | { readonly edit: 'factor'; readonly steps: readonly StepId[]; readonly factor: number }
  /** Minutes added; negative takes away. */
  | { readonly edit: 'longer'; readonly steps: readonly StepId[]; readonly minutes: number }
  /** Minutes from another row of the table. */
  | { readonly edit: 'row'; readonly steps: readonly StepId[]; readonly row: string }
  /** Wait after the step before it, minutes. */
  | { readonly edit: 'lag'; readonly step: StepId; readonly min: number; readonly max: number | null }
  /** Wait after an earlier step, minutes. */
  | {
      readonly edit: 'since';
      readonly step: StepId;
      readonly since: StepId;
      readonly min: number;
      readonly max: number;
    }
  | {
      readonly edit: 'window';
      readonly steps: readonly StepId[];
      readonly from: Mark;
      readonly to: Mark;
      readonly aim?: Aim;
    }
  /** Not before the start of a day of the preparation; a window that is over by then stays as it is. */
  | { readonly edit: 'notBefore'; readonly steps: readonly StepId[]; readonly day: number }
  /** New steps before the first of a name, or at the end of the part where there is none. */
  | { readonly edit: 'insert'; readonly before: StepId; readonly steps: readonly ProgramStep[] }
  /** Other steps in the place of one, under its conditions and their own. */
  | { readonly edit: 'replace'; readonly step: StepId; readonly by: readonly ProgramStep[] }
  /** Takes a step out and puts it before the first of another name, or the last. */
  | { readonly edit: 'move'; readonly step: StepId; readonly before: StepId; readonly isLast?: boolean }
  /** Takes steps out of the preparation and puts them before the first of a name in another part. */
  | {
      readonly edit: 'carry';
      readonly steps: readonly StepId[];
      readonly to: Exclude<ProgramPart, 'keepUp'>;
      readonly before: StepId;
      /** Only those after the last step of this name: a preparation may have two baths. */
      readonly afterLast?: StepId;
      /** Only those of the show's own days: early work that falls away when its days are past stays where it is. */
      readonly isLate?: boolean;
    }
  /** Decides a condition for every dog: its steps become unconditional, or drop. */
  | { readonly edit: 'assume'; readonly condition: Condition; readonly value: boolean }
  /** At most so many minutes a day; the rest goes to further days. */
  | { readonly edit: 'perDay'; readonly steps: readonly StepId[]; readonly minutes: number }
  | { readonly edit: 'skill'; readonly steps: readonly StepId[]; readonly skill: Skill }
  /** Other tools than the step's own. */
  | { readonly edit: 'tools'; readonly steps: readonly StepId[]; readonly tools: readonly ToolNeed[] }
  /** Takes so many steps out of the preparation, from a place in it. */
  | { readonly edit: 'cut'; readonly from: number; readonly count: number }
  /** Moves the aims of the show bath's days, within the days that are allowed. */
  | { readonly edit: 'shiftAim'; readonly days: number };

/** A change with where it holds: parts of the program, classes of coat, conditions of the dog; absent = everywhere. */
export type ProgramEdit = Change & {
  readonly parts?: readonly ProgramPart[];
  readonly coats?: readonly CoatClass[];
  readonly when?: readonly Condition[];
};

/** Edits that change a list of steps. */
type StepEdit = Exclude<ProgramEdit, { edit: 'carry' | 'cut' }>;

/** A program with edits applied in order. `isMet` decides conditions of edits; steps keep their own. */
export function applyEdits(
  program: CareProgram,
  edits: readonly ProgramEdit[],
  isMet: (condition: Condition) => boolean,
): CareProgram {
  const mine = edits.filter(
    (e) => (e.coats === undefined || e.coats.includes(program.coat)) && (e.when ?? []).every(isMet),
  );
  return mine.reduce(applyOne, program);
}

function applyOne(program: CareProgram, edit: ProgramEdit): CareProgram {
  if (edit.edit === 'carry') return carried(program, edit);
  if (edit.edit === 'cut') {
    const kept = program.preparation.filter((_, i) => i < edit.from || i >= edit.from + edit.count);
    return { ...program, preparation: kept };
  }
  const on = (part: ProgramPart, steps: readonly ProgramStep[]): readonly ProgramStep[] =>
    edit.parts === undefined || edit.parts.includes(part) ? changed(steps, edit) : steps;
  return {
    ...program,
    keepUp: program.keepUp.map((rule) => ({ ...rule, steps: on('keepUp', rule.steps) })),
    preparation: on('preparation', program.preparation),
    between: on('between', program.between),
    showMorning: on('showMorning', program.showMorning),
    after: on('after', program.after),
  };
}

function carried(program: CareProgram, e: Extract<ProgramEdit, { edit: 'carry' }>): CareProgram {
  const after = e.afterLast === undefined ? -1 : program.preparation.findLastIndex((s) => s.step === e.afterLast);
  const goes = (s: ProgramStep, i: number): boolean =>
    i > after && e.steps.includes(s.step) && !(e.isLate === true && s.skipWhenPast);
  const moved = program.preparation.filter(goes);
  const without = { ...program, preparation: program.preparation.filter((s, i) => !goes(s, i)) };
  // On a show morning everything is planned with care; what was preparation is done on the first morning only.
  const there =
    e.to === 'showMorning'
      ? moved.map((s) => ({ ...s, careful: true, when: [...s.when, 'firstShowDay' as const] }))
      : moved;
  return { ...without, [e.to]: insertBefore(without[e.to], e.before, there) };
}

function changed(steps: readonly ProgramStep[], e: StepEdit): readonly ProgramStep[] {
  const on = (ids: readonly StepId[], change: (s: ProgramStep) => ProgramStep): readonly ProgramStep[] =>
    steps.map((s) => (ids.includes(s.step) ? change(s) : s));
  switch (e.edit) {
    case 'drop':
      return withoutSteps(steps, (s) => e.steps.includes(s.step));
    case 'factor':
      return on(e.steps, (s) => ({ ...s, factor: s.factor * e.factor }));
    case 'longer':
      return on(e.steps, (s) => ({ ...s, plusMin: s.plusMin + e.minutes }));
    case 'row':
      return on(e.steps, (s) => ({ ...s, row: e.row }));
    case 'lag':
      return on([e.step], (s) => ({ ...s, lagMin: e.min, lagMaxMin: e.max }));
    case 'since':
      return on([e.step], (s) => withSince(s, e.since, e.min, e.max));
    case 'window':
      return on(e.steps, (s) => ({ ...s, from: e.from, to: e.to, aim: e.aim ?? s.aim }));
    case 'notBefore':
      return on(e.steps, (s) => notBefore(s, e.day));
    case 'insert':
      return insertBefore(steps, e.before, e.steps);
    case 'replace':
      return steps.flatMap((s) =>
        s.step === e.step ? e.by.map((b) => ({ ...b, when: [...s.when, ...b.when] })) : [s],
      );
    case 'move':
      return moveBefore(steps, e.step, e.before, e.isLast === true);
    case 'assume':
      return assumed(steps, e.condition, e.value);
    case 'perDay':
      return on(e.steps, (s) => ({ ...s, perDayMin: e.minutes }));
    case 'skill':
      return on(e.steps, (s) => ({ ...s, skill: e.skill }));
    case 'tools':
      return on(e.steps, (s) => ({ ...s, tools: e.tools }));
    case 'shiftAim':
      return steps.map((s) => withAimShifted(s, e.days));
  }
}

/** A step whose window begins no earlier than a day; its aim follows. */
function notBefore(s: ProgramStep, day: number): ProgramStep {
  const isLater = s.from.of === 'prepDay' && s.from.day < day;
  const isOver = 'day' in s.to && s.to.day < day;
  if (!isLater || isOver) return s;
  const aim = s.aim.of === 'prepDay' && s.aim.day < day ? { ...s.aim, day } : s.aim;
  return { ...s, from: { of: 'prepDay', day, at: 'start' }, aim };
}

/**
 * Steps without some of them; what follows a dropped anchor takes its place and its wait, so that the chain stays on its day
 * and is not bound to the work of days before.
 */
export function withoutSteps(steps: readonly ProgramStep[], isOut: (s: ProgramStep, at: number) => boolean) {
  let anchor: ProgramStep | null = null;
  return steps.flatMap((s, at) => {
    if (isOut(s, at)) {
      if (s.anchor) anchor = s;
      return [];
    }
    const held = s.anchor || anchor === null ? s : inPlaceOf(anchor, s);
    anchor = null;
    return [held];
  });
}

function inPlaceOf(anchor: ProgramStep, s: ProgramStep): ProgramStep {
  return { ...s, anchor: true, aim: anchor.aim, lagMin: anchor.lagMin, lagMaxMin: anchor.lagMaxMin };
}

/** Only steps of the show bath's own days: their window ends by the site's tub or the day before. */
function withAimShifted(s: ProgramStep, days: number): ProgramStep {
  if (s.aim.of !== 'prepDay' || s.from.of !== 'prepDay' || s.to.of !== 'prepEnd') return s;
  const day = Math.max(s.from.day, Math.min(s.to.day, s.aim.day + days));
  return { ...s, aim: { ...s.aim, day } };
}

function withSince(s: ProgramStep, since: StepId, min: number, max: number): ProgramStep {
  return { ...s, since: s.since.map((x) => (x.step === since ? { step: since, min, max } : x)) };
}

function insertBefore(steps: readonly ProgramStep[], before: StepId, added: readonly ProgramStep[], isLast = false) {
  const isIt = (s: ProgramStep): boolean => s.step === before;
  const at = isLast ? steps.findLastIndex(isIt) : steps.findIndex(isIt);
  // A part that does not have the step has no place for what belongs to it.
  return at < 0 ? steps : [...steps.slice(0, at), ...added, ...steps.slice(at)];
}

function moveBefore(
  steps: readonly ProgramStep[],
  step: StepId,
  before: StepId,
  isLast: boolean,
): readonly ProgramStep[] {
  const moved = steps.filter((s) => s.step === step);
  return moved.length === 0
    ? steps
    : insertBefore(
        steps.filter((s) => s.step !== step),
        before,
        moved,
        isLast,
      );
}

function assumed(steps: readonly ProgramStep[], condition: Condition, value: boolean): readonly ProgramStep[] {
  return steps.flatMap((s) => {
    if (!s.when.includes(condition)) return [s];
    return value ? [{ ...s, when: s.when.filter((c) => c !== condition) }] : [];
  });
}
