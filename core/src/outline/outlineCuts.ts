/*
 * The cut list of a solved outline: each station on its own, then a row for each zone with the range over its stations. A row with one
 * number could not hold half a millimeter over a zone that tapers.
 */
import { median } from '../units/median.js';
import type { LocalDay } from '../time/localDay.js';
import { cutList } from './cutList.js';
import type { CutAsk, CutRow } from './cutList.js';
import { hairOn } from './outlineModel.js';
import type { OutlineAnswer, OutlineAsk, StationAnswer, StationHair } from './outlineModel.js';
import { isUpright } from './outlineTarget.js';
import { withWidths } from './widthViews.js';

/** From least to most. */
export type MmRange = readonly [least: number, most: number];

/** A zone of the cut list; hair in mm. */
export interface ZoneCut {
  /** Lengths at the zone's measuring spot; state, what comes off and what is missing at its worst station. */
  readonly row: CutRow;
  /** Left at the measuring spot after the cut, mm; null where nothing is cut. */
  readonly spotMm: number | null;
  /** At the session, on the day and wanted then, over the zone's stations: hair tapers within a zone. Null where it is not known. */
  readonly along: { readonly atSession: MmRange; readonly onDay: MmRange; readonly wanted: MmRange } | null;
  /** Index of the station at which most comes off or most is missing; null for a zone that side view does not show. */
  readonly worst: number | null;
  /** Over the zone's stations; null where nothing is cut. */
  readonly takeOffMm: MmRange | null;
  readonly cutToMm: MmRange | null;
  readonly missingMm: MmRange | null;
  /** The same in mm of outline at the worst station, signed: off is below 0. */
  readonly outlineMm: number;
  /** Body outside the target, mm; hair cannot hide it. */
  readonly boneMm: number;
  /** Whether side view shows the zone. */
  readonly isInView: boolean;
  /** Hair lies or hangs so much that its outline is not its length: no cut is taken from the outline alone. */
  readonly isByHand: boolean;
}

/** Less reach than this and a millimeter of outline is more than three of hair. */
const BY_HAND_REACH = 0.3;

/** A cut of one station: what is left there at the session, mm of hair. */
export interface StationCut extends CutRow {
  readonly index: number;
}

/** The cut of each station whose hair is known. `sessionDay` is not after `showDay`. */
export function stationCuts(
  { stations }: OutlineAnswer,
  zones: readonly CutAsk[],
  sessionDay: LocalDay,
  showDay: LocalDay,
): StationCut[] {
  const answers = new Map(zones.map((z) => [z.zone, z.answer]));
  return stations.flatMap((s, index) => {
    const answer = answers.get(s.zone);
    if (s.isHidden || s.hair === null || answer === undefined) return [];
    const ask: CutAsk = { zone: s.zone, ...s.hair, wantedMm: wantedHair(s, s.hair, showDay), answer };
    return cutList([ask], sessionDay, showDay).map((row) => ({ ...row, index }));
  });
}

/**
 * Hair wanted at a station on the day: the target's where there is too little, so that it is missed, else as it is solved. Hair that the
 * floor alone shortens is not too little.
 */
function wantedHair(s: StationAnswer, hair: StationHair, showDay: LocalDay): number {
  const isShort = s.targetDepth > s.reach * hairOn(hair, showDay);
  return Math.max(0, isShort ? s.targetDepth : s.depth) / s.reach;
}

/**
 * A row for each zone, in the order in which zones are asked; zones that side view does not show are wanted as the views across the
 * body have them.
 */
export function zoneCuts(answer: OutlineAnswer, ask: OutlineAsk, sessionDay: LocalDay): ZoneCut[] {
  const { showDay } = ask;
  const zones = withWidths(ask, answer);
  const cuts = stationCuts(answer, zones, sessionDay, showDay);
  return zones.map((ask) => {
    const mine = cuts.filter((c) => c.zone === ask.zone);
    const isInView = answer.stations.some((s) => s.zone === ask.zone && !s.isHidden);
    const plain = plainZone(ask, isInView, sessionDay, showDay);
    return mine.length === 0 ? plain : zoneOf(plain.row, mine, answer);
  });
}

/** A zone that side view does not show, or nobody measured: by the length that a lead wants. */
function plainZone(ask: CutAsk, isInView: boolean, sessionDay: LocalDay, showDay: LocalDay): ZoneCut {
  const [row] = cutList([ask], sessionDay, showDay) as [CutRow];
  const one = (mm: number): MmRange | null => (mm > 0 ? [mm, mm] : null);
  return {
    row,
    spotMm: row.cutToMm,
    along: null,
    worst: null,
    takeOffMm: one(row.takeOffMm),
    cutToMm: row.cutToMm === null ? null : [row.cutToMm, row.cutToMm],
    missingMm: one(row.missingMm),
    outlineMm: 0,
    boneMm: 0,
    isInView,
    isByHand: false,
  };
}

function zoneOf(spot: CutRow, cuts: readonly StationCut[], { stations }: OutlineAnswer): ZoneCut {
  const off = cuts.filter((c) => c.state === 'takeOff');
  const missing = cuts.filter((c) => c.state === 'missing');
  const worst = [...cuts].sort((x, y) => y.takeOffMm + y.missingMm - (x.takeOffMm + x.missingMm))[0] as StationCut;
  const station = stations[worst.index] as StationAnswer;
  const { index: _, ...row } = worst;
  const atSpot = (of: readonly StationCut[], mm: (c: StationCut) => number | null): number | null =>
    median(numbersOf(of, (c) => (mm(c) ?? NaN) / (stations[c.index]?.profile ?? 1)));
  const { atSessionMm, onDayMm, onDayRange } = spot;
  return {
    row: { ...row, atSessionMm, onDayMm, onDayRange, wantedMm: atSpot(cuts, (c) => c.wantedMm) },
    spotMm: atSpot(off, (c) => c.cutToMm),
    along: alongOf(cuts),
    worst: worst.index,
    takeOffMm: rangeOf(off.map((c) => c.takeOffMm)),
    cutToMm: rangeOf(off.flatMap((c) => (c.cutToMm === null ? [] : [c.cutToMm]))),
    missingMm: rangeOf(missing.map((c) => c.missingMm)),
    outlineMm: (worst.missingMm - worst.takeOffMm) * station.reach,
    boneMm: Math.max(0, ...stations.filter((s) => s.zone === spot.zone && !s.isHidden).map((s) => s.boneMm)),
    isInView: true,
    isByHand: !isUpright(station) || station.reach < BY_HAND_REACH,
  };
}

function alongOf(cuts: readonly StationCut[]): ZoneCut['along'] {
  const atSession = rangeOf(numbersOf(cuts, (c) => c.atSessionMm));
  const onDay = rangeOf(numbersOf(cuts, (c) => c.onDayMm));
  const wanted = rangeOf(numbersOf(cuts, (c) => c.wantedMm));
  return atSession === null || onDay === null || wanted === null ? null : { atSession, onDay, wanted };
}

/** Numbers of stations, those that have none left aside. */
function numbersOf(cuts: readonly StationCut[], mm: (c: StationCut) => number | null): number[] {
  return cuts.map((c) => mm(c) ?? NaN).filter((x) => !Number.isNaN(x));
}

function rangeOf(values: readonly number[]): MmRange | null {
  return values.length === 0 ? null : [Math.min(...values), Math.max(...values)];
}
