/*
 * Unusual ways of a plan: baths at the show, dogs that two people lift, days that gave way.
 */
import type { Schedule } from '@loyal-mane/engine';
import { SLOT_MS } from '../../time/slotGrid.js';
import type { Assembled } from '../assemble/assemble.js';
import type { ChainDraft } from '../assemble/chains.js';
import { forceBefore } from '../../programs/heatLater.js';
import type { ChainWay, Way } from '../assemble/ways.js';
import type { PlanNote, WayNote } from '../plan.js';

const DAY_MS = 24 * 3_600_000;
/** From the work before it to the heat nobody waits longer where it goes in one run, in slots (15 min). */
const USUAL_WAIT = 3;

/** The chains with a place that are not done in the usual way. */
export function waysTaken(assembled: Assembled, schedule: Schedule): ChainWay[] {
  return taken(assembled, schedule).map(({ draft, way }) => ({
    key: draft.key,
    dogId: draft.dogId,
    entryId: draft.entryId,
    ...way,
  }));
}

/** The same in notes for people, one entry's after the other. */
export function wayNotes(assembled: Assembled, schedule: Schedule): PlanNote[] {
  return taken(assembled, schedule).flatMap(({ draft, way, first }): PlanNote[] => {
    const { entryId, dogId } = draft;
    if (entryId === null) return [];
    const later = way.heatLater === true && isHeatPutOff(assembled, schedule, draft, first);
    const put = later ? [{ code: 'heatLater' } as const] : [];
    return [...noteOf(way), ...put, ...given(assembled, schedule, draft, first)].map((note) => ({
      dogId,
      entryId,
      note,
    }));
  });
}

interface Taken {
  readonly draft: ChainDraft;
  readonly way: Way;
  /** Index of the chain's first task. */
  readonly first: number;
}

function taken({ drafts, input, problem }: Assembled, schedule: Schedule): Taken[] {
  return drafts.flatMap((draft, c): Taken[] => {
    const way = input.ways.get(draft.key);
    const first = problem.chains[c]?.acts[0];
    if (way === undefined || first === undefined || (schedule[first] ?? null) === null) return [];
    return [{ draft, way, first }];
  });
}

function noteOf(way: Way): WayNote[] {
  return [
    ...(way.bath === 'home'
      ? []
      : [{ code: 'bathAtSite', when: way.bath === 'siteMorning' ? 'morning' : 'dayBefore' } as const]),
    ...(way.twoLift ? [{ code: 'liftedByTwo' } as const] : []),
  ];
}

/** Whether heat drying that is still to come waits longer than the usual run from tub to dry coat lets it. */
function isHeatPutOff({ problem }: Assembled, schedule: Schedule, { steps }: ChainDraft, first: number): boolean {
  const programSteps = steps.map((s) => s.step);
  return steps.some((s, k) => {
    const [before, place] = [schedule[first + k - 1] ?? null, schedule[first + k] ?? null];
    if (s.fixed !== null || before === null || place === null || forceBefore(programSteps, k) === null) return false;
    const ended = before.start + (problem.activities[first + k - 1]?.duration ?? 0);
    return place.start - ended > USUAL_WAIT;
  });
}

/** Steps that lie outside the days that are wanted, each step once. */
function given({ problem, input }: Assembled, schedule: Schedule, draft: ChainDraft, first: number): WayNote[] {
  const notes = draft.steps.flatMap((s, k): WayNote[] => {
    const place = schedule[first + k] ?? null;
    const task = problem.activities[first + k];
    if (place === null || task === undefined || task.fixed !== null) return [];
    const startMs = input.grid.msOf(place.start);
    const endMs = startMs + task.duration * SLOT_MS;
    const days = (ms: number): number => Math.ceil(ms / DAY_MS);
    const code = 'windowGave' as const;
    const { step } = s.step;
    if (startMs < s.wanted.fromMs) return [{ code, step, towards: 'earlier', days: days(s.wanted.fromMs - startMs) }];
    if (endMs > s.wanted.toMs) return [{ code, step, towards: 'later', days: days(endMs - s.wanted.toMs) }];
    return [];
  });
  return notes.filter(
    (n, k) => notes.findIndex((m) => m.code === n.code && 'step' in m && 'step' in n && m.step === n.step) === k,
  );
}
