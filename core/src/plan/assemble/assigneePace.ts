/*
 * Minutes of a session at the pace of whoever does it, against the middle of those who may.
 */
import { atPace } from '../../programs/estimate.js';
import type { Estimate } from '../../programs/estimate.js';
import type { StepId } from '../../kennel/vocabulary.js';
import type { WhoMay } from './outOfOrder.js';
import type { PlanInput } from './planInput.js';
import { slotsInRun } from './roundedRun.js';

/** Factors on the minutes of a step, by person index, against the middle of those who may do it; empty = all alike. */
export function pacesOf(input: PlanInput, step: StepId, who: WhoMay): ReadonlyMap<number, number> {
  const own = factorsOf(input, step, who);
  if (own.every((factor) => factor === own[0])) return new Map();
  const middle = middlePace(input, step, who);
  return new Map(who.may.map((p, k) => [p, (own[k] as number) / middle]));
}

/** Middle factor of those who may do a step, on the log scale; 1 where nobody may. */
export function middlePace(input: PlanInput, step: StepId, who: WhoMay): number {
  const own = factorsOf(input, step, who);
  return own.length === 0 ? 1 : Math.exp(own.reduce((sum, factor) => sum + Math.log(factor), 0) / own.length);
}

function factorsOf(input: PlanInput, step: StepId, who: WhoMay): number[] {
  return who.may.map((p) => input.pace.person(input.kennel.people[p]?.id ?? '', step).factor);
}

/** A session as one of those who may does it: minutes, and who else has the same. */
export interface PacedSession {
  readonly minutes: Estimate;
  readonly who: WhoMay;
  /** Attended slots by person index; empty where all are alike. */
  readonly attended: ReadonlyMap<number, number>;
}

/** Minutes and people of one session, at the pace of its former assignee, or else at the middle one. */
export function sessionAtPace(
  session: {
    readonly minutes: Estimate;
    readonly sessions: number;
    readonly careful: boolean;
    readonly most: number;
    /** Minutes that the steps before it in its run have too many. */
    readonly carriedMin: number;
  },
  who: WhoMay,
  paces: ReadonlyMap<number, number>,
  assignee: number | undefined,
): PacedSession {
  const { minutes, sessions, careful, most, carriedMin } = session;
  const planned = (careful ? minutes.p80Min : minutes.middleMin) / sessions;
  // A slower person stops where the dog has stood its minutes.
  const attended = new Map(
    [...paces].map(([p, ratio]) => [p, slotsInRun(Math.min(planned * ratio, most), carriedMin, most, careful)]),
  );
  const ratio = assignee === undefined ? undefined : paces.get(assignee);
  if (assignee === undefined || ratio === undefined) return { minutes, who, attended };
  const factor = Math.min(ratio, most / planned);
  return {
    minutes: atPace(minutes, { factor, logs: minutes.logs }),
    who: { ...who, allowed: who.may.filter((p) => attended.get(p) === attended.get(assignee)) },
    attended,
  };
}
