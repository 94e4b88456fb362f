/*
 * The outline of one dog on its way to a show: the coat line now, on the day if it is left alone, and wanted; how deep the coat is to be
 * at each station, solved for the balance of the whole.
 */
import type { CoatClass } from '../coat/coatClass.js';
import type { ZoneId } from '../coat/zones.js';
import { DEFAULT_PULLS, balanceRows } from './balanceRows.js';
import type { BalancePulls } from './balanceRows.js';
import type { BodyRow } from './bodyRow.js';
import { solveBoundedSquares } from './boundedSquares.js';
import type { BoundedSquares } from './boundedSquares.js';
import { correctedBody, hairFactor } from './corrections.js';
import type { CorrectionAmounts } from './corrections.js';
import type { CutAsk } from './cutList.js';
import { depthsWithLines, floorRise } from './outlineLines.js';
import type { SetLines } from './outlineLines.js';
import { grownMm } from './hairGrowth.js';
import type { Growth, MeasuredHair } from './hairGrowth.js';
import { aboveFloor, targetBodies, targetDepths, targetStations } from './outlineTarget.js';
import { stationsOf } from './stations.js';
import type { Station } from './stations.js';
import type { LocalDay } from '../time/localDay.js';
import { daysBetween } from '../time/localDay.js';
import { median } from '../units/median.js';

/** A dog's outline as it is asked: body, breed, hair, the day of the show. */
export interface OutlineAsk {
  /** The dog's own body, in heights at the withers. */
  readonly body: BodyRow;
  /** The breed's, with the hair that it shows. */
  readonly breed: BodyRow;
  readonly coat: CoatClass;
  /** Height at the withers, mm. */
  readonly heightMm: number;
  /**
   * Hair by zone, measured at the zone's spot; zones that nobody measured are taken to be as the target wants them, and told as not
   * known. A wanted length of a zone takes the place of the breed's.
   */
  readonly zones: readonly CutAsk[];
  readonly showDay: LocalDay;
  readonly corrections: CorrectionAmounts;
  /** Lines that were set by hand; the breed's where absent. */
  readonly lines?: SetLines;
  readonly pulls?: BalancePulls;
}

/** One station of the answer; depths in mm of outline, lengths in mm of hair. */
export interface StationAnswer extends Station {
  /** Hair of the zone as it is here; null where nobody measured it. */
  readonly hair: StationHair | null;
  readonly isLocked: boolean;
  /** Depth on the day if it is left alone, above the floor; the target's where nobody measured. */
  readonly onDayDepth: number;
  /** Depth that the target wants; negative where the body lies outside it. */
  readonly targetDepth: number;
  /** Depth on the day as it is solved. */
  readonly depth: number;
  /** Hair here for a millimeter at the zone's measuring spot. */
  readonly profile: number;
  /** Body that lies outside the target, mm: no cut hides it. */
  readonly boneMm: number;
}

/** Hair at one station: what was measured at the zone's spot, brought here. */
export interface StationHair {
  readonly measured: MeasuredHair;
  readonly growth: Growth;
}

/** The solved outline. */
export interface OutlineAnswer {
  readonly stations: readonly StationAnswer[];
  /** Stations of the target's body, and the depths on them that draw the wanted line. */
  readonly target: readonly Station[];
  readonly targetTips: readonly number[];
  /** Least value of the balance, mm squared, and how far one exact step would still move, mm. */
  readonly objective: number;
  readonly residualMm: number;
  readonly sweeps: number;
}

/** Hair that covers the skin, mm. */
const SKIN_MM = 3;
/** The measuring spot's profile is kept within this. */
const LEAST_PROFILE = 0.15;
const MOST_PROFILE = 2.5;
/** Less than this of body outside the target is not told. */
const TOLD_MM = 0.5;

/** Everything about one dog's outline; `start` takes up the depths of an answer just before, which is faster. */
export function solveOutline(ask: OutlineAsk, start?: readonly number[]): OutlineAnswer {
  const parts = outlineProblem(ask);
  const { stations, target, tips, depths, problem, known } = parts;
  const at = start?.length === stations.length ? start.map((d, i) => d - (depths[i] as number)) : undefined;
  const solved = solveBoundedSquares(problem, at);
  return {
    stations: stations.map((s, i): StationAnswer => {
      const targetDepth = depths[i] as number;
      const hair = known[i] ?? null;
      const depth = targetDepth + (solved.x[i] as number);
      // Each property by its name: copying the whole station this many times takes longer than the solver.
      return {
        part: s.part,
        zone: s.zone,
        root: s.root,
        normal: s.normal,
        lie: s.lie,
        hangs: s.hangs,
        reach: s.reach,
        breedDepth: s.breedDepth,
        isHidden: s.isHidden,
        isCorner: s.isCorner,
        hair: hair?.hair ?? null,
        isLocked: hair?.isLocked === true,
        onDayDepth: hair === null ? Math.max(0, targetDepth) : (parts.most[i] as number),
        targetDepth,
        depth,
        profile: parts.profiles[i] as number,
        boneMm: -targetDepth > TOLD_MM ? -targetDepth : 0,
      };
    }),
    target,
    targetTips: tips,
    objective: solved.objective,
    residualMm: solved.residual,
    sweeps: solved.sweeps,
  };
}

