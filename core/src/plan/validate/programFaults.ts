/*
 * Faults of a care program as a kennel wants to change it: a step that waits for one that comes after it, a
 * wait or a window that cannot be kept, a step that nobody here can do. Looked at for the reference dog at a show without
 * a journey, the plainest case: what fails there fails everywhere.
 */
import { REFERENCE_KG } from '../../coat/bodySurface.js';
import { columnOf } from '../../coat/coatClass.js';
import type { KennelPerson } from '../../kennel/personRecord.js';
import type { KennelStepChange } from '../../kennel/methodsRecord.js';
import type { ChangedPart, Skill, StepId } from '../../kennel/vocabulary.js';
import { CHANGED_PARTS } from '../../kennel/vocabulary.js';
import type { CareLibrary } from '../../programs/careLibrary.js';
import type { CareProgram, ProgramStep } from '../../programs/careProgram.js';
import { estimate } from '../../programs/estimate.js';
import { changedProgram, countsDays, nthStep } from '../../programs/programChange.js';
import { addDays } from '../../time/localDay.js';
import type { LocalDay, WallTime } from '../../time/localDay.js';
import { wallToMs } from '../../time/zone.js';
import { DEFAULT_EVENING, markMs } from '../assemble/marks.js';
import type { MarkContext } from '../assemble/marks.js';

/** A fault of a changed program, with the step that it concerns. */
export type ProgramFault =
  /** It waits for a step that now comes after it: a circle. */
  | { readonly code: 'cycle'; readonly step: StepId; readonly waitsFor: StepId }
  /** The step that it waits for, or that makes it safe, is left out. */
  | { readonly code: 'missing'; readonly step: StepId; readonly waitsFor: StepId }
  /** The least wait is longer than the most. */
  | { readonly code: 'waitTwisted'; readonly step: StepId; readonly min: number; readonly max: number }
  /** The work between two steps takes longer than the wait allows. */
  | {
      readonly code: 'waitTooShort';
      readonly step: StepId;
      readonly since: StepId;
      readonly max: number;
      readonly needs: number;
    }
  | { readonly code: 'windowTwisted'; readonly step: StepId }
  /** The steps before it cannot be over in time. */
  | { readonly code: 'tooLate'; readonly step: StepId; readonly shortMin: number }
  /** A full ear trim on the show day or the evening before. */
  | { readonly code: 'earsTooLate'; readonly step: StepId }
  | { readonly code: 'nobody'; readonly step: StepId; readonly skill: Skill }
  /** Its window counts from the ring, not in days. */
  | { readonly code: 'noDays'; readonly step: StepId }
  | { readonly code: 'noSuchStep'; readonly step: StepId; readonly part: ChangedPart; readonly nth: number };

const RING_DAY = '2026-06-17' as LocalDay;
const CONTEXT: MarkContext = {
  zone: 'UTC',
  ringDay: RING_DAY,
  ringMs: wallToMs(RING_DAY, '12:00' as WallTime, 'UTC'),
  prepDay: RING_DAY,
  departMs: null,
  siteHasTub: false,
  laterRoundMs: wallToMs(RING_DAY, '16:00' as WallTime, 'UTC'),
};
const EARS_BY_MS = wallToMs(addDays(RING_DAY, -1), DEFAULT_EVENING, 'UTC');
const MINUTE_MS = 60_000;
const NIGHT_AHEAD = addDays(RING_DAY, -60);

/** Everything wrong with a coat's program under the kennel's changes; empty when it can be worked. */
export function programFaults(
  library: CareLibrary,
  program: CareProgram,
  changes: readonly KennelStepChange[],
  people: readonly Pick<KennelPerson, 'skills'>[],
): ProgramFault[] {
  const mine = changes.filter((c) => c.coat === program.coat);
  const changed = changedProgram(program, { steps: [...mine] });
  return [
    ...mine.flatMap((c) => namedFaults(program, c)),
    ...CHANGED_PARTS.flatMap((part) => [
      ...orderFaults(changed[part], program[part]),
      ...timeFaults(library, changed[part], columnOf(program.coat)),
      ...peopleFaults(library, changed[part], people),
    ]),
  ];
}

