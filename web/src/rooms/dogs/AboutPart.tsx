/*
 * Who a dog is and what it is like, as a form, with the trail of its changes.
 */
import { useSuspenseQuery } from '@tanstack/react-query';
import { useNavigate } from 'react-router';
import type { KennelRow } from '@loyal-mane/core';
import { rowsQuery } from '../../api/rows';
import type { Kennel } from '../../api/queries';
import { libraryOf } from '../../parts/dogRecord';
import type { Dog } from '../../parts/dogRecord';
import { RowForm } from '../../parts/rows/RowForm';
import { Trail } from '../../parts/rows/Trail';
import { aboutFields, fieldsOf } from './dogFields';

/** Name, breed, owner and other facts as a form; leads only. */
export function AboutPart({ dog, kennel }: { dog: Dog; kennel: Kennel }) {
  const rows = useSuspenseQuery(rowsQuery).data;
  const navigate = useNavigate();
  const row = (rows.dogs.find((d) => d.id === dog.id) ?? null) as KennelRow | null;
  const breeds = [...libraryOf(kennel).breeds.keys()].sort();
  if (row === null) return <p className="soft">This dog is not there any more.</p>;
  return (
    <div className="two-columns">
      <RowForm
        key={dog.id}
        list="dogs"
        row={row}
        specs={aboutFields(rows, breeds, fieldsOf(dog, kennel))}
        kennel={rows}
        onDone={(saved) => {
          if (saved === null) void navigate('/dogs');
        }}
      />
      <Trail subject={dog.id} kennel={rows} />
    </div>
  );
}
