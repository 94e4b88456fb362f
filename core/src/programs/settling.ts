/*
 * Times learned of a dog's coat: when it is right after its bath, and how long a finish holds. Both are
 * logged, and move the bath's aim and the latest finish.
 */
import type { KennelDog } from '../kennel/dogRecord.js';
import type { Settled } from '../kennel/vocabulary.js';
import { median } from '../units/median.js';
import type { ProgramEdit } from './programEdit.js';

/** Logs looked at, newest first, and logs that must agree before a bath moves (engineering defaults). */
export const DEFAULT_SETTLE_LOGS = 5;
/** Of the last logs so many must agree before a dog's bath is moved (engineering default). */
export const DEFAULT_SETTLE_AGREE = 2;
/** Minutes from the end of the finish to the end of the ring that are not waiting: tidies, gate, ring. */
const FINISH_TO_RING_MIN = 45;
/** Waits between tidies and gate: the usual most (the finish then ends at most an hour before the gate), and the least. */
const USUAL_WAIT_MAX_MIN = 40;
const USUAL_WAIT_MIN = 15;
const LEAST_WAIT_MAX_MIN = 5;

/** When the coat is right after a bath, as most of its last logs have it; null while too few agree. */
export function settlesWhen(dog: Pick<KennelDog, 'settles'>): Settled | null {
  const last = [...(dog.settles ?? [])].sort((x, y) => y.day.localeCompare(x.day)).slice(0, DEFAULT_SETTLE_LOGS);
  const counts = new Map<Settled, number>();
  for (const s of last) counts.set(s.right, (counts.get(s.right) ?? 0) + 1);
  // Of equals the one seen last wins: a map keeps the order of first sight, newest first.
  const best = [...counts].reduce<[Settled, number] | null>((b, c) => (b === null || c[1] > b[1] ? c : b), null);
  return best === null || best[1] < DEFAULT_SETTLE_AGREE ? null : best[0];
}

/** Minutes that a finish holds: the median of the last logs; null where there are none. */
export function holdMinutes(dog: Pick<KennelDog, 'holds'>): number | null {
  const last = [...(dog.holds ?? [])].sort((x, y) => y.day.localeCompare(x.day)).slice(0, DEFAULT_SETTLE_LOGS);
  return median(last.map((h) => h.minutes));
}

/** Changes to the order of work from what was logged: the show bath's aim, and how late the finish may end. */
export function settlingEdits(dog: Pick<KennelDog, 'settles' | 'holds'>): ProgramEdit[] {
  const edits: ProgramEdit[] = [];
  const settles = settlesWhen(dog);
  if (settles === 'afterTwo') edits.push({ edit: 'shiftAim', days: -1 });
  if (settles === 'sameDay') edits.push({ edit: 'shiftAim', days: 1 });
  const hold = holdMinutes(dog);
  if (hold !== null) {
    const max = Math.max(LEAST_WAIT_MAX_MIN, Math.min(USUAL_WAIT_MAX_MIN, hold - FINISH_TO_RING_MIN));
    edits.push({ edit: 'lag', step: 'gate', min: Math.min(USUAL_WAIT_MIN, max), max, parts: ['showMorning'] });
  }
  return edits;
}
