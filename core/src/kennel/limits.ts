/*
 * Limits of work that a kennel may set for itself, with what holds where it has not. Local law comes first.
 */
import { LOAD_CONSTANT_KG } from '../units/lifting.js';
import type { KennelFile } from './kennelFile.js';

/** Minutes with scissors a day where a person's record says nothing (engineering default: hands tire). */
export const DEFAULT_SCISSOR_MIN = 240;

/** Limits in minutes (hours where the name says so, kilograms for lifting); Infinity and 0 where one is lifted. */
export interface WorkLimits {
  /** Most work on a dog without a walk, and the walk. */
  readonly dogWorkMin: number;
  readonly dogWalkMin: number;
  /** Most work on a dog under a year without a pause. */
  readonly puppyWorkMin: number;
  /** Most work of a person without a rest, and the rest. */
  readonly personWorkMin: number;
  readonly personRestMin: number;
  /** Least hours from a person's last task of a day to the first of the next. */
  readonly nightRestHours: number;
  /** From this weight on nobody lifts a dog alone. */
  readonly liftKg: number;
}

/**
 * Where a kennel says nothing: walks, puppies and rests by common practice, eleven hours at night as working-time laws
 * often ask (from memory), lifting by the load constant of PUB-04.
 */
export const DEFAULT_WORK_LIMITS: WorkLimits = {
  dogWorkMin: 120,
  dogWalkMin: 15,
  puppyWorkMin: 10,
  personWorkMin: 270,
  personRestMin: 15,
  nightRestHours: 11,
  liftKg: LOAD_CONSTANT_KG,
};

/** The limits of a kennel. A limit of work that is set to 0 is lifted. */
export function workLimits(settings: KennelFile['settings']): WorkLimits {
  const d = DEFAULT_WORK_LIMITS;
  const orNone = (minutes: number): number => (minutes === 0 ? Infinity : minutes);
  return {
    dogWorkMin: orNone(settings.dogWorkMin ?? d.dogWorkMin),
    dogWalkMin: settings.dogWalkMin ?? d.dogWalkMin,
    puppyWorkMin: orNone(settings.puppyWorkMin ?? d.puppyWorkMin),
    personWorkMin: orNone(settings.personWorkMin ?? d.personWorkMin),
    personRestMin: settings.personRestMin ?? d.personRestMin,
    nightRestHours: settings.nightRestHours ?? d.nightRestHours,
    liftKg: settings.rampFromKg,
  };
}
