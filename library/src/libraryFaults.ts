/*
 * The library's own check, run when the server starts, by the headless planner and by a test: data that contradicts
 * itself is a programmer's mistake and stops the product before it plans a dog with it.
 */
import { COAT_CLASSES, columnOf } from '@loyal-mane/core';
import type { CareLibrary, CareProgram, ProgramStep } from '@loyal-mane/core';

function stepsOf(program: CareProgram): readonly ProgramStep[] {
  return [
    ...program.keepUp.flatMap((rule) => rule.steps),
    ...program.preparation,
    ...program.between,
    ...program.showMorning,
    ...program.after,
  ];
}

function faultsOf(library: CareLibrary, program: CareProgram): string[] {
  const faults: string[] = [];
  const column = columnOf(program.coat);
  const seen = new Set<string>();
  for (const s of stepsOf(program)) {
    const where = `${program.coat}, ${s.step}`;
    const row = library.minutes[s.row];
    if (row === undefined) faults.push(`${where}: no row "${s.row}" in the minutes table`);
    else if (row.by[column] === undefined) faults.push(`${where}: row "${s.row}" has no minutes for ${column}`);
    if (!(s.share > 0 && s.share <= 1)) faults.push(`${where}: share ${String(s.share)} is not in (0, 1]`);
    if (s.lagMaxMin !== null && s.lagMaxMin < s.lagMin) faults.push(`${where}: lag ends before it begins`);
    for (const since of s.since) {
      if (!seen.has(since.step) && since.ifDone !== true)
        faults.push(`${where}: counts from "${since.step}", which does not come before it`);
      if (since.max !== null && since.max < since.min)
        faults.push(`${where}: lag to ${since.step} ends before it begins`);
    }
    seen.add(s.step);
  }
  return faults;
}

/** Faults of a library, a line each; empty when it is sound. */
export function libraryFaults(library: CareLibrary): string[] {
  const faults = COAT_CLASSES.flatMap((coat) => faultsOf(library, library.programs[coat]));
  for (const breed of library.breeds.values()) {
    if (!(breed.coat in library.programs)) faults.push(`${breed.name}: no program for ${breed.coat}`);
  }
  return faults;
}
