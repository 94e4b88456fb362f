/*
 * A dog's zones that will be too short on the day, each with when it is long enough.
 */
import { useMemo } from 'react';
import { Link } from 'react-router';
import type { LocalDay } from '@loyal-mane/core';
import { ZONE_NAMES } from '@loyal-mane/library';
import { zoneCutWords } from '@loyal-mane/library/words';
import { NoteList } from '../../parts/NoteList';
import type { Dog } from '../../parts/dogRecord';
import { useRooms } from '../../parts/useRooms';
import { shortZones } from '../outline/shortZones';

interface Props {
  readonly dog: Dog;
  readonly today: LocalDay;
}

/** Nothing where all is long enough. */
export default function ShortHairLines({ dog, today }: Props) {
  const { kennel, plan, names } = useRooms();
  const { zone } = names;
  const cuts = useMemo(() => shortZones(dog, { kennel, plan, zone, today }), [dog, kennel, plan, zone, today]);
  if (cuts.length === 0) return null;
  return (
    <>
      <NoteList title="Too short" lines={cuts.map((c) => `${capital(ZONE_NAMES[c.row.zone])}: ${zoneCutWords(c)}`)} />
      <Link className="link" to={`/outline/${dog.id}`}>
        Outline
      </Link>
    </>
  );
}

function capital(name: string): string {
  return name.charAt(0).toUpperCase() + name.slice(1);
}
