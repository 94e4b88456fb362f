/*
 * Where to brush when there is only half the time: the parts in which most knots are to be expected.
 */
import { shortBrush } from '@loyal-mane/core';
import type { LocalDay } from '@loyal-mane/core';
import { HAIR_SHARES } from '@loyal-mane/library';
import type { DogPart } from '@loyal-mane/library';
import type { Dog } from '../../parts/dogRecord';
import { useKnots } from '../../parts/useKnots';

const HALF = 0.5;

interface Props {
  readonly dog: Dog;
  readonly parts: readonly DogPart[];
  readonly today: LocalDay;
}

/** One line under the chips of a keep-up brushing; nothing for coats that do not knot. */
export function ShortTime({ dog, parts, today }: Props) {
  const knots = useKnots(dog, today);
  if (knots === null) return null;
  const short = shortBrush(parts, knots, HAIR_SHARES[dog.coat], HALF);
  if (short.parts.length === 0) return null;
  const names = short.parts.map((p) => p.name.toLowerCase()).join(', ');
  return (
    <p className="short-time">
      Only half the time? <b>{names}</b>: {Math.round(short.share * 10)} of 10 knots are to be expected there.
    </p>
  );
}
