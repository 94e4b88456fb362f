/*
 * A dog's finishing recipe: product by product in order, with its zones; the bag and the after-show list come from it.
 */
import ArrowUpOutlined from '@ant-design/icons/ArrowUpOutlined';
import DeleteOutlined from '@ant-design/icons/DeleteOutlined';
import PlusOutlined from '@ant-design/icons/PlusOutlined';
import { Button, Select } from 'antd';
import { useState } from 'react';
import { PRODUCT_IDS, ZONE_IDS, removalList } from '@loyal-mane/core';
import type { DogParts, ProductId, ZoneId } from '@loyal-mane/core';
import { PRODUCTS, ZONE_NAMES, bagList } from '@loyal-mane/library';
import { PRODUCT_NAMES, zonesWords } from '@loyal-mane/library/words';
import { coatOf, recordOf, useDogRecord } from '../../parts/dogRecord';
import type { Dog } from '../../parts/dogRecord';

type Line = NonNullable<DogParts['recipe']>[number];

const PRODUCT_OPTIONS = PRODUCT_IDS.map((value) => ({ value, label: PRODUCT_NAMES[value] }));
const ZONE_OPTIONS = ZONE_IDS.map((value) => ({ value, label: ZONE_NAMES[value] }));

/** The products of a dog's finish, in their order. */
export function Recipe({ dog, mayChange }: { dog: Dog; mayChange: boolean }) {
  const saved = recordOf(dog).recipe ?? [];
  const [draft, setDraft] = useState<readonly Line[] | null>(null);
  const { save, busy } = useDogRecord(dog);
  const lines = draft ?? saved;
  const set = (i: number, changes: Partial<Line>): void =>
    setDraft(lines.map((l, k) => (k === i ? { ...l, ...changes } : l)));
  const up = (i: number): void => {
    const next = [...lines];
    const [line] = next.splice(i, 1);
    if (line !== undefined) next.splice(i - 1, 0, line);
    setDraft(next);
  };
  const out = removalList([...lines], PRODUCTS);
  return (
    <section aria-label="Finishing recipe">
      <h2 className="serif">Finishing recipe</h2>
      {lines.length === 0 && <p className="soft">None yet. What worked is kept here and used at the next show.</p>}
      <ol className="recipe">
        {lines.map((line, i) => (
          <li key={`${line.product}${String(i)}`}>
            {!mayChange &&
              `${PRODUCT_NAMES[line.product]}: ${line.zones.length === 0 ? 'all over' : zonesWords(line.zones)}`}
            {mayChange && (
              <LineFields
                line={line}
                place={i + 1}
                onChange={(changes) => set(i, changes)}
                onUp={() => up(i)}
                onRemove={() => setDraft(lines.filter((_, k) => k !== i))}
              />
            )}
          </li>
        ))}
      </ol>
      {mayChange && (
        <div className="found">
          <Button icon={<PlusOutlined />} onClick={() => setDraft([...lines, { product: 'liftSpray', zones: [] }])}>
            Add product
          </Button>
          {draft !== null && (
            <>
              <Button onClick={() => setDraft(null)}>Discard changes</Button>
              <Button type="primary" loading={busy} onClick={() => save({ recipe: draft }, () => setDraft(null))}>
                Save the recipe
              </Button>
            </>
          )}
        </div>
      )}
      <h3>The bag</h3>
      <p>{bagList(coatOf(dog), [...lines]).join(', ')}.</p>
      <h3>Out after the show</h3>
      <p>
        {out.length === 0
          ? 'Nothing of the recipe has to come out; bands and tangles do.'
          : `${out.map((l) => `${PRODUCT_NAMES[l.product].toLowerCase()} (${l.zones.length === 0 ? 'all over' : zonesWords(l.zones)})`).join(', ')}.`}
      </p>
    </section>
  );
}

interface LineProps {
  readonly line: Line;
  /** Place in the order, from 1. */
  readonly place: number;
  readonly onChange: (changes: Partial<Line>) => void;
  readonly onUp: () => void;
  readonly onRemove: () => void;
}

function LineFields({ line, place, onChange, onUp, onRemove }: LineProps) {
  const name = PRODUCT_NAMES[line.product];
  return (
    <>
      <Select
        aria-label={`Product ${String(place)}`}
        className="w-product"
        value={line.product}
        options={PRODUCT_OPTIONS}
        onChange={(product: ProductId) => onChange({ product })}
      />
      <Select
        aria-label={`Zones of ${name}`}
        mode="multiple"
        maxTagCount="responsive"
        placeholder="all over"
        className="w-zones"
        value={line.zones}
        options={ZONE_OPTIONS}
        onChange={(zones: ZoneId[]) => onChange({ zones })}
      />
      <Button
        type="text"
        aria-label={`${name} earlier`}
        icon={<ArrowUpOutlined />}
        disabled={place === 1}
        onClick={onUp}
      />
      <Button type="text" aria-label={`Remove ${name}`} icon={<DeleteOutlined />} onClick={onRemove} />
    </>
  );
}
