/*
 * Dogs: how is each coat? One line a dog, those with something in the coat first.
 */
import { Input } from 'antd';
import { Link, useSearchParams } from 'react-router';
import { dayWords } from '@loyal-mane/library/words';
import { DogBadge } from '../../parts/Glyph';
import { monthDay } from '../../parts/monthDay';
import { useNow } from '../../parts/useNow';
import { useRooms } from '../../parts/useRooms';
import { foundWords } from '../../parts/foundWords';
import type { Dog } from '../../parts/dogRecord';
import { localDayOf } from '@loyal-mane/core';

export default function DogsRoom() {
  const { kennel, names } = useRooms();
  const [params, setParams] = useSearchParams();
  const today = localDayOf(useNow(60_000), names.zone);
  const typed = (params.get('find') ?? '').toLowerCase();
  const shown = kennel.dogs
    .filter((d) => `${d.name} ${d.breed}`.toLowerCase().includes(typed))
    .sort((x, y) => marksOf(y) - marksOf(x) || x.name.localeCompare(y.name));
  const troubled = kennel.dogs.filter((d) => marksOf(d) > 0);
  return (
    <div className="room">
      <div className="sheet-head">
        <h1>{answer(troubled)}</h1>
        <div className="days">
          <Input
            aria-label="Find a dog"
            placeholder="Find a dog or a breed"
            allowClear
            style={{ width: 220 }}
            defaultValue={params.get('find') ?? ''}
            onChange={(e) => setParams(e.target.value === '' ? {} : { find: e.target.value }, { replace: true })}
          />
        </div>
      </div>
      <ul className="dog-lines" aria-label="Dogs">
        {shown.map((d) => (
          <li key={d.id}>
            <Link to={`/dogs/${d.id}`}>
              <DogBadge badge={d.badge} width={46} />
              <b className="serif">{d.name}</b>
              <span className="soft">
                {d.breed}, {d.weightKg} kg
              </span>
              <span className={marksOf(d) > 0 ? 'bad' : 'soft'}>{marksOf(d) > 0 ? foundWords(d) : 'clear'}</span>
              <span className="when">{nextRing(d)}</span>
            </Link>
          </li>
        ))}
        {shown.length === 0 && <li className="soft">No dog is called that.</li>}
      </ul>
    </div>
  );

  function nextRing(d: Dog): string {
    const next = kennel.entries
      .filter((e) => e.dogId === d.id && e.day >= today)
      .sort((x, y) => `${x.day}${x.ringTime}`.localeCompare(`${y.day}${y.ringTime}`))[0];
    if (next === undefined) return 'not entered';
    return `${dayWords(Date.parse(`${next.day}T12:00:00Z`), 'UTC').slice(0, 3)} ${monthDay(next.day)}, ${next.ringTime}`;
  }
}

function marksOf(d: Dog): number {
  return d.marks.mats.length + d.marks.soiled.length + d.marks.unready.length;
}

function answer(troubled: readonly Dog[]): string {
  if (troubled.length === 0) return 'Every coat is clear.';
  const names = troubled.slice(0, 3).map((d) => d.name);
  const more = troubled.length - names.length;
  return `Look at ${names.join(', ')}${more > 0 ? ` and ${String(more)} more` : ''}: something was found.`;
}
