/*
 * Lengths that were measured in the zones of a trim, newest first: what was left last time is where the shears begin.
 */
import type { StepId, ZoneId } from '@loyal-mane/core';
import { STEP_ZONES, ZONE_NAMES } from '@loyal-mane/library';
import { monthDay } from '@loyal-mane/library/words';
import { recordOf } from '../../parts/dogRecord';
import type { Dog } from '../../parts/dogRecord';
import { useRooms } from '../../parts/useRooms';

const MOST_SHOWN = 6;

interface Length {
  readonly zone: ZoneId;
  readonly mm: number;
  readonly day: string;
  readonly by?: string;
  readonly why?: string;
}

/** The newest measure of each zone that a step cuts, the newest day first. */
export function lastLengths(dog: Dog, step: StepId): readonly Length[] {
  const zones = STEP_ZONES[step];
  if (zones === undefined) return [];
  const newest = new Map<ZoneId, Length>();
  for (const length of recordOf(dog).lengths ?? []) {
    const known = newest.get(length.zone);
    const isHere = zones === 'all' || zones.includes(length.zone);
    if (isHere && (known === undefined || known.day <= length.day)) newest.set(length.zone, length);
  }
  return [...newest.values()].sort((x, y) => y.day.localeCompare(x.day)).slice(0, MOST_SHOWN);
}

/** One line beside a trim; nothing where nobody has measured. */
export function LastLengths({ dog, step }: { readonly dog: Dog; readonly step: StepId }) {
  const { names } = useRooms();
  const lengths = lastLengths(dog, step);
  if (lengths.length === 0) return null;
  return (
    <p className="short-time">
      Last measured:{' '}
      {lengths.map(({ zone, mm, day, by, why }, k) => (
        <span key={zone}>
          {k === 0 ? '' : ', '}
          {ZONE_NAMES[zone]} <b>{mm} mm</b> ({monthDay(day)}
          {by === undefined ? '' : `, ${names.person(by)}`}){why === undefined ? '' : `, because ${why}`}
        </span>
      ))}
    </p>
  );
}
