/*
 * Tasks that no longer hold, gathered by what broke them: a person who is not there, a station that does not serve, or
 * the dog itself. One line a cause, the soonest first.
 */
import type { PlanBreak } from '../plan/hold/planBreaks.js';
import type { LocalDay } from '../time/localDay.js';
import { instantToMs, localDayOf } from '../time/zone.js';
import { groupBy } from '../units/groupBy.js';

/** Breaks of one cause, in order of time. */
export interface BreakGroup<B extends PlanBreak = PlanBreak> {
  readonly of: 'person' | 'station' | 'dog' | 'behind';
  /** Id of the person, the station or the dog; empty for work that is behind. */
  readonly id: string;
  /** Local day of the first task; null for work that the plan lacks. */
  readonly day: LocalDay | null;
  readonly breaks: readonly B[];
  /** Dogs in it, each once. */
  readonly dogs: readonly string[];
}

/** So many dogs that are late at once are one matter: work is behind (engineering default). */
const MANY_LATE = 3;

/** Groups breaks by cause. `zone` is the kennel's IANA time zone. */
export function breakGroups<B extends PlanBreak>(breaks: readonly B[], zone: string): BreakGroup<B>[] {
  const late = breaks.filter((b) => b.code === 'late');
  const isBehind = late.length > MANY_LATE;
  const day = (b: B): LocalDay | null => (b.start === null ? null : localDayOf(instantToMs(b.start), zone));
  const causeOf = (b: B): string => {
    if (isBehind && b.code === 'late') return 'behind ';
    if (b.code === 'away' && b.personId !== null) return `person ${b.personId} ${day(b) ?? ''}`;
    if ((b.code === 'closed' || b.code === 'amperes') && b.stationId !== null)
      return `station ${b.stationId} ${day(b) ?? ''}`;
    return `dog ${b.dogId}`;
  };
  return [...groupBy(breaks, causeOf)].map(([cause, list]) => {
    const [of = 'dog', id = ''] = cause.split(' ');
    const first = list[0] as B;
    return {
      of: of as BreakGroup['of'],
      id,
      day: day(first),
      breaks: list,
      dogs: [...new Set(list.map((b) => b.dogId))],
    };
  });
}