function namedFaults(program: CareProgram, c: KennelStepChange): ProgramFault[] {
  const found = program[c.part][nthStep(program[c.part], c)];
  if (found === undefined) return [{ code: 'noSuchStep', step: c.step, part: c.part, nth: c.nth }];
  const days = c.fromDay !== undefined || c.toDay !== undefined || c.aimDay !== undefined;
  return days && !countsDays(found) ? [{ code: 'noDays', step: c.step }] : [];
}

/** Steps that wait for one which comes after them, or is not there any more although the library has it before them. */
function orderFaults(steps: readonly ProgramStep[], before: readonly ProgramStep[]): ProgramFault[] {
  return steps.flatMap((s, i) =>
    s.since.flatMap((w): ProgramFault[] => {
      const certain = (x: ProgramStep): boolean => x.step === w.step && x.when.every((c) => s.when.includes(c));
      if (steps.slice(0, i).some(certain)) return [];
      if (steps.slice(i).some(certain)) return [{ code: 'cycle', step: s.step, waitsFor: w.step }];
      return w.ifDone !== true && before.some(certain) ? [{ code: 'missing', step: s.step, waitsFor: w.step }] : [];
    }),
  );
}

function timeFaults(
  library: CareLibrary,
  steps: readonly ProgramStep[],
  column: ReturnType<typeof columnOf>,
): ProgramFault[] {
  const faults: ProgramFault[] = [];
  let end = wallToMs(NIGHT_AHEAD, '00:00' as WallTime, 'UTC');
  steps.forEach((s, i) => {
    const from = markMs(s.from, CONTEXT);
    const to = markMs(s.to, CONTEXT);
    const minutes = minutesOf(library, s, column);
    if (s.lagMaxMin !== null && s.lagMin > s.lagMaxMin) {
      faults.push({ code: 'waitTwisted', step: s.step, min: s.lagMin, max: s.lagMaxMin });
    }
    faults.push(...waitFaults(library, steps, i, column));
    if (s.step === 'ears' && to > EARS_BY_MS) faults.push({ code: 'earsTooLate', step: s.step });
    if (from >= to) faults.push({ code: 'windowTwisted', step: s.step });
    const start = Math.max(from, end + s.lagMin * MINUTE_MS);
    const over = start + minutes * MINUTE_MS;
    if (from < to && over > to) {
      faults.push({ code: 'tooLate', step: s.step, shortMin: Math.ceil((over - to) / MINUTE_MS) });
    }
    // One fault is told once: what follows starts from where this step should have ended.
    end = Math.min(over, Math.max(to, from));
  });
  return faults;
}

/** A wait after an earlier step that the work in between does not leave. Alternatives are not added up. */
function waitFaults(
  library: CareLibrary,
  steps: readonly ProgramStep[],
  i: number,
  column: ReturnType<typeof columnOf>,
): ProgramFault[] {
  const s = steps[i];
  if (s === undefined) return [];
  return s.since.flatMap((w): ProgramFault[] => {
    const at = steps.slice(0, i).findLastIndex((x) => x.step === w.step);
    if (at < 0 || w.max === null) return [];
    const between = steps.slice(at + 1, i).filter((x) => x.when.length === 0);
    const needs = Math.ceil(between.reduce((sum, x) => sum + x.lagMin + minutesOf(library, x, column), 0) + s.lagMin);
    return needs > w.max ? [{ code: 'waitTooShort', step: s.step, since: w.step, max: w.max, needs }] : [];
  });
}

function minutesOf(library: CareLibrary, s: ProgramStep, column: ReturnType<typeof columnOf>): number {
  const row = library.minutes[s.row];
  if (row?.by[column] === undefined) return 0;
  const facts = {
    weightKg: REFERENCE_KG,
    density: 'normal',
    coatChange: false,
    puppy: false,
    cooperation: 1,
    overgrownWeeks: 0,
  } as const;
  return Math.max(0, estimate(row, column, facts, s.share * s.factor).middleMin + s.plusMin);
}

function peopleFaults(
  library: CareLibrary,
  steps: readonly ProgramStep[],
  people: readonly Pick<KennelPerson, 'skills'>[],
): ProgramFault[] {
  const missing = new Map<string, ProgramFault>();
  for (const s of steps) {
    const needs = library.steps[s.step];
    for (const skill of [s.skill ?? needs.skill, needs.second]) {
      if (skill === null || people.some((p) => p.skills.includes(skill))) continue;
      missing.set(`${s.step} ${skill}`, { code: 'nobody', step: s.step, skill });
    }
  }
  return [...missing.values()];
}
