/*
 * Starting minutes for a reference dog of 0.75 m2 (about 20 kg), adult, normal density, coat kept at its interval,
 * cooperative, experienced person. Engineering defaults (common practice, adjustable), chosen so that the loose checks
 * of common practice come out; logged work corrects them.
 */
import type { CoatColumn, MinuteScale, MinutesRow } from '@loyal-mane/core';

type By = Partial<Record<CoatColumn, number>>;
interface Traits {
  readonly brushing?: boolean;
  readonly dense?: boolean;
  readonly trim?: boolean;
  readonly wet?: 'bath' | 'dry';
}

function row(scale: MinuteScale, by: By, traits: Traits = {}): MinutesRow {
  return {
    scale,
    by,
    brushing: traits.brushing ?? false,
    dense: traits.dense ?? false,
    trim: traits.trim ?? false,
    wet: traits.wet ?? null,
  };
}

const all = (minutes: number): By => ({
  double: minutes,
  heavySheepdog: minutes,
  drop: minutes,
  scissored: minutes,
  jacketed: minutes,
  wire: minutes,
  smooth: minutes,
});
const brush: Traits = { brushing: true, dense: true };
const dense: Traits = { dense: true };
const trim: Traits = { trim: true };
const wash: Traits = { dense: true, wet: 'bath' };
const dry: Traits = { dense: true, wet: 'dry' };

/** Minutes of the reference dog by work and column of coat (common practice). */
export const MINUTES = {
  inspection: row('fixed', { ...all(3), heavySheepdog: 4 }),
  brushOut: row('whole', { double: 20, heavySheepdog: 74, drop: 30, scissored: 30, jacketed: 15, wire: 12 }, brush),
  mittClean: row('whole', { smooth: 6 }),
  preTreat: row('fixed', { double: 5, heavySheepdog: 6, drop: 4, scissored: 4, jacketed: 4 }),
  blowOutHeavy: row('whole', { double: 25 }, dense),
  blowOutLight: row('whole', { double: 10 }, dense),
  bath: row(
    'whole',
    { double: 32, heavySheepdog: 60, drop: 22, scissored: 28, jacketed: 15, wire: 14, smooth: 12 },
    wash,
  ),
  bathWhites: row('whole', { heavySheepdog: 20 }, wash),
  bathFurnishings: row('fixed', { wire: 10 }),
  condition: row('fixed', { double: 7, heavySheepdog: 7, drop: 6, scissored: 6, jacketed: 5 }),
  towel: row('zone', { double: 4, heavySheepdog: 6, drop: 4, scissored: 4, jacketed: 3, wire: 3, smooth: 4 }),
  forceDry: row('whole', { double: 35, scissored: 35, jacketed: 10 }, dry),
  heatDry: row('whole', { double: 20, heavySheepdog: 150, drop: 45, scissored: 30, jacketed: 25, wire: 12 }, dry),
  heatDryWhites: row('whole', { heavySheepdog: 28 }, dry),
  heatAgain: row('fixed', all(5)),
  dryCheck: row('zone', { double: 4, heavySheepdog: 6, drop: 4, scissored: 5, jacketed: 4, wire: 2 }),
  undercoatHeavy: row('whole', { double: 50 }, brush),
  undercoatLight: row('whole', { double: 12 }, brush),
  lineBrush: row('whole', { double: 12, heavySheepdog: 20, drop: 15, scissored: 8, jacketed: 8, wire: 6 }, brush),
  combThrough: row('zone', { double: 8, heavySheepdog: 14, drop: 12, scissored: 10, jacketed: 6, wire: 4 }, brush),
  clip: row('zone', { double: 6, heavySheepdog: 8, drop: 6, scissored: 18, jacketed: 6, wire: 8, smooth: 5 }),
  throat: row('zone', { jacketed: 8 }),
  throatThinned: row('zone', { jacketed: 14 }),
  whiskers: row('fixed', { jacketed: 3, smooth: 3 }),
  glands: row('fixed', all(4)),
  preTreatShort: row('fixed', { double: 5, heavySheepdog: 5, drop: 5, scissored: 5, jacketed: 5 }),
  nails: row('fixed', { double: 8, heavySheepdog: 10, drop: 7, scissored: 8, jacketed: 8, wire: 8, smooth: 8 }),
  upperEars: row('zone', { jacketed: 5 }),
  ears: row('zone', { double: 4, jacketed: 8 }, trim),
  naturalTrim: row('zone', { double: 14, jacketed: 18 }, trim),
  roughTrim: row('whole', { heavySheepdog: 18, scissored: 35, jacketed: 32 }, trim),
  fineTrim: row(
    'zone',
    { double: 8, heavySheepdog: 8, drop: 10, scissored: 35, jacketed: 26, wire: 16, smooth: 10 },
    trim,
  ),
  card: row('fixed', { jacketed: 15 }),
  strip: row('fixed', { wire: 30 }),
  towelSoak: row('fixed', { jacketed: 10 }),
  towelSet: row('fixed', { jacketed: 5 }),
  towelRelease: row('fixed', { jacketed: 6 }),
  outlineCheck: row('fixed', { double: 4, heavySheepdog: 4, drop: 4, scissored: 5, jacketed: 5, wire: 5, smooth: 3 }),
  wraps: row('zone', { drop: 15, scissored: 10 }),
  finish: row('zone', {
    double: 30,
    heavySheepdog: 32,
    drop: 35,
    scissored: 40,
    jacketed: 24,
    wire: 18,
    smooth: 8,
  }),
  tidies: row('fixed', { double: 5, heavySheepdog: 4, drop: 3, scissored: 8, jacketed: 6, wire: 5, smooth: 3 }),
  gate: row('fixed', { double: 10, heavySheepdog: 12, drop: 12, scissored: 12, jacketed: 10, wire: 8, smooth: 6 }),
  ring: row('fixed', all(15)),
  takedown: row('zone', { double: 12, heavySheepdog: 18, drop: 18, scissored: 20, jacketed: 12, wire: 8, smooth: 4 }),
  keepUpBrush: row(
    'whole',
    { double: 12, heavySheepdog: 74, drop: 18, scissored: 18, jacketed: 8, wire: 8, smooth: 4 },
    brush,
  ),
  shapeCheck: row('fixed', all(5)),
  spotWash: row('fixed', all(8)),
  // A smooth coat gets a cloth and shine.
  touchUp: row('fixed', { ...all(15), scissored: 25, smooth: 2 }),
  dressing: row('fixed', all(4)),
  knots: row('fixed', all(5)),
  lesson: row('fixed', all(8)),
  practice: row('fixed', all(45)),
  load: row('fixed', all(3)),
  bag: row('fixed', all(4)),
  winnersHold: row('fixed', all(10)),
} as const satisfies Record<string, MinutesRow>;

/** A row of the table of minutes. */
export type MinutesKey = keyof typeof MINUTES;
