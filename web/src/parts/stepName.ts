/*
 * The name of a step, with its flank where it goes flank by flank.
 */
import type { Flank, StepId } from '@loyal-mane/core';
import { METHODS } from '@loyal-mane/library/words';

/** Steps whose names say their flank already. */
const NAMED_BY_FLANK: ReadonlySet<StepId> = new Set(['brushOut1', 'brushOut2']);

/** "Line brush, second flank". */
export function stepName({ step, flank }: { readonly step: StepId; readonly flank?: Flank }): string {
  const { name } = METHODS[step];
  return flank === undefined || NAMED_BY_FLANK.has(step) ? name : `${name}, ${flank === 1 ? 'first' : 'second'} flank`;
}
