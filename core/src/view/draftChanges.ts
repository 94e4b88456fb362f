/*
 * The changes of a draft, told by dog and the worst first: who loses a place, whose work goes to other hands, into
 * overtime, or close to its last moment.
 */
import type { Plan, PlannedActivity } from '../plan/plan.js';
import { comparePlans } from '../plan/plan.js';
import type { LocalDay, WallTime } from '../time/localDay.js';
import { instantToMs, wallToMs } from '../time/zone.js';
import { groupBy } from '../units/groupBy.js';

/** One task that a draft has elsewhere. */
export interface DraftMove {
  readonly from: PlannedActivity;
  readonly to: PlannedActivity;
  readonly otherPeople: boolean;
  /** Attended minutes of it after the end of somebody's shift, beyond those it had. */
  readonly overtimeMin: number;
  /** How much later than planned it could begin, minutes; null where nothing tells. */
  readonly spareMin: number | null;
}

/** The changes of a draft for one dog. */
export interface DraftDog {
  readonly dogId: string;
  /** It has a place only before, or only after. */
  readonly fate: 'lost' | 'gained' | 'same';
  readonly moves: readonly DraftMove[];
  /** Tasks that are new, and tasks that fall away. */
  readonly added: readonly PlannedActivity[];
  readonly removed: readonly PlannedActivity[];
  readonly overtimeMin: number;
}

/** Shifts as rooms and the kennel file have them. */
export interface DraftShift {
  readonly personId: string;
  readonly day: string;
  readonly end: string;
  readonly overtimeEnd: string;
}

/** By dog, the worst first: lost places, overtime, other people, how far tasks move. `zone`: the kennel's IANA zone. */
export function draftChanges(
  published: Plan | null,
  draft: Plan,
  shifts: readonly DraftShift[],
  zone: string,
): DraftDog[] {
  const { added, removed, updated } = comparePlans(published, draft);
  const before = new Map((published?.activities ?? []).map((a) => [a.key, a]));
  const after = new Map(draft.activities.map((a) => [a.key, a]));
  const overtime = overtimeOf(shifts, zone);
  const moves = updated.map(({ from, to }) => moveOf(from, to, overtime(to) - overtime(from)));
  const list = (keys: typeof added, of: typeof after): PlannedActivity[] => keys.flatMap((k) => of.get(k) ?? []);
  const byDog = {
    moves: groupBy(moves, (m) => m.to.dogId as string),
    added: groupBy(list(added, after), (a) => a.dogId as string),
    removed: groupBy(list(removed, before), (a) => a.dogId as string),
  };
  const fates = fatesOf(published, draft);
  const ids = new Set([...byDog.moves.keys(), ...byDog.added.keys(), ...byDog.removed.keys(), ...fates.keys()]);
  return [...ids]
    .map((dogId): DraftDog => {
      const mine = byDog.moves.get(dogId) ?? [];
      return {
        dogId,
        fate: fates.get(dogId) ?? 'same',
        moves: [...mine].sort((x, y) => badness(y) - badness(x)),
        added: byDog.added.get(dogId) ?? [],
        removed: byDog.removed.get(dogId) ?? [],
        overtimeMin: mine.reduce((sum, m) => sum + m.overtimeMin, 0),
      };
    })
    .sort((x, y) => dogBadness(y) - dogBadness(x) || x.dogId.localeCompare(y.dogId));
}

function moveOf(from: PlannedActivity, to: PlannedActivity, overtimeMin: number): DraftMove {
  const spareMin = to.latest === null ? null : (instantToMs(to.latest) - instantToMs(to.start)) / 60_000;
  return { from, to, otherPeople: from.people.join() !== to.people.join(), overtimeMin, spareMin };
}

/** Dogs whose show entries have a place only in one of the two plans. */
function fatesOf(published: Plan | null, draft: Plan): Map<string, 'lost' | 'gained'> {
  const out = (plan: Plan | null): Set<string> =>
    new Set((plan?.unplaced ?? []).filter((u) => u.kind === 'show').map((u) => u.dogId));
  const [was, is] = [out(published), out(draft)];
  return new Map([
    ...[...is].filter((id) => !was.has(id)).map((id) => [id, 'lost'] as const),
    ...(published === null ? [] : [...was].filter((id) => !is.has(id)).map((id) => [id, 'gained'] as const)),
  ]);
}

function overtimeOf(shifts: readonly DraftShift[], zone: string): (a: PlannedActivity) => number {
  const byPerson = groupBy(shifts, (s) => s.personId);
  return (a) => {
    const [from, to] = [instantToMs(a.start), instantToMs(a.attendedUntil)];
    let minutes = 0;
    for (const person of a.people) {
      for (const s of byPerson.get(person) ?? []) {
        const end = wallToMs(s.day as LocalDay, s.end as WallTime, zone);
        const last = wallToMs(s.day as LocalDay, s.overtimeEnd as WallTime, zone);
        minutes += Math.max(0, Math.min(last, to) - Math.max(end, from)) / 60_000;
      }
    }
    return minutes;
  };
}

/** Overtime weighs more than other hands, and other hands more than another hour of the same day. */
function badness(m: DraftMove): number {
  const hours = Math.abs(instantToMs(m.to.start) - instantToMs(m.from.start)) / 3_600_000;
  return m.overtimeMin * 10 + (m.otherPeople ? 100 : 0) + Math.min(90, hours);
}

const FATES = { lost: 1e6, same: 0, gained: -1e6 } as const;

function dogBadness(d: DraftDog): number {
  return FATES[d.fate] + d.moves.reduce((sum, m) => sum + badness(m), 0) + d.removed.length;
}
