/*
 * A kennel's own changes to the care programs, applied to a copy: what is left out, moved, given other days, waits or
 * minutes. Schools, show rules and states come on top of them.
 */
import type { KennelIntervalChange, KennelMethods, KennelStepChange } from '../kennel/methodsRecord.js';
import type { CareProgram, Mark, ProgramStep } from './careProgram.js';
import { withoutSteps } from './programEdit.js';

type Changes = Pick<KennelMethods, 'steps' | 'intervals'>;

/** The program as the kennel works it. Changes of steps that the program does not have are left aside. */
export function changedProgram(program: CareProgram, methods: Changes | undefined): CareProgram {
  const steps = (methods?.steps ?? []).filter((c) => c.coat === program.coat);
  const intervals = (methods?.intervals ?? []).filter((c) => c.coat === program.coat);
  if (steps.length + intervals.length === 0) return program;
  const on = (part: KennelStepChange['part']): readonly ProgramStep[] =>
    changedSteps(
      program[part],
      steps.filter((c) => c.part === part),
    );
  return {
    ...program,
    preparation: on('preparation'),
    between: on('between'),
    showMorning: on('showMorning'),
    after: on('after'),
    keepUp: program.keepUp.map((rule) => withInterval(rule, intervals)),
  };
}

function withInterval(
  rule: CareProgram['keepUp'][number],
  changes: readonly KennelIntervalChange[],
): CareProgram['keepUp'][number] {
  const mine = changes.find((c) => c.rule === rule.id);
  return mine === undefined ? rule : { ...rule, everyDays: mine.everyDays, everyDaysInChange: mine.everyDaysInChange };
}

/** Index of the nth step of a name; -1 where there is none. */
export function nthStep(steps: readonly ProgramStep[], change: Pick<KennelStepChange, 'step' | 'nth'>): number {
  let seen = 0;
  return steps.findIndex((s) => s.step === change.step && ++seen === change.nth);
}

function changedSteps(steps: readonly ProgramStep[], changes: readonly KennelStepChange[]): readonly ProgramStep[] {
  // Places are looked up in the library's own list, so that one change does not shift what another names.
  const found = changes.flatMap((change) => {
    const at = nthStep(steps, change);
    return at < 0 ? [] : [{ change, at }];
  });
  const changed = steps.map((step, i) =>
    found.filter((f) => f.at === i).reduce((s, f) => changedStep(s, f.change), step),
  );
  const order = changed.map((step, i) => ({ step, i }));
  for (const { change, at } of found) {
    if (change.before === undefined) continue;
    const from = order.findIndex((o) => o.i === at);
    const [moved] = order.splice(from, 1);
    const to = order.findIndex((o) => o.step.step === change.before);
    if (moved !== undefined) order.splice(to < 0 ? from : to, 0, moved);
  }
  const out = new Set(found.filter((f) => f.change.leftOut === true).map((f) => f.at));
  return withoutSteps(
    order.map((o) => o.step),
    (_, at) => out.has(order[at]?.i ?? -1),
  );
}

function changedStep(s: ProgramStep, c: KennelStepChange): ProgramStep {
  return {
    ...s,
    from: c.fromDay === undefined ? s.from : dayOf(s.from, c.fromDay),
    to: c.toDay === undefined ? s.to : dayOf(s.to, c.toDay),
    aim:
      c.aimDay === undefined && c.aimTime === undefined
        ? s.aim
        : {
            of: 'prepDay',
            day: c.aimDay ?? (s.aim.of === 'prepDay' ? s.aim.day : -1),
            time: c.aimTime ?? (s.aim.of === 'prepDay' ? s.aim.time : '08:00'),
          },
    lagMin: c.waitMin ?? s.lagMin,
    lagMaxMin: c.waitMaxMin ?? s.lagMaxMin,
    plusMin: s.plusMin + (c.plusMin ?? 0),
    perDayMin: c.perDayMin ?? s.perDayMin,
  };
}

/** A mark on another day; marks that do not count days (from the ring, from a later round) stay. */
function dayOf(mark: Mark, day: number): Mark {
  return mark.of === 'prepDay' || mark.of === 'prepEnd' || mark.of === 'ringDay' ? { ...mark, day } : mark;
}

/** Whether a step's window counts days, so that a kennel can give it others. */
export function countsDays(s: ProgramStep): boolean {
  const days = (m: Mark): boolean => m.of === 'prepDay' || m.of === 'prepEnd';
  return days(s.from) && (days(s.to) || s.to.of === 'departure');
}
