/*
 * Meters of a day: a dog's patience, a person's hearing and hands so far, reckoned from the records of the day, tasks
 * that run included. Advice for people; the limits of plans are their own.
 */
import type { WorkRecord } from '../kennel/kennelFile.js';
import { allowedNoiseMin, noiseDosePercent, regulatoryNoisePercent } from '../programs/noiseDose.js';
import type { CareLibrary } from '../programs/careLibrary.js';
import type { LocalDay } from '../time/localDay.js';
import { instantToMs, localDayOf } from '../time/zone.js';
import { workedMs } from '../plan/assemble/stepDrafts.js';

const MINUTE_MS = 60_000;

/** Whose records, of which day, until when. */
export interface MeterAsk {
  readonly work: readonly WorkRecord[];
  readonly library: Pick<CareLibrary, 'steps'>;
  readonly zone: string;
  /** Unix milliseconds; the day is that of this moment. */
  readonly nowMs: number;
}

function ofToday({ work, zone, nowMs }: MeterAsk): readonly WorkRecord[] {
  const today: LocalDay = localDayOf(nowMs, zone);
  return work.filter((w) => w.startedAt !== undefined && localDayOf(instantToMs(w.startedAt), zone) === today);
}

function minutesOf(records: readonly WorkRecord[], nowMs: number): number {
  return records.reduce((sum, w) => sum + workedMs(w, nowMs), 0) / MINUTE_MS;
}

/** Minutes that a dog has stood today for work that it has to stand for. */
export function stoodMinutes(ask: MeterAsk, dogId: string): number {
  const mine = ofToday(ask).filter((w) => w.dogId === dogId && ask.library.steps[w.step].stands);
  return minutesOf(mine, ask.nowMs);
}

/** Minutes that a person has worked with scissors today. */
export function scissorMinutes(ask: MeterAsk, personId: string): number {
  const mine = ofToday(ask).filter((w) => w.personId === personId && ask.library.steps[w.step].scissors);
  return minutesOf(mine, ask.nowMs);
}

/** Percent of a day's noise, hearing protection counted. */
export interface NoiseToday {
  /** By the recommended limit (PUB-02). */
  readonly recommended: number;
  /** By the regulatory limit (PUB-03). */
  readonly regulatory: number;
}

/** Noise that a person has had today. */
export function noiseToday(ask: MeterAsk, personId: string): NoiseToday {
  const mine = ofToday(ask).filter((w) => w.personId === personId);
  const sum = (percent: (levelDba: number, minutes: number) => number): number =>
    mine.reduce((all, w) => all + percent(ask.library.steps[w.step].noiseDba, minutesOf([w], ask.nowMs)), 0);
  return { recommended: sum(noiseDosePercent), regulatory: sum(regulatoryNoisePercent) };
}

/** Minutes at a level that are left of a day by the recommended limit; 0 when none are. */
export function noiseMinutesLeft(percent: number, levelDba: number): number {
  return Math.max(0, ((100 - percent) / 100) * allowedNoiseMin(levelDba));
}
