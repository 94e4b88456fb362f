/*
 * Products for this dog: the next bath's products with reasons, what was used, the finishing recipe with its bag and what
 * comes out after the show, and what the coat has taught about settling and holding.
 */
import { Button, InputNumber, Segmented } from 'antd';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import {
  BATH_PURPOSES,
  bathProducts,
  finishProducts,
  holdMinutes,
  mixParts,
  settlesWhen,
  washCount,
} from '@loyal-mane/core';
import type { BathPurpose, LocalDay, ProductAdvice, Products, Settled } from '@loyal-mane/core';
import { HAIR_SHARES, LITERS_PER_M2, productZones } from '@loyal-mane/library';
import {
  PRODUCT_NAMES,
  PURPOSE_WORDS,
  SCOPE_WORDS,
  SETTLED_WORDS,
  monthDay,
  productWhyWords,
  productWords,
  whereWords,
} from '@loyal-mane/library/words';
import { coatOf, recordOf, useDogRecord } from '../../parts/dogRecord';
import type { Dog } from '../../parts/dogRecord';
import { methodsQuery } from '../../api/queries';
import { productsOf } from '../../parts/kennelProducts';
import { useRooms } from '../../parts/useRooms';
import { Recipe } from './Recipe';

interface Props {
  readonly dog: Dog;
  readonly today: LocalDay;
  readonly lead: boolean;
}

const SHOWN_USES = 8;

/** Bath products, the finishing recipe, and what the coat has taught. */
export function ProductsPart({ dog, today, lead }: Props) {
  const { kennel } = useRooms();
  const [purpose, setPurpose] = useState<BathPurpose>('show');
  const record = recordOf(dog);
  const coat = coatOf(dog);
  const entry = kennel.entries
    .filter((e) => e.dogId === dog.id && e.day >= today)
    .sort((x, y) => x.day.localeCompare(y.day))[0];
  const left = kennel.shows.find((s) => s.id === entry?.showId)?.rules.productsLeft ?? 'unknown';
  const bath = bathProducts(record, coat, purpose, today, productZones(coat));
  const finish = finishProducts(record, coat, left, productZones(coat));
  return (
    <div className="two-columns">
      <div>
        <section aria-label="Bath">
          <h2 className="serif">In the bath</h2>
          <Segmented
            aria-label="Purpose of the bath"
            value={purpose}
            options={BATH_PURPOSES.map((value) => ({ value, label: PURPOSE_WORDS[value] }))}
            onChange={(value: BathPurpose) => setPurpose(value)}
          />
          <AdviceList dog={dog} list={bath} />
        </section>
        <section aria-label="Finish">
          <h2 className="serif">For the finish</h2>
          <AdviceList dog={dog} list={finish} />
          {left === 'unknown' && (
            <p className="soft">What the show says of products left in the coat is not known: check its own rules.</p>
          )}
        </section>
        <Uses dog={dog} />
      </div>
      <div>
        <Recipe key={dog.version} dog={dog} mayChange={lead} />
        <Taught dog={dog} />
      </div>
    </div>
  );
}

function AdviceList({ dog, list }: { dog: Dog; list: readonly ProductAdvice[] }) {
  const { crew } = useRooms();
  const { log, busy } = useDogRecord(dog);
  const methods = useQuery({ ...methodsQuery, enabled: crew }).data;
  const products = productsOf(methods);
  const record = recordOf(dog);
  const own = methods?.dogs.find((d) => d.dogId === dog.id)?.schools;
  const side = own?.thickWashes ?? methods?.schools.thickWashes;
  const washes = washCount(coatOf(dog), record.density, side === 'b');
  return (
    <ul className="advice">
      {list.map((a) => (
        <li key={`${a.product}${a.scope}`} className={a.use ? '' : 'not'}>
          <span>
            <b>{PRODUCT_NAMES[a.product]}</b>
            {a.use ? `, ${whereWords(a)}` : ': not on this dog'}
            <br />
            <span className="soft">
              {a.use && `${productWords(products[a.product])}${amountWords(dog, a, products, washes)}. `}
              {productWhyWords(a.why)}
            </span>
          </span>
          {a.use && crew && (
            <Button
              size="small"
              disabled={busy}
              aria-label={`${PRODUCT_NAMES[a.product]} was used today`}
              onClick={() => {
                const zones = a.scope === 'zones' ? { zones: [...a.zones] } : {};
                log(
                  { what: 'use', product: a.product, scope: a.scope, ...zones },
                  `${PRODUCT_NAMES[a.product]}: written down.`,
                );
              }}
            >
              Used
            </Button>
          )}
        </li>
      ))}
    </ul>
  );
}

