/*
 * Words of a what-if comparison: the change that is supposed, and what it would do.
 */
import { likelyWords } from './oddsWords.js';
import type { OddsChange, WhatIf, WhatIfChange } from '@loyal-mane/core';
import type { Names } from './names.js';
import { durationWords, weekdayWords } from './timeWords.js';

/** An entry, as people name it. */
export interface EntryName {
  readonly dog: string;
  readonly day: string;
}

/** "Bram on Friday"; the dog alone where the entry is gone, as after the change was made so. */
function entryWords({ dog, day }: EntryName, between = ''): string {
  return day === '' ? `${dog}${between}` : `${dog}${between} on ${weekdayWords(day)}`;
}

/** "Asta is away on Friday." */
export function supposedWords(change: WhatIfChange, names: Names, entry: (id: string) => EntryName): string {
  switch (change.kind) {
    case 'personAway':
      return `${names.first(change.personId)} is away on ${weekdayWords(change.day)}.`;
    case 'personStays':
      return `${names.first(change.personId)} stays until ${change.until} on ${weekdayWords(change.day)}.`;
    case 'stationClosed':
      return `${names.station(change.stationId)} is closed on ${weekdayWords(change.day)}.`;
    case 'stationOpen':
      return `${names.station(change.stationId)} is open again.`;
    case 'otherHandler':
      return `${names.first(change.personId)} shows ${entryWords(entry(change.entryId))}.`;
    case 'ringTime':
      return `${entryWords(entry(change.entryId), ` is judged at ${change.ringTime}`)}.`;
    case 'entryPulled':
      return `${entryWords(entry(change.entryId), ' is not shown')}.`;
  }
}

type Answer = Pick<WhatIf, 'before' | 'after'>;

/** How many entries would be ready, and how much overtime there would be. */
export function readyInsteadWords({ before, after }: Answer): string {
  const is = `${String(after.ready)} of ${String(after.of)} entries would be ready`;
  if (before.ready === after.ready && before.of === after.of) return `${is}, as many as now.`;
  return `${is}, now ${String(before.ready)} of ${String(before.of)}.`;
}

/** Overtime before and after a supposed change, in words. */
export function overtimeInsteadWords({ before, after }: Answer): string {
  const words = (minutes: number): string => (minutes === 0 ? 'none' : durationWords(minutes * 60_000));
  if (before.overtimeMin === after.overtimeMin) return `Overtime: ${words(after.overtimeMin)}, as now.`;
  return `Overtime: ${words(after.overtimeMin)}, now ${words(before.overtimeMin)}.`;
}

/** "Bram on Sunday: 47 % likely to be ready, now 99 %." */
export function oddsInsteadWords(change: OddsChange, entry: EntryName): string {
  const on = entryWords(entry);
  const { before, after } = change;
  const now = before === null ? 'now left out' : `now ${likelyWords(before)}`;
  return after === null
    ? `${on}: would be left out, ${now}.`
    : `${on}: ${likelyWords(after)} likely to be ready, ${now}.`;
}
