/*
 * Dogs: how is each coat? A list that can be searched, sorted and filtered, those with something in the coat first.
 */
import ImportOutlined from '@ant-design/icons/ImportOutlined';
import PlusOutlined from '@ant-design/icons/PlusOutlined';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { Button } from 'antd';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { localDayOf } from '@loyal-mane/core';
import { PLAIN_DOG } from '@loyal-mane/library';
import { monthDay, shortWeekday } from '@loyal-mane/library/words';
import type { Kennel } from '../../api/queries';
import { rowsQuery } from '../../api/rows';
import { DogBadge } from '../../parts/Glyph';
import type { Dog } from '../../parts/dogRecord';
import { libraryOf, recordOf } from '../../parts/dogRecord';
import { countWords } from '../../parts/countWords';
import { foundWords, isLookedAt } from '../../parts/foundWords';
import { RowDrawer } from '../../parts/rows/RowDrawer';
import type { Opened } from '../../parts/rows/RowDrawer';
import { RowTable } from '../../parts/rows/RowTable';
import type { Column } from '../../parts/rows/RowTable';
import { WalkLine } from '../../parts/WalkLine';
import { useNow } from '../../parts/useNow';
import { useRooms } from '../../parts/useRooms';
import { useWork, workedDogs } from '../../parts/useWork';
import { useWidth } from '../../parts/useWidth';
import { firstFields } from './dogFields';
import './dogs.css';

/** Below this many pixels only name and state are shown. */
const NARROW_PX = 700;

/** All dogs, those in whose coat something was found first. */
export default function DogsRoom() {
  const { kennel, names, lead, crew } = useRooms();
  const worked = useWork(workedDogs);
  const stateOf = (d: Dog): string =>
    marksOf(d) > 0 ? foundWords(d) : isLookedAt(d, worked) ? 'clear' : 'not looked at yet';
  const navigate = useNavigate();
  const client = useQueryClient();
  const [ref, width] = useWidth(1200);
  const rows = useQuery({ ...rowsQuery, enabled: lead }).data ?? null;
  const [opened, setOpened] = useState<Opened | null>(null);
  const today = localDayOf(useNow(60_000), names.zone);
  const here = kennel.dogs.filter((d) => !hasLeft(d, today));
  const troubled = here.filter((d) => marksOf(d) > 0);
  const dogs = [...kennel.dogs].sort((x, y) => marksOf(y) - marksOf(x) || x.name.localeCompare(y.name));
  const enter = async (): Promise<void> => {
    const there = await client.query(rowsQuery);
    setOpened({
      list: 'dogs',
      row: null,
      title: 'Add a dog',
      specs: firstFields(there, [...libraryOf(kennel).breeds.keys()].sort()),
      blank: PLAIN_DOG,
    });
  };
  const wide = width > NARROW_PX;
  return (
    <div className="room" ref={ref}>
      <div className="sheet-head">
        <h1>{answer(here, troubled, here.filter((d) => !isLookedAt(d, worked)).length)}</h1>
        {crew && <WalkLine />}
      </div>
      <RowTable
        name="Dogs"
        rows={dogs}
        idOf={(d) => d.id}
        onOpen={(d) => void navigate(`/dogs/${d.id}`)}
        empty="No dog yet. Add the first, or bring them all in from a CSV file."
        tools={
          lead ? (
            <>
              <Button icon={<ImportOutlined />} onClick={() => void navigate('/bring-in?what=dogs')}>
                From CSV
              </Button>
              <Button type="primary" icon={<PlusOutlined />} onClick={() => void enter()}>
                Add dog
              </Button>
            </>
          ) : null
        }
        columns={[...nameColumn, ...(wide ? factColumns : []), ...stateColumns(kennel, today, stateOf)]}
      />
      {rows !== null && <RowDrawer opened={opened} kennel={rows} onClose={() => setOpened(null)} />}
    </div>
  );
}

type DogColumn = Column<Dog>;

const nameColumn: readonly DogColumn[] = [
  {
    name: 'Name',
    text: (d) => d.name,
    width: 180,
    show: (d) => (
      <span className="dog-cell">
        <DogBadge badge={d.badge} width={40} />{' '}
        <Link to={`/dogs/${d.id}`}>
          <b className="serif">{d.name}</b>
        </Link>
      </span>
    ),
  },
];

const factColumns: readonly DogColumn[] = [
  { name: 'Breed', text: (d) => d.breed, filter: true },
  { name: 'Sex', text: (d) => d.sex, filter: true, width: 80 },
  { name: 'Born', text: (d) => d.born, width: 110 },
  { name: 'Weight', text: (d) => `${String(d.weightKg)} kg`, by: (d) => d.weightKg, width: 90 },
  { name: 'Run', text: (d) => recordOf(d).run ?? '', filter: true, width: 90 },
];

function stateColumns(kennel: Kennel, today: string, stateOf: (d: Dog) => string): readonly DogColumn[] {
  return [
    {
      name: 'Coat',
      text: stateOf,
      by: (d) => -marksOf(d),
      show: (d) => <span className={marksOf(d) > 0 ? 'bad' : 'soft'}>{stateOf(d)}</span>,
    },
    {
      name: 'Next ring',
      text: (d) => (hasLeft(d, today) ? 'no longer here' : nextRing(kennel, d, today)),
      by: (d) => nextKey(kennel, d, today),
      width: 150,
    },
  ];
}

function hasLeft(d: Dog, today: string): boolean {
  const { leftOn } = recordOf(d);
  return leftOn !== undefined && leftOn <= today;
}

function nextEntry(kennel: Kennel, d: Dog, today: string) {
  return kennel.entries
    .filter((e) => e.dogId === d.id && e.day >= today)
    .sort((x, y) => `${x.day}${x.ringTime}`.localeCompare(`${y.day}${y.ringTime}`))[0];
}

function nextKey(kennel: Kennel, d: Dog, today: string): string {
  const next = nextEntry(kennel, d, today);
  return next === undefined ? '~' : `${next.day} ${next.ringTime}`;
}

function nextRing(kennel: Kennel, d: Dog, today: string): string {
  const next = nextEntry(kennel, d, today);
  if (next === undefined) return 'not entered';
  return `${shortWeekday(next.day)} ${monthDay(next.day)}, ${next.ringTime}`;
}

function marksOf(d: Dog): number {
  return d.marks.mats.length + d.marks.soiled.length + d.marks.unready.length;
}

function answer(here: readonly Dog[], troubled: readonly Dog[], unseen: number): string {
  if (here.length === 0) return 'No dog is entered yet.';
  if (troubled.length === 0 && unseen > 0)
    return unseen === here.length
      ? 'No coat has been looked at yet.'
      : `${countWords(unseen, 'coat')} not looked at yet, the others are clear.`;
  if (troubled.length === 0) return 'No mats, damp spots or dirt on record.';
  const names = troubled.slice(0, 3).map((d) => d.name);
  const more = troubled.length - names.length;
  return `Look at ${names.join(', ')}${more > 0 ? ` and ${String(more)} more` : ''}: something was found.`;
}
