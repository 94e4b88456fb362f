/*
 * Words of the care of tools.
 */
import type { CareJob } from '@loyal-mane/core';

/** By job: what is done, and how. */
export const CARE_JOB_WORDS: Readonly<Record<CareJob, { readonly name: string; readonly how: string }>> = {
  clear: { name: 'Clear', how: 'hair out, wiped; product brushes kept apart' },
  pins: { name: 'Look at the pins', how: 'bent and sunk ones replaced' },
  oil: { name: 'Wipe and oil', how: 'worked a few times, stored closed' },
  sharpen: { name: 'Sharpen', how: 'sent to the sharpener' },
  blade: { name: 'Service the blade', how: 'brushed out, oiled, sharpened or changed' },
  filter: { name: 'Clear the filter', how: 'washed, dry before it goes back' },
  fireCheck: { name: 'Fire check', how: 'cord, plug, vents, smell; unplugged for it' },
  disinfect: { name: 'Clean and disinfect', how: 'hair trap too; rinsed before the next dog' },
};
