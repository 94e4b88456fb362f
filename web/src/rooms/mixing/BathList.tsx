/*
 * The baths of a day in the order of work: each product with its zones, how often, how much, how long, and how it leaves the coat.
 */
import { Link } from 'react-router';
import type { Products } from '@loyal-mane/core';
import { PRODUCT_NAMES, clockWords } from '@loyal-mane/library/words';
import type { Names } from '@loyal-mane/library/words';
import type { Kennel } from '../../api/queries';
import { DogBadge } from '../../parts/Glyph';
import { partWords } from '../../parts/mixWords';
import type { PlannedMix } from './mixDay';
import type { Measure } from '../../parts/volumes';
import { volumeWords } from '../../parts/volumes';

interface Props {
  readonly mixes: readonly PlannedMix[];
  readonly kennel: Kennel;
  readonly names: Names;
  readonly products: Products;
  readonly measure: Measure;
}

/** Baths that are still to come with their products; those that are over in one line. */
export function BathList({ mixes, ...props }: Props) {
  const [open, over] = [mixes.filter((m) => !m.isOver), mixes.filter((m) => m.isOver)];
  return (
    <>
      <ol className="mix-baths" aria-label="Baths of the day">
        {open.map((mix) => (
          <BathRow key={mix.bath.key} mix={mix} {...props} />
        ))}
      </ol>
      {over.length > 0 && <p className="soft">Done: {over.map((m) => props.names.dog(m.bath.dogId)).join(', ')}.</p>}
    </>
  );
}

function BathRow({ mix, kennel, names, products, measure }: Omit<Props, 'mixes'> & { readonly mix: PlannedMix }) {
  const { bath, startMs, parts } = mix;
  const dog = kennel.dogs.find((d) => d.id === bath.dogId);
  return (
    <li>
      <div className="mix-dog">
        <DogBadge badge={dog?.badge ?? 'samoyed'} width={56} tone="tarn" />
        <span>
          <b className="serif">
            <Link to={`/dogs/${bath.dogId}`}>{names.dog(bath.dogId)}</Link>
          </b>
          <span className="soft">
            {clockWords(startMs, names.zone, names.clock)}
            {bath.stationId !== null && `, ${names.station(bath.stationId)}`}
          </span>
        </span>
      </div>
      <ul>
        {parts.map((part) => (
          <li key={`${part.product}${part.scope}`}>
            <b>{PRODUCT_NAMES[part.product]}</b>
            <span className="amount">{volumeWords(part.mixedMl, measure)}</span>
            <span className="soft">{partWords(part, products)}</span>
          </li>
        ))}
        {parts.length === 0 && <li className="soft">Nothing is mixed for it.</li>}
      </ul>
    </li>
  );
}
