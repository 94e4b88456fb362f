/*
 * A dog's way to its next show, zone by zone: what was measured, how it grows, what is wanted, and the session at which it is cut.
 */
import {
  DEFAULT_PUPPY_DAYS,
  daysBetween,
  grownMm,
  instantToMs,
  liftsOf,
  localDayOf,
  outlineOfDog,
  solvePoses,
  zoneAsks,
  zoneCuts,
} from '@loyal-mane/core';
import type {
  BodySide,
  CutAsk,
  LocalDay,
  OutlineAnswer,
  OutlineAsk,
  OutlineOfDog,
  Plan,
  PlannedActivity,
  StepId,
  ZoneCut,
  ZoneLift,
} from '@loyal-mane/core';
import type { Kennel } from '../../api/queries';
import { bornOf, kennelDogOf, libraryOf } from '../../parts/dogRecord';
import type { Dog } from '../../parts/dogRecord';
import type { OutlineDraft } from './useOutlineDraft';

/** Trims that shape the outline. */
const TRIMS: ReadonlySet<StepId> = new Set<StepId>([
  ...(['roughTrim', 'naturalTrim', 'fineTrim', 'shapeTrim', 'strip', 'throat', 'ears'] as const),
]);

/** The next show of a dog, and the trim before it. */
export interface WayToShow {
  readonly showDay: LocalDay;
  readonly session: PlannedActivity | null;
  readonly sessionDay: LocalDay;
  /** The judge as the entry has it, and how much flattery pays there, 0 to 1. */
  readonly judge: string | null;
  readonly flattery: number;
}

/** The way to a dog's next show; null where it is not entered. */
export function wayToShow(
  dog: Dog,
  kennel: Kennel,
  plan: Plan | null,
  zone: string,
  today: LocalDay,
): WayToShow | null {
  const next = kennel.entries
    .filter((e) => e.dogId === dog.id && e.day >= today)
    .sort((x, y) => x.day.localeCompare(y.day) || x.ringTime.localeCompare(y.ringTime))[0];
  if (next === undefined) return null;
  const showDay = next.day as LocalDay;
  const dayOf = (a: PlannedActivity): LocalDay => localDayOf(instantToMs(a.start), zone);
  const session =
    (plan?.activities ?? [])
      .filter((a) => a.dogId === dog.id && TRIMS.has(a.step) && a.state === 'planned' && dayOf(a) <= showDay)
      .sort((x, y) => x.start.localeCompare(y.start))[0] ?? null;
  const sessionDay = session === null || dayOf(session) < today ? today : dayOf(session);
  return { showDay, session, sessionDay, judge: next.judge ?? null, flattery: next.flattery ?? 1 };
}

/** Hair of every zone of one side of a dog with its growth; none for a breed that is not known. */
export function cutAsks(dog: Dog, kennel: Kennel, today: LocalDay, side: BodySide = 'left'): CutAsk[] {
  const library = libraryOf(kennel);
  const breed = library.breeds.get(dog.breed);
  if (breed === undefined) return [];
  const puppy = daysBetween(bornOf(dog), today) < DEFAULT_PUPPY_DAYS;
  return zoneAsks(kennelDogOf(dog), breed, library, today, puppy, side);
}

/** The outline of a dog as it is asked; null for a breed without a shape. */
export function outlineAskOf(
  dog: Dog,
  kennel: Kennel,
  zones: readonly CutAsk[],
  showDay: LocalDay,
  draft: OutlineDraft,
): OutlineOfDog | null {
  const library = libraryOf(kennel);
  const breed = library.breeds.get(dog.breed);
  return breed === undefined ? null : outlineOfDog(kennelDogOf(dog), breed, library, zones, showDay, draft);
}

/** The outline solved, with its cut list. */
export interface SolvedOutline {
  readonly answer: OutlineAnswer;
  /** Stations of the tail that the tail in movement decided. */
  readonly decidedMoving: readonly number[];
  readonly cuts: readonly ZoneCut[];
  /** Where product helps on the morning of the ring. */
  readonly lifts: readonly ZoneLift[];
}

/** Solves an outline for a way to a show; `start` are depths of an answer just before. */
export function solvedOutline(
  ask: OutlineAsk,
  sessionDay: LocalDay,
  movingTail: number | null,
  start?: readonly number[],
): SolvedOutline {
  const { answer, decidedMoving } = solvePoses(ask, movingTail, start);
  return { answer, decidedMoving, cuts: zoneCuts(answer, ask, sessionDay), lifts: liftsOf(answer) };
}

/** Length of a zone on a day if it is left alone, mm; null where nobody has measured. */
export function lengthOn({ measured, growth }: CutAsk, day: LocalDay): number | null {
  return measured === null ? null : grownMm(measured.mm, Math.max(0, daysBetween(measured.day, day)), growth);
}

const BY_STATE: readonly ZoneCut['row']['state'][] = ['takeOff', 'missing', 'right', 'locked', 'unknown'];

/** Zones that say something (measured, or wanted), what is to be done first, and how many nobody measured. */
export function shownCuts(cuts: readonly ZoneCut[]): { readonly shown: ZoneCut[]; readonly unmeasured: ZoneCut[] } {
  const isShown = ({ row }: ZoneCut): boolean => row.atSessionMm !== null || row.wantedMm !== null;
  return {
    shown: cuts.filter(isShown).sort((x, y) => BY_STATE.indexOf(x.row.state) - BY_STATE.indexOf(y.row.state)),
    unmeasured: cuts.filter((c) => !isShown(c) && c.isInView && c.row.why === null),
  };
}
