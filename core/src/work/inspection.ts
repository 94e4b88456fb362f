/*
 * The daily inspection: hands over every dog, unusual things followed until they are closed, days on which nobody looked told.
 * Daily is common practice, and the law in some places; the log is the evidence.
 */
import { MOST_INSPECTIONS, MOST_LOOKS, MOST_OBSERVATIONS } from '../kennel/dogRecord.js';
import type { KennelDog } from '../kennel/dogRecord.js';
import type { WorkRecord } from '../kennel/kennelFile.js';
import type { Course, Severity, StepId } from '../kennel/vocabulary.js';
import { isHere } from '../programs/dogFacts.js';
import { BRUSHED_THROUGH } from '../programs/stepGroups.js';
import { addDays, daysBetween } from '../time/localDay.js';
import type { LocalDay } from '../time/localDay.js';
import { instantToMs, localDayOf } from '../time/zone.js';
import type { PersonId } from '../units/ids.js';

/** Something unusual about a dog, with the looks at it since. */
export type Observation = NonNullable<KennelDog['observations']>[number];

/** The part of a record that inspections change. */
export type InspectedRecord = Pick<KennelDog, 'inspected' | 'observations'>;

/** Steps whose hands and eyes go over the whole dog: an inspection beside them is merged into them (common practice). */
const LOOKS_OVER: ReadonlySet<StepId> = new Set<StepId>(['inspection', 'skinLook', 'keepUpBrush', ...BRUSHED_THROUGH]);

/** Days within which a finding is looked at again (engineering default; a vet's word goes before). */
export const DEFAULT_LOOK_DAYS: Readonly<Record<Severity, number>> = { watch: 3, soon: 1, now: 1 };

/** A record with an inspection of a day; two on one day are one. */
export function withInspected<R extends InspectedRecord>(record: R, day: LocalDay, by: PersonId | null): R {
  const others = (record.inspected ?? []).filter((i) => i.day !== day);
  const inspected = [...others, { day, ...(by === null ? {} : { by }) }].slice(-MOST_INSPECTIONS);
  return { ...record, inspected };
}

/** A record with something unusual found; the same where it is known already. Of too many the oldest closed one goes. */
export function withObservation<R extends InspectedRecord>(record: R, found: Observation): R {
  const known = record.observations ?? [];
  if (known.some((o) => o.id === found.id)) return record;
  const goes = known.length < MOST_OBSERVATIONS ? undefined : (known.find((o) => o.closedOn !== undefined) ?? known[0]);
  return { ...record, observations: [...known.filter((o) => o !== goes), found] };
}

/** A record with one more look at something unusual; null where it is not open. */
export function withLook<R extends InspectedRecord>(
  record: R,
  id: string,
  look: { readonly day: LocalDay; readonly course: Course; readonly by?: PersonId },
): R | null {
  return changed(record, id, (o) => ({ ...o, looks: [...(o.looks ?? []), look].slice(-MOST_LOOKS) }));
}

/** A record with something unusual closed: it is as usual again. Null where it is not open. */
export function withObservationClosed<R extends InspectedRecord>(record: R, id: string, day: LocalDay): R | null {
  return changed(record, id, (o) => ({ ...o, closedOn: day }));
}

function changed<R extends InspectedRecord>(record: R, id: string, make: (o: Observation) => Observation): R | null {
  const open = openObservations(record).find((o) => o.id === id);
  if (open === undefined) return null;
  return { ...record, observations: (record.observations ?? []).map((o) => (o === open ? make(o) : o)) };
}

const BY_SEVERITY: readonly Severity[] = ['now', 'soon', 'watch'];

/** Unusual things that are not closed, the most urgent first. */
export function openObservations({ observations = [] }: InspectedRecord): Observation[] {
  return observations
    .filter((o) => o.closedOn === undefined)
    .sort((x, y) => BY_SEVERITY.indexOf(x.severity) - BY_SEVERITY.indexOf(y.severity) || x.day.localeCompare(y.day));
}

/** Whether something unusual wants another look on a day: one that got worse does daily. */
export function isLookDue({ day, severity, looks = [] }: Observation, today: LocalDay): boolean {
  const last = looks.at(-1);
  const within = last?.course === 'worse' ? 1 : DEFAULT_LOOK_DAYS[severity];
  return daysBetween(last?.day ?? day, today) >= within;
}

/** The last day on which somebody looked a dog over, by its inspections and by finished work; null where nobody has. */
export function lastLooked(
  dog: Pick<KennelDog, 'id' | 'inspected'>,
  work: readonly WorkRecord[],
  zone: string,
): LocalDay | null {
  const days = work.flatMap((w) =>
    w.dogId === dog.id && w.state === 'done' && w.finishedAt !== undefined && LOOKS_OVER.has(w.step)
      ? [localDayOf(instantToMs(w.finishedAt), zone)]
      : [],
  );
  return [...(dog.inspected ?? []).map((i) => i.day), ...days].sort().at(-1) ?? null;
}

/** Days that are asked about: what was missed longer ago is not made good by a reminder. */
const REMINDED_DAYS = 7;

/**
 * Days before today on which a dog was here and nobody has looked it over since, oldest first, a week at most. A dog that nobody
 * has ever looked at has none: its record begins with the first look.
 */
export function missedDays(
  dog: Pick<KennelDog, 'id' | 'inspected' | 'stays'>,
  work: readonly WorkRecord[],
  zone: string,
  today: LocalDay,
): LocalDay[] {
  const last = lastLooked(dog, work, zone);
  if (last === null) return [];
  const gap = Math.min(REMINDED_DAYS, daysBetween(last, today) - 1);
  const days = Array.from({ length: Math.max(0, gap) }, (_, k) => addDays(today, -(gap - k)));
  return days.filter((day) => isHere(dog, day));
}
