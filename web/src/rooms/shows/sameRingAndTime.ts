/*
 * Entries in one ring at one time: one of the two is a slip, which nobody sees in a list of forty.
 */
interface InRing {
  readonly id: string;
  readonly ringId: string;
  readonly day: string;
  readonly ringTime: string;
}

/** The other entries in an entry's ring at its time, by entry. */
export function sameRingAndTime<E extends InRing>(entries: readonly E[]): ReadonlyMap<string, readonly E[]> {
  const at = (e: E): string => `${e.ringId} ${e.day} ${e.ringTime}`;
  return new Map(entries.map((e) => [e.id, entries.filter((o) => o.id !== e.id && at(o) === at(e))]));
}
