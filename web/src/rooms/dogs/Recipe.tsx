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
              <>
                <Select
                  aria-label={`Product ${String(i + 1)}`}
                  style={{ width: 190 }}
                  value={line.product}
                  options={PRODUCT_OPTIONS}
                  onChange={(product: ProductId) => set(i, { product })}
                />
                <Select
                  aria-label={`Zones of ${PRODUCT_NAMES[line.product]}`}
                  mode="multiple"
                  maxTagCount="responsive"
                  placeholder="all over"
                  style={{ flex: 1, minWidth: 150 }}
                  value={line.zones}
                  options={ZONE_OPTIONS}
                  onChange={(zones: ZoneId[]) => set(i, { zones })}
                />
                <Button
                  type="text"
                  aria-label={`${PRODUCT_NAMES[line.product]} earlier`}
                  icon={<ArrowUpOutlined />}
                  disabled={i === 0}
                  onClick={() => up(i)}
                />
                <Button
                  type="text"
                  aria-label={`${PRODUCT_NAMES[line.product]} away`}
                  icon={<DeleteOutlined />}
                  onClick={() => setDraft(lines.filter((_, k) => k !== i))}
                />
              </>
            )}
          </li>
        ))}
      </ol>
      {mayChange && (
        <div className="found">
          <Button icon={<PlusOutlined />} onClick={() => setDraft([...lines, { product: 'liftSpray', zones: [] }])}>
            One more product
          </Button>
          {draft !== null && (
            <>
              <Button onClick={() => setDraft(null)}>Leave it</Button>
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
