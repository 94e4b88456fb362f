/*
 * A care program as a chain on the count-back scale: for each step the hours before the ring between which it may sit,
 * where it wants to, and how long it takes on the reference dog. Counted for a show without a journey, ring at eleven.
 */
import type { CoatClass } from '../coat/coatClass.js';
import { REFERENCE_KG } from '../coat/bodySurface.js';
import { columnOf } from '../coat/coatClass.js';
import type { KennelMethods } from '../kennel/methodsRecord.js';
import type { KennelPerson } from '../kennel/personRecord.js';
import type { StepId } from '../kennel/vocabulary.js';
import { markMs } from '../plan/assemble/marks.js';
import type { MarkContext } from '../plan/assemble/marks.js';
import type { CareLibrary } from '../programs/careLibrary.js';
import type { CareProgram, Condition, ProgramStep } from '../programs/careProgram.js';
import type { CoatStage } from '../programs/dogFacts.js';
import { estimate } from '../programs/estimate.js';
import { changedProgram } from '../programs/programChange.js';
import { applyEdits } from '../programs/programEdit.js';
import { chooseSides } from '../programs/schools.js';
import { addDays } from '../time/localDay.js';
import type { LocalDay, WallTime } from '../time/localDay.js';
import { wallToMs } from '../time/zone.js';

/** A step of the chain. Hours count back from the ring: 24 = a day before, negative = after it. */
export interface ChainStep {
  readonly step: StepId;
  readonly part: 'preparation' | 'between' | 'showMorning' | 'after';
  readonly fromH: number;
  readonly toH: number;
  readonly aimH: number;
  readonly minutes: number;
  readonly when: readonly Condition[];
  /** Wait after the step before it, minutes; null = none asked for. */
  readonly lag: readonly [min: number, max: number] | null;
}

const RING_DAY = '2026-06-19' as LocalDay;
const CONTEXT: MarkContext = {
  zone: 'UTC',
  ringDay: RING_DAY,
  ringMs: wallToMs(RING_DAY, '11:00' as WallTime, 'UTC'),
  prepDay: RING_DAY,
  departMs: null,
  siteHasTub: false,
  laterRoundMs: wallToMs(RING_DAY, '15:00' as WallTime, 'UTC'),
};
const HOUR_MS = 3_600_000;

/** The program of a coat as a kennel works it, without any one dog's own ways. */
export function coatProgram(
  coat: CoatClass,
  library: CareLibrary,
  methods: Pick<KennelMethods, 'schools' | 'steps' | 'intervals'>,
  people: readonly Pick<KennelPerson, 'skills'>[],
): CareProgram {
  const isMet = (c: Condition): boolean => c === 'undercoatHeavy';
  const kennel = { people: people as KennelPerson[], methods: { number: 0, ...methods } };
  const chosen = chooseSides(library.schools, { coat, dog: {}, kennel, isMet });
  return applyEdits(
    changedProgram(library.programs[coat], methods),
    chosen.flatMap((c) => c.school[c.side].edits),
    isMet,
  );
}

/** Keep-up work of a coat: how often, when, and what it is made of. */
export interface KeepUpRow {
  readonly id: string;
  readonly everyDays: number;
  readonly when: readonly Condition[];
  readonly spreadDays: number;
  readonly steps: readonly { readonly step: StepId; readonly minutes: number; readonly when: readonly Condition[] }[];
}

/** Conditions that decide by age; the drawn stage answers them. */
const AGE: Readonly<Partial<Record<Condition, CoatStage>>> = { underNineMonths: 'puppy', fromNineMonths: 'adult' };

/** Whether something belongs to a stage, as far as age decides it. */
function ofStage(when: readonly Condition[], stage: CoatStage): boolean {
  return when.every((c) => AGE[c] === undefined || (AGE[c] === 'puppy') === (stage === 'puppy'));
}

/** Keep-up work between shows at a stage of the coat; minutes of the reference dog. */
export function keepUpRows(program: CareProgram, library: CareLibrary, stage: CoatStage): KeepUpRow[] {
  return program.keepUp
    .filter((rule) => ofStage(rule.when, stage))
    .map((rule) => ({
      id: rule.id,
      everyDays: stage === 'coatChange' ? rule.everyDaysInChange : rule.everyDays,
      when: rule.when.filter((c) => AGE[c] === undefined),
      spreadDays: rule.spreadDays ?? 1,
      steps: rule.steps.map((s) => ({
        step: s.step,
        minutes: minutesOf(s, program.coat, library, stage),
        when: s.when,
      })),
    }));
}

/** Steps from the first trim bath to after-show, in order, at a stage of the coat. */
export function programChain(program: CareProgram, library: CareLibrary, stage: CoatStage = 'adult'): ChainStep[] {
  const parts = (['preparation', 'between', 'showMorning', 'after'] as const).flatMap((part) =>
    program[part].map((step) => ({ part, step })),
  );
  let before = CONTEXT.ringMs - 60 * 24 * HOUR_MS;
  return parts.map(({ part, step }) => {
    const minutes = minutesOf(step, program.coat, library, stage);
    const aimMs = aimOf(step, minutes, before);
    before = aimMs + minutes * 60_000;
    const hoursBefore = (ms: number): number => (CONTEXT.ringMs - ms) / HOUR_MS;
    return {
      step: step.step,
      part,
      fromH: hoursBefore(markMs(step.from, CONTEXT)),
      toH: hoursBefore(markMs(step.to, CONTEXT)),
      aimH: hoursBefore(aimMs),
      minutes,
      when: step.when,
      lag: step.lagMaxMin === null ? null : [step.lagMin, step.lagMaxMin],
    };
  });
}

/** A follower sits behind the step before it, but never outside its own window. */
function aimOf(step: ProgramStep, minutes: number, before: number): number {
  const from = markMs(step.from, CONTEXT);
  const latest = markMs(step.to, CONTEXT) - minutes * 60_000;
  const aim = step.aim;
  const wanted =
    aim.of === 'prepDay'
      ? wallToMs(addDays(RING_DAY, aim.day), aim.time as WallTime, 'UTC')
      : aim.of === 'latest'
        ? latest
        : aim.of === 'earliest'
          ? from
          : before;
  return Math.max(from, Math.min(latest, Math.max(wanted, from)));
}

function minutesOf(step: ProgramStep, coat: CoatClass, library: CareLibrary, stage: CoatStage): number {
  const row = library.minutes[step.row];
  if (row === undefined) throw new Error(`programChain: no row "${step.row}"`);
  const facts = {
    weightKg: REFERENCE_KG,
    density: 'normal' as const,
    coatChange: stage === 'coatChange',
    puppy: stage === 'puppy',
    cooperation: 1,
    overgrownWeeks: 0,
  };
  return estimate(row, columnOf(coat), facts, step.share * step.factor).middleMin + step.plusMin;
}
