/* Asks of an outline for tests: a dog of a breed, and the hair of a zone. */
import type { BodyRow, CutAsk, LocalDay, OutlineAsk } from '@loyal-mane/core';

export const SHOW_DAY = '2026-06-20' as LocalDay;

/** Hair of a zone measured on the day of the show, mm. */
export const zoneAsk = (zone: CutAsk['zone'], mm: number, more: Partial<CutAsk> = {}): CutAsk => ({
  zone,
  measured: { day: SHOW_DAY, mm },
  growth: { mmPerDay: 0.3, mostMm: 300, low: 0.2, high: 0.4, spans: 0 },
  wantedMm: null,
  answer: { ok: true, how: 'shaped' },
  ...more,
});

/** A scissored dog of 500 mm with its breed's own body; `more` says what differs. */
export const dogAsk = (breed: BodyRow, more: Partial<OutlineAsk> = {}): OutlineAsk => ({
  body: breed,
  breed,
  coat: 'scissored',
  heightMm: 500,
  zones: [],
  showDay: SHOW_DAY,
  corrections: {},
  ...more,
});