/** The problem itself, for those who check it with a solver of their own. Variables are deviations from `depths`. */
export function outlineProblem(ask: OutlineAsk) {
  const { body, breed, coat, heightMm, corrections } = ask;
  const zones = new Map(ask.zones.map((z) => [z.zone, z]));
  const stations = stationsOf({ ...body, hair: breed.hair, floor: breed.floor }, coat, heightMm);
  const bodies = targetBodies(body, breed, (b) => correctedBody(b, corrections));
  const target = targetStations(bodies, coat, heightMm);
  const profiles = profilesOf(target);
  const { lines = {} } = ask;
  const floorMm = Math.max(0, breed.floor * heightMm + floorRise(lines));
  const byHair = target.map((s, i) => {
    const own = zones.get(s.zone)?.wantedMm ?? null;
    return own === null ? s.breedDepth * hairFactor(s.zone, corrections) : own * (profiles[i] as number) * s.reach;
  });
  const tips = aboveFloor(target, depthsWithLines(target, byHair, lines), floorMm);
  const depths = targetDepths(stations, target, tips, heightMm);
  const known = stations.map((s, i) => knownHair(s, zones.get(s.zone), profiles[i] as number, ask.showDay));
  const most = aboveFloor(
    stations,
    known.map((k) => k?.onDay ?? 0),
    floorMm,
  );
  const bounds = stations.map((s, i): readonly [number, number] => {
    const t = depths[i] as number;
    const k = known[i] ?? null;
    if (s.isHidden || k === null) return [Math.max(0, -t), Math.max(0, -t)];
    const high = most[i] as number;
    const low = k.isLocked ? high : Math.min(high, s.reach * SKIN_MM, Math.max(0, t));
    return [low - t, high - t];
  });
  const problem: BoundedSquares = {
    rows: balanceRows(stations, depths, heightMm, ask.pulls ?? DEFAULT_PULLS),
    low: bounds.map((b) => b[0]),
    high: bounds.map((b) => b[1]),
  };
  return { stations, target, tips, depths, profiles, known, most, problem };
}

interface KnownHair {
  readonly hair: StationHair;
  /** Depth on the day if it is left alone, mm of outline. */
  readonly onDay: number;
  readonly isLocked: boolean;
}

/** Hair of a zone as it is at a station; null where nobody measured the zone. */
function knownHair({ reach }: Station, zone: CutAsk | undefined, profile: number, showDay: LocalDay): KnownHair | null {
  if (zone === undefined || zone.measured === null) return null;
  const { day, mm } = zone.measured;
  const hair: StationHair = {
    measured: { day, mm: mm * profile },
    growth: { ...zone.growth, mostMm: zone.growth.mostMm * Math.max(1, profile) },
  };
  return { hair, onDay: reach * hairOn(hair, showDay), isLocked: !zone.answer.ok };
}

/** Length of a station's hair on a day if it is left alone, mm. */
export function hairOn({ measured, growth }: StationHair, day: LocalDay): number {
  return grownMm(measured.mm, Math.max(0, daysBetween(measured.day, day)), growth);
}

/** Depths of the coat on a day if it is left alone, mm of outline; where nobody measured, the target's. */
export function coatDepthsOn(stations: readonly StationAnswer[], day: LocalDay, floorMm: number): number[] {
  const depths = stations.map((s) => (s.hair === null ? Math.max(0, s.targetDepth) : s.reach * hairOn(s.hair, day)));
  return aboveFloor(stations, depths, floorMm);
}

/** Zones that are measured where their hair is longest; others in their middle. */
export const MEASURED_LONGEST: readonly ZoneId[] = [
  ...(['tail', 'tailTip', 'underline', 'breeches', 'foreFeather', 'beard', 'earSurface'] as const),
];

/** Hair at each station for a millimeter at its zone's measuring spot, by the breed's own hair. */
function profilesOf(stations: readonly Station[]): number[] {
  const lengths = stations.map((s) => s.breedDepth / s.reach);
  const spots = new Map<ZoneId, number>();
  for (const zone of new Set(stations.map((s) => s.zone))) {
    const mine = lengths.filter((_, i) => stations[i]?.zone === zone && !stations[i].isHidden);
    spots.set(zone, MEASURED_LONGEST.includes(zone) ? Math.max(0, ...mine) : (median(mine) ?? 0));
  }
  return stations.map((s, i) => {
    const spot = spots.get(s.zone) ?? 0;
    if (spot < 1) return 1;
    return Math.min(MOST_PROFILE, Math.max(LEAST_PROFILE, (lengths[i] as number) / spot));
  });
}