/** How much of the bottle a bath takes, where it is thinned; more than one wash is said. */
function amountWords(dog: Dog, a: ProductAdvice, products: Products, washes: number): string {
  if (products[a.product].parts === null) return '';
  const { density } = recordOf(dog);
  const tables = { litersPerM2: LITERS_PER_M2, hairShares: HAIR_SHARES, products };
  const bath = { dogId: dog.id, weightKg: dog.weightKg, coat: coatOf(dog), density, washes, advice: [a] };
  const [part] = mixParts(bath, tables);
  const ml = part?.neatMl ?? 0;
  const times = part?.washes === 2 ? ' for two washes' : '';
  return ml < 1 ? '' : `, about ${String(ml < 10 ? ml : Math.round(ml / 5) * 5)} ml of the bottle${times}`;
}

function Uses({ dog }: { dog: Dog }) {
  const uses = [...(recordOf(dog).uses ?? [])].reverse().slice(0, SHOWN_USES);
  return (
    <section aria-label="Used lately">
      <h2 className="serif">Used lately</h2>
      {uses.length === 0 && <p className="soft">Nothing is written down yet.</p>}
      <ul className="did">
        {uses.map((u, i) => (
          <li key={`${u.day}${u.product}${String(i)}`}>
            <span className="soft">{monthDay(u.day)}</span>
            <i />
            <span>
              <b>{PRODUCT_NAMES[u.product]}</b>, {SCOPE_WORDS[u.scope]}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}

/** When the coat is right after its bath, and how long a finish holds: logged, and used by the plan. */
function Taught({ dog }: { dog: Dog }) {
  const { crew } = useRooms();
  const { log, busy } = useDogRecord(dog);
  const [minutes, setMinutes] = useState<number | null>(null);
  const record = recordOf(dog);
  const settles = settlesWhen(record);
  const hold = holdMinutes(record);
  return (
    <section aria-label="What the coat has taught">
      <h2 className="serif">What the coat has taught</h2>
      <p>
        {settles === null
          ? 'When it is right after a bath is not known yet: the plan leaves it one night.'
          : `After a bath it is ${SETTLED_WORDS[settles]} (${String((record.settles ?? []).length)} logged): the plan's bath aims by that.`}
      </p>
      {crew && (
        <div className="found">
          {(Object.keys(SETTLED_WORDS) as Settled[]).map((right) => (
            <Button
              key={right}
              disabled={busy}
              onClick={() => log({ what: 'settle', right }, `Written down: ${SETTLED_WORDS[right]}.`)}
            >
              {SETTLED_WORDS[right]}
            </Button>
          ))}
        </div>
      )}
      <p>
        {hold === null
          ? 'How long a finish holds is not known yet.'
          : `A finish holds about ${String(Math.round(hold))} min: it may not end earlier than that allows.`}
      </p>
      {crew && (
        <div className="found">
          <InputNumber
            aria-label="Minutes that the finish held"
            min={5}
            max={600}
            precision={0}
            value={minutes}
            onChange={setMinutes}
            suffix="min"
            style={{ width: 120 }}
          />
          <Button
            disabled={busy || minutes === null}
            onClick={() => {
              if (minutes !== null) log({ what: 'hold', minutes }, 'Written down.');
              setMinutes(null);
            }}
          >
            Record how long it held
          </Button>
        </div>
      )}
    </section>
  );
}
