/*
 * The shapes in which the knowledge of the trade reaches the computation: breeds, steps, starting minutes and care
 * programs by coat class. The data itself lives in the library package; nothing here holds a number of its own.
 */
import type { BodyRow } from '../outline/bodyRow.js';
import type { GrowthPrior } from '../outline/hairGrowth.js';
import type { BreedStyles } from './breedStyles.js';
import type { ToolNeed } from './mayTrim.js';
import type { CoatClass } from '../coat/coatClass.js';
import type { TrimMap, TrimMapId } from '../coat/trimMap.js';
import type { ZoneId } from '../coat/zones.js';
import type { Skill, StationKind, StepId } from '../kennel/vocabulary.js';
import type { School } from './schools.js';
import type { CareProgram, MinutesRow } from './careProgram.js';

/** A breed, as the planner reads it. */
export interface BreedFacts {
  readonly name: string;
  readonly coat: CoatClass;
  /** Kind of trim within the class, "" where there is one only. */
  readonly variant: string;
  /** Id of the breed's badge in the sprite of silhouettes. */
  readonly badge: string;
  /** How feet are shown: "natural", "round, scissored". */
  readonly footStyle: string;
  /** How feet, ears, throat, head and tail are shown, and how the dog is set up. */
  readonly styles: BreedStyles;
  readonly trimMap: TrimMapId;
  /** Fringes that are never cut. */
  readonly fringes: ReadonlySet<ZoneId>;
  /** Zones left to grow on puppies and on dogs that grow coat. */
  readonly growOn: ReadonlySet<ZoneId>;
  /** Body length of a usual dog, cm; null where no height is known. */
  readonly lengthCm: number | null;
}

/** Skills, station, power and quiet that one step needs while it is done. */
export interface StepNeeds {
  /** Skill of the first person; null when nobody is needed. */
  readonly skill: Skill | null;
  /** Skill of a second person who is there all along. */
  readonly second: Skill | null;
  readonly station: StationKind | null;
  /** Amperes drawn from the station's circuit, at 230 V. */
  readonly amps: number;
  /** Minutes of clean-down of the station before another dog. */
  readonly cleanMin: number;
  /** Whether its minutes count to the dog's standing trim minutes of the day (CP-10). */
  readonly stands: boolean;
  /** Level at the operator's ear with hearing protection where it is worn, dBA; 0 = quiet. */
  readonly noiseDba: number;
  /** Whether its minutes count to the person's scissor minutes of the day. */
  readonly scissors: boolean;
  /** Whether a heavy dog needs a station with a ramp for it. */
  readonly lifts: boolean;
  /** Whether the dog is set up at its whole length, so that the station must be long enough. */
  readonly wholeLength: boolean;
}

/** Everything the computation reads from the library. */
export interface CareLibrary {
  /** Changes whenever any data in it changes. */
  readonly version: string;
  readonly breeds: ReadonlyMap<string, BreedFacts>;
  readonly steps: Readonly<Record<StepId, StepNeeds>>;
  readonly minutes: Readonly<Record<string, MinutesRow>>;
  readonly programs: Readonly<Record<CoatClass, CareProgram>>;
  readonly schools: readonly School[];
  /** Tools that a step needs on a class of coat; empty = none in particular. */
  readonly tools: (step: StepId, coat: CoatClass) => readonly ToolNeed[];
  readonly trimMaps: Readonly<Record<TrimMapId, TrimMap>>;
  /** Zones that are a step's business when it cuts; null for steps that cut nothing. */
  readonly stepZones: (step: StepId) => readonly ZoneId[] | 'all' | null;
  /** Share of the hair, 0 to 1, that a zone has on a class of coat, both sides. */
  readonly hairShare: (coat: CoatClass, zone: ZoneId) => number;
  /** Bodies by the badge of a breed, in heights at the withers. */
  readonly shapes: Readonly<Record<string, BodyRow>>;
  /** Growth of a zone before anything was measured on a dog. */
  readonly growthPrior: (coat: CoatClass, zone: ZoneId) => GrowthPrior;
  /** Standing trim minutes a day by coat class (CP-10 and its defaults). */
  readonly standMinutes: Readonly<Record<CoatClass, number>>;
  readonly puppyStandMinutes: number;
  /** Weeks between trims after which the work grows. */
  readonly trimIntervalWeeks: Readonly<Record<CoatClass, number>>;
}
