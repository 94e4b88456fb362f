/*
 * Soak clocks in words, and the soaks that a room shows.
 */
import { openSoaks, soakAt } from '@loyal-mane/core';
import type { OpenSoak, SoakNow, SoakRecord } from '@loyal-mane/core';
import { PRODUCT_NAMES } from '@loyal-mane/library/words';
import type { Names } from '@loyal-mane/library/words';
import type { Work } from '../api/queries';

/** All soaks that are in a coat now; keep the function, rooms subscribe by it. */
export const soaksNow = (work: readonly Work[]): readonly OpenSoak[] => openSoaks(work);

/** "Seraph: whitening wash". */
export function soakName({ soak, work }: OpenSoak, names: Names): string {
  return `${names.dog(work.dogId)}: ${PRODUCT_NAMES[soak.product].toLowerCase()}`;
}

/** Minutes and seconds as they are read from afar: seconds below two minutes, whole minutes above. */
function spanWords(ms: number): string {
  const s = Math.max(0, Math.round(ms / 1000));
  return s < 120 ? `${String(s)} s` : `${String(Math.floor(s / 60))} min`;
}

/** The advice about a soak: leave it, rinse it in time, rinse it now. */
export function soakWords({ phase, leftMs }: SoakNow): string {
  if (phase === 'early') return `leave it ${spanWords(leftMs)} more`;
  if (phase === 'ready') return `rinse within ${spanWords(leftMs)}`;
  return -leftMs < 5000 ? 'rinse now' : `rinse now, ${spanWords(-leftMs)} over`;
}

/** A soak's state at a moment, with its words. */
export function soakNow(soak: SoakRecord, nowMs: number): SoakNow & { readonly words: string } {
  const at = soakAt(soak, nowMs);
  return { ...at, words: soakWords(at) };
}
